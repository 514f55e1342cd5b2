import { startTransition, useEffect, useState } from 'react';
import { whenIdle } from '../data/when-idle';

/** Whether the page has come to rest once since it was opened: what takes long begins then, and what is shown first need not wait for it. */
export function useRested(): boolean {
  const [rested, setRested] = useState(false);
  // A transition: what begins then and has to wait for something comes when it is ready, with nothing in its place meanwhile.
  useEffect(() => whenIdle(() => startTransition(() => setRested(true))), []);
  return rested;
}
