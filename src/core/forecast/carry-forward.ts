import { firstView, versionsOf, viewOf, countedMakes } from '../make/versions';
import { toMark, type PaperMark } from './to-mark';
import { alterationKind } from '../catalogue/alterations';
import { memoize } from '../units/memoize';
import { ZONE_IDS, type ZoneId } from '../body/zones';
import type { Make, Outcome, SizeLine } from '../records';
import { beliefAt } from './belief';
import { bringsZone, type PatternCase } from '../garment/case';
import { isByFabric, type Evidence, type UnusedNote } from '../garment/evidence';
import { lastCutAgain, nextCut, type PlannedCut, type Target } from './next-cut';
import { bodyIn, doubtOfGarment, type Garment, type Offset, type Unknown } from '../garment/offset';
import { TAPE_DOUBT } from '../body/measures';
import type { BestCut } from '../inference/posterior';
import { chanceOfCut, type Cut } from '../inference/unknown-step';
import { idealAt } from './ideal';
import { labelPlaces, type LabelPlaces } from './label-places';
import type { Recollection } from './recollection';

/** Why a zone is kept or changed. */
export type Basis = 'no note' | 'right after wear' | 'good enough' | 'by its fabric' | 'best cut';

export interface ZoneForecast {
  readonly zone: ZoneId;
  readonly t1: number;
  /** The notes it rests on, from the earliest version. */
  readonly evidence: readonly Evidence[];
  readonly unused: readonly UnusedNote[];
  readonly best: BestCut;
  readonly basis: Basis;
  /** Offset of the next cut, and of the last version if it were cut again for the plan's body and fabric, cm. */
  readonly x: number;
  readonly lastX: number;
  /** Chance of right at the next cut; of the last cut again; of the very best cut. Absent without a note. */
  readonly chance?: number;
  readonly chanceOfLast?: number;
  readonly chanceOfBest?: number;
  readonly line: SizeLine | undefined;
  readonly unknown: readonly { readonly make: Make; readonly what: Unknown }[];
  /** Sizes that are only labels: offsets are told as places among them. */
  readonly labels?: LabelPlaces;
  /** What was right on another body moved with it: by how much that is another measure now, cm. */
  readonly bodyMoved?: number;
  /** The planned fabric gives so differently that a toile is the answer. */
  readonly fabricTooFar: boolean;
}

export interface CarryForward {
  readonly zones: readonly ZoneForecast[];
  /** The next garment, as a make that can be reckoned like any other: size lines first, then alterations in the order of work. */
  readonly next: Make;
  /** The last version that counts, from which the next one starts. */
  readonly last: Make;
  readonly weakest?: { readonly zone: ZoneId; readonly chance: number };
  /** The chance that every noted zone is right: the product. */
  readonly allAtOnce?: number;
  /** Zones that decide the fit and were never noted. */
  readonly notNoted: readonly ZoneId[];
  /** Alterations of the versions that are carried on and were never marked on the pattern paper. */
  readonly toMark: readonly PaperMark[];
}

/**
 * A last cut this much less likely to be right than the best one is still kept: more where it was noted right than where it was not.
 * Source: our own bench (bench/sewists.ts), on sewists that do not judge. With 0.15 for what was not right, and keeping whatever was
 * noted right, as engine.md has it, a sewist needs a fifth more versions.
 */
const RIGHT_MARGIN = 0.3;
const KEEP_MARGIN = 0.03;

/** By how much the zone's own body measure is another in a later offset, cm; nought where a chart or its sizes do not tell it. */
function bodyMovedBy(from: Offset, to: Offset): number {
  const tells = ({ chart }: Offset) => chart.from === 'sizes' || (chart.from === 'chart' && !chart.graded);
  const [was, is] = [bodyIn(from), bodyIn(to)];
  return tells(from) && tells(to) && was !== undefined && is !== undefined ? is - was : 0;
}

/**
 * Whether the last cut of a zone is kept.
 *
 * @param outcome what its latest note said
 * @param ofLast chance of right of the last cut again, for the body and fabric that are planned
 * @param ofBest chance of right of the best cut
 */
export function keepsLast(outcome: Outcome, ofLast: number, ofBest: number): boolean {
  return ofLast >= ofBest - (outcome === 0 ? RIGHT_MARGIN : KEEP_MARGIN);
}

/** Zones to speak of: those that decide the fit of any view made, and those noted. */
export const zonesOfCase = memoize(({ pattern, makes }: PatternCase): readonly ZoneId[] => {
  const asked = new Set<ZoneId>();
  for (const make of makes) {
    const isVersion = make.sources[0]?.patternId === pattern.id;
    if (isVersion) for (const zone of viewOf(pattern, make).zones) asked.add(zone);
    // A piece that came from another pattern is that pattern's to speak of.
    for (const note of make.fitNotes) if (isVersion || bringsZone(pattern, make, note.zone)) asked.add(note.zone);
  }
  if (makes.length === 0) for (const zone of firstView(pattern).zones) asked.add(zone);
  return ZONE_IDS.filter((z) => asked.has(z));
});

/**
 * Whether a cut is off only by the fabrics it was made of, and would be cut the way they took it: what was tight in a fabric that hardly gives
 * is never answered by a smaller size.
 */
function wouldFollowFabric(used: readonly Evidence[], again: Offset, target: Target): boolean {
  const way = Math.sign(used.at(-1)?.note.outcome ?? 0);
  return used.every((e) => isByFabric(e) && Math.sign(e.note.outcome) === way) && Math.sign(target.x - again.x) === way && again.fabric.cm * way >= 0;
}

