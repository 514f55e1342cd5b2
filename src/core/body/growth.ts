import { daysBetween, type DatedMeasures } from './measures';
import { byDay, type IsoDate } from '../units/date';
import { firstOf, lastOf } from '../units/item-at';
import { keysOf } from '../units/keys';
import type { BodyMeasure, ZoneId } from './zones';

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

/** What a centimetre of height adds to lengths that nobody measured, cm; it is in doubt by half of it. Source: engine.md, section 12. */
const WITH_HEIGHT: Partial<Record<ZoneId, number>> = {
  leg: 0.55,
  sleeve: 0.35,
  skirt: 0.35,
  bodyLength: 0.35,
  bodice: 0.22,
  frontBodice: 0.22,
  rise: 0.12,
};
const HEIGHT_DOUBT = 0.5;

/**
 * By how much a length of the body grew with its height, where nobody measured the length itself.
 *
 * @param taller by how much the body grew, cm
 * @example grownWithHeight('leg', 4) // { cm: 2.2, sd: 1.1 }
 */
export function grownWithHeight(zone: ZoneId, taller: number): { readonly cm: number; readonly sd: number } {
  const cm = (WITH_HEIGHT[zone] ?? 0) * taller;
  return { cm, sd: HEIGHT_DOUBT * Math.abs(cm) };
}
