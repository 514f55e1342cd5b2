import { PDFDocument } from 'pdf-lib';
import { layAsDxf, piecesAsDxf } from './as-dxf';
import { layAsPdf } from './as-pdf';
import { layAsSvg, piecesAsSvg, pathData } from './as-svg';
import { readDxf } from './from-dxf';
import { readSvg } from './from-svg';
import type { CutPiece } from './lay';
import { piecesOfSize, readPieceWords, sizesInFile, type PieceFile } from './piece-file';
import { areaOf, boundsOf, moved, type Polygon } from '../units/polygon';

const front: Polygon = [
  [0, 0],
  [10, 0],
  [24, 6],
  [22, 20],
  [27, 62],
  [0, 62],
];
const sleeve: Polygon = [
  [0, 14],
  [18, 0],
  [36, 14],
  [30, 52],
  [6, 52],
];
const pieces: CutPiece[] = [
  { name: 'Front', outline: front, count: 1, pairs: false, fold: 'left' },
  { name: 'Sleeve', outline: sleeve, count: 2, pairs: true },
];

const read = (file: PieceFile) => {
  if (file.kind === 'refused') throw new Error(file.problem);
  return file;
};
const problemOf = (file: PieceFile) => (file.kind === 'refused' ? file.problem : 'read');
const size = ({ left, top, right, bottom }: ReturnType<typeof boundsOf>) => [right - left, bottom - top].map((n) => Math.round(n * 100) / 100);

test.each([
  ['Sleeve (cut 2)', { name: 'Sleeve', count: 2, pairs: true }],
  ['Front - cut 1 on fold', { name: 'Front', count: 1, onFold: true }],
  ['Pocket bag, cut 4 lining', { name: 'Pocket bag', count: 4, pairs: true, part: 'lining' }],
  ['Waistband: cut one', { name: 'Waistband', count: 1 }],
  ['Collar × 2', { name: 'Collar', count: 2, pairs: true }],
  ['Cuff cut 1 pair', { name: 'Cuff', count: 2, pairs: true }],
  ['Back on the fold', { name: 'Back', onFold: true }],
  ['Shortcut panel', { name: 'Shortcut panel' }],
])('what is written on a piece: %s', (words, meant) => {
  expect(readPieceWords(words)).toEqual(meant);
});

