import type { BodyMeasure, ZoneId } from '../body/zones';
import type { GarmentKind } from './pattern';

const UPPER: readonly ZoneId[] = ['shoulder', 'acrossBack', 'bust', 'waist', 'bodyLength', 'sleeve'];
const LOWER: readonly ZoneId[] = ['waistband', 'hip', 'rise', 'thigh', 'leg'];

/** Zones that usually decide the fit of a kind of garment: offered for a new pattern, to be changed for each view. */
export const USUAL_ZONES: Record<GarmentKind, readonly ZoneId[]> = {
  top: ['neckWidth', 'shoulder', 'bust', 'bodyLength', 'sleeve'],
  shirt: UPPER,
  dress: ['shoulder', 'bust', 'waist', 'hip', 'bodice', 'skirt'],
  skirt: ['waistband', 'hip', 'skirt'],
  trousers: LOWER,
  shorts: ['waistband', 'hip', 'rise', 'thigh'],
  jacket: UPPER,
  coat: ['shoulder', 'acrossBack', 'bust', 'sleeve', 'bodyLength'],
  cardigan: ['bust', 'upperArm', 'bodyLength', 'sleeve'],
  waistcoat: ['bust', 'waist', 'bodice'],
  'one-piece': ['bust', 'waist', 'hip', 'torso', 'rise', 'leg'],
  swimsuit: ['bust', 'waist', 'hip', 'torso', 'strap', 'legLine', 'seatCoverage'],
  bra: ['braBand', 'cup', 'wireLine', 'strap'],
  briefs: ['waistband', 'hip', 'rise', 'legLine', 'seatCoverage'],
  nightwear: ['shoulder', 'bust', 'bodyLength', 'sleeve'],
  hat: ['head'],
  apron: [],
  accessory: [],
  bag: [],
  home: [],
  toy: [],
};

/** Measures that a size chart of a kind usually gives. */
export const USUAL_MEASURES: Record<'upper' | 'lower', readonly BodyMeasure[]> = { upper: ['bust', 'waist', 'hip'], lower: ['waist', 'hip'] };

/** Whether things of a kind are sewn and not fitted: a bag, a cushion, a soft toy. They have versions, and no zones. */
export function isFitless(kind: GarmentKind): boolean {
  return USUAL_ZONES[kind].length === 0;
}

/** Whether a garment hangs from the waist. */
export function isLower(kind: GarmentKind): boolean {
  return kind === 'skirt' || kind === 'trousers' || kind === 'shorts' || kind === 'briefs';
}
