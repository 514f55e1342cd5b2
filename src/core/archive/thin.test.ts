import fc from 'fast-check';
import { copiesToLetGo } from './thin';

const HOUR = 3_600_000;
const NOW = Date.parse('2026-11-25T20:00:00Z');
const copy = (hoursAgo: number) => {
  const written = new Date(NOW - hoursAgo * HOUR).toISOString();
  return { name: `copy ${written}`, written };
};
const letGo = (hours: readonly number[]) => {
  const gone = new Set(copiesToLetGo(hours.map(copy)).map((c) => c.name));
  return hours.filter((h) => gone.has(copy(h).name));
};
/** Thinned until nothing more goes. */
const left = (hours: readonly number[]): readonly number[] => {
  const gone = letGo(hours);
  return gone.length === 0 ? hours : left(hours.filter((h) => !gone.includes(h)));
};
const days = (n: number) => n * 24;

test('all of two days; then the last of each day; then the last of each month', () => {
  expect(left([1, 5, 25, 30])).toEqual([1, 5, 25, 30]);
  // 49 and 60 hours ago are one day.
  expect(left([1, 25, 49, 60, 75])).toEqual([1, 25, 49, 75]);
  const daily = Array.from({ length: 31 }, (_, i) => days(i));
  // Behind 31 days on which copies were made, October keeps its last, and so does September.
  expect(left([...daily, days(40), days(41), days(70), days(71)])).toEqual([...daily, days(40), days(70)]);
});

test('a pause ages nothing: what was daily before two years without a copy is so after', () => {
  const before = Array.from({ length: 20 }, (_, i) => days(730 + i));
  expect(left([1, ...before])).toEqual([1, ...before]);
});

test('one copy of a clock forty days ahead, or behind, lets nothing go that would have stayed', () => {
  const daily = Array.from({ length: 29 }, (_, i) => days(i));
  expect(left([-days(40), ...daily])).toEqual([-days(40), ...daily]);
  expect(left([...daily, days(400)])).toEqual([...daily, days(400)]);
});

test('whatever lies there: the newest stays, a few go at a time, every month keeps one, and it comes to an end', () => {
  fc.assert(
    fc.property(fc.uniqueArray(fc.integer({ min: -2000, max: 60_000 }), { maxLength: 60 }), (hours) => {
      expect(letGo(hours).length).toBeLessThanOrEqual(3);
      const once = left(hours);
      if (hours.length > 0) expect(once).toContain(Math.min(...hours));
      const months = (list: readonly number[]) => new Set(list.map((h) => copy(h).written.slice(0, 7)));
      expect(months(once)).toEqual(months(hours));
    }),
  );
});
