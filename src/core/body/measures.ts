import { differenceInMonths, parseISO } from 'date-fns';
import { byDay, dayNumber, MONTH_DAYS, type IsoDate } from '../units/date';
import { memoize } from '../units/memoize';
import { firstOf, itemAt, lastOf } from '../units/item-at';
import { keysOf } from '../units/keys';
import { kindOfMeasure, type BodyMeasure } from './zones';

/** What this module needs of a measurement set: a date and measures in cm, any of which may be missing. */
export interface DatedMeasures {
  readonly date: IsoDate;
  readonly measures: Partial<Record<BodyMeasure, number>>;
  /** Nobody took it with a tape: what is expected on that day, as much in doubt as the sets that were taken leave it. */
  readonly expected?: true;
}

export interface BodyValue {
  readonly cm: number;
  /** Between two sets a value is interpolated; outside them the nearest holds, and after the last the trend may be carried on. */
  readonly how: 'measured' | 'interpolated' | 'nearest' | 'carried on';
  /** Days between the date asked for and the nearest set that has the measure. */
  readonly ageDays: number;
  /** What the nearest set that was taken says, cm, and its day. */
  readonly measured: number;
  readonly measuredOn: IsoDate;
  /** What the body may have changed since then, and with what the tape errs its whole doubt on the day, cm, one standard deviation. */
  readonly changed: number;
  readonly doubt: number;
}

/**
 * Calendar days from one date to another; negative when the second is earlier.
 *
 * @example daysBetween('2026-02-27', '2026-03-01') // 2
 */
export function daysBetween(from: IsoDate, to: IsoDate): number {
  return dayNumber(to) - dayNumber(from);
}

/** A measure as one set has it. */
interface Said {
  readonly day: number;
  readonly date: IsoDate;
  readonly cm: number;
  readonly expected: boolean;
}
/** A measure in all the sets that have it, from the earliest, and by how much it is carried on after the last, cm a day. */
interface InTime {
  readonly measure: BodyMeasure;
  readonly said: readonly Said[];
  readonly trend: number;
}

/**
 * What the sets say of each measure, once for each day: every note of a garment asks for a body, and there may be years of sets. Of two
 * of one day the first counts.
 */
const setsByMeasure = memoize((sets: readonly DatedMeasures[]): ReadonlyMap<BodyMeasure, InTime> => {
  const inTime = [...sets].sort((a, b) => byDay(a.date, b.date));
  const found = new Map<BodyMeasure, Said[]>();
  for (const { date, measures, expected = false } of inTime) {
    const day = dayNumber(date);
    for (const measure of keysOf(measures)) {
      const cm = measures[measure];
      if (cm === undefined) continue;
      const having = found.get(measure);
      if (!having) found.set(measure, [{ day, date, cm, expected }]);
      else if (lastOf(having).day !== day) having.push({ day, date, cm, expected });
    }
  }
  const grows = isGrowing(found.get('height'));
  return new Map([...found].map(([measure, said]) => [measure, { measure, said, trend: trendOf(measure, said, grows) }]));
});

/** Sets closer together say nothing of a trend, and a trend is carried on for so long and by so much of it. Source: engine.md, section 14. */
const LEAST_APART = 45;
const MOST_AFTER = 365;
const CARRIED_ON = 0.5;
/** Up to this height a body is taken for a child's, cm. */
export const CHILD_UP_TO = 150;

/** Whether a body still grows: a child's by its height, or one that was taller the last time by more than the tape errs. */
function isGrowing(heights: readonly Said[] | undefined): boolean {
  if (!heights) return false;
  const [is, was] = [heights.at(-1), heights.at(-2)];
  return is !== undefined && (is.cm < CHILD_UP_TO || (was !== undefined && is.cm - was.cm > 2 * TAPE_DOUBT));
}

/** The latest sets of a measure, from the last, none closer to the one after it than a trend needs. */
function setsApart(said: readonly Said[], count: number): Said[] {
  const apart: Said[] = [];
  for (const s of [...said].reverse()) {
    const after = apart.at(-1);
    if (apart.length < count && (!after || after.day - s.day >= LEAST_APART)) apart.push(s);
  }
  return apart;
}

/**
 * By how much a measure is carried on after its last set, cm a day: of a child half the last slope, else only where the last two go one way,
 * each by more than two tapes err.
 */
function trendOf(measure: BodyMeasure, said: readonly Said[], grows: boolean): number {
  const taken = said.filter((s) => !s.expected);
  const [last, before, first] = setsApart(taken, 3);
  if (!last || !before) return 0;
  const lately = last.cm - before.cm;
  const slope = (CARRIED_ON * lately) / (last.day - before.day);
  if (grows) return Math.max(0, slope);
  const earlier = first ? before.cm - first.cm : 0;
  const tells = (by: number) => Math.abs(by) > Math.SQRT2 * measureDoubt(measure, 0);
  return tells(lately) && tells(earlier) && Math.sign(lately) === Math.sign(earlier) ? slope : 0;
}

