import Dexie, { type EntityTable } from 'dexie';
import type { Cloth, Make, MeasurementSet, Pattern, Person, Picture, Plan, PlanList, TableName, Wear } from '../core/records';

/** A picture as it is stored: its bytes as a blob, not as text, with a small copy for lists (a drawing needs none). */
export type StoredPicture = Omit<Picture, 'data' | 'file' | 'sha256'> & { blob: Blob; small?: Blob };

/** What a table holds in the browser. */
export interface Stored {
  people: Person;
  bodies: MeasurementSet;
  patterns: Pattern;
  cloths: Cloth;
  makes: Make;
  wears: Wear;
  lists: PlanList;
  plans: Plan;
  pictures: StoredPicture;
}

/** One change of one record; `before` is absent for a new one, `after` for one removed. */
export interface Change<T extends TableName = TableName> {
  readonly table: T;
  readonly id: string;
  readonly before?: Stored[T];
  readonly after?: Stored[T];
}

/** One act of the sewist, which can be undone and redone as a whole. */
export interface JournalEntry {
  readonly seq: number;
  readonly label: string;
  readonly at: number;
  readonly changes: readonly Change[];
  readonly undone: 0 | 1;
}

interface Setting {
  readonly key: string;
  readonly value: unknown;
}

export const DATABASE_NAME = 'amber-ledger';

/**
 * Layouts of the database, oldest first. A layout that has reached users is never edited: a change is a new entry, with
 * `upgrade` where records must be rewritten.
 */
export const LAYOUTS: readonly { readonly version: number; readonly stores: Record<string, string | null> }[] = [
  {
    version: 1,
    stores: {
      people: 'id',
      bodies: 'id, personId',
      patterns: 'id',
      cloths: 'id',
      makes: 'id, personId',
      wears: 'id, date, *makeIds',
      pictures: 'id, makeId, clothId',
      journal: '++seq, undone',
      settings: 'key',
    },
  },
  { version: 2, stores: { lists: 'id', plans: 'id, personId, patternId, listId' } },
];

export class LedgerDatabase extends Dexie {
  declare people: EntityTable<Person, 'id'>;
  declare bodies: EntityTable<MeasurementSet, 'id'>;
  declare patterns: EntityTable<Pattern, 'id'>;
  declare cloths: EntityTable<Cloth, 'id'>;
  declare makes: EntityTable<Make, 'id'>;
  declare wears: EntityTable<Wear, 'id'>;
  declare lists: EntityTable<PlanList, 'id'>;
  declare plans: EntityTable<Plan, 'id'>;
  declare pictures: EntityTable<StoredPicture, 'id'>;
  declare journal: EntityTable<JournalEntry, 'seq'>;
  declare settings: EntityTable<Setting, 'key'>;

  constructor(name = DATABASE_NAME) {
    super(name);
    for (const { version, stores } of LAYOUTS) this.version(version).stores(stores);
  }
}

export const db = new LedgerDatabase();
