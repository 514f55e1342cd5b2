import ICAL from 'ical.js';
import type { SewingTime } from '../records';
import { dateOfDay, dayNumber, type IsoDate } from '../units/date';
import { A_DAY, clockOf } from './sittings';

/** An hour of the wall clock. */
export interface WallTime {
  readonly date: IsoDate;
  /** Minutes after midnight. */
  readonly minute: number;
}

/** What a calendar file says, or why it does not. */
export type BusyRead =
  | {
      readonly ok: true;
      readonly times: readonly SewingTime[];
      /** Events that were left out, and why. */
      readonly left: { readonly free: number; readonly own: number; readonly past: number };
    }
  | { readonly ok: false; readonly problem: string };

/** No series is followed further than so many times: one that never ends ends with the days asked for, and a broken one here. */
const MOST_TIMES = 2000;
const TIMES_IN_ALL = 6000;

/** The uid of what this app wrote itself. */
const isOwn = (uid: string | null) => uid?.endsWith('@amber-ledger') ?? false;

/**
 * Reads busy hours from a calendar file (iCalendar, RFC 5545), recurrences written out; what is marked as free, called off or the app's own sessions is left out. Times with
 * a zone or none stand as the clock on the wall there; times in UTC are turned by `local`.
 *
 * @param text the file
 * @param source its name, kept with what was read, so that it can be read anew
 * @param from the first day wanted, and how many days
 * @param local a moment, ms since 1970, as the wall clock of the sewist shows it
 */
export function busyFrom(
  text: string,
  source: string,
  from: IsoDate,
  days: number,
  local: (moment: number) => WallTime,
  newId: () => string,
): BusyRead {
  let calendar: ICAL.Component;
  try {
    calendar = ICAL.Component.fromString(text);
  } catch (error) {
    const where = /line:?\s*(\d+)/i.exec(String(error))?.[1];
    return {
      ok: false,
      problem: `${source} is no calendar file${where ? `: line ${where} cannot be read` : ''}. Save it from your calendar as iCalendar (.ics) and choose it again.`,
    };
  }
  if (calendar.name !== 'vcalendar')
    return { ok: false, problem: `${source} holds no calendar. Save it from your calendar as iCalendar (.ics) and choose it again.` };
  const [first, last] = [dayNumber(from), dayNumber(from) + days];
  const times: SewingTime[] = [];
  let [free, own, past] = [0, 0, 0];
  const wallOf = (time: ICAL.Time): WallTime =>
    time.zone === ICAL.Timezone.utcTimezone && !time.isDate
      ? local(time.toUnixTime() * 1000)
      : {
          date: `${String(time.year).padStart(4, '0')}-${String(time.month).padStart(2, '0')}-${String(time.day).padStart(2, '0')}`,
          minute: time.isDate ? 0 : time.hour * 60 + time.minute,
        };
  const put = (words: string, start: WallTime, minutes: number, whole: boolean) => {
    const begins = dayNumber(start.date);
    // What goes over midnight is busy on each of its days.
    for (let day = begins, at = start.minute, left = minutes; left > 0 && times.length < TIMES_IN_ALL; day++) {
      const here = Math.min(left, A_DAY - at);
      if (day >= first && day < last)
        times.push({
          id: newId(),
          kind: 'busy',
          date: dateOfDay(day),
          ...(whole || here === A_DAY ? {} : { from: clockOf(at) }),
          minutes: here,
          ...(words === '' ? {} : { words }),
          source,
        });
      left -= here;
      at = 0;
    }
  };
  // Changed times of a series stand as events of their own; the series must know them.
  const events = calendar.getAllSubcomponents('vevent').map((component) => new ICAL.Event(component));
  const series = new Map(events.filter((e) => !e.isRecurrenceException()).map((e) => [e.uid, e]));
  for (const event of events) if (event.isRecurrenceException()) series.get(event.uid)?.relateException(event);
  for (const event of events) {
    const { component } = event;
    if (event.isRecurrenceException() && series.has(event.uid)) continue;
    if (isOwn(event.uid)) {
      own += 1;
      continue;
    }
    const stands = String(component.getFirstPropertyValue('status') ?? '').toUpperCase() !== 'CANCELLED';
    if (!stands || String(component.getFirstPropertyValue('transp') ?? '').toUpperCase() === 'TRANSPARENT' || !event.startDate) {
      free += 1;
      continue;
    }
    const before = times.length;
    const place = (item: ICAL.Event, start: ICAL.Time, end: ICAL.Time) => {
      if (String(item.component.getFirstPropertyValue('status') ?? '').toUpperCase() === 'CANCELLED') return;
      const [a, b] = [wallOf(start), wallOf(end)];
      const minutes = (dayNumber(b.date) - dayNumber(a.date)) * A_DAY + b.minute - a.minute;
      put(item.summary ?? '', a, Math.max(start.isDate ? A_DAY : 0, minutes), start.isDate);
    };
    try {
      if (event.isRecurring()) {
        const each = event.iterator();
        for (let n = 0, time = each.next(); time && n < MOST_TIMES; n++, time = each.next()) {
          const { startDate, endDate, item } = event.getOccurrenceDetails(time);
          if (dayNumber(wallOf(startDate).date) >= last) break;
          // A series that began long ago is run through up to the first day wanted.
          if (dayNumber(wallOf(endDate).date) < first) {
            n--;
            continue;
          }
          place(item, startDate, endDate);
        }
      } else place(event, event.startDate, event.endDate);
    } catch {
      return {
        ok: false,
        problem: `${source}: when “${event.summary ?? 'an event'}” comes again cannot be made out. Take it out of the file, or give it single days, and choose it again.`,
      };
    }
    if (times.length === before) past += 1;
  }
  return { ok: true, times, left: { free, own, past } };
}
