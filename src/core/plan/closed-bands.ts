import { zoneOf } from '../body/zones';
import { BAND_ZONES, type BandPiece, type View } from '../records';

/** Bands of a view that close round the body. */
export function closedBands({ zones }: Pick<View, 'zones'>): BandPiece['zone'][] {
  return BAND_ZONES.filter((zone) => zones.includes(zone) && zoneOf(zone).band);
}
