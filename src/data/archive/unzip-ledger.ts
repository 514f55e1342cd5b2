import { checkLedgerText, type CheckedLedger } from '../../core/ledger/check-ledger';
import { BlobReader, configure, ZipReader, type FileEntry } from '@zip.js/zip.js/lib/zip-core-native.js';
import { CHECK_NAME, isOurs, LARGEST_LEDGER, LARGEST_PICTURE, LEDGER_NAME } from '../../core/archive/names';
import { joinedBytes } from '../../core/archive/joined-bytes';
import type { Ledger, Picture } from '../../core/records';
import { TextScan } from '../../core/archive/text-scan';
import { cleanPicture } from './clean-picture';
import { bytesOf, digest, fingerprint } from './digest';
import { tell, type LongWork } from './long-work';
import { MemoryAgain } from './memory-again';
import { sideBySide } from './side-by-side';
import type { PictureFile, PictureFiles } from './start-ledger';

/** What may be unpacked, bytes: more than any ledger holds, and little enough that a bomb goes out before it fills the machine. */
const MOST = { ledger: LARGEST_LEDGER, check: 1000, picture: LARGEST_PICTURE, all: 6e9, pictures: 50_000, besides: 1000 } as const;

export type Unzipped = (Extract<CheckedLedger, { ok: true }> & { readonly files: PictureFiles }) | Extract<CheckedLedger, { ok: false }>;

/** So much of a file is unpacked at one go, bytes: the browser's storage takes long over each piece that is asked of it. */
configure({ chunkSize: 262_144 });

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

