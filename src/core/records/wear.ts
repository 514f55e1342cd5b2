import { z } from 'zod';
import { CalendarDate, Id, Words } from './shapes';

/** A day's wearing of one or more makes, or many wears at once as an estimate. */
export const Wear = z.strictObject({
  id: Id,
  date: CalendarDate,
  makeIds: z.array(Id).min(1),
  /** How many wears this stands for; more than one is an estimate spread round the date. */
  count: z.int().min(1).max(1000).default(1),
  occasion: Words.optional(),
  remark: Words.optional(),
});
export type Wear = z.infer<typeof Wear>;
