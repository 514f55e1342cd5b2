import { z } from 'zod';
import { field } from './field';
import { CalendarDate, Id, Words } from './shapes';

/** How long something takes, whole minutes. */
export const Minutes = z.int().min(1).max(10_000);

/** A step of a garment as far as the sewist said anything of it: one that its kind brings goes by its key, one of her own has words. */
export const BenchStep = z.strictObject({
  id: Id,
  words: field(Words.optional(), { label: 'Step', ask: 'words', hint: 'cover the buttons' }),
  minutes: field(Minutes.optional(), { label: 'Takes', ask: 'minutes', hint: '40 min' }),
  /** Minutes it took, by the clock or by hand. */
  spent: field(z.int().min(0).max(200_000).optional(), { label: 'Took', ask: 'minutes' }),
  done: CalendarDate.optional(),
  /** Left out of this garment: a lining, a second pocket. */
  left: z.literal(true).optional(),
});
export type BenchStep = z.infer<typeof BenchStep>;

/** What a garment waits for, and since when: buttons, a zip, a try-on. */
export const WaitsFor = z.strictObject({
  words: field(Words.min(1, 'say what it waits for'), { label: 'Waits for', ask: 'words', hint: 'buttons, a try-on' }),
  since: CalendarDate,
  until: field(CalendarDate.optional(), { label: 'Expected on', ask: 'date' }),
});
export type WaitsFor = z.infer<typeof WaitsFor>;

/** How a garment stands on the bench. */
export const OnBench = z.strictObject({
  steps: z.array(BenchStep).default([]),
  /** All its steps in the sewist's own order, by id; absent where they come as usual. */
  order: z.array(Id).max(200).optional(),
  /** Where it stands on the bench, where she said so. */
  place: z.int().optional(),
  waits: WaitsFor.optional(),
});
export type OnBench = z.infer<typeof OnBench>;
