import { settleUses } from '../../core/fabric/stash';
import { withErrataFound } from '../../core/make/errata-found';
import { notesOf, peopleWith, verdictsOf, type LogDraft } from '../../core/make/log-draft';
import type { Fabric, Make, Pattern, Plan, Wear } from '../../core/records';
import { makesOf, nextVersion } from '../../core/make/versions';
import { wornUpTo } from '../../core/wear/worn-up-to';
import type { LedgerDatabase } from '../database';
import type { Write } from '../journal';
import { newId } from '../new-id';
import { today } from '../today';
import { stillOpen } from './still-open';

/** The write that takes errata noted with a make over into its pattern; none where they stand there already. */
export function errataWrites(pattern: Pattern, before: Make['notes'], after: Make['notes']): Write[] {
  const changed = withErrataFound(pattern, before, after);
  return changed ? [{ table: 'patterns', from: pattern, to: changed }] : [];
}

/**
 * Entering a make that was logged, as one act: the make with its look and verdict, wears that are only counted as an estimate, the pattern,
 * the person and the fabrics that are new, and what the make takes from the stash.
 *
 * @param fabrics the stash as it is
 * @param about the pattern, whose errata take up those that were found; the plan that is done with this; the make as it is in the ledger, where
 * what was logged goes on with it
 */
export function enterMake(
  draft: LogDraft,
  fabrics: readonly Fabric[],
  { pattern, plan, begun }: { pattern?: Pattern | undefined; plan?: Plan | undefined; begun?: Make | undefined } = {},
): Write[] {
  const { make, look, verdict, newFabrics, newPattern, newSet } = draft;
  const day = today();
  const wears = look.seen.at === 'worn' ? look.seen.wears : 0;
  // What was seen on its first day was seen when it was finished, on the body of that day, however much later it is logged.
  const seenOn = look.seen.at !== 'worn' && make.finishedOn !== undefined && make.finishedOn < day ? make.finishedOn : day;
  const { uses, changed } = settleUses(fabrics, begun?.fabrics ?? [], make.fabrics);
  const entered: Make = {
    ...make,
    fabrics: uses,
    fitNotes: [...make.fitNotes, ...notesOf(look, seenOn, newId)],
    verdicts: [...make.verdicts, ...verdictsOf(verdict, day, wears, newId)],
  };
  const wear: Wear = { id: newId(), ...wornUpTo(make, day), makeIds: [make.id], count: Math.max(1, wears) };
  const used = new Set(make.fabrics.map((u) => u.fabricId));
  return [
    ...peopleWith(draft).map((person): Write => ({ table: 'people', put: person })),
    ...(newPattern ? [{ table: 'patterns', put: withErrataFound(newPattern, [], make.notes) ?? newPattern } as const] : []),
    ...newFabrics.filter((c) => used.has(c.id)).map((c): Write => ({ table: 'fabrics', put: c })),
    ...(newSet && newSet.id === make.setId ? [{ table: 'sets', put: newSet } as const] : []),
    begun ? { table: 'makes', from: begun, to: entered } : { table: 'makes', put: entered },
    ...(plan ? [{ table: 'plans', from: plan, to: { ...plan, state: 'made', makeId: make.id } } as const] : []),
    ...(pattern ? errataWrites(pattern, begun?.notes ?? [], make.notes) : []),
    ...(wears > 0 ? [{ table: 'wears', put: wear } as const] : []),
    ...changed.map(({ from, to }): Write => ({ table: 'fabrics', from, to })),
  ];
}

/** The number that the next version of a pattern for a person bears, by the versions that are there and those that are written with it. */
export async function nextNumber(database: LedgerDatabase, patternId: string, personId: string, beside: readonly Make[] = []): Promise<number> {
  const makes = await database.makes.where('personId').equals(personId).toArray();
  return nextVersion({ pattern: { id: patternId }, makes: makesOf([...makes, ...beside], patternId, personId) });
}

/** Refuses a make that was entered already, from another window or by a second press. To be asked within the transaction that writes it. */
export async function refuseTwice(database: LedgerDatabase, { id }: Pick<Make, 'id'>): Promise<void> {
  if (await database.makes.get(id)) throw new Error('this make is in the ledger already, entered from another window or a moment ago');
}

/**
 * Entering it as is to be worked out within the transaction that writes it: numbered after the versions that are there then, and refused
 * where it was entered already, from another window or by a second press.
 *
 * @param onVersion told the number that it was given
 * @throws with a sentence where the make is in the ledger, or its plan is cut already
 */
export async function enterNumbered(
  database: LedgerDatabase,
  draft: LogDraft,
  about: { pattern?: Pattern | undefined; plan?: Plan | undefined },
  onVersion: (version: number) => void,
): Promise<Write[]> {
  const { make } = draft;
  await refuseTwice(database, make);
  const { pattern, plan } = about;
  const version = pattern ? await nextNumber(database, pattern.id, make.personId) : make.version;
  onVersion(version);
  const now = { pattern: pattern && (await database.patterns.get(pattern.id)), plan: plan && (await stillOpen(database, plan.id)) };
  return enterMake({ ...draft, make: { ...make, version } }, await database.fabrics.toArray(), now);
}

/**
 * What was logged of a make that lies on the table, as it is to be worked out within the transaction that writes it.
 *
 * @param begun the make as it was when it was logged: what was changed of it meanwhile stays
 * @throws with a sentence where it was finished already, from another window or by a second press
 */
export async function enterFinished(database: LedgerDatabase, begun: Make, draft: LogDraft): Promise<Write[]> {
  const now = await database.makes.get(begun.id);
  if (now?.state !== begun.state)
    throw new Error('this make is not as it lay on the table any more: it was changed in another window or a moment ago');
  const patternId = begun.sources[0]?.patternId;
  const pattern = patternId === undefined ? undefined : await database.patterns.get(patternId);
  return enterMake(draft, await database.fabrics.toArray(), { pattern, begun });
}
