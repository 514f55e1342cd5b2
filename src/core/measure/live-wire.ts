import simplify from 'simplify-js';
import TinyQueue from 'tinyqueue';
import type { Point } from '../units/polygon';
import { lightAt, smaller, smallerBy, type Grey } from './grey';

/** How dear each pixel of a picture made smaller is to a path that wants to run along edges. */
export interface EdgeMap {
  readonly width: number;
  readonly height: number;
  /** So many pixels of the picture are one of the map. */
  readonly by: number;
  /** 0 on the strongest edges, 1 where there is none. */
  readonly dear: Float32Array;
}

/** The longest side of the picture in which edges are followed, px. */
const SIDE = 1000;
/** A step costs at least so much, so that of two paths along equal edges the shorter is taken. */
const STEP_COST = 0.03;
/** Room round two clicks in which a path may run, as a share of what lies between them, and at least, px. */
const [ROOM, LEAST_ROOM] = [0.5, 24];

/** Where the edges of a picture are. Source: slopes by Sobel's operator, held against the strongest twentieth of them. */
export function edgeMap(grey: Grey): EdgeMap {
  const by = smallerBy(grey, SIDE);
  const small = smaller(grey, by);
  const { width, height, data } = small;
  const slope = new Float32Array(width * height);
  const counts = new Uint32Array(1024);
  for (let y = 1; y < height - 1; y++)
    for (let x = 1; x < width - 1; x++) {
      const i = y * width + x;
      const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, h = 0] = [
        data[i - width - 1],
        data[i - width],
        data[i - width + 1],
        data[i - 1],
        data[i + 1],
        data[i + width - 1],
        data[i + width],
        data[i + width + 1],
      ];
      const s = Math.hypot(c + 2 * e + h - a - 2 * d - f, f + 2 * g + h - a - 2 * b - c);
      slope[i] = s;
      const bin = Math.min(1023, Math.floor(s));
      counts[bin] = (counts[bin] ?? 0) + 1;
    }
  let strong = 1023;
  for (let sum = 0; strong > 40 && sum < 0.02 * width * height; strong--) sum += counts[strong] ?? 0;
  const dear = slope.map((s) => (1 - Math.min(1, s / strong)) ** 2);
  return { width, height, by, dear };
}

const NEIGHBOURS = [
  [1, 0, 1],
  [-1, 0, 1],
  [0, 1, 1],
  [0, -1, 1],
  [1, 1, Math.SQRT2],
  [1, -1, Math.SQRT2],
  [-1, 1, Math.SQRT2],
  [-1, -1, Math.SQRT2],
] as const;

/**
 * The cheapest path along edges between two places of a picture, px, both included. Source: live-wire, Mortensen and Barrett 1995, as the shortest path
 * by Dijkstra's algorithm.
 */
export function wire({ width, height, by, dear }: EdgeMap, from: Point, to: Point): Point[] {
  const cell = ([x, y]: Point) =>
    [Math.min(width - 1, Math.max(0, Math.floor(x / by))), Math.min(height - 1, Math.max(0, Math.floor(y / by)))] as const;
  const [[fx, fy], [tx, ty]] = [cell(from), cell(to)];
  const room = Math.max(LEAST_ROOM, ROOM * Math.hypot(tx - fx, ty - fy));
  const [left, top] = [Math.max(0, Math.floor(Math.min(fx, tx) - room)), Math.max(0, Math.floor(Math.min(fy, ty) - room))];
  const [right, bottom] = [Math.min(width - 1, Math.ceil(Math.max(fx, tx) + room)), Math.min(height - 1, Math.ceil(Math.max(fy, ty) + room))];
  const [wide, high] = [right - left + 1, bottom - top + 1];
  const cost = new Float64Array(wide * high).fill(Infinity);
  const before = new Int32Array(wide * high).fill(-1);
  const start = (fy - top) * wide + fx - left;
  const end = (ty - top) * wide + tx - left;
  cost[start] = 0;
  const queue = new TinyQueue<readonly [cost: number, at: number]>([[0, start]], (a, b) => a[0] - b[0]);
  for (let next = queue.pop(); next; next = queue.pop()) {
    const [spent, at] = next;
    if (at === end) break;
    if (spent > (cost[at] ?? 0)) continue;
    const [x, y] = [at % wide, (at / wide) | 0];
    for (const [dx, dy, far] of NEIGHBOURS) {
      const [nx, ny] = [x + dx, y + dy];
      if (nx < 0 || ny < 0 || nx >= wide || ny >= high) continue;
      const there = ny * wide + nx;
      const sum = spent + far * (STEP_COST + (dear[(ny + top) * width + nx + left] ?? 1));
      if (sum >= (cost[there] ?? 0)) continue;
      cost[there] = sum;
      before[there] = at;
      queue.push([sum, there]);
    }
  }
  const path: Point[] = [];
  for (let at = end; at >= 0 && at !== start; at = before[at] ?? -1)
    path.push([((at % wide) + left + 0.5) * by, (((at / wide) | 0) + top + 0.5) * by]);
  return [from, ...path.reverse().slice(0, -1), to];
}

