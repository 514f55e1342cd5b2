import type { TableName } from '../core/records';
import type { Identified } from '../core/units/by-id';
import type { LedgerDatabase, Stored } from './database';
import { isKeptAsText, type KeptAsText } from './let-texts-go';
import { packsOf } from './in-packs';
import { newId } from './new-id';
import { readWhole } from './read-whole';
import { whenIdle } from './when-idle';

/** From so many records on a text is kept: fewer are read as fast as they are. */
const MANY = 2000;
/** Records in one text: so many are unpacked within a frame. */
const IN_ONE = { makes: 1000, wears: 5000 };
/** A text is written once nothing was changed for so long, ms. */
const QUIET = 10_000;

const nextTask = () => new Promise<void>((done) => setTimeout(done, 0));

/** Writes a table's text, unless the table was changed since it had that state. */
async function keepText(database: LedgerDatabase, table: KeptAsText, state: string | undefined, records: readonly unknown[]): Promise<void> {
  const texts: string[] = [];
  for (let at = 0; at < records.length; at += IN_ONE[table]) {
    await nextTask();
    texts.push(JSON.stringify(records.slice(at, at + IN_ONE[table])));
  }
  await database.transaction('rw', database.texts, async () => {
    const now = await database.texts.get(table);
    if (now?.state === state) await database.texts.put({ table, state: state ?? newId(), texts });
  });
  // With the same leisure.
  if (packsOf(table) !== undefined) await (await import('./lay-in-packs')).layAllInPacks(database);
}

const waiting = new Map<KeptAsText, ReturnType<typeof setTimeout>>();

/** Some time after the last of them: who goes on changing a table need not wait for its text each time. */
function afterQuiet(table: KeptAsText, keep: () => Promise<void>): void {
  clearTimeout(waiting.get(table));
  // Where there is no room for it, the table is read as it is.
  waiting.set(
    table,
    setTimeout(() => whenIdle(() => void keep().catch(() => undefined)), QUIET),
  );
}

/** A table that was opened, and need not have been read yet. */
export interface Opened<T> {
  /** What its records are read into: empty until they are, and then the very same list. */
  readonly records: readonly T[];
  /** Reads them, once, whoever asks; in parts, between which a page goes on being drawn. */
  readonly read: () => Promise<readonly T[]>;
}

/**
 * Hears of a table's text before it is read.
 *
 * @param opened what it is going to be read into
 * @param texts JSON lists of its records
 */
export type HearsText = (table: KeptAsText, opened: Opened<Identified>, texts: readonly string[]) => void;

interface HowOpened {
  /** From how many records on a text is written; a table of fewer needs none. */
  readonly many?: number;
  /** When it is written. */
  readonly later?: typeof afterQuiet;
  /** Told of the text, where it is kept. */
  readonly hears?: HearsText | undefined;
}

/** Reads texts into a list, when it is first asked to. */
function readLater<T>(texts: readonly string[]): Opened<T> {
  const records: T[] = [];
  let unread = texts;
  const readAll = async () => {
    for (const text of unread) {
      if (records.length > 0) await nextTask();
      const some: readonly T[] = JSON.parse(text);
      records.push(...some);
    }
    // The list is kept for long, its texts are not.
    unread = [];
    return records;
  };
  let reading: Promise<readonly T[]> | undefined;
  return { records, read: () => (reading ??= readAll()) };
}

/**
 * A whole table by the ids of its records: out of its text where that is kept, else record by record, and then the text of a large one is
 * written for the next time. Both give the same. A text is taken out at once and read when it is asked for: to read thousands of records takes
 * longer than to hand them on as they are written.
 *
 * @example await (await openTable(db, 'wears')).read() // as db.wears.toArray() would give
 */
export async function openTable<T extends TableName>(
  database: LedgerDatabase,
  table: T,
  { many = MANY, later = afterQuiet, hears }: HowOpened = {},
): Promise<Opened<Stored[T]>> {
  const asRecords = () => readWhole(database.table<Stored[T], string>(table));
  const read = (records: readonly Stored[T][]) => ({ records, read: () => Promise.resolve(records) });
  if (!isKeptAsText(table)) return read(await asRecords());
  const kept = await database.texts.get(table);
  if (!kept?.texts) {
    // The state before they are read: what changes the table from here on, while they are read or after, has the text not written.
    const records = await asRecords();
    if (records.length >= many) later(table, () => keepText(database, table, kept?.state, records));
    return read(records);
  }
  const opened = readLater<Stored[T]>(kept.texts);
  hears?.(table, opened, kept.texts);
  return opened;
}

/** The same, read. */
export const readTable = async <T extends TableName>(database: LedgerDatabase, table: T, how?: HowOpened): Promise<readonly Stored[T][]> =>
  (await openTable(database, table, how)).read();

/**
 * The same at one go, within a transaction that reads texts too, where nobody waits for a frame.
 *
 * @example await database.transaction('r', database.tables, () => readInOne(database, 'wears')) // as database.wears.toArray() would give
 */
export async function readInOne<T extends TableName>(database: LedgerDatabase, table: T): Promise<Stored[T][]> {
  const kept = isKeptAsText(table) ? await database.texts.get(table) : undefined;
  if (!kept?.texts) return database.table<Stored[T], string>(table).toArray();
  return kept.texts.flatMap((text) => {
    const some: readonly Stored[T][] = JSON.parse(text);
    return some;
  });
}
