import type { CutPiece } from '../lay/lay';
import { rectangle } from '../units/polygon';
import { outOfTheRest } from './out-of-the-rest';

const piece = (width: number, length: number, count = 1): CutPiece => ({
  name: 'piece',
  outline: rectangle(0, 0, width, length),
  count,
  pairs: false,
});
const left = [
  { x: 0, y: 120, width: 140, length: 30 },
  { x: 100, y: 40, width: 40, length: 60 },
];

test('what goes onto the rectangles that stay whole is named, one piece on one and one on another', () => {
  expect(
    outOfTheRest(
      left,
      [
        { name: 'a pouch', pieces: [piece(35, 28, 2)] },
        { name: 'a bonnet', pieces: [piece(38, 55), piece(70, 28)] },
        { name: 'too long', pieces: [piece(20, 70)] },
        { name: 'across the cut', pieces: [piece(60, 35)] },
      ],
      false,
    ),
  ).toEqual(['a pouch', 'a bonnet']);
});

test('nothing comes out of nothing, and nothing is not wanted', () => {
  expect(outOfTheRest([], [{ name: 'a pouch', pieces: [piece(1, 1)] }], false)).toEqual([]);
  expect(outOfTheRest(left, [{ name: 'no pieces', pieces: [] }], false)).toEqual([]);
});
