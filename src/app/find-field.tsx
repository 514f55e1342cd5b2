import { lazy, Suspense, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';

const Find = lazy(async () => ({ default: (await import('./find')).Find }));

export const FIND_LABEL = 'Find, or write a make in one line';
export const FIND_LOOK = 'h-9 min-w-0 flex-1 border-b border-rule2 bg-transparent font-serif text-[16px] italic focus:border-ink';

/** The find field on the strip. The search behind it is loaded when the field is first entered. */
export function FindField() {
  const [entered, setEntered] = useState(false);
  useHotkeys('slash', () => setEntered(true), { preventDefault: true, enabled: !entered });
  const waiting = <input aria-label={FIND_LABEL} placeholder={`${FIND_LABEL} …`} readOnly onFocus={() => setEntered(true)} className={FIND_LOOK} />;
  if (!entered) return waiting;
  return (
    <Suspense fallback={waiting}>
      <Find />
    </Suspense>
  );
}
