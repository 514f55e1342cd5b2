import fc from 'fast-check';
import { overlayOf, type Place } from './overlay';

const place = fc.record({ x: fc.double({ min: -0.5, max: 0.5, noNaN: true }), y: fc.double({ min: -0.5, max: 0.5, noNaN: true }) });

test('a picture taken from twice as far is laid over at twice its size', () => {
  const far = [
    { x: 0, y: 0.1 },
    { x: 0.1, y: 0.2 },
  ];
  const near = far.map(({ x, y }) => ({ x: 2 * x + 0.05, y: 2 * y - 0.1 }));
  const { scale, dx, dy } = overlayOf(near.map((a, i) => [a, far[i]!] as const))!;
  expect([scale, dx, dy].map((n) => Math.round(n * 1e9) / 1e9)).toEqual([2, 0.05, -0.1]);
});

test('whatever size and shift lies between two pictures is found again', () => {
  fc.assert(
    fc.property(fc.array(place, { minLength: 2, maxLength: 8 }), fc.double({ min: 0.3, max: 3, noNaN: true }), place, (others, scale, shift) => {
      const pairs = others.map((b): readonly [Place, Place] => [{ x: scale * b.x + shift.x, y: scale * b.y + shift.y }, b]);
      const found = overlayOf(pairs);
      // Places that fall together tell no scale.
      if (!found) return;
      expect(found.scale).toBeCloseTo(scale, 6);
      expect(found.dx).toBeCloseTo(shift.x, 6);
      expect(found.dy).toBeCloseTo(shift.y, 6);
    }),
  );
});

test('one pin, pins in one place, and pins that would turn the picture over say nothing', () => {
  const at = (x: number, y: number) => ({ x, y });
  expect(overlayOf([[at(0, 0), at(0, 0)]])).toBeUndefined();
  expect(
    overlayOf([
      [at(0, 0), at(0.1, 0.1)],
      [at(0.3, 0), at(0.1, 0.1)],
    ]),
  ).toBeUndefined();
  expect(
    overlayOf([
      [at(-0.2, 0), at(0.2, 0)],
      [at(0.2, 0), at(-0.2, 0)],
    ]),
  ).toBeUndefined();
});
