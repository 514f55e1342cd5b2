import { ledgerText } from '../../core/ledger/check-ledger';
import { Uint8ArrayReader, ZipWriter } from '@zip.js/zip.js/lib/zip-core-native.js';
import { z } from 'zod';
import { keptPicture, LISTED_NAME, pictureList } from '../../core/archive/kept-copies';
import { indexPage } from '../../core/archive/index-page';
import { CHECK_NAME, INDEX_NAME, LEDGER_NAME, pictureName, SCHEMA_NAME } from '../../core/archive/names';
import type { LengthUnit } from '../../core/units/length';
import { Ledger, type Picture } from '../../core/records';
import type { History } from '../../core/ledger/merge/history';
import type { StoredPicture } from '../database';
import { cleanPicture } from './clean-picture';
import { digest } from './digest';
import { tell, type LongWork } from './long-work';

/** A ledger as it lies in the database: the pictures beside it. */
export interface LedgerInParts {
  readonly tables: Omit<Ledger, 'pictures'>;
  readonly pictures: readonly StoredPicture[];
  readonly history: History;
  /** Under which its copies are kept. */
  readonly id?: string;
}

/** Bytes that lie in memory before they are handed to the browser, whatever the size of a ledger. */
const FOLD_AT = 16 << 20;

/** A Blob that grows: what is written is given to the browser piece by piece, which keeps large ones on disk. */
class GrowingBlob {
  #parts: BlobPart[] = [];
  #loose = 0;

  add(bytes: Uint8Array): void {
    this.#parts.push(bytes as Uint8Array<ArrayBuffer>);
    this.#loose += bytes.length;
    if (this.#loose < FOLD_AT) return;
    this.#parts = [new Blob(this.#parts)];
    this.#loose = 0;
  }

  whole(type: string): Blob {
    return new Blob(this.#parts, { type });
  }
}

/** The shapes of an archive's ledger, for programs that are not ours. */
function schemaText(): string {
  return JSON.stringify(z.toJSONSchema(Ledger, { io: 'input', unrepresentable: 'any' }), null, 1);
}

/**
 * A whole ledger as one zip: `ledger.json`, the pictures as files, a page of all makes to be read without a program, the shapes as JSON
 * Schema, and a digest. One picture at a time is in memory.
 *
 * @param written the moment of writing, ISO
 * @param unit lengths on the page of makes
 * @throws Stopped
 */
export async function zipLedger(parts: LedgerInParts, written: string, unit: LengthUnit, work: LongWork = {}): Promise<Blob> {
  return (await zipped(parts, written, unit, work, false)).zip;
}

/** A picture that is kept beside copies, once for all of them. */
export interface KeptPicture {
  readonly name: string;
  readonly bytes: Blob;
}

/**
 * The same without the pictures, which lie beside it under their digests: what is made after each evening does not hold all of them again.
 *
 * @returns the zip, and the pictures that it speaks of
 */
export function zipCopy(
  parts: LedgerInParts,
  written: string,
  unit: LengthUnit,
  work: LongWork = {},
): Promise<{ readonly zip: Blob; readonly pictures: readonly KeptPicture[] }> {
  return zipped(parts, written, unit, work, true);
}

async function zipped({ tables, pictures, history, id }: LedgerInParts, written: string, unit: LengthUnit, work: LongWork, beside: boolean) {
  const blob = new GrowingBlob();
  // It runs in a worker of ours already.
  const zip = new ZipWriter(new WritableStream<Uint8Array>({ write: (bytes) => blob.add(bytes.slice()) }), { useWebWorkers: false });
  const add = (name: string, bytes: Uint8Array<ArrayBuffer>, packed: boolean) =>
    zip.add(name, new Uint8ArrayReader(bytes), { level: packed ? 6 : 0 });
  const text = (name: string, words: string) => add(name, new TextEncoder().encode(words), true);

  const filed: Picture[] = [];
  const kept: KeptPicture[] = [];
  for (const [i, { blob: picture, small: _, ...facts }] of pictures.entries()) {
    tell(work, i / (pictures.length + 1));
    if (beside) {
      // What has its digest with it is clean; of the rest it is made, as it will lie there.
      const { sha256, bytes } = facts.sha256 === undefined ? await cleaned(picture, facts.type) : { sha256: facts.sha256, bytes: picture };
      const name = keptPicture({ type: facts.type, sha256 });
      filed.push({ ...facts, file: `pictures/${name}`, sha256 });
      kept.push({ name, bytes });
      continue;
    }
    const bytes = new Uint8Array(await picture.arrayBuffer());
    // What was taken in by an earlier app may not be clean; what is has its digest with it.
    const clean = cleanPicture(bytes, facts.type);
    const file = pictureName(facts, i);
    // A photograph is packed already; drawings are words.
    await add(file, clean, facts.type === 'image/svg+xml');
    filed.push({ ...facts, file, sha256: clean === bytes && facts.sha256 !== undefined ? facts.sha256 : await digest(clean) });
  }
  tell(work, pictures.length / (pictures.length + 1));
  const ledger: Ledger = { ...tables, pictures: filed };
  const ledgerBytes = new TextEncoder().encode(ledgerText(ledger, written, history, id));
  await add(LEDGER_NAME, ledgerBytes, true);
  await text(CHECK_NAME, `${await digest(ledgerBytes)}  ${LEDGER_NAME}\n`);
  await text(SCHEMA_NAME, schemaText());
  if (beside) await text(LISTED_NAME, pictureList(kept.map(({ name }) => name)));
  await text(INDEX_NAME, indexPage(ledger, written.slice(0, 10), unit));
  await zip.close();
  tell(work, 1);
  return { zip: blob.whole('application/zip'), pictures: kept };
}

/** A picture of an earlier app as it may go out, with its digest. */
async function cleaned(picture: Blob, type: Picture['type']): Promise<{ readonly sha256: string; readonly bytes: Blob }> {
  const clean = cleanPicture(new Uint8Array(await picture.arrayBuffer()), type);
  return { sha256: await digest(clean), bytes: new Blob([clean], { type }) };
}
