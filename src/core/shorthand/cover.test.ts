import fc from 'fast-check';
import { against, bestCovers } from './cover';
import type { Proposal } from './sentence';

const reading = (from: number, to: number, weight: number): Proposal => ({ from, to, weight, says: [{ is: 'words', words: `${from}` }] });

test('the heaviest readings that do not overlap, and what is passed over costs nothing', () => {
  const [best, second] = bestCovers([0, 2, 4, 6], [reading(0, 4, 3), reading(0, 2, 2), reading(2, 6, 2.5), reading(6, 8, 1)]);
  expect(best!.score).toBeCloseTo(5.5);
  expect(best!.readings.map((r) => [r.from, r.to])).toEqual([
    [0, 2],
    [2, 6],
    [6, 8],
  ]);
  expect(second!.score).toBeLessThan(best!.score);
});

test('no cover is better than the best one, and none overlaps', () => {
  const any = fc.array(fc.tuple(fc.integer({ min: 0, max: 9 }), fc.integer({ min: 1, max: 4 }), fc.double({ min: 0.1, max: 5, noNaN: true })), {
    maxLength: 9,
  });
  fc.assert(
    fc.property(any, (spans) => {
      const proposals = spans.map(([from, length, weight]) => reading(from, from + length, weight));
      const covers = bestCovers([0, 1, 2, 3, 4, 5, 6, 7, 8, 9], proposals);
      // Every choice of readings, tried one by one.
      let most = 0;
      for (let mask = 0; mask < 1 << proposals.length; mask++) {
        const chosen = proposals.filter((_, i) => mask & (1 << i)).sort((a, b) => a.from - b.from);
        if (chosen.every((r, i) => i === 0 || r.from >= chosen[i - 1]!.to))
          most = Math.max(
            most,
            chosen.reduce((sum, r) => sum + r.weight, 0),
          );
      }
      expect(covers[0]!.score).toBeCloseTo(most);
    }),
    { numRuns: 60 },
  );
});

test('a make has one size all over and one sign for one change', () => {
  const size = (size: string): Proposal => ({ from: 0, to: 1, weight: 1, says: [{ is: 'size', line: { size } }] });
  const sleeve = (amount: number): Proposal => ({
    from: 0,
    to: 1,
    weight: 1,
    says: [{ is: 'alteration', alteration: { kind: 'sleeve-length', way: 'total', purpose: 'fit', when: 'paper', amount } }],
  });
  expect(against([size('C'), size('C'), sleeve(1), sleeve(2)])).toBe(0);
  expect(against([size('C'), size('D')])).toBeGreaterThan(0);
  expect(against([sleeve(1), sleeve(-2)])).toBeGreaterThan(0);
});
