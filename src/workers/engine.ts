import { wrap, type Remote } from 'comlink';
import type { EngineSession, Question } from '../core/engine/session';
import { newsBetween, type EngineTables } from '../core/engine/tables';
import type { Engine } from './engine.worker';

/** Why the engine has no answer: in its own words. What was entered is not touched by it. */
export class EngineError extends Error {
  constructor(cause: unknown) {
    super(cause instanceof Error ? cause.message : String(cause), { cause });
    this.name = 'EngineError';
  }
}

/** A worker that runs, with what it knows, and a promise that breaks when the worker is stopped. */
interface Running {
  readonly remote: Remote<Engine>;
  /** Never kept; broken when the worker is stopped, by a fault of its own or another question's: those still waiting would wait for ever. */
  readonly broken: Promise<never>;
  /** A worker that is at fault is not asked again: the next question starts another. */
  readonly stop: (error: EngineError) => void;
  known: Partial<EngineTables>;
}

function start(): Running {
  const worker = new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module', name: 'engine' });
  const { promise: broken, reject } = withReject();
  const started: Running = {
    remote: wrap<Engine>(worker),
    broken,
    stop: (error) => {
      worker.terminate();
      if (running === started) running = undefined;
      reject(error);
    },
    known: {},
  };
  worker.addEventListener('error', (event) => {
    event.preventDefault();
    started.stop(new EngineError(event.message || 'its worker could not be started'));
  });
  // Where nobody is asking, nobody need be told.
  broken.catch(() => undefined);
  return started;
}

function withReject(): { readonly promise: Promise<never>; readonly reject: (error: EngineError) => void } {
  let reject: (error: EngineError) => void = () => undefined;
  const promise = new Promise<never>((_, no) => (reject = no));
  return { promise, reject };
}

/** Started when a page comes that asks it, while the tables are still being read; one that broke is started anew by the next question. */
let running: Running | undefined = start();

/**
 * Asks the engine, off the main thread, after telling it what changed in the tables since the last question; messages arrive in the order in
 * which they were sent.
 *
 * @throws EngineError where it fails, or its worker does
 */
export async function askEngine<Q extends Question>(
  tables: Partial<EngineTables>,
  question: Q,
  args: Parameters<EngineSession[Q]>,
): Promise<Awaited<ReturnType<EngineSession[Q]>>> {
  const asked = (running ??= start());
  const { remote, broken, known } = asked;
  const news = newsBetween(known, tables);
  asked.known = { ...known, ...tables };
  // Told nothing new it goes on with what it has; every learning lets go of what was worked out.
  const learned = Object.keys(news).length > 0 ? remote.learn(news) : undefined;
  try {
    // Sent at once, not after the answer to what it learned: the messages of two questions must not overtake each other.
    const answer = remote.ask(question, args) as Promise<Awaited<ReturnType<EngineSession[Q]>>>;
    return await Promise.race([Promise.all([answer, learned]).then(([found]) => found), broken]);
  } catch (error) {
    const failed = error instanceof EngineError ? error : new EngineError(error);
    // It may not have learned what it was told: what it would say next could be of other records.
    if (learned) asked.stop(failed);
    throw failed;
  }
}
