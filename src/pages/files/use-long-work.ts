import { proxy } from 'comlink';
import { useState } from 'react';
import type { LongWork } from './long-work-bar';

/** A work that runs now, and how far it is: 0 to 1. */
interface Running {
  readonly what: string;
  readonly done: number;
}

/**
 * Runs works off the main thread, one at a time, and says what runs now.
 *
 * What a work tells of its course comes by another channel than its end, and may be heard after it: a work that has ended is never begun
 * again by that.
 */
export function useLongWork(): { readonly running: Running | undefined; readonly longWork: LongWork } {
  const [running, setRunning] = useState<Running & { readonly work: symbol }>();
  const longWork: LongWork = async (what, run) => {
    const work = Symbol(what);
    setRunning({ what, done: 0, work });
    try {
      return await run(proxy((done: number) => setRunning((now) => (now?.work === work ? { ...now, done } : now))));
    } finally {
      setRunning(undefined);
    }
  };
  return { running, longWork };
}
