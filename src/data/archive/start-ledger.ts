import type { Ledger } from '../../core/records';
import { TABLE_NAMES, type TableName } from '../../core/records/table-names';
import type { LedgerDatabase, Stored, StoredPicture } from '../database';
import { HISTORY_TABLES } from '../histories';
import { changeSettings, type Settings } from '../settings';
import { fromBase64 } from './base64';

/** Pictures of an archive, by their names. */
export type PictureFiles = ReadonlyMap<string, Blob>;

/** A table's records as they are stored. */
export function storedRecords(ledger: Ledger, table: TableName, files?: PictureFiles): readonly Stored[TableName][] {
  return table === 'pictures' ? storedPictures(ledger, files) : ledger[table];
}

/** Pictures with their bytes as blobs, from the text or from the files beside it. */
export function storedPictures({ pictures }: Pick<Ledger, 'pictures'>, files: PictureFiles = new Map()): StoredPicture[] {
  return pictures.map(({ data, file, sha256: _, ...facts }) => {
    const blob = data === undefined ? files.get(file!) : fromBase64(data, facts.type);
    if (!blob) throw new Error(`The picture ${file ?? facts.id} is missing.`);
    return { ...facts, blob };
  });
}

/**
 * Fills an empty database without a journal: the demo ledger, or nothing at all. Leaves no trace of what was there.
 *
 * @param settings what is chosen with it: written in the same moment, so that a demo never passes for a sewist's own ledger
 */
export async function startLedger(database: LedgerDatabase, ledger: Ledger | undefined, settings: Partial<Settings> = {}): Promise<void> {
  await database.transaction('rw', database.tables, async () => {
    for (const table of [...TABLE_NAMES, ...HISTORY_TABLES, 'journal']) await database.table(table).clear();
    if (ledger) for (const table of TABLE_NAMES) await database.table(table).bulkPut([...storedRecords(ledger, table)]);
    await changeSettings(database, settings);
  });
}
