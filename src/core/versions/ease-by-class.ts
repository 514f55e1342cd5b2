import { viewOf } from '../make/versions';
import { fitClassAt, type PatternCase } from '../garment/case';
import { LOVED } from '../forecast/sizes';
import { FIT_CLASSES, type FitClass } from '../body/fit-class';
import { ZONE_IDS, zoneOf, type ZoneId } from '../body/zones';
import type { Make, Pattern } from '../records';
import { zoneOfMake } from './compare-makes';
import { addToGroup } from '../units/group-by';

/** How a garment came to be thought of: loved is 4 or 5 of 5, liked 3, not loved less; unsaid without a verdict. */
export type Liking = 'loved' | 'liked' | 'not loved' | 'unsaid';

/** A make in the chart of ease. */
export interface EaseDot {
  readonly make: Make;
  readonly pattern: Pattern;
  /** Ease on the body by the tape, cm. */
  readonly ease: number;
  readonly liking: Liking;
}

function likingOf(make: Make): Liking {
  const love = make.verdicts.at(-1)?.love;
  return love === undefined ? 'unsaid' : love >= LOVED ? 'loved' : love === 3 ? 'liked' : 'not loved';
}

/**
 * The ease of a person's garments at a zone, by intended ease: what was worn with love stands where, and what was not.
 *
 * @param cases every pattern of one person that was made
 * @param zone a girth; others have no ease
 * @returns the classes of which there is a garment, from close to oversized; toiles are left out, and what joined pieces counts once
 */
export function easeByClass(cases: readonly PatternCase[], zone: ZoneId): ReadonlyMap<FitClass, readonly EaseDot[]> {
  const found = new Map<FitClass, EaseDot[]>();
  for (const input of cases)
    for (const make of input.makes) {
      const { pattern } = input;
      if (make.kind === 'toile' || make.kind === 'without fit' || make.sources[0]?.patternId !== pattern.id) continue;
      const view = viewOf(pattern, make);
      if (!view.zones.includes(zone) && !make.fitNotes.some((n) => n.zone === zone)) continue;
      const ease = zoneOfMake(input, make, zone)?.ease;
      if (ease === undefined) continue;
      const fitClass = fitClassAt(pattern, view, zone);
      addToGroup(found, fitClass, { make, pattern, ease, liking: likingOf(make) });
    }
  return new Map(FIT_CLASSES.flatMap((c) => (found.has(c) ? [[c, found.get(c)!] as const] : [])));
}

/** Girths that decide the fit of any of a person's garments, or were noted, in the order of the body. */
export function girthsOf(cases: readonly PatternCase[]): ZoneId[] {
  const found = new Set<ZoneId>();
  for (const { pattern, makes } of cases)
    for (const make of makes) for (const zone of [...viewOf(pattern, make).zones, ...make.fitNotes.map((n) => n.zone)]) found.add(zone);
  return ZONE_IDS.filter((z) => found.has(z) && zoneOf(z).kind === 'girth');
}
