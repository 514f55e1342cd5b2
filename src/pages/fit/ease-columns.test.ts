import fc from 'fast-check';
import { columnsOf, LIKINGS } from './ease-columns';

test('garments are counted by step of ease and by how they are liked', () => {
  const columns = columnsOf(
    [
      { ease: 4.2, liking: 'loved' },
      { ease: 4.9, liking: 'not loved' },
      { ease: 4, liking: 'loved' },
      { ease: -0.1, liking: 'unsaid' },
      { ease: 5, liking: 'liked' },
    ],
    1,
  );
  expect(columns).toEqual([
    { from: -1, to: 0, all: 1, counts: { loved: 0, liked: 0, 'not loved': 0, unsaid: 1 } },
    { from: 4, to: 5, all: 3, counts: { loved: 2, liked: 0, 'not loved': 1, unsaid: 0 } },
    { from: 5, to: 6, all: 1, counts: { loved: 0, liked: 1, 'not loved': 0, unsaid: 0 } },
  ]);
});

test('what is lost in reckoning moves no garment over an edge', () => {
  expect(columnsOf([{ ease: 0.1 + 0.2 - 1e-16, liking: 'loved' }], 0.1)[0]?.from).toBeCloseTo(0.3);
});

test('every garment is in one column, whatever the step', () => {
  const dot = fc.record({ ease: fc.double({ min: -30, max: 60, noNaN: true }), liking: fc.constantFrom(...LIKINGS) });
  fc.assert(
    fc.property(fc.array(dot, { maxLength: 60 }), fc.constantFrom(0.2, 0.5, 1, 2, 5), (dots, step) => {
      const columns = columnsOf(dots, step);
      for (const liking of LIKINGS)
        expect(columns.reduce((sum, { counts }) => sum + counts[liking], 0)).toBe(dots.filter((d) => d.liking === liking).length);
      expect(columns.reduce((sum, { all }) => sum + all, 0)).toBe(dots.length);
      expect(columns.map(({ from }) => from)).toEqual(columns.map(({ from }) => from).toSorted((a, b) => a - b));
    }),
  );
});
