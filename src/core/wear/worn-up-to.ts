import { isUndated } from '../make/its-day';
import type { Make, Wear } from '../records';
import type { IsoDate } from '../units/date';

type ItsDays = Pick<Make, 'cutOn' | 'finishedOn' | 'undated'>;
type WornOn = Pick<Wear, 'date' | 'until' | 'undated'>;

/** The day since which a make may have been worn, where it is known. */
const wornSince = (make: ItsDays): IsoDate | undefined => (isUndated(make) ? undefined : (make.finishedOn ?? make.cutOn));

/**
 * The days over which a make was worn of which only how often is told: since it was made, where that is known.
 *
 * @param day on which it is told
 * @example wornUpTo({ cutOn: '2026-03-03' }, '2026-12-01') // { date: '2026-03-03', until: '2026-12-01' }
 */
export function wornUpTo(make: ItsDays, day: IsoDate): WornOn {
  const since = wornSince(make);
  if (since === undefined) return { date: day, undated: true };
  return since < day ? { date: since, until: day } : { date: day };
}

/**
 * A wear after the day of its make was said, or is another: what was told in a number is spread from then on, or from nowhere again.
 *
 * @returns undefined where the wear has days of its own, or was told before the make is said to have been made
 */
export function withItsMake(wear: Wear, was: ItsDays, is: ItsDays): Wear | undefined {
  const [before, now] = [wornSince(was), wornSince(is)];
  const told = before === undefined ? wear.undated && wear.date : wear.date === before && wear.until;
  if (before === now || !told || wear.makeIds.length > 1 || (now !== undefined && now >= told)) return undefined;
  const { until: _, undated: __, ...rest } = wear;
  return { ...rest, ...wornUpTo(is, told) };
}
