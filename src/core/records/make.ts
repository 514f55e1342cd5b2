import { z } from 'zod';
import { Alteration } from './alteration';
import { CalendarDate, Cm, Id, Money, PositiveCm, Words, ZoneName } from './shapes';

/** A size, or a point between two: `at` 0.5 is halfway from `size` to `to`. */
export const SizeLine = z
  .strictObject({ size: z.string().min(1), to: z.string().min(1).optional(), at: z.number().gt(0).lt(1).optional() })
  .refine((l) => (l.to === undefined) === (l.at === undefined), { message: 'a point between two sizes needs both sizes and how far' });
export type SizeLine = z.infer<typeof SizeLine>;

/** When a garment was looked at: what it is worth as evidence depends on it. */
export const Seen = z.discriminatedUnion('at', [
  z.strictObject({ at: z.literal('tryOn'), stage: Words.optional() }),
  z.strictObject({ at: z.literal('firstDay') }),
  z.strictObject({ at: z.literal('worn'), wears: z.int().min(1) }),
]);
export type Seen = z.infer<typeof Seen>;

/** −3 under and spoils … 0 right … +3 over and spoils. */
export const Outcome = z.union([z.literal(-3), z.literal(-2), z.literal(-1), z.literal(0), z.literal(1), z.literal(2), z.literal(3)]);
export type Outcome = z.infer<typeof Outcome>;

export const FitNote = z.strictObject({
  id: Id,
  zone: ZoneName,
  outcome: Outcome,
  /** By how much, cm, without sign ("2 cm too long"). */
  amount: PositiveCm.optional(),
  seen: Seen,
  date: CalendarDate,
  side: z.enum(['left', 'right']).optional(),
  /** Worn over another layer than usual. */
  over: Words.optional(),
  /** The zone that is the cause; this note is then shown and not counted. */
  causedBy: ZoneName.optional(),
  words: Words.optional(),
});
export type FitNote = z.infer<typeof FitNote>;

export const REASONS = ['fit', 'style', 'cloth', 'occasion', 'season', 'care', 'damage', 'pattern', 'no longer fits'] as const;

export const Verdict = z.strictObject({
  id: Id,
  date: CalendarDate,
  /** Wears the garment had when this was said; 0 on the first day. */
  wears: z.int().min(0),
  love: z.int().min(1).max(5),
  reasons: z.array(z.enum(REASONS)).default([]),
  sewAgain: z.enum(['as is', 'with changes', 'other cloth', 'later', 'no']).optional(),
  words: Words.optional(),
});
export type Verdict = z.infer<typeof Verdict>;

export const ClothUse = z.strictObject({
  id: Id,
  clothId: Id,
  part: z.enum(['main', 'contrast', 'lining', 'facing', 'interfacing', 'binding', 'interlining']),
  length: PositiveCm.optional(),
  left: Cm.optional(),
  bias: z.boolean().optional(),
});
export type ClothUse = z.infer<typeof ClothUse>;

export const ConstructionNote = z.strictObject({ id: Id, kind: z.enum(['different', 'mistake', 'tip', 'setting', 'erratum']), words: Words.min(1) });
export type ConstructionNote = z.infer<typeof ConstructionNote>;

export const MAKE_STATES = [
  'planned',
  'cut',
  'sewing',
  'loose ends',
  'finished',
  'resting',
  'outgrown',
  'given',
  'sold',
  'unpicked',
  'worn out',
  'abandoned',
] as const;

/** One garment. */
export const Make = z.strictObject({
  id: Id,
  personId: Id,
  /** The patterns it was made from; the first is the main one, the others bring the zones named. */
  sources: z.array(z.strictObject({ patternId: Id, viewId: Id, zones: z.array(ZoneName).optional() })).min(1),
  /** Counted per person and pattern; toiles count. */
  version: z.int().min(1),
  kind: z.enum(['garment', 'toile', 'wearable toile', 'refashion']),
  /** Zones that a toile could not show, because their parts were left out. */
  lacking: z.array(ZoneName).default([]),
  refashionOf: Id.optional(),
  state: z.enum(MAKE_STATES),
  why: Words.optional(),
  cutOn: CalendarDate,
  finishedOn: CalendarDate.optional(),
  chartId: Id.optional(),
  /** The size cut, and the zones where it differs. Absent where nobody knows. */
  size: SizeLine.optional(),
  sizeLines: z.array(z.strictObject({ zone: ZoneName, line: SizeLine })).default([]),
  /** Measured instead of read from a chart: a piece laid flat, or the sewn garment. */
  measured: z.array(z.strictObject({ zone: ZoneName, cm: PositiveCm, of: z.enum(['piece', 'garment']) })).default([]),
  alterations: z.array(Alteration).default([]),
  cloths: z.array(ClothUse).default([]),
  minutes: z.int().min(0).optional(),
  notionsCost: Money.optional(),
  notes: z.array(ConstructionNote).default([]),
  /** What is still to be done: a hem, a snap. */
  looseEnds: z.array(z.strictObject({ id: Id, words: Words.min(1), since: CalendarDate, done: CalendarDate.optional() })).default([]),
  fitNotes: z.array(FitNote).default([]),
  verdicts: z.array(Verdict).default([]),
  /** Left out of the reckoning, and why. */
  setAside: Words.optional(),
  remark: Words.optional(),
});
export type Make = z.infer<typeof Make>;
