import { inverse, Matrix, solve } from 'ml-matrix';
import type { Point } from '../units/polygon';
import { cmPerPixel, onTable, VIEW_LENGTH, type Frame, type View } from './camera';

/** A point of the picture that is known to lie on a line of the table: along one axis, so far from its origin, cm. */
export interface OnLine {
  readonly at: Point;
  readonly axis: 0 | 1;
  readonly cm: number;
  /** Points of one line err together by what the line itself is off: those with the same number. */
  readonly line: number;
}

/** A view with what it is in doubt. */
export interface FittedView {
  readonly view: View;
  /** Its covariance, row by row. */
  readonly covariance: readonly number[];
  /** How far points lie from their lines as the view has them, px. */
  readonly rms: number;
  readonly points: number;
}

/** A lens bends so much before anything is known of it: standard deviations of k1 and k2. Source: lenses of phones and small cameras, up to 4 % at the corners. */
export const LENS_SD = [0.025, 0.004] as const;

/**
 * A homography from four places to four others.
 *
 * @returns eight numbers; undefined where three of them lie in a line
 */
export function homography(from: readonly Point[], to: readonly Point[]): number[] | undefined {
  const rows: number[][] = [];
  const sums: number[][] = [];
  from.forEach(([u, v], i) => {
    const [x, y] = to[i] ?? [0, 0];
    rows.push([u, v, 1, 0, 0, 0, -u * x, -v * x], [0, 0, 0, u, v, 1, -u * y, -v * y]);
    sums.push([x], [y]);
  });
  try {
    const h = solve(new Matrix(rows), new Matrix(sums)).to1DArray();
    return h.every(Number.isFinite) ? h : undefined;
  } catch {
    return undefined;
  }
}

/** How many cm along its axis a pixel across its line is, at each point. */
const scales = (view: ArrayLike<number>, frame: Frame, points: readonly OnLine[]): Map<OnLine, number> =>
  new Map(
    points.map((p) => {
      const [across, down] = cmPerPixel(view, frame, p.at);
      return [p, Math.max(1e-9, Math.hypot(across[p.axis], down[p.axis]))];
    }),
  );

/** Steps by which slopes are taken, relative to how large the numbers of a view usually are. */
const stepOf = (value: number, i: number): number => (i >= 8 ? 1e-5 : i >= 6 ? 1e-6 : Math.max(1e-5, Math.abs(value) * 1e-6));

/** How surely points lie on their lines, px. */
export interface Weights {
  /** Before anything is known of them. */
  readonly noise: number;
  /** However closely they lie there, what they say of the rest of the picture is no surer than so. */
  readonly least: number;
  /** By how much a whole line may be off, px. */
  readonly lineOff: number;
}

/**
 * The view in which points lie on their lines as well as they can, by damped least squares, points that lie far off left out. What a line is off as a
 * whole (a shadow along it, a sheet not quite flat) is a doubt of its own for each line.
 *
 * @param begin a view near it
 * @param weights how far off points and whole lines usually are
 * @returns undefined where they say too little
 */
