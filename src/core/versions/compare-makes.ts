import { asCut } from '../make/joined';
import { viewOf } from '../make/versions';
import { caseAt, caseOf, type CaseOfPattern, type CaseTables, type PatternCase } from '../garment/case';
import { easeOf } from '../garment/draft';
import { lastEvidence } from '../garment/evidence';
import { isOfBody, offsetOf } from '../garment/offset';
import { ZONE_IDS, zoneOf, type ZoneId } from '../body/zones';
import type { FitNote, Make, Pattern } from '../records';
import { MOST_COMPARED } from './most-compared';

/** How a garment was at a zone, on scales that garments of different patterns share. */
export interface ComparedZone {
  /** Against what its pattern intends for this body, cm. */
  readonly offset: number;
  /** Else it is against the first make's size, since nobody measured the body or typed the chart. */
  readonly ofBody: boolean;
  /** Ease that the garment has on the body by the tape, cm: intended ease and offset, without what the fabric gives. Girths only. */
  readonly ease?: number;
  /** What was seen last; absent where the zone was not noted, or its note does not count. */
  readonly note?: FitNote;
}

/** A make among those compared. */
export interface Compared {
  readonly make: Make;
  /** Undefined for a thing without a pattern: it has no fit to compare. */
  readonly pattern: Pattern | undefined;
  readonly zones: ReadonlyMap<ZoneId, ComparedZone>;
}

/**
 * Garments side by side, across patterns and people.
 *
 * @param ids in the order in which they were chosen; those that are not there are left out, and so are more than six
 * @returns the makes, and the zones of which any of them says something, from the neck down
 */
export function compareMakes(
  ids: readonly string[],
  tables: CaseTables,
): { readonly compared: readonly Compared[]; readonly zones: readonly ZoneId[] } {
  const compared = [...new Set(ids)]
    .flatMap((id) => tables.makes.find((m) => m.id === id) ?? [])
    .slice(0, MOST_COMPARED)
    .map((make): Compared => {
      const find = caseFinder(tables, make.personId);
      const [main] = make.sources;
      const input = main && find(main.patternId);
      // A piece that came from another pattern is reckoned with that.
      return input
        ? { make, pattern: input.pattern, zones: zonesOf(input, make, (zone) => caseAt(input, make, zone, find)) }
        : { make, pattern: undefined, zones: new Map() };
    });
  return { compared, zones: ZONE_IDS.filter((z) => compared.some((c) => c.zones.has(z))) };
}

/** Finds the case of a pattern for a person; each is gathered once. */
function caseFinder(tables: CaseTables, personId: string): CaseOfPattern {
  const known = new Map<string, PatternCase | undefined>();
  return (patternId) => {
    if (known.has(patternId)) return known.get(patternId);
    const pattern = tables.patterns.find((p) => p.id === patternId);
    const found = pattern && caseOf(asCut(pattern, tables.patterns), personId, tables);
    known.set(patternId, found);
    return found;
  };
}

function zonesOf(input: PatternCase, make: Make, speaksOf: (zone: ZoneId) => PatternCase): Map<ZoneId, ComparedZone> {
  const asked = new Set<ZoneId>([...viewOf(input.pattern, make).zones, ...make.fitNotes.map((n) => n.zone)]);
  return new Map(
    [...asked].flatMap((zone) => {
      const found = zoneOfMake(speaksOf(zone), make, zone);
      return found ? [[zone, found] as const] : [];
    }),
  );
}

/** How a make was at a zone; undefined where nothing is known of it: a gap, and not a nought. */
export function zoneOfMake(input: PatternCase, make: Make, zone: ZoneId): ComparedZone | undefined {
  const { pattern } = input;
  const seen = lastEvidence(input, make.id)[zone];
  const offset = seen?.offset ?? offsetOf(input, make, zone);
  if (!seen && offset.chart.from === 'nothing' && offset.alterations.length === 0) return undefined;
  const known = zoneOf(zone).kind === 'girth' && offset.chart.from !== 'nothing' && isOfBody(offset);
  const intended = easeOf(pattern, viewOf(pattern, make), make, zone);
  return {
    offset: offset.x,
    ofBody: isOfBody(offset),
    ...(known ? { ease: intended + offset.x - offset.fabric.cm } : {}),
    ...(seen ? { note: seen.note } : {}),
  };
}
