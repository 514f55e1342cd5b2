import fc from 'fast-check';
import { gammaBelow, gammaPoint } from './gamma';

/** Reference values: scipy.stats.gamma, version 1.10. */
describe('the Gamma distribution', () => {
  test.each([
    [0.5, 1, 0.007895387, 0.2274682116, 1.352771727],
    [1.5, 1, 0.2921871871, 1.1829869422, 3.1256943156],
    [4, 2, 0.8723847814, 1.8360303744, 3.3403915341],
    [12, 3.5, 2.2369548646, 3.3338180437, 4.7423206127],
    [58.7, 14.2, 3.4591700669, 4.1103524839, 4.8385832281],
    [300, 20, 13.9013998576, 14.9833366295, 16.1200111425],
  ])('shape %d, rate %d: the points of 10, 50 and 90 %%', (shape, rate, low, middle, high) => {
    expect(gammaPoint(shape, rate, 0.1)).toBeCloseTo(low, 8);
    expect(gammaPoint(shape, rate, 0.5)).toBeCloseTo(middle, 8);
    expect(gammaPoint(shape, rate, 0.9)).toBeCloseTo(high, 8);
  });

  test.each([
    [0.5, 0.5204998778130466, 0.6826894921370859, 0.8427007929497151],
    [4, 0.14287653950145296, 0.566529879633291, 0.957619888008316],
    [58.7, 1.201593982429658e-6, 0.5173583841225503, 0.9999999992423934],
  ])('shape %d: below half the mean, the mean, twice the mean', (shape, half, mean, twice) => {
    expect(gammaBelow(shape, shape / 2)).toBeCloseTo(half, 12);
    expect(gammaBelow(shape, shape)).toBeCloseTo(mean, 12);
    expect(gammaBelow(shape, 2 * shape)).toBeCloseTo(twice, 12);
  });

  test('nothing lies below nothing', () => expect(gammaBelow(3, 0)).toBe(0));

  test('a point and its share answer each other', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.3, max: 400, noNaN: true }), fc.double({ min: 0.01, max: 0.99, noNaN: true }), (shape, share) => {
        expect(gammaBelow(shape, gammaPoint(shape, 1, share))).toBeCloseTo(share, 9);
      }),
    );
  });
});
