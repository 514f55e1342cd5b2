import fc from 'fast-check';
import { logNormal, phi, phiBetween } from './normal';

describe('the normal distribution', () => {
  // Values of a statistics package, to fifteen figures.
  test.each([
    [0, 0.5],
    [-0.3, 0.382088577811047],
    [1, 0.841344746068543],
    [-1.96, 0.0249978951482204],
    [2, 0.97724986805182],
    [-3.5, 0.000232629079035525],
    [-6, 9.86587645037694e-10],
    [-8, 6.2209605742718e-16],
  ])('Φ(%d) is %d', (z, expected) => {
    expect(phi(z) / expected).toBeCloseTo(1, 12);
  });

  test('a distribution function: rises, and both tails together are 1', () => {
    fc.assert(
      fc.property(fc.double({ min: -12, max: 12, noNaN: true }), fc.double({ min: 0, max: 3, noNaN: true }), (z, up) => {
        expect(phi(z + up)).toBeGreaterThanOrEqual(phi(z) - 1e-15);
        expect(phi(z) + phi(-z)).toBeCloseTo(1, 14);
      }),
    );
  });

  test('differences keep their figures in the upper tail, where both ends are nearly 1', () => {
    expect(phiBetween(6, 7) / phiBetween(-7, -6)).toBeCloseTo(1, 12);
    expect(phiBetween(6, 7)).toBeGreaterThan(9e-10);
    expect(phiBetween(-Infinity, Infinity)).toBe(1);
    expect(phiBetween(-Infinity, 0)).toBe(0.5);
  });

  test('the log density', () => {
    expect(logNormal(0, 1)).toBeCloseTo(-0.918938533204673, 12);
    expect(logNormal(2, 2)).toBeCloseTo(-0.918938533204673 - 0.5 - Math.log(2), 12);
  });
});
