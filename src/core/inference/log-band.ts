import { cubicAt, cubicsOf } from './cubic';
import { phi } from './normal';
import { numberAt } from '../units/item-at';

/**
 * Standard deviations beyond an edge at which less is left than any note may say: Φ(−7.1) is 6e-13, and chances are floored at 1e-12.
 */
export const FAR = 7.1;
/** From here on the other edge of a band is out of sight of the one that is near. */
const WIDEST = 8;

/** Steps of a table within one standard deviation: a cubic through them errs by less than 1e-5. */
const STEPS = 16;
/** A little more on either side, for what a cubic asks of its neighbours. */
const START = -FAR - 4 / STEPS;
const CELLS = Math.ceil((FAR + 4 / STEPS - START) * STEPS);
/** Tables for widths that grow by two per cent: blended over the logarithm of the width, log chances err by less than a ten-thousandth. */
const WIDTHS = 50;

/** How far beyond the nearer edge each point of a table lies, and how much of a normal number round it falls short of that edge. */
const BEYOND = Float64Array.from({ length: CELLS + 1 }, (_, i) => START + i / STEPS);
const SHORT = BEYOND.map((beyond) => phi(-beyond));

/** By the number of the width: log chances by how far beyond the nearer edge a point lies. Thousands of notes share some hundred of them. */
const tables = new Map<number, Float64Array>();

function tableFor(width: number): Float64Array {
  let table = tables.get(width);
  if (!table) {
    const values = new Float64Array(CELLS + 1);
    const across = 2 * Math.exp(width / WIDTHS);
    // No point lies deeper in a band than its middle; the widest band that is read from here is that of the next table.
    const deepest = Math.max(0, Math.floor((-Math.exp((width + 1) / WIDTHS) - START) * STEPS) - 2);
    for (let i = deepest; i <= CELLS; i++) values[i] = Math.log(Math.max(numberAt(SHORT, i) - phi(-numberAt(BEYOND, i) - across), Number.MIN_VALUE));
    tables.set(width, (table = cubicsOf(values)));
  }
  return table;
}

/**
 * Adds to an even row of points the logarithm of the chance that a normal number round each of them falls into a band.
 *
 * @param first the point of the row to begin with, and `end` the one to end before: none further than `FAR` beyond an edge
 * @param from where the row's point 0 lies, in standard deviations from the middle of the band, and `by` how far apart points lie
 * @param half half the width of the band, standard deviations; it may be vast
 * @param floor the least that a logarithm may be
 */
export function addLogBand(values: Float64Array, first: number, end: number, from: number, by: number, half: number, floor: number): void {
  const width = half < WIDEST ? WIDTHS * Math.log(half) : Infinity;
  const narrow = tableFor(Math.floor(width));
  const wide = width === Infinity ? narrow : tableFor(Math.floor(width) + 1);
  const part = width === Infinity ? 0 : width - Math.floor(width);
  for (let k = first; k < end; k++) {
    const beyond = Math.abs(from + k * by) - half;
    // Well inside the band it is as if it had no edges.
    if (beyond < -FAR) continue;
    const at = (beyond - START) * STEPS;
    const less = cubicAt(narrow, at);
    values[k] = numberAt(values, k) + Math.max(less + part * (cubicAt(wide, at) - less), floor);
  }
}
