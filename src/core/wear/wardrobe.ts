import type { IsoDate } from '../units/date';
import type { Fabric, Make, Pattern, Wear } from '../records';
import { isUndated } from '../make/its-day';
import { inRotation, isAway, isWorn, monthsAYear } from './available';
import { seasonOf, seasonsOf, type Hemisphere, type Season } from './season';
import { estimatesOf, notedSince, observedMonths } from './observed';
import { NEVER, wearCounts, type WearCount } from './wear-count';
import { wearRates, type WearRate } from './wear-rates';

/** A finished garment with all that wear says of it. */
export interface Hanging {
  readonly make: Make;
  readonly kind: string;
  readonly seasons: readonly Season[];
  readonly count: WearCount;
  /** Whether anything was noted of its wear, were it that it never was; else nobody said that it hangs. */
  readonly isNoted: boolean;
  /** In-season months in which it could be worn, and it is known how often it was (`observedMonths`). */
  readonly months: number;
  /** How often it was worn in those months. */
  readonly observed: WearCount;
  /** Absent where it had no such month yet. */
  readonly rate: WearRate | undefined;
  /** Wears to be expected in the next year; absent for what is not in rotation, and where no rate is known. */
  readonly expected: number | undefined;
  readonly inRotation: boolean;
  /** Can be worn this day: in rotation and not away. */
  readonly ready: boolean;
  readonly inSeason: boolean;
}

/**
 * A person's garments with how often each is worn.
 *
 * @param makes of one person; toiles and things that are not worn are left out
 * @param today the day up to which is counted
 */
export function wardrobe(
  makes: readonly Make[],
  wears: readonly Wear[],
  patterns: readonly Pick<Pattern, 'id' | 'kind'>[],
  fabrics: readonly Fabric[],
  hemisphere: Hemisphere,
  today: IsoDate,
): Hanging[] {
  const counts = wearCounts(wears);
  const placed = wears.some((w) => w.undated) ? wearCounts(wears.filter((w) => !w.undated)) : counts;
  const kinds = new Map<string, string>(patterns.map((p) => [p.id, p.kind]));
  const now = seasonOf(today, hemisphere);
  const since = notedSince(makes, wears);
  const estimates = estimatesOf(wears);
  const found = makes.filter(isWorn).map((make) => {
    const noted = counts.get(make.id);
    const count = noted ?? NEVER;
    const seasons = seasonsOf(make, fabrics);
    const months = observedMonths(make, estimates.get(make.id), since, seasons, hemisphere, today, { lastWorn: count.last });
    // Of wears of which nobody knows since when, none is known to be of a month.
    const observed = isUndated(make) ? (placed.get(make.id) ?? NEVER) : count;
    const kind = kinds.get(make.sources[0]?.patternId ?? '') ?? 'other';
    return { make, kind, seasons, count, observed, isNoted: noted !== undefined, months };
  });
  const rates = wearRates(found.map((f) => ({ id: f.make.id, kind: f.kind, n: f.observed.times, spread: f.observed.spread, t: f.months })));
  return found.map(({ make, kind, seasons, count, observed, isNoted, months }) => {
    const rate = rates.get(make.id);
    const hangs = inRotation(make);
    return {
      make,
      kind,
      seasons,
      count,
      isNoted,
      months,
      observed,
      rate,
      expected: hangs && rate ? rate.mean * monthsAYear(seasons) : undefined,
      inRotation: hangs,
      ready: hangs && !isAway(make, today),
      inSeason: seasons.includes(now),
    };
  });
}
