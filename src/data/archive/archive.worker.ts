import { expose } from 'comlink';
import type { LengthUnit } from '../../core/measure/length';
import { Stopped } from './long-work';
import { readIn, readParts, replaceLedger, type ReadIn } from './ledger-file';
import { unzipLedger } from './unzip-ledger';
import { zipLedger } from './zip-ledger';
import { LedgerDatabase } from '../database';

const database = new LedgerDatabase();
let stopped = false;

/** The archive out and in, off the main thread. Undefined is the answer of a work that was stopped. */
const archive = {
  stop: () => {
    stopped = true;
  },
  async save(written: string, unit: LengthUnit, onProgress: (done: number) => void): Promise<Blob | undefined> {
    stopped = false;
    return unlessStopped(async () => zipLedger(await readParts(database), written, unit, { onProgress, stopped: () => stopped }));
  },
  async read(file: Blob, onProgress: (done: number) => void): Promise<ReadIn | undefined> {
    stopped = false;
    return unlessStopped(async () => {
      const opened = await unzipLedger(file, { onProgress, stopped: () => stopped });
      if (opened.ok) await replaceLedger(database, 'ledger read from a file', opened.ledger, opened.files);
      return readIn(opened);
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
