import type { SewingTime } from '../records';
import type { IsoDate } from '../units/date';
import { A_DAY, clockOf, minuteOf, sittingsFrom, type Sitting } from './sittings';

/** What of a day's time is said anew: those of its own day go, and others come. */
export interface TimesChanged {
  readonly gone: readonly SewingTime[];
  readonly put: readonly SewingTime[];
}

const hourOf = (s: Sitting): Pick<SewingTime, 'from'> => (s.from === undefined ? {} : { from: s.from });

/** The sittings of a day as they stand, before anything busy. */
const meantOn = (times: readonly SewingTime[], date: IsoDate): Sitting[] =>
  sittingsFrom(
    times.filter((t) => t.kind !== 'busy'),
    date,
    1,
  );

/** A day with these sittings and no others. */
function dayAs(times: readonly SewingTime[], date: IsoDate, sittings: readonly Sitting[], newId: () => string): TimesChanged {
  const put =
    sittings.length === 0
      ? [{ id: newId(), kind: 'that day' as const, date, minutes: 0 }]
      : sittings.map((s) => ({ id: newId(), kind: 'that day' as const, date, ...hourOf(s), minutes: s.minutes }));
  return { gone: times.filter((t) => t.kind === 'that day' && t.date === date), put };
}

/** Which of a day's sittings, as they are meant, one is: what is busy may have shortened it, or let it begin later. */
function placeAmong(meant: readonly Sitting[], sitting: Sitting): number {
  const whole = sitting.usual ?? sitting.minutes;
  const exact = meant.findIndex((s) => s.from === sitting.from && s.minutes === whole);
  if (exact >= 0) return exact;
  const begins = sitting.from;
  return meant.findIndex((s) =>
    s.from === undefined || begins === undefined
      ? s.from === begins
      : minuteOf(s.from) <= minuteOf(begins) && minuteOf(begins) < minuteOf(s.from) + s.minutes,
  );
}

/** A sitting that falls away on its day; the usual week stays as it is. */
export function sittingOff(times: readonly SewingTime[], sitting: Sitting, newId: () => string): TimesChanged {
  const meant = meantOn(times, sitting.date);
  const at = placeAmong(meant, sitting);
  return dayAs(
    times,
    sitting.date,
    meant.filter((_, i) => i !== at),
    newId,
  );
}

/** A sitting that begins when those of its day leave room: after what it would fall upon, without an hour where the day is too short for that. */
function beside(there: readonly Sitting[], { from, ...sitting }: Sitting): Sitting {
  if (from === undefined) return sitting;
  let begins = minuteOf(from);
  for (const s of [...there].sort((a, b) => (a.from ?? '').localeCompare(b.from ?? ''))) {
    if (s.from === undefined) continue;
    const [start, end] = [minuteOf(s.from), minuteOf(s.from) + s.minutes];
    if (begins < end && start < begins + sitting.minutes) begins = end;
  }
  return begins + sitting.minutes > A_DAY ? sitting : { ...sitting, from: clockOf(begins) };
}

/**
 * A sitting moved to another day, where it comes beside what that day has already.
 *
 * @param sitting one of the days as they stand, of the usual week or not
 */
export function sittingMoved(times: readonly SewingTime[], sitting: Sitting, to: IsoDate, newId: () => string): TimesChanged {
  if (to === sitting.date) return { gone: [], put: [] };
  const off = sittingOff(times, sitting, newId);
  const ofDay = meantOn(times, sitting.date);
  const whole = ofDay[placeAmong(ofDay, sitting)] ?? sitting;
  const meant = meantOn(times, to);
  const there = dayAs(times, to, [...meant, beside(meant, { ...whole, date: to })], newId);
  return { gone: [...off.gone, ...there.gone], put: [...off.put, ...there.put] };
}
