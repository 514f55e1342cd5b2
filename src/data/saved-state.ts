import { actsOf, type Act } from './acts';
import type { LedgerDatabase } from './database';
import { changeSettings, readSettings } from './settings';

/** How far a ledger has come: by its acts and by what was taken back or done again, which are counted, whatever a clock says. */
export interface Reached {
  /** The last act. */
  readonly seq: number;
  /** How often an act was taken back or done again. */
  readonly turns: number;
}

/** How far the ledger has come by now. What is saved is read after this: it holds at least so much. */
export function reachedNow(database: LedgerDatabase): Promise<Reached> {
  return database.transaction('r', database.journal, database.settings, async () => {
    const { turns } = await readSettings(database);
    return { seq: (await actsOf(database)).at(-1)?.seq ?? 0, turns };
  });
}

/**
 * Notes that the ledger lies in a file or a copy.
 *
 * @param at milliseconds
 */
export function noteSaved(database: LedgerDatabase, { seq, turns }: Reached, at: number): Promise<void> {
  return changeSettings(database, { savedAt: at, savedSeq: seq, savedTurns: turns });
}

/** How many acts are in no file and no copy yet, with those that were taken back or done again since. */
export function unsavedActs(database: LedgerDatabase): Promise<number> {
  return database.transaction('r', database.journal, database.settings, async () => {
    const { savedAt = 0, savedSeq, turns, savedTurns } = await readSettings(database);
    const isSince = ({ seq, at }: Act) => (savedSeq === undefined ? at > savedAt : seq > savedSeq);
    return (await actsOf(database)).filter((act) => act.undone === 0 && isSince(act)).length + turns - savedTurns;
  });
}
