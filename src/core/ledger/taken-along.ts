import { TABLE_NAMES, type TableName } from '../records/table-names';
import type { Ledger } from '../records/ledger';
import { fromKeys } from '../units/keys';
import { referencesOf } from './references';

/** Records as they are looked through for what they need: pictures may be without their bytes. */
export type Records = { readonly [T in TableName]: readonly Pick<Ledger[T][number], keyof Ledger[T][number]>[] };

/**
 * What a sewist entered in the demo, with what that cannot be without: the pattern of a make, the person it is for.
 *
 * @param now the ledger as it stands
 * @param demo the ids that came with it
 * @returns the ids to be taken along, by table; `own` counts those that she entered herself
 */
export function takenAlong(
  now: Records,
  demo: Readonly<Record<TableName, ReadonlySet<string>>>,
): { readonly ids: Readonly<Record<TableName, ReadonlySet<string>>>; readonly own: Readonly<Record<TableName, number>> } {
  const ids = fromKeys(TABLE_NAMES, () => new Set<string>());
  const byId = fromKeys(TABLE_NAMES, (table) => new Map(now[table].map((record) => [record.id, record])));
  const take = (table: TableName, id: string) => {
    const record = byId[table].get(id);
    if (!record || ids[table].has(id)) return;
    ids[table].add(id);
    for (const needed of referencesOf(table, record)) take(...needed);
  };
  const own = fromKeys(TABLE_NAMES, (table) => now[table].filter((record) => !demo[table].has(record.id)));
  for (const table of TABLE_NAMES) for (const { id } of own[table]) take(table, id);
  return { ids, own: fromKeys(TABLE_NAMES, (table) => own[table].length) };
}
