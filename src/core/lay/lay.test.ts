import fc from 'fast-check';
import { seeded } from '../units/seeded';
import { faultsOfLay } from './check-lay';
import { FOLDS, layings, opened, shortest, TooWide, type CutPiece, type DrawnLay, type LayFabric } from './lay';
import { areaOf, boundsOf, type Point, type Polygon } from '../units/polygon';

const box = (width: number, height: number): Polygon => [
  [0, 0],
  [width, 0],
  [width, height],
  [0, height],
];

/** An outline such as pieces have: round the middle, its radius changing, hollow in places. */
function blob(chance: () => number, size: number): Polygon {
  const corners = 5 + Math.floor(chance() * 8);
  return Array.from({ length: corners }, (_, k): Point => {
    const radius = size * (0.35 + 0.65 * chance());
    const angle = (2 * Math.PI * k) / corners;
    return [radius * Math.cos(angle) * 0.6, radius * Math.sin(angle)];
  });
}

/** The best lay after so many steps. */
function layed(pieces: readonly CutPiece[], fabric: LayFabric, steps: number, seed = 1): DrawnLay {
  let best: DrawnLay | undefined;
  let step = 0;
  for (const lay of layings(pieces, fabric, seed)) {
    if (lay) best = lay;
    if (best && ++step >= steps) break;
  }
  if (!best) throw new Error('no lay at all');
  return best;
}

const plain = (name: string, outline: Polygon, count = 1, more: Partial<CutPiece> = {}): CutPiece => ({
  name,
  outline,
  count,
  pairs: false,
  ...more,
});

test('four squares lie two by two, and no lay can be shorter', () => {
  const pieces = [plain('square', box(50, 50), 4)];
  const lay = layed(pieces, { width: 100 }, 10);
  expect(lay.length).toBeCloseTo(100, 3);
  expect(lay.bound).toBeCloseTo(100, 6);
  expect(faultsOfLay(pieces, { width: 100 }, lay)).toEqual([]);
});

test('two triangles lie head to foot, unless a nap forbids it', () => {
  const triangle: Polygon = [
    [0, 0],
    [60, 100],
    [0, 100],
  ];
  const pieces = [plain('gore', triangle, 2)];
  expect(layed(pieces, { width: 62 }, 300).length).toBeLessThan(105);
  const napped = layed(pieces, { width: 62, nap: true }, 300);
  expect(napped.length).toBeGreaterThan(150);
  expect(faultsOfLay(pieces, { width: 62, nap: true }, napped)).toEqual([]);
});

test('a piece on the fold is opened out on a single layer, and lies on the fold of a folded one', () => {
  const pieces = [plain('front', box(30, 60), 1, { fold: 'left' }), plain('sleeve', box(30, 50), 2, { pairs: true })];
  const single = layed(pieces, { width: 140 }, 60);
  expect(single.length).toBeCloseTo(60, 2);
  const folded = layed(pieces, { width: 140, fold: 'lengthwise' }, 60);
  expect(folded.length).toBeCloseTo(60, 2);
  const front = folded.placed.find((p) => p.piece === 'front');
  const { left, right } = boundsOf(front?.polygon ?? []);
  expect(left + right).toBeCloseTo(140, 3);
  expect(right - left).toBeCloseTo(60, 3);
  for (const [fabric, lay] of [
    [{ width: 140 }, single],
    [{ width: 140, fold: 'lengthwise' }, folded],
  ] as const)
    expect(faultsOfLay(pieces, fabric, lay)).toEqual([]);
});

