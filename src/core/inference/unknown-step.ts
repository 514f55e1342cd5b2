import { firstOf, itemAt, numberAt } from '../units/item-at';
import { allocate } from './allocate';
import type { Observation } from './likelihood';
import { chanceOfRight, expectation, posteriorFrom, posteriorOf, type Posterior, type Prior } from './posterior';

/**
 * Sizes that are only labels: the step between neighbours is one unknown for all notes of a pattern at a zone, normal round its usual
 * length and cut on both sides, integrated over so many points. Source: engine.md, section 12.
 */
const POINTS = 41;
const LEAST = 0.25;
const MOST = 2;
/** One standard deviation of a step, as a part of its usual length. */
const STEP_DOUBT = 0.3;
/** Where all steps between a pattern's notes together are in doubt by less than this part of what an eye errs by, each note is told with that doubt. */
const SMALL = 0.35;

/** How long a step may be, in its usual lengths, with the logarithm of how likely that is before any note. */
const LENGTHS = Array.from({ length: POINTS }, (_, i) => LEAST + ((MOST - LEAST) * i) / (POINTS - 1));
const LOG_WEIGHTS = LENGTHS.map((times) => -0.5 * ((times - 1) / STEP_DOUBT) ** 2);
const weightsFrom = (logs: readonly number[]): readonly number[] => {
  const peak = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - peak));
  const sum = weights.reduce((a, b) => a + b, 0);
  return weights.map((w) => w / sum);
};
const BEFORE = weightsFrom(LOG_WEIGHTS);
const CERTAIN = [1];
/** A length of the step that is less likely is passed over. */
const NEVER = 1e-7;

/** What is believed of θ, and with it of the step between sizes where nobody gave that. */
export interface Believed {
  /** Usual length of the step, cm; 0 where it is known. */
  readonly usual: number;
  /** How likely each length of the step is; one for a step that is known, or told as a doubt. */
  readonly weights: readonly number[];
  /** What is believed of θ at each of these lengths; one where it is the same at all of them. */
  readonly posteriors: readonly Posterior[];
}

/** A cut that is asked about: its offset x with every unknown step at its usual length, cm, and how many such steps are in it. */
export interface Cut {
  readonly x: number;
  readonly steps: number;
}

/** What is believed of θ by notes that were all made of one size: they say nothing of the step. */
export const believedAt = (posterior: Posterior, usual: number): Believed => ({
  usual,
  weights: usual === 0 ? CERTAIN : BEFORE,
  posteriors: [posterior],
});

/**
 * The doubt of so many unknown steps by themselves, cm.
 *
 * @example doubtOfSteps(-2, 5) // 3
 */
export const doubtOfSteps = (steps: number, usual: number): number => STEP_DOUBT * usual * Math.abs(steps);

/** A note as it is told where the step is not asked for: its steps at their usual length, with their doubt. */
export function withDoubtOfSteps({ steps = 0, ...note }: Observation, usual: number): Observation {
  return steps === 0 ? note : { ...note, garment: Math.hypot(note.garment, doubtOfSteps(steps, usual)) };
}

/** Whether the unknown steps between notes are so short that each may be told as a doubt of its own. */
function areSmall(observations: readonly Observation[], usual: number): boolean {
  const least = Math.min(...observations.map((o) => o.observer));
  return observations.every((o) => doubtOfSteps(o.steps ?? 0, usual) <= SMALL * least);
}

/**
 * What notes say of θ where the step between sizes is unknown: for every length it may have, what would be believed of θ, weighed by how
 * well the notes agree with it.
 *
 * @param usual the usual length of the step, cm; 0 where every step is known
 * @example believe([], 4, 0).posteriors.length // 1
 */
export function believe(observations: readonly Observation[], prior: Prior | number, usual: number): Believed {
  if (usual === 0 || observations.every((o) => !o.steps)) return believedAt(posteriorOf(observations, prior), usual);
  if (areSmall(observations, usual)) {
    const told = observations.map((o) => withDoubtOfSteps(o, usual));
    return { usual, weights: CERTAIN, posteriors: [posteriorOf(told, prior)] };
  }
  const posteriors = LENGTHS.map((times) =>
    posteriorOf(
      observations.map((o) => ({ ...o, x: o.x + (o.steps ?? 0) * (times - 1) * usual })),
      prior,
    ),
  );
  return { usual, weights: weightsFrom(posteriors.map((p, i) => p.logMass + itemAt(LOG_WEIGHTS, i))), posteriors };
}

