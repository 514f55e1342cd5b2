import { SHEET } from './sheet';
import type { ZoneSpot } from './zone-spots';

export type Direction = 'left' | 'right' | 'up' | 'down';

/** Front and back lie side by side. */
const acrossOf = ({ side, x }: ZoneSpot) => (side === 'back' ? x + SHEET.width : x);

/**
 * The spot that an arrow key goes to: of those that lie that way, the nearest.
 *
 * @param spots of both sides of a figure, the back drawn to the right of the front
 * @returns undefined where there is none that way
 */
export function nextSpot(spots: readonly ZoneSpot[], from: ZoneSpot, direction: Direction): ZoneSpot | undefined {
  let best: ZoneSpot | undefined;
  let least = Infinity;
  for (const spot of spots) {
    if (spot === from) continue;
    const [dx, dy] = [acrossOf(spot) - acrossOf(from), spot.y - from.y];
    const sideways = direction === 'left' || direction === 'right';
    const ahead = sideways ? dx : dy;
    const forward = direction === 'left' || direction === 'up' ? -ahead : ahead;
    const beside = Math.abs(sideways ? dy : dx);
    if (forward <= 0) continue;
    // What lies straight ahead comes before what lies aslant.
    const far = forward + 2 * beside;
    if (far < least) [best, least] = [spot, far];
  }
  return best;
}
