import type { Scratch } from './allocate';
import { numberAt } from '../units/item-at';

/** Numbers that a cubic takes. */
const TERMS = 4;

/**
 * Cubics through an even table (Catmull and Rom): four coefficients for each of its cells, worked out once for many readings. Where a
 * point has no neighbour, the last stands in.
 *
 * @param values of the function at each point
 * @param scratch where they are let go before more are asked for
 */
export function cubicsOf(values: Float64Array, scratch?: Scratch): Float64Array {
  const last = values.length - 1;
  // A cell of its own for the last point, so that it can be asked for like the others.
  const numbers = TERMS * (last + 1);
  const cubics = scratch?.of(numbers) ?? new Float64Array(numbers);
  cubics[TERMS * last] = numberAt(values, last);
  const slopeAt = (i: number) => 0.5 * (numberAt(values, i < last ? i + 1 : last) - numberAt(values, i > 0 ? i - 1 : 0));
  let from = slopeAt(0);
  for (let i = 0; i < last; i++) {
    const rise = numberAt(values, i + 1) - numberAt(values, i);
    const to = slopeAt(i + 1);
    const at = TERMS * i;
    cubics[at] = numberAt(values, i);
    cubics[at + 1] = from;
    cubics[at + 2] = 3 * rise - 2 * from - to;
    cubics[at + 3] = from + to - 2 * rise;
    from = to;
  }
  return cubics;
}

/**
 * The function at a place along its table.
 *
 * @param cubics of the table
 * @param at from 0 to the last point
 * @example cubicAt(cubicsOf(Float64Array.of(0, 1, 4, 9)), 1.5) // 2.25
 */
export function cubicAt(cubics: Float64Array, at: number): number {
  const cell = at | 0;
  const t = at - cell;
  const i = TERMS * cell;
  return numberAt(cubics, i) + t * (numberAt(cubics, i + 1) + t * (numberAt(cubics, i + 2) + t * numberAt(cubics, i + 3)));
}
