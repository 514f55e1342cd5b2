import type { SewingTime } from '../records';
import { dateOfDay, dayNumber, type IsoDate } from '../units/date';
import { addToGroup } from '../units/group-by';

/** Time to sew on one day. */
export interface Sitting {
  readonly date: IsoDate;
  /** When it begins, where that was said. */
  readonly from?: string;
  readonly minutes: number;
  /** What it was before something else took of it. */
  readonly usual?: number;
  /** What took of it. */
  readonly taken?: readonly string[];
}

/** 1 is Monday. Day 0 of the count, 1 January 1970, was a Thursday. */
export const weekdayOf = (date: IsoDate): number => ((((dayNumber(date) + 3) % 7) + 7) % 7) + 1;

/** Minutes of a day. */
export const A_DAY = 1440;

/** Minutes after midnight of an hour as it is kept. */
export const minuteOf = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));

/** How much of a sitting is taken by hours that are busy; those that overlap each other are counted once. */
function takenOf(from: number, to: number, busy: readonly (readonly [number, number])[]): number {
  let [taken, until] = [0, from];
  for (const [start, end] of [...busy].sort((a, b) => a[0] - b[0])) {
    const [a, b] = [Math.max(start, until), Math.min(end, to)];
    if (b > a) taken += b - a;
    until = Math.max(until, Math.min(end, to));
  }
  return taken;
}

/**
 * When there is time to sew, day by day: the usual week, what one day has instead, less what is taken by something else. Of a sitting whose hour was not said only
 * what takes the whole day takes anything.
 *
 * @param times as they are kept
 * @param days how many days are looked at, the first included
 * @param now the minute of the first day that it is already: what lies before it is past
 * @returns days with some time, in order
 * @example sittingsFrom([{ id: 'a', kind: 'usual', weekday: 6, minutes: 180 }], '2026-11-23', 7) // [{ date: '2026-11-28', minutes: 180 }]
 */
export function sittingsFrom(times: readonly SewingTime[], from: IsoDate, days: number, now = 0): Sitting[] {
  const usual = new Map<number, SewingTime[]>();
  const [instead, busy] = [new Map<string, SewingTime[]>(), new Map<string, SewingTime[]>()];
  for (const time of times) {
    if (time.kind === 'usual' && time.weekday !== undefined) addToGroup(usual, time.weekday, time);
    else if (time.date !== undefined) addToGroup(time.kind === 'busy' ? busy : instead, time.date, time);
  }
  const first = dayNumber(from);
  return Array.from({ length: days }, (_, i) => dateOfDay(first + i)).flatMap((date) => {
    const meant = instead.get(date) ?? usual.get(weekdayOf(date)) ?? [];
    const taken = busy.get(date) ?? [];
    return meant
      .filter((t) => t.minutes > 0)
      .sort((a, b) => (a.from ?? '').localeCompare(b.from ?? ''))
      .flatMap((t): Sitting[] => {
        const past: readonly (readonly [number, number])[] = date === from && now > 0 ? [[0, now]] : [];
        if (date === from && t.from !== undefined && minuteOf(t.from) + t.minutes <= now) return [];
        const hours = [
          ...past,
          ...taken.map((b): readonly [number, number] => (b.from === undefined ? [0, A_DAY] : [minuteOf(b.from), minuteOf(b.from) + b.minutes])),
        ];
        const start = t.from === undefined ? undefined : minuteOf(t.from);
        const lost = start === undefined ? (taken.some((b) => b.from === undefined) ? t.minutes : 0) : takenOf(start, start + t.minutes, hours);
        const minutes = t.minutes - lost;
        // What begins late begins when the other ends.
        const begins = start === undefined ? undefined : firstFree(start, start + t.minutes, hours);
        return [
          {
            date,
            ...(begins === undefined ? {} : { from: clockOf(begins) }),
            minutes,
            ...(lost > 0 ? { usual: t.minutes, taken: taken.flatMap((b) => b.words ?? []) } : {}),
          },
        ];
      });
  });
}

/** The other way round. */
export const clockOf = (minute: number): string => `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;

/** The first minute of a sitting that nothing else takes. */
function firstFree(from: number, to: number, busy: readonly (readonly [number, number])[]): number {
  let at = from;
  for (const [start, end] of [...busy].sort((a, b) => a[0] - b[0])) if (start <= at && end > at) at = end;
  return Math.min(at, to, 1439);
}
