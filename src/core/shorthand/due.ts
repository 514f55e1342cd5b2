import { addDays, getDay, parseISO } from 'date-fns';
import { dateOfDay, monthStart } from '../units/date';
import { readDay } from '../units/day-as-written';
import { anyOf } from './amounts';
import { iso, MONTH, WEEKDAYS } from './recognise/date';

/** Days with a name, by which a garment is wanted. Christmas begins on its eve in half of the countries that keep it. */
const FEASTS: Readonly<Record<string, string>> = {
  'christmas eve': '12-24',
  'christmas day': '12-25',
  christmas: '12-24',
  xmas: '12-24',
  "new year's eve": '12-31',
  "new year's day": '01-01',
  "new year's": '01-01',
  'new year': '01-01',
  halloween: '10-31',
};
const OF_MONTH = `\\d{1,2}(?:st|nd|rd|th)?\\.? (?:of )?${MONTH}\\.?(?:,? \\d{4})?|${MONTH}\\.? \\d{1,2}(?:st|nd|rd|th)?(?:,? \\d{4})?(?![./\\d])`;
const DAY_TO_COME = `\\d{4}-\\d{2}-\\d{2}|\\d{1,2}[./]\\d{1,2}[./](?:\\d{4}|\\d{2})(?!\\d)|\\d{1,2}/\\d{1,2}(?![/\\d])|\\d{1,2}\\.\\d{1,2}\\.(?!\\d)|${OF_MONTH}|(?:the )?end of (?:${MONTH}(?: \\d{4})?|the month|this month|the year|this year)|(?:this )?${anyOf(WEEKDAYS)}|tomorrow|(?:the|this) weekend|(?:the )?${anyOf(Object.keys(FEASTS))}`;
const SAID = new RegExp(
  `,? *\\b(?:(?:is |it's |to be )?(?:due|wanted|needed|ready|done|finished) )?(?:by|before|until|till|for|on|due) (?<day>${DAY_TO_COME})(?![\\w/])`,
  'g',
);
/** By a month: by its first day. For one, or on one, it is only about then. */
const BY_MONTH = new RegExp(`,? *\\b(?:by|before) (?<month>${MONTH})(?: (?<year>\\d{4}))?(?![\\w/.]| \\d)`);

const lastOfMonth = (date: string): string => dateOfDay(monthStart(Number(date.slice(0, 4)), Number(date.slice(5, 7))) - 1);

/** A day that comes every year: the next that is to come. */
function nextOfYears(today: string, dayIn: (year: number) => string | undefined): string | undefined {
  const year = Number(today.slice(0, 4));
  return [year, year + 1].map(dayIn).find((date) => date !== undefined && date >= today);
}

function dayWritten(said: string): string | undefined {
  const read = readDay(said, 'day first');
  return read.ok ? read.date : undefined;
}

function dayToCome(said: string, today: string): string | undefined {
  const now = parseISO(today);
  const words = said.replace(/^the /, '');
  if (words === 'tomorrow') return iso(addDays(now, 1));
  const weekday = words.endsWith('weekend') ? 6 : WEEKDAYS.findIndex((name) => words.endsWith(name));
  if (weekday >= 0) return iso(addDays(now, (weekday - getDay(now) + 7) % 7 || 7));
  const feast = FEASTS[words];
  if (feast !== undefined) return nextOfYears(today, (year) => `${year}-${feast}`);
  if (words.startsWith('end of ')) {
    const of = words.slice('end of '.length);
    if (/year$/.test(of)) return `${today.slice(0, 4)}-12-31`;
    if (/month$/.test(of)) return lastOfMonth(today);
    // Where the month is said alone, the one that ends next.
    return nextOfYears(today, (year) => {
      const first = dayWritten(/\d{4}/.test(of) ? `1 ${of}` : `1 ${of} ${year}`);
      return first === undefined ? undefined : lastOfMonth(first);
    });
  }
  const figures = /^(\d{1,2})([./])(\d{1,2})(?:[./](\d+)|\.)?$/.exec(words);
  // "03/04" is the third of April to one and the fourth of March to another.
  if (figures && figures[2] === '/' && Number(figures[1]) <= 12 && Number(figures[3]) <= 12 && figures[1] !== figures[3]) return undefined;
  const dated = words
    .replace(/,/g, '')
    .replace(/ of /, ' ')
    .replace(/^(\d{1,2})\. /, '$1 ');
  if (figures ? figures[4] !== undefined : /\d{4}/.test(dated)) {
    const date = dayWritten(dated);
    return date !== undefined && date >= today ? date : undefined;
  }
  return nextOfYears(today, (year) => dayWritten(figures ? `${figures[1]}/${figures[3]}/${year}` : `${dated} ${year}`));
}

/**
 * The day by which something that is wished for is wanted, and where the text says so. What can be read as two days, lies in the past or is
 * only about when ("for autumn") is none.
 *
 * @param low a text in small letters
 * @param today the day on which it is said
 * @example dueSaid('want to make the fogbell coat by 20 december', '2026-11-30') // { date: '2026-12-20', from: 29, to: 44 }
 * @example dueSaid('plan: plover shirt for christmas', '2026-11-30') // { date: '2026-12-24', … }
 */
export function dueSaid(low: string, today: string): { readonly date: string; readonly from: number; readonly to: number } | undefined {
  for (const said of low.matchAll(SAID)) {
    const date = dayToCome(said.groups?.['day'] ?? '', today);
    if (date !== undefined) return { date, from: said.index, to: said.index + said[0].length };
  }
  const month = BY_MONTH.exec(low);
  const { month: name = '', year } = month?.groups ?? {};
  const first = month ? nextOfYears(today, (by) => dayWritten(`1 ${name} ${year ?? by}`)) : undefined;
  return month && first !== undefined ? { date: first, from: month.index, to: month.index + month[0].length } : undefined;
}
