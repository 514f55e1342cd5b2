import { useLayoutEffect, useRef, type RefObject } from 'react';
import { useLocation, useNavigationType } from 'react-router';

/**
 * Where a page stands that scrolls by itself: at its top when a link leads to it, and where it stood when one goes back to it or on to it
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
  useLayoutEffect(() => {
    if (shown.current === pathname) return;
    shown.current = pathname;
    const to = way === 'POP' ? (places.current.get(key) ?? 0) : 0;
    const go = () => ref.current?.scrollTo({ top: to });
    go();
    // What is measured after it is drawn, a long list, is as high only then.
    const frame = requestAnimationFrame(() => requestAnimationFrame(go));
    return () => cancelAnimationFrame(frame);
  }, [key, pathname, way]);
  return { ref, onScroll: () => void places.current.set(key, ref.current?.scrollTop ?? 0) };
}
