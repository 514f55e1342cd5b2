import type { Wear } from '../records';
import { yearOfWear } from './year-of-wear';
import { timesSaid, timesWords, wearCounts } from './wear-count';

let next = 0;
const wear = (date: string, rest: Partial<Wear> = {}): Wear => ({ id: `w${next++}`, date, makeIds: ['m'], count: 1, ...rest });

describe('wears counted', () => {
  test('days, and garments worn together', () => {
    const counts = wearCounts([wear('2026-01-02'), wear('2026-03-01', { makeIds: ['m', 'n'] })]);
    expect(counts.get('m')).toEqual({ times: 2, spread: 0, last: '2026-03-01', folded: 0 });
    expect(counts.get('n')!.times).toBe(1);
  });

  test('“about 20 times last summer” holds the three days that were noted in it', () => {
    const summer = wear('2025-06-01', { until: '2025-08-31', count: 20 });
    const noted = ['2025-06-14', '2025-07-01', '2025-08-31', '2025-09-01'].map((d) => wear(d));
    expect(wearCounts([summer, ...noted]).get('m')).toEqual({ times: 21, spread: 4, last: '2025-09-01', folded: 0 });
  });

  test('more days noted than were guessed: the days count', () =>
    expect(
      wearCounts([wear('2025-06-01', { until: '2025-06-30', count: 2 }), ...['01', '02', '03'].map((d) => wear(`2025-06-${d}`))]).get('m')!.times,
    ).toBe(3));

  test('what was told without its days counts in all, and within no span that begins', () => {
    const wears = [wear('2026-12-01', { count: 60, undated: true }), wear('2026-12-05')];
    expect(wearCounts(wears).get('m')).toEqual({ times: 61, spread: 12, last: '2026-12-05', folded: 0 });
    expect(wearCounts(wears, { from: '2026-01-01', until: '2026-12-31' }).get('m')?.times).toBe(1);
    expect(wearCounts(wears, { until: '2026-12-02' }).get('m')?.times).toBe(60);
    expect(wearCounts(wears.slice(0, 1)).get('m')?.last).toBeUndefined();
    expect(yearOfWear(wears, 2026, (id) => id).map(({ times, bastings }) => [times, bastings])).toEqual([[1, []]]);
  });

  test('what went along in the suitcase and stayed folded is no wear', () =>
    expect(wearCounts([wear('2026-05-01', { until: '2026-05-08', count: 0 })]).get('m')).toEqual({
      times: 0,
      spread: 0,
      last: undefined,
      folded: 1,
    }));

  test.each([
    ['never', 6, 0, 0],
    ['twice', 6, 2, 1],
    ['often', 6, 18, 9],
    ['constantly', 3, 30, 12],
    ['often', 0.2, 3, 1.5],
  ] as const)('“%s” in %d months is taken for %d, give or take %d', (often, months, times, spread) => {
    expect(timesSaid(often, months)).toBe(times);
    const counted = wearCounts([wear('2026-01-01', { until: '2026-06-30', often, count: times })]).get('m')!;
    expect([counted.times, counted.spread]).toEqual([times, spread]);
  });

  test('within a span an estimate gives its part by days', () => {
    const june = wear('2026-06-01', { until: '2026-06-30', count: 15 });
    expect(wearCounts([june, wear('2026-05-31')], { from: '2026-06-21', until: '2026-12-31' }).get('m')!.times).toBeCloseTo(5, 12);
  });
});

test('where nothing was entered nothing is claimed; what was said never to be worn is nought', () => {
  const counts = wearCounts([
    wear('2026-01-01', { makeIds: ['kept'], until: '2026-06-30', often: 'never', count: 0 }),
    wear('2026-01-02', { makeIds: ['worn'] }),
    wear('2026-01-03', { makeIds: ['worn'] }),
  ]);
  expect(['kept', 'worn', 'unsaid'].map((id) => timesWords(counts.get(id)))).toEqual(['0\u202f×', '2\u202f×', 'none noted']);
  // The part of an estimate that falls within a year need not be whole.
  expect(timesWords({ times: 7.4 })).toBe('7\u202f×');
});
