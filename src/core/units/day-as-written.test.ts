import fc from 'fast-check';
import { dateOfDay } from './date';
import { orderOfDays, readDay } from './day-as-written';

const read = (text: string, order: Parameters<typeof readDay>[1] = 'day first') => {
  const day = readDay(text, order);
  return day.ok ? day.date : day.problem;
};

test.each([
  ['2025-03-09', '2025-03-09'],
  ['2025/3/9', '2025-03-09'],
  ['9.3.2025', '2025-03-09'],
  ['09.03.25', '2025-03-09'],
  ['3/4/25', '2025-04-03'],
  ['3-4-98', '1998-04-03'],
  ['9 March 2025', '2025-03-09'],
  ['9th of March 2025', '2025-03-09'],
  ['Sunday, 9 March 2025', '2025-03-09'],
  ['Mar 9, 2025', '2025-03-09'],
  ['March 9th, 2025', '2025-03-09'],
  ['9-Mar-25', '2025-03-09'],
  ['Sept 2024', '2024-09-01'],
  ["mar '25", '2025-03-01'],
  ['03/2025', '2025-03-01'],
  ['2025-03', '2025-03-01'],
  ['45725', '2025-03-09'],
  ['2025-03-09 00:00:00', '2025-03-09'],
  ['2025-03-09T23:30:00Z', '2025-03-09'],
])('%s is %s', (text, date) => expect(read(text)).toBe(date));

test('which number is the day is told by the order, unless the numbers prove it', () => {
  expect([read('3/4/2025', 'day first'), read('3/4/2025', 'month first')]).toEqual(['2025-04-03', '2025-03-04']);
  expect([read('25/4/2025', 'month first'), read('4/25/2025', 'day first')]).toEqual(['2025-04-25', '2025-04-25']);
  expect(orderOfDays(['3/4/25', 'soon', '4/25/25'])).toBe('month first');
  expect(orderOfDays(['3/4/25'])).toBeUndefined();
});

test.each(['', 'soon', '31.2.2025', '32 March 2025', '2025', '13/13/2025', 'Marchember 2025', '0000-00-00', '9 March 10 2025'])(
  '“%s” is refused with what to write',
  (text) => expect(read(text)).toMatch(/is no (date|day of the calendar)\. Write it as/),
);

test('every day comes back, however it is written', () => {
  fc.assert(
    fc.property(fc.integer({ min: -20_000, max: 60_000 }), fc.constantFrom('d/m/y', 'm/d/y', 'words', 'iso'), (at, how) => {
      const date = dateOfDay(at);
      const [y, m, d] = date.split('-') as [string, string, string];
      const month = new Date(Date.UTC(2000, Number(m) - 1, 1)).toLocaleString('en', { month: 'long', timeZone: 'UTC' });
      const text = { 'd/m/y': `${Number(d)}/${Number(m)}/${y}`, 'm/d/y': `${m}/${d}/${y}`, words: `${Number(d)} ${month} ${y}`, iso: date }[how];
      expect(read(text, how === 'm/d/y' ? 'month first' : 'day first')).toBe(date);
    }),
  );
});
