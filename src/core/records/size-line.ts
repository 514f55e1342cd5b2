import { z } from 'zod';

/** A size, or a point between two: `at` 0.5 is halfway from `size` to `to`. */
export const SizeLine = z
  .strictObject({ size: z.string().min(1), to: z.string().min(1).optional(), at: z.number().gt(0).lt(1).optional() })
  .refine((l) => (l.to === undefined) === (l.at === undefined), { message: 'a point between two sizes needs both sizes and how far' });
export type SizeLine = z.infer<typeof SizeLine>;
