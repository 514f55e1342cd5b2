import { strFromU8, unzipSync } from 'fflate';
import { createHash, randomUUID } from 'node:crypto';
import { constants, createReadStream } from 'node:fs';
import { copyFile, link, lstat, mkdir, open, readdir, readFile, rm, stat } from 'node:fs/promises';
import { homedir } from 'node:os';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { LEDGER_ID } from '../src/core/ledger/ledger-id';
import { KEPT_PICTURE, LISTED_NAME, picturesListed } from '../src/core/archive/kept-copies';
import { LARGEST_PICTURE } from '../src/core/archive/names';
import { copiesToLetGo, type DatedCopy } from '../src/core/archive/thin';

/** A copy as it is listed. */
export interface KeptCopy extends DatedCopy {
  readonly bytes: number;
  /** The id of its ledger; copies of an earlier app are whole archives and name none. */
  readonly ledger?: string;
  /** Whom the ledger is of, as its folder says. */
  readonly of?: string;
}

/** Names of copies: `amber-ledger-2026-11-25T19-57-03-120Z.zip`. Whatever else lies in the folder is not ours and is left alone. */
const COPY = /^amber-ledger-(\d{4}-\d{2}-\d{2})T(\d{2})-(\d{2})-(\d{2})-(\d{3})Z\.zip$/;
/** Folders of ledgers: whom it is of, and its id. */
const LEDGER = /^(?:([a-z0-9-]{1,40})-)?([a-z0-9]{12})$/;
/** Files that are being written, with the process that writes them. */
const WRITING = /^\.writing-(?:(\d+)-)?[0-9a-f-]{36}$/;
const PICTURES = 'pictures';
/** A copy, and a picture beside it, may be so large, bytes. */
const MOST = { copy: 300e6, picture: LARGEST_PICTURE } as const;
const HOUR = 3_600_000;

/** Why a copy was not taken: a sentence for people. */
export class NotTaken extends Error {}

/** Where copies are kept: a folder under the home folder, or the one that LEDGER_COPIES names. */
export function copiesFolder(environment: Readonly<Record<string, string | undefined>>): string {
  return environment['LEDGER_COPIES'] ?? join(homedir(), 'Amber Ledger copies');
}

/**
 * Dated copies of ledgers in one folder: a folder for each ledger, in it the copies and, once each by their digest, the pictures that they
 * speak of. What comes in is written under another name, read back and compared, and only then takes its place, never that of another:
 * whatever happens in between, what lay there before stays as it is. Two servers may keep copies in one folder.
 */
export class CopiesFolder {
  readonly folder: string;

  constructor(folder: string) {
    this.folder = folder;
  }

  /** Whole copies of all ledgers, the newest first; what is none, or cannot be read, is passed over. */
  async list(): Promise<KeptCopy[]> {
    const copies = await copiesIn(this.folder);
    for (const name of await namesIn(this.folder)) {
      const [, of, ledger] = LEDGER.exec(name) ?? [];
      if (ledger === undefined) continue;
      for (const copy of await copiesIn(join(this.folder, name))) copies.push({ ...copy, ledger, ...(of === undefined ? {} : { of }) });
    }
    return copies.sort((a, b) => b.written.localeCompare(a.written));
  }

  /** The path of a copy; undefined for any name that is not one of ours. Without a ledger it is one of an earlier app. */
  async pathOf(name: string, ledger?: string): Promise<string | undefined> {
    const within = ledger === undefined ? this.folder : await this.#find(ledger);
    return within !== undefined && COPY.test(name) ? join(within, name) : undefined;
  }

  /** The path of a picture that copies of a ledger speak of. */
  async pathOfPicture(name: string, ledger: string): Promise<string | undefined> {
    const within = await this.#find(ledger);
    return within !== undefined && KEPT_PICTURE.test(name) ? join(within, PICTURES, name) : undefined;
  }

  /** Which of some pictures are not kept yet. */
  async missing(ledger: string, names: readonly string[]): Promise<string[]> {
    const within = await this.#find(ledger);
    const here = new Set(within === undefined ? [] : await namesIn(join(within, PICTURES)));
    return names.filter((name) => KEPT_PICTURE.test(name) && !here.has(name));
  }

