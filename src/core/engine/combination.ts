import equal from 'fast-deep-equal';
import { ZONE_IDS } from '../body/zones';
import { carriedOf, carryForward, type CarryForward } from '../forecast/carry-forward';
import { lastCutAgain, type PlannedCut } from '../forecast/next-cut';
import type { Recollection } from '../forecast/recollection';
import { casesIn, ownerOfZone, type CaseOfPattern, type PatternCase } from '../garment/case';
import { viewOf } from '../make/versions';
import type { Alteration, Make } from '../records';

/** Alterations of the parts together: each part's own changes stand against the cut that all of them began from. */
function together(base: readonly Alteration[], parts: readonly (readonly Alteration[])[]): Alteration[] {
  const kept = base.flatMap((was): Alteration[] => {
    if (parts.some((part) => !part.some((a) => a.id === was.id))) return [];
    return [parts.flatMap((part) => part.filter((a) => a.id === was.id && !equal(a, was)))[0] ?? was];
  });
  const known = new Set(base.map((a) => a.id));
  return [...kept, ...parts.flatMap((part) => part.filter((a) => !known.has(a.id)))];
}

/**
 * What to cut next of a pattern, its last version joined with parts of others or not: at each zone by the pattern that the piece came from,
 * which knows all garments in which it had a part (engine.md, section 15).
 *
 * @param caseOf the other patterns, for the same person
 * @returns undefined where nothing has been cut yet
 */
export function carryWhole(input: PatternCase, plan: PlannedCut, memory: Recollection, caseOf: CaseOfPattern): CarryForward | undefined {
  const own = carryForward(input, plan, memory);
  if (!own || own.last.sources.length < 2) return own;
  const { last } = own;
  const asked = new Set([...viewOf(input.pattern, last).zones, ...input.makes.flatMap((m) => m.fitNotes.map((n) => n.zone))]);
  const parts = casesIn(input, last, caseOf)
    .slice(1)
    .flatMap((part) => {
      const zones = ZONE_IDS.filter((zone) => asked.has(zone) && ownerOfZone(last, zone) === part.pattern.id);
      const carried = zones.length > 0 ? carryForward(part, plan, memory, { last, zones }) : undefined;
      return carried ? [carried] : [];
    });
  if (parts.length === 0) return own;
  const lent = new Set(parts.flatMap((p) => p.zones.map((z) => z.zone)));
  const zones = [...own.zones.filter((z) => !lent.has(z.zone)), ...parts.flatMap((p) => p.zones)].sort(
    (a, b) => ZONE_IDS.indexOf(a.zone) - ZONE_IDS.indexOf(b.zone),
  );
  const { size } = own.next;
  const next: Make = {
    ...own.next,
    sizeLines: [
      ...own.next.sizeLines.filter((l) => !lent.has(l.zone)),
      ...parts.flatMap((p) => p.zones.flatMap(({ zone, line }) => (line && !equal(line, size) ? [{ zone, line }] : []))),
    ],
    alterations: together(
      lastCutAgain(input, last, plan).make.alterations,
      [own.next, ...parts.map((p) => p.next)].map((m) => m.alterations),
    ),
  };
  return carriedOf(zones, next, last, own.toMark);
}
