import { formatISO } from 'date-fns';
import { z } from 'zod';
import { nameForFolder } from '../../core/archive/kept-copies';
import type { Picture } from '../../core/records';
import type { LengthUnit } from '../../core/units/length';
import type { LedgerDatabase } from '../database';
import { noteSaved, reachedNow } from '../saved-state';
import { ledgerIdOf } from '../settings';
import { OURS, type Copy, type CopyName } from './list-copies';
import { openFile, readParts, type Opened } from './ledger-file';
import { partOf, tell, type LongWork } from './long-work';
import { sideBySide } from './side-by-side';
import { unzipLedger } from './unzip-ledger';
import { zipCopy, zipLedger } from './zip-ledger';
import { storedPictures } from './start-ledger';

/** What the server says of a copy it did not take. */
const Refusal = z.object({ problem: z.string() });
const Missing = z.object({ missing: z.array(z.string()) });

/** @throws with a sentence where the server does not take it */
async function sent(method: 'POST' | 'PUT', path: string, body: Blob | string, type: string): Promise<unknown> {
  const answer = await fetch(path, { method, headers: { ...OURS, 'Content-Type': type }, body });
  const said: unknown = await answer.json().catch(() => undefined);
  if (answer.ok) return said;
  throw new Error(Refusal.safeParse(said).data?.problem ?? 'The copy was not taken.');
}

/** @throws with a sentence where it cannot be fetched */
async function fetched(path: string): Promise<Blob> {
  const answer = await fetch(path, { headers: OURS });
  if (!answer.ok) throw new Error('This copy is no longer in the folder of copies.');
  return answer.blob();
}

/**
 * Makes a copy of the whole ledger, read back by our own reader first: the pictures that are not kept yet, then the ledger. Notes up to
 * which act it goes: what is entered meanwhile is in none.
 *
 * @throws with a sentence where the copy was not taken; or Stopped
 */
export async function makeCopy(database: LedgerDatabase, unit: LengthUnit, work: LongWork = {}): Promise<void> {
  const now = Date.now();
  const [reached, id] = [await reachedNow(database), await ledgerIdOf(database)];
  const parts = await readParts(database);
  const { zip, pictures } = await zipCopy(parts, formatISO(now), unit, partOf(work, 0, 0.4));
  const kept = new Map(pictures.map((p) => [`pictures/${p.name}`, p]));
  // Their bytes are compared with their digests where they arrive.
  const here = ({ file = '' }: Picture) => Promise.resolve(kept.get(file));
  const back = await unzipLedger(zip, {}, { here });
  if (!back.ok) throw new Error(`what was written does not read back. ${back.problem}`);
  const names = [...new Set(pictures.map((p) => p.name))];
  const of = `?of=${nameForFolder(parts.tables.people.map((p) => p.name))}`;
  const { missing } = Missing.parse(await sent('POST', `/copies/${id}/missing`, JSON.stringify({ pictures: names }), 'application/json'));
  let done = 0;
  await sideBySide(missing, async (name) => {
    tell(work, 0.5 + (0.4 * done++) / missing.length);
    await sent('PUT', `/copies/${id}/pictures/${name}${of}`, kept.get(`pictures/${name}`)?.blob ?? '', 'application/octet-stream');
  });
  tell(work, 0.9);
  await sent('POST', `/copies/${id}${of}`, zip, 'application/zip');
  await noteSaved(database, reached, now);
}

/**
 * Opens a copy, and checks all of it; pictures that are here already are not fetched.
 *
 * @throws with a sentence where it cannot be fetched; or Stopped
 */
export async function openCopy(database: LedgerDatabase, { name, ledger }: CopyName, work: LongWork = {}): Promise<Opened> {
  const path = ledger === undefined ? '/copies' : `/copies/${ledger}`;
  const zip = await fetched(`${path}/${encodeURIComponent(name)}`);
  return openFile(database, zip, work, (file) => fetched(`${path}/${file}`).catch(() => undefined));
}

/**
 * A copy as one archive with its pictures, to be taken elsewhere.
 *
 * @throws with a sentence where it cannot be read; or Stopped
 */
export async function copyAsArchive(database: LedgerDatabase, copy: Copy, unit: LengthUnit, work: LongWork = {}): Promise<Blob> {
  const opened = await openCopy(database, copy, partOf(work, 0, 0.5));
  if (!opened.ok) throw new Error(opened.problem);
  const { ledger, history, files, id } = opened;
  const { pictures: _, ...tables } = ledger;
  const parts = { tables, pictures: storedPictures(ledger, files), history, ...(id === undefined ? {} : { id }) };
  return zipLedger(parts, formatISO(new Date(copy.written)), unit, partOf(work, 0.5, 1));
}
