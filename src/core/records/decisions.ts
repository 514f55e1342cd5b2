import { z } from 'zod';
import { field } from './field';
import { CalendarDate, Id, Words } from './shapes';

/** Whether to sew a pattern again: what the engine answers, and what a sewist may say against it. Source: engine.md, section 9. */
export const DECISIONS = [
  'sew again',
  'sew again with changes',
  'one more, changed',
  'toile first',
  'another cloth',
  'fits, not loved',
  'not made yet',
  'later',
  'enough for now',
  'let it go',
] as const;
export type Decision = (typeof DECISIONS)[number];

/** A sewist's own answer for a person, beside the engine's, with her reason. */
export const OwnDecision = z.strictObject({
  id: Id,
  personId: Id,
  date: CalendarDate,
  answer: field(z.enum(DECISIONS), { label: 'My answer', ask: 'choice' }),
  why: field(Words.min(1, 'say why'), { label: 'Because', ask: 'words', hint: 'three of these hang already' }),
});
export type OwnDecision = z.infer<typeof OwnDecision>;
