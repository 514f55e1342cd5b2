import { GARMENT_KINDS, type FlatDetails, type GarmentKind } from '../records';
import { garmentFlat } from './flat';
import { SHEET, type FlatSide } from './sheet';
import { flatSvg } from './flat-svg';
import { blend, lightness, printPattern } from './print';

const SIDES: readonly FlatSide[] = ['front', 'back'];

/** Every point that a path names, corners and handles alike. */
function points(path: string): [number, number][] {
  const numbers = path.match(/-?\d+(\.\d+)?/g)!.map(Number);
  return Array.from({ length: numbers.length / 2 }, (_, i) => [numbers[i * 2]!, numbers[i * 2 + 1]!]);
}
const pieces = (kind: GarmentKind, side: FlatSide, flat?: FlatDetails) => garmentFlat(kind, flat, side).strokes.filter((s) => s.role === 'piece');
const all = (kind: GarmentKind, side: FlatSide, flat?: FlatDetails) =>
  garmentFlat(kind, flat, side)
    .strokes.map((s) => s.path)
    .join('|');

describe.each(GARMENT_KINDS)('%s', (kind) => {
  test.each(SIDES)('%s lies on its sheet, with a margin', (side) => {
    // Buttons are written as arcs, whose flags are no points.
    for (const { path } of garmentFlat(kind, undefined, side).strokes.filter((s) => s.role !== 'button'))
      for (const [x, y] of points(path)) {
        expect(x).toBeGreaterThan(0);
        expect(x).toBeLessThan(SHEET.width);
        expect(y).toBeGreaterThan(0);
        expect(y).toBeLessThan(SHEET.height);
      }
  });

  test.each(SIDES)('%s is symmetrical in its pieces', (side) => {
    const found = pieces(kind, side).flatMap(({ path }) =>
      points(path).map(([x, y]) => `${(x - SHEET.width / 2).toFixed(1)} ${y.toFixed(1)}`.replace('-0.0', '0.0')),
    );
    const mirrored = new Set(found.map((p) => p.replace(/^(-?)/, (_, minus: string) => (minus ? '' : '-')).replace('-0.0 ', '0.0 ')));
    expect(found.filter((p) => !mirrored.has(p))).toEqual([]);
  });

  test.each(SIDES)('%s: every piece is closed', (side) => {
    expect(pieces(kind, side).length).toBeGreaterThan(0);
    for (const { path } of pieces(kind, side)) expect(path).toMatch(/Z$/);
  });

  test('front and back are not the same', () => {
    expect(all(kind, 'front')).not.toBe(all(kind, 'back'));
  });
});

test('no two kinds look alike', () => {
  const seen = new Map<string, GarmentKind>();
  for (const kind of GARMENT_KINDS) {
    const drawing = all(kind, 'front');
    expect([kind, seen.get(drawing)]).toEqual([kind, undefined]);
    seen.set(drawing, kind);
  }
});

describe('details change the drawing', () => {
  test.each<[GarmentKind, FlatDetails, FlatDetails]>([
    ['shirt', { sleeve: 'long' }, { sleeve: 'short' }],
    ['dress', { neck: 'v' }, { neck: 'boat' }],
    ['dress', { length: 'short' }, { length: 'long' }],
    ['skirt', { shape: 'straight' }, { shape: 'flared' }],
    ['trousers', { pockets: 'slant' }, { pockets: 'none' }],
    ['top', { opening: 'none' }, { opening: 'buttons' }],
    ['jacket', { neck: 'notched' }, { neck: 'shawl' }],
    ['cardigan', { cuffs: true }, { cuffs: false }],
    ['waistcoat', { darts: true }, { darts: false }],
  ])('%s: %j is not %j', (kind, one, other) => {
    expect(all(kind, 'front', one)).not.toBe(all(kind, 'front', other));
  });

  test.each<[GarmentKind, FlatDetails, FlatDetails]>([
    ['bra', { darts: true }, { darts: false }],
    ['briefs', { length: 'short' }, { length: 'long' }],
    ['nightwear', { opening: 'buttons' }, { opening: 'none' }],
    ['apron', { pockets: 'patch' }, { pockets: 'none' }],
    ['bag', { pockets: 'patch' }, { pockets: 'none' }],
    ['accessory', { shape: 'straight' }, { shape: 'flared' }],
    ['toy', { length: 'short' }, { length: 'long' }],
  ])('%s: %j is not %j, where there is nothing of the body too', (kind, one, other) => {
    expect(all(kind, 'front', one)).not.toBe(all(kind, 'front', other));
  });

  test('a cushion opens at its back', () => {
    expect(all('home', 'back', { opening: 'zip' })).not.toBe(all('home', 'back', { opening: 'none' }));
  });

  test('a longer garment reaches lower', () => {
    for (const kind of ['dress', 'skirt', 'coat'] as const)
      expect(garmentFlat(kind, { length: 'long' }, 'front').bottom).toBeGreaterThan(garmentFlat(kind, { length: 'short' }, 'front').bottom);
  });
});

describe('as a picture', () => {
  test('it holds no script, no style from elsewhere, and no words of the ledger', () => {
    for (const kind of GARMENT_KINDS) {
      const svg = flatSvg(kind, undefined, 'front');
      expect(svg).toMatch(/^<svg xmlns="http:\/\/www\.w3\.org\/2000\/svg"/);
      expect(svg).not.toMatch(/<script|href|<image|style=|on\w+=/i);
    }
  });

  test('on dark fabric the seams are lighter than the fabric, on light fabric darker', () => {
    const strokeOf = (ground: string) =>
      /fill="none" stroke="(#[0-9a-f]{6})"/.exec(flatSvg('shirt', undefined, 'front', { print: 'plain', ground, figure: ground, repeat: 2 }))![1]!;
    expect(lightness(strokeOf('#101418'))).toBeGreaterThan(lightness('#101418') + 0.1);
    expect(lightness(strokeOf('#f3efe4'))).toBeLessThan(0.2);
  });

  test('a print is drawn at its true scale, and never finer than can be seen', () => {
    const width = (repeat: number) =>
      Number(/width="([\d.]+)"/.exec(printPattern({ print: 'stripe', ground: '#ffffff', figure: '#000000', repeat }, 'p', 1.6))![1]);
    expect(width(5)).toBe(8);
    expect(width(10)).toBe(16);
    expect(width(0.2)).toBe(3);
  });
});

describe('colours', () => {
  test('lightness runs from black to white, green counting most', () => {
    expect(lightness('#000000')).toBe(0);
    expect(lightness('#ffffff')).toBeCloseTo(1, 9);
    expect(lightness('#00ff00')).toBeGreaterThan(lightness('#ff0000'));
    expect(lightness('#ff0000')).toBeGreaterThan(lightness('#0000ff'));
  });

  test('a blend begins at one colour and ends at the other', () => {
    expect(blend('#204060', '#a0c0e0', 0)).toBe('#204060');
    expect(blend('#204060', '#a0c0e0', 1)).toBe('#a0c0e0');
    expect(blend('#204060', '#a0c0e0', 0.5)).toBe('#6080a0');
  });
});