  /**
   * Takes a picture in, under its digest.
   *
   * @throws NotTaken, or as the disk does; nothing of it is left then
   */
  async takePicture(ledger: string, of: string, name: string, bytes: Readable): Promise<void> {
    if (!KEPT_PICTURE.test(name)) throw new NotTaken('This is no name of a picture.');
    const pictures = join(await this.#folderOf(ledger, of), PICTURES);
    await mkdir(pictures, { recursive: true, mode: 0o700 });
    await written(pictures, bytes, MOST.picture, async (path, digest) => {
      if (!name.startsWith(digest)) throw new NotTaken('The picture is not what its name says.');
      await publish(path, join(pictures, name));
    });
  }

  /**
   * Takes a copy in, and lets go of some that need no longer be kept, with the pictures of which no copy speaks any more.
   *
   * @param of whom the ledger is of, in small letters: names its folder when that is made
   * @param now milliseconds
   * @throws NotTaken, or as the disk does; nothing of the copy is left then
   */
  async take(ledger: string, of: string, copy: Readable, now: number): Promise<KeptCopy> {
    const folder = await this.#folderOf(ledger, of);
    const taken = await written(folder, copy, MOST.copy, async (path, _, bytes) => {
      const lacking = await this.missing(ledger, await picturesOf(path));
      if (lacking.length > 0) throw new NotTaken('The copy speaks of pictures that did not arrive.');
      for (let at = now; ; at++) {
        const moment = new Date(at).toISOString();
        const name = `amber-ledger-${moment.replace(/[:.]/g, '-')}.zip`;
        // Two within a millisecond, from two servers too, are two.
        if (await publish(path, join(folder, name))) return { name, written: moment, bytes, ledger };
      }
    });
    await this.#thin(folder);
    return taken;
  }

  /** Sweeps away what was left half written: by processes that are gone, or an hour ago. Asked when a server starts. */
  async sweep(now: number): Promise<void> {
    const ledgers = (await namesIn(this.folder)).filter((name) => LEDGER.test(name)).map((name) => join(this.folder, name));
    for (const folder of [this.folder, ...ledgers, ...ledgers.map((ledger) => join(ledger, PICTURES))])
      for (const name of await namesIn(folder)) {
        const [half, process] = WRITING.exec(name) ?? [];
        if (half === undefined) continue;
        const path = join(folder, name);
        const old = now - ((await stat(path).catch(() => undefined))?.mtimeMs ?? now) > HOUR;
        if (old || (process !== undefined && !isRunning(Number(process)))) await rm(path, { force: true });
      }
  }

  /** The folder of a ledger; undefined where there is none. */
  async #find(ledger: string): Promise<string | undefined> {
    const name = (await namesIn(this.folder)).find((n) => LEDGER.exec(n)?.[2] === ledger);
    return name === undefined ? undefined : join(this.folder, name);
  }

  async #folderOf(ledger: string, of: string): Promise<string> {
    if (!LEDGER_ID.test(ledger)) throw new NotTaken('This is no id of a ledger.');
    const found = await this.#find(ledger);
    if (found !== undefined) return found;
    const name = [...(LEDGER.test(`${of}-${ledger}`) ? [of] : []), ledger].join('-');
    await mkdir(join(this.folder, name), { recursive: true, mode: 0o700 });
    return join(this.folder, name);
  }

  async #thin(folder: string): Promise<void> {
    const gone = copiesToLetGo(await copiesIn(folder));
    if (gone.length === 0) return;
    for (const { name } of gone) await rm(join(folder, name), { force: true });
    const needed = new Set<string>();
    // Where one copy cannot say what it needs, no picture goes.
    try {
      for (const { name } of await copiesIn(folder)) for (const picture of await picturesOf(join(folder, name))) needed.add(picture);
    } catch {
      return;
    }
    for (const name of await namesIn(join(folder, PICTURES))) {
      const path = join(folder, PICTURES, name);
      // One that came in this day may be of a copy that is still on its way.
      const young = Date.now() - ((await stat(path).catch(() => undefined))?.mtimeMs ?? Infinity) < 24 * HOUR;
      if (KEPT_PICTURE.test(name) && !needed.has(name) && !young) await rm(path, { force: true });
    }
  }
}

