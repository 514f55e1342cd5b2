import { keysOf } from '../units/keys';
import type { Doubted } from './lengths';

/** What two seams that are sewn together have to each other. */
export interface Walked {
  /** By how much the first is longer than the second, cm, with its doubt. */
  readonly longer: Doubted;
  /** By how much it is meant to be longer, at least and at most, cm. */
  readonly meant: readonly [least: number, most: number];
  readonly answer: 'meets' | 'too long' | 'too short' | 'not sure';
}

/** How much longer the first of two seams is meant to be. Source: usual practice of woven garments; a dropped shoulder has as good as no ease in its cap. */
export const SEAM_PAIRS = {
  'set-in sleeve': { first: 'sleeve cap', second: 'armhole', ease: [2, 5] },
  'dropped sleeve': { first: 'sleeve cap', second: 'armhole', ease: [0, 1] },
  collar: { first: 'neck edge', second: 'collar', ease: [0, 0.5] },
  waist: { first: 'waist seam, skirt', second: 'waist seam, bodice', ease: [0, 1] },
  'any seam': { first: 'one seam', second: 'the other', ease: [0, 0.3] },
} as const satisfies Record<string, { readonly first: string; readonly second: string; readonly ease: readonly [number, number] }>;
export type SeamPair = keyof typeof SEAM_PAIRS;

/**
 * As what two measured seams are sewn, by what they are called; a sleeve is taken as set in.
 *
 * @example pairNamed(['armhole', 'sleeve cap']) // 'set-in sleeve'
 * @returns undefined where their names do not say it
 */
export const pairNamed = (names: readonly string[]): SeamPair | undefined =>
  keysOf(SEAM_PAIRS).find((pair) => [SEAM_PAIRS[pair].first, SEAM_PAIRS[pair].second].every((name) => names.includes(name)));

/**
 * Walks two seams along each other: whether they meet, with the ease that is meant between them.
 *
 * Where the doubt of the two lengths reaches over a limit, that is said instead of an answer.
 */
export function walked(first: Doubted, second: Doubted, pair: SeamPair): Walked {
  const [least, most] = SEAM_PAIRS[pair].ease;
  const longer = { value: first.value - second.value, doubt: Math.hypot(first.doubt, second.doubt) };
  const { value, doubt } = longer;
  const answer = value - doubt > most ? 'too long' : value + doubt < least ? 'too short' : value >= least && value <= most ? 'meets' : 'not sure';
  return { longer, meant: [least, most], answer };
}
