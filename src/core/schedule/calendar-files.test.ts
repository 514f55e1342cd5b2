import { busyFrom } from './busy-file';
import { sessionsFile } from './sessions-file';
import { sessionsOf } from './sessions';
import { sittingsFrom } from './sittings';
import { SAMPLE_WEEK, sampleBench, samplePlan } from './sample-bench';

const file = (...events: readonly (readonly string[])[]) =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//harbour orchestra//EN',
    ...events.flatMap((e, i) => ['BEGIN:VEVENT', `UID:event-${i}@harbour`, ...e, 'END:VEVENT']),
    'END:VCALENDAR',
  ].join('\r\n');
let n = 0;
/** The wall clock stands an hour before UTC's. */
const local = (moment: number) => ({
  date: new Date(moment + 3_600_000).toISOString().slice(0, 10),
  minute: Math.floor(moment / 60_000 + 60) % 1440,
});
const read = (text: string, days = 30) => busyFrom(text, 'orchestra.ics', '2026-11-30', days, local, () => `id${n++}`);
const timesOf = (text: string, days?: number) => {
  const found = read(text, days);
  if (!found.ok) throw new Error(found.problem);
  return found.times.map((t) => [t.date, t.from, t.minutes, t.words]);
};

test('a weekly rehearsal, one date called off, one moved', () => {
  const series = file([
    'SUMMARY:Rehearsal',
    'DTSTART;TZID=Europe/Berlin:20261103T193000',
    'DTEND;TZID=Europe/Berlin:20261103T213000',
    'RRULE:FREQ=WEEKLY;UNTIL=20261222T235900Z',
    'EXDATE;TZID=Europe/Berlin:20261208T193000',
  ]).replace(
    'END:VCALENDAR',
    [
      'BEGIN:VEVENT',
      'UID:event-0@harbour',
      'SUMMARY:Rehearsal, in the church',
      'RECURRENCE-ID;TZID=Europe/Berlin:20261215T193000',
      'DTSTART;TZID=Europe/Berlin:20261216T180000',
      'DTEND;TZID=Europe/Berlin:20261216T190000',
      'END:VEVENT',
      'END:VCALENDAR',
    ].join('\r\n'),
  );
  expect(timesOf(series)).toEqual([
    ['2026-12-01', '19:30', 120, 'Rehearsal'],
    ['2026-12-16', '18:00', 60, 'Rehearsal, in the church'],
    ['2026-12-22', '19:30', 120, 'Rehearsal'],
  ]);
});

test('whole days, over midnight, and times in UTC by the clock on the wall', () => {
  expect(
    timesOf(
      file(
        ['SUMMARY:Away', 'DTSTART;VALUE=DATE:20261204', 'DTEND;VALUE=DATE:20261206'],
        ['SUMMARY:Night train', 'DTSTART:20261210T220000', 'DTEND:20261211T060000'],
        ['SUMMARY:Call', 'DTSTART:20261212T200000Z', 'DURATION:PT1H'],
      ),
    ),
  ).toEqual([
    ['2026-12-04', undefined, 1440, 'Away'],
    ['2026-12-05', undefined, 1440, 'Away'],
    ['2026-12-10', '22:00', 120, 'Night train'],
    ['2026-12-11', '00:00', 360, 'Night train'],
    ['2026-12-12', '21:00', 60, 'Call'],
  ]);
});

test('what is free, called off, past or written by this app is left out, and counted', () => {
  const found = read(
    file(
      ['SUMMARY:Maybe', 'DTSTART:20261204T100000', 'DTEND:20261204T110000', 'TRANSP:TRANSPARENT'],
      ['SUMMARY:Off', 'DTSTART:20261204T100000', 'DTEND:20261204T110000', 'STATUS:CANCELLED'],
      ['SUMMARY:Long ago', 'DTSTART:20250101T100000', 'DTEND:20250101T110000'],
    ).replace('event-2@harbour', 'session-1@amber-ledger'),
  );
  expect(found).toEqual({ ok: true, times: [], left: { free: 2, own: 1, past: 0 } });
});

test('a series without an end ends with the days asked for; one that began years ago is found', () => {
  const daily = file(['SUMMARY:Nap', 'DTSTART:20100101T130000', 'DTEND:20100101T140000', 'RRULE:FREQ=DAILY']);
  expect(timesOf(daily, 10)).toHaveLength(10);
});

test.each([
  ['a picture', 'no calendar file'],
  ['BEGIN:VCARD\r\nFN:Maren\r\nEND:VCARD', 'holds no calendar'],
])('%s is refused with what to do', (text, words) => {
  const found = read(text);
  expect(found.ok).toBe(false);
  if (!found.ok) expect(found.problem).toMatch(new RegExp(`orchestra\\.ics.*${words}.*\\.ics`));
});

test('sessions go out without a zone, each with what is sewn in it, and are not read back as busy', () => {
  const { bench, pace } = sampleBench([samplePlan('a')]);
  const sessions = sessionsOf(bench, pace, sittingsFrom(SAMPLE_WEEK, '2026-11-30', 7), '2026-11-30');
  const text = sessionsFile(sessions, () => 'Sandbar blouse', '2026-11-30');
  expect(text).toMatch(/DTSTART:20261201T193000\r\nDTEND:20261201T210000\r\n/);
  expect(text).toMatch(/SUMMARY:Sewing: Sandbar blouse/);
  expect(text).toContain('Sandbar blouse: trace the size');
  expect(read(text)).toEqual({ ok: true, times: [], left: { free: 0, own: 2, past: 0 } });
});
