import { daysBetween, type DatedMeasures } from './measures';
import { byDay, type IsoDate } from '../units/date';
import { firstOf, lastOf } from '../units/item-at';
import { keysOf } from '../units/keys';
import type { BodyMeasure } from './zones';

/**
 * A child's body on a later day, by the growth between two sets: the first and the last that have a measure.
 *
 * @returns undefined with one set or none: growth is asked for then, and not guessed
 */
export function grownBody(bodies: readonly DatedMeasures[], date: IsoDate): Partial<Record<BodyMeasure, number>> | undefined {
  const sets = [...bodies].sort((a, b) => byDay(a.date, b.date));
  const grown: Partial<Record<BodyMeasure, number>> = {};
  for (const measure of new Set(sets.flatMap((s) => keysOf(s.measures)))) {
    const own = sets.filter((s) => s.measures[measure] !== undefined);
    const [first, last] = [firstOf(own), lastOf(own)];
    const days = daysBetween(first.date, last.date);
    if (days <= 0) continue;
    const [was, is] = [first.measures[measure]!, last.measures[measure]!];
    // Children grow: a tape that says otherwise is a tape.
    grown[measure] = is + Math.max(0, ((is - was) / days) * Math.max(0, daysBetween(last.date, date)));
  }
  return Object.keys(grown).length === 0 ? undefined : grown;
}
