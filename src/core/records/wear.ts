import { z } from 'zod';
import { field } from './field';
import { CalendarDate, Id, Words } from './shapes';

/** How often a garment was worn in a span of time, where nobody counted (`timesSaid` says how many that is taken for). */
export const FREQUENCIES = ['never', 'twice', 'often', 'constantly'] as const;

/** A day's wearing of one or more makes; or an estimate of many, spread over the days from `date` to `until`. */
export const Wear = z.strictObject({
  id: Id,
  date: field(CalendarDate, { label: 'Worn on', ask: 'date' }),
  makeIds: z.array(Id).min(1),
  /** How many wears this stands for; more than one is an estimate spread round the date. */
  count: field(z.int().min(0).max(1000).default(1), {
    label: 'How many times',
    ask: 'whole',
    hint: 'more than one is an estimate; 0: it went along and stayed folded',
  }),
  /** The last day of the span that an estimate is spread over. */
  until: field(CalendarDate.optional(), { label: 'Until', ask: 'date' }),
  /** When that was, nobody said: some time up to that day. */
  undated: field(z.boolean().optional(), { label: 'Day not known', ask: 'yes' }),
  /** The word it was said in; the count was worked out from it. */
  often: field(z.enum(FREQUENCIES).optional(), { label: 'How often', ask: 'choice' }),
  occasion: field(Words.optional(), { label: 'Occasion', ask: 'words' }),
  comfort: field(z.int().min(1).max(5).optional(), { label: 'Comfort, 1 to 5', ask: 'whole' }),
  remark: field(Words.optional(), { label: 'Remark', ask: 'words' }),
  washed: field(z.boolean().optional(), { label: 'Washed after', ask: 'yes' }),
});
export type Wear = z.infer<typeof Wear>;
