/** Why the engine, or another worker, has no answer: in its own words. What was entered is not touched by it. */
export class EngineError extends Error {
  constructor(cause: unknown) {
    super(cause instanceof Error ? cause.message : String(cause), { cause });
    this.name = 'EngineError';
  }

  /** What was caught, as an error of the engine; one that is such already stays as it is. */
  static of(error: unknown): EngineError {
    return error instanceof EngineError ? error : new EngineError(error);
  }
}

/** A worker whose end is noticed. */
export interface Watched {
  /** Never kept; broken when the worker is stopped, by a fault of its own or another question's: those still waiting would wait for ever. */
  readonly broken: Promise<never>;
  /** A worker that is at fault is not asked again. */
  readonly stop: (error: EngineError) => void;
}

/**
 * Watches a worker: one that cannot be started, or falls over, is stopped.
 *
 * @param onStop lets go of it
 */
export function watched(worker: Worker, onStop: () => void): Watched {
  let reject: (error: EngineError) => void = () => undefined;
  const broken = new Promise<never>((_, no) => (reject = no));
  const stop = (error: EngineError) => {
    worker.terminate();
    onStop();
    reject(error);
  };
  worker.addEventListener('error', (event) => {
    event.preventDefault();
    // What the browser puts before an error's own words helps nobody.
    stop(new EngineError(event.message.replace(/^Uncaught (?:\w*Error: )?/, '') || 'its worker could not be started'));
  });
  // Where nobody is asking, nobody need be told.
  broken.catch(() => undefined);
  return { broken, stop };
}
