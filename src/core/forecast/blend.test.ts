import fc from 'fast-check';
import type { ZoneId } from '../body/zones';
import { blendOf, cutOfBlend } from './blend';

const ZONES: readonly ZoneId[] = ['shoulder', 'bust', 'waist', 'hip'];
const SIZES = ['A', 'B', 'C', 'D'];
const of = (...rows: readonly (readonly number[])[]) => new Map(rows.map((row, i) => [ZONES[i]!, row]));

describe('a blend as it is cut', () => {
  const zone = (zoneId: ZoneId, size: string) => ({ zone: zoneId, size, chance: 0.9, ofSize: [] });

  test('the size most places want, and a line for each other', () => {
    expect(cutOfBlend([zone('shoulder', 'B'), zone('bust', 'C'), zone('waist', 'C')])).toEqual({
      size: { size: 'C' },
      sizeLines: [{ zone: 'shoulder', line: { size: 'B' } }],
    });
  });

  test('of two wanted alike the one higher up; nothing without a blend', () => {
    expect(cutOfBlend([zone('bust', 'B'), zone('hip', 'D')]).size).toEqual({ size: 'B' });
    expect(cutOfBlend([])).toEqual({ sizeLines: [] });
  });
});

describe('a blend down the body', () => {
  test('each zone its best size, where the step is worth it', () => {
    const blend = blendOf(of([0.9, 0.3, 0.1, 0.1], [0.2, 0.9, 0.3, 0.1], [0.1, 0.2, 0.9, 0.2]), SIZES);
    expect(blend.map((z) => [z.zone, z.size, z.chance])).toEqual([
      ['shoulder', 'A', 0.9],
      ['bust', 'B', 0.9],
      ['waist', 'C', 0.9],
    ]);
  });

  test('a step that gains less than exp(0.35) is not taken: one size for all', () => {
    const blend = blendOf(of([0.9, 0.7, 0.1, 0.1], [0.7, 0.9, 0.1, 0.1]), SIZES);
    expect(new Set(blend.map((z) => z.size)).size).toBe(1);
  });

  test('a zone that no size helps goes with its neighbours', () => {
    const blend = blendOf(of([0.1, 0.1, 0.9, 0.1], [0.09, 0.04, 0.01, 0], [0.1, 0.1, 0.9, 0.1]), SIZES);
    expect(blend.map((z) => z.size)).toEqual(['C', 'C', 'C']);
  });

  test('nothing to blend', () => expect(blendOf(new Map(), SIZES)).toEqual([]));

  test('is the cheapest of all ways through the sizes', () => {
    const row = fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 4, maxLength: 4 });
    fc.assert(
      fc.property(fc.array(row, { minLength: 1, maxLength: 4 }), (rows) => {
        const cost = (path: readonly number[]) =>
          path.reduce((sum, p, i) => sum - Math.log(Math.max(rows[i]![p]!, 0.1)) + (i === 0 ? 0 : 0.35 * Math.abs(p - path[i - 1]!)), 0);
        let paths: number[][] = [[]];
        for (const _ of rows) paths = paths.flatMap((path) => SIZES.map((_size, p) => [...path, p]));
        const found = blendOf(of(...rows), SIZES).map((z) => SIZES.indexOf(z.size));
        expect(cost(found)).toBeCloseTo(Math.min(...paths.map(cost)), 9);
      }),
    );
  });
});
