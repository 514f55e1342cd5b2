import { useCallback, useLayoutEffect, useRef, type RefObject } from 'react';
import { useLocation, useNavigationType } from 'react-router';

/** What somebody does who wants to be elsewhere on the page than where it is being put. */
const OF_HER_OWN = ['wheel', 'touchstart', 'pointerdown', 'keydown', 'input'] as const;

/**
 * Where a page stands that scrolls by itself, or with its window on a phone: at its top when a link leads to it, and where it stood when one goes back to it or on to it
 * again, as soon as it is as high as that: an account is reckoned before it is drawn, and a long list measured after. What only asks another question of the same page
 * leaves it where it is.
 *
 * @returns for the element that scrolls
 */
export function usePlaceOnPage(): { readonly ref: RefObject<HTMLElement | null>; readonly onScroll: () => void } {
  const ref = useRef<HTMLElement>(null);
  const { key, pathname } = useLocation();
  const way = useNavigationType();
  const places = useRef(new Map<string, number>());
  const shown = useRef(pathname);
  const returning = useRef(false);
  const onScroll = useCallback(() => {
    // A page that is not as high yet stands higher up than it did; that is not where it is to stand the next time.
    if (!returning.current) places.current.set(key, Math.max(ref.current?.scrollTop ?? 0, window.scrollY));
  }, [key]);
  useLayoutEffect(() => {
    window.addEventListener('scroll', onScroll, { passive: true });
    return () => window.removeEventListener('scroll', onScroll);
  }, [onScroll]);
  useLayoutEffect(() => {
    const page = ref.current;
    if (shown.current === pathname || !page) return;
    shown.current = pathname;
    const to = way === 'POP' ? (places.current.get(key) ?? 0) : 0;
    // Of the two only one has anything to scroll.
    const go = () => {
      page.scrollTo({ top: to });
      window.scrollTo({ top: to });
      return Math.max(page.scrollTop, window.scrollY) >= to - 1;
    };
    if (go()) return;
    returning.current = true;
    const grown = new MutationObserver(() => {
      if (go()) stop();
    });
    const stop = () => {
      returning.current = false;
      grown.disconnect();
      for (const act of OF_HER_OWN) window.removeEventListener(act, stop);
    };
    grown.observe(page, { childList: true, subtree: true, attributes: true, attributeFilter: ['style'] });
    for (const act of OF_HER_OWN) window.addEventListener(act, stop, { passive: true });
    return stop;
  }, [key, pathname, way]);
  return { ref, onScroll };
}
