import fc from 'fast-check';
import { blankMake } from '../records/blank';
import type { Make } from '../records';
import { availableMonths, inRotation, isAway } from './available';
import { MONTH_DAYS } from '../units/date';
import { seasonOf, seasonsOf } from './season';

const make = (rest: Partial<Make> = {}): Make => ({ ...blankMake('m', 'p', 1, '2025-06-01'), ...rest });
const ALL = ['spring', 'summer', 'autumn', 'winter'] as const;
const days = (months: number) => Math.round(months * MONTH_DAYS);

describe('months in which a garment could be worn', () => {
  test('a year of all seasons is twelve months', () => expect(availableMonths(make(), ALL, 'north', '2026-06-01')).toBeCloseTo(365 / MONTH_DAYS, 12));

  test('only its seasons count, in either hemisphere', () => {
    // June to August 2025: 92 days; on the other side of the world December to February: 90.
    expect(days(availableMonths(make(), ['summer'], 'north', '2026-05-01'))).toBe(92);
    expect(days(availableMonths(make(), ['summer'], 'south', '2026-05-01'))).toBe(90);
  });

  test('mending and storage do not count, not even twice over', () => {
    const away = [
      { id: '1', why: 'in the mending' as const, from: '2025-06-10', until: '2025-06-20' },
      { id: '2', why: 'stored' as const, from: '2025-06-15', until: '2025-06-25' },
      { id: '3', why: 'lent' as const, from: '2025-07-21' },
    ];
    expect(days(availableMonths(make({ away }), ALL, 'north', '2025-08-01'))).toBe(61 - 15 - 11);
    expect(isAway(make({ away }), '2025-06-20')).toBe(true);
    expect(isAway(make({ away }), '2025-07-01')).toBe(false);
    expect(isAway(make({ away }), '2030-01-01')).toBe(true);
  });

  test('what left the wardrobe counts up to then: the day said, else the last it was worn', () => {
    expect(days(availableMonths(make({ state: 'given', stateSince: '2025-06-21' }), ALL, 'north', '2026-01-01'))).toBe(20);
    expect(days(availableMonths(make({ state: 'outgrown' }), ALL, 'north', '2026-01-01', { lastWorn: '2025-06-11' }))).toBe(10);
  });

  test('what was never ready has none', () => {
    for (const state of ['cut', 'sewing', 'abandoned', 'planned'] as const)
      expect(availableMonths(make({ state }), ALL, 'north', '2026-01-01')).toBe(0);
    const { finishedOn: _, ...hanging } = make({ state: 'loose ends' });
    expect(availableMonths(hanging, ALL, 'north', '2026-01-01')).toBe(0);
    expect(inRotation(hanging)).toBe(false);
    expect(inRotation(make({ kind: 'toile' }))).toBe(false);
    expect(inRotation(make({ state: 'resting' }))).toBe(false);
    expect(inRotation(make())).toBe(true);
  });

  test('the four seasons make up the whole, whatever the days', () => {
    const day = fc.date({ min: new Date('2020-01-01'), max: new Date('2027-12-31'), noInvalidDate: true }).map((d) => d.toISOString().slice(0, 10));
    fc.assert(
      fc.property(day, day, fc.constantFrom('north' as const, 'south' as const), (a, b, hemisphere) => {
        const m = make({ finishedOn: a });
        const parts = ALL.reduce((sum, season) => sum + availableMonths(m, [season], hemisphere, b), 0);
        expect(parts).toBeCloseTo(availableMonths(m, ALL, hemisphere, b), 9);
      }),
    );
  });
});

describe('seasons', () => {
  test.each([
    ['2026-02-28', 'north', 'winter'],
    ['2026-03-01', 'north', 'spring'],
    ['2026-07-14', 'south', 'winter'],
    ['2026-12-01', 'south', 'summer'],
  ] as const)('%s in the %s is %s', (date, hemisphere, season) => expect(seasonOf(date, hemisphere)).toBe(season));

  test('those said of the garment, else those of its fabric, else all', () => {
    const linen = { id: 'linen', seasons: ['summer'] } as never;
    const fabrics = [{ id: 'u', fabricId: 'linen', part: 'main' as const }];
    expect(seasonsOf({ seasons: ['winter'], fabrics }, [linen])).toEqual(['winter']);
    expect(seasonsOf({ fabrics }, [linen])).toEqual(['summer']);
    expect(seasonsOf({ fabrics: [] }, [linen])).toEqual(ALL);
  });
});
