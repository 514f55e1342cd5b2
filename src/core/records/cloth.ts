import { z } from 'zod';
import { CalendarDate, Id, Money, Name, Percent, PositiveCm, Words } from './shapes';

export const PRINTS = ['plain', 'stripe', 'check', 'dot', 'sprig', 'rib', 'twill', 'pile', 'melange'] as const;
const Colour = z.string().regex(/^#[0-9a-f]{6}$/i, 'not a colour such as #20302d');

/** A drawn swatch: how the cloth looks where there is no picture of it. `repeat` in cm. */
export const Swatch = z.strictObject({ print: z.enum(PRINTS), ground: Colour, figure: Colour, repeat: PositiveCm.default(2) });
export type Swatch = z.infer<typeof Swatch>;

export const Cloth = z.strictObject({
  id: Id,
  name: Name,
  fibre: Words.optional(),
  structure: z.enum(['woven', 'knit']),
  weight: z.number().positive().max(3000).optional(),
  weightClass: z.enum(['light', 'medium', 'heavy']).optional(),
  width: PositiveCm.optional(),
  /** Give in %, across and along. Absent means untested, which is not the same as none. */
  stretchAcross: Percent.optional(),
  stretchAlong: Percent.optional(),
  drape: z.int().min(1).max(5).optional(),
  nap: z.boolean().optional(),
  pricePerMetre: Money.optional(),
  source: Words.optional(),
  bought: CalendarDate.optional(),
  boughtLength: PositiveCm.optional(),
  shrinkAlong: Percent.optional(),
  shrinkAcross: Percent.optional(),
  dear: z.boolean().optional(),
  behaviour: Words.optional(),
  swatch: Swatch,
  /** What lies on the shelf: pieces, never a sum. */
  pieces: z.array(z.strictObject({ length: PositiveCm, width: PositiveCm })).default([]),
});
export type Cloth = z.infer<typeof Cloth>;
