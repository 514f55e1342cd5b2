import { format, parseISO } from 'date-fns';
import type { Make } from '../records';
import type { IsoDate } from '../units/date';

/**
 * Whether nobody said when a make was cut or finished: the day of its cutting is then that on which it was told, and it may be much older.
 *
 * @example isUndated({ undated: true, finishedOn: '2025-05-15' }) // false
 */
export const isUndated = ({ undated, finishedOn }: Pick<Make, 'undated' | 'finishedOn'>): boolean => undated === true && finishedOn === undefined;

/**
 * A day of a make as it is written in figures, as far as it is known.
 *
 * @example writtenDay({ knownTo: 'month' }, '2023-03-15') // '2023-03'
 */
export const writtenDay = ({ knownTo }: Pick<Make, 'knownTo'>, day: IsoDate): string =>
  day.slice(0, knownTo === 'year' ? 4 : knownTo === 'month' ? 7 : 10);

/** How much of a day is wanted in words, where it is known: the day in short or in full, or its month. */
type Wanted = 'd MMM yyyy' | 'd MMMM yyyy' | 'MMMM yyyy';

/**
 * A day of a make in words, as far as it is known.
 *
 * @example makeDayWords({ knownTo: 'month' }, '2023-03-15', 'd MMM yyyy') // 'Mar 2023'
 */
export function makeDayWords({ knownTo }: Pick<Make, 'knownTo'>, day: IsoDate, wanted: Wanted): string {
  return format(parseISO(day), knownTo === 'year' ? 'yyyy' : knownTo === 'month' ? wanted.replace('d ', '') : wanted);
}
