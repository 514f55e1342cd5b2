import { itemAt } from './item-at';
import { memoize } from './memoize';

/** A point on the fabric or on a piece, cm: x across the fabric, y along the grain. */
export type Point = readonly [x: number, y: number];

/** A closed outline without its first point once more at the end, cm. */
export type Polygon = readonly Point[];

/** The box round a polygon, cm. */
export interface Bounds {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/**
 * The box round one polygon or more.
 *
 * @throws RangeError where there is no point
 */
export function boundsOf(...polygons: readonly Polygon[]): Bounds {
  const [x, y] = itemAt(itemAt(polygons, 0), 0);
  let [left, top, right, bottom] = [x, y, x, y];
  for (const polygon of polygons)
    for (const [px, py] of polygon) {
      if (px < left) left = px;
      if (px > right) right = px;
      if (py < top) top = py;
      if (py > bottom) bottom = py;
    }
  return { left, top, right, bottom };
}

/** Twice the area would be the cross product's sum; positive where the outline runs from x towards y. */
export function signedArea(polygon: Polygon): number {
  let sum = 0;
  for (let i = 0, j = polygon.length - 1; i < polygon.length; j = i++) {
    const [ax, ay] = itemAt(polygon, j);
    const [bx, by] = itemAt(polygon, i);
    sum += ax * by - bx * ay;
  }
  return sum / 2;
}

/**
 * Area of an outline, cm².
 *
 * @example areaOf([[0, 0], [2, 0], [2, 3], [0, 3]]) // 6
 */
export const areaOf = (polygon: Polygon): number => Math.abs(signedArea(polygon));

/**
 * A rectangle between two corners.
 *
 * @example rectangle(0, 0, 2, 3) // [[0, 0], [2, 0], [2, 3], [0, 3]]
 */
export const rectangle = (left: number, top: number, right: number, bottom: number): Polygon => [
  [left, top],
  [right, top],
  [right, bottom],
  [left, bottom],
];

export const moved = (polygon: Polygon, dx: number, dy: number): Polygon => polygon.map(([x, y]): Point => [x + dx, y + dy]);

/** The other side of the fabric: left is right. The outline still runs the same way round. */
export const mirrored = (polygon: Polygon): Polygon => polygon.map(([x, y]): Point => [-x, y]).reverse();

/** Turned by half a circle. */
export const turnedRound = (polygon: Polygon): Polygon => polygon.map(([x, y]): Point => [-x, -y]);

/** Turned by an angle, degrees, from x towards y. */
export function turnedBy(polygon: Polygon, degrees: number): Polygon {
  const [c, s] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
  return polygon.map(([x, y]): Point => [x * c - y * s, x * s + y * c]);
}

/** Laid against x = 0 and y = 0. */
export function atOrigin(polygon: Polygon): Polygon {
  const { left, top } = boundsOf(polygon);
  return moved(polygon, -left, -top);
}

/** Which way three points turn: twice the area of their triangle, more than 0 from x towards y. */
export const cross = ([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point): number => (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);

/** Points that say nothing are left out: those met twice, and those on a straight line between their neighbours. */
function plain(polygon: Polygon): Polygon {
  const apart = polygon.filter((p, i) => {
    const [x, y] = itemAt(polygon, (i + polygon.length - 1) % polygon.length);
    return Math.hypot(p[0] - x, p[1] - y) > 1e-6;
  });
  return apart.filter((p, i) => {
    const before = itemAt(apart, (i + apart.length - 1) % apart.length);
    const after = itemAt(apart, (i + 1) % apart.length);
    return Math.abs(cross(before, p, after)) > 1e-9;
  });
}

/** Where the lines through a–b and c–d meet; undefined where they are as good as parallel. */
function meeting(a: Point, b: Point, c: Point, d: Point): Point | undefined {
  const [rx, ry, sx, sy] = [b[0] - a[0], b[1] - a[1], d[0] - c[0], d[1] - c[1]];
  const det = rx * sy - ry * sx;
  if (Math.abs(det) < 1e-9) return undefined;
  const t = ((c[0] - a[0]) * sy - (c[1] - a[1]) * sx) / det;
  return [a[0] + t * rx, a[1] + t * ry];
}

/** Area that a coarser outline may add in all, as a share of its own, and corners it shall have at the most where that allows it. */
const [SPARE, MOST_CORNERS] = [0.01, 14];

/**
 * An outline of fewer points that contains the given one: a hollow corner is cut across, and of two close round corners one is drawn out to
 * where the edges beside them meet, the cheapest in area first. What is laid by the coarse outline cannot overlap by the true one.
 *
 * @returns running from x towards y
 */
export const coarser = memoize((polygon: Polygon): Polygon => coarserBy(polygon, SPARE, MOST_CORNERS));

/** The same for a first guess: a few corners, and up to a sixteenth more area. */
export const muchCoarser = memoize((polygon: Polygon): Polygon => coarserBy(polygon, 1 / 16, 6));

function coarserBy(polygon: Polygon, spare: number, most: number): Polygon {
  let points = [...plain(signedArea(polygon) < 0 ? [...polygon].reverse() : polygon)];
  let left = areaOf(points) * spare;
  while (points.length > most) {
    let best: { readonly cost: number; readonly points: Point[] } | undefined;
    const n = points.length;
    for (let i = 0; i < n; i++) {
      const [a, b, c, d] = [0, 1, 2, 3].map((k) => itemAt(points, (i + k) % n));
      if (!a || !b || !c || !d) continue;
      const turn = cross(a, b, c);
      if (turn <= 0) {
        // A hollow corner at b: straight from a to c.
        const cost = -turn / 2;
        if (!best || cost < best.cost) best = { cost, points: points.filter((p) => p !== b) };
      } else if (cross(b, c, d) > 0) {
        // Round corners at b and c: the edges a–b and d–c drawn out until they meet.
        const at = meeting(a, b, d, c);
        if (!at || cross(b, c, at) > 0) continue;
        const cost = areaOf([b, at, c]);
        if (!best || cost < best.cost) best = { cost, points: points.flatMap((p) => (p === b ? [at] : p === c ? [] : [p])) };
      }
    }
    if (!best || best.cost > left || crossesItself(best.points)) break;
    left -= best.cost;
    points = best.points;
  }
  return points;
}

const apart = (a: Point, b: Point, c: Point, d: Point): boolean => {
  const [p, q, r, s] = [cross(a, b, c), cross(a, b, d), cross(c, d, a), cross(c, d, b)];
  return !(p > 1e-9 !== q > 1e-9 && r > 1e-9 !== s > 1e-9 && Math.abs(p) > 1e-9 && Math.abs(q) > 1e-9 && Math.abs(r) > 1e-9 && Math.abs(s) > 1e-9);
};

/** Whether two edges of an outline cross; edges that only touch do not. */
export function crossesItself(polygon: Polygon): boolean {
  const n = polygon.length;
  for (let i = 0; i < n; i++)
    for (let j = i + 2; j < n; j++) {
      if (i === 0 && j === n - 1) continue;
      if (!apart(itemAt(polygon, i), itemAt(polygon, i + 1), itemAt(polygon, j), itemAt(polygon, (j + 1) % n))) return true;
    }
  return false;
}

/** Whether a point lies within an outline. */
export function within([x, y]: Point, outline: Polygon): boolean {
  let inside = false;
  outline.forEach(([ax, ay], i) => {
    const [bx, by] = outline[(i + 1) % outline.length] ?? [ax, ay];
    if (ay > y !== by > y && x < ax + ((y - ay) / (by - ay)) * (bx - ax)) inside = !inside;
  });
  return inside;
}

/** The points of a list of corners as a record keeps it. */
export const polygonOf = (corners: readonly number[]): Polygon =>
  Array.from({ length: corners.length >> 1 }, (_, i): Point => [corners[2 * i] ?? 0, corners[2 * i + 1] ?? 0]);

/** The corners of an outline as a record keeps them: rounded to a hundredth of a millimetre. */
export const cornersOf = (polygon: Polygon): number[] => polygon.flatMap(([x, y]) => [Math.round(x * 1000) / 1000, Math.round(y * 1000) / 1000]);

/** Turned so that a grain line runs along y; left as it is where it does so already. */
export function alongGrain(outline: Polygon, [from, to]: readonly [Point, Point]): Polygon {
  const angle = Math.atan2(to[0] - from[0], to[1] - from[1]);
  // A grain has no direction: by less than a right angle.
  const by = angle > Math.PI / 2 ? angle - Math.PI : angle < -Math.PI / 2 ? angle + Math.PI : angle;
  if (Math.abs(by) < 1e-4) return outline;
  const [c, s] = [Math.cos(by), Math.sin(by)];
  return outline.map(([x, y]): Point => [x * c - y * s, x * s + y * c]);
}
