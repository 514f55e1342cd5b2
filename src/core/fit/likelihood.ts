import type { Outcome, Seen } from '../records';
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
export const LOG_FLOOR = Math.log(FLOOR);
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

/** All doubt about what was seen, the observer's and the garment's, cm. */
export function doubtOf({ observer, garment }: Pick<Observation, 'observer' | 'garment'>): number {
  return Math.sqrt(observer * observer + garment * garment);
}

/** The two edges of x − θ between which an outcome is noted, cm. */
function bounds(outcome: Outcome, [t1, t2, t3]: Observation['edges']): readonly [number, number] {
  const size = Math.abs(outcome);
  if (size === 0) return [-t1, t1];
  const near = size === 1 ? t1 : size === 2 ? t2 : t3;
  const far = size === 1 ? t2 : size === 2 ? t3 : Infinity;
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

/**
 * Adds to a grid what a note says of it: the same at every point up to a place, the same beyond another, and worked out between them.
 * Most points of a grid lie where a note says no more than that they are too far off, or well inside what is open to one side.
 *
 * @param from the first of the points between, and `to` the last; either may lie beyond the grid
 */
function addTo(values: Float64Array, from: number, to: number, before: number, after: number, at: (k: number) => number): void {
  const first = Math.min(values.length, Math.max(0, Math.ceil(from)));
  const end = Math.max(first, Math.min(values.length, Math.floor(to) + 1));
  if (before !== 0) for (let k = 0; k < first; k++) values[k]! += before;
  for (let k = first; k < end; k++) values[k]! += at(k);
  if (after !== 0) for (let k = end; k < values.length; k++) values[k]! += after;
}

/** The log chance of the outcome, worked out at every point. */
function directly({ x, outcome, edges, observer, garment }: Observation): Said {
  const s = doubtOf({ observer, garment });
  const [low, high] = bounds(outcome, edges);
  const [open, shut] = floorsOf({ x, outcome, edges, observer, garment });
  return ({ start, step, values }) => {
    // A grid may run downwards: then what is too low comes after the rest.
    const [one, other] = [(open - start) / step, (shut - start) / step];
    addTo(values, Math.min(one, other), Math.max(one, other), LOG_FLOOR, LOG_FLOOR, (k) => {
      const off = start + k * step - x;
      const a = (low + off) / s;
      const b = (high + off) / s;
      // Far enough off an edge it is as if it were not there.
      if (a < -FAR && b > FAR) return 0;
      return Math.log(Math.max(nearlyPhiBetween(a < -FAR ? -Infinity : a, b > FAR ? Infinity : b), FLOOR));
    });
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
/** By the edges, the observer's doubt and how far off. */
const tables = new WeakMap<Observation['edges'], Map<number, (Table | undefined)[]>>();
/** Steps of a table within one standard deviation of the observer: a cubic through them errs by less than 1e-5. */
const STEPS = 16;

/**
 * The same, read from a table. Most notes are of a woven, and differ in nothing but x from others of their zone, class, outcome and
 * sharpness: a ledger of 25,000 notes needs some hundreds of tables.
 */
function fromTable({ x, outcome, edges, observer }: Observation): Said {
  // Over is under seen in a mirror.
  const size = Math.abs(outcome) as Outcome;
  const sign = outcome < 0 ? -1 : 1;
  const ofEdges = tables.get(edges) ?? new Map<number, (Table | undefined)[]>();
  tables.set(edges, ofEdges);
  const ofObserver = ofEdges.get(observer) ?? [];
  ofEdges.set(observer, ofObserver);
  const { below, above, cubics, start: tableStart, step: tableStep, points } = (ofObserver[size] ??= tableOf(size, edges, observer));
  return ({ start, step, values }) => {
    const first = (sign * (x - start) - tableStart) / tableStep;
    const along = (-sign * step) / tableStep;
    const [one, other] = [(1 - first) / along, (points - 2 - first) / along];
    const at = (k: number) => cubicAt(cubics, first + k * along);
    if (along > 0) addTo(values, one, other, below, above, at);
    else addTo(values, other, one, above, below, at);
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

/** The log chance of a note's outcome, by θ. */
export function logOutcome(o: Observation): Said {
  return o.garment === 0 ? fromTable(o) : directly(o);
}

/** Where, on either side, the outcome's chance reaches its floor and turns at an angle, θ in cm; infinite where it never does. */
export function floorsOf({ x, outcome, edges, observer, garment }: Observation): readonly [number, number] {
  const far = FAR * doubtOf({ observer, garment });
  const [low, high] = bounds(outcome, edges);
  return [x - high - far, x - low + far];
}

/** The log likelihood of a noted amount, by θ; undefined where none was noted. It turns at an angle where a tape errs by more than half a centimetre. */
export function logAmount({ x, outcome, amount, garment }: Observation): Said | undefined {
  if (amount === undefined || outcome === 0) return undefined;
  const noted = Math.sign(outcome) * amount;
  const garment2 = garment * garment;
  return ({ start, step, values }) => {
    for (let k = 0; k < values.length; k++) {
      const off = x - start - k * step;
      const tape = Math.max(0.5, 0.35 * Math.abs(off));
      values[k]! += Math.max(logNormal(noted - off, garment2 === 0 ? tape : Math.sqrt(tape * tape + garment2)), LOG_FLOOR);
    }
  };
}

/** A note's log likelihood of θ, added to every grid on which it is asked for. */
export function logLikelihood(o: Observation): Said {
  const outcome = logOutcome(o);
  const amount = logAmount(o);
  if (!amount) return outcome;
  return (grid) => {
    outcome(grid);
    amount(grid);
  };
}

/** The chances of an outcome at most, and at least, as the one noted, were the ideal offset θ. */
export function outcomeTails(o: Observation, theta: number): { readonly atMost: number; readonly atLeast: number } {
  const s = doubtOf(o);
  const [low, high] = bounds(o.outcome, o.edges);
  return { atMost: phiBetween(-Infinity, (high - o.x + theta) / s), atLeast: phiBetween((low - o.x + theta) / s, Infinity) };
}
