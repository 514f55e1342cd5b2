import { expose } from 'comlink';
import { carryForward, type CarryForward } from '../core/fit/carry-forward';
import type { PatternCase } from '../core/fit/case';
import type { PlannedCut } from '../core/fit/next-cut';
import { Recollection } from '../core/fit/recollection';
import { summaries } from '../core/fit/summary';
import type { ZoneId } from '../core/measure/zones';
import { habitsOf } from '../core/fit/habits';

/** The last recollection of each person: after one new note only what it touches is reckoned again. */
const last = new Map<string, Recollection>();

function remember(all: readonly PatternCase[]): Recollection {
  const whose = all[0]?.makes[0]?.personId ?? '';
  const recollection = new Recollection(all, last.get(whose));
  last.set(whose, recollection);
  return recollection;
}

/** The core behind a worker; nothing but wiring. */
const engine = {
  /** @param all every pattern of the person: what they taught is the prior */
  carryForward: (input: PatternCase, plan: PlannedCut, all: readonly PatternCase[]): CarryForward | undefined =>
    carryForward(input, plan, remember(all)),
  spoke: (input: PatternCase, zone: ZoneId, all: readonly PatternCase[]) => remember(all).spoke(input, zone),
  firstCut: (input: PatternCase, all: readonly PatternCase[]) => remember(all).firstCut(input),
  habits: (all: readonly PatternCase[]) => habitsOf(remember(all)),
  summaries: (cases: readonly PatternCase[], plan: PlannedCut) => summaries(cases, plan, remember),
};
export type Engine = typeof engine;

expose(engine);
