import type { Outcome, Seen } from '../records';
import { onceFor } from '../measure/once-for';
import { cubicAt, cubicsOf } from './cubic';
import { logNormal, nearlyPhiBetween, phiBetween } from './normal';

/** What one fit note says about the ideal offset θ, reduced to numbers. */
export interface Observation {
  /** The garment's offset, cm. */
  readonly x: number;
  readonly outcome: Outcome;
  readonly edges: readonly [number, number, number];
  /** The observer's doubt, k·σ, cm. */
  readonly observer: number;
  /** Doubt about the garment itself: cloth and alterations without an amount, cm, in quadrature. */
  readonly garment: number;
  /** Noted amount, cm, unsigned; only where the outcome is not right. */
  readonly amount?: number;
}

/** Probabilities are floored here, so that one note can never rule a cut out for good. Source: engine.md, section 3. */
const FLOOR = 1e-12;
const LOG_FLOOR = Math.log(FLOOR);
/** Standard deviations beyond which less than the floor is left: Φ(−7.1) is 6e-13. */
const FAR = 7.1;

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

/** The two edges of x − θ between which an outcome is noted, cm. */
function bounds(outcome: Outcome, [t1, t2, t3]: Observation['edges']): readonly [number, number] {
  const up = [t1, t2, t3, Infinity] as const;
  const size = Math.abs(outcome);
  if (size === 0) return [-t1, t1];
  const near = up[size - 1]!;
  const far = up[size]!;
  return outcome > 0 ? [near, far] : [-far, -near];
}

/** Even steps of θ, cm, with a value at each. */
export interface Grid {
  readonly start: number;
  readonly step: number;
  readonly values: Float64Array;
}

/** What is said of θ, to be added to what is said on a grid already. */
export type Said = (grid: Grid) => void;

/** The log chance of the outcome, worked out at every point. */
function directly({ x, outcome, edges, observer, garment }: Observation): Said {
  const s = Math.sqrt(observer * observer + garment * garment);
  const [low, high] = bounds(outcome, edges);
  const [open, shut] = [x - high - FAR * s, x - low + FAR * s];
  return ({ start, step, values }) => {
    for (let k = 0; k < values.length; k++) {
      const theta = start + k * step;
      // Most points of a grid lie where a note says nothing at all: too far off, or well inside what is open to one side.
      if (theta < open || theta > shut) {
        values[k]! += LOG_FLOOR;
        continue;
      }
      const a = (low - x + theta) / s;
      const b = (high - x + theta) / s;
      // Far enough off an edge it is as if it were not there.
      if (a < -FAR && b > FAR) continue;
      const chance = nearlyPhiBetween(a < -FAR ? -Infinity : a, b > FAR ? Infinity : b);
      values[k]! += Math.log(Math.max(chance, FLOOR));
    }
  };
}

/** Log chances of an outcome over x − θ, as cubics, and what they are to either side. */
interface Table {
  readonly start: number;
  readonly step: number;
  readonly points: number;
  readonly cubics: Float64Array;
  readonly below: number;
  readonly above: number;
}
const tables = new Map<string, Table>();
/** Steps of a table within one standard deviation of the observer: a cubic through them errs by less than 1e-5. */
const STEPS = 16;

/**
 * The same, read from a table. Most notes are of a woven, and differ in nothing but x from others of their zone, class, outcome and
 * sharpness: a ledger of 25,000 notes needs some hundreds of tables.
 */
function fromTable({ x, outcome, edges, observer }: Observation): Said {
  // Over is under seen in a mirror.
  const size = Math.abs(outcome);
  const sign = outcome < 0 ? -1 : 1;
  const name = `${size} ${edges.join(' ')} ${observer}`;
  const table = tables.get(name) ?? tableOf(size as Outcome, edges, observer);
  tables.set(name, table);
  const { below, above, cubics } = table;
  const end = table.points - 2;
  return ({ start, step, values }) => {
    const first = (sign * (x - start) - table.start) / table.step;
    const along = (-sign * step) / table.step;
    for (let k = 0; k < values.length; k++) {
      const at = first + k * along;
      values[k]! += at < 1 ? below : at >= end ? above : cubicAt(cubics, at);
    }
  };
}

function tableOf(outcome: Outcome, edges: Observation['edges'], observer: number): Table {
  const [low, high] = bounds(outcome, edges);
  const step = observer / STEPS;
  const start = low - FAR * observer - 2 * step;
  const end = (Number.isFinite(high) ? high : low) + FAR * observer + 2 * step;
  const points = Math.ceil((end - start) / step) + 1;
  const mirrored = { start: -start, step: -step, values: new Float64Array(points) };
  directly({ x: 0, outcome, edges, observer, garment: 0 })(mirrored);
  const { values } = mirrored;
  return { start, step, points, cubics: cubicsOf(values), below: values[0]!, above: values[points - 1]! };
}

/** A note's log likelihood of θ. Made once a note, since memory and the pattern's own posterior both ask; added to every grid on which it is asked for. */
export const logLikelihood = onceFor((o: Observation): Said => {
  const outcome = o.garment === 0 ? fromTable(o) : directly(o);
  if (o.amount === undefined || o.outcome === 0) return outcome;
  const noted = Math.sign(o.outcome) * o.amount;
  const garment2 = o.garment * o.garment;
  return (grid) => {
    outcome(grid);
    const { start, step, values } = grid;
    for (let k = 0; k < values.length; k++) {
      const off = o.x - start - k * step;
      const tape = Math.max(0.5, 0.35 * Math.abs(off));
      values[k]! += Math.max(logNormal(noted - off, Math.sqrt(tape * tape + garment2)), LOG_FLOOR);
    }
  };
});

/** The chances of an outcome at most, and at least, as the one noted, were the ideal offset θ. */
export function outcomeTails(o: Observation, theta: number): { readonly atMost: number; readonly atLeast: number } {
  const s = Math.sqrt(o.observer * o.observer + o.garment * o.garment);
  const [low, high] = bounds(o.outcome, o.edges);
  return { atMost: phiBetween(-Infinity, (high - o.x + theta) / s), atLeast: phiBetween((low - o.x + theta) / s, Infinity) };
}