describe('drawings', () => {
  test('what we write we read', () => {
    const file = read(readSvg(piecesAsSvg(pieces)));
    expect(file).toMatchObject({ unit: 'cm', unitSaid: true, notices: [] });
    expect(file.pieces.map(({ name, count, pairs, fold }) => ({ name, count, pairs, fold }))).toEqual([
      { name: 'Front', count: 1, pairs: false, fold: 'left' },
      { name: 'Sleeve', count: 2, pairs: true, fold: undefined },
    ]);
    expect(file.pieces.map((p) => areaOf(p.outline))).toEqual([expect.closeTo(areaOf(front), 1), expect.closeTo(areaOf(sleeve), 1)]);
  });

  test('layers, nested transforms, millimetres and a scaled page', () => {
    const tenths = moved(front, 5, 5).map(([x, y]) => [x * 100, y * 100] as const);
    const text = `<?xml version="1.0" encoding="UTF-8"?>
<!-- drawn by hand -->
<svg xmlns="http://www.w3.org/2000/svg" xmlns:inkscape="http://www.inkscape.org/namespaces/inkscape" width="500mm" height="800mm" viewBox="0 0 5000 8000">
  <g inkscape:groupmode="layer" inkscape:label="Size 14" transform="translate(100 50)">
    <g transform="rotate(90) scale(1)">
      <path inkscape:label="Front, cut 1 on fold" d="${pathData(tenths)}"/>
      <path class="grain" d="M1000 1000 L1000 4000"/>
      <path id="dart" d="M1000 2000 l500 100 l-500 100z"/>
    </g>
  </g>
  <g style="display:none"><rect width="3000" height="3000"/></g>
</svg>`;
    const [piece, ...more] = read(readSvg(text)).pieces;
    expect(more).toEqual([]);
    expect(piece).toMatchObject({ name: 'Front', count: 1, fold: 'left', size: '14' });
    // Turned by the group, and turned back along its grain.
    expect(size(boundsOf(piece?.outline ?? []))).toEqual([27, 62]);
  });

  test('curves, arcs and shapes; a title names a shape', () => {
    const text = `<svg xmlns="http://www.w3.org/2000/svg" width="100cm" height="50cm" viewBox="0 0 100 50">
      <circle cx="20" cy="20" r="10"><title>Crown lining cut 2</title></circle>
      <path id="yoke" d="M50 10 c10 0 20 0 30 0 q5 10 0 20 h-30 a10 10 0 0 1 0 -20z"/>
      <rect id="band" x="45" y="40" width="50" height="6"/>
    </svg>`;
    const { pieces: found } = read(readSvg(text));
    expect(found.map((p) => p.name)).toEqual(['Crown lining', 'yoke', 'band']);
    expect(found[0]).toMatchObject({ count: 2, part: 'lining' });
    expect(areaOf(found[0]?.outline ?? [])).toBeCloseTo(Math.PI * 100, -0.5);
    expect(areaOf(found[1]?.outline ?? [])).toBeCloseTo(30 * 20 + (Math.PI * 100) / 2 + (2 / 3) * 20 * 2.5, -0.5);
    expect(areaOf(found[2]?.outline ?? [])).toBeCloseTo(300, 3);
  });

  test('a page without a unit is asked about, and told one', () => {
    const text = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100"><path id="a" d="M0 0H100V50H0Z"/></svg>';
    expect(read(readSvg(text))).toMatchObject({ unitSaid: false, unit: 'px' });
    const told = read(readSvg(text, 'mm'));
    expect(told).toMatchObject({ unitSaid: true });
    expect(areaOf(told.pieces[0]?.outline ?? [])).toBeCloseTo(50, 3);
  });

  test('an end nearly at its beginning is closed, a wider gap is said', () => {
    const open = (gap: number) => `<svg xmlns="http://www.w3.org/2000/svg" width="50cm" height="50cm" viewBox="0 0 50 50">
<path id="hem" d="M1 1H30V20H1V${1 + gap}"/></svg>`;
    expect(read(readSvg(open(0.1))).pieces).toHaveLength(1);
    expect(problemOf(readSvg(open(3.4)))).toBe('line 2: the outline “hem” is open by 3.4 cm and was left out. Close it, and read the file again.');
  });

  test('an outline that crosses itself is said', () => {
    const text =
      '<svg xmlns="http://www.w3.org/2000/svg" width="50cm" height="50cm" viewBox="0 0 50 50"><path id="bow" d="M0 0L40 30L40 0L0 20Z"/></svg>';
    expect(read(readSvg(text)).notices).toEqual(['The outline of bow crosses itself. Draw it anew, or look at the lay with care.']);
  });

  test.each([
    ['', /nothing in this file/],
    ['hello', /line 1/],
    ['<html><body/></html>', /line 1: this is no drawing; it begins with <html>/],
    ['<svg>\n<path d="M0 0L1', /line 2/],
    ['<svg>\n<path id="x" d="M0 0 L a b"/></svg>', /line 2: the outline “x” cannot be read/],
    ['<svg xmlns="http://www.w3.org/2000/svg"><text>no pieces</text></svg>', /no closed outline/],
  ])('a broken drawing is refused with its place: %j', (text, problem) => {
    expect(problemOf(readSvg(text))).toMatch(problem);
  });
});

