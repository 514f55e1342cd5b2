import Dexie, { type EntityTable, type Transaction } from 'dexie';
import { changeToday, historyToday, recordToday, tableToday } from '../core/ledger/earlier-names';
import type { RecordHistory } from '../core/ledger/merge/history';
import type {
  Collection,
  Fabric,
  Make,
  MeasurementSet,
  Occasion,
  Pattern,
  Person,
  Picture,
  Plan,
  PlanList,
  SewingTime,
  SewnSet,
  TableName,
  Wear,
} from '../core/records';
import { lastOf } from '../core/units/item-at';
import { inPacks, type Pack } from './in-packs';
import { letTextsGo, type TableText } from './let-texts-go';

/**
 * A picture as it is stored: its bytes as a blob, not as text, with a small copy for lists (a drawing needs none). Bytes of a picture never
 * change once it is there; their digest, and the check that a zip of them holds, are made once and kept with them. The small copy lies in
 * the record itself: a browser keeps each blob in a file of its own. Those that were made before lie in blobs too.
 */
export type StoredPicture = Omit<Picture, 'data' | 'file'> & { blob: Blob; small?: Uint8Array<ArrayBuffer> | Blob; crc32?: number };

/** What a table holds in the browser. */
export interface Stored {
  people: Person;
  bodies: MeasurementSet;
  patterns: Pattern;
  fabrics: Fabric;
  makes: Make;
  wears: Wear;
  lists: PlanList;
  plans: Plan;
  sets: SewnSet;
  collections: Collection;
  times: SewingTime;
  occasions: Occasion;
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
  /** There where it removed something: so it is found without those that did not being read. */
  readonly removes?: 1;
  /** What was noted of its records before and after, where they came from another ledger: taking the act back takes that back too. */
  readonly noted?: { readonly keys: readonly string[]; readonly before: Noted; readonly after: Noted };
}

/** What is noted of records for merges, and up to where it is known what each device wrote. */
export interface Noted {
  readonly histories: readonly StoredHistory[];
  readonly devices: readonly Device[];
}

/** The history of a record, by table and id; `gone` is when it was removed, while what it held is kept. */
export type StoredHistory = RecordHistory & { readonly key: string; readonly gone?: string };

/** A device that wrote in this ledger, and the last that is known of it. One of them is this one. */
export interface Device {
  readonly id: string;
  readonly last: string;
  readonly here?: true;
}

interface Setting {
  readonly key: string;
  readonly value: unknown;
}

export const DATABASE_NAME = 'amber-ledger';

interface Layout {
  readonly version: number;
  /** Tables with their keys; null takes one away, after its records were moved. */
  readonly stores: Record<string, string | null>;
  readonly upgrade?: (transaction: Transaction) => Promise<void>;
}

/** Layout 4: records, what is noted of them and what can be undone get the names that are used today, all within the transaction of the upgrade. */
async function takeTodaysNames(transaction: Transaction): Promise<void> {
  const table = (name: string) => transaction.table<Record<string, unknown>, string>(name);
  const renamed = (from: string) => (record: Record<string, unknown>) => recordToday(from, record) as Record<string, unknown>;
  await table('fabrics').bulkAdd((await table('cloths').toArray()).map(renamed('cloths')));
  for (const name of ['patterns', 'makes', 'plans'] as const) await table(name).bulkPut((await table(name).toArray()).map(renamed(name)));
  // Pictures are large: only those of a fabric are read.
  await table('pictures')
    .filter((picture) => 'clothId' in picture)
    .modify((picture, of) => {
      of.value = renamed('pictures')(picture);
    });
  const histories = await table('histories').toArray();
  const keys = histories.map((h) => String(h['key'])).filter((key) => key.startsWith('cloths/'));
  await table('histories').bulkDelete(keys);
  await table('histories').bulkPut(histories.map((h) => historyToday(h) as Record<string, unknown>));
  await table('journal')
    .toCollection()
    .modify((entry, of) => {
      of.value = entryToday(entry);
    });
}

