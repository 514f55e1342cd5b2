import fc from 'fast-check';
import { expOf } from './exp';

test('to fourteen figures wherever a number has as many', () => {
  expect(expOf(0)).toBe(1);
  fc.assert(
    fc.property(fc.double({ min: -700, max: 0, noNaN: true }), (x) => {
      expect(Math.abs(expOf(x) / Math.exp(x) - 1)).toBeLessThan(1e-13);
    }),
    { numRuns: 1000 },
  );
});

test('down to nothing', () => {
  expect(expOf(-744) / Math.exp(-744)).toBeCloseTo(1, 1);
  expect(expOf(-800)).toBe(0);
  expect(expOf(-Infinity)).toBe(0);
});
