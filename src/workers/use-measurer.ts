import type { Measurer } from './measure.worker';
import { useOwnWorker, type AskWorker } from './use-own-worker';

const start = () => new Worker(new URL('./measure.worker.ts', import.meta.url), { type: 'module', name: 'measure' });

/** A worker that measures in one picture: started when it is first asked, it ends with the page. */
export const useMeasurer = (): AskWorker<Measurer> => useOwnWorker<Measurer>(start);