export function fitView(frame: Frame, points: readonly OnLine[], begin: View, weights: Weights): FittedView | undefined {
  let view = Array.from(begin);
  let kept = points;
  let damping = 1e-3;
  const lines = [...new Set(points.map((p) => p.line))];
  const of = new Map(lines.map((line, i) => [line, VIEW_LENGTH + i]));
  let offs = new Array<number>(lines.length).fill(0);
  const size = VIEW_LENGTH + lines.length;
  const { lineOff } = weights;
  let { noise } = weights;
  let scaled = scales(view, frame, points);
  /** How far a point lies from its line, by the noise. */
  const residual = (v: ArrayLike<number>, o: readonly number[], p: OnLine) =>
    ((onTable(v, frame, p.at)[p.axis] - p.cm) / (scaled.get(p) ?? 1) - (o[(of.get(p.line) ?? 0) - VIEW_LENGTH] ?? 0)) / noise;
  const cost = (v: ArrayLike<number>, o: readonly number[]) =>
    kept.reduce((sum, p) => sum + residual(v, o, p) ** 2, 0) +
    LENS_SD.reduce((sum, sd, i) => sum + ((v[8 + i] ?? 0) / sd) ** 2, 0) +
    o.reduce((sum, off) => sum + (off / lineOff) ** 2, 0);
  /** J'J and J'r, priors included. */
  const normal = () => {
    const a = Matrix.zeros(size, size);
    const b = new Array<number>(size).fill(0);
    const row = new Array<number>(VIEW_LENGTH).fill(0);
    for (const p of kept) {
      const r = residual(view, offs, p);
      for (let i = 0; i < VIEW_LENGTH; i++) {
        const step = stepOf(view[i] ?? 0, i);
        const moved = [...view];
        moved[i] = (view[i] ?? 0) + step;
        row[i] = (residual(moved, offs, p) - r) / step;
      }
      const own = of.get(p.line) ?? 0;
      const slope = -1 / noise;
      for (let i = 0; i < VIEW_LENGTH; i++) {
        const ri = row[i] ?? 0;
        for (let j = 0; j <= i; j++) a.set(i, j, a.get(i, j) + ri * (row[j] ?? 0));
        a.set(own, i, a.get(own, i) + slope * ri);
        b[i] = (b[i] ?? 0) + ri * r;
      }
      a.set(own, own, a.get(own, own) + slope * slope);
      b[own] = (b[own] ?? 0) + slope * r;
    }
    for (let i = 0; i < size; i++) {
      const sd = i < 8 ? Infinity : i < VIEW_LENGTH ? (LENS_SD[i - 8] ?? 1) : lineOff;
      const value = i < VIEW_LENGTH ? (view[i] ?? 0) : (offs[i - VIEW_LENGTH] ?? 0);
      a.set(i, i, a.get(i, i) + 1 / sd ** 2);
      b[i] = (b[i] ?? 0) + value / sd ** 2;
      for (let j = 0; j < i; j++) a.set(j, i, a.get(i, j));
    }
    return { a, b };
  };
  let rms = noise;
  for (let round = 0; round < 4; round++) {
    if (kept.length < 8) return undefined;
    scaled = scales(view, frame, points);
    let now = cost(view, offs);
    for (let n = 0; n < 25; n++) {
      const { a, b } = normal();
      for (let i = 0; i < size; i++) a.set(i, i, a.get(i, i) * (1 + damping) + 1e-12);
      let by: number[];
      try {
        by = solve(a, Matrix.columnVector(b.map((v) => -v))).to1DArray();
      } catch {
        return undefined;
      }
      const next = view.map((v, i) => v + (by[i] ?? 0));
      const nextOffs = offs.map((o, i) => o + (by[VIEW_LENGTH + i] ?? 0));
      const after = cost(next, nextOffs);
      if (Number.isFinite(after) && after < now) {
        const gained = now - after;
        [view, offs, now] = [next, nextOffs, after];
        damping = Math.max(1e-9, damping / 4);
        if (gained < 1e-7 * now) break;
      } else {
        damping *= 10;
        if (damping > 1e6) break;
      }
    }
    const away = kept.map((p) => residual(view, offs, p) * noise);
    const sorted = away.map(Math.abs).sort((x, y) => x - y);
    const scale = Math.max(0.02, 1.4826 * (sorted[sorted.length >> 1] ?? 0));
    // What points really scatter by: it says how much they are worth.
    noise = Math.max(weights.least, scale);
    rms = Math.sqrt(away.reduce((sum, r) => sum + Math.min(r * r, 9 * scale * scale), 0) / away.length);
    const next = points.filter((p) => Math.abs(residual(view, offs, p) * noise) < 3.5 * scale);
    if (round > 1 && next.length === kept.length) break;
    kept = next;
  }
  scaled = scales(view, frame, points);
  const { a } = normal();
  const more = Math.max(1, rms / noise) ** 2;
  let whole: Matrix;
  try {
    whole = inverse(a).mul(more);
  } catch {
    return undefined;
  }
  const covariance = Array.from({ length: VIEW_LENGTH }, (_, i) => Array.from({ length: VIEW_LENGTH }, (__, j) => whole.get(i, j))).flat();
  if (!covariance.every(Number.isFinite)) return undefined;
  return { view: asView(view), covariance, rms, points: kept.length };
}

/** Ten numbers as a view. */
export const asView = (n: readonly number[]): View => {
  const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, h = 0, k1 = 0, k2 = 0] = n;
  return [a, b, c, d, e, f, g, h, k1, k2];
};
