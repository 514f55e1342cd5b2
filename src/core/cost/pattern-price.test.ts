import fc from 'fast-check';
import type { Collection } from '../records';
import { patternPrice } from './pattern-price';

const book = (minor: number): Collection => ({ id: 'book', name: 'Harbour Quarterly 14', kind: 'magazine issue', price: { minor, currency: 'EUR' } });
const from = (id: string, rest: object = {}) => ({ id, collectionId: 'book', ...rest });

test('the parts are the whole price to the last cent, and differ by one at the most', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 10_000 }), fc.integer({ min: 1, max: 30 }), (minor, n) => {
      const patterns = Array.from({ length: n }, (_, i) => from(`p${i}`));
      const parts = patterns.map((p) => patternPrice(p, patterns, [book(minor)])!.minor);
      expect(parts.reduce((a, b) => a + b, 0)).toBe(minor);
      expect(Math.max(...parts) - Math.min(...parts)).toBeLessThanOrEqual(1);
    }),
  );
});

test('a price of its own goes before, and takes no part of the book', () => {
  const dear = from('dear', { price: { minor: 1200, currency: 'EUR' } });
  expect(patternPrice(dear, [dear, from('a')], [book(990)])?.minor).toBe(1200);
  expect(patternPrice(from('a'), [dear, from('a')], [book(990)])?.minor).toBe(990);
});

test('without a price nothing is known, and never nothing to pay', () => {
  expect(patternPrice(from('a'), [from('a')], [{ id: 'book', name: 'a gift', kind: 'book' }])).toBeUndefined();
  expect(patternPrice({ id: 'a' }, [{ id: 'a' }], [book(990)])).toBeUndefined();
});
