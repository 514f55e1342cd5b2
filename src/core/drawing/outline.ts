import { itemAt, lastOf } from '../units/item-at';
/** A point right of the garment's centre line: x from the centre, y from the top. */
export type Move = readonly ['M' | 'L', number, number] | readonly ['C', number, number, number, number, number, number];

/** Half an outline, from the centre (or anywhere) on the wearer's right side of the drawing. */
export type Half = readonly Move[];

/** Moves as a pattern drafter says them: set down at, straight to, in a curve to. */
export const m = (x: number, y: number): Move => ['M', x, y];
export const l = (x: number, y: number): Move => ['L', x, y];
export const c = (x1: number, y1: number, x2: number, y2: number, x: number, y: number): Move => ['C', x1, y1, x2, y2, x, y];

const end = (move: Move): readonly [number, number] => (move[0] === 'C' ? [move[5], move[6]] : [move[1], move[2]]);
const write = (n: number) => String(Math.round(n * 100) / 100);

function forwards(half: Half, centre: number, side: 1 | -1): string {
  return half
    .map((move) => {
      const [letter, ...numbers] = move;
      return letter + numbers.map((n, i) => write(i % 2 === 0 ? centre + side * n : n)).join(' ');
    })
    .join('');
}

function backwards(half: Half, centre: number, side: 1 | -1): string {
  let path = '';
  for (let i = half.length - 1; i > 0; i--) {
    const move = itemAt(half, i);
    const [x, y] = end(itemAt(half, i - 1));
    path +=
      move[0] === 'C'
        ? `C${write(centre + side * move[3])} ${write(move[4])} ${write(centre + side * move[1])} ${write(move[2])} ${write(centre + side * x)} ${write(y)}`
        : `L${write(centre + side * x)} ${write(y)}`;
  }
  return path;
}

/** A closed outline that is the same on both sides of the centre line. */
export function symmetrical(half: Half, centre: number): string {
  const [x, y] = end(lastOf(half));
  return `${forwards(half, centre, 1)}L${write(centre - x)} ${write(y)}${backwards(half, centre, -1)}Z`;
}

/** The same line or piece on both sides of the centre. */
export function bothSides(half: Half, centre: number, closed = false): string {
  const z = closed ? 'Z' : '';
  return `${forwards(half, centre, 1)}${z}${forwards(half, centre, -1)}${z}`;
}

/** A line or piece on one side only, or across the centre. */
export function oneSide(half: Half, centre: number, closed = false): string {
  return forwards(half, centre, 1) + (closed ? 'Z' : '');
}
