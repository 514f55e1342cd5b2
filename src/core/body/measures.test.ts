import fc from 'fast-check';
import { ageOn, bodyOn, daysBetween, type DatedMeasures } from './measures';
import { dateOfDay, dayNumber } from '../units/date';

const sets: DatedMeasures[] = [
  { date: '2025-01-01', measures: { bust: 90, waist: 70 } },
  { date: '2025-01-11', measures: { bust: 92 } },
  { date: '2026-01-11', measures: { bust: 92, waist: 74 } },
];

describe('a body on a day', () => {
  test('measured that day', () => {
    expect(bodyOn(sets, 'bust', '2025-01-11')).toEqual({
      cm: 92,
      how: 'measured',
      ageDays: 0,
      measured: 92,
      measuredOn: '2025-01-11',
      changed: 0,
      doubt: 0.5,
    });
  });

  test('between two sets it is interpolated by days', () => {
    expect(bodyOn(sets, 'bust', '2025-01-06')).toMatchObject({ cm: 91, how: 'interpolated', ageDays: 5 });
  });

  test('a set without the measure is passed over', () => {
    const value = bodyOn(sets, 'waist', '2025-07-08');
    expect(value?.how).toBe('interpolated');
    expect(value?.cm).toBeCloseTo(70 + (4 * daysBetween('2025-01-01', '2025-07-08')) / daysBetween('2025-01-01', '2026-01-11'), 9);
  });

  test('before the first and after the last the nearest holds, with its age', () => {
    expect(bodyOn(sets, 'waist', '2024-12-31')).toMatchObject({ cm: 70, how: 'nearest', ageDays: 1, measuredOn: '2025-01-01' });
    expect(bodyOn(sets, 'waist', '2026-02-11')).toMatchObject({ cm: 74, how: 'nearest', ageDays: 31, measuredOn: '2026-01-11' });
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

describe('a body between and beyond its measures', () => {
  const monthly = (measure: 'waist' | 'inseam' | 'height', ...cms: number[]): DatedMeasures[] =>
    cms.map((cm, i) => ({ date: dateOfDay(dayNumber('2025-01-01') + 60 * i), measures: { [measure]: cm } }));
  const daysAfter = (days: number) => dateOfDay(dayNumber('2025-05-01') + days);

  test('what it may have changed grows from the nearest set, less on a length than on a girth', () => {
    const both = [{ date: '2025-01-01', measures: { waist: 70, inseam: 78 } }];
    const waist = bodyOn(both, 'waist', '2026-01-01')!;
    expect(waist.changed).toBeCloseTo(0.3 * Math.sqrt(12), 1);
    expect(waist.doubt).toBeCloseTo(Math.hypot(0.5, waist.changed), 9);
    expect(bodyOn(both, 'inseam', '2026-01-01')!.doubt).toBeCloseTo(0.3 * waist.doubt, 9);
    expect(bodyOn(both, 'waist', '2025-01-01')).toMatchObject({ changed: 0, doubt: 0.5 });
  });

  test('where three sets go one way, each by more than two tapes err, half of the last slope is carried on, for a year', () => {
    const sets = monthly('waist', 70, 72, 75);
    expect(bodyOn(sets, 'waist', daysAfter(60))).toMatchObject({ how: 'carried on', cm: 75 + 1.5, measured: 75 });
    expect(bodyOn(sets, 'waist', daysAfter(730))!.cm).toBeCloseTo(75 + (1.5 * 365) / 60, 9);
  });

  test.each([
    ['turned round', [70, 73, 71]],
    ['hardly moved the first time', [70, 70.5, 73]],
    ['hardly moved the last time', [70, 73, 73.6]],
    ['measured twice', [70, 75]],
  ])('a body that %s stays where the last set has it', (_, cms) => {
    const sets = monthly('waist', ...cms);
    expect(bodyOn(sets, 'waist', daysAfter(200))).toMatchObject({ how: 'nearest', cm: cms.at(-1) });
  });

  test('sets within weeks of each other are no trend', () => {
    const sets = ['2025-01-01', '2025-01-20', '2025-02-10'].map((date, i) => ({ date, measures: { waist: 70 + 2 * i } }));
    expect(bodyOn(sets, 'waist', '2025-06-01')!.how).toBe('nearest');
  });

  test('a child grows on after two sets, and never becomes smaller', () => {
    const height = monthly('height', 120, 122);
    const child = (...waists: number[]) => height.map((s, i) => ({ date: s.date, measures: { ...s.measures, waist: waists[i]! } }));
    expect(bodyOn(height, 'height', '2025-05-01')!.cm).toBeCloseTo(123, 9);
    expect(bodyOn(child(56, 57), 'waist', '2025-05-01')!.cm).toBeCloseTo(57.5, 9);
    expect(bodyOn(child(57, 56), 'waist', '2025-05-01')!.cm).toBe(56);
  });

  test('what is expected stands for its day, as much in doubt as what was taken leaves it', () => {
    const taken: DatedMeasures = { date: '2025-01-01', measures: { waist: 70 } };
    const expected: DatedMeasures = { date: '2026-01-01', measures: { waist: 76 }, expected: true };
    expect(bodyOn([taken, expected], 'waist', '2026-01-01')).toMatchObject({ cm: 76, how: 'measured', measured: 70, measuredOn: '2025-01-01' });
    expect(bodyOn([taken, expected], 'waist', '2026-01-01')!.doubt).toBe(bodyOn([taken], 'waist', '2026-01-01')!.doubt);
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
