import type { Point, Polygon } from './polygon';

/** A curve from one point to another that starts towards the first control point and arrives from the second, without its first point. */
export function curve([x0, y0]: Point, [x1, y1]: Point, [x2, y2]: Point, [x3, y3]: Point, steps = 8): Point[] {
  return Array.from({ length: steps }, (_, k): Point => {
    const t = (k + 1) / steps;
    const u = 1 - t;
    const [a, b, c, d] = [u ** 3, 3 * u ** 2 * t, 3 * u * t ** 2, t ** 3];
    return [a * x0 + b * x1 + c * x2 + d * x3, a * y0 + b * y1 + c * y2 + d * y3];
  });
}

/** Length of a line from point to point, cm. */
export function lengthOf(line: readonly Point[]): number {
  return line.reduce((sum, [x, y], i) => {
    const [px, py] = line[i - 1] ?? [x, y];
    return sum + Math.hypot(x - px, y - py);
  }, 0);
}

/** Length all round an outline, cm. */
export const lengthRound = (outline: Polygon): number => lengthOf([...outline, ...outline.slice(0, 1)]);

/** Where a line at a height runs within an outline, from left to right, cm. */
export function chordsAt(outline: Polygon, y: number): (readonly [from: number, to: number])[] {
  const met = outline
    .flatMap(([ax, ay], i) => {
      const [bx, by] = outline[(i + 1) % outline.length] ?? [ax, ay];
      return ay <= y === by <= y ? [] : [ax + ((y - ay) / (by - ay)) * (bx - ax)];
    })
    .sort((a, b) => a - b);
  return met.flatMap((from, i) => {
    const to = met[i + 1];
    return i % 2 === 0 && to !== undefined ? [[from, to] as const] : [];
  });
}

/** How wide an outline is at a height, cm; 0 above and below it. */
export function widthAt(outline: Polygon, y: number): number {
  const chords = chordsAt(outline, y);
  const [first, last] = [chords[0], chords.at(-1)];
  return first && last ? last[1] - first[0] : 0;
}

/** A number between two at which something that grows reaches what is wanted. */
export function solved(low: number, high: number, grows: (at: number) => number, wanted: number): number {
  for (let k = 0; k < 60; k++) {
    const middle = (low + high) / 2;
    if (grows(middle) < wanted) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
