import { addLogBand, FAR } from './log-band';
import { logNormal, phiBetween } from './normal';
import { itemAt, numberAt } from '../units/item-at';

/** What was seen: −3 under and spoils … 0 right … +3 over and spoils. */
export type Degree = -3 | -2 | -1 | 0 | 1 | 2 | 3;

/** What one fit note says about the ideal offset θ, reduced to numbers. */
export interface Observation {
  /** The garment's offset, cm. */
  readonly x: number;
  readonly outcome: Degree;
  readonly edges: readonly [number, number, number];
  /** The observer's doubt, k·σ, cm. */
  readonly observer: number;
  /** Doubt about the garment itself: fabric and alterations without an amount, cm, in quadrature. */
  readonly garment: number;
  /** Noted amount, cm, unsigned; only where the outcome is not right. */
  readonly amount?: number;
  /** So many steps between sizes, of a length that nobody knows, are in x at their usual length (unknown-step.ts). */
  readonly steps?: number;
}

/** Probabilities are floored here, so that one note can never rule a cut out for good. Source: engine.md, section 3. */
const FLOOR = 1e-12;
export const LOG_FLOOR = Math.log(FLOOR);
/**
 * All doubt about what was seen, the observer's and the garment's, cm.
 *
 * @example doubtOf({ observer: 0.3, garment: 0.4 }) // 0.5
 */
export function doubtOf({ observer, garment }: Pick<Observation, 'observer' | 'garment'>): number {
  return Math.sqrt(observer * observer + garment * garment);
}

/** The edges of x − θ between which an outcome is noted, cm: under is over seen in a mirror. */
function edgesOf(outcome: Degree, edges: Observation['edges']): readonly [low: number, high: number] {
  const size = Math.abs(outcome);
  const near = size === 0 ? -edges[0] : itemAt(edges, size - 1);
  const far = size < edges.length ? itemAt(edges, size) : Infinity;
  return outcome < 0 ? [-far, -near] : [near, far];
}

/** Even steps of θ, cm, with a value at each. */
export interface Grid {
  readonly start: number;
  readonly step: number;
  readonly values: Float64Array;
}

/** What is said of θ, to be added to what is said on a grid already. */
export type Said = (grid: Grid) => void;

/** The first point of a grid that lies at a place or beyond it; the place may lie off the grid. */
function pointFrom(place: number, { start, step, values }: Grid): number {
  return Math.min(values.length, Math.max(0, Math.ceil((place - start) / step)));
}

/** Half the width of an outcome that is open to one side, cm: as good as endless. */
const VAST = 1e6;

/** What a note's outcome says of θ: its log chance. */
export class SaidOutcome {
  /** All doubt, and half the width of what would be noted like this, cm. */
  readonly #doubt: number;
  readonly #half: number;
  /** θ in the middle of it, and where on either side the chance reaches its floor and turns at an angle, cm. */
  readonly #middle: number;
  readonly #low: number;
  readonly #high: number;

  constructor(o: Observation) {
    const [low, high] = edgesOf(o.outcome, o.edges);
    this.#doubt = doubtOf(o);
    this.#half = Math.min(VAST, (high - low) / 2);
    this.#middle = o.x - (o.outcome < 0 ? high - this.#half : low + this.#half);
    this.#low = this.#middle - this.#half - FAR * this.#doubt;
    this.#high = this.#middle + this.#half + FAR * this.#doubt;
  }

  /** Whether the chance turns at an angle on a stretch of θ, cm. */
  turnsBetween(from: number, to: number): boolean {
    return (this.#low >= from && this.#low <= to) || (this.#high >= from && this.#high <= to);
  }

  /** Adds the log chance to a grid. Most points lie where a note says no more than that they are too far off. */
  addTo(grid: Grid): void {
    const { start, step, values } = grid;
    const first = pointFrom(this.#low, grid);
    const end = pointFrom(this.#high, grid);
    for (let k = 0; k < first; k++) values[k] = numberAt(values, k) + LOG_FLOOR;
    addLogBand(values, first, end, (start - this.#middle) / this.#doubt, step / this.#doubt, this.#half / this.#doubt, LOG_FLOOR);
    for (let k = end; k < values.length; k++) values[k] = numberAt(values, k) + LOG_FLOOR;
  }
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
      values[k] = numberAt(values, k) + Math.max(logNormal(noted - off, garment2 === 0 ? tape : Math.sqrt(tape * tape + garment2)), LOG_FLOOR);
    }
  };
}

/** A note's log likelihood of θ, added to every grid on which it is asked for. */
export function logLikelihood(o: Observation): Said {
  const outcome = new SaidOutcome(o);
  const amount = logAmount(o);
  return (grid) => {
    outcome.addTo(grid);
    amount?.(grid);
  };
}

/** The chances of an outcome at most, and at least, as the one noted, were the ideal offset θ. */
export function outcomeTails(o: Observation, theta: number): { readonly atMost: number; readonly atLeast: number } {
  const s = doubtOf(o);
  const off = theta - o.x;
  const [low, high] = edgesOf(o.outcome, o.edges);
  return { atMost: phiBetween(-Infinity, (high + off) / s), atLeast: phiBetween((low + off) / s, Infinity) };
}
