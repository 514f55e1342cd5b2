import fc from 'fast-check';
import { seeded } from '../units/seeded';
import { overlap, united, widened } from './clip';
import { convexParts, noFit, reflected } from './no-fit';
import { areaOf, atOrigin, moved, signedArea, type Point, type Polygon } from '../units/polygon';
import { ARM } from '../units/sample-polygon';

/** A star-shaped outline, hollow in places, running from x towards y. */
function star(seed: number, size = 20): Polygon {
  const chance = seeded(seed);
  const corners = 4 + Math.floor(chance() * 9);
  return Array.from({ length: corners }, (_, k): Point => {
    const radius = size * (0.3 + 0.7 * chance());
    const angle = (2 * Math.PI * (k + 0.2 * chance())) / corners;
    return [radius * Math.cos(angle), radius * Math.sin(angle)];
  });
}
const stars = fc.nat(1e6).map((seed) => star(seed));

test('convex parts make up the whole, and each is convex', () => {
  fc.assert(
    fc.property(stars, (polygon) => {
      const parts = convexParts(polygon);
      expect(parts.reduce((sum, part) => sum + areaOf(part), 0)).toBeCloseTo(areaOf(polygon), 4);
      for (const part of parts)
        part.forEach(([ax, ay], i) => {
          const [bx, by] = part[(i + 1) % part.length] ?? [0, 0];
          const [cx, cy] = part[(i + 2) % part.length] ?? [0, 0];
          expect((bx - ax) * (cy - ay) - (by - ay) * (cx - ax)).toBeGreaterThan(-1e-6);
        });
    }),
  );
  expect(convexParts(ARM)).toHaveLength(2);
});

describe('no-fit polygons', () => {
  /** Whether a point lies inside, asked of the outlines themselves. */
  const inside = (outlines: readonly Polygon[], [x, y]: Point): boolean => {
    let within = false;
    for (const outline of outlines)
      outline.forEach(([ax, ay], i) => {
        const [bx, by] = outline[(i + 1) % outline.length] ?? [ax, ay];
        if (ay > y !== by > y && x < ax + ((y - ay) / (by - ay)) * (bx - ax)) within = !within;
      });
    return within;
  };

  test('two pieces overlap where, and only where, one’s corner lies within', () => {
    fc.assert(
      fc.property(
        fc.nat(1e6),
        fc.nat(1e6),
        fc.double({ min: -45, max: 45, noNaN: true }),
        fc.double({ min: -45, max: 45, noNaN: true }),
        (a, b, x, y) => {
          const [fixed, moving] = [star(a), star(b)];
          const { outlines } = noFit(convexParts(fixed), convexParts(moving));
          const common = overlap(fixed, moved(moving, x, y));
          // On its very edge they only touch, and rounding may say either.
          if (common > 0.01) expect(inside(outlines, [x, y])).toBe(true);
          else if (common === 0)
            expect(inside(outlines, [x * 1.0001, y * 1.0001]) && overlap(fixed, moved(moving, x * 1.001, y * 1.001)) > 0.1).toBe(false);
        },
      ),
      { numRuns: 150 },
    );
  });

  test('seen from the other piece it is the same turned round', () => {
    fc.assert(
      fc.property(fc.nat(1e6), fc.nat(1e6), (a, b) => {
        const [one, other] = [convexParts(star(a)), convexParts(star(b))];
        const [there, back] = [noFit(one, other), reflected(noFit(other, one))];
        expect(there.left).toBeCloseTo(back.left, 3);
        expect(there.bottom).toBeCloseTo(back.bottom, 3);
        const area = (outlines: readonly Polygon[]) => outlines.reduce((sum, o) => sum + signedArea(o), 0);
        expect(Math.abs(area(there.outlines))).toBeCloseTo(Math.abs(area(back.outlines)), 1);
      }),
      { numRuns: 60 },
    );
  });

  test('bands hold every edge that a line meets', () => {
    const { rows, columns, outlines } = noFit(convexParts(ARM), convexParts(ARM));
    for (const { starts, edges } of [rows, columns]) {
      expect(starts[0]).toBe(0);
      expect(starts.at(-1)).toBe(edges.length);
    }
    const [outline] = outlines;
    // Edges that run along the axis are met by no line across it.
    expect(rows.edges.length / 4).toBeGreaterThanOrEqual((outline ?? []).length - 6);
  });
});

test('a margin grows and shrinks, and what meets is one', () => {
  const box = atOrigin([
    [0, 0],
    [10, 0],
    [10, 20],
    [0, 20],
  ]);
  expect(widened(box, 1).map(areaOf)).toEqual([expect.closeTo(12 * 22, 3)]);
  expect(widened(box, -1).map(areaOf)).toEqual([expect.closeTo(8 * 18, 3)]);
  expect(widened(box, -6)).toEqual([]);
  expect(united([box, moved(box, 9, 0)]).map(areaOf)).toEqual([expect.closeTo(19 * 20, 3)]);
  expect(united([box, moved(box, 11, 0)])).toHaveLength(2);
});
