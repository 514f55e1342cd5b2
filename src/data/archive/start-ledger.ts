import type { Ledger } from '../../core/records';
import { TABLE_NAMES, type TableName } from '../../core/records/table-names';
import type { LedgerDatabase, Stored, StoredPicture } from '../database';
import { HISTORY_TABLES } from '../histories';
import { changeSettings, type Settings } from '../settings';
import { fromBase64 } from './base64';
import type { Fingerprint } from './digest';

/** A picture's bytes, with what they are known by. */
export interface PictureFile extends Fingerprint {
  readonly blob: Blob;
}

/** Pictures of an archive, by their names. */
export type PictureFiles = ReadonlyMap<string, PictureFile>;

/** A table's records as they are stored. */
export function storedRecords(ledger: Ledger, table: TableName, files?: PictureFiles): readonly Stored[TableName][] {
  return table === 'pictures' ? storedPictures(ledger, files) : ledger[table];
}

/** Pictures with their bytes as blobs, from the files beside the ledger, or from its text where that is our own. */
export function storedPictures({ pictures }: Pick<Ledger, 'pictures'>, files: PictureFiles = new Map()): StoredPicture[] {
  return pictures.map(({ data, file, sha256: _, ...facts }) => {
    const kept = file === undefined ? undefined : files.get(file);
    if (kept) return { ...facts, ...kept };
    if (data === undefined) throw new Error(`The picture ${file ?? facts.id} is missing.`);
    return { ...facts, blob: fromBase64(data, facts.type) };
  });
}

/**
 * Fills an empty database without a journal: the demo ledger, or nothing at all. Leaves no trace of what was there.
 *
 * @param fill puts records that are stored already, within the same transaction
 * @param settings what is chosen with it: written in the same moment, so that a demo never passes for a sewist's own ledger
 */
export async function startLedger(
  database: LedgerDatabase,
  ledger: Ledger | undefined,
  settings: Partial<Settings> = {},
  fill?: () => Promise<void>,
): Promise<void> {
  await database.transaction('rw', database.tables, async () => {
    for (const table of [...TABLE_NAMES, ...HISTORY_TABLES, 'journal']) await database.table(table).clear();
    if (ledger) for (const table of TABLE_NAMES) await database.table(table).bulkPut([...storedRecords(ledger, table)]);
    await fill?.();
    await changeSettings(database, settings);
  });
}
