import { isWorn } from '../wear/available';
import { priceOfCm } from '../fabric/price';
import { versionsOf } from '../make/versions';
import { mainFabric } from '../make/main-fabric';
import { isChanged } from '../forecast/summary';
import type { CarryForward } from '../forecast/carry-forward';
import { type PatternCase } from '../garment/case';
import type { IsoDate } from '../units/date';
import { keysOf } from '../units/keys';
import { isByFabric } from '../garment/evidence';
import { isFitless } from '../records/usual-zones';
import { zoneOf } from '../body/zones';
import type { Fabric, Decision, Make, Verdict } from '../records';
import { alikeIn, fabricProperties } from '../versions/differences';
import type { DecisionReason } from './decision-reason';
import { judgedEarly, reasonShare, reasonsOf } from './verdict-weight';

export interface SewAgain {
  readonly answer: Decision;
  /** What it rests on; empty where a pattern was retired without a reason. */
  readonly because: readonly DecisionReason[];
  /** What would make it another answer. */
  readonly wouldChange: string;
  /** The best version was judged early: a remark beside the answer, not an answer. */
  readonly early: boolean;
  readonly best: Make | undefined;
}

/** What the question is asked of. */
export interface SewAgainInput {
  readonly input: PatternCase;
  /** What is carried forward; undefined where nothing was cut. */
  readonly carried: CarryForward | undefined;
  readonly today: IsoDate;
  /** The fabric that is planned, if any. */
  readonly fabric?: Fabric | undefined;
  /** How many of this kind hang ready, how many of them are worn out, and how many are wanted; nobody need say. */
  readonly rotation?: { readonly ready: number; readonly wornOut: number; readonly wanted: number } | undefined;
}

/** Chances below which a toile comes first, and one more version is sewn with changes. Source: engine.md, section 9. */
export const TOILE_BELOW = 0.45;
const ANOTHER_BELOW = 0.6;
/** Half of the reasons given, by weight. */
const MOST = 0.5;
/** A love of so much or less is not love. */
const UNLOVED = 3;

/** The best version: the one with the highest latest love, then the latest. */
export function bestVersion(input: PatternCase): Make | undefined {
  const judged = versionsOf(input).filter((m) => m.verdicts.length > 0);
  return judged.reduce<Make | undefined>((best, m) => (best === undefined || loveOf(m)! >= loveOf(best)! ? m : best), undefined);
}

const latest = (make: Make | undefined): Verdict | undefined => make?.verdicts.at(-1);
const loveOf = (make: Make | undefined) => latest(make)?.love;

/** Whether a fabric is expensive: marked so, not to be had again, or in the most expensive fifth of the stash. The length needed is the same for all. */
export function isExpensive(fabric: Fabric, stash: readonly Fabric[]): boolean {
  if (fabric.expensive === true || fabric.irreplaceable === true) return true;
  const price = priceOfCm(fabric);
  if (price === undefined) return false;
  const priced = stash.filter((c) => c.pricePerMetre?.currency === fabric.pricePerMetre?.currency);
  const cheaper = priced.filter((c) => (priceOfCm(c) ?? price) < price).length;
  return priced.length >= 5 && cheaper / priced.length >= 0.8;
}

/**
 * Whether to sew a pattern again: the first row of engine.md, section 9, that holds, with its evidence.
 *
 * @returns exactly one answer, whatever the ledger holds
 */
