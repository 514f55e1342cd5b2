import { useEffect, useRef, type RefObject } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';

const acts = () => [...document.querySelectorAll<HTMLElement>('[data-waits]')];

/** Which of all that waits has the focus, or had it last; -1 where none did. */
export type PlaceInLists = RefObject<number>;

/** Arrow keys walk over everything that waits. */
export function useWalk(): PlaceInLists {
  const at = useRef(-1);
  useHotkeys(
    'down,up',
    (event) => {
      const all = acts();
      const here = all.findIndex((act) => act === document.activeElement);
      const next = here === -1 ? 0 : here + (event.key === 'ArrowDown' ? 1 : -1);
      all[Math.max(0, Math.min(all.length - 1, next))]?.focus();
    },
    { preventDefault: true },
  );
  useEffect(() => {
    const remember = (event: FocusEvent) => {
      at.current = acts().findIndex((act) => act === event.target);
    };
    document.addEventListener('focusin', remember);
    return () => document.removeEventListener('focusin', remember);
  }, []);
  return at;
}

/** Done with one, the next has the focus, so that Enter, Enter, Enter works a list off: asked wherever lists are drawn anew. */
export function useNextInPlace(at: PlaceInLists): void {
  useEffect(() => {
    // The focused one is gone with what was done: the next stands in its place.
    if (at.current < 0 || document.activeElement !== document.body) return;
    const all = acts();
    all[Math.min(at.current, all.length - 1)]?.focus();
  });
}
