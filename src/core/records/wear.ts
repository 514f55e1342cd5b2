import { z } from 'zod';
import { field } from './field';
import { CalendarDate, Id, Words } from './shapes';

/** A day's wearing of one or more makes, or many wears at once as an estimate. */
export const Wear = z.strictObject({
  id: Id,
  date: field(CalendarDate, { label: 'Worn on', ask: 'date' }),
  makeIds: z.array(Id).min(1),
  /** How many wears this stands for; more than one is an estimate spread round the date. */
  count: field(z.int().min(1).max(1000).default(1), { label: 'How many times', ask: 'whole', hint: 'more than one is an estimate' }),
  occasion: field(Words.optional(), { label: 'Occasion', ask: 'words' }),
  comfort: field(z.int().min(1).max(5).optional(), { label: 'Comfort, 1 to 5', ask: 'whole' }),
  remark: field(Words.optional(), { label: 'Remark', ask: 'words' }),
  washed: field(z.boolean().optional(), { label: 'Washed after', ask: 'yes' }),
});
export type Wear = z.infer<typeof Wear>;