export function sewAgain({ input, carried, today, fabric, rotation }: SewAgainInput): SewAgain {
  const best = bestVersion(input);
  const verdict = latest(best);
  const love = verdict?.love;
  const place = carried?.weakest;
  const c = place?.chance;
  const changes = carried?.zones.filter(isChanged).map((z) => z.zone) ?? [];
  const toChange = changes.length > 0;
  const poor = ofPoorFabric(input);
  // The fabric of the best version is no fault of the pattern's, unless it is that one that is complained of.
  const lovedElsewhere = best !== undefined && love !== undefined && love > UNLOVED && !isAlike(input, best, poor);
  const notIn =
    lovedElsewhere &&
    poor.length > 0 &&
    ({ code: 'not in again', fabrics: [...new Set(poor.map((m) => fabricOf(input, m)?.name ?? 'a fabric that is not noted'))] } as const);
  const said = (what: Verdict['sewAgain']) =>
    input.makes.flatMap((m) => latest(m) ?? []).find((v) => v.sewAgain === what && v.date >= (verdict?.date ?? ''));
  const answer = (kind: Decision, because: readonly (DecisionReason | false | undefined)[], wouldChange: string): SewAgain => ({
    answer: kind,
    because: [...because, kind !== 'retire' && notIn].filter((b) => b !== undefined && b !== false),
    wouldChange,
    // What is not worn is judged as soon as it is used.
    early: best !== undefined && isWorn(best) && judgedEarly(best),
    best,
  });
  const loved = best && love !== undefined && ({ code: 'loved', version: best.version, love } as const);
  const weakest = place && ({ code: 'weakest place', ...place } as const);
  const changed = toChange && ({ code: 'to change', zones: changes } as const);

  if (c === undefined && love === undefined)
    return input.makes.length === 0
      ? answer('not made yet', [{ code: 'nothing said' }], 'a first version, and a look at its fit')
      : answer('not judged yet', [{ code: 'nothing said' }], isFitless(input.pattern.kind) ? 'a verdict' : 'a look at its fit, or a verdict');
  const no = said('no');
  const drawn = reasonShare(input.makes, ['style', 'pattern']);
  if (no || input.pattern.state === 'retired')
    return answer('retire', [no ? { code: 'said no', words: no.words } : retiredFor(input.pattern.why), loved], 'saying otherwise in a verdict');
  if (drawn >= MOST && love !== undefined && love <= 2)
    return answer('retire', [{ code: 'share of reasons', of: 'drafting', share: drawn }, loved], 'a version that is loved more');
  const later = said('later');
  if (later?.later !== undefined && later.later > today.slice(0, 7))
    return answer('later', [{ code: 'said later', month: later.later }], 'that month, or saying otherwise');
  if (rotation && rotation.ready >= rotation.wanted && rotation.wornOut === 0)
    return answer('enough for now', [{ code: 'enough hang ready', ready: rotation.ready, wanted: rotation.wanted }], 'one of them wearing out');
  const ofFabric = reasonShare(input.makes, ['fabric', 'care']);
  const other = said('other fabric');
  if (other || (ofFabric >= MOST && !lovedElsewhere))
    return answer(
      'another fabric',
      [other ? { code: 'said other fabric' } : { code: 'share of reasons', of: 'fabric', share: ofFabric }, ...didWell(input)],
      'a version in another fabric',
    );
  const stretch = carried && byItsFabric(input, carried);
  if (stretch && !(fabric && love !== undefined && love > UNLOVED))
    return answer('another fabric', [stretch, ...didWell(input), loved], 'a version in a fabric that stretches as the pattern asks');
  const forOccasions = reasonShare(input.makes, ['occasion']);
  if (forOccasions >= MOST)
    return answer('few occasions', [{ code: 'share of reasons', of: 'occasion', share: forOccasions }, loved, weakest], 'an occasion to wear it to');
  const expensive = fabric && isExpensive(fabric, input.fabrics) ? fabric : undefined;
  if (place && place.chance < TOILE_BELOW) return answer('toile first', [weakest, changed], `a toile with the ${zoneOf(place.zone).label}`);
  if (toChange && expensive)
    return answer('toile first', [changed, { code: 'expensive fabric', fabric: expensive.name }, weakest], 'a cheaper fabric, or a toile');
  if ((c !== undefined && c < ANOTHER_BELOW) || (love !== undefined && love <= UNLOVED && toChange))
    return answer('one more, changed', [weakest, changed, loved], 'a version in which that is right');
  // Of what nobody looked at, or what has no fit, nobody said that it fits.
  if (c === undefined && love !== undefined && love <= UNLOVED)
    return answer(
      'not loved',
      [loved, leastSaid(verdict)],
      isFitless(input.pattern.kind) ? 'a better verdict' : 'a look at its fit, or a better verdict',
    );
  if (love !== undefined && love <= UNLOVED)
    return answer('fits, not loved', [weakest, loved, leastSaid(verdict)], 'wearing it, and saying again how you like it');
  if (toChange) return answer('sew again with changes', [changed, weakest, loved], 'a version with nothing left to change');
  return answer('sew again', [weakest, loved], 'a note that something is not right, or a lower verdict');
}

const retiredFor = (why: string | undefined): DecisionReason | undefined => (why ? { code: 'pattern retired', why } : undefined);

const fabricOf = (input: PatternCase, make: Make) => mainFabric(make, input.fabrics).fabric;

/** Makes whose fabric, or the care it wants, was last complained of. */
const ofPoorFabric = ({ makes }: PatternCase) => makes.filter((m) => reasonsOf(m).some((r) => r === 'fabric' || r === 'care'));

/** Whether a version is of a fabric that is complained of, or of one like it. */
function isAlike(input: PatternCase, make: Make, poor: readonly Make[]): boolean {
  const own = fabricOf(input, make);
  return poor.some((m) => {
    const fabric = fabricOf(input, m);
    return m === make || (fabric !== undefined && own !== undefined && (fabric.id === own.id || alikeIn(fabric, own).length > 0));
  });
}

/** Where the last version was off by its fabric only, and nothing of its cut is to be changed: how much that stretches, and how much is asked. */
function byItsFabric(input: PatternCase, { last, zones }: CarryForward): DecisionReason | undefined {
  const asked = input.pattern.wants.stretch;
  const fabric = fabricOf(input, last);
  const off = zones.flatMap((z) => z.evidence.at(-1) ?? []).filter((e) => e.make.id === last.id && e.note.outcome !== 0);
  if (asked === undefined || fabric?.stretchAcross === undefined || off.length === 0 || zones.some(isChanged)) return undefined;
  if (!off.every(isByFabric)) return undefined;
  return { code: 'tight by its fabric', fabric: fabric.name, stretch: fabric.stretchAcross, asked, version: last.version };
}

/** Versions that did well, with what their fabric had that the others' had not. */
function didWell(input: PatternCase): DecisionReason[] {
  const of = (m: Make) => fabricOf(input, m);
  const versions = versionsOf(input);
  const poor = ofPoorFabric(input);
  return versions
    .filter((m) => !poor.includes(m) && (loveOf(m) ?? 0) > UNLOVED)
    .flatMap((m) => {
      const other = [...new Set(poor.flatMap((p) => fabricProperties(of(p), of(m))))];
      const fabric = of(m);
      return fabric ? [{ code: 'did well', version: m.version, fabric: fabric.name, other }] : [];
    });
}

/** The part that is loved least; where no part was judged, what keeps her from reaching for it. */
function leastSaid(verdict: Verdict | undefined): DecisionReason | undefined {
  // The shape lets no other key in; its list of parts would bring the whole of Zod into the worker.
  const parts = keysOf(verdict?.parts ?? {});
  const judged = parts.flatMap((part) => {
    const love = verdict?.parts?.[part];
    return love === undefined ? [] : [{ code: 'least loved part', part, love } as const];
  });
  if (judged.length > 0) return judged.reduce((low, p) => (p.love < low.love ? p : low));
  return verdict && verdict.reasons.length > 0 ? { code: 'not reached for', reasons: verdict.reasons } : undefined;
}
