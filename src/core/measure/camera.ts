import type { Point } from '../units/polygon';

/**
 * How a flat table is seen in a picture. A place in the picture is first freed of the lens: `u·(1 + k1·r² + k2·r⁴)`, from the middle of the picture
 * and in half its diagonal; then a homography with 1 as its last number takes it to the table, cm. Eight numbers of the homography, row by row,
 * then k1 and k2.
 */
export type View = readonly [number, number, number, number, number, number, number, number, number, number];
export const VIEW_LENGTH = 10;

/** The size of the picture that a view belongs to, px. */
export interface Frame {
  readonly width: number;
  readonly height: number;
}

/** Half the diagonal of a picture, px: the unit of its lens. */
export const halfDiagonal = ({ width, height }: Frame): number => Math.hypot(width, height) / 2;

/** A place in the picture freed of its lens, from the middle in half diagonals. */
function freed(view: ArrayLike<number>, frame: Frame, x: number, y: number): Point {
  const unit = halfDiagonal(frame);
  const [u, v] = [(x - frame.width / 2) / unit, (y - frame.height / 2) / unit];
  const r2 = u * u + v * v;
  const s = 1 + (view[8] ?? 0) * r2 + (view[9] ?? 0) * r2 * r2;
  return [u * s, v * s];
}

/** Where a place in the picture lies on the table, cm. */
export function onTable(view: ArrayLike<number>, frame: Frame, [x, y]: Point): Point {
  const [u, v] = freed(view, frame, x, y);
  const w = (view[6] ?? 0) * u + (view[7] ?? 0) * v + 1;
  return [((view[0] ?? 0) * u + (view[1] ?? 0) * v + (view[2] ?? 0)) / w, ((view[3] ?? 0) * u + (view[4] ?? 0) * v + (view[5] ?? 0)) / w];
}

/** The homography the other way round: the adjugate, which is the inverse up to a factor that falls out. */
export function backwards(h: ArrayLike<number>): number[] {
  const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, k = 0] = Array.from(h);
  return [e - f * k, c * k - b, b * f - c * e, f * g - d, a - c * g, c * d - a * f, d * k - e * g, b * g - a * k, a * e - b * d];
}

/** Where a place on the table is seen in the picture, px. */
export function inPicture(view: ArrayLike<number>, frame: Frame, [x, y]: Point): Point {
  const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, k = 0, i = 0] = backwards(view);
  const w = g * x + k * y + i;
  const [u, v] = [(a * x + b * y + c) / w, (d * x + e * y + f) / w];
  // The lens the other way round, by Newton's method along the ray from the middle.
  const [k1, k2] = [view[8] ?? 0, view[9] ?? 0];
  const wanted = Math.hypot(u, v);
  let r = wanted;
  for (let n = 0; n < 12; n++) {
    const r2 = r * r;
    const off = r * (1 + k1 * r2 + k2 * r2 * r2) - wanted;
    const slope = 1 + 3 * k1 * r2 + 5 * k2 * r2 * r2;
    if (Math.abs(slope) < 1e-6) break;
    r -= off / slope;
    if (Math.abs(off) < 1e-12) break;
  }
  const by = wanted === 0 ? 1 : r / wanted;
  const unit = halfDiagonal(frame);
  return [frame.width / 2 + u * by * unit, frame.height / 2 + v * by * unit];
}

/** How many cm a pixel is at a place: along each axis of the picture. */
export function cmPerPixel(view: ArrayLike<number>, frame: Frame, [x, y]: Point): readonly [Point, Point] {
  const step = 0.5;
  const slope = (dx: number, dy: number): Point => {
    const [ax, ay] = onTable(view, frame, [x + dx, y + dy]);
    const [bx, by] = onTable(view, frame, [x - dx, y - dy]);
    return [(ax - bx) / (2 * step), (ay - by) / (2 * step)];
  };
  return [slope(step, 0), slope(0, step)];
}
