import { differenceInMonths, parseISO } from 'date-fns';
import { dayNumber, type IsoDate } from './calendar-day';
import { onceFor } from './once-for';
import type { BodyMeasure } from './zones';

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

/** Calendar days from one date to another; negative when the second is earlier. */
export function daysBetween(from: IsoDate, to: IsoDate): number {
  return dayNumber(to) - dayNumber(from);
}

/**
 * The sets that have a measure, from the earliest, one for each day, by the measure: every note of a garment asks for a body, and there may
 * be years of sets. Of two of one day the first counts.
 */
const setsByMeasure = onceFor((sets: readonly DatedMeasures[]) => {
  const inTime = [...sets].sort((a, b) => a.date.localeCompare(b.date));
  const found = new Map<BodyMeasure, DatedMeasures[]>();
  for (const set of inTime)
    for (const measure of Object.keys(set.measures) as BodyMeasure[]) {
      if (set.measures[measure] === undefined) continue;
      const having = found.get(measure);
      if (!having) found.set(measure, [set]);
      else if (having.at(-1)!.date !== set.date) having.push(set);
    }
  return found;
});

/**
 * A body measure on a day.
 *
 * @param sets a person's measurement sets, in any order
 * @returns the value with how it was found, or undefined where no set has the measure
 */
export function bodyOn(sets: readonly DatedMeasures[], measure: BodyMeasure, date: IsoDate): BodyValue | undefined {
  const having = setsByMeasure(sets).get(measure) ?? [];
  let next = 0;
  while (next < having.length && having[next]!.date <= date) next += 1;
  const before = having[next - 1];
  const after = having[next];
  const cmOf = (set: DatedMeasures) => set.measures[measure]!;
  if (before?.date === date) return { cm: cmOf(before), how: 'measured', ageDays: 0 };
  if (before && after) {
    const [since, until] = [daysBetween(before.date, date), daysBetween(date, after.date)];
    return { cm: cmOf(before) + (since / (since + until)) * (cmOf(after) - cmOf(before)), how: 'interpolated', ageDays: Math.min(since, until) };
  }
  const nearest = before ?? after;
  return nearest && { cm: cmOf(nearest), how: 'nearest', ageDays: Math.abs(daysBetween(nearest.date, date)) };
}

/** Every measure of a person on a day, cm. */
export function measuresOn(sets: readonly DatedMeasures[], date: IsoDate): Partial<Record<BodyMeasure, number>> {
  return Object.fromEntries([...setsByMeasure(sets).keys()].map((m) => [m, bodyOn(sets, m, date)!.cm]));
}

/**
 * Age in whole years and months on a day.
 *
 * @param birthMonth `2019-05`; the day within the month is not known, so the first counts
 */
export function ageOn(birthMonth: string, date: IsoDate): { readonly years: number; readonly months: number } {
  const months = Math.max(0, differenceInMonths(parseISO(date), parseISO(`${birthMonth}-01`)));
  return { years: Math.floor(months / 12), months: months % 12 };
}