test('with both selvedges in the middle two halves lie on a fold each, and nothing across', () => {
  const pieces = [
    plain('front', box(28, 60), 1, { fold: 'left' }),
    plain('back', box(30, 62), 1, { fold: 'right' }),
    plain('sleeve', box(30, 40), 2, { pairs: true }),
  ];
  const fabric = { width: 140, fold: 'to the middle' as const };
  const lay = layed(pieces, fabric, 60);
  expect(faultsOfLay(pieces, fabric, lay)).toEqual([]);
  expect(lay.length).toBeCloseTo(100, 1);
  const middle = (name: string) => {
    const { left, right } = boundsOf(lay.placed.find((p) => p.piece === name)?.polygon ?? []);
    return (left + right) / 2;
  };
  expect(middle('front')).toBeCloseTo(35, 2);
  expect(middle('back')).toBeCloseTo(105, 2);
  expect(() => layed([plain('wide', box(36, 20), 1, { fold: 'left' })], fabric, 1)).toThrow(TooWide);
});

test('folded across, a pair lies in both layers, the second mirrored beyond the fold, and a half is opened out', () => {
  const pieces = [plain('gore', blob(seeded(3), 40), 4, { pairs: true }), plain('yoke', box(20, 15), 1, { fold: 'left' })];
  const fabric = { width: 90, fold: 'crosswise' as const };
  const lay = layed(pieces, fabric, 60);
  expect(faultsOfLay(pieces, fabric, lay)).toEqual([]);
  const [one, other] = [1, 2].map((copy) => lay.placed.find((p) => p.piece === 'gore' && p.copy === copy));
  const [a, b] = [boundsOf(one?.polygon ?? []), boundsOf(other?.polygon ?? [])];
  expect(a.left).toBeCloseTo(b.left, 3);
  expect(a.top + b.bottom).toBeCloseTo(lay.length, 3);
  expect([one?.mirrored, other?.mirrored]).toEqual([false, true]);
  expect(one?.turned).not.toBe(other?.turned);
});

test('with a nap nothing is folded across: one layer would lie upside down', () => {
  expect(() => layed([plain('gore', box(20, 30), 2)], { width: 90, fold: 'crosswise', nap: true }, 1)).toThrow(RangeError);
});

test('a hem lies on the border, on either edge in turn where both have one', () => {
  const pieces = [plain('skirt', box(60, 70), 2, { onBorder: true }), plain('band', box(8, 40), 1)];
  const one = layed(pieces, { width: 140, border: 'one edge' }, 60);
  expect(one.placed.filter((p) => p.piece === 'skirt').map((p) => Math.round(boundsOf(p.polygon).left * 100))).toEqual([0, 0]);
  expect(one.length).toBeCloseTo(120, 1);
  const both = layed(pieces, { width: 140, border: 'both edges' }, 60);
  const skirts = both.placed.filter((p) => p.piece === 'skirt').map(({ polygon, turned }) => [Math.round(boundsOf(polygon).left), turned]);
  expect(skirts).toEqual([
    [0, false],
    [70, true],
  ]);
  // The band finds no room beside them.
  expect(both.length).toBeCloseTo(100, 1);
});

test('a bite cut out of the fabric stays free, and so does room between the pieces', () => {
  const pieces = [plain('square', box(40, 40), 4)];
  const fabric = { width: 100, gap: 2, taken: [box(55, 30)] };
  const lay = layed(pieces, fabric, 200);
  expect(faultsOfLay(pieces, fabric, lay)).toEqual([]);
  for (const [i, a] of lay.placed.entries())
    for (const b of lay.placed.slice(i + 1)) {
      const [p, q] = [boundsOf(a.polygon), boundsOf(b.polygon)];
      expect(Math.max(p.left - q.right, q.left - p.right, p.top - q.bottom, q.top - p.bottom)).toBeGreaterThan(1.99);
    }
});

test('with a repeat to match, the same points of all pieces lie whole repeats apart', () => {
  const pieces = [plain('front', box(50, 60), 2, { match: [0, 47] }), plain('sleeve', box(40, 35), 2, { match: [20, 12] })];
  const fabric = { width: 110, nap: true, repeatAlong: 16 };
  const lay = layed(pieces, fabric, 80);
  expect(faultsOfLay(pieces, fabric, lay)).toEqual([]);
  const phase = (at: number) => ((at % 16) + 16) % 16;
  for (const { piece, polygon } of lay.placed) {
    const off = phase(boundsOf(polygon).top + (piece === 'front' ? 47 : 12));
    expect(Math.min(off, 16 - off)).toBeLessThan(0.01);
  }
});

