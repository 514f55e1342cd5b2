import type { EffectContext } from '../alteration/effects';
import { byDay } from '../units/date';
import type { FitClass } from '../body/fit-class';
import { zoneOf, type ZoneId } from '../body/zones';
import type { Fabric, Make, MeasurementSet, Pattern, View } from '../records';
import { addToGroup } from '../units/group-by';

/** All that is needed to reckon one pattern for one person. */
export interface PatternCase {
  readonly pattern: Pattern;
  /** This person's makes of the pattern, in any order. */
  readonly makes: readonly Make[];
  /** The person's measurement sets. */
  readonly bodies: readonly MeasurementSet[];
  /** Every fabric that the makes, or the plan, use. */
  readonly fabrics: readonly Fabric[];
}

/** The view of this pattern that a make used. */
export function viewOf(pattern: Pattern, make: Pick<Make, 'sources'>): View {
  // Asked of every note: most patterns have one view.
  if (pattern.views.length === 1) return pattern.views[0]!;
  const source = make.sources.find((s) => s.patternId === pattern.id);
  return pattern.views.find((v) => v.id === source?.viewId) ?? pattern.views[0]!;
}

/** Whether a zone's evidence belongs to this pattern: where a make joins several, it belongs to the one its piece came from. */
export function bringsZone(pattern: Pattern, make: Make, zone: ZoneId): boolean {
  if (make.sources.length === 1) return make.sources[0]!.patternId === pattern.id;
  const owner = make.sources.find((s) => s.zones?.includes(zone)) ?? make.sources[0]!;
  return owner.patternId === pattern.id;
}

/** Makes of a pattern for a person, where the pattern is any of their sources, in the order of their versions. */
export function makesOf(makes: readonly Make[], patternId: string, personId: string): Make[] {
  return makes.filter((m) => m.personId === personId && m.sources.some((s) => s.patternId === patternId)).sort((a, b) => a.version - b.version);
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
    if (sources.length === 1) addToGroup(byPattern, sources[0]!.patternId, make);
    else for (const id of new Set(sources.map((s) => s.patternId))) addToGroup(byPattern, id, make);
  }
  return patterns.flatMap((pattern): PatternCase[] => {
    const sewn = byPattern.get(pattern.id);
    return sewn ? [{ pattern, makes: sewn.sort((a, b) => a.version - b.version), bodies: own, fabrics }] : [];
  });
}

/** A pattern as it stands for a person, made or not. */
export function caseOf(pattern: Pattern, personId: string, { makes, bodies, fabrics }: CaseTables): PatternCase {
  return { pattern, makes: makesOf(makes, pattern.id, personId), bodies: bodies.filter((b) => b.personId === personId), fabrics };
}

/** The versions of a pattern: makes of which it is the main one. Where it only lent a piece, a make is evidence and no version. */
export function versionsOf({ pattern, makes }: Pick<PatternCase, 'pattern' | 'makes'>): Make[] {
  return inOrder(makes.filter((m) => m.sources[0]?.patternId === pattern.id));
}

/** The number that the next version bears: toiles count, and so does what was given up. */
export function nextVersion(input: Pick<PatternCase, 'pattern' | 'makes'>): number {
  return Math.max(0, ...versionsOf(input).map((m) => m.version)) + 1;
}

/** The class of fit at a zone: the view's where it gives one, else the pattern's. */
export function fitClassAt(pattern: Pattern, view: View, zone: ZoneId): FitClass {
  return view.zoneClass[zone] ?? pattern.fitClass;
}

/** What the effects of alterations need to know of this garment. */
export function effectContext(pattern: Pattern, view: View): EffectContext {
  return { fitClassAt: (zone) => fitClassAt(pattern, view, zone), seamsAcross: (zone) => view.seams[zone] ?? zoneOf(zone).seams };
}

/** Makes in the order in which they were cut; versions decide between two of one day. */
export function inOrder(makes: readonly Make[]): Make[] {
  return [...makes].sort((a, b) => a.version - b.version || byDay(a.cutOn, b.cutOn));
}
