import { lengthOf, lengthRound } from '../units/curve';
import { alongGrain, areaOf, boundsOf, type Point } from '../units/polygon';
import { halfDiagonal, onTable, VIEW_LENGTH } from './camera';
import type { Reckoned } from './reckon';
import { smoothThrough } from './spline';

/** What is drawn in a picture to measure it. */
export const MARK_KINDS = ['line', 'curve', 'outline'] as const;
export type MarkKind = (typeof MARK_KINDS)[number];

/** A length, or an area, with its doubt: the truth lies within ± of it nine times in ten. */
export interface Doubted {
  readonly value: number;
  readonly doubt: number;
}

/** What lies thick on the table is nearer to the camera, and seems larger. */
export interface Measuring {
  /** How far the clicks are off, px, one standard deviation. */
  readonly click: number;
  /** How high what is measured may lie above the reference, cm. */
  readonly thick?: number;
}

/** Nine times in ten a normal error is less than so many standard deviations. */
const NINE_IN_TEN = 1.645;
/** A phone's camera sees about so many times as wide as it is far away. Source: the usual main camera, 26 mm as it is counted on film. */
const WIDE_FOR_FAR = 1.38;

/** Marks on the table, cm: a curve as the many points of its spline. */
export function markOnTable({ view, frame }: Pick<Reckoned, 'view' | 'frame'>, kind: MarkKind, points: readonly Point[]): Point[] {
  const placed = points.map((p) => onTable(view, frame, p));
  return kind === 'curve' ? smoothThrough(placed) : placed;
}

/** How far above the table the camera was, roughly, cm: by how much of it the picture shows. */
export function cameraHeight({ view, frame }: Pick<Reckoned, 'view' | 'frame'>): number {
  const middle: Point = [frame.width / 2, frame.height / 2];
  const long = frame.width >= frame.height ? [frame.width / 4, 0] : [0, frame.height / 4];
  const [a, b] = [
    onTable(view, frame, [middle[0] - (long[0] ?? 0), middle[1] - (long[1] ?? 0)]),
    onTable(view, frame, [middle[0] + (long[0] ?? 0), middle[1] + (long[1] ?? 0)]),
  ];
  return (2 * Math.hypot(a[0] - b[0], a[1] - b[1])) / WIDE_FOR_FAR;
}

/**
 * Something worked out of places in a picture, with its doubt: what the view is in doubt, what the clicks are off, and how thick it lies.
 *
 * @param work from places on the table, cm, to the value
 * @param power 1 for a length, 2 for an area: how it grows with the scale
 */
function doubted(
  seen: Reckoned,
  points: readonly Point[],
  { click, thick = 0 }: Measuring,
  work: (placed: Point[]) => number,
  power: number,
): Doubted {
  const { view, frame, covariance } = seen;
  const at = (v: ArrayLike<number>, clicked: readonly Point[]) => work(clicked.map((p) => onTable(v, frame, p)));
  const value = at(view, points);
  const slopes = Array.from({ length: VIEW_LENGTH }, (_, i) => {
    const sd = Math.sqrt(Math.max(0, covariance[i * VIEW_LENGTH + i] ?? 0));
    const step = Math.max(1e-9, sd * 0.01);
    const moved = Array.from(view);
    moved[i] = (moved[i] ?? 0) + step;
    const other = Array.from(view);
    other[i] = (other[i] ?? 0) - step;
    return (at(moved, points) - at(other, points)) / (2 * step);
  });
  let variance = 0;
  for (let i = 0; i < VIEW_LENGTH; i++)
    for (let j = 0; j < VIEW_LENGTH; j++) variance += (slopes[i] ?? 0) * (covariance[i * VIEW_LENGTH + j] ?? 0) * (slopes[j] ?? 0);
  const step = Math.max(0.05, halfDiagonal(frame) * 1e-5);
  points.forEach((_, i) => {
    for (const axis of [0, 1] as const) {
      const moved = points.map((q, j): Point => (i !== j ? q : axis === 0 ? [q[0] + step, q[1]] : [q[0], q[1] + step]));
      variance += (((at(view, moved) - value) / step) * click) ** 2;
    }
  });
  // Anything from nought to the whole thickness: even chances between them.
  variance += ((power * value * thick) / cameraHeight(seen)) ** 2 / 3;
  return { value, doubt: NINE_IN_TEN * Math.sqrt(Math.max(0, variance)) };
}

/** The length of a mark, cm; of an outline all round. */
export const markLength = (seen: Reckoned, kind: MarkKind, points: readonly Point[], measuring: Measuring): Doubted =>
  doubted(
    seen,
    points,
    measuring,
    (placed) => (kind === 'outline' ? lengthRound(placed) : lengthOf(kind === 'curve' ? smoothThrough(placed) : placed)),
    1,
  );

/** What a closed outline says, cm and cm². Its grain runs along the longer side of the picture's table unless it is turned. */
export interface OutlineMeasures {
  readonly round: Doubted;
  readonly length: Doubted;
  readonly width: Doubted;
  readonly area: Doubted;
}

/**
 * What a closed outline is long and wide, and its area.
 *
 * @param grain two places in the picture along which its grain runs; without them along the table's y
 */
export function outlineMeasures(seen: Reckoned, points: readonly Point[], measuring: Measuring, grain?: readonly [Point, Point]): OutlineMeasures {
  const turned = (placed: Point[]): Point[] => {
    if (!grain) return placed;
    const [a, b] = grain.map((p) => onTable(seen.view, seen.frame, p));
    return a && b ? [...alongGrain(placed, [a, b])] : placed;
  };
  const box = (placed: Point[]) => boundsOf(turned(placed));
  return {
    round: markLength(seen, 'outline', points, measuring),
    length: doubted(seen, points, measuring, (p) => box(p).bottom - box(p).top, 1),
    width: doubted(seen, points, measuring, (p) => box(p).right - box(p).left, 1),
    area: doubted(seen, points, measuring, areaOf, 2),
  };
}

/** How far clicks are off that are given as numbers: by their rounding. */
export function clickOfNumbers(numbers: readonly number[]): number {
  const decimals = Math.max(0, ...numbers.map((n) => (String(n).split('.')[1] ?? '').length));
  return 10 ** -Math.min(decimals, 6) / Math.sqrt(12);
}
