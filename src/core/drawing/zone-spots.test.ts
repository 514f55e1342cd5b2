import { GARMENT_KINDS, USUAL_ZONES } from '../records';
import { garmentFlat } from './flat';
import { SHEET } from './sheet';
import { zoneSpots } from './zone-spots';

describe.each(GARMENT_KINDS)('%s', (kind) => {
  const spots = zoneSpots(kind, undefined);

  test('every zone that usually decides its fit can be pointed at, once', () => {
    const zones = spots.map((s) => s.zone);
    expect(USUAL_ZONES[kind].filter((z) => !zones.includes(z))).toEqual([]);
    expect(new Set(zones).size).toBe(zones.length);
  });

  test('no spot lies off the sheet or below the hem', () => {
    const { bottom } = garmentFlat(kind, undefined, 'front');
    for (const { x, y } of spots) {
      expect(x).toBeGreaterThan(4);
      expect(x).toBeLessThan(SHEET.width - 4);
      expect(y).toBeGreaterThan(4);
      expect(y).toBeLessThanOrEqual(bottom);
    }
  });

  test('the usual ones of one side are far enough apart for a finger', () => {
    const usual = spots.filter((s) => USUAL_ZONES[kind].includes(s.zone));
    for (const a of usual)
      for (const b of usual)
        if (a !== b && a.side === b.side) expect([a.zone, b.zone, Math.hypot(a.x - b.x, a.y - b.y) >= 10]).toEqual([a.zone, b.zone, true]);
  });
});

test('a wrist is where the sleeve ends', () => {
  const wrist = (sleeve: 'short' | 'long') => zoneSpots('shirt', { sleeve }).find((s) => s.zone === 'wrist')!.y;
  expect(wrist('long')).toBeGreaterThan(wrist('short') + 30);
});

test('a longer dress is shown longer', () => {
  const length = (of: 'short' | 'long') => zoneSpots('dress', { length: of }).find((s) => s.zone === 'bodyLength')!.y;
  expect(length('long')).toBeGreaterThan(length('short'));
});
