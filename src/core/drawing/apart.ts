import type { ZoneSpot } from './zone-spots';
import { SHEET } from './sheet';

/** So often spots push each other: then they lie apart, or there is no room for that. */
const ROUNDS = 40;

/**
 * Spots moved so far apart that they can be told and touched one by one: those of one side that lie too near push each other away, each by
 * half. Where a spot lies alone it stays.
 *
 * @param least distance of their middles, in units of the sheet
 * @returns the same spots in the same order
 * @example apart([spot('wrist', 52, 66), spot('upperArm', 47, 62)], 19) // the two, 19 apart
 */
export function apart(spots: readonly ZoneSpot[], least: number): ZoneSpot[] {
  const moved = spots.map((spot) => ({ ...spot }));
  for (let round = 0; round < ROUNDS; round++) {
    let pushed = false;
    for (const [i, a] of moved.entries())
      for (const b of moved.slice(i + 1)) {
        const distance = Math.hypot(b.x - a.x, b.y - a.y);
        if (a.side !== b.side || distance >= least - 0.01) continue;
        pushed = true;
        // Two in the very same place part one above the other.
        const [dx, dy] = distance > 0.01 ? [(b.x - a.x) / distance, (b.y - a.y) / distance] : [0, 1];
        const by = (least - distance) / 2;
        [a.x, a.y, b.x, b.y] = [a.x - dx * by, a.y - dy * by, b.x + dx * by, b.y + dy * by];
        for (const spot of [a, b]) spot.x = Math.min(SHEET.width - least / 2, Math.max(least / 2, spot.x));
      }
    if (!pushed) break;
  }
  return moved;
}
