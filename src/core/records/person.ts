import { z } from 'zod';
import { field } from './field';
import { GarmentKind } from './pattern';
import { CalendarDate, Colour, FitClassName, Id, Measure, Name, PositiveCm, Words, ZoneName } from './shapes';

/** A garment that was bought: worn with what is sewn, and loved ones say what ease is liked. */
export const BoughtGarment = z.strictObject({
  id: Id,
  name: field(Name, { label: 'Name', ask: 'text', hint: 'the grey cardigan' }),
  kind: field(GarmentKind, { label: 'Kind', ask: 'choice' }),
  structure: field(z.enum(['woven', 'knit']).optional(), { label: 'Structure', ask: 'choice' }),
  fit: field(FitClassName.optional(), { label: 'Fit', ask: 'choice' }),
  colour: field(Words.optional(), { label: 'Colour', ask: 'words' }),
  /** Its colour as it is seen: what goes with it is told by it. */
  shade: field(Colour.optional(), { label: 'Its shade', ask: 'colour', called: 'shade' }),
  loved: field(z.boolean().optional(), { label: 'Loved for its fit', ask: 'yes' }),
  /** Measured on it, all round. */
  measured: z.array(z.strictObject({ zone: ZoneName, cm: PositiveCm })).default([]),
});
export type BoughtGarment = z.infer<typeof BoughtGarment>;

/** Who a garment is for. */
export const Person = z.strictObject({
  id: Id,
  name: field(Name, { label: 'Name', ask: 'text' }),
  child: z.boolean().default(false),
  birthMonth: field(
    z
      .string()
      .regex(/^\d{4}-(0[1-9]|1[0-2])$/, 'not a month such as 2019-05')
      .optional(),
    { label: 'Month of birth, for a child', ask: 'month' },
  ),
  /** By which measure tops are sized. */
  sizedBy: field(z.enum(['bust', 'high bust']).optional(), { label: 'Tops sized by', ask: 'choice' }),
  unit: field(z.enum(['cm', 'in']).optional(), { label: 'Measured in', ask: 'choice' }),
  /** How many garments of a kind this person wants in the wardrobe; nobody need say. */
  wanted: z.partialRecord(GarmentKind, z.int().min(0).max(99)).optional(),
  /** What they have that was bought. */
  bought: z.array(BoughtGarment).optional(),
  note: field(Words.optional(), { label: 'Note', ask: 'words' }),
});
export type Person = z.infer<typeof Person>;

/** A person's body on a date. Any measure may be missing. */
export const MeasurementSet = z.strictObject({
  id: Id,
  personId: Id,
  date: CalendarDate,
  measures: z.partialRecord(Measure, PositiveCm),
  note: field(Words.optional(), { label: 'Note', ask: 'words', hint: 'after breakfast, by whom, over what' }),
});
export type MeasurementSet = z.infer<typeof MeasurementSet>;
