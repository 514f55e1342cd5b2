import { z } from 'zod';
import { field } from './field';
import { CalendarDate, Id, Measure, Name, PositiveCm, Words } from './shapes';

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
