import type { Collection, Money, Pattern } from '../records';
import { withId } from '../units/by-id';

/**
 * What a pattern was paid: its own price, else its part of the book, issue or membership that it came in, shared out among the patterns of
 * the ledger that came with it. The parts together are the whole price to the last cent: what is left over goes to the first by their ids.
 *
 * @param patterns all of them, for those that share
 * @returns undefined where nobody said a price
 * @example patternPrice({ id: 'b', collectionId: 'book' }, [{ id: 'a', collectionId: 'book' }, { id: 'b', collectionId: 'book' }], [book]) // half of it
 */
export function patternPrice(
  { id, price, collectionId }: Pick<Pattern, 'id' | 'price' | 'collectionId'>,
  patterns: readonly Pick<Pattern, 'id' | 'price' | 'collectionId'>[],
  collections: readonly Collection[],
): Money | undefined {
  if (price) return price;
  const whole = collectionId === undefined ? undefined : withId(collections, collectionId)?.price;
  if (!whole) return undefined;
  const sharing = patterns.filter((p) => p.collectionId === collectionId && !p.price).map((p) => p.id);
  const place = sharing.sort().indexOf(id);
  if (place < 0) return undefined;
  const part = Math.floor(whole.minor / sharing.length);
  return { minor: part + (place < whole.minor - part * sharing.length ? 1 : 0), currency: whole.currency };
}
