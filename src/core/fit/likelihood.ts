import type { Outcome, Seen } from '../records';
import { logNormal, phiBetween } from './normal';

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

/** The log chance of the outcome as a function of θ, worked out at every point. */
function directly({ x, outcome, edges, observer, garment }: Observation): (theta: number) => number {
  const s = Math.sqrt(observer * observer + garment * garment);
  const [low, high] = bounds(outcome, edges);
  const [open, shut] = [x - high - FAR * s, x - low + FAR * s];
  return (theta) => {
    // Most points of a grid lie where a note says nothing at all: too far off, or well inside what is open to one side.
    if (theta < open || theta > shut) return LOG_FLOOR;
    const [a, b] = [(low - x + theta) / s, (high - x + theta) / s];
    return a < -FAR && b > FAR ? 0 : Math.log(Math.max(phiBetween(a, b), FLOOR));
  };
}

/** Log chances of an outcome over x − θ, in even steps. */
interface Table {
  readonly start: number;
  readonly step: number;
  readonly logs: Float64Array;
}

const tables = new Map<string, Table>();
/** Steps of a table within one standard deviation of the observer: a cubic through them errs by less than 1e-5. */
const STEPS = 16;

/**
 * The same, read from a table. Most notes are of a woven, and differ in nothing but x from others of their zone, class, outcome and
 * sharpness: a ledger of 25,000 notes needs some hundreds of tables.
 */
function tabled({ x, outcome, edges, observer }: Observation): (theta: number) => number {
  // Over is under seen in a mirror.
  const size = Math.abs(outcome);
  const sign = outcome < 0 ? -1 : 1;
  const name = `${size} ${edges.join(' ')} ${observer}`;
  const table = tables.get(name) ?? tableOf(size as Outcome, edges, observer);
  tables.set(name, table);
  const { start, step, logs } = table;
  const last = logs.length - 3;
  const [below, above] = [logs[0]!, logs[logs.length - 1]!];
  return (theta) => {
    const place = (sign * (x - theta) - start) / step;
    if (place < 1) return below;
    if (place >= last + 1) return above;
    const i = Math.floor(place);
    const t = place - i;
    const [a, b, c, d] = [logs[i - 1]!, logs[i]!, logs[i + 1]!, logs[i + 2]!];
    return b + 0.5 * t * (c - a + t * (2 * a - 5 * b + 4 * c - d + t * (3 * (b - c) + d - a)));
  };
}

function tableOf(outcome: Outcome, edges: Observation['edges'], observer: number): Table {
  const [low, high] = bounds(outcome, edges);
  const step = observer / STEPS;
  const start = low - FAR * observer - 2 * step;
  const end = (Number.isFinite(high) ? high : low) + FAR * observer + 2 * step;
  const points = Math.ceil((end - start) / step) + 1;
  const at = directly({ x: 0, outcome, edges, observer, garment: 0 });
  return { start, step, logs: Float64Array.from({ length: points }, (_, i) => at(-(start + i * step))) };
}

/** A note's log likelihood as a function of θ. Made once a note, called for every point of a grid. */
export function logLikelihood(o: Observation): (theta: number) => number {
  const { x } = o;
  const outcome = o.garment === 0 ? tabled(o) : directly(o);
  if (o.amount === undefined || o.outcome === 0) return outcome;
  const said = Math.sign(o.outcome) * o.amount;
  const garment2 = o.garment * o.garment;
  return (theta) => {
    const off = x - theta;
    const tape = Math.max(0.5, 0.35 * Math.abs(off));
    return outcome(theta) + Math.max(logNormal(said - off, Math.sqrt(tape * tape + garment2)), LOG_FLOOR);
  };
}

/** The chances of an outcome at most, and at least, as the one noted, were the ideal offset θ. */
export function outcomeTails(o: Observation, theta: number): { readonly atMost: number; readonly atLeast: number } {
  const s = Math.sqrt(o.observer * o.observer + o.garment * o.garment);
  const [low, high] = bounds(o.outcome, o.edges);
  return { atMost: phiBetween(-Infinity, (high - o.x + theta) / s), atLeast: phiBetween((low - o.x + theta) / s, Infinity) };
}
