/** Whether to sew a pattern again: what the engine answers, and what a sewist may say against it. Source: engine.md, section 9. */
export const DECISIONS = [
  'sew again',
  'sew again with changes',
  'one more, changed',
  'toile first',
  'another fabric',
  'fits, not loved',
  'not loved',
  'few occasions',
  'not judged yet',
  'not made yet',
  'later',
  'enough for now',
  'retire',
] as const;
export type Decision = (typeof DECISIONS)[number];
