import fc from 'fast-check';
import { addLogBand, FAR } from './log-band';
import { phiBetween } from './normal';

const FLOOR = Math.log(1e-12);
const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** The log chance round one point. */
function logBand(z: number, half: number): number {
  const values = new Float64Array(1);
  addLogBand(values, 0, 1, z, 1, half, FLOOR);
  return values[0]!;
}

test('from tables it is what it is worked out, to a ten-thousandth of the chance, however wide the band', () => {
  fc.assert(
    fc.property(number(-1, 1), number(-3, 12), (where, logHalf) => {
      const half = Math.exp(logHalf);
      const z = where * (half + FAR);
      const exact = Math.log(phiBetween(-half - z, half - z));
      if (exact > FLOOR + 0.1) expect(Math.abs(logBand(z, half) - exact)).toBeLessThan(2e-4);
      else expect(logBand(z, half)).toBeLessThan(FLOOR + 0.2);
    }),
    { numRuns: 2000 },
  );
});

test('no less than the floor, nothing well inside a wide band, and the same on both sides', () => {
  expect(logBand(FAR + 0.4, 0.4)).toBe(FLOOR);
  expect(logBand(3, 20)).toBe(0);
  expect(logBand(1e6 - 1, 1e6)).toBeCloseTo(Math.log(phiBetween(-Infinity, 1)), 4);
  expect(logBand(-2.3, 1.1)).toBe(logBand(2.3, 1.1));
});

test('a row of points is added to what is there, point by point', () => {
  const row = new Float64Array(9).fill(5);
  addLogBand(row, 2, 7, -4, 0.5, 1.5, FLOOR);
  expect([...row]).toEqual([5, 5, ...[2, 3, 4, 5, 6].map((k) => 5 + logBand(-4 + k * 0.5, 1.5)), 5, 5]);
});
