import { searchedLength } from '../lay/laid-length';
import { EFFORT_OF_A_SECOND, type CutPiece } from '../lay/lay';
import type { LeftOver } from '../lay/left-over';
import { onPieces } from '../lay/on-pieces';
import { areaOf } from '../units/polygon';

/** Something else that could be cut: another plan, or a garment made before. */
export interface AlsoWanted {
  readonly name: string;
  readonly pieces: readonly CutPiece[];
}

/** Each is tried for so long. */
const EFFORT = 0.15 * EFFORT_OF_A_SECOND;

/**
 * What else comes out of what a lay leaves whole: those of which a lay was found on these rectangles alone, by their names. What is left out may
 * still go between the pieces by hand.
 *
 * @param left rectangles that stay whole
 * @param nap everything lies one way
 */
export function outOfTheRest(left: readonly LeftOver[], wanted: readonly AlsoWanted[], nap: boolean): string[] {
  const strip = onPieces(left);
  if (!strip) return [];
  const room = left.reduce((sum, { width, length }) => sum + width * length, 0);
  return wanted.flatMap(({ name, pieces }) => {
    const area = pieces.reduce((sum, { outline, count, fold }) => sum + areaOf(outline) * count * (fold === undefined ? 1 : 2), 0);
    if (pieces.length === 0 || area > room) return [];
    const length = searchedLength(pieces, { width: strip.width, taken: strip.taken, nap }, EFFORT);
    return length !== undefined && length <= strip.length + 1e-6 ? [name] : [];
  });
}
