import type { Make, Wear } from '../records';
import type { IsoDate } from '../units/date';
import { availableMonths, readyOn } from './available';
import type { Hemisphere, Season } from './season';
import { timesSaid, type Frequency } from './wear-count';

/**
 * Many wears of a garment as one entry, spread over the days from which it was ready.
 *
 * @param seasons in which it is worn
 * @param how a number, or a word that is taken for so many by the months in which it could be worn (`timesSaid`)
 * @param span the days that are spoken of, both included
 * @returns undefined where the garment was not ready yet
 */
export function estimateOver(
  make: Make,
  seasons: readonly Season[],
  how: { readonly times: number } | { readonly often: Frequency },
  { from, until }: { readonly from: IsoDate; readonly until: IsoDate },
  hemisphere: Hemisphere,
): Pick<Wear, 'date' | 'until' | 'makeIds' | 'count' | 'often'> | undefined {
  const ready = readyOn(make) ?? make.cutOn;
  const date = from > ready ? from : ready;
  if (date > until) return undefined;
  const entry = { date, until, makeIds: [make.id] };
  if ('times' in how) return { ...entry, count: how.times };
  return { ...entry, count: timesSaid(how.often, availableMonths(make, seasons, hemisphere, until, { from: date })), often: how.often };
}
