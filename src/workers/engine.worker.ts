import { expose } from 'comlink';
import { carryForward } from '../core/fit/carry-forward';
import { summaries } from '../core/fit/summary';

/** The core behind a worker; nothing but wiring. */
const engine = { carryForward, summaries };
export type Engine = typeof engine;

expose(engine);
