import { wrap, type Remote } from 'comlink';
import type { CaseTables } from '../core/fit/case';
import { newsBetween } from '../core/fit/fit-ledger';
import type { Engine } from './engine.worker';

let remote: Remote<Engine> | undefined;
let told: CaseTables | undefined;

/**
 * The engine, off the main thread, started when it is first asked. It is told what changed in the tables since the last question;
 * messages arrive in the order in which they were sent.
 */
export function engine(tables: CaseTables): Remote<Engine> {
  remote ??= wrap<Engine>(new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module', name: 'engine' }));
  const news = newsBetween(told, tables);
  // Told nothing new it goes on with what it has; every learning lets go of what was worked out.
  if (Object.values(news).some(({ put, gone }) => put.length + gone.length > 0)) void remote.learn(news);
  told = tables;
  return remote;
}
