import { laidLength, searchedLength } from './laid-length';
import type { CutPiece } from './lay';
import type { Polygon } from '../units/polygon';

const box = (width: number, height: number): Polygon => [
  [0, 0],
  [width, 0],
  [width, height],
  [0, height],
];
const piece = (name: string, outline: Polygon, count = 1, rest: Partial<CutPiece> = {}): CutPiece => ({
  name,
  outline,
  count,
  pairs: false,
  ...rest,
});

const shirt: CutPiece[] = [
  piece('front', box(28, 74), 2, { pairs: true }),
  piece('back', box(30, 76), 1, { fold: 'left' }),
  piece('sleeve', box(44, 58), 2, { pairs: true }),
];

test('side by side where the width allows it, one after the other where not', () => {
  const two = [piece('panel', box(60, 80), 2)];
  expect(laidLength(two, { width: 140 })).toBeCloseTo(80, 2);
  expect(laidLength(two, { width: 110 })).toBeCloseTo(160, 2);
  expect(laidLength(two, { width: 50 })).toBeUndefined();
  expect(laidLength([], { width: 140 })).toBe(0);
});

test('asked again, on this width or another, the answer is the same', () => {
  const first = [115, 140, 150].map((width) => laidLength(shirt, { width }));
  const again = [150, 115, 140].map((width) => laidLength([...shirt], { width }));
  expect(again).toEqual([first[2], first[0], first[1]]);
  expect(first[0]).toBeGreaterThan(first[2] ?? Infinity);
});

test('the number that is cut, the fold and the grain all count', () => {
  const length = (of: readonly CutPiece[], rest: { readonly fold?: 'lengthwise' } = {}) => laidLength(of, { width: 140, ...rest }) ?? 0;
  expect(length([piece('panel', box(60, 80), 4)])).toBeCloseTo(2 * length([piece('panel', box(60, 80), 2)]), 1);
  expect(length([piece('back', box(60, 80), 1, { fold: 'left' })])).toBeCloseTo(80, 1);
  expect(length([piece('band', box(8, 100), 1, { grain: 'across' })])).toBeCloseTo(8, 1);
  expect(length(shirt, { fold: 'lengthwise' })).toBeGreaterThanOrEqual(length(shirt) - 1);
});

test('a lay that is searched for is no longer than the first one, and the same each time', () => {
  const first = laidLength(shirt, { width: 115 }) ?? 0;
  const searched = searchedLength(shirt, { width: 115 }, 3e6) ?? Infinity;
  expect(searched).toBeLessThanOrEqual(first + 0.01);
  expect(searchedLength(shirt, { width: 115 }, 3e6)).toBe(searched);
  expect(searchedLength(shirt, { width: 20 }, 1e6)).toBeUndefined();
});
