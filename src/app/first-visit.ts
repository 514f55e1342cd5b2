import type { Copies } from '../data/archive/list-copies';
import type { LedgerDatabase } from '../data/database';
import { openDemo } from '../data/demo';
import { emptyOld } from '../data/journal';
import { forgetKept, keepText, readKept } from '../ui/page-storage';
import { readSettings } from '../data/settings';
import { routes } from '../routes';

/** What stands there instead of the book on a visit that finds no ledger: the ways to one. */
export interface NoLedger {
  readonly copies: Copies['copies'];
  /** Whether a ledger of the sewist's own was in this browser before. */
  readonly wasHere: boolean;
}

/** By this a browser that lost its database still knows that there was one. */
const WAS_HERE = 'amber-ledger was here';

/** From now on nothing is missed here: she has seen that it is gone, and begun anew. */
export const forgetItWasHere = (): void => forgetKept('local', WAS_HERE);

/**
 * On the very first visit one chooses: the demo, or a ledger of one's own; where copies of a ledger lie on this machine, or one was here and
 * is gone, that is said first. Who comes to a page of the book, by an address that she was given, finds the demo open at it. Afterwards the
 * sewist's choice stands.
 *
 * @param path the address asked for
 * @returns undefined where there is a ledger to open
 */
export async function firstVisit(database: LedgerDatabase, path: string): Promise<NoLedger | undefined> {
  // What is old may stay: a browser without room, which refuses this too, still opens the ledger.
  await emptyOld(database, Date.now()).catch(() => undefined);
  const { ledger } = await readSettings(database);
  if (ledger === 'own') keepText('local', WAS_HERE, new Date().toISOString());
  if (ledger !== 'none') return undefined;
  const wasHere = readKept('local', WAS_HERE) !== null;
  // Loaded when there is no ledger only: every other visit does without.
  const { listCopies } = await import('../data/archive/list-copies');
  const kept = await listCopies();
  const copies = kept === null || kept === 'locked' ? [] : kept.copies;
  if (copies.length > 0 || wasHere || path === routes.dayBook) return { copies, wasHere };
  await openDemo(database);
  return undefined;
}
