import { sharpness } from '../garment/sharpness';
import fc from 'fast-check';
import type { Outcome, Seen } from '../records';
import { outcomeTails, type Observation } from './likelihood';
import { logLikelihoodAt } from '../garment/sample-case';

const edges = [2, 5, 9] as const;
const seen = (x: number, outcome: Outcome, rest: Partial<Observation> = {}): Observation => ({ x, outcome, edges, observer: 1, garment: 0, ...rest });
const OUTCOMES: readonly Outcome[] = [-3, -2, -1, 0, 1, 2, 3];

describe('how sharp a look is', () => {
  test.each<[Seen, number]>([
    [{ at: 'tryOn' }, 1.3],
    [{ at: 'firstDay' }, 1.3],
    [{ at: 'worn', wears: 1 }, 1.15],
    [{ at: 'worn', wears: 2 }, 1.15],
    [{ at: 'worn', wears: 3 }, 1],
    [{ at: 'worn', wears: 9 }, 1],
    [{ at: 'worn', wears: 10 }, 0.7],
  ])('%o counts with k = %d', (when, k) => {
    expect(sharpness(when, false)).toBe(k);
  });

  test('over another layer it is a try-on, however often worn', () => {
    expect(sharpness({ at: 'worn', wears: 40 }, true)).toBe(1.3);
  });
});

describe('what an outcome says', () => {
  test('the seven outcomes share out all that can be noted', () => {
    fc.assert(
      fc.property(fc.double({ min: -15, max: 15, noNaN: true }), fc.double({ min: 0.3, max: 4, noNaN: true }), (theta, observer) => {
        const sum = OUTCOMES.reduce<number>((total, outcome) => total + Math.exp(logLikelihoodAt(seen(0, outcome, { observer }))(theta)), 0);
        expect(Math.abs(sum - 1)).toBeLessThan(1e-4);
      }),
    );
  });

  test('right is likeliest where the garment was cut at the ideal', () => {
    const right = logLikelihoodAt(seen(3, 0));
    expect(right(3)).toBeGreaterThan(right(4));
    expect(right(3)).toBeGreaterThan(right(2));
    expect(right(4)).toBeCloseTo(right(2), 5);
  });

  test('tight says that more is wanted, loose that less is', () => {
    expect(logLikelihoodAt(seen(0, -2))(4)).toBeGreaterThan(logLikelihoodAt(seen(0, -2))(-4));
    expect(logLikelihoodAt(seen(0, 2))(-4)).toBeGreaterThan(logLikelihoodAt(seen(0, 2))(4));
  });

  test('no note rules a cut out for good: the floor', () => {
    expect(logLikelihoodAt(seen(0, -3))(-500)).toBeCloseTo(Math.log(1e-12), 9);
  });

  test('doubt about the garment widens what is possible', () => {
    const sharp = logLikelihoodAt(seen(0, 0));
    const doubtful = logLikelihoodAt(seen(0, 0, { garment: 3 }));
    expect(doubtful(6)).toBeGreaterThan(sharp(6));
    expect(doubtful(0)).toBeLessThan(sharp(0));
  });
});

describe('an amount', () => {
  test('short by 3 points at a garment 3 cm longer', () => {
    const by3 = logLikelihoodAt(seen(0, -2, { amount: 3, edges: [1, 2.5, 5] }));
    expect(by3(3)).toBeGreaterThan(by3(1.5));
    expect(by3(3)).toBeGreaterThan(by3(6));
  });

  test('is ignored where the outcome is right', () => {
    expect(logLikelihoodAt(seen(0, 0, { amount: 3 }))(1)).toBe(logLikelihoodAt(seen(0, 0))(1));
  });
});

describe('tails', () => {
  test('at most and at least overlap by the outcome itself', () => {
    for (const outcome of OUTCOMES) {
      const { atMost, atLeast } = outcomeTails(seen(1, outcome), 0.4);
      expect(atMost + atLeast - 1).toBeCloseTo(Math.exp(logLikelihoodAt(seen(1, outcome))(0.4)), 4);
    }
  });
});
