import type { Wear } from '../records';
import { outfits } from './outfits';
import { outfitsOfDay, touched } from './day-of-wear';
import { yearOfWear } from './year-of-wear';

const wear = (id: string, makeIds: string[], rest: Partial<Wear> = {}): Wear => ({ id, date: '2026-05-02', makeIds, count: 1, ...rest });

describe('a day of wear', () => {
  test('touched: worn with what is on already; touched again: off; the last one takes the outfit with it', () => {
    const first = touched([], 'shirt', '2026-05-02', 'w1', false);
    expect(first).toEqual({ what: 'add', wear: wear('w1', ['shirt']) });
    const day = [wear('w1', ['shirt'])];
    expect(touched(day, 'skirt', '2026-05-02', 'w2', false)).toEqual({ what: 'change', from: day[0], to: wear('w1', ['shirt', 'skirt']) });
    expect(touched([wear('w1', ['shirt', 'skirt'])], 'shirt', '2026-05-02', 'w2', false)).toMatchObject({ to: { makeIds: ['skirt'] } });
    expect(touched(day, 'shirt', '2026-05-02', 'w2', false)).toEqual({ what: 'remove', wear: day[0] });
  });

  test('another outfit on the same day stands apart', () =>
    expect(touched([wear('w1', ['shirt'])], 'dress', '2026-05-02', 'w2', true)).toEqual({ what: 'add', wear: wear('w2', ['dress']) }));

  test('estimates and folded things are no outfits', () =>
    expect(
      outfitsOfDay([wear('b', ['x']), wear('a', ['y']), wear('c', ['z'], { count: 20 }), wear('d', ['z'], { count: 0 })], '2026-05-02').map(
        (w) => w.id,
      ),
    ).toEqual(['a', 'b']));
});

test('outfits: the same garments in any order are one', () => {
  const found = outfits([
    wear('1', ['a', 'b'], { occasion: 'concert' }),
    wear('2', ['b', 'a'], { date: '2026-07-01' }),
    wear('3', ['a']),
    wear('4', ['a', 'c'], { count: 0 }),
  ]);
  expect(found).toEqual([{ makeIds: ['a', 'b'], times: 2, last: '2026-07-01', occasions: ['concert'] }]);
});

describe('a year in rows', () => {
  test('days are stitches, estimates are basted over the part of their span in the year', () => {
    const rows = yearOfWear(
      [
        wear('1', ['a', 'b']),
        wear('2', ['a'], { date: '2026-01-01' }),
        wear('3', ['b'], { date: '2025-12-22', until: '2026-01-10', count: 20 }),
        wear('4', ['a'], { date: '2025-12-31' }),
        wear('5', ['a'], { date: '2027-01-01' }),
        wear('6', ['a'], { count: 0 }),
      ],
      2026,
      (id) => id,
    );
    expect(rows).toEqual([
      {
        id: 'a',
        stitches: [
          { at: 0, makeIds: ['a'] },
          { at: 121, makeIds: ['a'] },
        ],
        bastings: [],
        times: 2,
      },
      { id: 'b', stitches: [{ at: 121, makeIds: ['b'] }], bastings: [{ from: 0, to: 9, times: 10, makeIds: ['b'] }], times: 11 },
    ]);
  });

  test('by kind, two garments of a day are one stitch of two', () => {
    const rows = yearOfWear([wear('1', ['a', 'b', 'gone'])], 2026, (id) => (id === 'gone' ? undefined : 'shirt'));
    expect(rows).toEqual([{ id: 'shirt', stitches: [{ at: 121, makeIds: ['a', 'b'] }], bastings: [], times: 2 }]);
  });
});