/** An act in the journal with today's names. */
function entryToday(entry: Record<string, unknown>): Record<string, unknown> {
  const { changes, noted } = entry as { changes?: readonly unknown[]; noted?: JournalEntry['noted'] };
  const side = ({ histories, devices }: Noted) => ({ histories: histories.map((h) => historyToday(h) as StoredHistory), devices });
  return {
    ...entry,
    ...(changes ? { changes: changes.map(changeToday) } : {}),
    ...(noted
      ? { noted: { keys: noted.keys.map((key) => key.replace(/^[^/]*/, tableToday)), before: side(noted.before), after: side(noted.after) } }
      : {}),
  };
}

/** Whether any record went by an act. */
export const removesAny = (changes: readonly Change[]): boolean => changes.some(({ before, after }) => before !== undefined && after === undefined);

/** Layout 8: acts that removed something say so. */
async function markRemovals(transaction: Transaction): Promise<void> {
  await transaction
    .table<JournalEntry, number>('journal')
    .filter(({ changes }) => removesAny(changes))
    .modify({ removes: 1 });
}

/**
 * Layouts of the database, oldest first. A layout that has reached users is never edited: a change is a new entry, with
 * `upgrade` where records must be rewritten.
 */
export const LAYOUTS: readonly Layout[] = [
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
  { version: 3, stores: { histories: 'key, gone', devices: 'id' } },
  { version: 4, stores: { fabrics: 'id', cloths: null, pictures: 'id, makeId, fabricId' }, upgrade: takeTodaysNames },
  { version: 5, stores: { sets: 'id', collections: 'id', pictures: 'id, makeId, fabricId, patternId, planId' } },
  { version: 6, stores: { pictures: 'id, makeId, fabricId, patternId, planId, personId' } },
  { version: 7, stores: { times: 'id', occasions: 'id' } },
  { version: 8, stores: { journal: '++seq, undone, removes, [undone+seq+at+label]' }, upgrade: markRemovals },
  { version: 9, stores: { texts: 'table' } },
  { version: 10, stores: { wearPacks: 'first, *makeIds', historyPacks: 'first, *gone' } },
];

/** This window is of an older app than the one that last opened the ledger. */
export class LaterLayout extends Error {
  constructor() {
    super('a newer Amber Ledger has opened this ledger, in another window or before: open this page anew to take it');
  }
}

/** What went wrong as it was thrown: the database library wraps it in errors of its own. */
export function causeOf(error: unknown): unknown {
  const inner = (error as { inner?: unknown } | undefined)?.inner;
  return inner === undefined || inner === null ? error : causeOf(inner);
}

export class LedgerDatabase extends Dexie {
  declare people: EntityTable<Person, 'id'>;
  declare bodies: EntityTable<MeasurementSet, 'id'>;
  declare patterns: EntityTable<Pattern, 'id'>;
  declare fabrics: EntityTable<Fabric, 'id'>;
  declare makes: EntityTable<Make, 'id'>;
  declare wears: EntityTable<Wear, 'id'>;
  declare lists: EntityTable<PlanList, 'id'>;
  declare plans: EntityTable<Plan, 'id'>;
  declare sets: EntityTable<SewnSet, 'id'>;
  declare collections: EntityTable<Collection, 'id'>;
  declare times: EntityTable<SewingTime, 'id'>;
  declare occasions: EntityTable<Occasion, 'id'>;
  declare pictures: EntityTable<StoredPicture, 'id'>;
  declare journal: EntityTable<JournalEntry, 'seq'>;
  declare histories: EntityTable<StoredHistory, 'key'>;
  declare devices: EntityTable<Device, 'id'>;
  declare settings: EntityTable<Setting, 'key'>;
  declare texts: EntityTable<TableText, 'table'>;
  declare wearPacks: EntityTable<Pack, 'first'>;
  declare historyPacks: EntityTable<Pack, 'first'>;

  constructor(name = DATABASE_NAME) {
    super(name);
    for (const { version, stores, upgrade } of LAYOUTS) {
      const layout = this.version(version).stores(stores);
      if (upgrade) layout.upgrade(upgrade);
    }
    this.use(letTextsGo);
    this.use(inPacks());
    // Dexie opens a later layout as if it were ours: what it writes there would miss what that one keeps.
    this.on('ready', () => this.#refuseLater(), true);
  }

  #refuseLater(): void {
    // Dexie counts layouts in tens.
    if (Math.floor(this.backendDB().version / 10) > lastOf(LAYOUTS).version) throw new LaterLayout();
  }
}

export const db = new LedgerDatabase();
