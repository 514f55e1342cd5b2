/** A place on a picture, from its middle, in heights of the picture. */
export interface Place {
  readonly x: number;
  readonly y: number;
}

/** How a second picture is laid over a first: times larger, then moved, in heights of the first. */
export interface Overlay {
  readonly scale: number;
  readonly dx: number;
  readonly dy: number;
}

export const AS_IT_IS: Overlay = { scale: 1, dx: 0, dy: 0 };
/** Pictures of one garment are not taken from so far apart that more would be meant. */
const MOST = 4;

/**
 * Lays a second picture over a first so that what is pinned in both falls together, by least squares and without turning it.
 *
 * @param pairs the same places on the first and on the second picture
 * @returns undefined from fewer than two pairs, or where they lie too close together to tell a scale
 */
export function overlayOf(pairs: readonly (readonly [one: Place, other: Place])[]): Overlay | undefined {
  if (pairs.length < 2) return undefined;
  const mean = (of: (pair: readonly [Place, Place]) => number) => pairs.reduce((sum, pair) => sum + of(pair), 0) / pairs.length;
  const [x1, y1] = [mean(([a]) => a.x), mean(([a]) => a.y)];
  const [x2, y2] = [mean(([, b]) => b.x), mean(([, b]) => b.y)];
  let across = 0;
  let spread = 0;
  for (const [a, b] of pairs) {
    across += (a.x - x1) * (b.x - x2) + (a.y - y1) * (b.y - y2);
    spread += (b.x - x2) ** 2 + (b.y - y2) ** 2;
  }
  if (spread < 1e-4) return undefined;
  const scale = across / spread;
  if (!(scale > 1 / MOST && scale < MOST)) return undefined;
  return { scale, dx: x1 - scale * x2, dy: y1 - scale * y2 };
}