describe('the trade’s interchange', () => {
  test('what we write we read, in every size', () => {
    const file = read(readDxf(piecesAsDxf(pieces.map((p) => ({ ...p, size: '12' })))));
    expect(file).toMatchObject({ unit: 'mm', unitSaid: true, notices: [] });
    expect(file.pieces.map(({ name, count, pairs, fold, size: s }) => ({ name, count, pairs, fold, s }))).toEqual([
      { name: 'Front', count: 1, pairs: false, fold: 'left', s: '12' },
      { name: 'Sleeve', count: 2, pairs: true, fold: undefined, s: '12' },
    ]);
    expect(size(boundsOf(file.pieces[1]?.outline ?? []))).toEqual([36, 52]);
  });

  const groups = (...pairs: (string | number)[]) => `${pairs.join('\r\n')}\r\n`;
  const lines = (layer: string, ...points: (readonly [number, number])[]) =>
    points
      .slice(1)
      .map((p, i) => groups(0, 'LINE', 8, layer, 10, points[i]?.[0] ?? 0, 20, points[i]?.[1] ?? 0, 11, p[0], 21, p[1]))
      .join('');

  test('inches, an outline of single lines, several sizes, a grain that lies across', () => {
    const block = (name: string, wide: number) =>
      groups(0, 'BLOCK', 8, 0, 2, name, 70, 0, 10, 0, 20, 0) +
      lines('1', [0, 0], [20, 0], [20, wide], [0, wide], [0, 0]) +
      lines('7', [2, 3], [15, 3]) +
      groups(0, 'TEXT', 8, 1, 10, 1, 20, 1, 40, 1, 1, 'PIECE NAME: BACK') +
      groups(0, 'TEXT', 8, 1, 10, 1, 20, 1, 40, 1, 1, 'QUANTITY: 1,1') +
      groups(0, 'TEXT', 8, 1, 10, 1, 20, 1, 40, 1, 1, 'MATERIAL: LINING') +
      groups(0, 'ENDBLK');
    const text =
      groups(0, 'SECTION', 2, 'BLOCKS') +
      block('BACK-M', 8) +
      block('BACK-L', 9) +
      groups(0, 'ENDSEC', 0, 'SECTION', 2, 'ENTITIES') +
      groups(0, 'TEXT', 8, 1, 10, 0, 20, 0, 40, 1, 1, 'UNITS: ENGLISH') +
      groups(0, 'ENDSEC', 0, 'EOF');
    const file = read(readDxf(text));
    expect(file).toMatchObject({ unit: 'in', unitSaid: true });
    expect(sizesInFile(file.pieces)).toEqual(['M', 'L']);
    const large = piecesOfSize(file.pieces, 'l').pieces;
    expect(large).toHaveLength(1);
    expect(large[0]).toMatchObject({ name: 'BACK', count: 2, pairs: true, part: 'lining' });
    expect(size(boundsOf(large[0]?.outline ?? []))).toEqual([22.86, 50.8]);
    expect(piecesOfSize(file.pieces, 'XL').pieces).toEqual([]);
  });

  test('a drawing without blocks: light polylines with a bulge, named by their layers; unit not said', () => {
    const text =
      groups(0, 'SECTION', 2, 'ENTITIES') +
      groups(0, 'LWPOLYLINE', 8, 'Hip yoke cut 2', 90, 4, 70, 1, 10, 0, 20, 0, 10, 200, 20, 0, 42, 1, 10, 200, 20, 100, 10, 0, 20, 100) +
      groups(0, 'ENDSEC', 0, 'EOF');
    const file = read(readDxf(text));
    expect(file.unitSaid).toBe(false);
    expect(file.pieces[0]).toMatchObject({ name: 'Hip yoke', count: 2, pairs: true });
    // A rectangle with half a circle at its right side.
    expect(areaOf(file.pieces[0]?.outline ?? [])).toBeCloseTo(200 + (Math.PI * 25) / 2, -0.5);
    expect(boundsOf(file.pieces[0]?.outline ?? []).right).toBeCloseTo(25, 1);
  });

  test.each([
    ['0\nSECTION\nno code\n1\n', 'line 3: a group code should stand here, a whole number; there is “no code”.'],
    ['0\nSECTION\n2', 'line 4: the file ends where a value should stand. Is it whole?'],
    ['0\nSECTION\n2\nENTITIES\n10\nabc\n0\nEOF\n', 'line 6: a number should stand here; there is “abc”.'],
    ['0\nSECTION\n2\nENTITIES\n0\nENDSEC\n', 'line 6: the file does not end with EOF. Is it whole?'],
    ['0\nSECTION\n2\nENTITIES\n0\nENDSEC\n0\nEOF\n', 'There is no closed outline in this file: neither in its blocks nor beside them.'],
  ])('a broken file is refused with its place: %j', (text, problem) => {
    expect(problemOf(readDxf(text))).toBe(problem);
  });
});

test('a lay is saved at full size and names every copy', () => {
  const lay = { width: 140, length: 70, bound: 60, placed: [{ piece: 'Front <1>', copy: 1, mirrored: false, turned: false, polygon: front }] };
  const svg = layAsSvg(lay);
  expect(svg).toContain('width="140cm" height="70cm"');
  expect(svg).toContain('Front &#60;1&#62;');
  expect(read(readDxf(layAsDxf(lay))).pieces.map((p) => [p.name, Math.round(areaOf(p.outline))])).toEqual([
    ['Front <1> 1', Math.round(areaOf(front))],
  ]);
});

test('a page for the copy shop is as large as the fabric', async () => {
  const bytes = await layAsPdf({
    width: 140,
    length: 70,
    bound: 60,
    placed: [{ piece: 'Große 袖 piece', copy: 1, mirrored: false, turned: false, polygon: front }],
  });
  const document = await PDFDocument.load(bytes);
  const { width, height } = document.getPage(0).getSize();
  expect([width, height].map((points) => Math.round((points / 72) * 2.54))).toEqual([140, 70]);
  expect(document.getPageCount()).toBe(1);
});
