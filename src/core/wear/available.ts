import { type IsoDate, dayNumber, MONTH_DAYS, monthOfDay, monthStart } from '../units/date';
import type { Make } from '../records';
import { SEASONS } from '../records/seasons';
import { STATES } from '../make/states';
import { seasonOfMonth, type Hemisphere, type Season } from './season';

/**
 * The day on which a make was ready: its finishing, else the day it was cut, where it was finished and nobody said when. Undefined for
 * what is still under way, or was given up.
 */
export function readyOn({ state, finishedOn, cutOn }: Pick<Make, 'state' | 'finishedOn' | 'cutOn'>): IsoDate | undefined {
  if (STATES[state].unmade) return undefined;
  return finishedOn ?? (state === 'loose ends' ? undefined : cutOn);
}

/** Whether a garment hangs ready to be worn today: finished, and neither put aside, given away nor unpicked. */
export function inRotation(make: Make): boolean {
  return isWorn(make) && STATES[make.state].worn === true && readyOn(make) !== undefined;
}

/** Whether wear says anything of it: not of a toile, nor of a thing that is not worn. */
export function isWorn(make: Pick<Make, 'kind'>): boolean {
  return make.kind !== 'toile' && make.kind !== 'without fit';
}

/** A span of days, the last not counted. */
type Span = readonly [from: number, to: number];

/** The days of a garment between two dates, without those when it was in the mending, stored, lent or too big yet. */
function spansOf(make: Pick<Make, 'away'>, from: number, to: number): Span[] {
  if (!make.away || make.away.length === 0) return from < to ? [[from, to]] : [];
  const away = make.away.map((a): Span => [dayNumber(a.from), a.until === undefined ? Infinity : dayNumber(a.until)]).sort((a, b) => a[0] - b[0]);
  const spans: Span[] = [];
  let at = from;
  for (const [start, end] of away) {
    if (start > at) spans.push([at, Math.min(start, to)]);
    at = Math.max(at, end);
    if (at >= to) break;
  }
  if (at < to) spans.push([at, to]);
  return spans.filter(([a, b]) => b > a);
}

/** Whether it lies in the mending, is stored, lent or too big on that day. */
export function isAway(make: Pick<Make, 'away'>, date: IsoDate): boolean {
  const day = dayNumber(date);
  return spansOf(make, day, day + 1).length === 0;
}

/**
 * In-season months in which a garment could be worn, between its finishing (or `from`) and a day.
 *
 * @param seasons those it is worn in
 * @param until the day up to which is counted: today, or the end of a span
 * @param lastWorn stands in for the day a garment left, where nobody said when
 * @returns months of 365.25 / 12 days; 0 for what was never ready to be worn
 */
export function availableMonths(
  make: Pick<Make, 'state' | 'stateSince' | 'cutOn' | 'finishedOn' | 'away'>,
  seasons: readonly Season[],
  hemisphere: Hemisphere,
  until: IsoDate,
  { from, lastWorn }: { from?: IsoDate | undefined; lastWorn?: IsoDate | undefined } = {},
): number {
  const ready = readyOn(make);
  if (ready === undefined) return 0;
  const start = Math.max(dayNumber(ready), from === undefined ? -Infinity : dayNumber(from));
  const left = STATES[make.state].worn ? until : (make.stateSince ?? lastWorn ?? ready);
  const end = Math.min(dayNumber(until), dayNumber(left));
  const allYear = SEASONS.every((s) => seasons.includes(s));
  let days = 0;
  for (const [a, b] of spansOf(make, start, end)) {
    if (allYear) {
      days += b - a;
      continue;
    }
    let { year, month } = monthOfDay(a);
    for (let at = a; at < b;) {
      const next = Math.min(b, monthStart(year, month + 1));
      if (seasons.includes(seasonOfMonth(month, hemisphere))) days += next - at;
      at = next;
      month += 1;
      if (month === 12) {
        month = 0;
        year += 1;
      }
    }
  }
  return days / MONTH_DAYS;
}

/** In-season months of a whole year: 3 for each season. */
export function monthsAYear(seasons: readonly Season[]): number {
  return 3 * seasons.length;
}
