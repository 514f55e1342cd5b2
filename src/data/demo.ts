import { startLedger } from './archive/start-ledger';
import type { LedgerDatabase, StoredPicture } from './database';
import { clearDrafts } from './drafts';

/** The pictures as they are stored; one that does not come (no server, nothing cached) is left out. */
async function toMeasure(): Promise<StoredPicture[]> {
  const { TO_MEASURE } = await import('../../demo/to-measure');
  const found = await Promise.all(
    TO_MEASURE.map(async ({ url, ...of }): Promise<StoredPicture[]> => {
      try {
        const answer = await fetch(url);
        return answer.ok ? [{ ...of, side: 'detail', place: 9, type: 'image/jpeg', blob: await answer.blob() }] : [];
      } catch {
        return [];
      }
    }),
  );
  return found.flat();
}

/** Opens the demo ledger in the place of what is there. Loaded only when asked for: it is no part of the sewist's own book. */
export async function openDemo(database: LedgerDatabase): Promise<void> {
  const { demoLedger } = await import('../../demo/ledger');
  const ledger = demoLedger();
  const pictures = await toMeasure();
  await startLedger(database, ledger, { ledger: 'demo', ledgerId: undefined, personId: ledger.people[0]?.id }, async () => {
    await database.pictures.bulkPut(pictures);
  });
  clearDrafts();
}

/** Starts an empty ledger: nothing of the demo, nor of anything else, is left. */
export async function openEmpty(database: LedgerDatabase): Promise<void> {
  await startLedger(database, undefined, { ledger: 'own', ledgerId: undefined, personId: undefined });
  clearDrafts();
}
