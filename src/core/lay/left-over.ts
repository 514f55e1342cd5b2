import { overlap } from './clip';
import type { DrawnLay } from './lay';
import { boundsOf, rectangle, type Point, type Polygon, within } from '../units/polygon';

/** A rectangle of fabric that nothing lies on, cm. */
export interface LeftOver {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly length: number;
}

/** How finely the fabric is looked over, cm, and what is still worth keeping: no side shorter. Source: our own. */
const CELL = 2;
const LEAST = 14;
const MOST_PIECES = 3;

const boxOf = ({ x, y, width, length }: LeftOver): Polygon => rectangle(x, y, x + width, y + length);

/** The largest rectangle of free cells: for each row the heights of free cells above it, as a histogram. */
function largest(
  free: readonly boolean[][],
): { readonly from: number; readonly to: number; readonly top: number; readonly bottom: number } | undefined {
  const columns = free[0]?.length ?? 0;
  const heights = new Array<number>(columns).fill(0);
  let best: { from: number; to: number; top: number; bottom: number; area: number } | undefined;
  free.forEach((row, bottom) => {
    row.forEach((is, c) => (heights[c] = is ? (heights[c] ?? 0) + 1 : 0));
    for (let from = 0; from < columns; from++) {
      let height = Infinity;
      for (let to = from; to < columns; to++) {
        height = Math.min(height, heights[to] ?? 0);
        if (height * CELL < LEAST) break;
        const wide = to - from + 1;
        if (wide * CELL < LEAST || (best && wide * height <= best.area)) continue;
        best = { from, to, top: bottom - height + 1, bottom, area: wide * height };
      }
    }
  });
  return best;
}

/**
 * The largest rectangles that are left of a fabric beside and between the pieces of a lay, cm; what is smaller than a pocket is not told.
 *
 * @param onHand how long the fabric is, cm
 * @param gone what nothing can be cut from
 * @example leftOver(lay, 160)[0] // { x: 0, y: 126, width: 150, length: 34 }
 */
export function leftOver({ width, placed }: Pick<DrawnLay, 'width' | 'placed'>, onHand: number, gone: readonly Polygon[] = []): LeftOver[] {
  const polygons = [...placed.map(({ polygon }) => polygon), ...gone].map((polygon) => ({ polygon, ...boundsOf(polygon) }));
  const taken = ([x, y]: Point) => polygons.some((p) => x > p.left && x < p.right && y > p.top && y < p.bottom && within([x, y], p.polygon));
  const [columns, rows] = [Math.floor(width / CELL), Math.floor(onHand / CELL)];
  const points = [0.02, 0.5, 0.98];
  const free = Array.from({ length: rows }, (_, r) =>
    Array.from({ length: columns }, (__, c) => !points.some((v) => points.some((u) => taken([(c + u) * CELL, (r + v) * CELL])))),
  );
  const found: LeftOver[] = [];
  for (let k = 0; k < MOST_PIECES; k++) {
    const box = largest(free);
    if (!box) break;
    for (let r = box.top; r <= box.bottom; r++) free[r]?.fill(false, box.from, box.to + 1);
    const left: LeftOver = {
      x: box.from * CELL,
      y: box.top * CELL,
      // The last cell may be cut by the edge of the fabric; it is the fabric's all the same.
      width: box.to === columns - 1 ? width - box.from * CELL : (box.to - box.from + 1) * CELL,
      length: box.bottom === rows - 1 ? onHand - box.top * CELL : (box.bottom - box.top + 1) * CELL,
    };
    // A thin point between the cells' own would be missed by them.
    if (polygons.every(({ polygon }) => overlap(polygon, boxOf(left)) < 0.5)) found.push(left);
  }
  return found;
}
