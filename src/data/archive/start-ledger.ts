import type { Ledger } from '../../core/records';
import { TABLE_NAMES, type TableName } from '../../core/records/table-names';
import type { LedgerDatabase, Stored, StoredPicture } from '../database';
import { fromBase64 } from './base64';

/** Pictures of an archive, by their names. */
export type PictureFiles = ReadonlyMap<string, Blob>;

/** A table's records as they are stored: pictures with their bytes as blobs, from the text or from the files beside it. */
export function storedRecords(ledger: Ledger, table: TableName, files: PictureFiles = new Map()): Stored[TableName][] {
  if (table !== 'pictures') return ledger[table] as Stored[TableName][];
  return ledger.pictures.map(({ data, file, sha256: _, ...facts }): StoredPicture => {
    const blob = data === undefined ? files.get(file!) : fromBase64(data, facts.type);
    if (!blob) throw new Error(`The picture ${file ?? facts.id} is missing.`);
    return { ...facts, blob };
  });
}

/** Fills an empty database without a journal: the demo ledger, or nothing at all. Leaves no trace of what was there. */
export async function startLedger(database: LedgerDatabase, ledger: Ledger | undefined): Promise<void> {
  await database.transaction('rw', database.tables, async () => {
    for (const table of [...TABLE_NAMES, 'journal']) await database.table(table).clear();
    if (ledger) for (const table of TABLE_NAMES) await database.table(table).bulkPut(storedRecords(ledger, table));
  });
}
