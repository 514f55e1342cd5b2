import { z } from 'zod';
import { DECISIONS } from './decisions';
import { field } from './field';
import { CalendarDate, Id, Words } from './shapes';

/** A sewist's own answer for a person, beside the engine's, with her reason. */
export const OwnDecision = z.strictObject({
  id: Id,
  personId: Id,
  date: CalendarDate,
  answer: field(z.enum(DECISIONS), { label: 'My answer', ask: 'choice' }),
  why: field(Words.min(1, 'say why'), { label: 'Because', ask: 'words', hint: 'three of these hang already' }),
});
export type OwnDecision = z.infer<typeof OwnDecision>;
