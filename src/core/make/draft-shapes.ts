import { z } from 'zod';
import { Fabric, FitNote, Make, Pattern, Person, Seen, SewnSet, Verdict } from '../records';
import { REASONS } from '../records/make';
import { Id } from '../records/shapes';
import { STARTS } from './starts';

/** What is said of a zone in one look: enough of a fit note to complete it with when and by whom. */
const ZoneSaid = FitNote.omit({ id: true, seen: true, date: true });

/** One look at a garment: when it was, and what was seen at each zone. */
export const Look = z.strictObject({ seen: Seen, said: z.array(ZoneSaid) });
export type Look = z.infer<typeof Look>;

/** A verdict that is being said: any part of it may still be missing. */
export const VerdictSaid = Verdict.omit({ id: true, date: true, wears: true })
  // No reason said yet is not the same as none.
  .extend({ reasons: z.array(z.enum(REASONS)) })
  .partial();
export type VerdictSaid = z.infer<typeof VerdictSaid>;

/** What is being logged and not yet entered. */
export const LogDraft = z.strictObject({
  make: Make,
  start: z.enum(STARTS),
  look: Look,
  verdict: VerdictSaid,
  /** Fabrics named in the line that the stash does not have yet: they come with the make. */
  newFabrics: z.array(Fabric),
  /** A pattern and a person that were named here first: they come with the make. */
  newPattern: Pattern.optional(),
  newPerson: Person.optional(),
  /** Who sews, where the ledger begins with a garment for somebody else: she comes with it, and is spoken of from then on. */
  sewist: Person.optional(),
  /** A set that was named here first, which comes with the make. */
  newSet: SewnSet.optional(),
  /** The plan it began from, which is done when the make is entered. */
  planId: Id.optional(),
});
export type LogDraft = z.infer<typeof LogDraft>;
