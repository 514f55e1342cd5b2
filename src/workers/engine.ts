import { wrap, type Remote } from 'comlink';
import type { CaseTables } from '../core/garment/case';
import { newsBetween } from '../core/engine/session';
import type { Engine } from './engine.worker';

/** The engine, off the main thread. It starts when a page comes that asks it, while the tables are still being read. */
const remote: Remote<Engine> = wrap<Engine>(new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module', name: 'engine' }));
let told: CaseTables | undefined;

/** The engine, told what changed in the tables since the last question; messages arrive in the order in which they were sent. */
export function engine(tables: CaseTables): Remote<Engine> {
  const news = newsBetween(told, tables);
  // Told nothing new it goes on with what it has; every learning lets go of what was worked out.
  if (Object.values(news).some(({ put, gone }) => put.length + gone.length > 0)) void remote.learn(news);
  told = tables;
  return remote;
}
