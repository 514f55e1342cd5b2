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
/** The worker in which a file was looked through: it stays open there until it is taken. */
let looking: Running | undefined;

function started(): Running {
  const worker = new Worker(new URL('../data/archive/archive.worker.ts', import.meta.url), { type: 'module', name: 'archive' });
  const archive = wrap<Archive>(worker);
  const letGo = () => {
    running.delete(one);
    if (looking === one) looking = undefined;
  };
  const { broken } = watched(worker, letGo);
  const one: Running = {
    archive,
    broken,
    end: () => {
      letGo();
      archive[releaseProxy]();
      worker.terminate();
    },
  };
  running.add(one);
  return one;
}

/** What a work asks of the archive, off the main thread. */
type Work<T> = (archive: Remote<Archive>) => Promise<T>;

const asked = <T>({ archive, broken }: Running, work: Work<T>): Promise<T> => Promise.race([work(archive), broken]);

/** The worker goes with its last work. */
const askedLast = <T>(one: Running, work: Work<T>): Promise<T> => asked(one, work).finally(one.end);

/**
 * Runs a work of the archive in a worker of its own. What a large ledger takes of memory goes with the worker, and not when the browser
 * finds time for it: the work after it begins with none.
 *
 * @throws EngineError where no worker can be started
 * @example const saved = await inOwnWorker((archive) => archive.save(written, unit, onProgress))
 */
export const inOwnWorker = <T>(work: Work<T>): Promise<T> => askedLast(started(), work);

/** Looks through a file, which stays open until it is taken, or another is looked through. */
export const lookInWorker = <T>(work: Work<T>): Promise<T> => asked((looking ??= started()), work);

/** Takes the file that was looked through last. */
export function takeInWorker<T>(work: Work<T>): Promise<T> {
  const one = looking ?? started();
  looking = undefined;
  return askedLast(one, work);
}

/** Stops whatever work of the archive runs: each answers with nothing. */
export function stopArchive(): void {
  for (const { archive } of running) void archive.stop();
}
