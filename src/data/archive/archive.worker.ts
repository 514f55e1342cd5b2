import { expose } from 'comlink';
import { whatWouldChange, type TableChange } from '../../core/archive/what-would-change';
import type { LengthUnit } from '../../core/measure/length';
import { Stopped } from './long-work';
import { readIn, readParts, replaceLedger, type ReadIn } from './ledger-file';
import { unzipLedger } from './unzip-ledger';
import { zipLedger } from './zip-ledger';
import { LedgerDatabase } from '../database';

const database = new LedgerDatabase();
let stopped = false;

/** What an archive would change, or why it cannot be read. */
export type Compared = { readonly ok: true; readonly changes: readonly TableChange[] } | { readonly ok: false; readonly problem: string };

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
    return unlessStopped(async () => {
      const opened = await unzipLedger(file, { onProgress, stopped: () => stopped });
      if (opened.ok) await replaceLedger(database, label, opened.ledger, opened.files);
      return readIn(opened);
    });
  },
  /** What would change were an archive put in the place of the ledger. */
  async compare(file: Blob, onProgress: (done: number) => void): Promise<Compared | undefined> {
    stopped = false;
    return unlessStopped(async () => {
      const opened = await unzipLedger(file, { onProgress, stopped: () => stopped });
      if (!opened.ok) return opened;
      const { tables, pictures } = await readParts(database);
      return { ok: true, changes: whatWouldChange({ ...tables, pictures }, opened.ledger) };
    });
  },
};
export type Archive = typeof archive;

async function unlessStopped<T>(work: () => Promise<T>): Promise<T | undefined> {
  try {
    return await work();
  } catch (error) {
    if (error instanceof Stopped) return undefined;
    throw error;
  }
}

expose(archive);
