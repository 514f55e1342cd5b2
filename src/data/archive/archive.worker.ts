import { expose } from 'comlink';
import { whatWouldChange, type TableChange } from '../../core/archive/what-would-change';
import type { LengthUnit } from '../../core/measure/length';
import { Stopped } from './long-work';
import type { Which } from '../../core/merge/merge';
import { openFile, readFile, readParts, replaceLedger, type LedgerCounts, type Opened, type ReadIn, type ReadLedger } from './ledger-file';
import { bringTogether, lookTogether, type Together } from './merge-in';
import { zipLedger } from './zip-ledger';
import { causeOf, LedgerDatabase } from '../database';

const database = new LedgerDatabase();
let stopped = false;
/** The ledger of the file that was looked through last, until it is taken: to unpack an archive twice may take minutes. */
let looked: ReadLedger | undefined;

/** What an archive would change, or why it cannot be read. */
export type Compared = { readonly ok: true; readonly changes: readonly TableChange[] } | { readonly ok: false; readonly problem: string };

/** What bringing a file together with the ledger would come to, or why it cannot be read. */
export type Looked = { readonly ok: true; readonly together: Together } | { readonly ok: false; readonly problem: string };

/** The archive out and in, off the main thread. Undefined is the answer of a work that was stopped. */
const archive = {
  stop: () => {
    stopped = true;
  },
  async save(written: string, unit: LengthUnit, onProgress: (done: number) => void): Promise<Blob | undefined> {
    stopped = false;
    return unlessStopped(async () => zipLedger(await readParts(database), written, unit, { onProgress, stopped: () => stopped }));
  },
  /** @param label what undo will say was done */
  async read(file: Blob, label: string, onProgress: (done: number) => void): Promise<ReadIn | undefined> {
    stopped = false;
    return unlessStopped(() => readFile(database, file, label, { onProgress, stopped: () => stopped }));
  },
  /** What would change were a file put in the place of the ledger. */
  async compare(file: Blob, onProgress: (done: number) => void): Promise<Compared | undefined> {
    stopped = false;
    return unlessStopped(async () => {
      const opened = await lookInto(file, onProgress);
      if (!opened.ok) return opened;
      const { tables, pictures } = await readParts(database);
      return { ok: true, changes: whatWouldChange({ ...tables, pictures }, opened.ledger) };
    });
  },
  /** What would come of bringing the ledger of a file together with the one here; nothing is written. */
  async look(file: Blob, unit: LengthUnit, onProgress: (done: number) => void): Promise<Looked | undefined> {
    stopped = false;
    return unlessStopped(async () => {
      const opened = await lookInto(file, onProgress);
      return opened.ok ? { ok: true, together: await lookTogether(database, opened, unit) } : opened;
    });
  },
  /**
   * Puts the file that was looked through in the place of the ledger.
   *
   * @param label what undo will say was done
   */
  replace: (label: string): Promise<LedgerCounts> => unlessWrapped(() => replaceLedger(database, label, taken())),
  /**
   * Brings the file that was looked through together with the ledger.
   *
   * @param choices which side stands, by the keys of conflicts
   */
  bring: (label: string, choices: ReadonlyMap<string, Which>): Promise<void> => unlessWrapped(() => bringTogether(database, label, taken(), choices)),
};
export type Archive = typeof archive;

async function lookInto(file: Blob, onProgress: (done: number) => void): Promise<Opened> {
  looked = undefined;
  const opened = await openFile(file, { onProgress, stopped: () => stopped });
  if (opened.ok) looked = opened;
  return opened;
}

function taken(): ReadLedger {
  const ledger = looked;
  looked = undefined;
  if (!ledger) throw new Error('The file is no longer open: choose it again.');
  return ledger;
}

/** What wraps an error does not come out of a worker with it. */
async function unlessWrapped<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    throw causeOf(error);
  }
}

async function unlessStopped<T>(work: () => Promise<T>): Promise<T | undefined> {
  try {
    return await unlessWrapped(work);
  } catch (error) {
    if (error instanceof Stopped) return undefined;
    throw error;
  }
}

expose(archive);
