import { toast } from 'react-toastify';
import { makesOf, lastVersion } from '../core/make/versions';
import { startMake } from '../core/make/log-draft';
import { planOfMake } from '../core/plan/plan-to-make';
import type { Pattern, Plan } from '../core/records';
import type { LengthUnit } from '../core/units/length';
import type { EngineTables } from '../core/engine/tables';
import type { CaseTables } from '../core/garment/case';
import { newId } from '../data/new-id';
import { today } from '../data/today';
import { askEngine } from '../workers/engine';

/**
 * A plan of a pattern, as what is carried forward says it; a pattern never cut begins as it was drafted. Where the next cut cannot be worked
 * out that is said, and the last cut is planned.
 */
export async function planOfPattern(
  tables: CaseTables & Pick<EngineTables, 'people'>,
  pattern: Pattern,
  personId: string,
  unit: LengthUnit,
  fabricId?: string,
): Promise<Plan> {
  const input = { pattern, makes: makesOf(tables.makes, pattern.id, personId), bodies: [], fabrics: tables.fabrics };
  const carried = await askEngine(tables, 'account', [
    personId,
    pattern.id,
    { date: today(), unit, ...(fabricId === undefined ? {} : { fabricId }) },
  ]).catch((error: unknown) => {
    const why = error instanceof Error ? error.message : String(error);
    toast.error(`The next cut could not be worked out (${why}): the last cut is planned instead.`);
    return undefined;
  });
  const begun = planOfMake(startMake(input, personId, today(), carried?.next ?? lastVersion(input), newId), newId(), today());
  return fabricId === undefined ? begun : { ...begun, fabrics: [{ id: newId(), fabricId, part: 'main' as const }] };
}
