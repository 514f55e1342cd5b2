import { FlatDetails, GARMENT_KINDS, type GarmentKind } from '../records';
import { garmentFlat } from './flat';
import { sheetOf } from './flat-svg';
import type { FlatSide } from './sheet';
import { zoneSpots } from './zone-spots';

const LENGTHS = ['short', 'mid', 'long'] as const;
const SLEEVES = FlatDetails.shape.sleeve.unwrap().options;
const SIDES: readonly FlatSide[] = ['front', 'back'];
const points = (path: string) => (path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);
/** How low the strokes of a flat reach; buttons are written as arcs, whose flags are no points. */
const lowest = (kind: GarmentKind, length: (typeof LENGTHS)[number], side: FlatSide = 'front') =>
  Math.max(
    ...garmentFlat(kind, { length }, side)
      .strokes.filter((s) => s.role === 'piece')
      .flatMap(({ path }) => points(path).filter((_, i) => i % 2 === 1)),
  );

describe.each(GARMENT_KINDS)('%s in three lengths', (kind) => {
  test.each(LENGTHS)('%s: the drawing ends where its sheet ends, and every spot lies on it', (length) => {
    for (const sleeve of SLEEVES) {
      const spots = zoneSpots(kind, { length, sleeve });
      expect(new Set(spots.map((s) => s.zone)).size).toBe(spots.length);
      for (const { side, x, y } of spots) {
        const { width, height } = sheetOf(kind, { length, sleeve }, side);
        expect([kind, length, x > 0 && x < width, y > 0 && y < height]).toEqual([kind, length, true, true]);
      }
    }
    for (const side of SIDES) expect(lowest(kind, length, side)).toBeLessThan(sheetOf(kind, { length }, side).height);
  });

  test('longer never reaches higher', () => {
    const [short, mid, long] = LENGTHS.map((length) => lowest(kind, length));
    // A swimsuit is cut high, as usual, or with a leg: its crotch stays where it is.
    if (kind === 'swimsuit' || kind === 'waistcoat') return;
    expect(mid!).toBeGreaterThanOrEqual(short!);
    expect(long!).toBeGreaterThanOrEqual(mid!);
  });
});

test('a hat’s brim grows with its length, and its crown does not', () => {
  const width = (length: (typeof LENGTHS)[number], piece: number) => {
    const xs = points(garmentFlat('hat', { length }, 'front').strokes.filter((s) => s.role === 'piece')[piece]!.path).filter((_, i) => i % 2 === 0);
    return Math.max(...xs) - Math.min(...xs);
  };
  expect(width('long', 0)).toBeGreaterThan(width('mid', 0));
  expect(width('mid', 0)).toBeGreaterThan(width('short', 0));
  expect(width('long', 1)).toBe(width('short', 1));
});

test('a swimsuit has a low back, and a short leg where it is long', () => {
  const neckline = (side: FlatSide) => points(garmentFlat('swimsuit', undefined, side).strokes[0]!.path)[1]!;
  expect(neckline('back')).toBeGreaterThan(neckline('front') + 15);
  expect(garmentFlat('swimsuit', { length: 'long' }, 'front').strokes[0]!.path).not.toBe(
    garmentFlat('swimsuit', undefined, 'front').strokes[0]!.path,
  );
});
