import fc from 'fast-check';
import { overlap } from '../lay/clip';
import {
  alongGrain,
  areaOf,
  atOrigin,
  boundsOf,
  coarser,
  cornersOf,
  cross,
  crossesItself,
  mirrored,
  moved,
  muchCoarser,
  polygonOf,
  rectangle,
  signedArea,
  turnedBy,
  turnedRound,
  within,
  type Point,
  type Polygon,
} from './polygon';
import { seeded } from './seeded';
import { ARM } from './sample-polygon';

/** An outline as a piece has it: round a middle, now nearer and now farther, so that it never crosses itself. */
const outline = fc
  .array(fc.double({ min: 8, max: 40, noNaN: true }), { minLength: 3, maxLength: 24 })
  .map((reaches): Polygon =>
    reaches.map((r, i): Point => [r * Math.cos((2 * Math.PI * i) / reaches.length), r * Math.sin((2 * Math.PI * i) / reaches.length)]),
  );
const places = fc.array(fc.tuple(fc.double({ min: -40, max: 40, noNaN: true }), fc.double({ min: -40, max: 40, noNaN: true })), { maxLength: 30 });

describe('an outline that is laid otherwise', () => {
  test('keeps its area, and runs the same way round unless it is told', () =>
    fc.assert(
      fc.property(outline, fc.double({ min: -360, max: 360, noNaN: true }), (piece, degrees) => {
        for (const laid of [moved(piece, 3, -7), turnedRound(piece), turnedBy(piece, degrees), mirrored(piece), atOrigin(piece)])
          expect(signedArea(laid)).toBeCloseTo(signedArea(piece), 6);
        expect(areaOf([...piece].reverse())).toBeCloseTo(areaOf(piece), 6);
      }),
    ));

  test('turned or mirrored twice it lies as it lay', () =>
    fc.assert(
      fc.property(outline, (piece) => {
        expect(turnedRound(turnedRound(piece))).toEqual(piece);
        expect(mirrored(mirrored(piece))).toEqual(piece);
        expect(boundsOf(atOrigin(piece))).toMatchObject({ left: 0, top: 0 });
      }),
    ));

  test('half round by degrees is half round', () => {
    const piece = rectangle(0, 0, 30, 70);
    turnedBy(piece, 180).forEach(([x, y], i) => expect([x, y]).toEqual(turnedRound(piece)[i]!.map((v) => expect.closeTo(v, 9) as number)));
  });
});

describe('a coarser outline', () => {
  test.each([
    ['coarser', coarser, 1.01],
    ['much coarser', muchCoarser, 1 + 1 / 16],
  ])('%s: holds all of the true one, and little more', (_name, of, most) =>
    fc.assert(
      fc.property(outline, places, (piece, points) => {
        const coarse = of(piece);
        expect(crossesItself(coarse)).toBe(false);
        expect(areaOf(coarse)).toBeLessThanOrEqual(areaOf(piece) * most + 1e-6);
        expect(coarse.length).toBeLessThanOrEqual(piece.length);
        expect(areaOf(piece) - overlap(piece, coarse)).toBeLessThan(0.01);
        // A little way in from the edge, where it does not matter on which side of a line a point falls.
        for (const [x, y] of [...points, ...piece]) if (within([x, y], piece)) expect(within([x * 0.999, y * 0.999], coarse)).toBe(true);
      }),
    ),
  );

  test('of a rounded edge has fewer points', () => {
    fc.assert(
      fc.property(fc.nat(1e6), (seed) => {
        const chance = seeded(seed);
        const outline = Array.from({ length: 40 }, (_, k): Point => {
          const angle = (2 * Math.PI * k) / 40;
          const radius = 30 * (1 + 0.1 * Math.sin(3 * angle) + 0.01 * chance());
          return [radius * Math.cos(angle), radius * Math.sin(angle)];
        });
        const coarse = coarser(outline);
        expect(coarse.length).toBeLessThan(40);
        expect(areaOf(outline) - overlap(outline, coarse)).toBeLessThan(0.01);
        expect(areaOf(coarse)).toBeLessThan(areaOf(outline) * 1.0101);
      }),
      { numRuns: 40 },
    );
  });

  test('of a rectangle is the rectangle, without the points along its edges', () => {
    const noted: Polygon = [
      [0, 0],
      [10, 0],
      [10, 0],
      [20, 0],
      [20, 30],
      [0, 30],
      [0, 12],
    ];
    expect(areaOf(coarser(noted))).toBeCloseTo(600, 9);
    expect(coarser(noted)).toHaveLength(4);
  });
});

test('edges that cross are found; a corner that touches is none', () => {
  expect(
    crossesItself([
      [0, 0],
      [10, 10],
      [10, 0],
      [0, 10],
    ]),
  ).toBe(true);
  expect(crossesItself(rectangle(0, 0, 10, 10))).toBe(false);
  expect(crossesItself(ARM)).toBe(false);
  expect(
    crossesItself([
      [0, 0],
      [10, 0],
      [5, 5],
      [10, 10],
      [0, 10],
      [5, 5],
    ]),
  ).toBe(false);
});

test('what is within an outline, and which way three points turn', () => {
  expect(within([5, 35], ARM)).toBe(true);
  expect(within([20, 35], ARM)).toBe(false);
  expect(cross([0, 0], [1, 0], [1, 1])).toBe(1);
  expect(cross([0, 0], [1, 0], [1, -1])).toBe(-1);
  expect(cross([0, 0], [1, 0], [3, 0])).toBe(0);
});

test('a point within an outline is within it however it lies, and one beyond its box is not', () =>
  fc.assert(
    fc.property(outline, places, fc.integer({ min: -50, max: 50 }), (piece, points, by) => {
      const { right } = boundsOf(piece);
      for (const [x, y] of points) expect(within([x + by, y], moved(piece, by, 0))).toBe(within([x, y], piece));
      expect(within([0, 0], piece)).toBe(true);
      expect(within([right + 1, 0], piece)).toBe(false);
    }),
  ));

test('an outline is kept to a hundredth of a millimetre, and no second time by more', () =>
  fc.assert(
    fc.property(outline, (piece) => {
      const kept = polygonOf(cornersOf(piece));
      kept.forEach(([x, y], i) => expect([x, y]).toEqual(piece[i]!.map((v) => expect.closeTo(v, 2) as number)));
      expect(polygonOf(cornersOf(kept))).toEqual(kept);
    }),
  ));

describe('turned to the grain', () => {
  test('a grain line runs along y, by less than a right angle', () =>
    fc.assert(
      fc.property(outline, fc.double({ min: -180, max: 180, noNaN: true }), (piece, degrees) => {
        const [from, to] = turnedBy(
          [
            [0, 0],
            [0, 50],
          ],
          degrees,
        );
        const turned = alongGrain([...piece, from!, to!], [from!, to!]);
        const [a, b] = turned.slice(-2);
        expect(Math.abs(b![0] - a![0])).toBeLessThan(0.01);
        expect(Math.abs(b![1] - a![1])).toBeCloseTo(50, 2);
        // A piece on the straight grain stays as it was drawn: a grain has no direction, and no piece is turned upside down for it.
        if (Math.abs(degrees) < 89) expect(b![1]).toBeGreaterThan(a![1]);
      }),
    ));

  test('what lies so already is the very same', () => {
    const piece = rectangle(0, 0, 20, 60);
    expect(
      alongGrain(piece, [
        [5, 5],
        [5, 55],
      ]),
    ).toBe(piece);
  });
});
