/**
 * What changes where things are put in another order: each that has another place than before, as it was and as it will be.
 *
 * @param ids of all of them, in the new order
 */
export function reordered<T extends { readonly id: string; readonly place: number }>(
  all: readonly T[],
  ids: readonly string[],
): { from: T; to: T }[] {
  return ids
    .map((id) => all.find((one) => one.id === id)!)
    .flatMap((from, place) => (from.place === place ? [] : [{ from, to: { ...from, place } }]));
}
