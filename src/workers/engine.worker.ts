import { expose } from 'comlink';
import { carryForward, type CarryForward } from '../core/fit/carry-forward';
import type { PatternCase } from '../core/fit/case';
import type { PlannedCut } from '../core/fit/next-cut';
import { Recollection } from '../core/fit/recollection';
import { summaries } from '../core/fit/summary';
import type { ZoneId } from '../core/measure/zones';
import { habitsOf } from '../core/fit/habits';

/** The core behind a worker; nothing but wiring. */
const engine = {
  /** @param all every pattern of the person: what they taught is the prior */
  carryForward: (input: PatternCase, plan: PlannedCut, all: readonly PatternCase[]): CarryForward | undefined =>
    carryForward(input, plan, new Recollection(all)),
  spoke: (input: PatternCase, zone: ZoneId, all: readonly PatternCase[]) => new Recollection(all).spoke(input, zone),
  firstCut: (input: PatternCase, all: readonly PatternCase[]) => new Recollection(all).firstCut(input),
  habits: (all: readonly PatternCase[]) => habitsOf(new Recollection(all)),
  summaries,
};
export type Engine = typeof engine;

expose(engine);
