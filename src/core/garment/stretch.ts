import { zoneOf, type ZoneId } from '../body/zones';
import type { Fabric, Pattern } from '../records';

/** A woven cut on the bias gives about this much unless tested, %. Source: engine.md, section 2. */
const BIAS_STRETCH = 10;
/** Beyond ±10 cm the fabric is too far from the pattern to reckon with. */
const MOST = 10;

/** A girth that was not measured adds so much of φ to its doubt. Source: engine.md, section 12. */
const GIRTH_DOUBT = 0.1;

/** What a fabric's give does to a zone: φ and σφ in cm. */
export interface FabricStretch {
  readonly cm: number;
  readonly sd: number;
  /** φ was cut to ±10 cm: this fabric is too far from the pattern to reckon with. */
  readonly tooFar: boolean;
  readonly unknown?: 'stretch of the fabric' | 'girth of the body';
}

/** Of a place that does not go round the body, or where give does not matter. */
export const NO_STRETCH: FabricStretch = { cm: 0, sd: 0, tooFar: false };

/**
 * What the fabric's stretch does to a zone against what the pattern asks for (engine.md, section 2).
 *
 * @param girth G, the body girth in cm; without one nothing goes round anything
 * @param assumed that girth was not measured: what the stretch does is in more doubt, and that is listed
 * @param ease the ease intended, cm: the more of it, the less the give matters, nothing from 10 cm
 * @param bias cut on the bias
 */
export function fabricStretch(
  pattern: Pick<Pattern, 'wants'>,
  zone: ZoneId,
  fabric: Fabric | undefined,
  { girth, assumed = false, ease, bias = false }: { girth: number | undefined; assumed?: boolean; ease: number; bias?: boolean },
): FabricStretch {
  const asked = pattern.wants.stretch;
  const { kind, band } = zoneOf(zone);
  if (asked === undefined || (kind !== 'girth' && zone !== 'torso')) return NO_STRETCH;
  const f = band ? 1 : Math.min(1, Math.max(0, 1 - ease / 10));
  if (f === 0) return NO_STRETCH;
  if (girth === undefined) return NO_STRETCH;
  const tested = zone === 'torso' ? fabric?.stretchAlong : fabric?.stretchAcross;
  const stretch = tested ?? (bias && fabric?.structure === 'woven' ? BIAS_STRETCH : undefined);
  if (stretch === undefined) return { cm: 0, sd: 0.06 * girth * f, tooFar: false, unknown: 'stretch of the fabric' };
  const whole = (f * 0.4 * girth * (stretch - asked)) / 100;
  return {
    cm: Math.min(MOST, Math.max(-MOST, whole)),
    sd: (0.3 + (assumed ? GIRTH_DOUBT : 0)) * Math.abs(whole),
    tooFar: Math.abs(whole) > MOST,
    ...(assumed ? { unknown: 'girth of the body' } : {}),
  };
}
