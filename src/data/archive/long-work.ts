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
