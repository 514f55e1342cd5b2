import fc from 'fast-check';
import { reducedSize, sideFromName } from './reduced-size';

test.each([
  [4000, 3000, { width: 1600, height: 1200 }],
  [3000, 4000, { width: 1200, height: 1600 }],
  [1600, 1600, { width: 1600, height: 1600 }],
  [800, 600, { width: 800, height: 600 }],
  [10_000, 3, { width: 1600, height: 1 }],
])('%d × %d', (width, height, size) => expect(reducedSize(width, height, 1600)).toEqual(size));

test('never larger than asked for, never distorted by more than a pixel', () => {
  const side = fc.integer({ min: 1, max: 20_000 });
  fc.assert(
    fc.property(side, side, (w, h) => {
      const { width, height } = reducedSize(w, h, 1600);
      expect(Math.max(width, height)).toBeLessThanOrEqual(Math.max(1600, 1));
      expect(Math.abs(width * h - height * w)).toBeLessThanOrEqual(Math.max(w, h));
    }),
  );
});

test.each([
  ['jacket-BACK.jpg', 0, 'back'],
  ['IMG_2044.jpg', 0, 'front'],
  ['IMG_2045.jpg', 1, 'back'],
  ['IMG_2046.jpg', 5, 'detail'],
  ['inside of the collar.png', 0, 'inside'],
] as const)('%s at place %d', (name, place, side) => expect(sideFromName(name, place)).toBe(side));
