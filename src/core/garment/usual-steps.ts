import type { LabelFamily } from './ladder';
import type { ZoneId } from '../body/zones';

/** What one size more usually adds at a zone, cm: sizes in numbers, in letters, and a child's. */
type StepByFamily = Readonly<Record<LabelFamily, number>>;

const step = (numbers: number, letters: number, children: number): StepByFamily => ({ numbers, letters, children });

const GIRTH = step(4, 5.5, 2.2);
const LIMB = step(1.5, 2, 0.8);
const OPENING = step(0.6, 0.8, 0.4);
const ACROSS = step(1, 1.3, 0.7);
const NARROW = step(0.3, 0.4, 0.3);
const BODY = step(0.5, 0.6, 1.3);
const SMALL = step(0.4, 0.5, 0.5);

/**
 * Usual steps between neighbouring sizes, cm. Source: engine.md, section 12; where that names no number (head, strap, strap spacing, neck
 * depth, opening, leg opening, knee point, pocket, and what underwear has) our own, after the nearest place it does name.
 */
const USUAL_STEPS: Readonly<Record<ZoneId, StepByFamily>> = {
  head: step(0, 0.5, 0.5),
  neckline: OPENING,
  neckWidth: NARROW,
  neckDepth: NARROW,
  shoulder: NARROW,
  acrossBack: ACROSS,
  acrossFront: ACROSS,
  strapSpacing: SMALL,
  strap: SMALL,
  armhole: step(1.8, 2.4, 1),
  bust: GIRTH,
  braBand: GIRTH,
  cup: step(1.3, 1.6, 0.5),
  wireLine: step(0.8, 0.8, 0.3),
  bustPoint: SMALL,
  underbust: GIRTH,
  waist: GIRTH,
  waistband: GIRTH,
  hip: GIRTH,
  opening: OPENING,
  upperArm: step(1.3, 1.8, 0.7),
  wrist: OPENING,
  bodice: BODY,
  frontBodice: BODY,
  bodyLength: BODY,
  torso: BODY,
  sleeve: step(0.4, 0.5, 2.1),
  skirt: step(0, 0, 2.1),
  hemSweep: GIRTH,
  rise: step(0.6, 0.8, 0.7),
  legLine: NARROW,
  seatCoverage: SMALL,
  crotch: step(1, 1.4, 1.2),
  thigh: step(2.4, 3.3, 1.3),
  knee: LIMB,
  calf: LIMB,
  legHem: LIMB,
  kneePoint: step(0, 0, 1.6),
  leg: step(0, 0, 3.3),
  pocket: NARROW,
};

/** What one size more usually adds at a zone, cm; 0 where sizes do not change it. */
export function usualStep(zone: ZoneId, family: LabelFamily): number {
  return USUAL_STEPS[zone][family];
}
