import { GARMENT_KINDS } from '../records';
import { nextSpot, type Direction } from './next-spot';
import { zoneSpots } from './zone-spots';

const spotsOf = (kind: (typeof GARMENT_KINDS)[number]) => zoneSpots(kind, undefined);
const at = (kind: (typeof GARMENT_KINDS)[number], zone: string) => spotsOf(kind).find((s) => s.zone === zone)!;

test('down from the neck of a shirt leads down its front, and right from it over to the back', () => {
  const spots = spotsOf('shirt');
  const down = nextSpot(spots, at('shirt', 'neckDepth'), 'down')!;
  expect(down.side).toBe('front');
  expect(down.y).toBeGreaterThan(at('shirt', 'neckDepth').y);
  let spot = at('shirt', 'bust');
  for (let i = 0; i < 6 && spot.side === 'front'; i++) spot = nextSpot(spots, spot, 'right')!;
  expect(spot.side).toBe('back');
});

test('there is nothing above the highest spot', () => {
  const spots = spotsOf('trousers');
  const highest = spots.reduce((a, b) => (b.y < a.y ? b : a));
  expect(nextSpot(spots, highest, 'up')).toBeUndefined();
});

test.each(GARMENT_KINDS)('the arrow keys reach every zone of a %s', (kind) => {
  const spots = spotsOf(kind);
  const reached = new Set([spots[0]!]);
  for (const from of reached)
    for (const direction of ['left', 'right', 'up', 'down'] satisfies Direction[]) {
      const next = nextSpot(spots, from, direction);
      if (next) reached.add(next);
    }
  expect(spots.filter((s) => !reached.has(s)).map((s) => s.zone)).toEqual([]);
});
