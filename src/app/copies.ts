import { proxy } from 'comlink';
import { formatISO } from 'date-fns';
import Dexie from 'dexie';
import { archiveWorker } from '../data/archive/archive-worker';
import { listCopies, sendCopy } from '../data/archive/copies';
import { db, DATABASE_NAME } from '../data/database';
import { changeSettings, readSettings } from '../data/settings';

/** A copy is made once so long nothing was entered; and no two within this. */
const QUIET = 10_000;
const BETWEEN = 10 * 60_000;
/** Every act of the sewist is noted here; what changes beside it is none of hers. */
const JOURNAL = new RegExp(`^idb://${DATABASE_NAME}/journal/`);

/**
 * Has a copy of the sewist's own ledger made after changes, where the server keeps any. One window does it for all. What fails is tried
 * again with the next change: the page of files says what is in no copy yet.
 */
export function keepCopies(): () => void {
  let waiting: ReturnType<typeof setTimeout> | undefined;
  const copy = async () => {
    const { ledger, unit, savedAt = 0 } = await readSettings(db);
    if (ledger !== 'own' || !(await listCopies())) return;
    const newest = (await db.journal.orderBy('seq').last())?.at ?? 0;
    if (newest <= savedAt) return;
    const zip = await archiveWorker().save(
      formatISO(new Date()),
      unit,
      proxy(() => undefined),
    );
    if (!zip) return;
    await sendCopy(zip);
    await changeSettings(db, { savedAt: newest });
  };
  const later = (wait: number) => {
    clearTimeout(waiting);
    waiting = setTimeout(() => {
      void navigator.locks
        .request('copies', { ifAvailable: true }, async (lock) => {
          const { savedAt = 0 } = await readSettings(db);
          const left = savedAt + BETWEEN - Date.now();
          if (!lock || left > 0) return later(Math.max(left, QUIET));
          await copy();
        })
        .catch(() => undefined);
    }, wait);
  };
  const noticed = (parts: Record<string, unknown>) => {
    if (Object.keys(parts).some((part) => JOURNAL.test(part))) later(QUIET);
  };
  Dexie.on.storagemutated.subscribe(noticed);
  later(QUIET);
  return () => {
    clearTimeout(waiting);
    Dexie.on.storagemutated.unsubscribe(noticed);
  };
}