/** Sums a figure over every length that the step may have, weighed. */
function meanOf({ usual, weights, posteriors }: Believed, of: (posterior: Posterior, longer: number) => number): number {
  if (weights.length === 1) return of(firstOf(posteriors), 0);
  let sum = 0;
  for (let i = 0; i < weights.length; i++) {
    const weight = itemAt(weights, i);
    if (weight > NEVER) sum += weight * of(posteriors.length === 1 ? firstOf(posteriors) : itemAt(posteriors, i), (itemAt(LENGTHS, i) - 1) * usual);
  }
  return sum;
}

/**
 * The chance that a cut is noted as right, whatever the step.
 *
 * @param doubt of the garment itself, cm: a planned fabric, an alteration without an amount
 * @example chanceOfCut(believe([], 2, 0), { x: 0, steps: 0 }, 2) // 0.682628
 */
export function chanceOfCut(believed: Believed, { x, steps }: Cut, t1: number, doubt = 0): number {
  const { usual, weights, posteriors } = believed;
  if (weights.length === 1) return chanceOfRight(firstOf(posteriors), x, t1, steps === 0 ? doubt : Math.hypot(doubt, doubtOfSteps(steps, usual)));
  if (steps === 0 && posteriors.length === 1) return chanceOfRight(firstOf(posteriors), x, t1, doubt);
  return meanOf(believed, (posterior, longer) => chanceOfRight(posterior, x + steps * longer, t1, doubt));
}

/** The mean of a function of θ and of what the step is longer than usual, cm. */
export function meanOver(believed: Believed, of: (theta: number, longer: number) => number): number {
  return meanOf(believed, (posterior, longer) => expectation(posterior, (theta) => of(theta, longer)));
}

/**
 * The length of the step, as it is believed, cm; 0 where none is unknown.
 *
 * @example stepOf(believe([], 4, 5)) // 5.02006
 */
export function stepOf({ usual, weights }: Believed): number {
  return weights.length === 1 ? usual : weights.reduce((sum, w, i) => sum + w * itemAt(LENGTHS, i) * usual, 0);
}

/** Points of a scale on which what is believed under every length of the step is put together. */
const SCALE_POINTS = 801;

/**
 * Where the ideal cut lies, on the scale on which offsets are told: with every unknown step at its usual length.
 *
 * @param from the cut that is moved from
 * @param along whether it is moved from size to size, so that a longer step is reached sooner, or by so many centimetres
 */
export function idealFrom(believed: Believed, { x, steps }: Cut, along: 'sizes' | 'length'): Posterior {
  const { usual, weights, posteriors } = believed;
  if (weights.length === 1 || (posteriors.length === 1 && along === 'length' && steps === 0)) return firstOf(posteriors);
  const known = x - steps * usual;
  const parts = weights.flatMap((weight, i) => {
    if (weight <= NEVER) return [];
    const times = itemAt(LENGTHS, i);
    const { start, step, density } = posteriors.length === 1 ? firstOf(posteriors) : itemAt(posteriors, i);
    // Of θ its place on the scale: from size to size in steps, or moved by what the steps in the cut are longer.
    const place = (theta: number) => (along === 'sizes' ? known + (theta - known) / times : theta - steps * (times - 1) * usual);
    const by = along === 'sizes' ? step / times : step;
    return [{ weight: weight / (by / step), first: place(start), by, density }];
  });
  const start = Math.min(...parts.map((p) => p.first));
  const end = Math.max(...parts.map((p) => p.first + (p.density.length - 1) * p.by));
  const step = (end - start) / (SCALE_POINTS - 1);
  const density = allocate(SCALE_POINTS);
  for (const part of parts) {
    // Where it lies on the scale; a point more on either side, whatever was lost in reckoning that.
    const begin = Math.max(0, Math.floor((part.first - start) / step) - 1);
    const stop = Math.min(SCALE_POINTS - 1, Math.ceil((part.first + (part.density.length - 1) * part.by - start) / step) + 1);
    for (let i = begin; i <= stop; i++) {
      const at = (start + i * step - part.first) / part.by;
      const cell = Math.floor(at);
      if (cell < 0 || cell >= part.density.length - 1) continue;
      const d0 = numberAt(part.density, cell);
      density[i] = numberAt(density, i) + part.weight * (d0 + (at - cell) * (numberAt(part.density, cell + 1) - d0));
    }
  }
  return posteriorFrom(start, step, density);
}
