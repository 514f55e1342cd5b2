import { edgesOf, type FitClass } from '../body/fit-class';
import { ZONE_IDS, zoneOf, type ZoneId } from '../body/zones';
import type { Alteration, Make } from '../records';
import { alterationKind, type Way } from '../catalogue/alterations';

/** What an alteration does at one zone. */
export interface Effect {
  readonly zone: ZoneId;
  /** cm; plus makes the zone larger, longer or lower. */
  readonly cm: number;
  /** cm, one standard deviation: more than 0 only where no amount was noted. */
  readonly sd: number;
  /** How much it is depends on the cut; this is the most. */
  readonly atMost: boolean;
  /** Nobody said whether it was done here. */
  readonly unplaced?: true;
}

/** What effects need to know of the garment. */
export interface EffectContext {
  readonly fitClassAt: (zone: ZoneId) => FitClass;
  /** Seams across the zone; −1 where a seam bounds an opening. */
  readonly seamsAcross: (zone: ZoneId) => number;
}

/** A semi-fitted garment with the usual seams. */
export const USUAL_GARMENT: EffectContext = { fitClassAt: () => 'semi', seamsAcross: (zone) => zoneOf(zone).seams };

/** What was altered for the fit of a make. */
export const fitAlterations = ({ alterations }: Pick<Make, 'alterations'>): readonly Alteration[] => alterations.filter((a) => a.purpose === 'fit');

/** An amount that is remembered as *about* so much is in doubt by this part of it: half as much as one that was never noted. */
const ABOUT = 0.25;
/** Both layers that meet in a seam. */
const LAYERS = 2;

/**
 * cm on the girth for 1 cm as it was measured.
 *
 * @example girthFactor('perSeam', 2) // 4: 1 cm at each of two side seams goes round the body four times
 * @example girthFactor('perSeam', 1) // 2: a sleeve is one limb
 * @example girthFactor('perSeam', 2, 'front') // 2: only the front edge of each seam was moved
 * @param part the pieces it was done to, where not front and back
 */
export function girthFactor(way: Way, seams: number, part: Alteration['part'] = 'both'): number {
  const limb = seams === 1;
  const layers = part === 'both' ? LAYERS : 1;
  switch (way) {
    case 'total':
      return 1;
    case 'perSide':
      return limb ? 1 : 2;
    case 'perQuarter':
      return (limb ? 1 : 2) * layers;
    case 'perSeam':
      return layers * seams;
  }
}

/** cm at a zone for 1 cm of the alteration's amount. */
interface Share {
  readonly zone: ZoneId;
  readonly per: number;
  readonly atMost?: boolean;
}

/**
 * Effects of 1 cm of this alteration, as it was measured.
 *
 * @returns empty for kinds whose effect comes from two lengths of their own (allowance, band)
 */
export function sharesOf(alteration: Alteration, context: EffectContext): readonly Share[] {
  const { rule } = alterationKind(alteration.kind);
  const ofKind = rule.by === 'girth' ? rule.seams : undefined;
  const seamsAt = (zone: ZoneId) => alteration.seams ?? ofKind ?? (Math.abs(context.seamsAcross(zone)) || zoneOf(zone).seams || 1);
  switch (rule.by) {
    case 'fixed':
      return rule.effects;
    case 'girth':
      return (alteration.zones ?? []).map((zone) => ({ zone, per: girthFactor(alteration.way, seamsAt(zone), alteration.part) }));
    case 'wedge':
      return (alteration.zones ?? [])
        .slice(0, 2)
        .map((zone, place) => ({ zone, per: girthFactor(alteration.way, seamsAt(zone), alteration.part) * (place === 0 ? 1 : 0.5) }));
    case 'rise':
      return [
        { zone: 'rise', per: 1 },
        { zone: 'crotch', per: (alteration.part ?? 'both') === 'both' ? 2 : 1 },
      ];
    case 'bust':
      return [
        { zone: 'bust', per: 2 },
        { zone: 'frontBodice', per: 0.5 },
        ...(alteration.fullness === 'taken out' ? [] : [{ zone: 'waist', per: 2 } as const, { zone: 'hip', per: 2 } as const]),
      ];
    case 'allowance':
    case 'band':
    case 'edge':
    case 'none':
      return [];
  }
}

/** A seam of the body goes on into the sleeve only where that is said. */
const OF_A_SLEEVE: readonly ZoneId[] = ['upperArm', 'wrist'];

/**
 * The zones that an alteration may have passed where nobody said which.
 *
 * @returns none where they are named, or where its kind touches always the same
 * @example placesNotSaid({ kind: 'centre-back-seam', … }) // ['bust', 'waist', 'waistband', 'hip', 'hemSweep']
 */
export function placesNotSaid({ kind, zones = [] }: Pick<Alteration, 'kind' | 'zones'>): readonly ZoneId[] {
  const { rule, zones: offered = [] } = alterationKind(kind);
  if (zones.length > 0 || (rule.by !== 'girth' && rule.by !== 'wedge')) return [];
  const ofBody = offered.filter((zone) => !OF_A_SLEEVE.includes(zone));
  return ofBody.length > 0 ? ofBody : offered;
}

/**
 * What an alteration may have done at each zone, where nobody said which it passed: as likely all of it as nothing, so half of it, and as much
 * in doubt.
 */
export function possibleEffectsOf(alteration: Alteration, context: EffectContext): readonly Effect[] {
  return placesNotSaid(alteration)
    .flatMap((zone) => effectsOf({ ...alteration, zones: [zone] }, context))
    .map(({ zone, cm, sd, atMost }) => ({ zone, cm: cm / 2, sd: Math.hypot(cm, Math.SQRT2 * sd) / 2, atMost, unplaced: true }));
}

/**
 * What an alteration does to each zone it touches.
 *
 * @returns one effect a zone, in cm; none where nobody said which it passes (`possibleEffectsOf`). Without an amount: half of slight and clear
 *   together, with half of that as its doubt (engine.md, section 1). Linear in the amount.
 * @example 1 cm let out at each side seam past the bust → bust +4 cm
 */
export function effectsOf(alteration: Alteration, context: EffectContext): readonly Effect[] {
  const { rule } = alterationKind(alteration.kind);
  if (rule.by === 'allowance' && alteration.allowance) {
    const narrower = alteration.allowance.cut - alteration.allowance.sewn;
    return (alteration.zones ?? ZONE_IDS)
      .map((zone) => ({ zone, cm: LAYERS * narrower * context.seamsAcross(zone), sd: 0, atMost: false }))
      .filter((effect) => effect.cm !== 0);
  }
  if (rule.by === 'edge' && alteration.allowance) {
    const gained = LAYERS * (alteration.allowance.cut - alteration.allowance.sewn);
    return gained === 0 ? [] : (alteration.zones ?? []).map((zone) => ({ zone, cm: gained, sd: 0, atMost: false }));
  }
  if (rule.by === 'band' && alteration.band) {
    const zone = alteration.zones?.[0];
    return zone ? [{ zone, cm: alteration.band.finished - alteration.band.cutOff, sd: 0, atMost: false }] : [];
  }
  const { amount, direction = 1 } = alteration;
  return sharesOf(alteration, context).map(({ zone, per, atMost = false }) => {
    if (amount !== undefined) return { zone, cm: amount * per, sd: alteration.about ? ABOUT * Math.abs(amount * per) : 0, atMost };
    const [t1, t2] = edgesOf(zone, context.fitClassAt(zone));
    const bit = (t1 + t2) / 2;
    return { zone, cm: Math.sign(per) * direction * bit, sd: bit / 2, atMost };
  });
}
