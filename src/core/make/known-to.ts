import type { KnownTo } from '../records';
import type { IsoDate } from '../units/date';

/**
 * A day of which only the month or the year was said, as it is kept: in the middle of it, and never still to come.
 *
 * @param of a day of that month or year
 * @example middleOf('year', '2021-12-31', '2026-12-01') // '2021-07-01'
 */
export function middleOf(knownTo: KnownTo, of: IsoDate, today: IsoDate): IsoDate {
  const middle = knownTo === 'year' ? `${of.slice(0, 4)}-07-01` : `${of.slice(0, 7)}-15`;
  return middle < today ? middle : today;
}

/**
 * What is known of two days, where it is kept for both of them: the less of it.
 *
 * @example lessKnown('year', 'month') // 'year'
 */
export const lessKnown = (one: KnownTo | undefined, other: KnownTo | undefined): KnownTo | undefined => (one === 'year' ? one : (other ?? one));
