import type { Make } from '../records';
import type { IsoDate } from '../units/date';

/**
 * Whether nobody said when a make was cut or finished: the day of its cutting is then that on which it was told, and it may be much older.
 *
 * @example isUndated({ undated: true, finishedOn: '2025-05-15' }) // false
 */
export const isUndated = ({ undated, finishedOn }: Pick<Make, 'undated' | 'finishedOn'>): boolean => undated === true && finishedOn === undefined;

/**
 * The day on which a make was cut, where it is known.
 *
 * @example knownCut({ cutOn: '2026-12-01', undated: true }) // undefined
 */
export const knownCut = (make: Pick<Make, 'cutOn' | 'undated' | 'finishedOn'>): IsoDate | undefined => (isUndated(make) ? undefined : make.cutOn);
