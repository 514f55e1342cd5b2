import { useCallback, useLayoutEffect, useRef, type RefObject } from 'react';
import { useLocation, useNavigationType } from 'react-router';

/**
 * Where a page stands that scrolls by itself, or with its window on a phone: at its top when a link leads to it, and where it stood when one goes back to it or on to it
 * again. What only asks another question of the same page leaves it where it is.
 *
 * @returns for the element that scrolls
 */
export function usePlaceOnPage(): { readonly ref: RefObject<HTMLElement | null>; readonly onScroll: () => void } {
  const ref = useRef<HTMLElement>(null);
  const { key, pathname } = useLocation();
  const way = useNavigationType();
  const places = useRef(new Map<string, number>());
  const shown = useRef(pathname);
  const onScroll = useCallback(() => void places.current.set(key, Math.max(ref.current?.scrollTop ?? 0, window.scrollY)), [key]);
  useLayoutEffect(() => {
    window.addEventListener('scroll', onScroll, { passive: true });
    return () => window.removeEventListener('scroll', onScroll);
  }, [onScroll]);
  useLayoutEffect(() => {
    if (shown.current === pathname) return;
    shown.current = pathname;
    const to = way === 'POP' ? (places.current.get(key) ?? 0) : 0;
    // Of the two only one has anything to scroll.
    const go = () => {
      ref.current?.scrollTo({ top: to });
      window.scrollTo({ top: to });
    };
    go();
    // What is measured after it is drawn, a long list, is as high only then.
    const frame = requestAnimationFrame(() => requestAnimationFrame(go));
    return () => cancelAnimationFrame(frame);
  }, [key, pathname, way]);
  return { ref, onScroll };
}
