import type { Understood } from '../chip';
import { readLine } from '../read-line';
import type { LineContext } from '../sentence';

/** What is said of a garment, and of no fabric or pattern. */
const OF_GARMENTS: ReadonlySet<Understood['is']> = new Set([
  'pattern',
  'size',
  'size at',
  'alteration',
  'fit',
  'version',
  'wears',
  'time',
  'person',
  'cost',
]);

/** Whether words tell what only a garment has: a size, how it fits, how long it took. */
export const readsOfAGarment = (words: string, context: LineContext): boolean =>
  readLine(words, context).some(({ says, choices }) => [says, ...choices].some((facts) => facts.some(({ is }) => OF_GARMENTS.has(is))));
