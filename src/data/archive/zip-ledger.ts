import { ledgerText } from '../../core/ledger/check-ledger';
import { z } from 'zod';
import { keptPicture, LISTED_NAME, pictureList } from '../../core/archive/kept-copies';
import { indexPage } from '../../core/archive/index-page';
import { CHECK_NAME, INDEX_NAME, LEDGER_NAME, pictureName, SCHEMA_NAME } from '../../core/archive/names';
import type { LengthUnit } from '../../core/units/length';
import { Ledger, type Picture } from '../../core/records';
import type { History } from '../../core/ledger/merge/history';
import type { StoredPicture } from '../database';
import { cleanPicture } from './clean-picture';
import { BlobZip } from './blob-zip';
import { bytesOf, digest, fingerprint } from './digest';
import type { PictureFile } from './start-ledger';
import { tell, type LongWork } from './long-work';
import { sideBySide } from './side-by-side';

/** A ledger as it lies in the database: the pictures beside it. */
export interface LedgerInParts {
  readonly tables: Omit<Ledger, 'pictures'>;
  readonly pictures: readonly StoredPicture[];
  readonly history: History;
  /** Under which its copies are kept. */
  readonly id?: string;
}

/** The shapes of an archive's ledger, for programs that are not ours. */
function schemaText(): string {
  return JSON.stringify(z.toJSONSchema(Ledger, { io: 'input', unrepresentable: 'any' }), null, 1);
}

/**
 * A whole ledger as one zip: `ledger.json`, the pictures as files, a page of all makes to be read without a program, the shapes as JSON
 * Schema, and a digest. Pictures are taken as they lie, few at a time in memory where they must be read.
 *
 * @param written the moment of writing, ISO
 * @param unit lengths on the page of makes
 * @throws Stopped
 */
export async function zipLedger(parts: LedgerInParts, written: string, unit: LengthUnit, work: LongWork = {}): Promise<Blob> {
  return (await zipped(parts, written, unit, work, false)).zip;
}

/** A picture that is kept beside copies, once for all of them. */
export interface KeptPicture extends PictureFile {
  readonly name: string;
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
  const zip = new BlobZip();
  const text = (name: string, words: string) => zip.pack(name, new TextEncoder().encode(words));
  let done = 0;
  const ready = await sideBySide(pictures, async (picture) => {
    tell(work, done++ / (pictures.length + 1));
    return readyToGo(picture);
  });
  const filed: Picture[] = [];
  const kept: KeptPicture[] = [];
  for (const [i, { facts, blob, sha256, crc32 }] of ready.entries()) {
    if (beside) {
      const name = keptPicture({ type: facts.type, sha256 });
      filed.push({ ...facts, file: `pictures/${name}`, sha256 });
      kept.push({ name, blob, sha256, crc32 });
      continue;
    }
    const file = pictureName(facts, i);
    filed.push({ ...facts, file, sha256 });
    // A photograph is packed already; drawings are words.
    if (facts.type === 'image/svg+xml') await zip.pack(file, await bytesOf(blob));
    else zip.store(file, blob, crc32);
  }
  tell(work, pictures.length / (pictures.length + 1));
  const ledger: Ledger = { ...tables, pictures: filed };
  const ledgerBytes = new TextEncoder().encode(ledgerText(ledger, written, history, id));
  await zip.pack(LEDGER_NAME, ledgerBytes);
  await text(CHECK_NAME, `${await digest(ledgerBytes)}  ${LEDGER_NAME}\n`);
  await text(SCHEMA_NAME, schemaText());
  if (beside) await text(LISTED_NAME, pictureList(kept.map(({ name }) => name)));
  await text(INDEX_NAME, indexPage(ledger, written.slice(0, 10), unit));
  tell(work, 1);
  return { zip: zip.whole(), pictures: kept };
}

/** A picture as it may go out: what has its fingerprint with it is clean and is not read; of the rest it is made. */
async function readyToGo({ blob, small: _, sha256, crc32, ...facts }: StoredPicture) {
  if (sha256 !== undefined && crc32 !== undefined) return { facts, blob, sha256, crc32 };
  const bytes = await bytesOf(blob);
  const clean = cleanPicture(bytes, facts.type);
  return { facts, blob: clean === bytes ? blob : new Blob([clean], { type: facts.type }), ...(await fingerprint(clean)) };
}