/** What a zone's notes say, before it is settled what can be cut. */
function settle(input: PatternCase, again: Garment, zone: ZoneId, memory: Recollection | undefined) {
  const { used, unused, believed } = beliefAt(input, zone, memory);
  const [t1] = again.draft.at(zone).edges;
  const lastOffset = again.offset(zone);
  // What nobody gave an amount of is done again as it was, and so is no doubt of the next cut.
  const doubt = doubtOfGarment({ ...lastOffset, unsized: 0 });
  const ideal = idealAt(again, zone, believed, t1, doubt);
  const chanceAt = (cut: Cut) => chanceOfCut(believed, cut, t1, doubt);
  // Whatever the body does in the meantime, it does to either cut: it is no reason to keep one.
  const apart = doubtOfGarment({ ...lastOffset, unsized: 0, bodyDoubt: 0 });

  const latest = used.at(-1);
  let basis: Basis = 'no note';
  let target: Target = { x: lastOffset.x };
  if (latest) {
    const best = apart === doubt ? ideal.chance : idealAt(again, zone, believed, t1, apart).chance;
    const keeps = (cut: Cut) => keepsLast(latest.note.outcome, chanceOfCut(believed, cut, t1, apart), best);
    const rightAfterWear = latest.note.outcome === 0 && latest.note.seen.at === 'worn';
    if (keeps(lastOffset)) {
      basis = rightAfterWear ? 'right after wear' : 'good enough';
    } else if (rightAfterWear && keeps(latest.offset)) {
      // Another body or fabric makes the same paper another garment: the offset that was right is reached again.
      basis = 'right after wear';
      target = { x: latest.offset.x };
    } else if (wouldFollowFabric(used, lastOffset, ideal.target)) {
      basis = 'by its fabric';
    } else {
      basis = 'best cut';
      target = ideal.target;
    }
  }
  const bodyMoved = basis === 'right after wear' && latest ? bodyMovedBy(latest.offset, lastOffset) : 0;
  return { bodyMoved, zone, used, unused, ideal, labels: labelPlaces(again, zone, believed), t1, lastOffset, chanceAt, basis, target };
}

/**
 * What to cut next, worked out from every version (engine.md, section 4).
 *
 * @param memory what the person's other patterns say; without it this pattern speaks alone
 * @param part only some zones, of a garment in which this pattern had a part: it starts from that
 * @returns undefined where nothing has been cut yet
 */
export function carryForward(
  input: PatternCase,
  plan: PlannedCut,
  memory?: Recollection,
  part?: { readonly last: Make; readonly zones: readonly ZoneId[] },
): CarryForward | undefined {
  const counted = countedMakes(input);
  // A toile without the parts, or a make of unknown size, still has notes; the next cut starts from the last that names its size.
  const versions = versionsOf({ pattern: input.pattern, makes: counted });
  const last = part?.last ?? versions.findLast((m) => m.size !== undefined) ?? versions.at(-1);
  if (!last) return undefined;

  const again = lastCutAgain(input, last, plan);
  // Where every make counts, it is the very case whose zones are known already.
  const asked = part?.zones ?? zonesOfCase(counted.length === input.makes.length ? input : { ...input, makes: counted });
  const settled = asked.map((zone) => settle(input, again, zone, memory));
  const targets = new Map(settled.filter((s) => s.used.length > 0).map((s) => [s.zone, s.target]));
  const garment = nextCut(again, plan, targets);
  const next = garment.make;

  const zones = settled.map((s): ZoneForecast => {
    const offset = garment.offset(s.zone);
    const { x } = offset;
    const noted = s.used.length > 0;
    return {
      zone: s.zone,
      t1: s.t1,
      evidence: s.used,
      unused: s.unused,
      best: s.ideal.best,
      basis: s.basis,
      x,
      lastX: s.lastOffset.x,
      ...(noted ? { chance: s.chanceAt(offset), chanceOfLast: s.chanceAt(s.lastOffset), chanceOfBest: s.ideal.chance } : {}),
      line: next.sizeLines.find((l) => l.zone === s.zone)?.line ?? next.size,
      unknown: s.used.filter(({ offset }) => offset.unknown.length > 0).flatMap(({ make, offset }) => offset.unknown.map((what) => ({ make, what }))),
      ...(s.labels ? { labels: s.labels } : {}),
      ...(Math.abs(s.bodyMoved) >= TAPE_DOUBT ? { bodyMoved: s.bodyMoved } : {}),
      fabricTooFar: s.lastOffset.fabric.tooFar,
    };
  });

  return carriedOf(zones, next, last, toMark(input.pattern, versions, next));
}

/** What is carried forward, from its zones: the weakest of them, all at once, and the alterations in the order of work. */
export function carriedOf(zones: readonly ZoneForecast[], next: Make, last: Make, marks: readonly PaperMark[]): CarryForward {
  const noted = zones.filter((z) => z.chance !== undefined);
  const weakest = noted.reduce<ZoneForecast | undefined>((w, z) => (w === undefined || z.chance! < w.chance! ? z : w), undefined);
  return {
    zones,
    next: { ...next, alterations: [...next.alterations].sort((a, b) => alterationKind(a.kind).order - alterationKind(b.kind).order) },
    last,
    ...(weakest ? { weakest: { zone: weakest.zone, chance: weakest.chance! }, allAtOnce: noted.reduce((p, z) => p * z.chance!, 1) } : {}),
    notNoted: zones.filter((z) => z.chance === undefined).map((z) => z.zone),
    toMark: marks,
  };
}
