import type { ZoneId } from '../body/zones';
import { keysOf } from '../units/keys';
import type { GarmentKind, GarmentPart, Pattern, View } from '../records';

/** Zones that a part shows: without it a toile cannot test them. */
const SHOWS: Record<GarmentPart, readonly ZoneId[]> = {
  yoke: ['acrossBack', 'shoulder'],
  'gathered panel': ['hemSweep', 'hip', 'bust'],
  waistband: ['waistband', 'rise'],
  sleeves: ['sleeve', 'upperArm', 'armhole', 'acrossBack'],
  cuffs: ['wrist', 'sleeve'],
  collar: ['neckline', 'neckWidth'],
  closure: ['opening', 'bust', 'waist', 'waistband'],
  hood: ['head'],
  pockets: ['pocket'],
};

/** Zones whose part is a sleeve, a cuff, a collar or a waistband and nothing else: leaving the part out leaves them out. */
const ONLY: Partial<Record<GarmentPart, readonly ZoneId[]>> = {
  waistband: ['waistband'],
  sleeves: ['sleeve', 'upperArm', 'wrist'],
  cuffs: ['wrist'],
  collar: ['neckline'],
  yoke: ['acrossBack'],
  'gathered panel': ['hemSweep'],
  hood: ['head'],
  closure: ['opening'],
  pockets: ['pocket'],
};

const LEGGED: readonly GarmentKind[] = ['trousers', 'shorts', 'one-piece'];

/**
 * The parts of a view: as it says, else as its drawing and the places that decide its fit show; a sleeveless one has no sleeves.
 *
 * @example partsOf({ zones: ['bust', 'waist'], openings: [], flat: { sleeve: 'none' } }) // []
 */
export function partsOf({ parts, zones, openings, flat }: Pick<View, 'parts' | 'zones' | 'openings' | 'flat'>): readonly GarmentPart[] {
  if (parts) return parts;
  const sleeves = flat?.sleeve === undefined ? zones.includes('sleeve') || zones.includes('upperArm') : flat.sleeve !== 'none';
  const has: Partial<Record<GarmentPart, boolean>> = {
    waistband: zones.includes('waistband'),
    sleeves,
    cuffs: flat?.cuffs ?? (sleeves && zones.includes('wrist')),
    collar: flat?.neck !== undefined && ['collar', 'notched', 'band', 'shawl'].includes(flat.neck),
    closure: openings.some((o) => o.closes === 'zip' || o.closes === 'buttons') || flat?.opening === 'buttons' || flat?.opening === 'zip',
    hood: zones.includes('head'),
  };
  return keysOf(SHOWS).filter((part) => has[part]);
}

const WORDS: Record<GarmentPart, string> = {
  yoke: 'the yoke',
  'gathered panel': 'the gathered panel',
  waistband: 'the waistband',
  sleeves: 'both sleeves',
  cuffs: 'the cuffs',
  collar: 'the collar',
  closure: 'the closure, or pins in its place',
  hood: 'the hood',
  pockets: 'the pockets',
};

/**
 * What a toile must have to show the places that are in doubt: of the pattern's own parts those that show them.
 *
 * @example partsForToile(pattern, view, ['acrossBack']) // ['the yoke', 'both sleeves'], of a shirt with both
 */
export function partsForToile({ kind }: Pick<Pattern, 'kind'>, view: View, doubt: readonly ZoneId[]): string[] {
  const parts = partsOf(view)
    .filter((part) => SHOWS[part].some((zone) => doubt.includes(zone)))
    .map((part) => WORDS[part]);
  if (!LEGGED.includes(kind)) return parts;
  const legs = doubt.some((z) => z === 'leg' || z === 'legHem')
    ? 'the legs to the hem'
    : doubt.some((z) => z === 'crotch' || z === 'thigh' || z === 'knee')
      ? 'both legs to the knee'
      : undefined;
  return legs ? [...parts, legs] : parts;
}

/** The zones that a toile cannot show without some of its parts. */
export function zonesWithout(parts: readonly GarmentPart[]): ZoneId[] {
  return [...new Set(parts.flatMap((part) => ONLY[part] ?? []))];
}

/** Of a view's parts, those that a toile lacks by the zones it cannot show. */
export function partsLacking(view: View, lacking: readonly ZoneId[]): GarmentPart[] {
  return partsOf(view).filter((part) => ONLY[part]?.every((zone) => lacking.includes(zone)) ?? false);
}
