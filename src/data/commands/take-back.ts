import type { LedgerDatabase } from '../database';
import { bringDraftBack } from '../drafts';
import { undo } from '../journal';

/** What was taken back, in words; or that there was nothing. */
export type TakenBack = { readonly of: 'act' | 'draft'; readonly words: string } | { readonly of: 'nothing' };

/** Takes back what was done last: an act in the ledger, or a draft that was discarded after it. */
export async function takeLastBack(database: LedgerDatabase): Promise<TakenBack> {
  const last = await database.journal.where('undone').equals(0).last();
  if (bringDraftBack(last?.at ?? 0)) return { of: 'draft', words: 'a draft discarded' };
  const words = await undo(database);
  return words === undefined ? { of: 'nothing' } : { of: 'act', words };
}