/** Takes one file out, bounded in size: what a zip says of its sizes is believed where it is too much, and counted where it is not. */
async function take(entry: FileEntry): Promise<Uint8Array<ArrayBuffer>> {
  const name = entry.filename;
  const tooLarge = () => new Unfit(`${name} is larger than ${megabytes(mostOf(name))}.`);
  if (entry.uncompressedSize > mostOf(name)) throw tooLarge();
  const scan = name === LEDGER_NAME ? new TextScan() : undefined;
  const parts: Uint8Array[] = [];
  let size = 0;
  let unfit: Unfit | undefined;
  const into = new WritableStream<Uint8Array>({
    write(bytes) {
      size += bytes.length;
      const problem = scan?.take(bytes);
      if (size > mostOf(name)) unfit = tooLarge();
      else if (problem !== undefined) unfit = new Unfit(problem);
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
  return joinedBytes(parts);
}

/** The head of a file within a zip: its sign, its check, and the lengths of its name and of what stands behind that (APPNOTE 6.3, 4.3.7). */
const HEAD = { length: 30, sign: 0x04034b50, check: 14, nameLength: 26, extraLength: 28 } as const;

/** Room for what may stand behind the name in the head of a file: ours have nothing there. */
const EXTRA = 64;

/** So much of a zip is read at one go, bytes: a piece for each picture is asked of the browser's storage slowly, and all of it would fill the memory. */
const STRETCH = 4e6;

/** A picture's bytes in memory, and where they lie: as a blob that is made when it is asked for. */
interface Piece {
  readonly bytes: Uint8Array<ArrayBuffer>;
  readonly blob: (type: string) => Blob;
  /** Their check, where the zip says it twice over: whether they are as they were written is told by their digest. */
  readonly crc32?: number;
}

/** A picture that lies in the zip as it is. */
interface InPlace {
  readonly file: string;
  readonly picture: Picture;
  readonly entry: FileEntry;
}

/** Pictures that lie near to each other, and from where to where in the zip they are read at one go. */
interface Stretch {
  readonly from: number;
  to: number;
  readonly pictures: InPlace[];
}

/** Pictures in the order in which they lie, by stretches of the zip. */
function stretchesOf(pictures: readonly InPlace[]): readonly Readonly<Stretch>[] {
  const stretches: Stretch[] = [];
  for (const picture of [...pictures].sort((a, b) => a.entry.offset - b.entry.offset)) {
    const { offset, rawFilename, compressedSize } = picture.entry;
    const end = offset + HEAD.length + rawFilename.length + EXTRA + compressedSize;
    const last = stretches.at(-1);
    if (last && end <= last.from + STRETCH) {
      last.pictures.push(picture);
      last.to = Math.max(last.to, end);
    } else stretches.push({ from: offset, to: end, pictures: [picture] });
  }
  return stretches;
}

/** A file of a zip that is stored as it is, out of a stretch of it that was read. */
async function pieceOf(zip: Blob, stretch: Uint8Array<ArrayBuffer>, from: number, entry: FileEntry): Promise<Piece> {
  const damaged = new Unfit(`It is damaged at ${entry.filename}.`);
  const at = entry.offset - from;
  if (at + HEAD.length > stretch.length) throw damaged;
  const head = new DataView(stretch.buffer, stretch.byteOffset + at, HEAD.length);
  if (head.getUint32(0, true) !== HEAD.sign) throw damaged;
  const start = at + HEAD.length + head.getUint16(HEAD.nameLength, true) + head.getUint16(HEAD.extraLength, true);
  const end = start + entry.compressedSize;
  if (from + end > zip.size) throw damaged;
  const blob = (type?: string) => zip.slice(from + start, from + end, type);
  const check = head.getUint32(HEAD.check, true);
  return {
    blob,
    ...(check === entry.crc32 ? { crc32: check } : {}),
    bytes: end <= stretch.length ? stretch.subarray(start, end) : await bytesOf(blob()),
  };
}

const STORED = 0;

/** The end of a zip: its sign, and how many files it says there are (APPNOTE 6.3, 4.3.16); in 16 bits, all of them set where there are more. */
const END = { length: 22, sign: 0x06054b50, count: 10 } as const;

/** How many files a zip says it holds, at its very end; nought where words stand there, and they are counted as they are found. */
async function countSaid(zip: Blob): Promise<number> {
  const end = new DataView(await zip.slice(-END.length).arrayBuffer());
  return end.byteLength === END.length && end.getUint32(0, true) === END.sign ? end.getUint16(END.count, true) : 0;
}

/**
 * The files of ours in a zip, by their names; whatever else is in it is passed over.
 *
 * It goes by the directory at the end of the zip. To read on from one file to the next would not do: where a photograph ends could only be
 * told by four bytes that may as well stand in the midst of one, and in a ledger of two thousand they do.
 */
async function entriesOf(zip: Blob): Promise<ReadonlyMap<string, FileEntry>> {
  const tooMany = new Unfit(`It holds more than ${MOST.pictures} pictures.`);
  if ((await countSaid(zip)) > MOST.pictures + MOST.besides) throw tooMany;
  const entries = await orUnfit('It is damaged, and cannot be unpacked.', () =>
    // Names that climb out of a folder are no matter: none but ours is taken. It runs in a worker of ours already.
    new ZipReader(new BlobReader(zip), { filenameValidation: 'tolerant', useWebWorkers: false }).getEntries(),
  );
  const ours = entries.filter((entry): entry is FileEntry => !entry.directory && isOurs(entry.filename));
  if (ours.length > MOST.pictures) throw tooMany;
  const files = new Map<string, FileEntry>();
  for (const entry of ours) {
    if (files.has(entry.filename)) throw new Unfit(`It holds ${entry.filename} twice.`);
    files.set(entry.filename, entry);
  }
  const all = ours.reduce((sum, entry) => sum + entry.uncompressedSize, 0);
  if (all > MOST.all) throw new Unfit(`It unpacks to more than ${megabytes(MOST.all)}.`);
  return files;
}

/** Whether the ledger is as it was written; without its digest it is taken as it is. */
async function checkDigest(ledger: Uint8Array<ArrayBuffer>, check: Uint8Array<ArrayBuffer> | undefined): Promise<void> {
  if (!check) return;
  const said = new TextDecoder().decode(check).slice(0, 64);
  if (said !== (await digest(ledger)))
    throw new Unfit(`${LEDGER_NAME} is not as it was written. If you changed it by hand, take ${CHECK_NAME} out of the archive.`);
}

/** The text of the ledger in an archive, as it was written. */
async function ledgerTextIn(entries: ReadonlyMap<string, FileEntry>): Promise<string> {
  const [ledgerEntry, checkEntry] = [entries.get(LEDGER_NAME), entries.get(CHECK_NAME)];
  if (!ledgerEntry) throw new Unfit('It holds no ledger: this is no whole archive of Amber Ledger.');
  const ledger = await take(ledgerEntry);
  await checkDigest(ledger, checkEntry && (await take(checkEntry)));
  return new TextDecoder().decode(ledger);
}

/** Where pictures may be besides the archive itself. */
export interface PicturesElsewhere {
  /** One that lies in the ledger here with the very same bytes: it is not read again. */
  readonly here?: (picture: Picture, entry: FileEntry | undefined) => Promise<PictureFile | undefined>;
  /** One that is kept beside the archive, by the name of its file. */
  readonly beside?: (file: string) => Promise<Blob | undefined>;
}

/** A picture as it was written, and clean. */
async function asWritten({ sha256, type }: Picture, file: string, { bytes, blob, crc32 }: Piece): Promise<PictureFile> {
  const known = crc32 === undefined ? await fingerprint(bytes) : { sha256: await digest(bytes), crc32 };
  if (sha256 !== undefined && sha256 !== known.sha256) throw new Unfit(`The picture ${file} is damaged.`);
  const clean = cleanPicture(bytes, type);
  if (clean !== bytes) return { blob: new Blob([clean], { type }), ...(await fingerprint(clean)) };
  return {
    // What is only read back is never asked for it.
    get blob() {
      return blob(type);
    },
    ...known,
  };
}

/** The pictures that a ledger names, each with its type, as it was written, and clean; few are in memory at a time. */
async function picturesOf(
  ledger: Ledger,
  zip: Blob,
  entries: ReadonlyMap<string, FileEntry>,
  { here, beside }: PicturesElsewhere,
  work: LongWork,
): Promise<PictureFiles> {
  const found = new Map<string, PictureFile>();
  const put = (file: string, picture: PictureFile) => {
    found.set(file, picture);
    tell(work, 0.2 + (0.8 * found.size) / ledger.pictures.length);
  };
  const tooLarge = (file: string) => new Unfit(`${file} is larger than ${megabytes(MOST.picture)}.`);
  const inPlace: InPlace[] = [];
  await sideBySide(ledger.pictures, async (picture) => {
    const { file, sha256 } = picture;
    if (file === undefined) return;
    const entry = entries.get(file);
    const same = sha256 === undefined ? undefined : await here?.(picture, entry);
    if (same) return put(file, same);
    if (entry && Math.max(entry.uncompressedSize, entry.compressedSize) > MOST.picture) throw tooLarge(file);
    // Without a digest in the ledger it is the zip's own check that tells damage.
    if (entry?.compressionMethod === STORED && sha256 !== undefined) return void inPlace.push({ file, picture, entry });
    const taken = entry && (await take(entry));
    const blob = taken ? new Blob([taken]) : await beside?.(file);
    if (!blob) throw new Unfit(`The picture ${file} is missing in it.`);
    if (blob.size > MOST.picture) throw tooLarge(file);
    put(file, await asWritten(picture, file, { blob: (type) => blob.slice(0, blob.size, type), bytes: taken ?? (await bytesOf(blob)) }));
  });
  const memory = new MemoryAgain(STRETCH);
  await sideBySide(stretchesOf(inPlace), ({ from, to, pictures }) =>
    memory.lend(zip.slice(from, to), async (stretch) => {
      for (const { file, picture, entry } of pictures) put(file, await asWritten(picture, file, await pieceOf(zip, stretch, from, entry)));
    }),
  );
  return found;
}

/**
 * Reads an archive that `zipLedger` wrote. Nothing is kept of one that is damaged, cut off, foreign or too large.
 *
 * @throws Stopped
 */
export async function unzipLedger(zip: Blob, work: LongWork = {}, elsewhere: PicturesElsewhere = {}): Promise<Unzipped> {
  try {
    tell(work, 0);
    const entries = await entriesOf(zip);
    const text = await ledgerTextIn(entries);
    tell(work, 0.1);
    const checked = checkLedgerText(text);
    if (!checked.ok) return checked;
    return { ...checked, files: await picturesOf(checked.ledger, zip, entries, elsewhere, work) };
  } catch (error) {
    if (error instanceof Unfit) return { ok: false, problem: error.message };
    throw error;
  }
}
