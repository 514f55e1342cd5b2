import { piecesAsDxf } from '../src/core/lay/as-dxf';
import { piecesAsSvg } from '../src/core/lay/as-svg';
import { faultsOfLay } from '../src/core/lay/check-lay';
import type { CutPiece, LayFabric } from '../src/core/lay/lay';
import { LayAnswer } from './lay';
import { run } from './run';

const pieces: CutPiece[] = [
  {
    name: 'gore',
    outline: [
      [0, 0],
      [30, 0],
      [42, 70],
      [0, 70],
    ],
    count: 4,
    pairs: true,
  },
  {
    name: 'yoke',
    outline: [
      [0, 0],
      [22, 0],
      [26, 18],
      [0, 18],
    ],
    count: 1,
    pairs: false,
    fold: 'left',
  },
];
const files: Record<string, string> = {
  'skirt.svg': piecesAsSvg(pieces),
  'skirt.dxf': piecesAsDxf(pieces.map((p) => ({ ...p, size: 'M' }))),
  'broken.svg': '<svg><path d="M0 0',
  'notes.txt': 'gore',
};
const ask = (...args: string[]) =>
  run(
    ['lay', ...args],
    (file) => {
      const text = files[file];
      if (text === undefined) throw new Error('no such file');
      return text;
    },
    () => new Uint8Array(),
    '2026-11-28',
  );
const answer = (...args: string[]) => {
  const { code, out } = ask(...args, '--json', '--seconds', '0.1');
  expect([code, code === 0 ? '' : out]).toEqual([0, '']);
  return LayAnswer.parse(JSON.parse(out));
};

test.each<[file: string, flags: readonly string[], fabric: LayFabric]>([
  ['skirt.svg', [], { width: 140 }],
  ['skirt.svg', ['--nap'], { width: 140, nap: true }],
  ['skirt.svg', ['--fold', '--nap'], { width: 140, fold: 'lengthwise', nap: true }],
  ['skirt.svg', ['--width', '90'], { width: 90 }],
  ['skirt.dxf', [], { width: 140 }],
])('pieces of %s are laid as asked (%j), and the lay can be cut', (file, flags, fabric) => {
  const lay = answer('--pieces', file, ...flags);
  // The trade's file turns nothing and mirrors nothing: the outlines are those that were written.
  expect(faultsOfLay(pieces, fabric, lay)).toEqual([]);
  expect(lay.width).toBe(fabric.width);
  expect(lay.needed.enough).toBeGreaterThan(lay.needed.middle);
  expect(lay.length).toBeGreaterThanOrEqual(lay.bound - 0.01);
});

test('the same seed gives the same lay', () => {
  const once = answer('--pieces', 'skirt.svg', '--seed', '7');
  expect(answer('--pieces', 'skirt.svg', '--seed', '7')).toEqual(once);
});

test('a pattern of the demo is laid in the size that was cut last, or in another', () => {
  const last = answer('--demo', '--pattern', 'gangway trousers');
  expect(last.pieces).toBeDefined();
  expect(last.placed.length).toBeGreaterThan(4);
  const area = (lay: typeof last) => lay.bound * lay.width;
  expect(area(answer('--demo', '--pattern', 'Gangway trousers', '--size', '46'))).toBeGreaterThan(area(last));
  expect(ask('--demo', '--pattern', 'Gangway trousers', '--seconds', '0').out).toMatch(/pieces in size 40 on .*Needed: /s);
});

test.each([
  [['--pieces', 'broken.svg'], 1, /broken\.svg: line 1/],
  [['--pieces', 'missing.svg'], 1, /missing\.svg cannot be read/],
  [['--pieces', 'notes.txt'], 2, /neither SVG nor DXF/],
  [['--pieces', 'skirt.dxf', '--size', 'XL'], 1, /has no size XL. It has M\./],
  [['--pieces', 'skirt.svg', '--width', '30'], 1, /gore is 42\.0 cm wide .* Give a wider fabric/],
  [['--pieces', 'skirt.svg', '--width', 'wide'], 2, /“wide” is no number for --width/],
  [['--demo'], 2, /Name the pattern with --pattern/],
  [['--demo', '--pattern', 'Nobody’s'], 1, /No pattern is called Nobody’s/],
  [['--pieces', 'skirt.svg', '--fabric', 'linen'], 1, /Which ledger has the fabric linen/],
  [[], 2, /The core of Amber Ledger/],
] as const)('%j is answered with a sentence', (args, code, words) => {
  const found = ask(...args);
  expect(found.code).toBe(code);
  expect(found.out).toMatch(words);
});
