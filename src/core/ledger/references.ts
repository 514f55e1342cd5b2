import type { Ledger } from '../records/ledger';
import type { TableName } from '../records/table-names';

/** What a record cannot be without, by table and id. */
export type Reference = readonly [table: TableName, id: string];

/** A record that is spoken of only where its id is said. */
const maybe = (table: TableName, id: string | undefined): readonly Reference[] => (id === undefined ? [] : [[table, id]]);

/** What the records of each table cannot be without: a wear is nothing without its make, a make nothing without its person. */
const NEEDED: { readonly [T in TableName]: (record: Ledger[T][number]) => readonly Reference[] } = {
  people: () => [],
  patterns: (p) => [...maybe('collections', p.collectionId), ...(p.joins ?? []).map((s): Reference => ['patterns', s.patternId])],
  fabrics: () => [],
  lists: () => [],
  sets: () => [],
  collections: () => [],
  times: () => [],
  occasions: (o) => [['people', o.personId]],
  bodies: (b) => [['people', b.personId]],
  makes: (m) => [
    ['people', m.personId],
    ...m.sources.map((s): Reference => ['patterns', s.patternId]),
    ...m.fabrics.map((c): Reference => ['fabrics', c.fabricId]),
    ...maybe('sets', m.setId),
  ],
  wears: (w) => w.makeIds.map((id): Reference => ['makes', id]),
  plans: (p) => [
    ['people', p.personId],
    ...maybe('patterns', p.patternId),
    ...(p.joins ?? []).map((s): Reference => ['patterns', s.patternId]),
    ...maybe('lists', p.listId),
    ...maybe('sets', p.setId),
    ...maybe('occasions', p.occasionId),
    ...p.fabrics.map((c): Reference => ['fabrics', c.fabricId]),
  ],
  pictures: (p) => [
    ...maybe('makes', p.makeId),
    ...maybe('fabrics', p.fabricId),
    ...maybe('patterns', p.patternId),
    ...maybe('plans', p.planId),
    ...maybe('people', p.personId),
  ],
};

/** Records that a record of a table cannot be without. */
export function referencesOf<T extends TableName>(table: T, record: Pick<Ledger[T][number], keyof Ledger[T][number]>): readonly Reference[] {
  // A lookup loses that table and record belong together, which the parameters say.
  return (NEEDED[table] as (record: object) => readonly Reference[])(record);
}
