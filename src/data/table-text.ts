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

/**
 * Hears of a table's text before it is read.
 *
 * @param records what it is read into, empty as yet
 * @param texts JSON lists of its records
 */
export type HearsText = (table: KeptAsText, records: readonly Identified[], texts: readonly string[]) => void;

/**
 * A whole table by the ids of its records: out of its text where that is kept, else record by record, and then the text of a large one is
 * written for the next time. Both give the same.
 *
 * @param many from how many records on a text is written; a table of fewer needs none
 * @param later when it is written
 * @param hears told of the text, where it is kept
 * @example await readTable(db, 'wears') // as db.wears.toArray() would give
 */
export async function readTable<T extends TableName>(
  database: LedgerDatabase,
  table: T,
  { many = MANY, later = afterQuiet, hears }: { readonly many?: number; readonly later?: typeof afterQuiet; readonly hears?: HearsText } = {},
): Promise<readonly Stored[T][]> {
  const asRecords = () => readWhole(database.table<Stored[T], string>(table));
  if (!isKeptAsText(table)) return asRecords();
  const kept = await database.texts.get(table);
  if (!kept?.texts) {
    // The state before they are read: what changes the table from here on, while they are read or after, has the text not written.
    const records = await asRecords();
    if (records.length >= many) later(table, () => keepText(database, table, kept?.state, records));
    return records;
  }
  const records: Stored[T][] = [];
  hears?.(table, records, kept.texts);
  for (const text of kept.texts) {
    if (records.length > 0) await nextTask();
    const some: readonly Stored[T][] = JSON.parse(text);
    records.push(...some);
  }
  return records;
}

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
