import { TABLE_NAMES, type TableName } from '../core/records/table-names';
import type { Change, JournalEntry, LedgerDatabase, Stored } from './database';

/** Acts that can be taken back; older ones are let go. */
const DEPTH = 200;

/** A record to write, or one to remove. */
export type Write =
  { [T in TableName]: { readonly table: T; readonly put: Stored[T] } }[TableName] | { readonly table: TableName; readonly remove: string };

const tablesOf = (database: LedgerDatabase) => [...TABLE_NAMES.map((t) => database.table(t)), database.journal];

/**
 * Checks every record against its shape before any is kept; a stored picture holds a blob where the shape has text.
 * The shapes are loaded with the first write: reading the ledger does not need them.
 */
async function checked(writes: readonly Write[]) {
  const { TABLES } = await import('../core/records/ledger');
  return writes.map((w) => {
    if (!('put' in w)) return { table: w.table, id: w.remove, after: undefined };
    return { table: w.table, id: w.put.id, after: w.table === 'pictures' ? w.put : (TABLES[w.table].parse(w.put) as Stored[TableName]) };
  });
}

/**
 * Writes records as one act: all of them or none, noted in the journal so that it can be undone.
 *
 * @param label what was done, as it will be read in "Undone: …"
 * @throws when a record does not have its shape; nothing is written then
 */
export async function write(database: LedgerDatabase, label: string, writes: readonly Write[], now = Date.now()): Promise<void> {
  const records = await checked(writes);
  await database.transaction('rw', tablesOf(database), async () => {
    const changes: Change[] = [];
    for (const { table, id, after } of records) {
      const before = (await database.table(table).get(id)) as Change['before'];
      if (after) await database.table(table).put(after);
      else await database.table(table).delete(id);
      changes.push({ table, id, ...(before ? { before } : {}), ...(after ? { after } : {}) } as Change);
    }
    await database.journal.where('undone').equals(1).delete();
    await database.journal.add({ label, at: now, changes, undone: 0 } as Omit<JournalEntry, 'seq'> as JournalEntry);
    const surplus = (await database.journal.count()) - DEPTH;
    if (surplus > 0) await database.journal.orderBy('seq').limit(surplus).delete();
  });
}

async function turn(database: LedgerDatabase, direction: 'undo' | 'redo'): Promise<string | undefined> {
  return database.transaction('rw', tablesOf(database), async () => {
    const open = database.journal.where('undone').equals(direction === 'undo' ? 0 : 1);
    const entry = direction === 'undo' ? await open.last() : await open.first();
    if (!entry) return undefined;
    const changes = direction === 'undo' ? [...entry.changes].reverse() : entry.changes;
    for (const { table, id, before, after } of changes) {
      const record = direction === 'undo' ? before : after;
      if (record) await database.table(table).put(record);
      else await database.table(table).delete(id);
    }
    await database.journal.update(entry.seq, { undone: direction === 'undo' ? 1 : 0 });
    return entry.label;
  });
}

/** Takes the last act back. Returns its label, or undefined where there is nothing to take back. */
export function undo(database: LedgerDatabase): Promise<string | undefined> {
  return turn(database, 'undo');
}

/** Does the last act again that was taken back. */
export function redo(database: LedgerDatabase): Promise<string | undefined> {
  return turn(database, 'redo');
}
