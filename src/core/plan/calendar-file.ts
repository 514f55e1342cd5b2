import ical, { ICalCalendarMethod } from 'ical-generator';
import { dateOfDay, dayNumber, type IsoDate } from '../units/date';
import type { CalendarDay } from './calendar';

/** A day for the calendar's writer, which reads the parts of a date in the zone of the machine: noon is the same day in every zone. */
const noon = (date: IsoDate) => new Date(Number(date.slice(0, 4)), Number(date.slice(5, 7)) - 1, Number(date.slice(8, 10)), 12);

/**
 * An iCalendar file of whole days, as any calendar reads it.
 *
 * @param stamp the day it was made; passed in, so that the same days make the same file
 */
export function calendarFile(days: readonly CalendarDay[], stamp: IsoDate): string {
  const calendar = ical({
    name: 'Amber Ledger: sew next',
    prodId: { company: 'Amber Ledger', product: 'Sew next', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const { id, date, title, note } of days)
    calendar.createEvent({
      id: `${id}@amber-ledger`,
      stamp: noon(stamp),
      start: noon(date),
      end: noon(dateOfDay(dayNumber(date) + 1)),
      allDay: true,
      summary: title,
      ...(note ? { description: note } : {}),
    });
  return calendar.toString();
}
