import { startLedger } from './archive/start-ledger';
import type { LedgerDatabase } from './database';
import { clearDrafts } from './drafts';

/** Opens the demo ledger in the place of what is there. Loaded only when asked for: it is no part of the sewist's own book. */
export async function openDemo(database: LedgerDatabase): Promise<void> {
  const { demoLedger } = await import('../../demo/ledger');
  const ledger = demoLedger();
  await startLedger(database, ledger, { ledger: 'demo', ledgerId: undefined, personId: ledger.people[0]?.id });
  clearDrafts();
}

/** Starts an empty ledger: nothing of the demo, nor of anything else, is left. */
export async function openEmpty(database: LedgerDatabase): Promise<void> {
  await startLedger(database, undefined, { ledger: 'own', ledgerId: undefined, personId: undefined });
  clearDrafts();
}
