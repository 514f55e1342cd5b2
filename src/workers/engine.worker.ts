import { expose } from 'comlink';
import { reckon } from '../core/decide/reckoning';
import { FitLedger, type News } from '../core/fit/fit-ledger';
import { habitsOf } from '../core/fit/habits';
import type { PlannedCut } from '../core/fit/next-cut';
import type { ZoneId } from '../core/measure/zones';
import type { Make, Person } from '../core/records';

const ledger = new FitLedger();

/** The core behind a worker; nothing but wiring. */
const engine = {
  learn: (news: News) => ledger.learn(news),
  account: (personId: string, patternId: string, plan: PlannedCut) => ledger.account(personId, patternId, plan),
  spoke: (personId: string, patternId: string, zone: ZoneId) => {
    const input = ledger.caseOf(personId, patternId);
    return input ? ledger.memory(personId).spoke(input, zone) : [];
  },
  firstCut: (personId: string, patternId: string) => {
    const input = ledger.caseOf(personId, patternId);
    return input ? ledger.memory(personId).firstCut(input) : [];
  },
  reckoning: (personId: string, plan: PlannedCut) => ledger.everyCase(personId).map((input) => reckon(input, plan, ledger.memory(personId))),
  planned: (make: Make, plan: PlannedCut) => ledger.planned(make, plan),
  sizes: (personId: string, patternId: string, plan: PlannedCut, by: Person['sizedBy']) => ledger.sizes(personId, patternId, plan, by),
  habits: (personId: string) => habitsOf(ledger.memory(personId)),
  summaries: (personId: string, plan: PlannedCut) => ledger.summaries(personId, plan),
};
export type Engine = typeof engine;

expose(engine);
