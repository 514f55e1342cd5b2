import type { LedgerDatabase } from '../data/database';
import { openDemo } from '../data/demo';
import { emptyOld } from '../data/journal';
import { readSettings } from '../data/settings';

/** On the very first visit the demo ledger is put on the table; afterwards the sewist's choice stands. */
export async function firstVisit(database: LedgerDatabase): Promise<void> {
  await emptyOld(database, Date.now());
  const { ledger } = await readSettings(database);
  if (ledger === 'none') await openDemo(database);
}
