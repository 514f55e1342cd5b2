import type { IsoDate } from '../units/date';
import type { FREQUENCIES, Wear } from '../records/wear';
import { dayNumber } from '../units/date';
import { addToGroup } from '../units/group-by';

export type Frequency = (typeof FREQUENCIES)[number];

/**
 * What the four words are taken for: wears in all, or per in-season month, and how far that may be out (standard deviation as a part
 * of the count, or in wears). Source: our own convention; "often" is about once in ten days, "constantly" every third day.
 */
const SAID: Record<Frequency, { readonly times?: number; readonly perMonth?: number; readonly spread: (count: number) => number }> = {
  never: { times: 0, spread: () => 0 },
  twice: { times: 2, spread: () => 1 },
  often: { perMonth: 3, spread: (n) => 0.5 * n },
  constantly: { perMonth: 10, spread: (n) => 0.4 * n },
};
/** How far "about 20 times" may be out, as a part of it. Source: our own convention. */
const ABOUT = 0.2;

/**
 * How many wears a word is taken for.
 *
 * @param months in-season months of the span it was said of
 * @example timesSaid('often', 3) // 9
 */
export function timesSaid(word: Frequency, months: number): number {
  const { times, perMonth = 0 } = SAID[word];
  return times ?? Math.max(3, Math.round(perMonth * months));
}

/**
 * Whether an entry speaks of many wears or of a span, and not of a day that was noted.
 *
 * @example isEstimate({ count: 1 }) // false
 */
export function isEstimate(wear: Pick<Wear, 'count' | 'until' | 'often' | 'undated'>): boolean {
  return wear.undated === true || wear.often !== undefined || wear.until !== undefined || wear.count > 1;
}

/** How far the count of an estimate may be out, wears. */
function spreadOf(wear: Pick<Wear, 'count' | 'often'>): number {
  return wear.often ? SAID[wear.often].spread(wear.count) : ABOUT * wear.count;
}

export interface WearCount {
  /** Wears in all, estimates included. */
  readonly times: number;
  /** Standard deviation of what was estimated. */
  readonly spread: number;
  /** The last day it was worn, or the end of an estimate; undefined where it never was, or nobody said when. */
  readonly last: IsoDate | undefined;
  /** How often it went along and stayed folded. */
  readonly folded: number;
}

/** Of a garment of which no wear was entered. */
export const NEVER: WearCount = { times: 0, spread: 0, last: undefined, folded: 0 };

/**
 * How often a garment was worn, as a table tells it. Where no wear was entered, nobody said that there was none.
 *
 * @example timesWords({ times: 12 }) // '12\u202f×'
 * @example timesWords(undefined) // 'none noted'
 */
export const timesWords = (count: Pick<WearCount, 'times'> | undefined): string => (count ? `${Math.round(count.times)}\u202f×` : 'none noted');

/** Days from which and up to which is counted, both included; open where absent. */
export interface DaySpan {
  readonly from?: IsoDate | undefined;
  readonly until?: IsoDate | undefined;
}

/**
 * What part of an entry falls within a span: all or nothing of a day, by days of an estimate that is spread over many. Of what nobody said when
 * it was, nothing falls within a span that begins on some day.
 *
 * @example partWithin({ date: '2026-06-01', until: '2026-06-10' }, { from: '2026-06-06' }) // 0.5
 */
export function partWithin({ date, until = date, undated }: Pick<Wear, 'date' | 'until' | 'undated'>, span: DaySpan): number {
  if (undated && span.from !== undefined) return 0;
  // Most entries lie wholly within or without: dates compare as words.
  if ((span.from === undefined || date >= span.from) && (span.until === undefined || until <= span.until)) return 1;
  if (date === until) return 0;
  const [start, end] = [dayNumber(date), dayNumber(until)];
  const from = Math.max(start, span.from === undefined ? -Infinity : dayNumber(span.from));
  const to = Math.min(end, span.until === undefined ? Infinity : dayNumber(span.until));
  return Math.max(0, to - from + 1) / (Math.max(start, end) - start + 1);
}

/**
 * Wears of each make. An estimate of a span holds the single days noted within it: "about 20 times last summer" counts 20 in all.
 *
 * @param wears entries in any order
 * @param span only what falls within it; an estimate gives it its part by days, so that a count need not be whole
 */
export function wearCounts(wears: readonly Wear[], span: DaySpan = {}): Map<string, WearCount> {
  const of = new Map<string, Wear[]>();
  for (const wear of wears) {
    if (partWithin(wear, span) <= 0) continue;
    for (const id of wear.makeIds) addToGroup(of, id, wear);
  }
  return new Map([...of].map(([id, list]) => [id, countOf(list, span)]));
}

/** Wears on single days that were noted within the span of an estimate. */
function notedWithin(wears: readonly Wear[], { date, until }: Wear): number {
  if (until === undefined) return 0;
  return wears.reduce((sum, w) => (!isEstimate(w) && w.date >= date && w.date <= until ? sum + w.count : sum), 0);
}

function countOf(wears: readonly Wear[], span: DaySpan): WearCount {
  let times = 0;
  let variance = 0;
  let folded = 0;
  let last: IsoDate | undefined;
  for (const wear of wears) {
    const part = partWithin(wear, span);
    if (isEstimate(wear)) {
      times += Math.max(0, wear.count * part - notedWithin(wears, wear));
      variance += (spreadOf(wear) * part) ** 2;
    } else times += wear.count * part;
    if (wear.count === 0 && wear.often === undefined) folded += 1;
    const end = wear.until ?? wear.date;
    if (wear.count > 0 && !wear.undated && (last === undefined || end > last)) last = end;
  }
  return { times, spread: Math.sqrt(variance), last, folded };
}
