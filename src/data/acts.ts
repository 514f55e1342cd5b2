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

/**
 * All acts in the order in which they were done, those that were taken back among them. They are read from the keys of an index: none is
 * taken out of the database itself.
 *
 * @example (await actsOf(db)).find(({ undone }) => undone)?.label // what redo would do again
 */
export async function actsOf(database: LedgerDatabase): Promise<Act[]> {
  const acts: Act[] = [];
  await database.journal.orderBy(ACTS).eachKey((key) => {
    if (!Array.isArray(key)) return;
    const [undone, seq, at, label] = key;
    acts.push({ undone: Number(undone) === 1 ? 1 : 0, seq: Number(seq), at: Number(at), label: String(label) });
  });
  return acts.sort((a, b) => a.seq - b.seq);
}
