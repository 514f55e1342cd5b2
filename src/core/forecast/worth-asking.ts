import { zoneOf, type ZoneId } from '../body/zones';
import type { PatternCase } from '../garment/case';
import { doubtOfGarment, Garment } from '../garment/offset';
import { sharpness } from '../garment/sharpness';
import { bestCut } from '../inference/posterior';
import { idealFrom } from '../inference/unknown-step';
import { worthNoting } from '../inference/worth-noting';
import { viewOf } from '../make/versions';
import type { Make, Seen } from '../records';
import { beliefAt } from './belief';
import { movesAlong } from './ideal';
import type { Recollection } from './recollection';

/** A place that is worth looking at: noting it, or pinning how far it is off. */
export interface Ask {
  readonly zone: ZoneId;
  readonly how: 'note' | 'pin';
  /** By how much the chance of right at the next cut is expected to rise, 0 to 1. */
  readonly gain: number;
  /** What is open there now: the 80 % range of the best cut, cm wide. */
  readonly open: number;
}

/** At most so many are asked for, each only where it helps by more than so much. Source: engine.md, section 13. */
export const MOST = 2;
const LEAST = 0.03;

/** What each place of a garment would tell at a look, whether it was noted or not; places whose parts it lacks are left out. */
export function worthOfPlaces(input: PatternCase, make: Make, seen: Seen, memory?: Recollection): Ask[] {
  const others = { ...input, makes: input.makes.filter((m) => m.id !== make.id) };
  const garment = new Garment({ ...input, makes: [...others.makes, make] }, make);
  return viewOf(input.pattern, make)
    .zones.filter((zone) => !make.lacking.includes(zone))
    .map((zone): Ask => {
      const { edges, zone: facts } = garment.draft.at(zone);
      const offset = garment.offset(zone);
      const believed = idealFrom(beliefAt(others, zone, memory).believed, offset, movesAlong(zone));
      const look = { x: offset.x, outcome: 0 as const, edges, observer: sharpness(seen, false) * facts.sigma, garment: doubtOfGarment(offset) };
      const { person, pattern } = zoneOf(zone).spread;
      const { note, pin } = worthNoting(believed, look, edges[0], pattern || person);
      const { low, high } = bestCut(believed);
      return { zone, open: high - low, ...(pin - note > LEAST ? { how: 'pin', gain: pin } : { how: 'note', gain: note }) };
    });
}

/**
 * What to look at: at most two places, those whose notes would help the next cut most. Of a garment that was looked at in this stage already
 * nothing is asked again.
 *
 * @param make as it stands; a garment that is not in the case yet may be asked about too
 * @param speaksOf the places that came from this pattern, where the garment joins several
 */
export function worthAsking(
  input: PatternCase,
  make: Make,
  seen: Seen,
  memory?: Recollection,
  speaksOf: (zone: ZoneId) => boolean = () => true,
): Ask[] {
  if (make.fitNotes.some((n) => n.seen.at === seen.at)) return [];
  return worthOfPlaces(input, make, seen, memory)
    .filter(({ zone, gain }) => gain > LEAST && speaksOf(zone) && !make.fitNotes.some((n) => n.zone === zone))
    .sort((a, b) => b.gain - a.gain)
    .slice(0, MOST);
}
