import { wrap, type Remote } from 'comlink';
import type { Reducer } from './picture.worker';

let remote: Remote<Reducer> | undefined;

/** The reducing of pictures, off the main thread; started when the first one comes. */
export function pictureReducer(): Remote<Reducer> {
  remote ??= wrap<Reducer>(new Worker(new URL('./picture.worker.ts', import.meta.url), { type: 'module', name: 'pictures' }));
  return remote;
}
