import { longestPiece } from '../fabric/stash';
import { caseOf, type CaseTables } from '../garment/case';
import { startMake } from '../make/log-draft';
import { firstView, lastVersion, madeOfEach } from '../make/versions';
import { leftInStash, matchOf } from '../plan/match';
import { planOfMake } from '../plan/plan-to-make';
import { blankPlan, type Fabric, type Occasion, type Pattern, type Plan } from '../records';
import type { IsoDate } from '../units/date';
import type { LengthUnit } from '../units/length';
import { couldSew, hoursFor, ranked, type CouldSew, type OfPattern } from './for-an-occasion';
import { layerOf, type Worn } from './goes-with';
import type { Pace } from './pace';
import type { Sitting } from './sittings';
import { stepsOfPlan } from './steps';

/** So many are told; so many patterns are looked at closely, each in so many fabrics: whether there is enough of one takes a while to say. */
const [TOLD, PATTERNS, CLOSELY] = [6, 16, 4];
/** What is meant for the inside of garments. */
const INSIDE = /\b(lining|interfacing|interlining)\b/i;
/** A piece so long is enough for most: shorter ones come later at a glance, cm. */
const ROOMY = 200;

/** What is known when it is asked what could be sewn for an occasion. */
export interface AskedFor {
  readonly occasion: Occasion;
  readonly tables: CaseTables;
  /** The same with the makes of the person alone. */
  readonly ofPerson: CaseTables;
  readonly pace: Pace;
  readonly sittings: readonly Sitting[];
  /** Minutes of the sittings that what is begun or wanted sooner is sewn in. */
  readonly taken: number;
  /** What hangs, made and bought. */
  readonly wardrobe: readonly Worn[];
  /** The chance of right at its weakest place, by pattern, where something tells. */
  readonly right: ReadonlyMap<string, number | undefined>;
  /** Wears a month to be expected of a plan. */
  readonly worn: (plan: Plan) => number | undefined;
  readonly today: IsoDate;
  readonly unit: LengthUnit;
  readonly newId: () => string;
}

/**
 * What could be sewn for an occasion from what is owned: every pattern in every fabric at a glance, the best of them closely. It pauses after each pattern and each fabric,
 * so that whoever asks may do something else meanwhile, or ask no further.
 *
 * @returns the best, each pattern in its best fabric once
 */
export function* couldSewFor(asked: AskedFor): Generator<undefined, readonly CouldSew[]> {
  const { occasion, tables, ofPerson, pace, sittings, taken, wardrobe, right, worn, today, unit, newId } = asked;
  const { personId } = occasion;
  const versions = madeOfEach(tables.makes);
  const ownOf = (id: string) => (versions.get(id) ?? []).filter((m) => m.personId === personId);
  // What was only ever sewn for somebody else is theirs.
  const isTheirs = ({ id }: Pattern) => versions.has(id) && ownOf(id).length === 0;
  const patterns = tables.patterns.filter((p) => p.state === 'kept' && layerOf(p.kind) !== undefined && !isTheirs(p));
  const fabrics = leftInStash(tables.fabrics).filter((f) => !INSIDE.test(f.name));
  const hoursOf = ({ id }: Pattern, plan: Plan) =>
    hoursFor(stepsOfPlan(plan, tables), { patternId: id, version: pace.versions.get(id) ?? 1 }, pace, sittings, occasion.date, taken);

  const glance: { readonly known: OfPattern; readonly some: readonly Fabric[]; readonly at: number }[] = [];
  for (const pattern of patterns) {
    yield;
    const own = ownOf(pattern.id);
    const loves = own.flatMap((m) => m.verdicts.at(-1)?.love ?? []);
    const plan = blankPlan('glance', personId, pattern.id, firstView(pattern).id, today);
    const known: OfPattern = {
      pattern,
      hours: hoursOf(pattern, plan),
      versions: own.length,
      loved: loves.length === 0 ? undefined : Math.max(...loves),
      right: right.get(pattern.id),
      worn: worn(plan),
    };
    const best = fabrics
      .filter((f) => f.structure === pattern.wants.structure)
      .map((fabric) => ({ fabric, at: couldSew(occasion, known, fabric, undefined, []).rank + Math.min(1, longestPiece(fabric) / ROOMY) }))
      .sort((a, b) => b.at - a.at)
      .slice(0, CLOSELY);
    const at = best[0]?.at ?? couldSew(occasion, known, undefined, undefined, []).rank;
    glance.push({ known, some: best.map((b) => b.fabric), at });
  }
  glance.sort((a, b) => b.at - a.at);

  const found: CouldSew[] = [];
  for (const { known, some } of glance.slice(0, PATTERNS)) {
    const input = caseOf(known.pattern, personId, tables);
    const make = startMake(input, personId, today, lastVersion(input), newId);
    if (some.length === 0) found.push(couldSew(occasion, known, undefined, undefined, wardrobe));
    for (const fabric of some) {
      yield;
      const plan: Plan = { ...planOfMake(make, 'thought of', today), fabrics: [{ id: 'u', fabricId: fabric.id, part: 'main' }] };
      const closely = { ...known, hours: hoursOf(known.pattern, plan), worn: worn(plan) };
      found.push(couldSew(occasion, closely, fabric, matchOf(input, make, fabric, today, unit, { others: ofPerson }), wardrobe));
    }
  }
  return ranked(found, TOLD);
}
