import fc from 'fast-check';
import { evenRows } from './even-rows';

test('rows are filled evenly: no more rows than are needed, and none with one left over where two would do', () => {
  expect([1, 6, 7, 8, 12, 13].map((count) => evenRows(count, 6))).toEqual([1, 6, 4, 4, 6, 5]);
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 200 }), fc.integer({ min: 2, max: 12 }), (count, most) => {
      const row = evenRows(count, most);
      expect(row).toBeLessThanOrEqual(most);
      expect(Math.ceil(count / row)).toBe(Math.ceil(count / most));
    }),
  );
  expect(evenRows(0, 6)).toBe(1);
});
