import { startTransition, useState } from 'react';

/**
 * What is open of something that is loaded when it is first opened. It is opened in a transition, so that it comes whole as soon as it is
 * loaded: with anything in its place meanwhile React would show it 300 ms later at the soonest. Its `Suspense` stands there from the first.
 *
 * @param closed what stands for closed
 * @example const [open, setOpen] = useOpened(false); // <Suspense>{open && <Sheet onClose={() => setOpen(false)} />}</Suspense>
 */
export function useOpened<T>(closed: T): readonly [T, (to: T) => void] {
  const [open, setOpen] = useState(closed);
  return [open, (to) => startTransition(() => setOpen(() => to))];
}
