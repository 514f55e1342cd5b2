import { z } from 'zod';
import { PICTURE_SIDES } from './picture-sides';
import { PICTURE_TYPES } from './picture-types';
import { Id } from './shapes';

/**
 * A picture of a make, a fabric, a pattern or a plan. The bytes are kept apart from these facts: in a ledger of one text file they stand as base64, in an
 * archive as a file of their own, with a digest by which damage is found.
 */
export const Picture = z
  .strictObject({
    id: Id,
    makeId: Id.optional(),
    fabricId: Id.optional(),
    patternId: Id.optional(),
    planId: Id.optional(),
    /** A note of the make that it belongs to: what a lesson looks like. */
    noteId: Id.optional(),
    side: z.enum(PICTURE_SIDES),
    /** Place among the pictures of one side; the lowest is shown first. */
    place: z.number().default(0),
    type: z.enum(PICTURE_TYPES),
    data: z.base64('not base64').max(20_000_000).optional(),
    file: z.string().max(120).optional(),
    sha256: z
      .string()
      .regex(/^[0-9a-f]{64}$/, 'not a digest')
      .optional(),
  })
  .refine((p) => (p.data === undefined) !== (p.file === undefined), { message: 'a picture stands in the text or in a file of its own' })
  .refine((p) => [p.makeId, p.fabricId, p.patternId, p.planId].filter((id) => id !== undefined).length === 1, {
    message: 'a picture is of one make, fabric, pattern or plan',
  });
export type Picture = z.infer<typeof Picture>;
