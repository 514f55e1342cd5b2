import { wrap, type Remote } from 'comlink';
import type { Engine } from './engine.worker';

let remote: Remote<Engine> | undefined;

/** The engine, off the main thread; started when it is first asked. */
export function engine(): Remote<Engine> {
  remote ??= wrap<Engine>(new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module', name: 'engine' }));
  return remote;
}
