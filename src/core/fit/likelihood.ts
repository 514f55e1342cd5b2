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

/** A note's log likelihood as a function of θ. Made once a note, called for every point of a grid. */
export function logLikelihood(o: Observation): (theta: number) => number {
  const s = Math.sqrt(o.observer * o.observer + o.garment * o.garment);
  const [low, high] = bounds(o.outcome, o.edges);
  const { x } = o;
  const outcome = (theta: number) => Math.log(Math.max(phiBetween((low - x + theta) / s, (high - x + theta) / s), FLOOR));
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
