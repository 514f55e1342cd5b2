import { z } from 'zod';
import { ALTERATION_KIND_IDS, isSized, WAYS } from '../catalogue/alterations';
import { field } from './field';
import { CalendarDate, Cm, Id, Words, ZoneName } from './shapes';

/** What was changed against the pattern as drafted. Its effects on zones are computed, never typed. */
export const Alteration = z
  .strictObject({
    id: Id,
    kind: z.enum(ALTERATION_KIND_IDS),
    /** cm as measured, signed: plus is the kind's first direction. Absent where only a direction is known ("a bit"). */
    amount: Cm.optional(),
    /** The amount is a memory that is not sure. */
    about: z.literal(true).optional(),
    direction: z.union([z.literal(1), z.literal(-1)]).optional(),
    way: z.enum(WAYS),
    /** Zones the change passes, for kinds that ask; a wedge names its widest place first. */
    zones: z.array(ZoneName).optional(),
    /** Seams changed, where not the usual number for the zone. */
    seams: z.int().min(1).max(12).optional(),
    /** Rise: which pieces. */
    part: z.enum(['front', 'back', 'both']).optional(),
    /** Bust fullness at waist and hip: left in, or taken out again. */
    fullness: z.enum(['left in', 'taken out']).optional(),
    /** Other seam allowance: what was cut and what was sewn, cm. */
    allowance: z.strictObject({ cut: Cm, sewn: Cm }).optional(),
    /** Band: what was cut off and the finished depth of the band, cm. */
    band: z.strictObject({ cutOff: Cm, finished: Cm }).optional(),
    /** Fit moves the cut towards the body; style moves what is wanted and teaches nothing about the body. */
    purpose: z.enum(['fit', 'style']),
    when: z.enum(['paper', 'cutting', 'body', 'wear']),
    stage: Words.optional(),
    /** For a change after wearing: how many wears the garment had. */
    afterWears: z.int().min(0).optional(),
    date: CalendarDate.optional(),
    /** The day it was marked on the pattern paper. */
    marked: CalendarDate.optional(),
    /** How it was done: slashed and spread, from the seam allowance, with a gusset. */
    how: field(Words.optional(), { label: 'How it was done', ask: 'words', hint: 'slashed and spread, from the seam allowance …' }),
    note: Words.optional(),
  })
  .refine((a) => a.amount !== undefined || a.direction !== undefined || a.allowance !== undefined || a.band !== undefined || !isSized(a.kind), {
    message: 'an alteration needs an amount, or at least a direction',
  });
export type Alteration = z.infer<typeof Alteration>;
