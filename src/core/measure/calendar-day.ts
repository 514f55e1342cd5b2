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

/** A calendar date as a count of days, so that spans can be reckoned with; no time zone enters. */
export function dayNumber(date: IsoDate): number {
  return Date.UTC(Number(date.slice(0, 4)), Number(date.slice(5, 7)) - 1, Number(date.slice(8, 10))) / DAY;
}

/** The calendar date of a count of days. */
export function dateOfDay(day: number): IsoDate {
  return new Date(day * DAY).toISOString().slice(0, 10);
}

/** The year of a day, and its month, 0 for January. */
export function monthOfDay(day: number): { readonly year: number; readonly month: number } {
  const date = new Date(day * DAY);
  return { year: date.getUTCFullYear(), month: date.getUTCMonth() };
}

/** The first day of the month that many months on, as a count of days. */
export function monthStart(year: number, month: number): number {
  return Date.UTC(year, month, 1) / DAY;
}
