/** Adds an item to those of its key, which begin with it: grouping that costs no more for thousands of items than for a few. */
export function addToGroup<Key, Item>(groups: Map<Key, Item[]>, key: Key, item: Item): void {
  const found = groups.get(key);
  if (found) found.push(item);
  else groups.set(key, [item]);
}
