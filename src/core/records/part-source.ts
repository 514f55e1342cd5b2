import { z } from 'zod';
import { field } from './field';
import { Id, Words, ZoneName } from './shapes';

/** A pattern that a garment, or a part of it, is cut from: the first of a list is the main one, each other brings the zones and pieces named. */
export const PartSource = z.strictObject({
  patternId: Id,
  viewId: Id,
  zones: z.array(ZoneName).optional(),
  pieces: field(Words.optional(), { label: 'Pieces that come from it', ask: 'words', hint: 'sleeve, cuff' }),
});
export type PartSource = z.infer<typeof PartSource>;

/** Parts of a garment that come from no pattern. */
export const OwnParts = field(Words.optional(), {
  label: 'Parts from your own sums',
  ask: 'words',
  called: 'parts from own sums',
  hint: 'a half circle skirt, radius 22',
  sheet: { heads: ['own sums', 'own parts', 'self-drafted parts'] },
});
