import { sewAgain } from '../src/core/decide/sew-again';
import { carryForward } from '../src/core/forecast/carry-forward';
import { type CaseTables } from '../src/core/garment/case';
import { EngineSession } from '../src/core/engine/session';
import { newsBetween } from '../src/core/engine/tables';
import { habitsOf } from '../src/core/forecast/habits';
import type { Wear } from '../src/core/records';
import { wardrobe } from '../src/core/wear/wardrobe';
import { PERSON, TODAY } from './large-ledger';

const PLAN = { date: TODAY, unit: 'cm' as const };

/** What is worked out of one pattern: the next cut, its size, whether to sew it again. What changes did is asked of one pattern at a time. */
export function reckon(ledger: EngineSession, patternId: string): void {
  const input = ledger.caseOf(PERSON, patternId)!;
  const carried = carryForward(input, PLAN, ledger.memory(PERSON));
  ledger.sizes(PERSON, patternId, PLAN, undefined);
  sewAgain({ input, carried, today: TODAY });
}

/** All that the engine works out of a ledger, from nothing (engine.md, sections 1 to 9 but for what changes did). */
export function reckonAll(tables: CaseTables, wears: readonly Wear[]): void {
  const ledger = new EngineSession();
  ledger.learn(newsBetween({}, tables));
  habitsOf(ledger.memory(PERSON));
  for (const { id } of tables.patterns) reckon(ledger, id);
  wardrobe(tables.makes, wears, tables.patterns, tables.fabrics, 'north', TODAY);
}
