import type { ZoneId } from '../body/zones';
import type { GarmentKind } from '../records';
import type { MarkKind } from './lengths';

/** Something on a garment or a piece that is measured by its name. */
export interface NamedMeasure {
  readonly name: string;
  readonly kind: MarkKind;
  /** Laid flat only one side of it is seen. */
  readonly doubled?: true;
  /** The zone that its length speaks of, of a whole garment. */
  readonly zone?: ZoneId;
  readonly how: string;
}

const UPPER: readonly NamedMeasure[] = [
  { name: 'chest, laid flat', kind: 'line', doubled: true, zone: 'bust', how: 'from side to side, just below the armholes' },
  { name: 'waist, laid flat', kind: 'line', doubled: true, zone: 'waist', how: 'from side to side, where it is narrowest' },
  { name: 'hip, laid flat', kind: 'line', doubled: true, zone: 'hip', how: 'from side to side, at the hip' },
  { name: 'hem, laid flat', kind: 'line', doubled: true, zone: 'hemSweep', how: 'along the hem, from side to side' },
  { name: 'body length', kind: 'line', zone: 'bodyLength', how: 'from the shoulder at the neck straight down to the hem' },
  { name: 'back length', kind: 'line', zone: 'bodice', how: 'down the middle of the back, from the neck seam to the waist' },
  { name: 'shoulder', kind: 'line', zone: 'shoulder', how: 'along the shoulder seam, from the neck to the sleeve' },
  { name: 'across back', kind: 'line', zone: 'acrossBack', how: 'from armhole to armhole, halfway down' },
  { name: 'sleeve', kind: 'line', zone: 'sleeve', how: 'from the top of the sleeve to its hem' },
  { name: 'upper arm, laid flat', kind: 'line', doubled: true, zone: 'upperArm', how: 'across the sleeve, just below the armhole' },
  { name: 'cuff, laid flat', kind: 'line', doubled: true, zone: 'wrist', how: 'across the end of the sleeve' },
  { name: 'armhole', kind: 'curve', how: 'along the seam, from the shoulder to the side; front and back each' },
  { name: 'sleeve cap', kind: 'curve', how: 'along the top edge of the sleeve, from underarm to underarm' },
  { name: 'neck edge', kind: 'curve', how: 'along the seam that the collar or facing is sewn to' },
  { name: 'collar', kind: 'curve', how: 'along its neck edge' },
];

const LOWER: readonly NamedMeasure[] = [
  { name: 'waist, laid flat', kind: 'line', doubled: true, zone: 'waist', how: 'along the top edge, from side to side' },
  { name: 'hip, laid flat', kind: 'line', doubled: true, zone: 'hip', how: 'from side to side, where it is widest' },
  { name: 'hem, laid flat', kind: 'line', doubled: true, zone: 'hemSweep', how: 'along the hem, from side to side' },
  { name: 'skirt length', kind: 'line', zone: 'skirt', how: 'from the waist seam down to the hem' },
];

const TROUSERS: readonly NamedMeasure[] = [
  { name: 'waist, laid flat', kind: 'line', doubled: true, zone: 'waist', how: 'along the top edge, from side to side' },
  { name: 'hip, laid flat', kind: 'line', doubled: true, zone: 'hip', how: 'from side to side, above the crotch where it is widest' },
  { name: 'rise, front', kind: 'line', zone: 'rise', how: 'from the top edge straight down to the crotch' },
  { name: 'rise, back', kind: 'line', how: 'from the top edge straight down to the crotch, at the back' },
  { name: 'crotch curve, front', kind: 'curve', how: 'along the seam, from the top edge to the inseam, without allowances' },
  { name: 'crotch curve, back', kind: 'curve', how: 'along the seam, from the top edge to the inseam, without allowances' },
  { name: 'inseam', kind: 'line', zone: 'leg', how: 'from the crotch down to the hem' },
  { name: 'thigh, laid flat', kind: 'line', doubled: true, zone: 'thigh', how: 'across one leg, just below the crotch' },
  { name: 'leg opening, laid flat', kind: 'line', doubled: true, zone: 'legHem', how: 'along the hem of one leg' },
];

const ANY: readonly NamedMeasure[] = [
  { name: 'waist seam, bodice', kind: 'curve', how: 'along the edge that the skirt is sewn to' },
  { name: 'waist seam, skirt', kind: 'curve', how: 'along the edge that is sewn to the bodice' },
  { name: 'grain line', kind: 'line', how: 'along the grain of a piece or a remnant' },
  { name: 'height', kind: 'line', how: 'of a child: from the floor to the mark on the door frame' },
  { name: 'strap', kind: 'line', zone: 'strap', how: 'from end to end' },
  { name: 'band', kind: 'line', how: 'along its long edge, as it is cut' },
  { name: 'outline', kind: 'outline', how: 'all round a piece or a remnant, along its edge' },
];

const KINDS: Partial<Record<GarmentKind, readonly NamedMeasure[]>> = { trousers: TROUSERS, shorts: TROUSERS, skirt: LOWER };

/**
 * What is usually measured on a kind of garment and its pieces, in the order in which it is looked at.
 *
 * @example namedFor('trousers')[0].name // 'waist, laid flat'
 */
export const namedFor = (kind: GarmentKind | undefined): readonly NamedMeasure[] => [...((kind && KINDS[kind]) ?? UPPER), ...ANY];
