/**
 * How many stand in a row, so that the last row is not one left over: as many rows as are needed, filled evenly.
 *
 * @param most in a row
 * @example evenRows(7, 6) // 4: four and three
 */
export function evenRows(count: number, most: number): number {
  return Math.max(1, Math.ceil(count / Math.max(1, Math.ceil(count / most))));
}
