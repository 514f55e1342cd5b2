import type { Seen } from '../records';

/**
 * How sharp an observation is, by when it was made: the factor k on σ.
 *
 * @param overLayer seen over another layer than usual counts as a try-on
 */
export function sharpness(seen: Seen, overLayer: boolean): number {
  if (overLayer || seen.at !== 'worn') return 1.3;
  if (seen.wears >= 10) return 0.7;
  return seen.wears >= 3 ? 1 : 1.15;
}
