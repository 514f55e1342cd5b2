import { checkLedgerText, type CheckedLedger } from '../../core/ledger/check-ledger';
import { BlobReader, ZipReader, type FileEntry } from '@zip.js/zip.js/lib/zip-core-native.js';
import { CHECK_NAME, isOurs, LEDGER_NAME } from '../../core/archive/names';
import { type Ledger } from '../../core/records';
import { digestOfBlob } from './digest';
import { tell, type LongWork } from './long-work';
import type { PictureFiles } from './start-ledger';

/** What may be unpacked, bytes: more than any ledger holds, and little enough that a bomb goes out before it fills the machine. */
const MOST = { ledger: 400e6, check: 1000, picture: 20e6, all: 6e9, pictures: 50_000 } as const;

export type Unzipped = (Extract<CheckedLedger, { ok: true }> & { readonly files: PictureFiles }) | Extract<CheckedLedger, { ok: false }>;

/** What makes an archive unfit: a sentence for people. */
class Unfit extends Error {}

const mostOf = (name: string) => (name === LEDGER_NAME ? MOST.ledger : name === CHECK_NAME ? MOST.check : MOST.picture);
const megabytes = (bytes: number) => `${Math.round(bytes / 1e6)} MB`;

/** What the unpacker says of a damaged file helps no sewist; that the file cannot be read at all is another matter. */
async function orUnfit<T>(problem: string, work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (error instanceof Unfit || error instanceof DOMException) throw error;
    throw new Unfit(problem);
  }
}

/** Takes one file out, bounded in size: what a zip says of its sizes need not be so. */
async function take(entry: FileEntry, room: number): Promise<Blob> {
  const name = entry.filename;
  const parts: BlobPart[] = [];
  let size = 0;
  let unfit: Unfit | undefined;
  const into = new WritableStream<Uint8Array>({
    write(bytes) {
      size += bytes.length;
      if (size > mostOf(name)) unfit = new Unfit(`${name} is larger than ${megabytes(mostOf(name))}.`);
      else if (size > room) unfit = new Unfit(`It unpacks to more than ${megabytes(MOST.all)}.`);
      if (unfit) throw unfit;
      parts.push(bytes.slice());
    },
  });
  await orUnfit(`It is damaged at ${name}.`, async () => {
    try {
      await entry.getData(into, { checkSignature: true });
    } catch (error) {
      throw unfit ?? error;
    }
  });
  return new Blob(parts);
}

/**
 * Takes the files of ours out of a zip, bounded in size and number; whatever else is in it is passed over.
 *
 * It goes by the directory at the end of the zip. To read on from one file to the next would not do: where a photograph ends could only be
 * told by four bytes that may as well stand in the midst of one, and in a ledger of two thousand they do.
 */
async function unpack(zip: Blob, work: LongWork): Promise<Map<string, Blob>> {
  const entries = await orUnfit('It is damaged, and cannot be unpacked.', () =>
    // Names that climb out of a folder are no matter: none but ours is taken. It runs in a worker of ours already.
    new ZipReader(new BlobReader(zip), { filenameValidation: 'tolerant', useWebWorkers: false }).getEntries(),
  );
  const ours = entries.filter((entry): entry is FileEntry => !entry.directory && isOurs(entry.filename));
  if (ours.length > MOST.pictures) throw new Unfit(`It holds more than ${MOST.pictures} pictures.`);
  const files = new Map<string, Blob>();
  let room: number = MOST.all;
  for (const [i, entry] of ours.entries()) {
    tell(work, (0.7 * i) / ours.length);
    if (files.has(entry.filename)) throw new Unfit(`It holds ${entry.filename} twice.`);
    const file = await take(entry, room);
    room -= file.size;
    files.set(entry.filename, file);
  }
  return files;
}

/** Whether the ledger is as it was written; without its digest it is taken as it is. */
async function checkDigest(ledger: Blob, check: Blob | undefined): Promise<void> {
  if (!check) return;
  const said = (await check.text()).slice(0, 64);
  if (said !== (await digestOfBlob(ledger)))
    throw new Unfit(`${LEDGER_NAME} is not as it was written. If you changed it by hand, take ${CHECK_NAME} out of the archive.`);
}

/** The pictures that a ledger names, each with its type, and as it was written. */
async function picturesOf(ledger: Ledger, files: ReadonlyMap<string, Blob>, work: LongWork): Promise<PictureFiles> {
  const pictures = new Map<string, Blob>();
  for (const [i, { file, sha256, type }] of ledger.pictures.entries()) {
    tell(work, 0.8 + (0.2 * i) / ledger.pictures.length);
    if (file === undefined) continue;
    const blob = files.get(file);
    if (!blob) throw new Unfit(`The picture ${file} is missing in it.`);
    if (sha256 !== undefined && sha256 !== (await digestOfBlob(blob))) throw new Unfit(`The picture ${file} is damaged.`);
    pictures.set(file, new Blob([blob], { type }));
  }
  return pictures;
}

/**
 * Reads an archive that `zipLedger` wrote. Nothing is kept of one that is damaged, cut off, foreign or too large.
 *
 * @throws Stopped
 */
export async function unzipLedger(zip: Blob, work: LongWork = {}): Promise<Unzipped> {
  try {
    const files = await unpack(zip, work);
    const ledger = files.get(LEDGER_NAME);
    if (!ledger) throw new Unfit('It holds no ledger: this is no whole archive of Amber Ledger.');
    await checkDigest(ledger, files.get(CHECK_NAME));
    tell(work, 0.75);
    const checked = checkLedgerText(await ledger.text());
    if (!checked.ok) return checked;
    return { ...checked, files: await picturesOf(checked.ledger, files, work) };
  } catch (error) {
    if (error instanceof Unfit) return { ok: false, problem: error.message };
    throw error;
  }
}
