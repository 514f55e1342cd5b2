import { dueSaid } from './due';

const TODAY = '2026-11-30'; // a Monday
const due = (text: string, today = TODAY) => dueSaid(text, today)?.date;

test.each([
  ['by 20 december', '2026-12-20'],
  ['for the 3rd of may', undefined],
  ['by 3rd of may', '2027-05-03'],
  ['before december 12th', '2026-12-12'],
  ['by 30 november', TODAY],
  ['by 29 november', '2027-11-29'],
  ['on 12 june 2028', '2028-06-12'],
  ['until 2027-01-15', '2027-01-15'],
  ['by 20.12.', '2026-12-20'],
  ['by 20.12.2026', '2026-12-20'],
  ['by 20/12', '2026-12-20'],
  ['by 12/12', '2026-12-12'],
  ['by friday', '2026-12-04'],
  ['by monday', '2026-12-07'],
  ['for the weekend', '2026-12-05'],
  ['by tomorrow', '2026-12-01'],
  ['for christmas', '2026-12-24'],
  ["by new year's", '2027-01-01'],
  ['by the end of the month', '2026-11-30'],
  ['by the end of february', '2027-02-28'],
  ['by end of february 2028', '2028-02-29'],
  ['by the end of the year', '2026-12-31'],
  ['by march', '2027-03-01'],
  ['before march 2028', '2028-03-01'],
])('%s: %s', (text, date) => expect(due(`want to make the fogbell coat ${text}`)).toBe(date));

test.each([
  ['figures that are two days', 'by 03/04'],
  ['a day gone by', 'by 1 may 2020'],
  ['no day of the calendar', 'by 31 february'],
  ['only about when', 'for autumn'],
  ['a length', 'for 2.5 m'],
  ['sizes', 'for 38/40'],
  ['for a month', 'for march'],
  ['whose, and not when', 'for mara'],
])('%s is no day: %s', (_, text) => expect(due(`want to make the fogbell coat ${text}`)).toBeUndefined());

test('Christmas is to come on its eve, and the next year’s the day after', () => {
  expect(due('for christmas', '2026-12-24')).toBe('2026-12-24');
  expect(due('for christmas', '2026-12-25')).toBe('2027-12-24');
});

test('what is taken of the text goes with its comma and what the day is of', () => {
  const text = 'plan: fogbell coat, to be ready by 20 december, in flannel';
  const { from, to } = dueSaid(text, TODAY) ?? { from: 0, to: 0 };
  expect(text.slice(0, from) + text.slice(to)).toBe('plan: fogbell coat, in flannel');
});
