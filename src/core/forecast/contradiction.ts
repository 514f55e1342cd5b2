import { mainUse } from '../make/main-fabric';
import { daysBetween } from '../body/measures';
import type { ZoneId } from '../body/zones';
import type { Evidence } from '../garment/evidence';
import { outcomeTails } from '../inference/likelihood';
import { expectation, quantile, type Posteriors } from '../inference/posterior';
import { itemAt } from '../units/item-at';

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

function differences(one: Evidence, others: readonly Evidence[]): Difference[] {
  const found = new Set<Difference>();
  for (const other of others) {
    if (one.make.id === other.make.id) continue;
    const fabric = (e: Evidence) => mainUse(e.make)?.fabricId;
    if (fabric(one) !== fabric(other)) found.add('fabric');
    const a = one.offset.chart;
    const b = other.offset.chart;
    if (a.from !== 'nothing' && b.from !== 'nothing' && Math.abs(a.body - b.body) > OTHER_BODY) found.add('body');
    else if (a.from === 'nothing' && Math.abs(daysBetween(one.note.date, other.note.date)) > 2 * 365) found.add('body');
    if (one.note.seen.at !== other.note.seen.at) found.add('stage');
    if ((one.note.over ?? '') !== (other.note.over ?? '')) found.add('layer');
    if (one.note.side !== other.note.side) found.add('side');
  }
  return [...found];
}

/**
 * The notes that the others make very unlikely, with what was different about them. Needs at least two notes.
 *
 * @param posteriors of the same notes, in their order
 */
export function contradictionsIn(zone: ZoneId, used: readonly Evidence[], { without: apart }: Posteriors): readonly Contradiction[] {
  if (used.length < 2) return [];
  return used.flatMap((evidence, i) => {
    const others = used.filter((e) => e !== evidence);
    const without = itemAt(apart, i);
    // A tail only falls, or only rises, with θ: its mean is at least half of what it is at the median.
    const middle = outcomeTails(evidence.observation, quantile(without, 0.5));
    if (Math.min(middle.atMost, middle.atLeast) >= 2 * TAIL) return [];
    const tail = Math.min(
      expectation(without, (theta) => outcomeTails(evidence.observation, theta).atMost),
      expectation(without, (theta) => outcomeTails(evidence.observation, theta).atLeast),
    );
    return tail < TAIL ? [{ zone, evidence, tail, differed: differences(evidence, others) }] : [];
  });
}
