import { daysBetween } from '../body/measures';
import type { IsoDate } from '../units/date';
import type { Fabric, Make, Verdict, Wear } from '../records';
import { dateOfDay, monthStart } from '../units/date';
import { inRotation } from '../wear/available';
import { seasonOfMonth, seasonsOf, type Hemisphere, type Season } from '../wear/season';
import { NEVER, wearCounts } from '../wear/wear-count';
import type { Hanging } from '../wear/wardrobe';

/** Wears after which a garment is asked about again. Source: the verdict is enthusiasm at first, knowledge after ten wears. */
const ASKED_AFTER = [3, 10] as const;
/** How long after a season's end it is still asked about, days; later the next season asks. Source: our own convention. */
const SEASON_ASKS_FOR = 60;
/** A garment for all the year is asked about again after this, days. Source: our own convention. */
const YEARLY = 365;
/** A verdict given so shortly before a season's end speaks for that season, days. */
const FRESH = 30;

/** Why a garment is asked about now. */
export type VerdictDue =
  | { readonly why: 'wears'; readonly wears: number }
  | { readonly why: 'season'; readonly season: Season; readonly ended: IsoDate }
  | { readonly why: 'year' };

/** The last day on which a season that the garment is worn in gave way to one that it is not worn in. */
function seasonEnded(seasons: readonly Season[], hemisphere: Hemisphere, today: IsoDate): { season: Season; ended: IsoDate } | undefined {
  const [year, month] = [Number(today.slice(0, 4)), Number(today.slice(5, 7)) - 1];
  for (let back = 0; back < 12; back++) {
    const at = (month - back + 24) % 12;
    const before = seasonOfMonth((at + 11) % 12, hemisphere);
    if (!seasons.includes(seasonOfMonth(at, hemisphere)) && seasons.includes(before))
      return { season: before, ended: dateOfDay(monthStart(year, month - back) - 1) };
  }
  return undefined;
}

/**
 * Whether a garment is to be asked about: after three wears and after ten, at the end of its season, and once a year where it has no
 * season. Nothing is asked of what is not in rotation, and nothing twice for the same reason.
 */
export function verdictDue(
  { make, seasons, count, inRotation: hangs }: Pick<Hanging, 'make' | 'seasons' | 'count' | 'inRotation'>,
  hemisphere: Hemisphere,
  today: IsoDate,
): VerdictDue | undefined {
  if (!hangs) return undefined;
  const latest: Verdict | undefined = make.verdicts.at(-1);
  const reached = ASKED_AFTER.filter((n) => count.times >= n && (latest === undefined || latest.wears < n)).at(-1);
  if (reached !== undefined) return { why: 'wears', wears: Math.round(count.times) };
  const said = latest?.date ?? make.finishedOn ?? make.cutOn;
  const end = seasonEnded(seasons, hemisphere, today);
  if (end) {
    const since = daysBetween(end.ended, today);
    // It must have hung for a good part of the season to be judged by it.
    return since <= SEASON_ASKS_FOR && daysBetween(said, end.ended) >= FRESH ? { why: 'season', ...end } : undefined;
  }
  return latest !== undefined && daysBetween(said, today) >= YEARLY ? { why: 'year' } : undefined;
}

/** A garment that is asked about again, and why. */
export interface DueVerdict {
  readonly make: Make;
  /** How often it was worn. */
  readonly times: number;
  readonly due: VerdictDue;
}

/**
 * The garments of which is to be said again how they are liked, those worn most first.
 *
 * @param makes of anybody; what does not hang is left out
 * @param wears entries in any order
 */
export function verdictsDue(
  makes: readonly Make[],
  wears: readonly Wear[],
  fabrics: readonly Fabric[],
  hemisphere: Hemisphere,
  today: IsoDate,
): DueVerdict[] {
  const counts = wearCounts(wears);
  return makes
    .filter(inRotation)
    .flatMap((make) => {
      const count = counts.get(make.id) ?? NEVER;
      const due = verdictDue({ make, seasons: seasonsOf(make, fabrics), count, inRotation: true }, hemisphere, today);
      return due ? [{ make, times: count.times, due }] : [];
    })
    .sort((a, b) => b.times - a.times);
}

/** Why it is asked, in words. */
export function verdictDueWords(due: VerdictDue): string {
  return due.why === 'wears' ? `worn ${due.wears} times now` : due.why === 'season' ? `${due.season} is over` : 'a year since you last said';
}

/** The same verdict said again: love, parts, reasons and decision as before, with the wears it has now. Words belong to their day. */
export function stillSo({ words: _, ...before }: Verdict, id: string, date: IsoDate, wears: number): Verdict {
  return { ...before, id, date, wears };
}
