import { versionsOf } from '../src/core/make/versions';
import { sewAgain } from '../src/core/decide/sew-again';
import { carryForward } from '../src/core/forecast/carry-forward';
import { type CaseTables } from '../src/core/garment/case';
import { EngineSession } from '../src/core/engine/session';
import { newsBetween } from '../src/core/engine/tables';
import { habitsOf } from '../src/core/forecast/habits';
import type { Wear } from '../src/core/records';
import { whatItDid } from '../src/core/versions/what-it-did';
import { wardrobe } from '../src/core/wear/wardrobe';
import { PERSON, TODAY } from './large-ledger';

const PLAN = { date: TODAY, unit: 'cm' as const };

/** What is worked out of one pattern: the next cut, whether to sew it again, what its last change did. */
export function reckon(ledger: EngineSession, patternId: string): void {
  const input = ledger.caseOf(PERSON, patternId)!;
  const carried = carryForward(input, PLAN, ledger.memory(PERSON));
  ledger.sizes(PERSON, patternId, PLAN, undefined);
  sewAgain({ input, carried, today: TODAY });
  const versions = versionsOf(input);
  for (const [i, later] of versions.slice(1).entries()) whatItDid(input, versions[i]!, later);
}

/** All that the engine works out of a ledger, from nothing (engine.md, sections 1 to 9). */
export function reckonAll(tables: CaseTables, wears: readonly Wear[]): void {
  const ledger = new EngineSession();
  ledger.learn(newsBetween({}, tables));
  habitsOf(ledger.memory(PERSON));
  for (const { id } of tables.patterns) reckon(ledger, id);
  wardrobe(tables.makes, wears, tables.patterns, tables.fabrics, 'north', TODAY);
}
