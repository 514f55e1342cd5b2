import { checkLedgerText, ledgerCounts, ledgerText, TABLE_NAMES, type Ledger } from '../../core/records';
import type { LedgerDatabase } from '../database';
import { write, type Write } from '../journal';
import { toBase64 } from './base64';
import { storedRecords, type PictureFiles } from './start-ledger';
import type { LedgerInParts } from './zip-ledger';

/** The whole ledger as it stands in one moment, its pictures as they lie in the database. */
export async function readParts(database: LedgerDatabase): Promise<LedgerInParts> {
  return database.transaction('r', database.tables, async () => {
    const others = TABLE_NAMES.filter((t) => t !== 'pictures');
    const entries = await Promise.all(others.map(async (t) => [t, await database.table(t).toArray()] as const));
    return { tables: Object.fromEntries(entries) as LedgerInParts['tables'], pictures: await database.pictures.toArray() };
  });
}

/** The same with the bytes of the pictures as text. */
async function readLedger(database: LedgerDatabase): Promise<Ledger> {
  const { tables, pictures } = await readParts(database);
  return { ...tables, pictures: await Promise.all(pictures.map(async ({ blob, small: _, ...facts }) => ({ ...facts, data: await toBase64(blob) }))) };
}

/** The whole ledger as the text of one file. */
export async function exportLedger(database: LedgerDatabase, written: string): Promise<string> {
  return ledgerText(await readLedger(database), written);
}

/** Puts a checked ledger in the place of what is there, as one act that can be undone. */
export async function replaceLedger(database: LedgerDatabase, label: string, ledger: Ledger, files?: PictureFiles): Promise<void> {
  const writes: Write[] = [];
  for (const table of TABLE_NAMES) {
    const coming = storedRecords(ledger, table, files);
    const ids = new Set(coming.map((r) => r.id));
    for (const id of (await database.table(table).toCollection().primaryKeys()) as string[]) if (!ids.has(id)) writes.push({ table, remove: id });
    for (const record of coming) writes.push({ table, put: record } as Write);
  }
  await write(database, label, writes);
}

/** What came of reading a ledger: counts for a sentence and whose it is first, or why it was refused. */
export type ReadIn =
  | { readonly ok: true; readonly counts: ReturnType<typeof ledgerCounts>; readonly personId: string | undefined }
  | { readonly ok: false; readonly problem: string };

type Read = { readonly ok: true; readonly ledger: Ledger } | { readonly ok: false; readonly problem: string };

export function readIn(read: Read): ReadIn {
  return read.ok ? { ok: true, counts: ledgerCounts(read.ledger), personId: read.ledger.people[0]?.id } : read;
}

/**
 * Reads a ledger file and puts it in the place of what is there.
 *
 * @returns a sentence where the file is refused; the ledger is then as it was
 */
export async function importLedger(database: LedgerDatabase, text: string): Promise<Read> {
  const checked = checkLedgerText(text);
  if (!checked.ok) return checked;
  if (checked.ledger.pictures.some((p) => p.data === undefined))
    return { ok: false, problem: 'The pictures of this ledger stand in files beside it: read the whole archive (.zip).' };
  await replaceLedger(database, 'ledger read from a file', checked.ledger);
  return checked;
}
