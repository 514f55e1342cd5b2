import earcut from 'earcut';
import { itemAt } from '../units/item-at';
import { united } from './clip';
import { boundsOf, cross, type Point, type Polygon } from '../units/polygon';

/** Two convex parts along a common edge as one, where that one is convex too. */
function joined(a: Polygon, b: Polygon): Polygon | undefined {
  for (let i = 0; i < a.length; i++) {
    const [from, to] = [itemAt(a, i), itemAt(a, (i + 1) % a.length)];
    const j = b.findIndex((p, k) => p === to && itemAt(b, (k + 1) % b.length) === from);
    if (j < 0) continue;
    // a from `to` round to `from`, then b from after `from` round to before `to`.
    const round = a.map((_, k) => itemAt(a, (i + 1 + k) % a.length));
    const rest = b.slice(0, b.length - 2).map((_, k) => itemAt(b, (j + 2 + k) % b.length));
    const all = [...round, ...rest];
    const bulges = all.every((p, k) => cross(p, itemAt(all, (k + 1) % all.length), itemAt(all, (k + 2) % all.length)) >= -1e-9);
    return bulges ? all : undefined;
  }
  return undefined;
}

/**
 * A polygon as convex parts: triangles joined wherever the whole stays convex (Hertel and Mehlhorn 1983).
 *
 * @param polygon running from x towards y, not crossing itself
 */
export function convexParts(polygon: Polygon): Polygon[] {
  const corners = earcut(polygon.flat());
  const parts: Polygon[] = [];
  for (let i = 0; i + 2 < corners.length; i += 3) {
    const [a, b, c] = [0, 1, 2].map((k) => itemAt(polygon, itemAt(corners, i + k)));
    if (!a || !b || !c) continue;
    const turn = cross(a, b, c);
    if (Math.abs(turn) > 1e-9) parts.push(turn > 0 ? [a, b, c] : [a, c, b]);
  }
  for (let merged = true; merged;) {
    merged = false;
    for (let i = 0; i < parts.length && !merged; i++)
      for (let j = i + 1; j < parts.length; j++) {
        const one = joined(itemAt(parts, i), itemAt(parts, j));
        if (!one) continue;
        parts.splice(j, 1);
        parts[i] = one;
        merged = true;
        break;
      }
  }
  return parts;
}

/** A convex polygon from its lowest corner on, where the sum of two begins. */
function fromLowest(polygon: Polygon): Polygon {
  let lowest = 0;
  polygon.forEach(([x, y], i) => {
    const [lx, ly] = itemAt(polygon, lowest);
    if (y < ly || (y === ly && x < lx)) lowest = i;
  });
  return polygon.map((_, k) => itemAt(polygon, (lowest + k) % polygon.length));
}

/** The sum of two convex polygons: their edges one after the other in order of direction. */
function convexSum(a: Polygon, b: Polygon): Polygon {
  const [p, q] = [fromLowest(a), fromLowest(b)];
  const sum: Point[] = [];
  let [i, j] = [0, 0];
  while (i < p.length || j < q.length) {
    const [px, py] = itemAt(p, i % p.length);
    const [qx, qy] = itemAt(q, j % q.length);
    sum.push([px + qx, py + qy]);
    const [nx, ny] = itemAt(p, (i + 1) % p.length);
    const [mx, my] = itemAt(q, (j + 1) % q.length);
    const turn = (nx - px) * (my - qy) - (ny - py) * (mx - qx);
    if (j >= q.length || (i < p.length && turn > 0)) i++;
    else if (i >= p.length || turn < 0) j++;
    else {
      i++;
      j++;
    }
  }
  return sum;
}

/**
 * Where the second polygon's origin must not be, seen from the first one's, for the two not to overlap: the Minkowski sum of the first and
 * the second turned round (Art 1966; Cuninghame-Green 1989), made of the sums of their convex parts.
 *
 */
export function noFit(fixed: readonly Polygon[], moving: readonly Polygon[]): NoFit {
  const turned = moving.map((part) => part.map(([x, y]): Point => [-x, -y]));
  const sums = fixed.flatMap((a) => turned.map((b) => convexSum(a, b)));
  return new NoFit(sums.length === 1 ? sums : united(sums));
}

/** Edges of an outline sorted into bands along one axis, so that a line asks only those it can meet. */
export interface Bands {
  readonly from: number;
  readonly perBand: number;
  /** Where each band's edges begin in `edges`; one more for the end. */
  readonly starts: Float64Array;
  /** Each edge as: where it begins and ends on the axis, its other coordinate at the beginning, and how much that changes on the way. */
  readonly edges: Float64Array;
}

/** A no-fit polygon for fast asking: its box, and its edges by bands of y (`rows`) and of x (`columns`), sorted when they are first asked for. */
export class NoFit {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
  #rows: Bands | undefined;
  #columns: Bands | undefined;

  constructor(readonly outlines: readonly Polygon[]) {
    const { left, top, right, bottom } = boundsOf(...outlines);
    this.left = left;
    this.top = top;
    this.right = right;
    this.bottom = bottom;
  }

  get rows(): Bands {
    return (this.#rows ??= bandsOf(this.outlines, 1, this.top, this.bottom));
  }

  get columns(): Bands {
    return (this.#columns ??= bandsOf(this.outlines, 0, this.left, this.right));
  }
}

const BANDS = 16;

function bandsOf(outlines: readonly Polygon[], axis: 0 | 1, from: number, to: number): Bands {
  const perBand = (to - from) / BANDS;
  const bands: number[][] = Array.from({ length: BANDS }, () => []);
  const bandAt = (v: number) => Math.min(BANDS - 1, Math.max(0, Math.floor((v - from) / perBand)));
  for (const outline of outlines)
    outline.forEach((p, i) => {
      const q = itemAt(outline, (i + 1) % outline.length);
      const [a, b] = [p[axis], q[axis]];
      if (a === b) return;
      const edge = [a, b, p[1 - axis] ?? 0, (q[1 - axis] ?? 0) - (p[1 - axis] ?? 0)];
      for (let k = bandAt(Math.min(a, b)); k <= bandAt(Math.max(a, b)); k++) bands[k]?.push(...edge);
    });
  const starts = new Float64Array(BANDS + 1);
  bands.forEach((band, k) => (starts[k + 1] = (starts[k] ?? 0) + band.length));
  return { from, perBand, starts, edges: Float64Array.from(bands.flat()) };
}

/** The same seen from the other piece, or with both pieces turned round: each point p becomes c − p. */
export const reflected = ({ outlines }: NoFit, cx = 0, cy = 0): NoFit =>
  new NoFit(outlines.map((outline) => outline.map(([x, y]): Point => [cx - x, cy - y])));
