import { makesOf, viewOf } from '../make/versions';
import type { CaseTables, PatternCase } from '../garment/case';
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
      const pattern = tables.patterns.find((p) => p.id === make.sources[0]?.patternId);
      if (!pattern) return { make, pattern, zones: new Map() };
      const bodies = tables.bodies.filter((b) => b.personId === make.personId);
      const input = { pattern, makes: makesOf(tables.makes, pattern.id, make.personId), bodies, fabrics: tables.fabrics };
      return { make, pattern, zones: zonesOf(input, make) };
    });
  return { compared, zones: ZONE_IDS.filter((z) => compared.some((c) => c.zones.has(z))) };
}

function zonesOf(input: PatternCase, make: Make): Map<ZoneId, ComparedZone> {
  const asked = new Set<ZoneId>([...viewOf(input.pattern, make).zones, ...make.fitNotes.map((n) => n.zone)]);
  return new Map(
    [...asked].flatMap((zone) => {
      const found = zoneOfMake(input, make, zone);
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
