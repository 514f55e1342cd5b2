import { z } from 'zod';
import { Id } from './shapes';

export const PICTURE_TYPES = ['image/png', 'image/jpeg', 'image/webp', 'image/svg+xml'] as const;

/** A picture of a make. The bytes are kept apart from these facts; in a file they stand as base64. */
export const Picture = z.strictObject({
  id: Id,
  makeId: Id,
  side: z.enum(['front', 'back', 'left', 'right', 'detail', 'inside']),
  type: z.enum(PICTURE_TYPES),
  data: z.base64('not base64').max(20_000_000),
});
export type Picture = z.infer<typeof Picture>;
