import fc from 'fast-check';
import { SAMPLE_PATTERN, sampleAlteration, sampleCase, sampleFabric, sampleMake } from '../garment/sample-case';
import { blankView } from '../records';
import { shopCard, toBuy } from './shop-card';

const view = {
  ...SAMPLE_PATTERN.views[0]!,
  fabricTable: [
    { width: 140, length: 180 },
    { width: 115, length: 220 },
  ],
};
/** A kind of no usual shape: the table alone says what it takes, and a version is off from it by a twentieth or so. */
const SAFE = Math.exp(1.2816 * 0.05);
const ROUGHLY_SAFE = Math.exp(1.2816 * 0.15);
const pattern = {
  ...SAMPLE_PATTERN,
  kind: 'bag' as const,
  views: [view],
  wants: { structure: 'knit' as const, stretch: 30, weight: 'medium' as const },
};
const made = sampleMake(1, {
  fabrics: [{ id: 'u', fabricId: 'jersey', part: 'main' }],
  notions: [{ id: 'n', what: 'zip 20 cm' }],
  verdicts: [{ id: 'v', date: '2025-01-01', wears: 4, love: 5, reasons: [] }],
});
const input = sampleCase([made], { pattern, fabrics: [sampleFabric('jersey', { weight: 210 })] });
const at = (width: number, shrinks = 0, make = sampleMake(2)) => shopCard(input, make, shrinks).lengths.find((l) => l.width === width)!;

test('the table where it speaks, a narrower width by area and rough, never less at a wider one', () => {
  expect(at(140)).toMatchObject({ length: expect.closeTo(180 * SAFE, 6) as number, rough: false });
  expect(at(115).length).toBeCloseTo(220 * SAFE, 6);
  // 115 × 220 by area and a bit more, to 90.
  expect(at(90).length).toBeCloseTo(((220 * 115 * 1.15) / 90) * ROUGHLY_SAFE, 6);
  expect(at(90).rough).toBe(true);
  expect(at(150).length).toBeCloseTo(180 * SAFE, 6);
});

test('what washing takes and what alterations add is bought too; one way is a tenth more', () => {
  expect(at(140, 10).length).toBeCloseTo(200 * SAFE, 6);
  expect(at(140, 0, sampleMake(2, { alterations: [sampleAlteration('body-at-hem', 5)] })).length).toBeCloseTo(190 * SAFE, 6);
  expect(at(140).oneWay).toBeCloseTo(198 * SAFE, 6);
});

test('stretch and weight to look for, the fabric that did well, and the notions of the last version', () => {
  expect(shopCard(input, sampleMake(2))).toMatchObject({
    structure: 'knit',
    stretch: 30,
    weight: 'medium',
    didWell: [{ name: 'jersey', version: 1, love: 5, weight: 210 }],
    notions: ['zip 20 cm'],
  });
  const nothing = shopCard(
    sampleCase([], { pattern: { ...pattern, views: [blankView('view', 'plain', [])], wants: { structure: 'woven' } } }),
    sampleMake(1),
  );
  expect(nothing.lengths.every((l) => l.length === undefined)).toBe(true);
  expect(nothing.stretch).toBeUndefined();
});

test('in a shop one asks for whole fives, or eighths of a yard, and never for less than is needed', () => {
  expect([toBuy(181, 'm'), toBuy(185, 'm'), toBuy(0.1, 'm')]).toEqual([185, 185, 5]);
  expect(toBuy(92, 'yd') / 91.44).toBeCloseTo(1.125, 9);
  expect(toBuy(91.44, 'yd') / 91.44).toBeCloseTo(1, 9);
});

test('a narrower fabric never takes less than a wider one, whatever versions of other sizes took', () => {
  const small = sampleMake(2, { fabrics: [{ id: 'u', fabricId: 'narrow', part: 'main', length: 90 }] });
  const fabrics = [sampleFabric('jersey'), sampleFabric('narrow', { width: 115 })];
  const { lengths } = shopCard(sampleCase([made, small], { pattern, fabrics }), sampleMake(3));
  expect(lengths.map((l) => l.length)).toEqual([...lengths.map((l) => l.length!)].sort((a, b) => b - a));
  expect(lengths.find((l) => l.width === 115)!.length).toBeGreaterThan(90);
});

test('what is asked for is never less than needed, by less than one step more, and a whole number of steps', () => {
  fc.assert(
    fc.property(fc.double({ min: 1, max: 2000, noNaN: true }), fc.constantFrom('m' as const, 'yd' as const), (cm, unit) => {
      const step = unit === 'm' ? 5 : 11.43;
      const asked = toBuy(cm, unit);
      expect(asked).toBeGreaterThanOrEqual(cm - 1e-4);
      expect(asked).toBeLessThan(cm + step);
      expect(Math.abs(asked / step - Math.round(asked / step))).toBeLessThan(1e-9);
    }),
  );
});
