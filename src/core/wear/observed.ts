import type { Make, Wear } from '../records';
import type { IsoDate } from '../units/date';
import { addToGroup } from '../units/group-by';
import { isUndated } from '../make/its-day';
import { availableMonths, readyOn } from './available';
import type { Hemisphere, Season } from './season';
import { isEstimate } from './wear-count';

/**
 * Since when a wearer notes each wear: the first single day that was noted of any of her garments. How often one was worn before that, only
 * an estimate of it says; where no day was ever noted, nobody said that what has no wear was not worn.
 *
 * @example notedSince([blouse], [{ date: '2026-05-01', makeIds: [blouse.id], count: 1, … }]) // '2026-05-01'
 */
export function notedSince(makes: readonly Pick<Make, 'id'>[], wears: readonly Wear[]): IsoDate | undefined {
  const own = new Set(makes.map(({ id }) => id));
  let since: IsoDate | undefined;
  for (const wear of wears)
    if (!isEstimate(wear) && wear.count > 0 && (since === undefined || wear.date < since) && wear.makeIds.some((id) => own.has(id)))
      since = wear.date;
  return since;
}

/** Estimates by the garments that they speak of; what went along and stayed folded tells of its day only. */
export function estimatesOf(wears: readonly Wear[]): ReadonlyMap<string, readonly Wear[]> {
  const found = new Map<string, Wear[]>();
  for (const wear of wears)
    if (isEstimate(wear) && (wear.count > 0 || wear.often !== undefined)) for (const id of wear.makeIds) addToGroup(found, id, wear);
  return found;
}

/** The days that an estimate speaks of: of "worn 8 times" all up to when it was said, and none that are known where nobody knows since when. */
function spanOf({ date, until }: Wear, make: Make, ready: IsoDate): readonly [from: IsoDate, until: IsoDate] {
  if (until !== undefined) return [date, until];
  return [isUndated(make) ? date : ready, date];
}

/**
 * In-season months in which a garment could be worn and it is known how often it was: since its wearer notes each wear, and those that an
 * estimate of it speaks of.
 *
 * @param estimates those of this garment
 * @param since when its wearer began to note each wear (`notedSince`)
 * @param until the day up to which is counted
 * @param span.from only what comes after that
 * @param span.lastWorn stands in for the day a garment left, where nobody said when
 */
export function observedMonths(
  make: Make,
  estimates: readonly Wear[] | undefined,
  since: IsoDate | undefined,
  seasons: readonly Season[],
  hemisphere: Hemisphere,
  until: IsoDate,
  { from = '', lastWorn }: { from?: IsoDate; lastWorn?: IsoDate | undefined } = {},
): number {
  const ready = readyOn(make);
  if (ready === undefined) return 0;
  const said = (estimates ?? []).map((wear) => spanOf(wear, make, ready));
  const spans = [...said, ...(since === undefined ? [] : [[since, until] as const])].sort(([a], [b]) => (a < b ? -1 : Number(a > b)));
  let told = from;
  let months = 0;
  for (const [start, end] of spans) {
    const [a, b] = [start > told ? start : told, end < until ? end : until];
    if (a >= b) continue;
    months += availableMonths(make, seasons, hemisphere, b, { from: a, lastWorn });
    told = b;
  }
  return months;
}
