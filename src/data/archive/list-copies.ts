import { z } from 'zod';

/** One copy: those of an earlier app are whole archives, and of no ledger by name. */
const Copy = z.object({ name: z.string(), written: z.string(), bytes: z.number(), ledger: z.string().optional(), of: z.string().optional() });
export type Copy = z.infer<typeof Copy>;
export type CopyName = Pick<Copy, 'name' | 'ledger'>;

/** Copies that the server of this machine keeps, the newest first. */
const Copies = z.object({ folder: z.string(), copies: z.array(Copy) });
export type Copies = z.infer<typeof Copies>;

/** By this the server knows its own app. */
export const OURS = { 'X-Amber-Ledger': 'copies' };
/** What it answers to a browser that was not opened with the address that has the key. */
const Locked = z.object({ locked: z.literal(true) });

/** @returns 'locked' where this browser was not let at the copies, null where no server answers that keeps any */
export async function listCopies(): Promise<Copies | 'locked' | null> {
  try {
    const answer = await fetch('/copies', { headers: OURS });
    if (!answer.ok || !answer.headers.get('content-type')?.includes('json')) return null;
    const said: unknown = await answer.json();
    return Locked.safeParse(said).success ? 'locked' : Copies.parse(said);
  } catch {
    return null;
  }
}
