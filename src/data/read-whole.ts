import type { EntityTable, Table } from 'dexie';
import { lastOf } from '../core/units/item-at';

/** Records taken out of the database in one go: more would hold up a frame, since a browser unpacks what it is given all at once. */
const AT_ONCE = 1000;

/**
 * All records of a table as they stand at one moment, by their ids, taken out in parts: the page goes on being drawn between them.
 *
 * @param table any whose key is the `id` of its records
 * @param atOnce how many are taken out at once
 * @example await readWhole(db.wears) // as db.wears.toArray() would give, without a long frame
 */
export async function readWhole<T extends { readonly id: string }>(table: Table<T, string> | EntityTable<T, 'id'>, atOnce = AT_ONCE): Promise<T[]> {
  return table.db.transaction('r', table, async () => {
    const records = await table.limit(atOnce).toArray();
    for (let part = records; part.length === atOnce; records.push(...part))
      part = await table.where('id').above(lastOf(part).id).limit(atOnce).toArray();
    return records;
  });
}
