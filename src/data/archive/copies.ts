import { formatISO } from 'date-fns';
import { z } from 'zod';
import type { LengthUnit } from '../../core/units/length';
import { db } from '../database';
import { noteSaved, reachedNow } from '../saved-state';
import { archiveWorker } from './archive-worker';

/** Copies that the server of this machine keeps of the ledger, the newest first. */
const Copies = z.object({ folder: z.string(), copies: z.array(z.object({ name: z.string(), written: z.string(), bytes: z.number() })) });
export type Copies = z.infer<typeof Copies>;

/** What the server says of a copy it did not take. */
const Refusal = z.object({ problem: z.string() });

/** By this the server knows its own app. */
const OURS = { 'X-Amber-Ledger': 'copies' };

/** @returns null where no server answers that keeps copies */
export async function listCopies(): Promise<Copies | null> {
  try {
    const answer = await fetch('/copies', { headers: OURS });
    if (!answer.ok || !answer.headers.get('content-type')?.includes('json')) return null;
    return Copies.parse(await answer.json());
  } catch {
    return null;
  }
}

/**
 * Makes a copy of the whole ledger, and notes up to when its entries are in one: what is entered meanwhile is not.
 *
 * @returns whether one was made; not where it was stopped
 * @throws with a sentence where the copy was not taken
 */
export async function makeCopy(unit: LengthUnit, onProgress: (done: number) => void): Promise<boolean> {
  const now = Date.now();
  const reached = await reachedNow(db);
  const zip = await archiveWorker().save(formatISO(now), unit, onProgress);
  if (!zip) return false;
  await sendCopy(zip);
  await noteSaved(db, reached, now);
  return true;
}

/** @throws with a sentence where the copy was not taken */
async function sendCopy(zip: Blob): Promise<void> {
  const answer = await fetch('/copies', { method: 'POST', headers: { ...OURS, 'Content-Type': 'application/zip' }, body: zip });
  if (answer.ok) return;
  const said = Refusal.safeParse(await answer.json().catch(() => undefined));
  throw new Error(said.success ? said.data.problem : 'The copy was not taken.');
}

/** @throws with a sentence where it cannot be fetched */
export async function fetchCopy(name: string): Promise<Blob> {
  const answer = await fetch(`/copies/${encodeURIComponent(name)}`, { headers: OURS });
  if (!answer.ok) throw new Error('This copy is no longer in the folder of copies.');
  return answer.blob();
}
