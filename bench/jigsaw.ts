import { areaOf, boundsOf, type Point, type Polygon } from '../src/core/units/polygon';

/** A strip cut at random into pieces: the best lay is known to be the strip itself, without any waste. */
export interface Jigsaw {
  readonly width: number;
  readonly length: number;
  readonly pieces: readonly Polygon[];
}

/** The part of a polygon's outline from one point on it to another, with a cut that leads back. */
function halves(polygon: Polygon, chance: () => number): readonly [Polygon, Polygon] | undefined {
  const { left, top, right, bottom } = boundsOf(polygon);
  const along = bottom - top > right - left;
  const share = 0.35 + 0.3 * chance();
  const middle = along ? top + share * (bottom - top) : left + share * (right - left);
  const slant = (chance() - 0.5) * 0.35 * (along ? right - left : bottom - top);
  // A cut leans, bends like an armhole or steps like a crotch; across the polygon, a little beyond both sides.
  const bend = (chance() - 0.5) * 0.3 * (along ? bottom - top : right - left);
  const at = 0.3 + 0.4 * chance();
  const count = 2 + Math.floor(chance() * 4);
  const cut: Point[] = [];
  for (let k = 0; k <= count; k++) {
    const t = k / count;
    const off = middle + slant * (t - 0.5) + bend * Math.exp(-(((t - at) / 0.22) ** 2));
    cut.push(along ? [left + t * (right - left), off] : [off, top + t * (bottom - top)]);
  }
  return split(polygon, cut);
}

/** A polygon split by a cut that crosses its outline exactly twice. */
function split(polygon: Polygon, cut: readonly Point[]): readonly [Polygon, Polygon] | undefined {
  const hits: { edge: number; t: number; leg: number; u: number; at: Point }[] = [];
  polygon.forEach((a, edge) => {
    const b = polygon[(edge + 1) % polygon.length]!;
    for (let leg = 0; leg + 1 < cut.length; leg++) {
      let [c, d] = [cut[leg]!, cut[leg + 1]!];
      const [dx, dy] = [d[0] - c[0], d[1] - c[1]];
      if (leg === 0) c = [c[0] - dx, c[1] - dy];
      if (leg + 2 === cut.length) d = [d[0] + dx, d[1] + dy];
      const det = (b[0] - a[0]) * (d[1] - c[1]) - (b[1] - a[1]) * (d[0] - c[0]);
      if (Math.abs(det) < 1e-9) continue;
      const t = ((c[0] - a[0]) * (d[1] - c[1]) - (c[1] - a[1]) * (d[0] - c[0])) / det;
      const u = ((c[0] - a[0]) * (b[1] - a[1]) - (c[1] - a[1]) * (b[0] - a[0])) / det;
      if (t >= 0 && t < 1 && u >= 0 && u < 1) hits.push({ edge, t, leg, u, at: [a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])] });
    }
  });
  if (hits.length !== 2) return undefined;
  const [from, to] = hits.sort((p, q) => p.leg + p.u - (q.leg + q.u)) as [(typeof hits)[0], (typeof hits)[0]];
  const inner = cut.slice(from.leg + 1, to.leg + 1);
  const walk = (start: typeof from, end: typeof from): Point[] => {
    const points: Point[] = [start.at];
    let edge = start.edge;
    if (!(start.edge === end.edge && start.t <= end.t))
      do {
        edge = (edge + 1) % polygon.length;
        points.push(polygon[edge]!);
      } while (edge !== end.edge);
    points.push(end.at);
    return points;
  };
  return [
    [...walk(to, from), ...inner],
    [...walk(from, to), ...[...inner].reverse()],
  ];
}

/**
 * A jigsaw of so many pieces.
 *
 * @example jigsaw(20, 150, seeded(1)).pieces.length // 20
 */
export function jigsaw(count: number, width: number, chance: () => number): Jigsaw {
  const length = width * (0.9 + 0.06 * count);
  let pieces: Polygon[] = [
    [
      [0, 0],
      [width, 0],
      [width, length],
      [0, length],
    ],
  ];
  while (pieces.length < count) {
    const largest = pieces.reduce((a, b) => (areaOf(b) > areaOf(a) ? b : a));
    const two = halves(largest, chance);
    if (!two || two.some((p) => p.length < 3 || areaOf(p) < areaOf(largest) * 0.25)) continue;
    pieces = [...pieces.filter((p) => p !== largest), ...two];
  }
  return { width, length, pieces };
}
