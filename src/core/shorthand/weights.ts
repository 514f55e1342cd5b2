/**
 * How much each cue says. Set by hand, checked by the corpus (corpus/), not learned from it: what is said with a unit, a verb or a
 * preposition outweighs what could be meant by mere neighbourhood, and a longer reading a shorter one.
 */
export const WEIGHTS = {
  /** For each word that a reading takes in. */
  word: 0.6,
  /** Several cues at once: a verb with its target and an amount. */
  sure: 4,
  /** One cue that is rarely anything else: a unit, "size", "for". */
  likely: 3,
  /** By its place or by its neighbours alone. */
  weak: 1.5,
  /** What would be meant for the next version, and what is in quotation marks, is not read for facts: for each word. */
  whole: 9,
  /** A fault that is denied, over the fault that is in it. */
  denied: 9,
  /** The name that a line is about. */
  subject: 12,
} as const;

/** Two covers of a line that differ by less than this are as good as each other: it is asked. */
export const CLOSE = 0.35;
