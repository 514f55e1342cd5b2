import fc from 'fast-check';
import { ageOn, bodyOn, daysBetween, type DatedMeasures } from './measures';

const sets: DatedMeasures[] = [
  { date: '2025-01-01', measures: { bust: 90, waist: 70 } },
  { date: '2025-01-11', measures: { bust: 92 } },
  { date: '2026-01-11', measures: { bust: 92, waist: 74 } },
];

describe('a body on a day', () => {
  test('measured that day', () => {
    expect(bodyOn(sets, 'bust', '2025-01-11')).toEqual({ cm: 92, how: 'measured', ageDays: 0 });
  });

  test('between two sets it is interpolated by days', () => {
    expect(bodyOn(sets, 'bust', '2025-01-06')).toEqual({ cm: 91, how: 'interpolated', ageDays: 5 });
  });

  test('a set without the measure is passed over', () => {
    const value = bodyOn(sets, 'waist', '2025-07-08');
    expect(value?.how).toBe('interpolated');
    expect(value?.cm).toBeCloseTo(70 + (4 * daysBetween('2025-01-01', '2025-07-08')) / daysBetween('2025-01-01', '2026-01-11'), 9);
  });

  test('before the first and after the last the nearest holds, with its age', () => {
    expect(bodyOn(sets, 'waist', '2024-12-31')).toEqual({ cm: 70, how: 'nearest', ageDays: 1 });
    expect(bodyOn(sets, 'waist', '2026-02-11')).toEqual({ cm: 74, how: 'nearest', ageDays: 31 });
  });

  test('never measured: nothing is invented', () => {
    expect(bodyOn(sets, 'neck', '2025-01-06')).toBeUndefined();
    expect(bodyOn([], 'bust', '2025-01-06')).toBeUndefined();
  });

  test('the order of the sets does not matter', () => {
    const dates = ['2024-05-05', '2025-01-06', '2025-08-01', '2027-01-01'];
    for (const date of dates) expect(bodyOn([...sets].reverse(), 'bust', date)).toEqual(bodyOn(sets, 'bust', date));
  });

  test('an interpolated value lies between its neighbours', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 9 }),
        fc.double({ min: 60, max: 120, noNaN: true }),
        fc.double({ min: 60, max: 120, noNaN: true }),
        (day, a, b) => {
          const two: DatedMeasures[] = [
            { date: '2025-01-01', measures: { bust: a } },
            { date: '2025-01-11', measures: { bust: b } },
          ];
          const { cm } = bodyOn(two, 'bust', `2025-01-${String(day + 1).padStart(2, '0')}`)!;
          expect(cm).toBeGreaterThanOrEqual(Math.min(a, b) - 1e-9);
          expect(cm).toBeLessThanOrEqual(Math.max(a, b) + 1e-9);
        },
      ),
    );
  });
});

describe('calendar days', () => {
  test.each([
    ['2026-03-28', '2026-03-30', 2],
    ['2026-10-24', '2026-10-26', 2],
    ['2024-02-28', '2024-03-01', 2],
    ['2026-01-02', '2026-01-01', -1],
  ])('from %s to %s are %d, also where the clocks change', (from, to, days) => {
    expect(daysBetween(from, to)).toBe(days);
  });
});

describe('age', () => {
  test.each([
    ['2020-04', '2026-11-24', 6, 7],
    ['2020-04', '2026-04-01', 6, 0],
    ['2020-04', '2026-03-31', 5, 11],
    ['2026-05', '2026-01-01', 0, 0],
  ])('born in %s, on %s: %d years and %d months', (birth, date, years, months) => {
    expect(ageOn(birth, date)).toEqual({ years, months });
  });
});
