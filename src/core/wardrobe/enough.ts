import { counted } from '../units/counted';
import type { Hanging } from '../wear/wardrobe';

/** How many other garments do the same job, and what one more would add. */
export interface EnoughOf {
  readonly alike: number;
  /** Wears a year of all of them together, and what one more would likely add. */
  readonly together: number;
  readonly oneMore: number;
}

/** Half of what a kind could be worn at most is reached with so many of it. Source: our own convention; wears of a kind are shared, and the fifth pair of trousers is worn on the first four's days. */
const HALF_FULL = 3;

/**
 * Whether one more of a kind would be worn: wears are shared among garments that do the same job. The rate of a kind is taken to saturate, `most · n / (n + 3)`, with the height
 * that fits what is worn now; one more adds the step from n to n + 1.
 *
 * @param seasons in which it would be worn; garments of none of them do another job
 */
export function enoughOf(kind: string, hanging: readonly Hanging[], seasons?: readonly string[]): EnoughOf {
  const alike = hanging.filter(
    (h) => h.kind === kind && h.inRotation && h.expected !== undefined && (!seasons || h.seasons.some((s) => seasons.includes(s))),
  );
  const together = alike.reduce((sum, h) => sum + (h.expected ?? 0), 0);
  const n = alike.length;
  const most = n === 0 ? 0 : (together * (n + HALF_FULL)) / n;
  return { alike: n, together, oneMore: n === 0 ? 0 : (most * (n + 1)) / (n + 1 + HALF_FULL) - together };
}

/**
 * The same in a sentence.
 *
 * @example enoughWords('shirt', { alike: 5, together: 60, oneMore: 4 }) // '5 of the kind shirt hang already, worn about 60 times a year together; one more would add about 4 wears.'
 */
export function enoughWords(kind: string, { alike, together, oneMore }: EnoughOf): string {
  if (alike === 0) return `Nothing of the kind ${kind} hangs in its season.`;
  const share = Math.round(oneMore);
  return `${alike} of the kind ${kind} ${alike === 1 ? 'hangs' : 'hang'} already, worn about ${counted(Math.round(together), 'time')} a year${alike === 1 ? '' : ' together'}; one more would add ${share < 1 ? 'hardly a wear' : `about ${counted(share, 'wear')}`}.`;
}
