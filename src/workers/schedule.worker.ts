import { expose } from 'comlink';
import { drawnAhead } from '../core/schedule/look-ahead';

/** Sews the bench through. */
const scheduler = { drawnAhead };
export type Scheduler = typeof scheduler;

expose(scheduler);
