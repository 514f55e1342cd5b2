import ical, { ICalCalendarMethod } from 'ical-generator';
import type { IsoDate } from '../units/date';
import { counted } from '../units/counted';
import type { Session } from './sessions';

/** Hours that a calendar shows where nobody said when a sitting begins. Source: our own convention; an evening. */
const EVENING = '19:30';

/** The wall clock, for the calendar's writer, which reads the parts of a date in the zone of the machine. */
const wall = (date: IsoDate, clock: string, minutes = 0) =>
  new Date(
    Number(date.slice(0, 4)),
    Number(date.slice(5, 7)) - 1,
    Number(date.slice(8, 10)),
    Number(clock.slice(0, 2)),
    Number(clock.slice(3)) + minutes,
  );

/**
 * Sewing sessions as an iCalendar file, without a zone: half past seven is half past seven wherever it is read.
 *
 * @param nameOf what is sewn, by its name
 * @param stamp the day it was made
 */
export function sessionsFile(sessions: readonly Session[], nameOf: (id: string) => string, stamp: IsoDate): string {
  const calendar = ical({
    name: 'Amber Ledger: sewing',
    prodId: { company: 'Amber Ledger', product: 'Bench', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const { sitting, parts } of sessions) {
    if (parts.length === 0) continue;
    const names = [...new Set(parts.map((p) => nameOf(p.item.id)))];
    const from = sitting.from ?? EVENING;
    calendar.createEvent({
      id: `session-${sitting.date}-${from.replace(':', '')}@amber-ledger`,
      stamp: wall(stamp, '12:00'),
      start: wall(sitting.date, from),
      end: wall(sitting.date, from, sitting.minutes),
      floating: true,
      summary: `Sewing: ${names.length <= 2 ? names.join(', ') : counted(names.length, 'thing')}`,
      description: parts.map((p) => `${nameOf(p.item.id)}: ${p.step.words}`).join('\n'),
    });
  }
  return calendar.toString();
}
