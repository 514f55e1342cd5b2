import { measureDoubt, type BodyValue } from '../body/measures';
import type { BodyMeasure } from '../body/zones';

/** By how much the chance of right rises at a place, if the measure that decides it is taken again before the cut, 0 to 1. */
export interface TapeGain {
  readonly measure: BodyMeasure;
  readonly gain: number;
}

/** At most so many measures are asked for, each only where its doubt costs more than so much. Source: engine.md, section 14. */
const MOST = 3;
const LEAST = 0.04;

/**
 * What the tape is worth at a place.
 *
 * @param body the measure as it is known for the day of the cut
 * @param doubt of it at the place, cm: a place that is graded from another measure feels a part of it
 * @param now the chance of right with that doubt
 * @param chance of right, by another doubt of the body at the place
 */
export function tapeGain(
  measure: BodyMeasure,
  body: Pick<BodyValue, 'doubt'>,
  doubt: number,
  now: number,
  chance: (doubt: number) => number,
): TapeGain {
  const taken = (doubt * measureDoubt(measure, 0)) / body.doubt;
  return { measure, gain: taken < doubt ? chance(taken) - now : 0 };
}

/**
 * The measures to take again before a cut: those whose doubt costs most.
 *
 * @param gains of every place; of a measure that decides several the largest counts
 * @example tapeFor([{ measure: 'waist', gain: 0.2 }, { measure: 'hip', gain: 0.01 }]) // [{ measure: 'waist', gain: 0.2 }]
 */
export function tapeFor(gains: readonly TapeGain[]): TapeGain[] {
  const most = new Map<BodyMeasure, number>();
  for (const { measure, gain } of gains) if (gain > (most.get(measure) ?? LEAST)) most.set(measure, gain);
  return [...most]
    .map(([measure, gain]) => ({ measure, gain }))
    .sort((a, b) => b.gain - a.gain)
    .slice(0, MOST);
}
