import { Unzip, UnzipInflate } from 'fflate';
import { CHECK_NAME, isOurs, LEDGER_NAME } from '../../core/archive/names';
import type { History } from '../../core/merge/history';
import { checkLedgerText, type Ledger } from '../../core/records';
import { digestOfBlob } from './digest';
import { tell, type LongWork } from './long-work';
import type { PictureFiles } from './start-ledger';

/** What may be unpacked, bytes: more than any ledger holds, and little enough that a bomb goes out before it fills the machine. */
const MOST = { ledger: 400e6, check: 1000, picture: 20e6, all: 6e9, pictures: 50_000 } as const;
const PIECE = 1 << 20;

export type Unzipped =
  | { readonly ok: true; readonly ledger: Ledger; readonly history: History; readonly files: PictureFiles }
  | { readonly ok: false; readonly problem: string };

/** What makes an archive unfit: a sentence for people. */
class Unfit extends Error {}

const mostOf = (name: string) => (name === LEDGER_NAME ? MOST.ledger : name === CHECK_NAME ? MOST.check : MOST.picture);
const megabytes = (bytes: number) => `${Math.round(bytes / 1e6)} MB`;

/** Takes the files of ours out of a zip, bounded in size and number; whatever else is in it is passed over. */
async function unpack(zip: Blob, work: LongWork): Promise<Map<string, Blob>> {
  const found = new Map<string, Blob | undefined>();
  let all = 0;
  // What is thrown within the unpacker comes out of it as damage: the reason is kept here, and thrown after the piece.
  let unfit: Unfit | undefined;
  const unzip = new Unzip();
  unzip.register(UnzipInflate);
  unzip.onfile = (file) => {
    const { name } = file;
    if (!isOurs(name) || unfit) return;
    if (found.has(name)) unfit = new Unfit(`It holds ${name} twice.`);
    if (found.size > MOST.pictures) unfit = new Unfit(`It holds more than ${MOST.pictures} pictures.`);
    found.set(name, undefined);
    const parts: BlobPart[] = [];
    let size = 0;
    file.ondata = (error, bytes, final) => {
      if (error) unfit ??= new Unfit(`It is damaged at ${name}.`);
      if (unfit) return;
      size += bytes.length;
      all += bytes.length;
      if (size > mostOf(name)) unfit = new Unfit(`${name} is larger than ${megabytes(mostOf(name))}.`);
      if (all > MOST.all) unfit = new Unfit(`It unpacks to more than ${megabytes(MOST.all)}.`);
      parts.push(bytes.slice() as Uint8Array<ArrayBuffer>);
      if (final) found.set(name, new Blob(parts));
    };
    file.start();
  };
  for (let at = 0; at < zip.size; at += PIECE) {
    tell(work, (0.7 * at) / zip.size);
    const piece = new Uint8Array(await zip.slice(at, at + PIECE).arrayBuffer());
    try {
      unzip.push(piece, at + PIECE >= zip.size);
    } catch {
      // The unpacker gives codes for what it meets in a damaged file; none of them helps a sewist.
      unfit ??= new Unfit('It is damaged, and cannot be unpacked.');
    }
    if (unfit) throw unfit;
  }
  const files = new Map<string, Blob>();
  for (const [name, blob] of found) {
    if (!blob) throw new Unfit(`It breaks off at ${name}.`);
    files.set(name, blob);
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
