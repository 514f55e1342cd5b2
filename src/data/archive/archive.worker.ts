import { expose } from 'comlink';
import { whatWouldChange, type TableChange } from '../../core/archive/what-would-change';
import type { LengthUnit } from '../../core/units/length';
import { Stopped, type LongWork } from './long-work';
import type { Which } from '../../core/ledger/merge/merge';
import {
  lyingIn,
  openFile,
  readBack,
  readFile,
  readParts,
  replaceLedger,
  type LedgerCounts,
  type LyingPicture,
  type Opened,
  type ReadIn,
  type ReadLedger,
} from './ledger-file';
import type { Copy, CopyName } from './list-copies';
import { copyAsArchive, makeCopy, openCopy } from './make-copy';
import { bringTogether, lookTogether, type Together } from './merge-in';
import { causeOf, LedgerDatabase } from '../database';
import { zipLedger } from './zip-ledger';

const database = new LedgerDatabase();
let stopped = false;
/** The ledger of the file that was looked through last, until it is taken: to unpack an archive twice may take minutes. */
let looked: ReadLedger | undefined;

/** An archive that was written, and what was known of its pictures before. */
export interface SavedArchive {
  readonly zip: Blob;
  readonly lying: readonly LyingPicture[];
}

/** What an archive would change, or why it cannot be read. */
export type Compared =
  | { readonly ok: true; readonly changes: readonly TableChange[]; readonly notices: readonly string[] }
  | { readonly ok: false; readonly problem: string };

/** What bringing a file together with the ledger would come to, or why it cannot be read. */
export type Looked =
  | { readonly ok: true; readonly together: Together; readonly notices: readonly string[] }
  | { readonly ok: false; readonly problem: string };

/** The archive out and in, off the main thread. Undefined is the answer of a work that was stopped. */
const archive = {
  stop: () => {
    stopped = true;
  },
  save: (written: string, unit: LengthUnit, onProgress: (done: number) => void): Promise<SavedArchive | undefined> =>
    stoppable(onProgress, async (work) => {
      const parts = await readParts(database);
      return { zip: await zipLedger(parts, written, unit, work), lying: lyingIn(parts.pictures) };
    }),
  /** Reads back what was saved, while the browser still takes it: it is called saved after that. */
  readBack: ({ zip, lying }: SavedArchive, onProgress: (done: number) => void): Promise<boolean | undefined> =>
    stoppable(onProgress, async (work) => {
      await readBack(zip, lying, work);
      return true;
    }),
  /** @param label what undo will say was done */
  read: (file: Blob, label: string, onProgress: (done: number) => void): Promise<ReadIn | undefined> =>
    stoppable(onProgress, (work) => readFile(database, file, label, work)),
  /** Makes a copy where the server keeps them. Undefined where it was stopped. */
  copy: (unit: LengthUnit, onProgress: (done: number) => void): Promise<boolean | undefined> =>
    stoppable(onProgress, async (work) => {
      await makeCopy(database, unit, work);
      return true;
    }),
  /** A copy as one archive. */
  copyAsArchive: (copy: Copy, unit: LengthUnit, onProgress: (done: number) => void): Promise<Blob | undefined> =>
    stoppable(onProgress, (work) => copyAsArchive(database, copy, unit, work)),
  /** What would change were a file, or a copy, put in the place of the ledger. */
  compare: (file: Blob | CopyName, onProgress: (done: number) => void): Promise<Compared | undefined> =>
    stoppable(onProgress, async (work) => {
      const opened = await lookInto(file, work);
      if (!opened.ok) return opened;
      const { tables, pictures } = await readParts(database);
      return { ok: true, changes: whatWouldChange({ ...tables, pictures }, opened.ledger), notices: opened.notices };
    }),
  /** What would come of bringing the ledger of a file together with the one here; nothing is written. */
  look: (file: Blob, unit: LengthUnit, onProgress: (done: number) => void): Promise<Looked | undefined> =>
    stoppable(onProgress, async (work) => {
      const opened = await lookInto(file, work);
      return opened.ok ? { ok: true, together: await lookTogether(database, opened, unit), notices: opened.notices } : opened;
    }),
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

async function lookInto(file: Blob | CopyName, work: LongWork): Promise<Opened> {
  looked = undefined;
  const opened = await (file instanceof Blob ? openFile(database, file, work) : openCopy(database, file, work));
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

/** Tells of a hundredth at a time: each is a message to the page, which draws it. */
function nowAndThen(onProgress: (done: number) => void): (done: number) => void {
  let told = -1;
  return (done) => {
    const hundredths = Math.floor(done * 100);
    if (hundredths <= told) return;
    told = hundredths;
    onProgress(done);
  };
}

/** A work that shows how far it is and can be stopped: undefined where it was. */
async function stoppable<T>(onProgress: (done: number) => void, run: (work: LongWork) => Promise<T>): Promise<T | undefined> {
  stopped = false;
  try {
    return await unlessWrapped(() => run({ onProgress: nowAndThen(onProgress), stopped: () => stopped }));
  } catch (error) {
    if (error instanceof Stopped) return undefined;
    throw error;
  }
}

expose(archive);
