import { startLedger } from './archive/start-ledger';
import type { LedgerDatabase, StoredPicture } from './database';
import { clearDrafts } from './drafts';

/** Pictures of the demo that are ready to be measured in, taken by the practice camera. */
const TO_MEASURE: readonly (Pick<StoredPicture, 'id' | 'makeId' | 'patternId' | 'fabricId'> & { readonly url: string })[] = [
  { id: 'picture-to-measure-shirt', makeId: 'make-tidewater-3', url: '/practice/shirt.jpg' },
  { id: 'picture-to-measure-trouser-front', patternId: 'pattern-gangway', url: '/practice/trouser-front.jpg' },
  { id: 'picture-to-measure-remnant', fabricId: 'fabric-seaglass-viscose', url: '/practice/remnant.jpg' },
  { id: 'picture-to-measure-sleeve', patternId: 'pattern-fogbell', url: '/practice/sleeve.jpg' },
];

/** The pictures as they are stored; one that does not come (no server, nothing cached) is left out. */
async function toMeasure(): Promise<StoredPicture[]> {
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
