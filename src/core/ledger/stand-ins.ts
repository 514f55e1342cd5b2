import { GARMENT_KINDS } from '../records/pattern';
import { TABLES, type Ledger } from '../records/ledger';
import { ONE_OF, TABLE_NAMES, TABLE_WORDS, type TableName } from '../records/table-names';
import { firstOf } from '../units/item-at';
import { fromKeys } from '../units/keys';
import { referencesOf, type Reference } from './references';

/** An empty record that was put where a ledger speaks of one that it does not hold. */
export interface StandIn {
  readonly table: TableName;
  readonly id: string;
}

/** The day that an empty make or list bears: nobody knows the true one, and no day on which anything was sewn is claimed. */
const NO_DAY = '1900-01-01';
const NO_COLOUR = '#9a9a9a';

/** Puts an empty record in: its id is known, the rest is what its shape cannot be without, and the name says that it is missing. */
const PUT: { readonly [T in TableName]?: (ledger: Ledger, id: string, owner: string) => void } = {
  people: ({ people }, id) => people.push({ id, name: 'Missing person', child: false }),
  patterns: ({ patterns }, id) =>
    patterns.push(
      TABLES.patterns.parse({
        id,
        name: 'Missing pattern',
        kind: firstOf(GARMENT_KINDS),
        fitClass: 'semi',
        wants: { structure: 'woven' },
        views: [{ id: `${id.slice(0, 60)}-1`, name: 'unknown', zones: [] }],
      }),
    ),
  fabrics: ({ fabrics }, id) =>
    fabrics.push(
      TABLES.fabrics.parse({ id, name: 'Missing fabric', structure: 'woven', swatch: { print: 'plain', ground: NO_COLOUR, figure: NO_COLOUR } }),
    ),
  sets: ({ sets }, id) => sets.push({ id, name: 'Missing set' }),
  collections: ({ collections }, id) => collections.push({ id, name: 'Missing book', kind: 'book' }),
  occasions: ({ occasions }, id, owner) => occasions.push({ id, personId: owner, name: 'Missing occasion', date: NO_DAY }),
  lists: ({ lists }, id) => lists.push({ id, name: 'Missing list', added: NO_DAY }),
  makes: ({ makes }, id, owner) =>
    makes.push(
      TABLES.makes.parse({
        id,
        personId: owner,
        name: 'Missing make',
        sources: [],
        version: 1,
        kind: 'without fit',
        state: 'finished',
        cutOn: NO_DAY,
      }),
    ),
};

/** What every missing make is filed under where the ledger has nobody. */
const NOBODY = 'missing-person';

/**
 * A ledger in which every record that another speaks of is there: an empty one stands in where one is missing, so that what was said is
 * not lost for it.
 *
 * @returns the very same ledger where nothing is missing
 * @example withStandIns({ ...ledger, people: [] }).standIns // [{ table: 'people', id: 'maren' }]
 */
export function withStandIns(ledger: Ledger): { readonly ledger: Ledger; readonly standIns: readonly StandIn[] } {
  const { people } = ledger;
  const whole: Ledger = { ...ledger };
  const copied: Record<TableName, unknown[]> = whole;
  for (const table of TABLE_NAMES) copied[table] = [...ledger[table]];
  const ids = fromKeys(TABLE_NAMES, (table) => new Set(ledger[table].map((r) => r.id)));
  const standIns: StandIn[] = [];
  const owner = people[0]?.id ?? NOBODY;
  const standIn = ([table, id]: Reference) => {
    const put = PUT[table];
    if (ids[table].has(id) || !put) return;
    if (table === 'makes') standIn(['people', owner]);
    put(whole, id, owner);
    ids[table].add(id);
    standIns.push({ table, id });
  };
  for (const table of TABLE_NAMES) for (const record of ledger[table]) referencesOf(table, record).forEach(standIn);
  return standIns.length === 0 ? { ledger, standIns } : { ledger: whole, standIns };
}

/**
 * What a sewist is told of it.
 *
 * @example standInWords([{ table: 'fabrics', id: 'linen' }]) // ['It speaks of 1 fabric that it does not hold: an empty one stands in, called “Missing fabric”.']
 */
export function standInWords(standIns: readonly StandIn[]): string[] {
  return TABLE_NAMES.flatMap((table) => {
    const count = standIns.filter((s) => s.table === table).length;
    if (count === 0) return [];
    const [many, one] = count === 1 ? [ONE_OF[table], 'an empty one stands in'] : [TABLE_WORDS[table], 'empty ones stand in'];
    return [`It speaks of ${count} ${many} that it does not hold: ${one}, called “Missing ${ONE_OF[table]}”.`];
  });
}