/**
 * A body measure on a day.
 *
 * @param sets a person's measurement sets, in any order
 * @returns the value with how it was found and its doubt, or undefined where no set has the measure
 * @example bodyOn([{ date: '2026-01-01', measures: { waist: 70 } }, { date: '2026-03-01', measures: { waist: 72 } }], 'waist', '2026-01-31')?.cm // 71.0169
 */
export function bodyOn(sets: readonly DatedMeasures[], measure: BodyMeasure, date: IsoDate): BodyValue | undefined {
  return valueOn(setsByMeasure(sets).get(measure), dayNumber(date));
}

function valueOn(having: InTime | undefined, day: number): BodyValue | undefined {
  if (!having) return undefined;
  const { measure, said, trend } = having;
  let next = 0;
  while (next < said.length && itemAt(said, next).day <= day) next += 1;
  const before = next > 0 ? said[next - 1] : undefined;
  const after = said[next];
  const nearest = before && after ? (day - before.day <= after.day - day ? before : after) : (before ?? after)!;
  const ageDays = Math.abs(day - nearest.day);
  const taken = nearest.expected ? nearestTaken(said, day) : nearest;
  const away = Math.abs(day - taken.day);
  const changed = mayHaveChanged(measure, away);
  const told = { ageDays, measured: taken.cm, measuredOn: taken.date, changed, doubt: withTape(measure, changed) };
  if (ageDays === 0) return { cm: nearest.cm, how: 'measured', ...told };
  if (before && after) {
    const part = (day - before.day) / (after.day - before.day);
    return { cm: before.cm + part * (after.cm - before.cm), how: 'interpolated', ...told };
  }
  if (before && trend !== 0) return { cm: before.cm + trend * Math.min(ageDays, MOST_AFTER), how: 'carried on', ...told };
  return { cm: nearest.cm, how: 'nearest', ...told };
}

/** The nearest set that was taken with a tape; where there is none, what is expected is all that is known. */
function nearestTaken(said: readonly Said[], day: number): Said {
  const near = [...said].sort((a, b) => Math.abs(a.day - day) - Math.abs(b.day - day));
  return near.find((s) => !s.expected) ?? firstOf(near);
}

/** What a tape errs by, cm: a body measure that moved by less is the tape, not the body. */
export const TAPE_DOUBT = 0.5;
/** What a body may change in a month, cm; on widths and lengths the doubt is this part of that of a girth. Source: engine.md, section 14. */
const IN_A_MONTH = 0.3;
const OF_LENGTHS = 0.3;

/** A doubt of a girth as that of a measure, cm. */
const asOf = (measure: BodyMeasure, doubt: number) => (kindOfMeasure(measure) === 'girth' ? doubt : OF_LENGTHS * doubt);

/** What a body may have changed so many days from the nearest set, cm, one standard deviation. */
function mayHaveChanged(measure: BodyMeasure, days: number): number {
  return asOf(measure, IN_A_MONTH * Math.sqrt(days / MONTH_DAYS));
}

/** What a body may have changed, and what the tape errs by besides, cm. */
const withTape = (measure: BodyMeasure, changed: number) => Math.hypot(asOf(measure, TAPE_DOUBT), changed);

/**
 * The doubt of a body measure so many days from the nearest set: what the tape errs by, and what the body may have changed since, cm, one
 * standard deviation.
 *
 * @example measureDoubt('waist', 365) // 1.15294
 */
export function measureDoubt(measure: BodyMeasure, days: number): number {
  return withTape(measure, mayHaveChanged(measure, days));
}

/** A body asked for one measure after the other, mostly on the same day. */
export class BodyReader {
  readonly #sets: ReturnType<typeof setsByMeasure>;
  #date: IsoDate = '';
  #day = 0;

  constructor(sets: readonly DatedMeasures[]) {
    this.#sets = setsByMeasure(sets);
  }

  /** A measure on a day, as `bodyOn` has it; undefined where no set has it. */
  on(measure: BodyMeasure, date: IsoDate): BodyValue | undefined {
    if (date !== this.#date) {
      this.#date = date;
      this.#day = dayNumber(date);
    }
    return valueOn(this.#sets.get(measure), this.#day);
  }

  /** The same in cm alone. */
  cm(measure: BodyMeasure, date: IsoDate): number | undefined {
    return this.on(measure, date)?.cm;
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
