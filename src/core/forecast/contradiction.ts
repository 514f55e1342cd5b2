import { mainUse } from '../make/main-fabric';
import { daysBetween } from '../body/measures';
import type { ZoneId } from '../body/zones';
import type { Evidence } from '../garment/evidence';
import { bodyIn } from '../garment/offset';

/** What was not the same between a contradicting note and the others. */
export type Difference = 'fabric' | 'body' | 'side' | 'stage' | 'layer';

export interface Contradiction {
  readonly zone: ZoneId;
  readonly evidence: Evidence;
  /** The chance of such a note, or a stronger one, if the others are right. */
  readonly tail: number;
  readonly differed: readonly Difference[];
}

/** Body measures further apart than this, in cm on the zone, count as another body. */
const OTHER_BODY = 1;

function differences(one: Evidence, others: readonly Evidence[]): Difference[] {
  const found = new Set<Difference>();
  for (const other of others) {
    if (one.make.id === other.make.id) continue;
    const fabric = (e: Evidence) => mainUse(e.make)?.fabricId;
    if (fabric(one) !== fabric(other)) found.add('fabric');
    const [a, b] = [bodyIn(one.offset), bodyIn(other.offset)];
    if (a !== undefined && b !== undefined && Math.abs(a - b) > OTHER_BODY) found.add('body');
    else if (a === undefined && Math.abs(daysBetween(one.note.date, other.note.date)) > 2 * 365) found.add('body');
    if (one.note.seen.at !== other.note.seen.at) found.add('stage');
    if ((one.note.over ?? '') !== (other.note.over ?? '')) found.add('layer');
    if (one.note.side !== other.note.side) found.add('side');
  }
  return [...found];
}

/**
 * The notes that the others make hardly believable, with what was different about them.
 *
 * @param used the notes of a zone that count
 */
export function contradictionsIn(zone: ZoneId, used: readonly Evidence[]): readonly Contradiction[] {
  return used.flatMap((evidence) =>
    evidence.tail === undefined
      ? []
      : [
          {
            zone,
            evidence,
            tail: evidence.tail,
            differed: differences(
              evidence,
              used.filter((e) => e !== evidence),
            ),
          },
        ],
  );
}
