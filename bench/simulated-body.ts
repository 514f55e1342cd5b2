import { BodyReader, measureDoubt, type BodyValue, type DatedMeasures } from '../src/core/body/measures';
import { kindOfMeasure, zoneOf, type BodyMeasure, type ZoneId } from '../src/core/body/zones';
import { dateOfDay, dayNumber } from '../src/core/units/date';

/** What a body does between the days on which it is measured; as measured, it is what the tape says on every day. */
export type BodyWay = 'as measured' | 'stands still' | 'wanders' | 'drifts';
/** When the tape is taken: at the start, every year, every year and when it is asked for, before every cut. */
export type Measuring = 'once' | 'yearly' | 'when asked' | 'always';

const START = dayNumber('2020-01-01');
const MONTH = 30;
const YEAR = 365;
/** What a body that drifts or wanders changes in a month, cm of a girth. Source: engine.md, section 14. */
const DRIFT = 0.5;
const WANDER = 0.6;

/** A body that changes while nobody looks, told only by a tape that errs. Measures are told as what they are beyond those of the first day. */
export class SimulatedBody {
  readonly #way: BodyWay;
  readonly #normal: () => number;
  /** A body that drifts goes one way, in all its girths. */
  readonly #sign: number;
  readonly #chance: () => number;
  /** Where a measure that wanders had come to, by months. */
  readonly #wandered = new Map<BodyMeasure, number[]>();
  #sets: DatedMeasures[] = [];
  #reader = new BodyReader([]);

  constructor(way: BodyWay, chance: () => number, normal: () => number) {
    this.#way = way;
    this.#chance = chance;
    this.#normal = normal;
    this.#sign = way === 'drifts' && chance() < 0.5 ? -1 : 1;
  }

  /** What decides a place, where the body is not as it was measured. */
  measureAt(zone: ZoneId): BodyMeasure | undefined {
    return this.#way === 'as measured' ? undefined : zoneOf(zone).measure;
  }

  truly(measure: BodyMeasure, day: number): number {
    if (kindOfMeasure(measure) !== 'girth' || this.#way === 'stands still') return 0;
    const months = day / MONTH;
    if (this.#way === 'drifts') return this.#sign * DRIFT * months;
    const walk = this.#wandered.get(measure) ?? [0];
    this.#wandered.set(measure, walk);
    while (walk.length <= months) walk.push(walk.at(-1)! + (this.#chance() < 0.5 ? -WANDER : WANDER));
    return walk[Math.floor(months)]!;
  }

  /** What is known of a measure on a day. */
  told(measure: BodyMeasure, day: number): BodyValue {
    return this.#reader.on(measure, dateOfDay(START + day))!;
  }

  /** The tape is taken: each measure anew. */
  take(measures: readonly BodyMeasure[], day: number): void {
    const said = measures.map((m) => [m, this.truly(m, day) + measureDoubt(m, 0) * this.#normal()] as const);
    this.#sets = [...this.#sets, { date: dateOfDay(START + day), measures: Object.fromEntries(said) }];
    this.#reader = new BodyReader(this.#sets);
  }

  /** Whether the yearly day has come since the last set. */
  isDue(measuring: Measuring, day: number): boolean {
    if (this.#sets.length === 0 || measuring === 'always') return true;
    return measuring !== 'once' && Math.floor(day / YEAR) > Math.floor((day - MONTH) / YEAR);
  }
}
