import { PatternPiece } from '../records';
import type { FilePiece } from './piece-file';
import { piecesAsDxf } from './as-dxf';
import { piecesAsSvg } from './as-svg';
import { readDxf } from './from-dxf';
import { readSvg } from './from-svg';
import { filePieces, withFilePieces } from './take-pieces';

const half: FilePiece = {
  name: 'Front',
  outline: [
    [5, 5],
    [25, 5],
    [20, 65],
    [5, 65],
  ],
  count: 1,
  pairs: false,
  fold: 'left',
};
let id = 0;
const taking = { allowance: 0, upwards: false, newId: () => `id-${++id}` };
const corners = (pieces: PatternPiece[], size?: string) => pieces[0]?.outlines?.find((o) => o.size === size)?.corners;

test('sizes of one piece come together, and reading a file again replaces what it has', () => {
  const first = withFilePieces(
    [],
    [
      { ...half, size: 'M' },
      { ...half, size: 'L' },
    ],
    taking,
  );
  expect(first).toHaveLength(1);
  expect(first[0]?.outlines?.map((o) => o.size)).toEqual(['M', 'L']);
  expect(PatternPiece.safeParse(first[0]).success).toBe(true);
  const renamed = first.map((p) => ({ ...p, count: 2 }));
  const again = withFilePieces(renamed, [{ ...half, name: 'front', size: 'L', outline: half.outline.map(([x, y]) => [x * 2, y] as const) }], taking);
  expect(again).toHaveLength(1);
  expect(again[0]).toMatchObject({ name: 'Front', count: 2, id: first[0]?.id });
  expect(corners(again, 'M')).toEqual([0, 0, 20, 0, 15, 60, 0, 60]);
  expect(corners(again, 'L')).toEqual([0, 0, 40, 0, 30, 60, 0, 60]);
});

test('an allowance is added all round, never on the fold; a file whose y runs upwards is turned over', () => {
  const grown = corners(withFilePieces([], [half], { ...taking, allowance: 1 })) ?? [];
  const [xs, ys] = [grown.filter((_, i) => i % 2 === 0), grown.filter((_, i) => i % 2 === 1)];
  expect([Math.max(...xs), Math.max(...ys)]).toEqual([expect.closeTo(21.1, 0), expect.closeTo(62, 1)]);
  expect(Math.min(...xs)).toBe(0);
  expect(xs.filter((x) => x === 0).length).toBeGreaterThanOrEqual(2);
  // The narrow end comes to lie at the other one.
  const over = corners(withFilePieces([], [half], { ...taking, upwards: true })) ?? [];
  expect(over).toEqual([0, 0, 15, 0, 20, 60, 0, 60]);
});

test('written to a file and read again the pieces of a view are the same, in every size and with their notches', () => {
  const first = withFilePieces(
    [],
    [
      { ...half, size: 'M', notches: [[24, 20]] },
      { ...half, size: 'L' },
    ],
    taking,
  );
  const bare = (pieces: PatternPiece[]) => pieces.map(({ id: _, ...p }) => ({ ...p, outlines: p.outlines?.map(({ id: __, ...o }) => o) }));
  const dxf = readDxf(piecesAsDxf(filePieces(first, true)));
  const svg = readSvg(piecesAsSvg(filePieces(first, false)));
  if (dxf.kind !== 'read' || svg.kind !== 'read') throw new Error('refused');
  const again = bare(withFilePieces([], dxf.pieces, { ...taking, upwards: true }));
  expect(again[0]?.outlines?.map((o) => [o.size, o.corners.length, o.notches])).toEqual([
    ['M', 8, [19, 15]],
    ['L', 8, undefined],
  ]);
  expect(bare(withFilePieces([], svg.pieces, taking))[0]?.outlines?.[1]).toEqual(bare(first)[0]?.outlines?.[1]);
  expect(filePieces([{ id: 'r', name: 'belt', part: 'main', count: 1, pairs: false, length: 90, width: 6 }], false)).toHaveLength(1);
});