function isRunning(process_: number): boolean {
  try {
    process.kill(process_, 0);
    return true;
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
}

/** What lies in a folder: nothing where it cannot be read. */
const namesIn = (folder: string): Promise<string[]> => readdir(folder).catch(() => []);

async function copiesIn(folder: string): Promise<KeptCopy[]> {
  const copies = await Promise.all(
    (await namesIn(folder)).map(async (name): Promise<KeptCopy[]> => {
      const [found, day, hour, minute, second, part] = COPY.exec(name) ?? [];
      if (found === undefined) return [];
      const moment = `${day}T${hour}:${minute}:${second}.${part}Z`;
      const time = Date.parse(moment);
      if (Number.isNaN(time) || new Date(time).toISOString() !== moment) return [];
      const bytes = await wholeSize(join(folder, name));
      return bytes === undefined ? [] : [{ name, written: moment, bytes }];
    }),
  );
  return copies.flat();
}

/** The end of a zip: its directory's record, behind which stands a comment at most (APPNOTE 6.3, 4.3.16). */
const END = { sign: Buffer.from([0x50, 0x4b, 5, 6]), length: 22, commentLength: 20, mostComment: 65_535 } as const;

/** The size of a file that ends as a zip does; undefined for any other, for folders, and for links that lead nowhere. */
async function wholeSize(path: string): Promise<number | undefined> {
  try {
    const entry = await lstat(path);
    if (!entry.isFile()) return undefined;
    const file = await open(path, 'r');
    try {
      const length = Math.min(entry.size, END.length + END.mostComment);
      const { buffer } = await file.read(Buffer.alloc(length), 0, length, entry.size - length);
      const at = buffer.lastIndexOf(END.sign);
      const isEnd = at >= 0 && at + END.length <= length && at + END.length + buffer.readUInt16LE(at + END.commentLength) === length;
      return isEnd ? entry.size : undefined;
    } finally {
      await file.close();
    }
  } catch {
    return undefined;
  }
}

/**
 * The pictures that a copy speaks of.
 *
 * @throws NotTaken where it is none of ours
 */
async function picturesOf(copy: string): Promise<string[]> {
  try {
    const listed = unzipSync(await readFile(copy), { filter: ({ name }) => name === LISTED_NAME })[LISTED_NAME];
    if (listed) return picturesListed(strFromU8(listed));
  } catch {
    // Said below.
  }
  throw new NotTaken('This is no copy of a ledger.');
}

/** Gives a file that was written its name. Returns whether the name was free: what has it already is never written over. */
async function publish(path: string, as: string): Promise<boolean> {
  const taken = (error: unknown) => (error as NodeJS.ErrnoException).code === 'EEXIST';
  try {
    await link(path, as);
    return true;
  } catch (error) {
    if (taken(error)) return false;
    if (!['EPERM', 'ENOTSUP', 'ENOSYS', 'EMLINK'].includes((error as NodeJS.ErrnoException).code ?? '')) throw error;
  }
  // A disk that knows no second names, such as a memory stick.
  try {
    await copyFile(path, as, constants.COPYFILE_EXCL);
    return true;
  } catch (error) {
    if (taken(error)) return false;
    await rm(as, { force: true });
    throw error;
  }
}

/** Writes what comes in to a file that is nobody's yet, and hands it on when the disk gives the same back; the file is gone afterwards. */
async function written<T>(
  folder: string,
  content: Readable,
  most: number,
  use: (path: string, digest: string, bytes: number) => Promise<T>,
): Promise<T> {
  const path = join(folder, `.writing-${process.pid}-${randomUUID()}`);
  try {
    const { bytes, digest } = await writeDown(content, path, most);
    // What the disk gives back is what counts, not what was handed to it.
    if ((await digestOf(path)) !== digest) throw new NotTaken('The copy does not read back as it was written: is the disk in order?');
    return await use(path, digest, bytes);
  } finally {
    await rm(path, { force: true });
  }
}

/** Writes a stream to a file, to the disk and not only to its memory. */
async function writeDown(content: Readable, path: string, most: number): Promise<{ readonly bytes: number; readonly digest: string }> {
  const file = await open(path, 'wx', 0o600);
  const hash = createHash('sha256');
  let bytes = 0;
  try {
    // What is refused half way is answered on the same line, which must stay open for that.
    for await (const piece of content.iterator({ destroyOnReturn: false }) as AsyncIterable<Buffer>) {
      bytes += piece.length;
      if (bytes > most) throw new NotTaken(`It is larger than ${most / 1e6} MB.`);
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
