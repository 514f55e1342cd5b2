/** What a list needs for its items to be asked for by place. */
type Places<Item> = { readonly length: number; readonly [place: number]: Item };

const nothingThere = (place: number, length: number) => new RangeError(`There is nothing at place ${place} of a list of ${length}.`);

/**
 * The item of a list at a place where there must be one; a wrong place is an error at once, and no `undefined` later.
 *
 * @param list anything with places: an array, a tuple, a row of cells
 * @param place counted from 0
 * @throws RangeError when the list has no such place
 * @example itemAt(['S', 'M', 'L'], 1) // 'M'
 */
export function itemAt<Item>(list: Places<Item>, place: number): Item {
  if (!(place >= 0 && place < list.length)) throw nothingThere(place, list.length);
  return list[place] as Item; // the check above is the proof; the item itself may be undefined where the list's type says so
}

/**
 * The first item of a list that cannot be empty.
 *
 * @throws RangeError when it is empty
 * @example firstOf(['S', 'M', 'L']) // 'S'
 */
export const firstOf = <Item>(list: Places<Item>): Item => itemAt(list, 0);

/**
 * The last item of a list that cannot be empty.
 *
 * @throws RangeError when it is empty
 * @example lastOf(['S', 'M', 'L']) // 'L'
 */
export const lastOf = <Item>(list: Places<Item>): Item => itemAt(list, list.length - 1);

/**
 * The number at a place of a grid: {@link itemAt} for typed arrays, apart from it so that the compiler of the browser sees one
 * kind of array only; the belief grids read tens of millions of them.
 *
 * @throws RangeError when the grid has no such place
 * @example numberAt(Float64Array.of(0.2, 0.8), 1) // 0.8
 */
export function numberAt(grid: Float64Array, place: number): number {
  const value = grid[place];
  if (value === undefined) throw nothingThere(place, grid.length);
  return value;
}
