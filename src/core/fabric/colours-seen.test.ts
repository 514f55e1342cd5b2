import fc from 'fast-check';
import { blankFabric } from '../records';
import { seenColour } from '../units/colour';
import { colourOf } from './colour-of';
import { coloursSeen } from './colours-seen';

type Rgb = readonly [number, number, number];
const picture = (pixels: readonly Rgb[]) => new Uint8ClampedArray(pixels.flatMap(([r, g, b]) => [r, g, b, 255]));
const many = (colour: Rgb, count: number) => Array.from({ length: count }, () => colour);
const [NAVY, CREAM]: Rgb[] = [
  [29, 42, 77],
  [240, 230, 205],
];

test('a plain fabric has one colour, a print its ground and what stands on it', () => {
  expect(coloursSeen(picture(many(NAVY!, 40)))).toEqual({ ground: '#1d2a4d', figure: '#1d2a4d' });
  expect(coloursSeen(picture([...many(CREAM!, 20), ...many(NAVY!, 60)]))).toEqual({ ground: '#1d2a4d', figure: '#f0e6cd' });
  // A thread on it is no print, and neither is a fold.
  expect(coloursSeen(picture([...many(CREAM!, 2), ...many(NAVY!, 60)]))?.figure).toBe('#1d2a4d');
});

test('light that falls unevenly makes no print; what is clear in a picture is not seen', () => {
  const shaded = Array.from({ length: 60 }, (_, i): Rgb => [120 + i / 6, 60 + i / 6, 50 + i / 6]);
  const seen = coloursSeen(picture(shaded));
  expect(seen?.ground).toBe(seen?.figure);
  expect(coloursSeen(new Uint8ClampedArray([10, 10, 10, 0]))).toBeUndefined();
});

test('the order of pixels says nothing', () => {
  fc.assert(
    fc.property(fc.shuffledSubarray([...many(NAVY!, 12), ...many(CREAM!, 30)], { minLength: 42, maxLength: 42 }), (pixels) => {
      expect(coloursSeen(picture(pixels))).toEqual({ ground: '#f0e6cd', figure: '#1d2a4d' });
    }),
  );
});

test('the colour of a fabric is what was said of it: its swatch, else its name, else nothing', () => {
  expect(colourOf(blankFabric('f', 'navy needlecord'))).toBe('#1f2a4d');
  expect(colourOf(blankFabric('f', 'needlecord'))).toBeUndefined();
  const red = { ...blankFabric('f', 'navy needlecord'), swatch: { print: 'plain' as const, ground: '#b03030', figure: '#b03030', repeat: 2 } };
  expect(seenColour(colourOf(red)!).hue).toBeLessThan(45);
});
