import { overlap } from './clip';
import { liesOnBorder, opened, type CutPiece, type DrawnLay, type LayFabric } from './lay';
import { areaOf, atOrigin, boundsOf, mirrored, turnedBy, turnedRound, type Polygon } from '../units/polygon';

/** Overlaps below this are the rounding of the clipping library, cm². */
const NOTHING = 0.05;
const SLACK = 0.01;

const same = (a: Polygon, b: Polygon): boolean => {
  const [one, other] = [atOrigin(a), atOrigin(b)];
  return Math.abs(areaOf(one) - areaOf(other)) < NOTHING && areaOf(one) - overlap(one, other) < NOTHING;
};

/**
 * What is wrong with a lay, asked of its polygons alone: overlaps, what lies off the fabric or on what is taken, pieces that are missing or
 * too many, changed in shape, turned where there is a nap, or mirrored where they must not be.
 *
 * @returns sentences; none where it can be cut
 */
export function faultsOfLay(pieces: readonly CutPiece[], fabric: LayFabric, lay: DrawnLay): string[] {
  const faults: string[] = [];
  const name = (i: number) => `${lay.placed[i]?.piece} ${lay.placed[i]?.copy}`;
  lay.placed.forEach(({ polygon }, i) => {
    const { left, top, right, bottom } = boundsOf(polygon);
    if (left < -SLACK || right > fabric.width + SLACK || top < -SLACK || bottom > lay.length + SLACK) faults.push(`${name(i)} lies off the fabric`);
    for (const spot of fabric.taken ?? []) if (overlap(polygon, spot) > NOTHING) faults.push(`${name(i)} lies on what is taken`);
    for (let j = i + 1; j < lay.placed.length; j++) {
      const common = overlap(polygon, lay.placed[j]?.polygon ?? []);
      if (common > NOTHING) faults.push(`${name(i)} and ${name(j)} overlap by ${common.toFixed(2)} cm²`);
    }
  });
  for (const piece of pieces) {
    const copies = lay.placed.filter((p) => p.piece === piece.name);
    if (copies.length !== piece.count || new Set(copies.map((p) => p.copy)).size !== copies.length)
      faults.push(`${piece.name} lies there ${copies.length} times instead of ${piece.count}`);
    const whole = piece.fold === undefined ? piece.outline : opened(piece.outline, piece.fold);
    const bordered = liesOnBorder(piece, fabric);
    const lies = bordered || piece.grain === 'across' ? turnedBy(whole, 90) : piece.grain === 'bias' ? turnedBy(whole, 45) : whole;
    for (const { copy, polygon, turned, mirrored: flip } of copies) {
      const box = boundsOf(polygon);
      // Laid across, its lower edge is the left one of its box; turned round or mirrored the right one.
      const right = turned !== flip;
      const off = right ? fabric.width - box.right : box.left;
      if (bordered && (off > SLACK || (right && fabric.border === 'one edge'))) faults.push(`${piece.name} ${copy} does not lie on the border`);
      const faced = flip ? mirrored(lies) : lies;
      if (!same(polygon, turned ? turnedRound(faced) : faced)) faults.push(`${piece.name} ${copy} does not have its own shape`);
      if (turned && fabric.nap && !bordered) faults.push(`${piece.name} ${copy} is turned on a nap`);
    }
    const flipped = copies.filter((p) => p.mirrored).length;
    if (piece.pairs && Math.abs(copies.length - 2 * flipped) > 1) faults.push(`${piece.name} is not cut in pairs`);
    if (!piece.pairs && flipped > 0 && !same(lies, mirrored(lies))) faults.push(`${piece.name} is mirrored`);
  }
  return faults;
}
