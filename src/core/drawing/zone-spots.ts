import type { ZoneId } from '../body/zones';
import { isFitless, isLower } from '../records/usual-zones';
import type { FlatDetails, GarmentKind } from '../records';
import { garmentFlat } from './flat';
import { SHEET, type FlatSide } from './sheet';

/** Where a zone is pointed at on a flat, in units of its sheet. */
export interface ZoneSpot {
  readonly zone: ZoneId;
  readonly side: FlatSide;
  readonly x: number;
  readonly y: number;
}

const MID = SHEET.width / 2;
const spot = (zone: ZoneId, side: FlatSide, x: number, y: number): ZoneSpot => ({ zone, side, x: MID + x, y });

/** Spots of a garment that hangs from the shoulders; `hem` is where it ends. */
function upper(hem: number, long: boolean, sleeve: NonNullable<FlatDetails['sleeve']>): ZoneSpot[] {
  const wrist = { none: 58, short: 66, elbow: 86, long: 116 }[sleeve];
  const outer = { none: 44, short: 52, elbow: 60, long: 66 }[sleeve];
  return [
    spot('head', 'front', 0, 10),
    spot('neckWidth', 'front', 14, 17),
    spot('neckline', 'front', -12, 26),
    spot('neckDepth', 'front', 0, 38),
    spot('shoulder', 'front', 27, 21),
    spot('strap', 'front', -26, 22),
    spot('acrossFront', 'front', 16, 44),
    spot('armhole', 'front', 34, 46),
    spot('opening', 'front', 0, 52),
    spot('bust', 'front', -22, 60),
    spot('bustPoint', 'front', 18, 62),
    spot('underbust', 'front', -20, 73),
    spot('frontBodice', 'front', 0, 70),
    spot('waist', 'front', -20, 86),
    spot('pocket', 'front', 24, 104),
    spot('torso', 'front', 0, 98),
    spot('upperArm', 'front', sleeve === 'none' ? 40 : 47, 62),
    spot('wrist', 'front', outer, wrist),
    spot('acrossBack', 'back', 0, 44),
    spot('strapSpacing', 'back', 0, 24),
    spot('bodice', 'back', 0, 70),
    spot('sleeve', 'back', sleeve === 'none' ? 40 : (47 + outer) / 2, sleeve === 'none' ? 58 : (56 + wrist) / 2),
    spot('hip', 'back', -24, long ? 108 : Math.min(104, hem - 16)),
    spot('bodyLength', 'back', 0, hem - 6),
    spot('skirt', 'back', 16, long ? (90 + hem) / 2 : hem - 16),
    spot('hemSweep', 'back', 30, hem - 6),
  ];
}

/** Spots of a garment with legs that begins at `top`. */
function legs(top: number, hem: number): ZoneSpot[] {
  const knee = Math.min(hem - 16, top + 80);
  // Shorts end above the knee.
  const belowKnee = hem - top > 80;
  return [
    spot('waistband', 'front', 0, top + 4),
    spot('waist', 'front', -22, top + 10),
    spot('pocket', 'front', 24, top + 20),
    spot('rise', 'front', 0, top + 36),
    spot('hip', 'front', -24, top + 34),
    spot('thigh', 'front', -26, top + 58),
    ...(belowKnee
      ? [spot('knee', 'front', -26, knee), spot('calf', 'front', -26, Math.max(knee + 12, hem - 26)), spot('kneePoint', 'back', 26, knee)]
      : []),
    spot('legHem', 'front', -26, hem - 4),
    spot('crotch', 'back', 0, top + 48),
    spot('leg', 'back', 26, Math.min(hem - 8, (top + 60 + hem) / 2 + 6)),
  ];
}

/** Spots of a swimsuit: the torso is measured from shoulder to crotch and back. */
function swimsuit(bottom: number): ZoneSpot[] {
  return [
    spot('strap', 'front', 20, 24),
    spot('neckDepth', 'front', 0, 48),
    spot('armhole', 'front', 27, 46),
    spot('bust', 'front', -20, 60),
    spot('underbust', 'front', 14, 72),
    spot('frontBodice', 'front', 0, 84),
    spot('waist', 'front', -22, 88),
    spot('legHem', 'front', 26, bottom - 28),
    spot('legLine', 'front', -32, bottom - 44),
    spot('rise', 'front', 0, bottom - 26),
    spot('strapSpacing', 'back', 0, 30),
    spot('acrossBack', 'back', 22, 62),
    spot('torso', 'back', 0, 92),
    spot('hip', 'back', -26, 106),
    spot('bodyLength', 'back', 18, 108),
    spot('seatCoverage', 'back', 22, bottom - 26),
    spot('crotch', 'back', 0, bottom - 12),
  ];
}

/** Spots of a bra. */
function bra(bottom: number): ZoneSpot[] {
  return [
    spot('strap', 'front', 31, 36),
    spot('neckDepth', 'front', 0, 84),
    spot('cup', 'front', -22, 76),
    spot('bust', 'front', -6, 70),
    spot('bustPoint', 'front', 24, 78),
    spot('wireLine', 'front', 22, bottom - 12),
    spot('underbust', 'front', -34, bottom - 8),
    spot('braBand', 'back', -40, bottom - 14),
    spot('strapSpacing', 'back', 0, 44),
    spot('opening', 'back', 0, bottom - 6),
  ];
}

/** Spots of briefs. */
function briefs(bottom: number): ZoneSpot[] {
  return [
    spot('waistband', 'front', 0, 45),
    spot('waist', 'front', -26, 48),
    spot('rise', 'front', 0, 70),
    spot('legLine', 'front', -34, 76),
    spot('legHem', 'front', 24, 84),
    spot('hip', 'back', -32, 62),
    spot('seatCoverage', 'back', 18, 86),
    spot('crotch', 'back', 0, bottom - 10),
  ];
}

/**
 * The places of the zones on a garment's flat, front or back: where a finger points for "the sleeve".
 *
 * @returns one spot a zone that the garment has
 */
export function zoneSpots(kind: GarmentKind, flat: FlatDetails | undefined): ZoneSpot[] {
  const { bottom } = garmentFlat(kind, flat, 'front');
  if (kind === 'skirt')
    return [
      spot('waistband', 'front', 0, 26),
      spot('waist', 'front', -20, 34),
      spot('hip', 'front', -24, 54),
      spot('pocket', 'front', 24, 50),
      spot('opening', 'back', 0, 40),
      spot('skirt', 'back', 0, (60 + bottom) / 2),
      spot('hemSweep', 'back', 26, bottom - 8),
    ];
  if (kind === 'hat') return [spot('head', 'front', 0, 97), spot('opening', 'back', 0, 97)];
  if (isFitless(kind)) return [];
  if (kind === 'swimsuit') return swimsuit(bottom);
  if (kind === 'bra') return bra(bottom);
  if (kind === 'briefs') return briefs(bottom);
  if (isLower(kind)) return legs(16, bottom);
  if (kind === 'one-piece') {
    const own = legs(74, bottom);
    return [
      ...upper(84, false, flat?.sleeve ?? 'short').filter((s) => !own.some((o) => o.zone === s.zone) && s.y < 84),
      spot('torso', 'back', 0, 60),
      ...own,
    ];
  }
  const sleeve = flat?.sleeve ?? (kind === 'waistcoat' ? 'none' : kind === 'top' ? 'short' : kind === 'dress' ? 'elbow' : 'long');
  return upper(bottom - 12, kind === 'dress' || kind === 'coat' || kind === 'nightwear', sleeve);
}
