import fc from 'fast-check';
import { copiesToLetGo } from './thin';

const HOUR = 3_600_000;
const NOW = Date.parse('2026-11-25T20:00:00Z');
const copy = (hoursAgo: number) => {
  const written = new Date(NOW - hoursAgo * HOUR).toISOString();
  return { name: `copy ${written}`, written };
};
const left = (hours: readonly number[]) => {
  const gone = new Set(copiesToLetGo(hours.map(copy), NOW).map((c) => c.name));
  return hours.filter((h) => !gone.has(copy(h).name));
};

test('all of a day; then the last of each day; then the last of each month', () => {
  expect(left([1, 5, 23])).toEqual([1, 5, 23]);
  // 45 and 50 hours ago are one day, 70 the day before.
  expect(left([1, 47, 50, 70])).toEqual([1, 47, 70]);
  const days = (n: number) => n * 24;
  // 25 October and 40 days before: both months keep their last.
  expect(left([1, days(60), days(62), days(400), days(401)])).toEqual([1, days(60), days(400)]);
});

test('a copy of the future stays, and so does the only one, however old', () => {
  expect(left([-500, 1])).toEqual([-500, 1]);
  expect(left([100_000])).toEqual([100_000]);
});

test('whatever lies there: the newest stays, thinning twice lets nothing more go, and every month keeps one', () => {
  fc.assert(
    fc.property(fc.uniqueArray(fc.integer({ min: 0, max: 60_000 }), { maxLength: 60 }), (hours) => {
      const once = left(hours);
      expect(left(once)).toEqual(once);
      if (hours.length > 0) expect(once).toContain(Math.min(...hours));
      const months = (list: readonly number[]) => new Set(list.map((h) => copy(h).written.slice(0, 7)));
      expect(months(once)).toEqual(months(hours));
    }),
  );
});