test('what was put by hand stays there', () => {
  const pieces = [plain('square', box(40, 40), 3)];
  let last: DrawnLay | undefined;
  let steps = 0;
  for (const lay of layings(pieces, { width: 100 }, 1, [{ piece: 'square', copy: 2, turned: false, x: 30, y: 20 }])) {
    if (lay) last = lay;
    if (++steps > 100) break;
  }
  expect(boundsOf(last?.placed.find((p) => p.copy === 2)?.polygon ?? [])).toMatchObject({ left: 30, top: 20 });
  expect(last && faultsOfLay(pieces, { width: 100 }, last)).toEqual([]);
});

test('a piece wider than the fabric is named', () => {
  expect(() => layed([plain('circle skirt', box(160, 80))], { width: 140 }, 1)).toThrow(TooWide);
  expect(() => layed([plain('circle skirt', box(160, 80))], { width: 140 }, 1)).toThrow(
    'circle skirt is 160.0 cm wide as it lies; the fabric has 140.0 cm.',
  );
});

test('the same seed gives the same lay', () => {
  const chance = seeded(5);
  const pieces = Array.from({ length: 6 }, (_, i) => plain(`piece ${i}`, blob(chance, 40)));
  expect(layed(pieces, { width: 120 }, 200, 3)).toEqual(layed(pieces, { width: 120 }, 200, 3));
});

test('no lay is shorter than its bound, overlaps, leaves the fabric or turns what must not be', () => {
  fc.assert(
    fc.property(
      fc.record({
        seed: fc.nat(1e6),
        kinds: fc.integer({ min: 1, max: 5 }),
        nap: fc.boolean(),
        fold: fc.constantFrom(undefined, ...FOLDS),
        border: fc.constantFrom(undefined, 'one edge' as const, 'both edges' as const),
        gap: fc.constantFrom(0, 0, 0.5),
        flaw: fc.boolean(),
      }),
      ({ seed, kinds, nap, fold, border, gap, flaw }) => {
        const chance = seeded(seed);
        const pieces = Array.from({ length: kinds }, (_, i): CutPiece => {
          const half = chance() < 0.3;
          const outline = half ? box(10 + 20 * chance(), 20 + 50 * chance()) : blob(chance, 15 + 30 * chance());
          const pairs = !half && chance() < 0.5;
          return plain(`piece ${i}`, outline, half ? 1 : 1 + Math.floor(chance() * 3), {
            pairs,
            onBorder: chance() < 0.4,
            ...(half ? { fold: 'left' as const } : {}),
          });
        });
        const fabric = {
          width: 260,
          nap,
          ...(fold && !(nap && fold === 'crosswise') ? { fold } : {}),
          ...(border ? { border } : {}),
          onHand: 700,
          gap,
          taken: flaw ? [box(12, 9).map(([x, y]): Point => [x + 50, y + 30])] : [],
        };
        const lay = layed(pieces, fabric, 12, seed);
        expect(faultsOfLay(pieces, fabric, lay)).toEqual([]);
        expect(lay.length).toBeGreaterThan(shortest(pieces, fabric) - 0.01);
      },
    ),
    { numRuns: Number(process.env['LAYS'] ?? 60) },
  );
});

test('a half is opened out over either side', () => {
  const half: Polygon = [
    [0, 0],
    [20, 5],
    [25, 60],
    [0, 60],
  ];
  for (const side of ['left', 'right'] as const) {
    const outline = side === 'left' ? half : half.map(([x, y]): Point => [-x, y]);
    const whole = opened(outline, side);
    expect(areaOf(whole)).toBeCloseTo(2 * areaOf(half), 1);
    const { left, right } = boundsOf(whole);
    expect(right - left).toBeCloseTo(50, 3);
  }
});
