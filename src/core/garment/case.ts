import { asCut } from '../make/joined';
import { byVersion, makesOf } from '../make/versions';
import type { EffectContext } from '../alteration/effects';
import type { FitClass } from '../body/fit-class';
import type { DatedMeasures } from '../body/measures';
import { zoneOf, type ZoneId } from '../body/zones';
import type { Fabric, Make, MeasurementSet, Pattern, View } from '../records';
import { addToGroup } from '../units/group-by';
import { firstOf } from '../units/item-at';

/** All that is needed to reckon one pattern for one person. */
export interface PatternCase {
  readonly pattern: Pattern;
  /** This person's makes of the pattern, in any order. */
  readonly makes: readonly Make[];
  /** The person's measurement sets, and for a plan what is expected besides. */
  readonly bodies: readonly (MeasurementSet & Pick<DatedMeasures, 'expected'>)[];
  /** Every fabric that the makes, or the plan, use. */
  readonly fabrics: readonly Fabric[];
}

/** Whether a zone's evidence belongs to this pattern: where a make joins several, it belongs to the one its piece came from. */
export function bringsZone(pattern: Pick<Pattern, 'id'>, make: Pick<Make, 'sources'>, zone: ZoneId): boolean {
  return ownerOfZone(make, zone) === pattern.id;
}

/** The pattern that a zone of a garment came from: the one that names it, else the main one; undefined where it has none. */
export function ownerOfZone({ sources }: Pick<Make, 'sources'>, zone: ZoneId): string | undefined {
  if (sources.length === 1) return firstOf(sources).patternId;
  return (sources.find((s) => s.zones?.includes(zone)) ?? sources[0])?.patternId;
}

/** The case of a pattern for the same person; undefined where it is gone. */
export type CaseOfPattern = (patternId: string) => PatternCase | undefined;

/** The case that speaks of a zone of a garment: that of the pattern from which its piece came. */
export function caseAt(input: PatternCase, make: Pick<Make, 'sources'>, zone: ZoneId, caseOfPattern: CaseOfPattern): PatternCase {
  const owner = ownerOfZone(make, zone);
  return owner === undefined || owner === input.pattern.id ? input : (caseOfPattern(owner) ?? input);
}

/** Every case that speaks of some zone of a garment; the main one first. */
export function casesIn(input: PatternCase, { sources }: Pick<Make, 'sources'>, caseOfPattern: CaseOfPattern): PatternCase[] {
  const others = new Set(sources.map((s) => s.patternId).filter((id) => id !== input.pattern.id));
  return [input, ...[...others].flatMap((id) => caseOfPattern(id) ?? [])];
}

/** The tables that cases are made from. */
export interface CaseTables {
  readonly patterns: readonly Pattern[];
  readonly makes: readonly Make[];
  readonly bodies: readonly MeasurementSet[];
  readonly fabrics: readonly Fabric[];
}

/** Every pattern that was made for a person. */
export function casesFor(personId: string, { patterns, makes, bodies, fabrics }: CaseTables): PatternCase[] {
  const own = bodies.filter((b) => b.personId === personId);
  // In one pass over the makes: a ledger may have thousands of them and hundreds of patterns.
  const byPattern = new Map<string, Make[]>();
  for (const make of makes) {
    if (make.personId !== personId) continue;
    const { sources } = make;
    // A garment may have more than one piece of the same pattern.
    if (sources.length === 1) addToGroup(byPattern, firstOf(sources).patternId, make);
    else for (const id of new Set(sources.map((s) => s.patternId))) addToGroup(byPattern, id, make);
  }
  return patterns.flatMap((recorded): PatternCase[] => {
    const pattern = asCut(recorded, patterns);
    const sewn = byPattern.get(pattern.id);
    return sewn ? [{ pattern, makes: sewn.sort(byVersion), bodies: own, fabrics }] : [];
  });
}

/** A pattern as it stands for a person, made or not. */
export function caseOf(pattern: Pattern, personId: string, { makes, bodies, fabrics }: Omit<CaseTables, 'patterns'>): PatternCase {
  return { pattern, makes: makesOf(makes, pattern.id, personId), bodies: bodies.filter((b) => b.personId === personId), fabrics };
}

/** The intended ease at a zone: the view's where it gives one, else the pattern's. */
export function fitClassAt(pattern: Pattern, view: View, zone: ZoneId): FitClass {
  return view.zoneClass[zone] ?? pattern.fitClass;
}

/** What the effects of alterations need to know of this garment. */
export function effectContext(pattern: Pattern, view: View): EffectContext {
  return { fitClassAt: (zone) => fitClassAt(pattern, view, zone), seamsAcross: (zone) => view.seams[zone] ?? zoneOf(zone).seams };
}
