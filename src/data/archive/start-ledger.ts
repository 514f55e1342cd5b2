import type { Ledger } from '../../core/records';
import { TABLE_NAMES, type TableName } from '../../core/records/table-names';
import type { LedgerDatabase, Stored, StoredPicture } from '../database';
import { fromBase64 } from './base64';

/** A table's records as they are stored: pictures with their bytes as blobs. */
export function storedRecords(ledger: Ledger, table: TableName): Stored[TableName][] {
  if (table !== 'pictures') return ledger[table] as Stored[TableName][];
  return ledger.pictures.map(({ data, ...facts }): StoredPicture => ({ ...facts, blob: fromBase64(data, facts.type) }));
}

/** Fills an empty database without a journal: the demo ledger, or nothing at all. Leaves no trace of what was there. */
export async function startLedger(database: LedgerDatabase, ledger: Ledger | undefined): Promise<void> {
  await database.transaction('rw', database.tables, async () => {
    for (const table of [...TABLE_NAMES, 'journal']) await database.table(table).clear();
    if (ledger) for (const table of TABLE_NAMES) await database.table(table).bulkPut(storedRecords(ledger, table));
  });
}
