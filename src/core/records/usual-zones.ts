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
  swimsuit: ['bust', 'waist', 'hip', 'torso', 'strap'],
  hat: ['head'],
};

/** Measures that a size chart of a kind usually gives. */
export const USUAL_MEASURES: Record<'upper' | 'lower', readonly BodyMeasure[]> = { upper: ['bust', 'waist', 'hip'], lower: ['waist', 'hip'] };

/** Whether a garment hangs from the waist. */
export function isLower(kind: GarmentKind): boolean {
  return kind === 'skirt' || kind === 'trousers' || kind === 'shorts';
}
