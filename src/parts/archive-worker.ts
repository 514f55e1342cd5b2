import { releaseProxy, wrap, type Remote } from 'comlink';
import { watched } from '../workers/engine-error';
import type { Archive } from '../data/archive/archive.worker';

/** A worker with the archive in it, while it is there. */
interface Running {
  readonly archive: Remote<Archive>;
  /** Broken when it cannot be started, or falls over: its answer would be waited for for ever. */
  readonly broken: Promise<never>;
  readonly end: () => void;
}

const running = new Set<Running>();

function started(): Running {
  const worker = new Worker(new URL('../data/archive/archive.worker.ts', import.meta.url), { type: 'module', name: 'archive' });
  const archive = wrap<Archive>(worker);
  const { broken } = watched(worker, () => running.delete(one));
  const one: Running = {
    archive,
    broken,
    end: () => {
      running.delete(one);
      archive[releaseProxy]();
      worker.terminate();
    },
  };
  running.add(one);
  return one;
}

/** What a work asks of the archive, off the main thread. */
type Work<T> = (archive: Remote<Archive>) => Promise<T>;

/**
 * Runs a work of the archive in a worker of its own. What a large ledger takes of memory goes with the worker, and not when the browser
 * finds time for it: the work after it begins with none.
 *
 * @throws EngineError where no worker can be started
 * @example const saved = await inOwnWorker((archive) => archive.save(written, unit, onProgress))
 */
export async function inOwnWorker<T>(work: Work<T>): Promise<T> {
  const one = started();
  try {
    return await Promise.race([work(one.archive), one.broken]);
  } finally {
    one.end();
  }
}

/** The worker in which a file was looked through: it stays open there until it is taken. */
let looking: Running | undefined;

/** Looks through a file, which stays open until it is taken, or another is looked through. */
export function lookInWorker<T>(work: Work<T>): Promise<T> {
  looking ??= started();
  const one = looking;
  one.broken.catch(() => (looking = looking === one ? undefined : looking));
  return Promise.race([work(one.archive), one.broken]);
}

/** Takes the file that was looked through last. */
export async function takeInWorker<T>(work: Work<T>): Promise<T> {
  const one = looking ?? started();
  looking = undefined;
  try {
    return await Promise.race([work(one.archive), one.broken]);
  } finally {
    one.end();
  }
}

/** Stops whatever work of the archive runs: each answers with nothing. */
export function stopArchive(): void {
  for (const { archive } of running) void archive.stop();
}
