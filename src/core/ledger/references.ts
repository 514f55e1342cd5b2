import type { Ledger } from '../records/ledger';
import type { TableName } from '../records/table-names';

/** What a record cannot be without, by table and id. */
export type Reference = readonly [table: TableName, id: string];

/** What the records of each table cannot be without: a wear is nothing without its make, a make nothing without its person. */
const NEEDED: { readonly [T in TableName]: (record: Ledger[T][number]) => readonly Reference[] } = {
  people: () => [],
  patterns: () => [],
  fabrics: () => [],
  lists: () => [],
  bodies: (b) => [['people', b.personId]],
  makes: (m) => [
    ['people', m.personId],
    ...m.sources.map((s): Reference => ['patterns', s.patternId]),
    ...m.fabrics.map((c): Reference => ['fabrics', c.fabricId]),
  ],
  wears: (w) => w.makeIds.map((id): Reference => ['makes', id]),
  plans: (p) => [
    ['people', p.personId],
    ['patterns', p.patternId],
    ...(p.listId === undefined ? [] : [['lists', p.listId] satisfies Reference]),
    ...p.fabrics.map((c): Reference => ['fabrics', c.fabricId]),
  ],
  pictures: (p) => [p.makeId === undefined ? ['fabrics', p.fabricId!] : ['makes', p.makeId]],
};

/** Records that a record of a table cannot be without. */
export function referencesOf<T extends TableName>(table: T, record: Pick<Ledger[T][number], keyof Ledger[T][number]>): readonly Reference[] {
  // A lookup loses that table and record belong together, which the parameters say.
  return (NEEDED[table] as (record: object) => readonly Reference[])(record);
}
