/** An ISO calendar date, `2026-03-09`: no time, no time zone. */
export type IsoDate = string;

export const MONTH_NAMES = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;

/** A mean month of the calendar, days: 365.25 / 12. */
export const MONTH_DAYS = 365.25 / 12;

const DAY = 86_400_000;

/** The number written in some characters of a date. */
function digits(date: IsoDate, from: number, to: number): number {
  let number = 0;
  for (let i = from; i < to; i++) number = 10 * number + date.charCodeAt(i) - 48;
  return number;
}

/**
 * A calendar date as a count of days, so that spans can be reckoned with; no time zone enters.
 *
 * @example dayNumber('2026-03-01') - dayNumber('2026-02-27') // 2
 */
export function dayNumber(date: IsoDate): number {
  return monthStart(digits(date, 0, 4), digits(date, 5, 7) - 1) + digits(date, 8, 10) - 1;
}

/**
 * Days in their order, for sorting. Written like this they compare as they stand: to ask for a language's order costs 25 ms the first time.
 *
 * @example ['2026-03-01', '2025-12-31'].sort(byDay) // ['2025-12-31', '2026-03-01']
 */
export function byDay(a: IsoDate, b: IsoDate): number {
  return a < b ? -1 : a > b ? 1 : 0;
}

/**
 * The calendar date of a count of days.
 *
 * @example dateOfDay(dayNumber('2026-02-28') + 1) // '2026-03-01'
 */
export function dateOfDay(day: number): IsoDate {
  return new Date(day * DAY).toISOString().slice(0, 10);
}

/**
 * The year of a day, and its month, 0 for January.
 *
 * @example monthOfDay(dayNumber('2026-02-28')) // { year: 2026, month: 1 }
 */
export function monthOfDay(day: number): { readonly year: number; readonly month: number } {
  const date = new Date(day * DAY);
  return { year: date.getUTCFullYear(), month: date.getUTCMonth() };
}

/**
 * The first day of the month that many months on, 0 for January, as a count of days from 1 January 1970. Years are taken to begin in
 * March, so that the odd day of a leap year is their last: the usual arithmetic of the calendar, since tens of thousands of dates are
 * counted at once.
 *
 * @example dateOfDay(monthStart(2026, 2)) // '2026-03-01'
 */
export function monthStart(year: number, month: number): number {
  const fromMarch = month - 2;
  const y = year + Math.floor(fromMarch / 12);
  const m = fromMarch - 12 * Math.floor(fromMarch / 12);
  return 365 * y + Math.floor(y / 4) - Math.floor(y / 100) + Math.floor(y / 400) + Math.floor((153 * m + 2) / 5) - 719_468;
}
