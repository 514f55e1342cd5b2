import { useSyncExternalStore } from 'react';

const query = () => window.matchMedia('(max-width: 640px)');

/** Whether the screen is a phone's: for drawings, which cannot ask their style sheet. */
export function useNarrow(): boolean {
  return useSyncExternalStore(
    (changed) => {
      const media = query();
      media.addEventListener('change', changed);
      return () => media.removeEventListener('change', changed);
    },
    () => query().matches,
  );
}
