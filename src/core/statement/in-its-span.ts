import type { Make } from '../records';
import { dateOfDay, monthStart, type IsoDate } from '../units/date';

/** From a day to a day, both of them in it. */
interface Days {
  readonly from: IsoDate;
  readonly until: IsoDate;
}

/** The first and the last day that a day of a make may be. */
function spanOfDay({ knownTo }: Pick<Make, 'knownTo'>, day: IsoDate): Days {
  if (knownTo === undefined) return { from: day, until: day };
  const [year, month] = [Number(day.slice(0, 4)), Number(day.slice(5, 7)) - 1];
  const [first, next] = knownTo === 'year' ? [monthStart(year, 0), monthStart(year + 1, 0)] : [monthStart(year, month), monthStart(year, month + 1)];
  return { from: dateOfDay(first), until: dateOfDay(next - 1) };
}

/**
 * Whether a day of a make lies in a span, wherever it may be in the month or the year that is known of it.
 *
 * @example isSurelyWithin({ knownTo: 'year' }, '2021-07-01', { from: '2021-06-01', until: '2021-08-31' }) // false
 */
export function isSurelyWithin(make: Pick<Make, 'knownTo'>, day: IsoDate, { from, until }: Days): boolean {
  const may = spanOfDay(make, day);
  return may.from >= from && may.until <= until;
}

/**
 * Whether a day of a make may lie in a span, and may not.
 *
 * @example mayBeWithin({ knownTo: 'year' }, '2021-07-01', { from: '2021-06-01', until: '2021-08-31' }) // true
 */
export function mayBeWithin(make: Pick<Make, 'knownTo'>, day: IsoDate | undefined, { from, until }: Days): boolean {
  if (day === undefined) return false;
  const may = spanOfDay(make, day);
  return may.until >= from && may.from <= until && (may.from < from || may.until > until);
}
