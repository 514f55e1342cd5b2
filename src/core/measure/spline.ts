import type { Point } from '../units/polygon';

/** Pieces of a curve between two of its points. */
const STEPS = 24;

/** Second slopes of a natural cubic spline. Source: the usual three-term recurrence. */
function bends(at: readonly number[], values: readonly number[]): number[] {
  const n = at.length;
  const [under, over] = [new Array<number>(n).fill(0), new Array<number>(n).fill(0)];
  for (let i = 1; i < n - 1; i++) {
    const [h0, h1] = [(at[i] ?? 0) - (at[i - 1] ?? 0), (at[i + 1] ?? 0) - (at[i] ?? 0)];
    const slope = 6 * (((values[i + 1] ?? 0) - (values[i] ?? 0)) / h1 - ((values[i] ?? 0) - (values[i - 1] ?? 0)) / h0);
    const pivot = 2 * (h0 + h1) - h0 * (under[i - 1] ?? 0);
    under[i] = h1 / pivot;
    over[i] = (slope - h0 * (over[i - 1] ?? 0)) / pivot;
  }
  const bend = new Array<number>(n).fill(0);
  for (let i = n - 2; i > 0; i--) bend[i] = (over[i] ?? 0) - (under[i] ?? 0) * (bend[i + 1] ?? 0);
  return bend;
}

/**
 * A smooth curve through points, as a line of many: a natural cubic spline over the length between them.
 *
 * @example through([[0, 0], [10, 0]]) // the two points and those between them
 */
export function smoothThrough(points: readonly Point[]): Point[] {
  const apart = points.filter((p, i) => i === 0 || Math.hypot(p[0] - (points[i - 1]?.[0] ?? 0), p[1] - (points[i - 1]?.[1] ?? 0)) > 1e-9);
  const [first] = apart;
  if (!first || apart.length < 3) return [...apart];
  const at = [0];
  for (let i = 1; i < apart.length; i++)
    at.push((at[i - 1] ?? 0) + Math.hypot((apart[i]?.[0] ?? 0) - (apart[i - 1]?.[0] ?? 0), (apart[i]?.[1] ?? 0) - (apart[i - 1]?.[1] ?? 0)));
  const axes = ([0, 1] as const).map((axis) => {
    const values = apart.map((p) => p[axis]);
    return { values, bend: bends(at, values) };
  });
  const line: Point[] = [first];
  for (let i = 0; i + 1 < apart.length; i++) {
    const h = (at[i + 1] ?? 0) - (at[i] ?? 0);
    for (let k = 1; k <= STEPS; k++) {
      const b = k / STEPS;
      const a = 1 - b;
      const [x = 0, y = 0] = axes.map(
        ({ values, bend }) =>
          a * (values[i] ?? 0) + b * (values[i + 1] ?? 0) + (((a ** 3 - a) * (bend[i] ?? 0) + (b ** 3 - b) * (bend[i + 1] ?? 0)) * h * h) / 6,
      );
      line.push([x, y]);
    }
  }
  return line;
}
