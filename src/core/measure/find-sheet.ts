import { areaOf, cross, type Point } from '../units/polygon';
import type { Corners } from './reckon';
import { smaller, smallerBy, type Grey } from './grey';

/** The longest side of the picture in which a sheet is looked for, px. */
const SIDE = 640;
/** A sheet is no smaller and no larger than so much of the picture. */
const [LEAST, MOST] = [0.002, 0.7];

/** The convex hull of points, from x towards y. Source: Andrew's monotone chain. */
function hullOf(points: readonly Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const half = (from: readonly Point[]) => {
    const chain: Point[] = [];
    for (const p of from) {
      for (let [a, b] = [chain.at(-2), chain.at(-1)]; a && b && cross(a, b, p) <= 0; [a, b] = [chain.at(-2), chain.at(-1)]) chain.pop();
      chain.push(p);
    }
    return chain.slice(0, -1);
  };
  return [...half(sorted), ...half([...sorted].reverse())];
}

/** The four corners of a hull: those left when the corner that matters least goes, again and again. */
function fourOf(hull: readonly Point[]): Point[] {
  const left = [...hull];
  while (left.length > 4) {
    let least = { at: 0, cost: Infinity };
    left.forEach((p, i) => {
      const [a, b] = [left[(i + left.length - 1) % left.length] ?? p, left[(i + 1) % left.length] ?? p];
      const cost = Math.abs(cross(a, p, b));
      if (cost < least.cost) least = { at: i, cost };
    });
    left.splice(least.at, 1);
  }
  return left;
}

/** From the upper left clockwise, as a picture is looked at. */
function ordered(four: readonly Point[]): Corners | undefined {
  const [mx, my] = [0, 1].map((i) => four.reduce((sum, p) => sum + (p[i] ?? 0), 0) / 4);
  const round = [...four].sort((a, b) => Math.atan2(a[1] - (my ?? 0), a[0] - (mx ?? 0)) - Math.atan2(b[1] - (my ?? 0), b[0] - (mx ?? 0)));
  let first = 0;
  round.forEach(([x, y], i) => {
    const [fx, fy] = round[first] ?? [0, 0];
    if (x + y < fx + fy) first = i;
  });
  const [a, b, c, d] = [0, 1, 2, 3].map((i) => round[(first + i) % 4]);
  return a && b && c && d ? [a, b, c, d] : undefined;
}

/** Lightness at which so much of a picture is darker. */
function quantiles({ data }: Grey, shares: readonly number[]): number[] {
  const counts = new Array<number>(256).fill(0);
  for (const v of data) counts[v] = (counts[v] ?? 0) + 1;
  return shares.map((share) => {
    let sum = 0;
    for (let v = 0; v < 256; v++) {
      sum += counts[v] ?? 0;
      if (sum >= share * data.length) return v;
    }
    return 255;
  });
}

/** Regions lighter than a threshold: their pixels that have a darker one to the left or right, and how many they are. */
function regions({ width, height, data }: Grey, threshold: number): { readonly edge: Point[]; readonly size: number }[] {
  const seen = new Uint8Array(width * height);
  const found: { edge: Point[]; size: number }[] = [];
  const stack: number[] = [];
  for (let start = 0; start < data.length; start++) {
    if (seen[start] === 1 || (data[start] ?? 0) < threshold) continue;
    const region: { edge: Point[]; size: number } = { edge: [], size: 0 };
    let touches = false;
    stack.push(start);
    seen[start] = 1;
    for (let at = stack.pop(); at !== undefined; at = stack.pop()) {
      region.size++;
      const [x, y] = [at % width, (at / width) | 0];
      if (x === 0 || y === 0 || x === width - 1 || y === height - 1) touches = true;
      let inner = true;
      for (const [next, there] of [
        [at - 1, x > 0],
        [at + 1, x < width - 1],
        [at - width, y > 0],
        [at + width, y < height - 1],
      ] as const) {
        if (!there || (data[next] ?? 0) < threshold) {
          inner = false;
          continue;
        }
        if (seen[next] === 0) {
          seen[next] = 1;
          stack.push(next);
        }
      }
      if (!inner) region.edge.push([x + 0.5, y + 0.5]);
    }
    // What runs out of the picture is no whole sheet.
    if (!touches && region.size > LEAST * data.length && region.size < MOST * data.length) found.push(region);
  }
  return found;
}

/**
 * Looks for a light sheet on a darker ground: of all regions lighter than one of several thresholds the one that fills its four corners best, the larger
 * the better.
 *
 * @returns its corners in the picture, a few pixels off; undefined where nothing looks like a sheet
 */
export function findSheet(grey: Grey, ratio?: number): Corners | undefined {
  const by = smallerBy(grey, SIDE);
  const small = smaller(grey, by);
  let best: { readonly corners: Corners; readonly worth: number } | undefined;
  const thresholds = [...new Set([...quantiles(small, [0.3, 0.45, 0.6, 0.7, 0.8, 0.86, 0.9, 0.93, 0.96, 0.98]), 110, 130, 150, 170, 190, 210])].sort(
    (a, b) => a - b,
  );
  for (const threshold of thresholds)
    for (const { edge, size } of regions(small, threshold + 1)) {
      const hull = hullOf(edge);
      const four = fourOf(hull);
      const corners = ordered(four);
      if (!corners) continue;
      const [whole, quad] = [areaOf(hull), areaOf(four)];
      // Of a sheet the hull is its four corners, and it is full.
      const full = Math.min(size / quad, quad / size, quad / whole);
      if (full < 0.9) continue;
      const length = (i: number) =>
        Math.hypot((four[i]?.[0] ?? 0) - (four[(i + 1) % 4]?.[0] ?? 0), (four[i]?.[1] ?? 0) - (four[(i + 1) % 4]?.[1] ?? 0));
      const [a, b] = [length(0) + length(2), length(1) + length(3)];
      const seen = Math.max(a, b) / Math.min(a, b);
      // Tilted, a sheet is seen a little longer or squarer than it is.
      const like = ratio === undefined ? 1 : Math.exp(-((Math.log(seen / ratio) / 0.16) ** 2) / 2);
      const worth = (full - 0.88) * like * Math.sqrt(quad / small.data.length);
      if (!best || worth > best.worth) best = { corners, worth };
    }
  if (!best || best.worth < 1e-3) return undefined;
  const [p, q, r, s] = best.corners.map(([x, y]): Point => [x * by, y * by]);
  return p && q && r && s && [p, q, r, s];
}
