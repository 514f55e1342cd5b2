import fc from 'fast-check';
import { hardlyBelievable, withDoubts } from './hardly-believable';
import type { Degree, Observation } from './likelihood';
import { logLikelihoodAt } from '../garment/sample-case';
import { Memory } from './belief-tree';
import { quantile, posteriorOf } from './posterior';

const note = (x: number, outcome: Degree, rest: Partial<Observation> = {}): Observation => ({
  x,
  outcome,
  edges: [2, 5, 9],
  observer: 1,
  garment: 0,
  ...rest,
});
/** Right at 6 three times; then the one note. */
const withSlip = (slip: Observation) => [note(6, 0), note(6, 0), note(6, 0), slip];

test('a note that the others make hardly believable is found; the others are not', () => {
  const tails = hardlyBelievable(withSlip(note(0, 2)), 5);
  expect(tails.slice(0, 3)).toEqual([undefined, undefined, undefined]);
  expect(tails[3]).toBeLessThan(0.01);
  expect(hardlyBelievable([note(0, -2), note(8, 1)], 5)).toEqual([undefined, undefined]);
});

test('a slip no longer moves the best cut as it did: the others outvote it', () => {
  const middle = (notes: readonly Observation[]) => quantile(posteriorOf(notes, 5), 0.5);
  // Noted as loose where it was tight, and right when 6 cm were added.
  const sign = [note(0, 2), note(6, 0)];
  expect(middle(sign)).toBeLessThan(0);
  expect(middle(withDoubts(sign, 5))).toBeCloseTo(6.2, 1);
  // Twice right, then a step too far.
  const step = [note(4, 0), note(4, 0), note(4, -2)];
  expect(middle(withDoubts(step, 5))).toBeLessThan(middle(step) - 1);
});

test.each<[Degree, readonly Degree[]]>([
  [0, [-1, 1]],
  [2, [-2, 1, 3]],
  [-3, [3, -2]],
])('what a note of %i may have meant: the other sign or one step', (outcome, meant) => {
  const doubted = note(0, outcome, { doubted: true });
  for (const theta of [-12, -6, -3, 0, 3, 6, 12]) {
    const chance = (of: Observation) => Math.exp(logLikelihoodAt(of)(theta));
    const mixed = meant.reduce((sum, m) => sum + (0.05 / meant.length) * chance(note(0, m)), 0.95 * chance(note(0, outcome)));
    expect(chance(doubted)).toBeCloseTo(mixed, 9);
  }
});

test('an amount goes with what was meant: with the other sign it is as much the other way', () => {
  const doubted = note(0, 2, { doubted: true, amount: 4 });
  expect(logLikelihoodAt(doubted)(4)).toBeGreaterThan(logLikelihoodAt(note(0, 2, { amount: 4 }))(4) + 5);
});

test('memory over the tree and the pattern alone read a doubted note alike', () => {
  const observations = withDoubts(withSlip(note(0, 2, { amount: 6 })), 5);
  // One pattern, all spread its own: the tree is nothing but its prior.
  const memory = new Memory([{ id: 'p', designer: 'd', group: 'g', observations }], { person: 4, fitClass: 0, designer: 0, pattern: 3 });
  expect(quantile(memory.pattern('p'), 0.5)).toBeCloseTo(quantile(posteriorOf(observations, 5), 0.5), 1);
});

test('notes that some θ makes comfortable are never doubted, and fewer than two never', () => {
  fc.assert(
    fc.property(
      fc.double({ min: -6, max: 6, noNaN: true }),
      fc.array(fc.integer({ min: -10, max: 10 }), { minLength: 1, maxLength: 6 }),
      (theta, xs) => {
        // Noted exactly as they are, each well within its band.
        const notes = xs.flatMap((x) => {
          const off = x - theta;
          const size = [2, 5, 9].filter((t) => Math.abs(off) > t).length;
          const clear = [2, 5, 9].every((t) => Math.abs(Math.abs(off) - t) > 0.8);
          return clear ? [note(x, (Math.sign(off) * size || 0) as Degree)] : [];
        });
        expect(withDoubts(notes, 5)).toBe(notes);
      },
    ),
  );
});
