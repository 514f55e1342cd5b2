import { differenceInMonths, parseISO } from 'date-fns';
import { byDay, dayNumber, type IsoDate } from '../units/date';
import { memoize } from '../units/memoize';
import { itemAt, lastOf } from '../units/item-at';
import { keysOf } from '../units/keys';
import type { BodyMeasure, ZoneKind } from './zones';

/** What this module needs of a measurement set: a date and measures in cm, any of which may be missing. */
export interface DatedMeasures {
  readonly date: IsoDate;
  readonly measures: Partial<Record<BodyMeasure, number>>;
}

export interface BodyValue {
  readonly cm: number;
  /** Between two sets a value is interpolated; outside them the nearest holds. */
  readonly how: 'measured' | 'interpolated' | 'nearest';
  /** Days between the date asked for and the nearest set that has the measure. */
  readonly ageDays: number;
}

/**
 * Calendar days from one date to another; negative when the second is earlier.
 *
 * @example daysBetween('2026-02-27', '2026-03-01') // 2
 */
export function daysBetween(from: IsoDate, to: IsoDate): number {
  return dayNumber(to) - dayNumber(from);
}

/**
 * What the sets say of each measure, from the earliest, once for each day: every note of a garment asks for a body, and there may
 * be years of sets. Of two of one day the first counts.
 */
const setsByMeasure = memoize((sets: readonly DatedMeasures[]) => {
  const inTime = [...sets].sort((a, b) => byDay(a.date, b.date));
  const found = new Map<BodyMeasure, { readonly day: number; readonly cm: number }[]>();
  for (const { date, measures } of inTime) {
    const day = dayNumber(date);
    for (const measure of keysOf(measures)) {
      const cm = measures[measure];
      if (cm === undefined) continue;
      const having = found.get(measure);
      if (!having) found.set(measure, [{ day, cm }]);
      else if (lastOf(having).day !== day) having.push({ day, cm });
    }
  }
  return found;
});

/**
 * A body measure on a day.
 *
 * @param sets a person's measurement sets, in any order
 * @returns the value with how it was found, or undefined where no set has the measure
 * @example bodyOn([{ date: '2026-01-01', measures: { waist: 70 } }, { date: '2026-03-01', measures: { waist: 72 } }], 'waist', '2026-01-31')?.cm // 71.0169
 */
export function bodyOn(sets: readonly DatedMeasures[], measure: BodyMeasure, date: IsoDate): BodyValue | undefined {
  return valueOn(setsByMeasure(sets).get(measure), dayNumber(date));
}

function valueOn(having: readonly { readonly day: number; readonly cm: number }[] | undefined, day: number): BodyValue | undefined {
  if (!having) return undefined;
  let next = 0;
  while (next < having.length && itemAt(having, next).day <= day) next += 1;
  const before = next > 0 ? having[next - 1] : undefined;
  const after = having[next];
  if (before?.day === day) return { cm: before.cm, how: 'measured', ageDays: 0 };
  if (before && after) {
    const [since, until] = [day - before.day, after.day - day];
    return { cm: before.cm + (since / (since + until)) * (after.cm - before.cm), how: 'interpolated', ageDays: Math.min(since, until) };
  }
  const nearest = (before ?? after)!;
  return { cm: nearest.cm, how: 'nearest', ageDays: Math.abs(nearest.day - day) };
}

/** What a tape errs by, cm: a body measure that moved by less is the tape, not the body. */
export const TAPE_DOUBT = 0.5;
/** What a body may change in a month, cm; on widths and lengths the doubt is this part of that of a girth. Source: our own bench. */
const IN_A_MONTH = 0.3;
const OF_LENGTHS = 0.3;
const DAYS_OF_MONTH = 30.44;

/**
 * The doubt of a body measure so many days from the nearest set, cm, one standard deviation.
 *
 * @param kind of the place that the measure decides
 * @example measureDoubt('girth', 365) // 1.1529
 */
export function measureDoubt(kind: ZoneKind, days: number): number {
  const doubt = Math.sqrt(TAPE_DOUBT * TAPE_DOUBT + IN_A_MONTH * IN_A_MONTH * (days / DAYS_OF_MONTH));
  return kind === 'girth' ? doubt : OF_LENGTHS * doubt;
}

/** A body asked for one measure after the other, mostly on the same day. */
export class BodyReader {
  readonly #sets: ReturnType<typeof setsByMeasure>;
  #date: IsoDate = '';
  #day = 0;

  constructor(sets: readonly DatedMeasures[]) {
    this.#sets = setsByMeasure(sets);
  }

  /** A measure on a day, cm, as `bodyOn` has it; undefined where no set has it. */
  cm(measure: BodyMeasure, date: IsoDate): number | undefined {
    if (date !== this.#date) {
      this.#date = date;
      this.#day = dayNumber(date);
    }
    return valueOn(this.#sets.get(measure), this.#day)?.cm;
  }
}

const measuresByDay = memoize((_: readonly DatedMeasures[]) => new Map<IsoDate, Readonly<Partial<Record<BodyMeasure, number>>>>());

/**
 * Every measure of a person on a day, cm: hundreds of patterns are sized for the same one.
 *
 * @example measuresOn([{ date: '2026-01-01', measures: { waist: 70 } }], '2026-02-01') // { waist: 70 }
 */
export function measuresOn(sets: readonly DatedMeasures[], date: IsoDate): Readonly<Partial<Record<BodyMeasure, number>>> {
  const days = measuresByDay(sets);
  const known = days.get(date);
  if (known) return known;
  const measures = Object.fromEntries([...setsByMeasure(sets).keys()].map((m) => [m, bodyOn(sets, m, date)!.cm]));
  days.set(date, measures);
  return measures;
}

/**
 * Age in whole years and months on a day.
 *
 * @param birthMonth `2019-05`; the day within the month is not known, so the first counts
 * @example ageOn('2019-04', '2026-11-27') // { years: 7, months: 7 }
 */
export function ageOn(birthMonth: string, date: IsoDate): { readonly years: number; readonly months: number } {
  const months = Math.max(0, differenceInMonths(parseISO(date), parseISO(`${birthMonth}-01`)));
  return { years: Math.floor(months / 12), months: months % 12 };
}
