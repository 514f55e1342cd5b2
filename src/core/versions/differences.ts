import { viewOf } from '../make/versions';
import { alterationKey } from '../alteration/alteration-key';
import { weightOf } from '../fabric/weight';
import { mainFabric } from '../make/main-fabric';
import { bodyOn, TAPE_DOUBT } from '../body/measures';
import { BODY_MEASURES, zoneOf, type BodyMeasure, type ZoneId } from '../body/zones';
import { type PatternCase } from '../garment/case';
import { lineOf, sameLine } from '../garment/chart';
import type { Alteration, Fabric, Make, SizeLine } from '../records';
import type { IsoDate } from '../units/date';
import { keysOf } from '../units/keys';

/** One thing that is not the same in two versions. */
export type VersionDifference =
  | { readonly what: 'size'; readonly zone: ZoneId | 'all'; readonly from: SizeLine | undefined; readonly to: SizeLine | undefined }
  | { readonly what: 'alteration'; readonly from: Alteration | undefined; readonly to: Alteration | undefined }
  | { readonly what: 'seam allowance'; readonly from: number; readonly to: number }
  | { readonly what: 'fabric'; readonly from: Fabric | undefined; readonly to: Fabric | undefined; readonly properties: readonly FabricProperty[] }
  | { readonly what: 'body'; readonly measure: BodyMeasure; readonly from: number; readonly to: number };

/** Properties of fabric that can change how a garment fits or hangs. */
export type FabricProperty = 'structure' | 'stretch' | 'weight' | 'drape';

/** Relative change of weight that a hand feels. */
const OTHER_WEIGHT = 0.15;

function sameAmount(a: Alteration, b: Alteration): boolean {
  return (
    a.amount === b.amount &&
    a.direction === b.direction &&
    a.way === b.way &&
    a.allowance?.cut === b.allowance?.cut &&
    a.allowance?.sewn === b.allowance?.sewn &&
    a.band?.cutOff === b.band?.cutOff &&
    a.band?.finished === b.band?.finished
  );
}

/** How much narrower than cut the seams were sewn, cm. */
function narrowerSeams(make: Make): number {
  return make.alterations.reduce((sum, a) => sum + (a.allowance ? a.allowance.cut - a.allowance.sewn : 0), 0);
}

/** Whether two values differ; undefined where either is not known. */
const differ = <T>(one: T | undefined, other: T | undefined): boolean | undefined =>
  one === undefined || other === undefined ? undefined : one !== other;

/** Of each property of two fabrics whether it differs enough to matter: what nobody tested, weighed or felt neither differs nor is alike. */
function compared(from: Fabric, to: Fabric): readonly (readonly [FabricProperty, boolean | undefined])[] {
  const across = differ(from.stretchAcross, to.stretchAcross);
  return [
    ['structure', from.structure !== to.structure],
    ['stretch', across === true || differ(from.stretchAlong, to.stretchAlong) === true ? true : across],
    ['weight', from.weight && to.weight ? Math.abs(to.weight / from.weight - 1) > OTHER_WEIGHT : differ(weightOf(from), weightOf(to))],
    ['drape', differ(from.drape, to.drape)],
  ];
}

/** Which properties of two fabrics are known to differ enough to matter. */
export function fabricProperties(from: Fabric | undefined, to: Fabric | undefined): FabricProperty[] {
  return from && to ? compared(from, to).flatMap(([property, differs]) => (differs === true ? [property] : [])) : [];
}

/**
 * What two fabrics are known to be alike in, beside that both are woven or knit.
 *
 * @returns nothing where they differ in anything, or where nobody tested, weighed or felt both
 */
export function alikeIn(one: Fabric, other: Fabric): readonly FabricProperty[] {
  const found = compared(one, other);
  if (found.some(([, differs]) => differs === true)) return [];
  return found.flatMap(([property, differs]) => (differs === false && property !== 'structure' ? [property] : []));
}

/** A body measure on a day, cm, as it was measured: what is only expected by then is no difference that anybody saw. */
function seenOn(bodies: PatternCase['bodies'], measure: BodyMeasure, date: IsoDate): number | undefined {
  const body = bodyOn(bodies, measure, date);
  return body?.how === 'carried on' ? body.measured : body?.cm;
}

/**
 * Everything that differs between two versions of a pattern: size lines, alterations, seam allowance, fabric and body.
 *
 * @param earlier,later two makes of the case, of one person
 */
export function differencesBetween({ pattern, bodies, fabrics }: PatternCase, earlier: Make, later: Make): VersionDifference[] {
  const found: VersionDifference[] = [];

  if (!sameLine(earlier.size, later.size)) found.push({ what: 'size', zone: 'all', from: earlier.size, to: later.size });
  const lines = new Set([...earlier.sizeLines, ...later.sizeLines].map((l) => l.zone));
  for (const zone of lines) {
    const from = lineOf(earlier, zone);
    const to = lineOf(later, zone);
    if (!sameLine(from, to)) found.push({ what: 'size', zone, from, to });
  }

  const before = new Map(earlier.alterations.filter((a) => !a.allowance).map((a) => [alterationKey(a), a]));
  const after = new Map(later.alterations.filter((a) => !a.allowance).map((a) => [alterationKey(a), a]));
  for (const [key, to] of after) {
    const from = before.get(key);
    if (!from || !sameAmount(from, to)) found.push({ what: 'alteration', from, to });
  }
  for (const [key, from] of before) if (!after.has(key)) found.push({ what: 'alteration', from, to: undefined });

  const seamBefore = narrowerSeams(earlier);
  const seamAfter = narrowerSeams(later);
  if (seamBefore !== seamAfter) found.push({ what: 'seam allowance', from: seamBefore, to: seamAfter });

  const from = mainFabric(earlier, fabrics).fabric;
  const to = mainFabric(later, fabrics).fabric;
  if (from?.id !== to?.id) found.push({ what: 'fabric', from, to, properties: fabricProperties(from, to) });

  const zones = viewOf(pattern, later).zones;
  for (const measure of keysOf(BODY_MEASURES)) {
    if (!zones.some((z) => zoneOf(z).measure === measure)) continue;
    const was = seenOn(bodies, measure, earlier.cutOn);
    const is = seenOn(bodies, measure, later.cutOn);
    if (was !== undefined && is !== undefined && Math.abs(is - was) >= TAPE_DOUBT) found.push({ what: 'body', measure, from: was, to: is });
  }
  return found;
}
