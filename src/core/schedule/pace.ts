import type { Make } from '../records';
import { PHASES } from '../records';
import { byVersion } from '../make/versions';
import { minutesOf } from '../make/minutes';
import { STATES } from '../make/states';
import { NINE_TENTHS } from '../inference/normal';
import type { IsoDate } from '../units/date';
import { remaining, stepsThatWere, type Step, type StepTables } from './steps';

/** A number that is known as a normal distribution. */
export interface Normal {
  readonly mean: number;
  readonly variance: number;
}

/** Logs: how much sewists differ in pace, and patterns of one sewist among each other (docs/schedule.md; the first of the two is shared by all steps). */
export const PACE_SD = 0.4;
export const PATTERN_SD = 0.25;
/** How much one step differs from time to time. Source: our own convention; a seam ripper doubles a seam now and then. */
export const STEP_SD = 0.4;
/** How roughly times are noted. Source: our own convention; "two afternoons" is good to a sixth. */
const NOTED_SD = 0.15;

/**
 * How much quicker a later version goes: × 0.85 for the second, × 0.75 from the fourth on, the third between.
 *
 * @example quicker(2) // 0.85
 */
export const quicker = (version: number): number => (version <= 1 ? 1 : version === 2 ? 0.85 : version === 3 ? 0.8 : 0.75);

/**
 * The sum of steps that each vary by themselves, as one log-normal with the same mean and variance (L. F. Fenton, "The sum of log-normal probability
 * distributions in scatter transmission systems", 1960).
 *
 * @param minutes the middle of each
 * @example sumOf([60]).mean // ln 60
 */
export function sumOf(minutes: readonly number[], sd = STEP_SD): Normal {
  const each = Math.exp((sd * sd) / 2);
  const spread = Math.exp(sd * sd) * (Math.exp(sd * sd) - 1);
  const mean = minutes.reduce((sum, m) => sum + m * each, 0);
  const variance = minutes.reduce((sum, m) => sum + m * m * spread, 0);
  if (mean <= 0) return { mean: -Infinity, variance: 0 };
  const log = Math.log(1 + variance / (mean * mean));
  return { mean: Math.log(mean) - log / 2, variance: log };
}

/** What times of whole makes or of phases say: by pattern, the log of what was taken against what the table gives. */
interface Told {
  readonly patternId: string | undefined;
  readonly log: number;
  readonly variance: number;
}

/** Which version of its pattern a make was, for its sewist's hands: whoever it was for. */
function placesAmong(makes: readonly Make[]): ReadonlyMap<string, number> {
  const count = new Map<string, number>();
  return new Map(
    [...makes]
      .sort((a, b) => (a.cutOn === b.cutOn ? byVersion(a, b) : a.cutOn < b.cutOn ? -1 : 1))
      .map((make) => {
        const key = make.sources[0]?.patternId ?? make.id;
        const place = (count.get(key) ?? 0) + 1;
        count.set(key, place);
        return [make.id, place];
      }),
  );
}

const BEFORE_THE_NEEDLE: readonly (typeof PHASES)[number][] = ['print and assemble', 'trace and alter', 'cut'];
const TIMED: readonly (typeof PHASES)[number][] = [...BEFORE_THE_NEEDLE, 'sew', 'finish'];

const minutesIn = (steps: readonly Step[]) => steps.map((s) => s.minutes);

/** What one make tells of pace: the steps that were timed one by one, each phase by itself, or the whole where its phases were not kept apart. */
function workedOut(make: Make, version: number, tables: StepTables): Told[] {
  const steps = stepsThatWere(make, version, tables);
  const spent = new Map((make.bench?.steps ?? []).flatMap((s) => (s.done !== undefined && s.spent ? [[s.id, s.spent] as const] : [])));
  const patternId = make.sources[0]?.patternId;
  const told = (of: readonly Step[], minutes: number): Told[] => {
    if (of.length === 0 || minutes <= 0) return [];
    const usual = sumOf(minutesIn(of));
    // Several alike, sewn at once, are as many times as much work.
    return [
      { patternId, log: Math.log(minutes / make.quantity) - usual.mean - Math.log(quicker(version)), variance: usual.variance + NOTED_SD ** 2 },
    ];
  };
  const timed = steps.filter((s) => spent.has(s.id));
  if (timed.length > 0)
    return told(
      timed,
      timed.reduce((sum, s) => sum + (spent.get(s.id) ?? 0), 0),
    );
  const unfinished = STATES[make.state].unmade ?? false;
  // Of what is half sewn only that is over which lies before the needle.
  if (!unfinished && make.times.some((t) => t.phase === 'all')) return told(steps, minutesOf(make) ?? 0);
  return PHASES.filter((p) => (unfinished ? BEFORE_THE_NEEDLE : TIMED).includes(p)).flatMap((phase) =>
    told(
      steps.filter((s) => s.phase === phase),
      make.times.filter((t) => t.phase === phase).reduce((sum, t) => sum + t.minutes, 0),
    ),
  );
}

/** What makes told last: of thousands only the one that was changed is worked out anew. */
const known = new WeakMap<
  Make,
  { readonly version: number; readonly patterns: unknown; readonly fabrics: unknown; readonly told: readonly Told[] }
>();

/** What one make tells, as it was worked out before where nothing it depends on is another. */
function toldBy(make: Make, version: number, tables: StepTables): readonly Told[] {
  if (make.times.length === 0 && make.bench === undefined) return [];
  const { patterns, fabrics } = tables;
  const before = known.get(make);
  if (before?.version === version && before.patterns === patterns && before.fabrics === fabrics) return before.told;
  const told = workedOut(make, version, tables);
  known.set(make, { version, patterns, fabrics, told });
  return told;
}

