import type { BodyMeasure } from './zones';
import { keysOf } from '../units/keys';

/** How each measure is taken, in a line. Source: usual dressmaking practice; a tape snug and level, over what is worn beneath. */
export const HOW_TO_MEASURE: Record<BodyMeasure, string> = {
  height: 'Without shoes, heels to the wall.',
  highBust: 'Round under the arms and above the bust, level at the back.',
  bust: 'Round the fullest place, level, arms hanging.',
  underbust: 'Round the ribs right under the bust.',
  waist: 'Where a string settles when you bend to the side.',
  hip: 'Round the fullest place of the seat, feet together.',
  shoulder: 'From the neck to the shoulder point.',
  acrossBack: 'From arm crease to arm crease, half way down the armhole.',
  acrossFront: 'From arm crease to arm crease in front.',
  napeToWaist: 'From the bone at the neck down to the string at the waist.',
  frontLength: 'From the shoulder at the neck over the bust to the waist.',
  bustDepth: 'From the shoulder at the neck to the bust point.',
  armLength: 'From the shoulder point over a bent elbow to the wrist bone.',
  upperArm: 'Round the fullest place, arm hanging.',
  wrist: 'Round the wrist bone.',
  neck: 'Round the base of the neck, where a collar sits.',
  head: 'Round the forehead and the widest place behind.',
  rise: 'Sitting: from the waist down to the chair, at the side.',
  crotchLength: 'From the waist in front, between the legs, to the waist behind.',
  inseam: 'From the crotch to the ankle bone, inside the leg.',
  thigh: 'Round the fullest place, standing.',
  knee: 'Round the middle of the knee, a little bent.',
  torsoLoop: 'From the shoulder, through the legs, back to the same place.',
};

/** About where a measure of a grown person lies, cm; children from birth on for the lower end. Only to ask, never to refuse. */
const USUAL: Record<BodyMeasure, readonly [low: number, high: number]> = {
  height: [45, 220],
  highBust: [40, 170],
  bust: [40, 190],
  underbust: [38, 170],
  waist: [38, 190],
  hip: [40, 200],
  shoulder: [5, 22],
  acrossBack: [15, 60],
  acrossFront: [14, 60],
  napeToWaist: [15, 60],
  frontLength: [16, 70],
  bustDepth: [12, 45],
  armLength: [15, 80],
  upperArm: [12, 65],
  wrist: [9, 30],
  neck: [20, 65],
  head: [32, 68],
  rise: [10, 45],
  crotchLength: [30, 120],
  inseam: [12, 105],
  thigh: [20, 110],
  knee: [15, 70],
  torsoLoop: [70, 220],
};

/** A change against the last set that is worth asking about, as a share of it, and in cm at least. Source: our own convention. */
const CHANGE = { share: 0.2, cm: 5 } as const;

/** Measures of which one is never below the other on any body, near enough to ask. */
const ORDER: readonly (readonly [small: BodyMeasure, large: BodyMeasure])[] = [
  ['wrist', 'upperArm'],
  ['knee', 'thigh'],
  ['thigh', 'hip'],
  ['inseam', 'height'],
  ['napeToWaist', 'height'],
  ['bustDepth', 'frontLength'],
];

/** Something about a measure that makes one look at the tape again. It asks and never refuses. */
export interface Doubt {
  readonly measure: BodyMeasure;
  readonly why: 'inches' | 'centimetres' | 'unusual' | 'changed' | 'order';
  /** What would be meant, cm, where it can be guessed. */
  readonly instead?: number;
  readonly other?: BodyMeasure;
  readonly cm: number;
  /** The last known value, for `changed`. */
  readonly before?: number;
}

const within = (measure: BodyMeasure, cm: number) => cm >= USUAL[measure][0] && cm <= USUAL[measure][1];
const near = (a: number, b: number) => Math.abs(a - b) < Math.max(CHANGE.cm, CHANGE.share * b);

/**
 * What to ask about a measurement set.
 *
 * @param measures the set, cm
 * @param before the set before it, where there is one, cm
 * @returns at most one doubt a measure, in the order of the measures
 */
export function doubtsOf(measures: Partial<Record<BodyMeasure, number>>, before: Partial<Record<BodyMeasure, number>> = {}): Doubt[] {
  const doubts: Doubt[] = [];
  for (const measure of keysOf(HOW_TO_MEASURE)) {
    const cm = measures[measure];
    if (cm === undefined) continue;
    const was = before[measure];
    const asInches = cm * 2.54;
    const asCm = cm / 2.54;
    // A number that would be right in the other unit is a slip of the unit before it is anything else.
    if (was !== undefined && !near(cm, was) && near(asInches, was)) doubts.push({ measure, why: 'inches', cm, before: was, instead: asInches });
    else if (was !== undefined && !near(cm, was) && near(asCm, was)) doubts.push({ measure, why: 'centimetres', cm, before: was, instead: asCm });
    else if (!within(measure, cm))
      doubts.push(
        within(measure, asInches) && cm < USUAL[measure][0]
          ? { measure, why: 'inches', cm, instead: asInches }
          : within(measure, asCm) && cm > USUAL[measure][1]
            ? { measure, why: 'centimetres', cm, instead: asCm }
            : { measure, why: 'unusual', cm },
      );
    else if (was !== undefined && !near(cm, was)) doubts.push({ measure, why: 'changed', cm, before: was });
    else {
      const large = ORDER.find(([small, other]) => small === measure && (measures[other] ?? Infinity) < cm)?.[1];
      if (large) doubts.push({ measure, why: 'order', cm, other: large });
    }
  }
  return doubts;
}
