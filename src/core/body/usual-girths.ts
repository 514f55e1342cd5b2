import { CHILD_UP_TO } from './measures';
import type { BodyMeasure, ZoneId } from './zones';

/** Bust, waist and hip of an adult whom nobody measured, cm, and of a child as parts of the height. Source: engine.md, section 12. */
const ADULT = { bust: 92, waist: 75, hip: 99 } as const;
const CHILD = { bust: 0.54, waist: 0.5, hip: 0.56 } as const;
type Main = keyof typeof ADULT;

/**
 * Other girths as parts of a main one. Thigh and upper arm: engine.md, section 12. The rest only say how much the fabric's stretch weighs,
 * and are our own, from usual body tables.
 */
const PART_OF: Partial<Record<ZoneId, readonly [Main, number]>> = {
  head: ['bust', 0.61],
  neckline: ['bust', 0.4],
  armhole: ['bust', 0.45],
  bust: ['bust', 1],
  underbust: ['bust', 0.85],
  waist: ['waist', 1],
  waistband: ['waist', 1],
  hip: ['hip', 1],
  hemSweep: ['hip', 1],
  opening: ['hip', 1],
  upperArm: ['bust', 0.315],
  wrist: ['bust', 0.175],
  thigh: ['hip', 0.585],
  knee: ['hip', 0.38],
  calf: ['hip', 0.37],
  legHem: ['hip', 0.37],
  torso: ['bust', 1.7],
};

/**
 * A girth that was never measured, so that a fabric's stretch is not left out for want of a tape: from the bust or hip where those are
 * known, else an adult's, or a child's by height, cm.
 *
 * @param measured what is known of the body, cm
 * @returns undefined at a zone that goes round nothing
 * @example usualGirth('thigh', () => undefined) // 57.915
 */
export function usualGirth(zone: ZoneId, measured: (measure: BodyMeasure) => number | undefined): number | undefined {
  const part = PART_OF[zone];
  if (!part) return undefined;
  const [main, factor] = part;
  const height = measured('height');
  const byHeight = height !== undefined && height < CHILD_UP_TO ? CHILD[main] * height : ADULT[main];
  return factor * (measured(main) ?? byHeight);
}
