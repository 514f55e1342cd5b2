import { z } from 'zod';
import { PICTURE_SIDES } from './picture-sides';
import { Id } from './shapes';

export const PICTURE_TYPES = ['image/png', 'image/jpeg', 'image/webp', 'image/svg+xml'] as const;

/** A picture of a make or of a cloth. The bytes are kept apart from these facts; in a file they stand as base64. */
export const Picture = z
  .strictObject({
    id: Id,
    makeId: Id.optional(),
    clothId: Id.optional(),
    side: z.enum(PICTURE_SIDES),
    /** Place among the pictures of one side; the lowest is shown first. */
    place: z.number().default(0),
    type: z.enum(PICTURE_TYPES),
    data: z.base64('not base64').max(20_000_000),
  })
  .refine((p) => (p.makeId === undefined) !== (p.clothId === undefined), { message: 'a picture is of one make or of one cloth' });
export type Picture = z.infer<typeof Picture>;
