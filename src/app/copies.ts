import { proxy } from 'comlink';
import { inOwnWorker } from '../parts/archive-worker';
import { listCopies } from '../data/archive/list-copies';
import { db } from '../data/database';
import { onTablesChanged } from '../data/keep-fresh';
import { unsavedActs } from '../data/saved-state';
import { readSettings } from '../data/settings';

/** A copy is made once so long nothing was entered; and no two within this. */
const QUIET = 10_000;
const BETWEEN = 10 * 60_000;

/**
 * Has a copy of the sewist's own ledger made after changes, where the server keeps any. One window does it for all. What fails is tried
 * again with the next change: the page of files says what is in no copy yet.
 */
export function keepCopies(): void {
  let waiting: ReturnType<typeof setTimeout> | undefined;
  const copy = async () => {
    const { ledger, unit } = await readSettings(db);
    if (ledger !== 'own' || (await unsavedActs(db)) === 0) return;
    const kept = await listCopies();
    if (kept === null || kept === 'locked') return;
    await inOwnWorker((archive) =>
      archive.copy(
        unit,
        proxy(() => undefined),
      ),
    );
  };
  const later = (wait: number) => {
    clearTimeout(waiting);
    waiting = setTimeout(() => {
      void navigator.locks
        .request('copies', { ifAvailable: true }, async (lock) => {
          const { savedAt = 0 } = await readSettings(db);
          // A clock that was ahead when the last was made holds the next up no longer than any.
          const left = Math.min(savedAt + BETWEEN - Date.now(), BETWEEN);
          if (!lock || left > 0) return later(Math.max(left, QUIET));
          await copy();
        })
        .catch(() => undefined);
    }, wait);
  };
  // Every act of the sewist is noted in the journal; what changes beside it is none of hers.
  onTablesChanged((tables) => {
    if (tables.has('journal')) later(QUIET);
  });
  later(QUIET);
}
