import { dateOfDay, dayNumber, monthStart, MONTH_NAMES, type IsoDate } from './date';
import { itemAt } from './item-at';

/** Which of two numbers is the day: 03.04. is April to one, and March to another. */
export const DAY_ORDERS = ['day first', 'month first'] as const;
export type DayOrder = (typeof DAY_ORDERS)[number];

export type ReadDay =
  | { readonly ok: true; readonly date: IsoDate; readonly order?: DayOrder; readonly isMonth?: true }
  | { readonly ok: false; readonly problem: string };

/** Days from 30 December 1899, from which spreadsheets count, to 1 January 1970. Source: their own documentation of the 1900 system. */
const SHEET_EPOCH = 25_569;
/** Numbers that a spreadsheet may mean as a day: 1954 to 2119. A year alone is below them. */
const SHEET_DAYS = { from: 20_000, to: 80_000 };
/** Two figures of a year below this are of this century. */
const CENTURY_TURNS = 70;

/** The month that a word begins with, 0 for January. */
function monthNamed(word: string): number | undefined {
  const said = word.toLowerCase().replace('.', '');
  const found = said.length < 3 ? -1 : MONTH_NAMES.findIndex((m) => m.toLowerCase().startsWith(said) || (said === 'sept' && m === 'September'));
  return found < 0 ? undefined : found;
}

function fullYear(text: string): number {
  const year = Number(text);
  return text.length > 2 ? year : year + (year < CENTURY_TURNS ? 2000 : 1900);
}

/**
 * Reads a calendar date as people and spreadsheets write it; no time zone enters. A month without a day is its first day, and said to be one.
 *
 * @param order for numbers that could be either
 * @returns the date, with the order that its numbers prove where they do
 * @example readDay('3/4/25', 'day first') // 3 April 2025
 */
export function readDay(text: string, order: DayOrder): ReadDay {
  const said = text.trim().replace(/[T ]\d{1,2}:\d{2}.*$/, '');
  const no = (why: string): ReadDay => ({ ok: false, problem: `“${text.trim()}” ${why}. Write it as 2025-03-09 or 9 March 2025.` });
  const day = (year: number, month: number, of: number, proves?: DayOrder): ReadDay => {
    const at = monthStart(year, month - 1) + of - 1;
    const date = dateOfDay(at);
    if (month < 1 || month > 12 || of < 1 || year < 1900 || year > 2200 || Number(date.slice(5, 7)) !== month) return no('is no day of the calendar');
    return { ok: true, date, ...(proves ? { order: proves } : {}) };
  };
  const iso = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})$/.exec(said);
  if (iso) return day(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  const numbers = /^(\d{1,2})[-/. ]+(\d{1,2})[-/. ]+'?(\d{4}|\d{2})$/.exec(said);
  if (numbers) {
    const [first, second] = [Number(numbers[1]), Number(numbers[2])];
    const proves: DayOrder | undefined = first > 12 && second <= 12 ? 'day first' : second > 12 && first <= 12 ? 'month first' : undefined;
    const dayFirst = (proves ?? order) === 'day first';
    return day(fullYear(itemAt(numbers, 3)), dayFirst ? second : first, dayFirst ? first : second, proves);
  }
  const words =
    /^(?:(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*[,.]?\s+)?(?:(\d{1,2})(?:st|nd|rd|th)?[.\s-]+(?:of\s+)?)?([a-z]{3,9})\.?[\s,-]*(?:(\d{1,2})(?:st|nd|rd|th)?(?:\s*,\s*|\s+))?'?(\d{4}|\d{2})$/i.exec(
      said,
    );
  const month = words && monthNamed(itemAt(words, 2));
  const ofMonth = (year: number, of: number): ReadDay => {
    const read = day(year, of, 1);
    return read.ok ? { ...read, isMonth: true } : read;
  };
  if (words && month !== undefined && month !== null && !(words[1] && words[3])) {
    const year = fullYear(itemAt(words, 4));
    const of = words[1] ?? words[3];
    return of === undefined ? ofMonth(year, month + 1) : day(year, month + 1, Number(of));
  }
  const monthOnly = /^(\d{1,2})[/.-](\d{4})$/.exec(said) ?? /^()(\d{4})[/.-](\d{1,2})$/.exec(said);
  if (monthOnly) return ofMonth(Number(monthOnly[2]), Number(monthOnly[1] || monthOnly[3]));
  const serial = /^\d{5}(\.\d+)?$/.test(said) ? Math.floor(Number(said)) : 0;
  if (serial >= SHEET_DAYS.from && serial <= SHEET_DAYS.to) return { ok: true, date: dateOfDay(serial - SHEET_EPOCH) };
  return no('is no date');
}

/**
 * The order that a column of dates proves, where any of them does.
 *
 * @example orderOfDays(['03/09/2024', '25/09/2024']) // 'day first'
 */
export function orderOfDays(texts: readonly string[]): DayOrder | undefined {
  for (const text of texts) {
    const read = readDay(text, 'day first');
    if (read.ok && read.order) return read.order;
  }
  return undefined;
}

/**
 * Whether a date is later than another by more than a day: a slip of the century, most likely.
 *
 * @example isAfter('2026-03-01', '2026-02-28') // false
 */
export function isAfter(date: IsoDate, today: IsoDate): boolean {
  return dayNumber(date) > dayNumber(today) + 1;
}
