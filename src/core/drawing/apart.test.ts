import { GARMENT_KINDS } from '../records';
import { USUAL_ZONES } from '../records/usual-zones';
import { apart } from './apart';
import { zoneSpots } from './zone-spots';

const LEAST = 19;
const nearest = (spots: ReturnType<typeof zoneSpots>) =>
  Math.min(...spots.flatMap((a, i) => spots.slice(i + 1).map((b) => (a.side === b.side ? Math.hypot(a.x - b.x, a.y - b.y) : Infinity))));

test.each([...GARMENT_KINDS])('the usual zones of a %s lie apart, and near where they belong', (kind) => {
  const spots = zoneSpots(kind, undefined).filter((s) => USUAL_ZONES[kind].includes(s.zone));
  const moved = apart(spots, LEAST);
  expect(nearest(moved)).toBeGreaterThan(LEAST - 1);
  for (const [i, { zone, side, x, y }] of moved.entries()) {
    expect([zone, side]).toEqual([spots[i]!.zone, spots[i]!.side]);
    expect(Math.hypot(x - spots[i]!.x, y - spots[i]!.y)).toBeLessThan(20);
  }
});

test('what lies apart stays where it is; two in one place part', () => {
  const [a, b] = [
    { zone: 'bust', side: 'front', x: 40, y: 60 },
    { zone: 'waist', side: 'front', x: 40, y: 90 },
  ] as const;
  expect(apart([a, b], LEAST)).toEqual([a, b]);
  expect(nearest(apart([a, { ...b, y: 60 }], LEAST))).toBeCloseTo(LEAST, 1);
  expect(apart([a, { ...b, y: 60, side: 'back' }], LEAST)).toEqual([a, { ...b, y: 60, side: 'back' }]);
});
