import { mainUse } from '../make/main-fabric';
import { daysBetween } from '../body/measures';
import type { ZoneId } from '../body/zones';
import type { Evidence } from '../garment/evidence';
import { outcomeTails } from '../inference/likelihood';
import { quantile } from '../inference/posterior';
import { meanOver, type Believed } from '../inference/unknown-step';
import { firstOf, itemAt } from '../units/item-at';

/** What was not the same between a contradicting note and the others. */
export type Difference = 'fabric' | 'body' | 'side' | 'stage' | 'layer';

export interface Contradiction {
  readonly zone: ZoneId;
  readonly evidence: Evidence;
  /** The chance of such a note, or a stronger one, if the others are right. */
  readonly tail: number;
  readonly differed: readonly Difference[];
}

/** A note whose tail under all the others is below this contradicts them. Source: engine.md, section 4. */
const TAIL = 0.01;
/** Body measures further apart than this, in cm on the zone, count as another body. */
const OTHER_BODY = 1;

/** The body that a garment was on, cm; without a chart what it grew. */
function bodyIn({ offset: { chart } }: Evidence): number | undefined {
  return chart.from === 'nothing' ? undefined : chart.from === 'sizes' ? chart.grown : chart.body;
}

function differences(one: Evidence, others: readonly Evidence[]): Difference[] {
  const found = new Set<Difference>();
  for (const other of others) {
    if (one.make.id === other.make.id) continue;
    const fabric = (e: Evidence) => mainUse(e.make)?.fabricId;
    if (fabric(one) !== fabric(other)) found.add('fabric');
    const [a, b] = [bodyIn(one), bodyIn(other)];
    if (a !== undefined && b !== undefined && Math.abs(a - b) > OTHER_BODY) found.add('body');
    else if (a === undefined && Math.abs(daysBetween(one.note.date, other.note.date)) > 2 * 365) found.add('body');
    if (one.note.seen.at !== other.note.seen.at) found.add('stage');
    if ((one.note.over ?? '') !== (other.note.over ?? '')) found.add('layer');
    if (one.note.side !== other.note.side) found.add('side');
  }
  return [...found];
}

/**
 * The notes that the others make very unlikely, with what was different about them. Needs at least two notes.
 *
 * @param apart what is believed without each of the same notes, in their order
 */
export function contradictionsIn(zone: ZoneId, used: readonly Evidence[], apart: readonly Believed[]): readonly Contradiction[] {
  if (used.length < 2) return [];
  return used.flatMap((evidence, i) => {
    const others = used.filter((e) => e !== evidence);
    const without = itemAt(apart, i);
    const { observation } = evidence;
    // A tail only falls, or only rises, with θ: its mean is at least half of what it is at the median.
    const middle = without.posteriors.length === 1 && outcomeTails(observation, quantile(firstOf(without.posteriors), 0.5));
    if (middle && Math.min(middle.atMost, middle.atLeast) >= 2 * TAIL) return [];
    const tailsAt = (theta: number, longer: number) => outcomeTails({ ...observation, x: observation.x + (observation.steps ?? 0) * longer }, theta);
    const tail = Math.min(
      meanOver(without, (theta, longer) => tailsAt(theta, longer).atMost),
      meanOver(without, (theta, longer) => tailsAt(theta, longer).atLeast),
    );
    return tail < TAIL ? [{ zone, evidence, tail, differed: differences(evidence, others) }] : [];
  });
}
