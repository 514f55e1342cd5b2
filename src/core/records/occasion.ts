import { z } from 'zod';
import { field } from './field';
import { CalendarDate, Id, Name, Words } from './shapes';

export const WARMTHS = ['hot', 'warm', 'mild', 'cool', 'cold'] as const;

/** Something that is dressed for: a wedding, a class, a journey, a concert in a cold hall. */
export const Occasion = z.strictObject({
  id: Id,
  personId: Id,
  name: field(Name, { label: 'Occasion', ask: 'text', hint: 'the wedding in July' }),
  date: field(CalendarDate, { label: 'On', ask: 'date', called: 'day' }),
  /** A journey has a last day. */
  until: field(CalendarDate.optional(), { label: 'Until', ask: 'date', called: 'last day' }),
  warmth: field(z.enum(WARMTHS).optional(), { label: 'How warm it is', ask: 'choice' }),
  dressy: field(z.int().min(1).max(5).optional(), { label: 'How dressy, 1 to 5', ask: 'whole', hint: '1 is gardening, 5 a wedding' }),
  long: field(z.enum(['sat', 'walked', 'stood', 'danced']).optional(), { label: 'Long', ask: 'choice' }),
  /** What will be worn beneath or over it. */
  layers: field(Words.optional(), { label: 'Worn beneath or over it', ask: 'words', hint: 'under the black coat' }),
  care: field(z.enum(['washed on the way', 'not washed on the way']).optional(), { label: 'Care', ask: 'choice' }),
  note: field(Words.optional(), { label: 'Note', ask: 'words' }),
});
export type Occasion = z.infer<typeof Occasion>;
