import { TABLE_NAMES } from '../core/records/table-names';
import { DATABASE_NAME } from './database';
import { packsOf, withPacked, type Pack } from './in-packs';

/** The browser's own database as it lies there, whatever its version; undefined where even that cannot be opened. */
function openAsItIs(): Promise<IDBDatabase | undefined> {
  return new Promise((done) => {
    const asked = indexedDB.open(DATABASE_NAME);
    asked.onsuccess = () => done(asked.result);
    asked.onerror = () => done(undefined);
    asked.onblocked = () => done(undefined);
  });
}

/** All records of a table; undefined where it cannot be read. */
function readTable<T>(database: IDBDatabase, table: string): Promise<T[] | undefined> {
  return new Promise((done) => {
    try {
      const asked: IDBRequest<T[]> = database.transaction(table, 'readonly').objectStore(table).getAll();
      asked.onsuccess = () => done(asked.result);
      asked.onerror = () => done(undefined);
    } catch {
      done(undefined);
    }
  });
}

/**
 * What can still be read of a ledger that this app cannot open, table by table, as text: one that is damaged does not take the others
 * along. Nothing is changed. Pictures are named and their bytes left out.
 *
 * @returns the text, and the tables that could not be read; undefined where nothing can be
 */
export async function rescue(): Promise<{ readonly text: string; readonly unread: readonly string[] } | undefined> {
  const database = await openAsItIs();
  if (!database) return undefined;
  const unread: string[] = [];
  const tables: Record<string, unknown[]> = {};
  for (const table of TABLE_NAMES.filter((t) => database.objectStoreNames.contains(t))) {
    const packs = packsOf(table);
    const [records, packed] = await Promise.all([
      readTable<unknown>(database, table),
      packs !== undefined && database.objectStoreNames.contains(packs) ? readTable<Pack>(database, packs) : [],
    ]);
    if (records && packed) tables[table] = withPacked(records, packed);
    else unread.push(table);
  }
  database.close();
  if (Object.values(tables).every((records) => records.length === 0)) return undefined;
  // A picture's bytes are no text; that it is there is said.
  const text = JSON.stringify(
    { rescued: true, ...tables },
    (_, value: unknown) => (value instanceof Blob ? `${value.size} bytes of ${value.type}` : value),
    1,
  );
  return { text, unread };
}
