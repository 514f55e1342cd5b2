import fc from 'fast-check';
import { dateOfDay, dayNumber, monthOfDay, monthStart } from './date';

test('days are counted from 1 January 1970, across leap years and the turn of a century', () => {
  expect(dayNumber('1970-01-01')).toBe(0);
  expect(dayNumber('2026-11-25')).toBe(20_782);
  expect(dayNumber('2024-03-01') - dayNumber('2024-02-28')).toBe(2);
  expect(dayNumber('2100-03-01') - dayNumber('2100-02-28')).toBe(1);
});

test('a day goes to its date and back, and lies in its month', () => {
  fc.assert(
    fc.property(fc.integer({ min: -50_000, max: 100_000 }), (day) => {
      expect(dayNumber(dateOfDay(day))).toBe(day);
      const { year, month } = monthOfDay(day);
      expect(monthStart(year, month)).toBeLessThanOrEqual(day);
      expect(monthStart(year, month + 1)).toBeGreaterThan(day);
      expect(monthStart(year, month)).toBe(Date.UTC(year, month, 1) / 86_400_000);
    }),
  );
});
