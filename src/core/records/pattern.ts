import { z } from 'zod';
import { CalendarDate, Cm, FitClassName, Id, Measure, Money, Name, Percent, PositiveCm, Words, ZoneName } from './shapes';

/** Kinds of garment; each has a flat drawing. */
export const GARMENT_KINDS = [
  'top',
  'shirt',
  'dress',
  'skirt',
  'trousers',
  'shorts',
  'jacket',
  'coat',
  'cardigan',
  'waistcoat',
  'one-piece',
] as const;
export const GarmentKind = z.enum(GARMENT_KINDS);
export type GarmentKind = z.infer<typeof GarmentKind>;

/** What the flat drawing of a view shows, where it differs from the usual of its kind. */
export const FlatDetails = z.strictObject({
  neck: z.enum(['round', 'v', 'boat', 'collar', 'notched', 'band', 'shawl']).optional(),
  sleeve: z.enum(['none', 'short', 'elbow', 'long']).optional(),
  length: z.enum(['short', 'mid', 'long']).optional(),
  shape: z.enum(['straight', 'shaped', 'flared']).optional(),
  opening: z.enum(['none', 'buttons', 'zip', 'open']).optional(),
  pockets: z.enum(['none', 'patch', 'welt', 'slant']).optional(),
  darts: z.boolean().optional(),
  cuffs: z.boolean().optional(),
});
export type FlatDetails = z.infer<typeof FlatDetails>;

/** A variation of a pattern. */
export const View = z.strictObject({
  id: Id,
  name: Name,
  /** Zones that decide its fit, and zones that hang free. */
  zones: z.array(ZoneName),
  freeZones: z.array(ZoneName).default([]),
  /** Class of fit of a zone where it differs from the pattern's. */
  zoneClass: z.partialRecord(ZoneName, FitClassName).default({}),
  /** Seams across a zone where not the usual number. */
  seams: z.partialRecord(ZoneName, z.int().min(-2).max(12)).default({}),
  /** Cloth wanted: length at a width, cm. */
  clothTable: z.array(z.strictObject({ width: PositiveCm, length: PositiveCm })).default([]),
  flat: FlatDetails.optional(),
});
export type View = z.infer<typeof View>;

const Column = z.array(PositiveCm.nullable());

/** Sizes are labels, never numbers to calculate with. Measures stand in the order of the sizes; null where the chart is blank. */
export const SizeChart = z
  .strictObject({
    id: Id,
    name: Name,
    sizes: z.array(z.string().trim().min(1).max(20)).min(1),
    body: z.partialRecord(Measure, Column),
    finished: z.partialRecord(ZoneName, Column).default({}),
  })
  .superRefine((chart, context) => {
    for (const part of ['body', 'finished'] as const)
      for (const [measure, column] of Object.entries(chart[part]))
        if (column.length !== chart.sizes.length)
          context.addIssue({ code: 'custom', path: [part, measure], message: `has ${column.length} amounts for ${chart.sizes.length} sizes` });
    if (new Set(chart.sizes).size !== chart.sizes.length) context.addIssue({ code: 'custom', path: ['sizes'], message: 'names a size twice' });
  });
export type SizeChart = z.infer<typeof SizeChart>;

export const PATTERN_FORMS = ['paper', 'printed at home', 'copy shop', 'projector', 'book', 'magazine', 'own draft', 'copied garment'] as const;

export const Pattern = z.strictObject({
  id: Id,
  name: Name,
  designer: z.string().trim().max(200).optional(),
  kind: GarmentKind,
  fitClass: FitClassName,
  /** The cloth it asks for. `stretch` in %; 0 for a woven that need not give, absent where nobody said. */
  wants: z.strictObject({
    structure: z.enum(['woven', 'knit']),
    stretch: Percent.optional(),
    weight: z.enum(['light', 'medium', 'heavy']).optional(),
  }),
  /** Seam allowance included in the pattern, cm. */
  allowance: Cm.optional(),
  form: z.enum(PATTERN_FORMS).optional(),
  price: Money.optional(),
  views: z.array(View).min(1),
  charts: z.array(SizeChart).default([]),
  state: z.enum(['kept', 'resting', 'let go']).default('kept'),
  why: Words.optional(),
  note: Words.optional(),
  added: CalendarDate.optional(),
});
export type Pattern = z.infer<typeof Pattern>;
