import type { DrawnLay } from './lay';
import type { FilePiece } from './piece-file';
import { boundsOf, type Polygon } from '../units/polygon';

type Group = readonly [code: number, value: string | number];

const number = (n: number): string => (Math.round(n * 1e4) / 1e4).toFixed(4);
const asFile = (groups: readonly Group[]): string =>
  groups.map(([code, value]) => `${code}\n${typeof value === 'number' ? number(value) : value}\n`).join('');

/** Millimetres, as the trade has them. */
const MM = 10;

const polyline = (outline: Polygon, layer: string): Group[] => [
  [0, 'POLYLINE'],
  [8, layer],
  [66, '1'],
  [70, '1'],
  ...outline.flatMap(([x, y]): Group[] => [
    [0, 'VERTEX'],
    [8, layer],
    [10, x * MM],
    [20, y * MM],
  ]),
  [0, 'SEQEND'],
];

const text = (words: string, [x, y]: readonly [number, number]): Group[] => [
  [0, 'TEXT'],
  [8, '1'],
  [10, x * MM],
  [20, y * MM],
  [40, 5],
  [1, words.replace(/[\r\n]+/g, ' ')],
];

const line = (layer: string, x0: number, y0: number, x1: number, y1: number): Group[] => [
  [0, 'LINE'],
  [8, layer],
  [10, x0 * MM],
  [20, y0 * MM],
  [11, x1 * MM],
  [21, y1 * MM],
];

const whole = (blocks: readonly Group[], entities: readonly Group[]): string =>
  asFile([
    [0, 'SECTION'],
    [2, 'HEADER'],
    [9, '$INSUNITS'],
    [70, '4'],
    [0, 'ENDSEC'],
    [0, 'SECTION'],
    [2, 'BLOCKS'],
    ...blocks,
    [0, 'ENDSEC'],
    [0, 'SECTION'],
    [2, 'ENTITIES'],
    ...entities,
    [0, 'ENDSEC'],
    [0, 'EOF'],
  ]);

/** Pieces as the apparel trade exchanges them: a block for each and each of its sizes, with boundary, notches, grain and fold on their layers. Lengths in mm. */
export function piecesAsDxf(pieces: readonly FilePiece[]): string {
  const blocks = pieces.flatMap(({ name, outline, count, pairs, fold, size, notches = [] }): Group[] => {
    const { left, top, right, bottom } = boundsOf(outline);
    const middle = (left + right) / 2;
    return [
      [0, 'BLOCK'],
      [8, '1'],
      [2, size === undefined ? name : `${name}-${size}`],
      [70, '0'],
      [10, 0],
      [20, 0],
      ...polyline(outline, '1'),
      ...line('7', middle, top + 2, middle, bottom - 2),
      ...(fold ? line('6', fold === 'left' ? left : right, top, fold === 'left' ? left : right, bottom) : []),
      ...notches.flatMap(([x, y]): Group[] => [
        [0, 'POINT'],
        [8, '4'],
        [10, x * MM],
        [20, y * MM],
      ]),
      ...text(`Piece Name: ${name}`, [middle, (top + bottom) / 2]),
      ...(size === undefined ? [] : text(`Size: ${size}`, [middle, (top + bottom) / 2 + 1])),
      ...text(`Quantity: ${pairs && count % 2 === 0 ? `${count / 2},${count / 2}` : count}`, [middle, (top + bottom) / 2 + 2]),
      [0, 'ENDBLK'],
    ];
  });
  return whole(blocks, text('Units: METRIC', [0, 0]));
}

/** A lay with every copy as a closed outline on a layer of its name, the fabric on a layer of its own. Lengths in mm. */
export function layAsDxf({ width, length, placed }: DrawnLay): string {
  const fabric = line('FABRIC', 0, 0, width, 0).concat(line('FABRIC', 0, length, width, length));
  return whole([], [...fabric, ...placed.flatMap(({ piece, copy, polygon }) => polyline(polygon, `${piece} ${copy}`))]);
}
