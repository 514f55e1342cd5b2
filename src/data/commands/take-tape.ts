import type { MeasurementSet } from '../../core/records';
import type { IsoDate } from '../../core/units/date';
import type { LedgerDatabase } from '../database';
import type { Write } from '../journal';
import { newId } from '../new-id';
import { today } from '../today';

/**
 * Measures taken on a day, as one act worked out within the transaction that writes it: kept with the person's measures of that day, which
 * are begun where there are none.
 */
export async function takeTape(
  database: LedgerDatabase,
  personId: string,
  measures: MeasurementSet['measures'],
  date: IsoDate = today(),
): Promise<Write[]> {
  const own = await database.bodies.where('personId').equals(personId).toArray();
  const set = own.find((b) => b.date === date);
  if (!set) return [{ table: 'bodies', put: { id: newId(), personId, date, measures } }];
  return [{ table: 'bodies', from: set, to: { ...set, measures: { ...set.measures, ...measures } } }];
}
