import type { BodyMeasure } from '../../core/body/zones';
import type { LedgerDatabase } from '../database';
import type { Write } from '../journal';
import { newId } from '../new-id';
import { today } from '../today';

/**
 * One measure taken today, as one act worked out within the transaction that writes it: kept with the person's measures of today, which are
 * begun where there are none.
 */
export async function takeTape(database: LedgerDatabase, personId: string, measure: BodyMeasure, cm: number): Promise<Write[]> {
  const own = await database.bodies.where('personId').equals(personId).toArray();
  const set = own.find((b) => b.date === today());
  if (!set) return [{ table: 'bodies', put: { id: newId(), personId, date: today(), measures: { [measure]: cm } } }];
  return [{ table: 'bodies', from: set, to: { ...set, measures: { ...set.measures, [measure]: cm } } }];
}
