import Dexie, { type IndexableType } from 'dexie';
import type { LedgerDatabase } from './database';

/** An act as the journal names it, without what it changed: that may be a whole ledger. */
export interface Act {
  readonly seq: number;
  readonly undone: 0 | 1;
  /** Milliseconds. */
  readonly at: number;
  /** What was done, as it is read in "Undone: …". */
  readonly label: string;
}

/** The index that holds all of an act but its changes. */
const ACTS = '[undone+seq+at+label]';

/** The act that a key of the index names. */
function actIn(key: IndexableType | undefined): Act[] {
  if (!Array.isArray(key)) return [];
  const [undone, seq, at, label] = key;
  return [{ undone: Number(undone) === 1 ? 1 : 0, seq: Number(seq), at: Number(at), label: String(label) }];
}

/**
 * The act that would be turned next: taken back, or done again. Asked after every act, it reads one key however many there are.
 *
 * @example (await nextAct(db, 'undo'))?.label // what undo is called
 */
export async function nextAct(database: LedgerDatabase, way: 'undo' | 'redo'): Promise<Act | undefined> {
  const undone = way === 'undo' ? 0 : 1;
  const acts = database.journal.where(ACTS).between([undone, Dexie.minKey], [undone, Dexie.maxKey]);
  const [key] = await (way === 'undo' ? acts.reverse() : acts).limit(1).keys();
  return actIn(key)[0];
}

/**
 * All acts in the order in which they were done, those that were taken back among them. They are read from the keys of an index: none is
 * taken out of the database itself.
 *
 * @example (await actsOf(db)).at(-1)?.seq // how far the ledger has come
 */
export async function actsOf(database: LedgerDatabase): Promise<Act[]> {
  const acts: Act[] = [];
  await database.journal.orderBy(ACTS).eachKey((key) => acts.push(...actIn(key)));
  return acts.sort((a, b) => a.seq - b.seq);
}
