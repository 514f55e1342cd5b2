import { wrap, type Remote } from 'comlink';
import type { Archive } from './archive.worker';

let remote: Remote<Archive> | undefined;

/** The archive out and in, off the main thread; started when it is first asked for. */
export function archiveWorker(): Remote<Archive> {
  remote ??= wrap<Archive>(new Worker(new URL('./archive.worker.ts', import.meta.url), { type: 'module', name: 'archive' }));
  return remote;
}
