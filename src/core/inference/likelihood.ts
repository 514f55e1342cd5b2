import { allocate } from './allocate';
import { addLogBand, FAR } from './log-band';
import { logNormal, phi, phiBetween } from './normal';
import { itemAt, numberAt } from '../units/item-at';

/** What was seen: −3 under and spoils … 0 right … +3 over and spoils. */
export type Degree = -3 | -2 | -1 | 0 | 1 | 2 | 3;

/** How an amount may have been found, where it was not judged at sight. */
export type AmountFound = 'pinned' | 'about';

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
  /** How the amount was found, where it was not judged at sight: pinned or measured, or said to be about so much. */
  readonly found?: AmountFound;
  /** So many steps between sizes, of a length that nobody knows, are in x at their usual length (unknown-step.ts). */
  readonly steps?: number;
  /** Hardly believable beside the others: it may be a slip. */
  readonly doubted?: true;
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
export function edgesOf(outcome: Degree, edges: Observation['edges']): readonly [low: number, high: number] {
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

/** By how much an amount errs, cm: at least so much, and so much of what the garment is off by. Source: engine.md, section 3. */
const AT_SIGHT = { least: 0.5, share: 0.35 };
const AS_FOUND: Record<AmountFound, typeof AT_SIGHT> = { pinned: { least: 0.3, share: 0.1 }, about: { least: 1, share: 0.7 } };

/** Log density of a noted amount where the garment is off by so much, with the garment's own doubt, cm. */
function logOfAmount(noted: number, off: number, garment2: number, { least, share }: typeof AT_SIGHT): number {
  const tape = Math.max(least, share * Math.abs(off));
  return Math.max(logNormal(noted - off, garment2 === 0 ? tape : Math.sqrt(tape * tape + garment2)), LOG_FLOOR);
}

/** The log likelihood of a noted amount, by θ; undefined where none was noted. It turns at an angle where its doubt begins to grow. */
export function logAmount({ x, outcome, amount, garment, found }: Observation): Said | undefined {
  if (amount === undefined || outcome === 0) return undefined;
  const doubt = found ? AS_FOUND[found] : AT_SIGHT;
  const noted = Math.sign(outcome) * amount;
  const garment2 = garment * garment;
  return ({ start, step, values }) => {
    for (let k = 0; k < values.length; k++) values[k] = numberAt(values, k) + logOfAmount(noted, x - start - k * step, garment2, doubt);
  };
}

/** So many of the notes that are hardly believable are slips: the wrong sign, or a step off. Source: our own bench (bench/sewists.ts). */
const SLIP = 0.05;

/** What was meant where an outcome was noted by a slip: the other sign, or one step more or less. */
function meantInstead(outcome: Degree): Degree[] {
  const one = Math.sign(outcome);
  const meant = outcome === 0 ? [-1, 1] : [-outcome, outcome - one, outcome + one];
  return meant.filter((m): m is Degree => Math.abs(m) <= 3);
}

/** The log likelihood of a note that may be a slip; an amount belongs to what was meant. */
function logDoubted({ doubted: _, ...o }: Observation): Said {
  const meant = meantInstead(o.outcome);
  const parts = [
    { log: Math.log(1 - SLIP), said: logLikelihood(o) },
    ...meant.map((outcome) => ({ log: Math.log(SLIP / meant.length), said: logLikelihood({ ...o, outcome }) })),
  ];
  return (grid) => {
    const chance = allocate(grid.values.length);
    for (const { log, said } of parts) {
      const values = allocate(grid.values.length);
      said({ ...grid, values });
      for (let k = 0; k < values.length; k++) chance[k] = numberAt(chance, k) + Math.exp(log + numberAt(values, k));
    }
    for (let k = 0; k < chance.length; k++) grid.values[k] = numberAt(grid.values, k) + Math.log(numberAt(chance, k));
  };
}

/** A note's log likelihood of θ, added to every grid on which it is asked for. */
export function logLikelihood(o: Observation): Said {
  if (o.doubted) return logDoubted(o);
  const outcome = new SaidOutcome(o);
  const amount = logAmount(o);
  return (grid) => {
    outcome.addTo(grid);
    amount?.(grid);
  };
}

/** The chance of an outcome at least as far as the one noted, towards over (1) or under (−1), where the garment is off by so much, cm. */
export function asFarAs({ outcome, edges, observer }: Pick<Observation, 'outcome' | 'edges' | 'observer'>, towards: 1 | -1): (off: number) => number {
  const [low, high] = edgesOf(outcome, edges);
  return towards > 0 ? (off) => phi((off - low) / observer) : (off) => phi((high - off) / observer);
}

/** The chances of an outcome at most, and at least, as the one noted, were the ideal offset θ. */
export function outcomeTails(o: Observation, theta: number): { readonly atMost: number; readonly atLeast: number } {
  const s = doubtOf(o);
  const off = theta - o.x;
  const [low, high] = edgesOf(o.outcome, o.edges);
  return { atMost: phiBetween(-Infinity, (high + off) / s), atLeast: phiBetween((low + off) / s, Infinity) };
}

/**
 * The chance of a note where the garment is off by so much, by the garment's own doubt, cm; with an amount, its density.
 *
 * @example chanceOfNote({ outcome: 0, edges: [1, 2, 3], observer: 1 })(0, 0) // 0.682689
 */
export function chanceOfNote({
  outcome,
  edges,
  observer,
  amount,
  found,
}: Pick<Observation, 'outcome' | 'edges' | 'observer' | 'amount' | 'found'>): (off: number, garment: number) => number {
  const [low, high] = edgesOf(outcome, edges);
  const noted = amount === undefined || outcome === 0 ? undefined : Math.sign(outcome) * amount;
  const doubt = found ? AS_FOUND[found] : AT_SIGHT;
  return (off, garment) => {
    const s = Math.sqrt(observer * observer + garment * garment);
    const chance = Math.max(FLOOR, phiBetween((low - off) / s, (high - off) / s));
    return noted === undefined ? chance : chance * Math.exp(logOfAmount(noted, off, garment * garment, doubt));
  };
}
