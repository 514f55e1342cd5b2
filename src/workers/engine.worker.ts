import { expose } from 'comlink';
import { reckonAll } from '../core/decide/reckoning';
import { FitLedger, type News } from '../core/engine/session';
import { habitsOf } from '../core/forecast/habits';
import type { PlannedCut } from '../core/forecast/next-cut';
import { roomToGrow } from '../core/forecast/room-to-grow';
import type { ZoneId } from '../core/body/zones';
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
  reckoning: (personId: string, plan: PlannedCut, wanted: Person['wanted']) =>
    reckonAll(ledger.everyCase(personId), plan, ledger.memory(personId), wanted),
  planned: (make: Make, plan: PlannedCut) => ledger.planned(make, plan),
  growing: (make: Make, plan: PlannedCut) => {
    const input = ledger.caseOf(make.personId, make.sources[0]!.patternId);
    return input && roomToGrow(input, make, plan, ledger.memory(make.personId));
  },
  sizes: (personId: string, patternId: string, plan: PlannedCut, by: Person['sizedBy']) => ledger.sizes(personId, patternId, plan, by),
  habits: (personId: string) => habitsOf(ledger.memory(personId)),
  summaries: (personId: string, plan: PlannedCut) => ledger.summaries(personId, plan),
};
export type Engine = typeof engine;

expose(engine);
