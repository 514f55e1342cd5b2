import { zoneOf, type ZoneId } from '../body/zones';
import type { Garment } from '../garment/offset';
import { chanceOfCut, idealFrom, type Believed, type Cut } from '../inference/unknown-step';
import { bestCut, type BestCut } from '../inference/posterior';
import { linesFrom, type Target } from './next-cut';

/** How a zone is moved where its sizes are only labels: girths and widths from size to size, lengths and positions by centimetres. */
export function movesAlong(zone: ZoneId): 'sizes' | 'length' {
  const { kind } = zoneOf(zone);
  return kind === 'girth' || kind === 'width' ? 'sizes' : 'length';
}

/**
 * A line is taken as long as it is so likely to be right, against an alteration of the size that was cut: sizes may lie too close to each
 * other to get there, or have come to an end. Source: our own bench (bench/label-sewists.ts).
 */
const WORTH_A_LINE = 0.7;

/** What is best at a zone, from a garment that is moved from. */
export interface Ideal {
  /** Where the ideal offset lies, with every unknown step at its usual length, cm. */
  readonly best: BestCut;
  /** The best that can be cut: the middle of it, or where sizes are only labels the likeliest line. */
  readonly target: Target;
  readonly chance: number;
}

/**
 * The best cut at a zone from one that was made. Where sizes are only labels, of all lines within reach the one with the best chance: a step
 * that is twice as long is reached twice as soon, so that the middle of what is believed is not the likeliest to be right. Where no line
 * comes near enough, the size that was cut is altered.
 *
 * @param t1 of the zone, cm
 * @param doubt of the garment itself, cm
 */
export function idealAt(garment: Garment, zone: ZoneId, believed: Believed, t1: number, doubt: number): Ideal {
  const from = garment.offset(zone);
  const best = bestCut(idealFrom(believed, from, movesAlong(zone)));
  const chanceOf = (cut: Cut) => chanceOfCut(believed, cut, t1, doubt);
  const middle = { x: best.median, steps: from.steps };
  if (believed.usual === 0 || movesAlong(zone) === 'length') return { best, target: { x: best.median }, chance: chanceOf(middle) };
  let [target, chance]: [Target, number] = [{ x: from.x }, chanceOf(from)];
  const apart = bestCut(idealFrom(believed, from, 'length')).median;
  const ofApart = chanceOf({ x: apart, steps: from.steps });
  for (const { line, by } of linesFrom(garment, zone)) {
    const x = from.x + by.x;
    const ofLine = chanceOf({ x, steps: from.steps + by.steps });
    if (ofLine > chance + 1e-9) [target, chance] = [{ x, line }, ofLine];
  }
  return chance < WORTH_A_LINE * ofApart ? { best, target: { x: apart, apart: true }, chance: ofApart } : { best, target, chance };
}
