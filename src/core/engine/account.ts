import { ZONE_IDS, type ZoneId } from '../body/zones';
import type { Reckoned } from '../decide/reckoning';
import { zonesOfCase, type CarryForward } from '../forecast/carry-forward';
import type { Recollection } from '../forecast/recollection';
import { whyAt, type Why } from '../forecast/why';
import { caseAt, casesIn, type CaseOfPattern, type PatternCase } from '../garment/case';
import { offsetOf } from '../garment/offset';
import { latestNote } from '../make/latest-note';
import { countedVersions, counts, versionsOf } from '../make/versions';
import { differencesBetween, type VersionDifference } from '../versions/differences';
import { whatItDid, type Effect } from '../versions/what-it-did';
import type { Make } from '../records';

/** What an account says of one version. */
export interface VersionColumn {
  readonly makeId: string;
  /** Whether it counts in what is carried forward. */
  readonly counts: boolean;
  /** Its offset when each zone was last looked at, cm. */
  readonly offsets: Partial<Record<ZoneId, number>>;
  /** What differs from the version before it. */
  readonly differences: readonly VersionDifference[];
  /** What became of the notes of the version before it that counts. */
  readonly effects: readonly Effect[];
}

/** What was changed between two versions, and what that did. */
export interface Changes {
  readonly differences: readonly VersionDifference[];
  readonly effects: readonly Effect[];
}

/** All that the account of a pattern shows of its versions and of the next cut. */
export interface Account extends CarryForward {
  readonly why: Partial<Record<ZoneId, Why>>;
  /** Zones to speak of, in the order of the body. */
  readonly places: readonly ZoneId[];
  /** Every version in order. */
  readonly columns: readonly VersionColumn[];
  /** From the last but one version that counts to the last; absent where there are not two. */
  readonly lastChange?: Changes & { readonly earlierId: string; readonly laterId: string };
  readonly decision: Reckoned;
}

/** What was changed from one version to another, and what that did. */
export function changesBetween(input: PatternCase, earlier: Make, later: Make, memory: Recollection, caseOf: CaseOfPattern): Changes {
  return { differences: differencesBetween(input, earlier, later), effects: effectsIn(input, earlier, later, memory, caseOf) };
}

/** What became of the notes of a version: each zone by the pattern that its piece came from. */
function effectsIn(input: PatternCase, earlier: Make, later: Make, memory: Recollection, caseOf: CaseOfPattern): Effect[] {
  return casesIn(input, later, caseOf).flatMap((part) => whatItDid(part, earlier, later, memory));
}

/**
 * The account of a pattern in one answer: nothing on its page is reckoned a second time.
 *
 * @param memory what the person's other patterns say
 * @param caseOf the patterns that brought parts
 */
export function accountOf(input: PatternCase, carried: CarryForward, decision: Reckoned, memory: Recollection, caseOf: CaseOfPattern): Account {
  const versions = versionsOf(input);
  const counted = countedVersions(input);
  const [earlier, later] = [counted.at(-2), counted.at(-1)];
  const columns = versions.map((make, i): VersionColumn => {
    const before = versions[i - 1];
    const countedBefore = counted[counted.indexOf(make) - 1];
    return {
      makeId: make.id,
      counts: counts(make),
      offsets: Object.fromEntries(
        [...new Set(make.fitNotes.map((n) => n.zone))].map((zone) => [
          zone,
          offsetOf(caseAt(input, make, zone, caseOf), make, zone, { note: latestNote(make, zone)! }).x,
        ]),
      ),
      differences: before ? differencesBetween(input, before, make) : [],
      effects: countedBefore && counts(make) ? effectsIn(input, countedBefore, make, memory, caseOf) : [],
    };
  });
  // What the last change did stands in its column already; what differs there is against the version just before, counted or not.
  const effects = columns.find((c) => c.makeId === later?.id)?.effects ?? [];
  const spoken = new Set([...zonesOfCase(input), ...carried.zones.map((z) => z.zone)]);
  return {
    ...carried,
    why: Object.fromEntries(carried.zones.map(({ zone }) => [zone, whyAt(caseAt(input, carried.last, zone, caseOf), zone, memory)])),
    places: ZONE_IDS.filter((z) => spoken.has(z)),
    columns,
    ...(earlier && later
      ? { lastChange: { earlierId: earlier.id, laterId: later.id, differences: differencesBetween(input, earlier, later), effects } }
      : {}),
    decision,
  };
}
