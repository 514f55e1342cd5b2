import { checkLedgerText, ledgerText, TABLE_NAMES, type Ledger } from '../../core/records';
import type { LedgerDatabase } from '../database';
import { write, type Write } from '../journal';
import { toBase64 } from './base64';
import { storedRecords } from './start-ledger';

/** The whole ledger as it stands in one moment. */
async function readLedger(database: LedgerDatabase): Promise<Ledger> {
  const [lists, pictures] = await database.transaction('r', database.tables, async () => {
    const others = TABLE_NAMES.filter((t) => t !== 'pictures');
    const entries = await Promise.all(others.map(async (t) => [t, await database.table(t).toArray()] as const));
    return [Object.fromEntries(entries), await database.pictures.toArray()] as const;
  });
  const withData = await Promise.all(pictures.map(async ({ blob, small: _, ...facts }) => ({ ...facts, data: await toBase64(blob) })));
  return { ...lists, pictures: withData } as Ledger;
}

/** The whole ledger as the text of one file. */
export async function exportLedger(database: LedgerDatabase, written: string): Promise<string> {
  return ledgerText(await readLedger(database), written);
}

/** Puts a checked ledger in the place of what is there, as one act that can be undone. */
export async function replaceLedger(database: LedgerDatabase, label: string, ledger: Ledger): Promise<void> {
  const writes: Write[] = [];
  for (const table of TABLE_NAMES) {
    const coming = storedRecords(ledger, table);
    const ids = new Set(coming.map((r) => r.id));
    for (const id of (await database.table(table).toCollection().primaryKeys()) as string[]) if (!ids.has(id)) writes.push({ table, remove: id });
    for (const record of coming) writes.push({ table, put: record } as Write);
  }
  await write(database, label, writes);
}

/**
 * Reads a ledger file and puts it in the place of what is there.
 *
 * @returns a sentence where the file is refused; the ledger is then as it was
 */
export async function importLedger(
  database: LedgerDatabase,
  text: string,
): Promise<{ readonly ok: true; readonly ledger: Ledger } | { readonly ok: false; readonly problem: string }> {
  const checked = checkLedgerText(text);
  if (!checked.ok) return checked;
  await replaceLedger(database, 'ledger read from a file', checked.ledger);
  return checked;
}
