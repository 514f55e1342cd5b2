import { createHash, randomUUID } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { mkdir, open, readdir, rename, rm, stat } from 'node:fs/promises';
import { homedir } from 'node:os';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { copiesToLetGo, type DatedCopy } from '../src/core/archive/thin';

/** A copy of the ledger as the copies lists it. */
export interface ShelvedCopy extends DatedCopy {
  readonly bytes: number;
}

/** Names of whole copies: `amber-ledger-2026-11-25T19-57-03-120Z.zip`. Whatever else lies in the folder is not ours and is left alone. */
const COPY = /^amber-ledger-(\d{4}-\d{2}-\d{2})T(\d{2})-(\d{2})-(\d{2})-(\d{3})Z\.zip$/;
const WRITING = /^\.writing-[0-9a-f-]{36}$/;
/** A copy may be so large, bytes. */
const MOST = 6e9;

/** Why a copy was not taken: a sentence for people. */
export class NotTaken extends Error {}

/** Where copies are kept: a folder under the home folder, or the one that LEDGER_COPIES names. */
export function copiesFolder(environment: Readonly<Record<string, string | undefined>>): string {
  return environment['LEDGER_COPIES'] ?? join(homedir(), 'Amber Ledger copies');
}

/**
 * Dated copies of the ledger in one folder. A copy is written under another name, read back and compared, and only then takes its place:
 * whatever happens in between, the copies before it stay as they are.
 */
export class CopiesFolder {
  readonly folder: string;

  constructor(folder: string) {
    this.folder = folder;
  }

  /** Whole copies, the newest first. */
  async list(): Promise<ShelvedCopy[]> {
    const names = await readdir(this.folder).catch(() => []);
    const copies = await Promise.all(
      names.flatMap((name) => {
        const found = COPY.exec(name);
        if (!found) return [];
        const [, day, hour, minute, second, part] = found;
        return [stat(join(this.folder, name)).then(({ size }) => ({ name, written: `${day}T${hour}:${minute}:${second}.${part}Z`, bytes: size }))];
      }),
    );
    return copies.sort((a, b) => b.written.localeCompare(a.written));
  }

  /** The path of a copy; undefined for any name that is not one of ours. */
  pathOf(name: string): string | undefined {
    return COPY.test(name) ? join(this.folder, name) : undefined;
  }

  /**
   * Takes a copy in, and lets go of those that need no longer be kept.
   *
   * @param now milliseconds
   * @throws NotTaken, or as the disk does; nothing of the copy is left then
   */
  async take(copy: Readable, now: number): Promise<ShelvedCopy> {
    await mkdir(this.folder, { recursive: true, mode: 0o700 });
    await this.#sweep();
    const writing = join(this.folder, `.writing-${randomUUID()}`);
    try {
      const { bytes, digest } = await writeDown(copy, writing);
      // What the disk gives back is what counts, not what was handed to it.
      if ((await digestOf(writing)) !== digest) throw new NotTaken('The copy does not read back as it was written: is the disk in order?');
      const { name, written } = await this.#free(now);
      await rename(writing, join(this.folder, name));
      for (const old of copiesToLetGo(await this.list(), now)) await rm(join(this.folder, old.name), { force: true });
      return { name, written, bytes };
    } finally {
      await rm(writing, { force: true });
    }
  }

  /** A moment, and its name, that no copy bears yet: two within a millisecond are two. */
  async #free(now: number): Promise<DatedCopy> {
    const taken = new Set((await this.list()).map((c) => c.name));
    for (let at = now; ; at++) {
      const written = new Date(at).toISOString();
      const name = `amber-ledger-${written.replace(/[:.]/g, '-')}.zip`;
      if (!taken.has(name)) return { name, written };
    }
  }

  /** What a power cut left half written. A copy that is being written at this moment is younger than an hour. */
  async #sweep(): Promise<void> {
    for (const name of await readdir(this.folder)) {
      if (!WRITING.test(name)) continue;
      const path = join(this.folder, name);
      const age = Date.now() - (await stat(path).catch(() => ({ mtimeMs: Date.now() }))).mtimeMs;
      if (age > 3_600_000) await rm(path, { force: true });
    }
  }
}

/** Writes a stream to a file, to the disk and not only to its memory. */
async function writeDown(copy: Readable, path: string): Promise<{ readonly bytes: number; readonly digest: string }> {
  const file = await open(path, 'wx', 0o600);
  const hash = createHash('sha256');
  let bytes = 0;
  try {
    // What is refused half way is answered on the same line, which must stay open for that.
    for await (const piece of copy.iterator({ destroyOnReturn: false }) as AsyncIterable<Buffer>) {
      if (bytes === 0 && piece.subarray(0, 2).toString('latin1') !== 'PK') throw new NotTaken('This is no archive of a ledger.');
      bytes += piece.length;
      if (bytes > MOST) throw new NotTaken(`A copy may be ${MOST / 1e9} GB at most.`);
      hash.update(piece);
      // Whole, also where the disk takes it in parts.
      await file.appendFile(piece);
    }
    if (bytes === 0) throw new NotTaken('The copy is empty.');
    await file.sync();
  } finally {
    await file.close();
  }
  return { bytes, digest: hash.digest('hex') };
}

async function digestOf(path: string): Promise<string> {
  const hash = createHash('sha256');
  for await (const piece of createReadStream(path) as AsyncIterable<Buffer>) hash.update(piece);
  return hash.digest('hex');
}
