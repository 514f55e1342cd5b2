/** How far a long work has come, and whether it is to be stopped. */
export interface LongWork {
  /** @param done 0 to 1 */
  readonly onProgress?: (done: number) => void;
  readonly stopped?: () => boolean;
}

/** Thrown out of a work that was stopped: nothing of it is kept. */
export class Stopped extends Error {
  constructor() {
    super('stopped');
  }
}

/** Tells how far it is, and lets go where it is to be stopped. */
export function tell({ onProgress, stopped }: LongWork, done: number): void {
  if (stopped?.()) throw new Stopped();
  onProgress?.(Math.min(1, done));
}

/**
 * A work that is one part of another, from one share of it to the next.
 *
 * @example partOf(work, 0.6, 1) // what it tells as done, half of it, is told as 0.8
 */
export function partOf({ onProgress, ...work }: LongWork, from: number, to: number): LongWork {
  return onProgress ? { ...work, onProgress: (done) => onProgress(from + (to - from) * done) } : work;
}
