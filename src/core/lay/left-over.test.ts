import fc from 'fast-check';
import { seeded } from '../units/seeded';
import { faultsOfLay } from './check-lay';
import { overlap } from './clip';
import { layings, type CutPiece, type DrawnLay } from './lay';
import { leftOver } from './left-over';
import { onPieces } from './on-pieces';
import { boundsOf, type Polygon } from '../units/polygon';

const box = (left: number, top: number, width: number, height: number): Polygon => [
  [left, top],
  [left + width, top],
  [left + width, top + height],
  [left, top + height],
];
const placed = (...polygons: Polygon[]) => ({
  width: 140,
  placed: polygons.map((polygon, i) => ({ piece: `p${i}`, copy: 1, mirrored: false, turned: false, polygon })),
});

test('what is left beyond the pieces, and beside them; nothing smaller than a pocket', () => {
  const left = leftOver(placed(box(0, 0, 100, 60)), 90);
  expect(left[0]).toEqual({ x: 0, y: 60, width: 140, length: 30 });
  expect(left[1]).toMatchObject({ x: 100, width: 40, y: 0, length: 60 });
  expect(leftOver(placed(box(0, 0, 130, 60)), 60)).toEqual([]);
  expect(leftOver(placed(), 60)).toEqual([{ x: 0, y: 0, width: 140, length: 60 }]);
});

test('nothing lies on what is said to be left, and it is on the fabric', () => {
  fc.assert(
    fc.property(fc.nat(1e6), fc.integer({ min: 40, max: 200 }), (seed, onHand) => {
      const chance = seeded(seed);
      const polygons = Array.from({ length: 6 }, (): Polygon => {
        const [x, y] = [chance() * 110, chance() * 150];
        return [
          [x, y],
          [x + 30 * chance() + 3, y + 10 * chance()],
          [x + 20, y + 5 + 40 * chance()],
        ];
      });
      for (const { x, y, width, length } of leftOver(placed(...polygons), onHand)) {
        expect(x + width).toBeLessThan(140.01);
        expect(y + length).toBeLessThan(onHand + 0.01);
        for (const polygon of polygons) expect(overlap(polygon, box(x, y, width, length))).toBeLessThan(0.5);
      }
    }),
    { numRuns: 40 },
  );
});

test('pieces of one fabric are used together, and no pattern piece lies across two of them', () => {
  const strip = onPieces([
    { length: 70, width: 140 },
    { length: 110, width: 120 },
  ]);
  expect(strip).toMatchObject({ width: 140, length: 180, ends: [110, 180] });
  const pieces: CutPiece[] = [
    { name: 'front', outline: box(0, 0, 55, 64), count: 2, pairs: true },
    { name: 'back', outline: box(0, 0, 100, 64), count: 1, pairs: false },
    { name: 'yoke', outline: box(0, 0, 50, 20), count: 2, pairs: false },
  ];
  const fabric = { width: 140, taken: strip?.taken ?? [] };
  let best: DrawnLay | undefined;
  for (const lay of layings(pieces, fabric, 1, [], 2e6)) if (lay) best = lay;
  expect(best && faultsOfLay(pieces, fabric, best)).toEqual([]);
  expect(best?.length).toBeLessThan(180.01);
  for (const { polygon } of best?.placed ?? []) {
    const { top, bottom, right } = boundsOf(polygon);
    expect(top < 109.9 && bottom > 110.1).toBe(false);
    if (bottom < 110.1) expect(right).toBeLessThan(120.1);
  }
  expect(onPieces([])).toBeUndefined();
});

test('what is gone of a piece is neither laid on nor left over', () => {
  const lacks = [{ id: 'bite', corners: [100, 0, 140, 0, 140, 50, 100, 50] }];
  const strip = onPieces([
    { length: 80, width: 140, lacks },
    { length: 100, width: 140 },
  ]);
  // The longer one lies first, the bite with its own piece behind it.
  expect(strip?.gone.map((p) => boundsOf(p))).toEqual([{ left: 100, top: 100, right: 140, bottom: 150 }]);
  expect(strip?.taken).toHaveLength(2);
  const left = leftOver({ width: 140, placed: [] }, 180, strip?.taken ?? []);
  for (const { x, y, width, length } of left) expect(x + width <= 100 || y + length <= 100 || y >= 150).toBe(true);
  expect(left.length).toBeGreaterThan(1);
});