/** Where across a path the picture is steepest within a reach, px; the place itself where nothing is. */
function steepest(grey: Grey, [x, y]: Point, [nx, ny]: Point, reach: number): Point {
  let best = { t: 0, slope: 6 };
  for (let t = -reach; t <= reach; t += 0.5) {
    const slope = Math.abs(lightAt(grey, x + nx * (t + 1), y + ny * (t + 1)) - lightAt(grey, x + nx * (t - 1), y + ny * (t - 1)));
    if (slope > best.slope) best = { t, slope };
  }
  return [x + nx * best.t, y + ny * best.t];
}

/**
 * A path brought onto the edge it runs along, at the full size of the picture, smoothed and with no more points than its shape needs.
 *
 * @returns places in the picture, px; the ends stay where they were clicked
 */
export function alongEdge(grey: Grey, path: readonly Point[], by: number): Point[] {
  const snapped = path.map((p, i): Point => {
    const [a, b] = [path[Math.max(0, i - 3)] ?? p, path[Math.min(path.length - 1, i + 3)] ?? p];
    const run = Math.hypot(b[0] - a[0], b[1] - a[1]);
    return i === 0 || i === path.length - 1 || run === 0 ? p : steepest(grey, p, [-(b[1] - a[1]) / run, (b[0] - a[0]) / run], 1.5 * by + 1);
  });
  // A single point that jumped to another edge is brought back to its neighbours.
  const calm = snapped.map((p, i): Point => {
    const near = snapped.slice(Math.max(0, i - 2), i + 3);
    if (i === 0 || i === snapped.length - 1 || near.length < 5) return p;
    const middle = (axis: 0 | 1) => [...near].map((q) => q[axis]).sort((q, r) => q - r)[2] ?? p[axis];
    return [middle(0), middle(1)];
  });
  return simplify(
    calm.map(([x, y]) => ({ x, y })),
    Math.max(0.4 * by, Math.max(grey.width, grey.height) / 1200),
    true,
  ).map(({ x, y }): Point => [x, y]);
}

/** The strongest edge near a click, px; the click itself where there is none. */
export function snapped(grey: Grey, [x, y]: Point, reach: number): Point {
  let best: { readonly at: Point; readonly worth: number } = { at: [x, y], worth: 10 };
  const step = Math.max(1, reach / 12);
  for (let v = -reach; v <= reach; v += step)
    for (let u = -reach; u <= reach; u += step) {
      const far = Math.hypot(u, v) / reach;
      if (far > 1) continue;
      const [px, py] = [x + u, y + v];
      const dx = lightAt(grey, px + 1, py) - lightAt(grey, px - 1, py);
      const dy = lightAt(grey, px, py + 1) - lightAt(grey, px, py - 1);
      const worth = Math.hypot(dx, dy) * (1 - 0.5 * far);
      if (worth > best.worth) best = { at: [px, py], worth };
    }
  return best.at;
}
