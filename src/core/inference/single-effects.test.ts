import fc from 'fast-check';
import { seeded } from '../units/seeded';
import { findings, singleEffects, USUAL_PRIOR, type Seen } from './single-effects';

/** Things with some columns, of which the first moves y by `effect`. */
function things(count: number, columns: number, effect: number, seed: number, twin = false): Seen[] {
  const chance = seeded(seed);
  return Array.from({ length: count }, () => {
    const x = Array.from({ length: columns }, () => Number(chance() < 0.5));
    if (twin) x[1] = x[0] ?? 0;
    return { y: effect * (x[0] ?? 0) + (chance() - 0.5), own: 0.05, x };
  });
}

test('one column that moves everything is found, with its size', () => {
  const told = singleEffects(things(60, 15, 1, 3), { ...USUAL_PRIOR, between: 0.1 });
  expect(told.inclusion[0]).toBeGreaterThan(0.99);
  expect(Math.max(...told.inclusion.slice(1))).toBeLessThan(0.5);
  const [first, ...more] = findings(told, () => true);
  expect(more).toEqual([]);
  expect(first).toMatchObject({ columns: [0], clear: true });
  expect(first?.low).toBeLessThan(1);
  expect(first?.high).toBeGreaterThan(0.8);
});

test('two that are the same cannot be told apart: both are named, and neither alone', () => {
  const [first] = findings(singleEffects(things(60, 15, 1, 3, true), { ...USUAL_PRIOR, between: 0.1 }), () => true);
  expect(first?.columns.toSorted((a, b) => a - b)).toEqual([0, 1]);
  expect(first?.clear).toBe(true);
});

test('of two of which one is there where the other lacks, the lack of the second is named, and the size is that of the first', () => {
  const opposite = things(60, 15, 1, 3).map((t) => ({ ...t, x: [t.x[0] ?? 0, 1 - (t.x[0] ?? 0), ...t.x.slice(2)] }));
  const [first] = findings(singleEffects(opposite, { ...USUAL_PRIOR, between: 0.1 }), () => true);
  expect(first?.columns.toSorted((a, b) => a - b)).toEqual([0, 1]);
  expect(first?.lacking).toEqual([first?.columns[1]]);
  expect(Math.abs(first?.middle ?? 0)).toBeGreaterThan(0.7);
  expect((first?.low ?? 0) * (first?.high ?? 0)).toBeGreaterThan(0);
});

test('by hand: one column, one effect, is the usual ratio of what is explained', () => {
  const seen: Seen[] = [1, 1, 0, 0].map((x, i) => ({ y: x + (i % 2) * 0.2, own: 0.5, x: [x] }));
  const prior = { ...USUAL_PRIOR, effects: 1, between: 0.5, estimatedFrom: Infinity };
  const { effects, inclusion } = singleEffects(seen, prior);
  // Weights of one; the column centred is ±½, its square sums to one, its product with y to one.
  const spread = 1 / (1 + 1 / 0.25);
  expect(effects[0]?.mean[0]).toBeCloseTo(spread * 1, 10);
  const bayes = 0.95 * Math.sqrt(spread / 0.25) * Math.exp((spread * 1) / 2);
  expect(inclusion[0]).toBeCloseTo(bayes / (bayes + 0.05), 10);
});

test('what may not be spoken of is not, whatever its chance; nothing is said of nothing', () => {
  expect(findings(singleEffects(things(60, 15, 1, 3)), (c) => c !== 0)).toEqual([]);
  expect(findings(singleEffects([]), () => true)).toEqual([]);
});

test('properties: chances are chances, the other way round the effect is turned, and it comes to rest', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 1e6 }), fc.double({ min: -1, max: 1, noNaN: true }), (seed, effect) => {
      const seen = things(40, 5, effect, seed);
      const [there, back] = [singleEffects(seen), singleEffects(seen.map((s) => ({ ...s, y: -s.y })))];
      there.inclusion.forEach((chance, j) => {
        expect(chance).toBeGreaterThanOrEqual(0);
        expect(chance).toBeLessThanOrEqual(1);
        expect(back.inclusion[j]).toBeCloseTo(chance, 6);
      });
      for (const { at } of there.effects) expect(at.reduce((a, b) => a + b, 0)).toBeLessThanOrEqual(1 + 1e-9);
      expect(there.turns).toBeLessThan(500);
    }),
    { numRuns: 40 },
  );
});