/** What is known of a sewist's pace: of herself, and with each pattern. */
export interface Pace {
  /** Of herself, whatever she sews. */
  readonly sewist: Normal;
  /** With a pattern she never timed. */
  readonly own: Normal;
  /** With one that she did, by its id: pace and pattern together. */
  readonly patterns: ReadonlyMap<string, Normal>;
  /** Which version the next of a pattern is, for her hands. */
  readonly versions: ReadonlyMap<string, number>;
  /** Times that say something. */
  readonly told: number;
}

const joined = (a: Normal, b: Normal): Normal => {
  const variance = 1 / (1 / a.variance + 1 / b.variance);
  return { mean: variance * (a.mean / a.variance + b.mean / b.variance), variance };
};

/**
 * Pace out of the times that were noted: a normal on logs with two levels, sewist and pattern, in closed form. What patterns say of the sewist is their mean with
 * what they differ by among each other; what is known of a pattern is what all the others say of her, and its own times.
 *
 * @param until makes cut later than this day are left out
 */
export function paceOf(tables: StepTables, until?: IsoDate): Pace {
  const makes = until === undefined ? tables.makes : tables.makes.filter((m) => m.cutOn <= until);
  const places = placesAmong(makes);
  const told = makes.filter((m) => m.kind !== 'toile' && m.kind !== 'refashion').flatMap((m) => toldBy(m, places.get(m.id) ?? 1, tables));
  const byPattern = new Map<string, Normal>();
  for (const { patternId, log, variance } of told) {
    const key = patternId ?? '';
    const known = byPattern.get(key);
    byPattern.set(key, known ? joined(known, { mean: log, variance }) : { mean: log, variance });
  }
  /** What the patterns say of the sewist, one left out. */
  const sewist = (but?: string): Normal =>
    [...byPattern].reduce<Normal>(
      (pace, [id, { mean, variance }]) => (id === but ? pace : joined(pace, { mean, variance: variance + PATTERN_SD ** 2 })),
      { mean: 0, variance: PACE_SD ** 2 },
    );
  const widened = ({ mean, variance }: Normal): Normal => ({ mean, variance: variance + PATTERN_SD ** 2 });
  const versions = new Map<string, number>();
  for (const make of makes) {
    const id = make.sources[0]?.patternId;
    if (id !== undefined) versions.set(id, Math.max(versions.get(id) ?? 1, (places.get(make.id) ?? 0) + 1));
  }
  return {
    sewist: sewist(),
    own: widened(sewist()),
    patterns: new Map([...byPattern].flatMap(([id, own]) => (id === '' ? [] : [[id, joined(widened(sewist(id)), own)] as const]))),
    versions,
    told: told.length,
  };
}

/** Before any time is known. */
export const UNTIMED: Pace = paceOf({ patterns: [], makes: [], fabrics: [] });

/** Minutes: the middle, and from to nine times in ten. */
export interface MinutesRange {
  readonly middle: number;
  readonly least: number;
  readonly most: number;
}

/** The point of the normal distribution with 95 % below it: nine in ten lie within both sides of it. */
const NINE_IN_TEN = 1.6449;

/** A log-normal as it is said. */
export const rangeOf = ({ mean, variance }: Normal): MinutesRange => {
  const wide = NINE_IN_TEN * Math.sqrt(variance);
  return Number.isFinite(mean)
    ? { middle: Math.exp(mean), least: Math.exp(mean - wide), most: Math.exp(mean + wide) }
    : { middle: 0, least: 0, most: 0 };
};

/** Minutes that are enough nine times in ten. */
export const enoughMinutes = ({ mean, variance }: Normal): number => (Number.isFinite(mean) ? Math.exp(mean + NINE_TENTHS * Math.sqrt(variance)) : 0);

/** How a sewist's pace stands to the table with a garment: the log of it. */
export function paceWith({ own, patterns }: Pace, patternId: string | undefined): Normal {
  return (patternId === undefined ? undefined : patterns.get(patternId)) ?? own;
}

/** Minutes of a step for an even hand at this version; her own minutes stand as she said them. */
export const evenMinutes = (step: Step, version: number): number => step.minutes * (step.said ? 1 : quicker(version));

/** How much of some steps pace moves: all but the minutes that she said herself. */
export function pacedShare(steps: readonly Step[], version: number): number {
  const minutes = (of: readonly Step[]) => of.reduce((sum, s) => sum + evenMinutes(s, version), 0);
  const all = minutes(steps);
  return all > 0 ? 1 - minutes(steps.filter((s) => s.said)) / all : 1;
}

/**
 * How long steps take in her hands: middle and nine-in-ten.
 *
 * @param version which of its pattern it is for her hands
 */
export function handsFor(steps: readonly Step[], pace: Normal, version: number): MinutesRange {
  return rangeOf(logHands(steps, pace, version));
}

/** The same as a normal of logs. What she said herself is hers already: pace moves only the rest. */
export function logHands(steps: readonly Step[], pace: Normal, version: number): Normal {
  const left = remaining(steps);
  const sum = sumOf(left.map((s) => evenMinutes(s, version)));
  if (!Number.isFinite(sum.mean)) return sum;
  const share = pacedShare(left, version);
  return { mean: sum.mean + share * pace.mean, variance: sum.variance + share * share * pace.variance };
}
