/**
 * A function followed between the points of an even table by a cubic (Catmull and Rom).
 *
 * @param values of the function at each point
 * @param at a place along the table; its two neighbours on either side are read, and the last stands in where there is none
 */
export function cubicAt(values: Float64Array, at: number): number {
  const i = Math.floor(at);
  const t = at - i;
  const last = values.length - 1;
  const a = values[i > 0 ? i - 1 : 0]!;
  const b = values[i]!;
  const c = values[i < last ? i + 1 : last]!;
  const d = values[i < last - 1 ? i + 2 : last]!;
  return b + 0.5 * t * (c - a + t * (2 * a - 5 * b + 4 * c - d + t * (3 * (b - c) + d - a)));
}
