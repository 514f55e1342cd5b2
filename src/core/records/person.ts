import { z } from 'zod';
import { CalendarDate, Id, Measure, Name, PositiveCm, Words } from './shapes';

/** Who a garment is for. */
export const Person = z.strictObject({
  id: Id,
  name: Name,
  child: z.boolean().default(false),
  birthMonth: z
    .string()
    .regex(/^\d{4}-(0[1-9]|1[0-2])$/, 'not a month such as 2019-05')
    .optional(),
  note: Words.optional(),
});
export type Person = z.infer<typeof Person>;

/** A person's body on a date. Any measure may be missing. */
export const MeasurementSet = z.strictObject({
  id: Id,
  personId: Id,
  date: CalendarDate,
  measures: z.partialRecord(Measure, PositiveCm),
  note: Words.optional(),
});
export type MeasurementSet = z.infer<typeof MeasurementSet>;
