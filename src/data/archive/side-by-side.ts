/** So many pictures are in hand at a time: reading waits for the browser more than for the machine, and few are in memory. */
const AT_ONCE = 6;

/**
 * Works through a list, a few at a time, and gives the results in its order.
 *
 * @throws what the first that fails throws; those under way are waited for
 */
export async function sideBySide<Item, Result>(items: readonly Item[], work: (item: Item, index: number) => Promise<Result>): Promise<Result[]> {
  const results: Result[] = [];
  let next = 0;
  const failures: unknown[] = [];
  const hand = async () => {
    while (next < items.length && failures.length === 0) {
      const index = next++;
      const item = items[index];
      if (item !== undefined) results[index] = await work(item, index);
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, () => hand().catch((error: unknown) => failures.push(error))));
  if (failures.length > 0) throw failures[0];
  return results;
}
