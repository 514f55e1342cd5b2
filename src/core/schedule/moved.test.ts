import fc from 'fast-check';
import type { SewingTime } from '../records';
import { dateOfDay, dayNumber } from '../units/date';
import { sittingMoved, sittingOff, type TimesChanged } from './moved';
import { SAMPLE_WEEK } from './sample-bench';
import { minuteOf, sittingsFrom, type Sitting } from './sittings';

const MONDAY = '2026-11-23';
let drawn = 0;
const newId = () => `new-${++drawn}`;
const after = (times: readonly SewingTime[], { gone, put }: TimesChanged) => [...times.filter((t) => !gone.some((g) => g.id === t.id)), ...put];
const days = (times: readonly SewingTime[], count = 14) => sittingsFrom(times, MONDAY, count).map((s) => `${s.date} ${s.from ?? ''} ${s.minutes}`);
const on = (times: readonly SewingTime[], date: string): Sitting => {
  const found = sittingsFrom(times, MONDAY, 14).find((s) => s.date === date);
  if (!found) throw new Error(`no sitting on ${date}`);
  return found;
};

test('a sitting is moved for once: its own day has none, the other has it beside its own, the week after is as usual', () => {
  const moved = after(SAMPLE_WEEK, sittingMoved(SAMPLE_WEEK, on(SAMPLE_WEEK, '2026-11-24'), '2026-11-28', newId));
  expect(days(moved)).toEqual(['2026-11-28 10:00 180', '2026-11-28 19:30 90', '2026-12-01 19:30 90', '2026-12-05 10:00 180']);
});

test('one that falls away leaves the others of its day; moved to its own day nothing changes', () => {
  const twice: SewingTime[] = [...SAMPLE_WEEK, { id: 'early', kind: 'usual', weekday: 6, from: '07:00', minutes: 60 }];
  const off = after(twice, sittingOff(twice, on(twice, '2026-11-28'), newId));
  expect(days(off, 7)).toEqual(['2026-11-24 19:30 90', '2026-11-28 10:00 180']);
  expect(sittingMoved(twice, on(twice, '2026-11-28'), '2026-11-28', newId)).toEqual({ gone: [], put: [] });
});

test('what is busy on a day does not shorten what is moved away from it', () => {
  const busy: SewingTime[] = [...SAMPLE_WEEK, { id: 'choir', kind: 'busy', date: '2026-11-24', from: '19:00', minutes: 60, words: 'choir' }];
  expect(on(busy, '2026-11-24').minutes).toBe(60);
  const moved = after(busy, sittingMoved(busy, on(busy, '2026-11-24'), '2026-11-25', newId));
  expect(on(moved, '2026-11-25').minutes).toBe(90);
  expect(days(moved, 2)).toEqual([]);
});

test('moved onto another it begins when that ends, and only one of two goes again', () => {
  const moved = after(SAMPLE_WEEK, sittingMoved(SAMPLE_WEEK, on(SAMPLE_WEEK, '2026-11-28'), '2026-12-05', newId));
  expect(days(moved)).toEqual(['2026-11-24 19:30 90', '2026-12-01 19:30 90', '2026-12-05 10:00 180', '2026-12-05 13:00 180']);
  const late: SewingTime[] = [...SAMPLE_WEEK, { id: 'night', kind: 'that day', date: '2026-11-25', from: '22:00', minutes: 120 }];
  const full = after(late, sittingMoved(late, { date: '2026-11-24', from: '23:00', minutes: 60 }, '2026-11-25', newId));
  // No hour is left before midnight: it is some time that day.
  expect(days(full, 3)).toContain('2026-11-25  60');
  const twins: SewingTime[] = [1, 2].map((n) => ({ id: `t${n}`, kind: 'usual', weekday: 2, from: '19:30', minutes: 60 }));
  expect(days(after(twins, sittingOff(twins, on(twins, '2026-11-24'), newId)), 7)).toEqual(['2026-11-24 19:30 60']);
});

test('properties: moving never makes or loses minutes, no two of a day fall upon each other, and moved back its day has as much again', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 3 }), fc.integer({ min: 0, max: 13 }), (which, day) => {
      const sitting = sittingsFrom(SAMPLE_WEEK, MONDAY, 14)[which]!;
      const to = dateOfDay(dayNumber(MONDAY) + day);
      const there = after(SAMPLE_WEEK, sittingMoved(SAMPLE_WEEK, sitting, to, newId));
      const all = sittingsFrom(there, MONDAY, 14);
      const sum = (of: readonly Sitting[]) => of.reduce((minutes, s) => minutes + s.minutes, 0);
      expect(sum(all)).toBe(sum(sittingsFrom(SAMPLE_WEEK, MONDAY, 14)));
      const that = all.filter((s) => s.date === to).sort((a, b) => (a.from ?? '').localeCompare(b.from ?? ''));
      that.forEach((s, i) => i > 0 && expect(minuteOf(s.from!)).toBeGreaterThanOrEqual(minuteOf(that[i - 1]!.from!) + that[i - 1]!.minutes));
      const back = after(
        there,
        sittingMoved(
          there,
          that.find((s) => s.minutes === sitting.minutes)!,
          sitting.date,
          newId,
        ),
      );
      const onDay = (times: readonly SewingTime[]) => sum(sittingsFrom(times, sitting.date, 1));
      expect(onDay(back)).toBe(onDay(SAMPLE_WEEK));
    }),
  );
});
