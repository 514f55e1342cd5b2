import { referencesOf } from '../core/ledger/references';
import { ONE_OF, TABLE_NAMES, type TableName } from '../core/records/table-names';
import { counted } from '../core/units/counted';
import { addToGroup } from '../core/units/group-by';
import type { Change, LedgerDatabase } from './database';

/** Records that speak of others of a table, by the ids of those. */
const SPEAKING_OF: { readonly [T in TableName]?: (database: LedgerDatabase, ids: readonly string[]) => readonly [TableName, Promise<number>][] } = {
  people: ({ bodies, makes, plans }, ids) => [
    ['bodies', bodies.where('personId').anyOf(ids).count()],
    ['makes', makes.where('personId').anyOf(ids).count()],
    ['plans', plans.where('personId').anyOf(ids).count()],
  ],
  patterns: ({ makes, patterns, plans, pictures }, ids) => [
    ['makes', makes.filter((m) => m.sources.some((s) => ids.includes(s.patternId))).count()],
    [
      'plans',
      plans.filter((p) => [p.patternId, ...(p.joins ?? []).map((s) => s.patternId)].some((id) => id !== undefined && ids.includes(id))).count(),
    ],
    ['patterns', patterns.filter((p) => (p.joins ?? []).some((s) => ids.includes(s.patternId))).count()],
    ['pictures', pictures.where('patternId').anyOf(ids).count()],
  ],
  fabrics: ({ makes, plans, pictures }, ids) => [
    ['makes', makes.filter((m) => m.fabrics.some((u) => ids.includes(u.fabricId))).count()],
    ['plans', plans.filter((p) => p.fabrics.some((u) => ids.includes(u.fabricId))).count()],
    ['pictures', pictures.where('fabricId').anyOf(ids).count()],
  ],
  makes: ({ wears, pictures }, ids) => [
    ['wears', wears.where('makeIds').anyOf(ids).count()],
    ['pictures', pictures.where('makeId').anyOf(ids).count()],
  ],
  lists: ({ plans }, ids) => [['plans', plans.where('listId').anyOf(ids).count()]],
  plans: ({ pictures }, ids) => [['pictures', pictures.where('planId').anyOf(ids).count()]],
  sets: ({ makes, plans }, ids) => [
    ['makes', makes.filter((m) => m.setId !== undefined && ids.includes(m.setId)).count()],
    ['plans', plans.filter((p) => p.setId !== undefined && ids.includes(p.setId)).count()],
  ],
  occasions: ({ plans }, ids) => [['plans', plans.filter((p) => p.occasionId !== undefined && ids.includes(p.occasionId)).count()]],
  collections: ({ patterns }, ids) => [['patterns', patterns.filter((p) => p.collectionId !== undefined && ids.includes(p.collectionId)).count()]],
};

const MANY = 100;

/**
 * Refuses an act that would leave a record speaking of one that is not there: what it was worked out from may have been removed, or come to
 * be needed, in another window. Asked within the transaction, after all is stored: what it throws takes all of it back. A record that spoke
 * of something missing before may still be changed.
 *
 * @throws with a sentence that says what is missing, or what still needs it
 */
export async function keepWhole(database: LedgerDatabase, changes: readonly Change[]): Promise<void> {
  const needed = new Map<TableName, [id: string, by: TableName][]>();
  const gone = new Map<TableName, string[]>();
  for (const { table, id, before, after } of changes) {
    if (!after && before) addToGroup(gone, table, id);
    if (!after) continue;
    const known = new Set(before ? referencesOf(table, before).map(([other, of]) => `${other} ${of}`) : []);
    for (const [other, of] of referencesOf(table, after)) if (!known.has(`${other} ${of}`)) addToGroup(needed, other, [of, table]);
  }
  for (const [table, by] of needed) {
    const ids = [...new Set(by.map(([id]) => id))];
    const records = database.table<unknown, string>(table);
    // Of many, all keys at once are found sooner than one by one.
    const there = new Set(await (ids.length > MANY ? records.toCollection() : records.where(':id').anyOf(ids)).primaryKeys());
    const lacking = by.find(([id]) => !there.has(id));
    if (lacking)
      throw new Error(
        `the ${ONE_OF[table]} that this ${ONE_OF[lacking[1]]} speaks of is no longer in the ledger. It was removed, perhaps in another window; Ctrl Z brings it back.`,
      );
  }
  for (const table of TABLE_NAMES) {
    const ids = gone.get(table);
    if (!ids) continue;
    for (const [by, asked] of SPEAKING_OF[table]?.(database, ids) ?? []) {
      const count = await asked;
      if (count > 0)
        throw new Error(
          `${counted(count, ONE_OF[by])} still ${count === 1 ? 'needs' : 'need'} this ${ONE_OF[table]}, entered perhaps in another window.`,
        );
    }
  }
}
