import { findings, singleEffects, USUAL_PRIOR, type EffectPrior, type Finding, type Seen, type SingleEffects } from '../inference/single-effects';
import type { Hanging } from '../wear/wardrobe';
import { featuresOf, hasOf, type Feature, type FeatureTables, type Has } from './features';

/** A garment that hung long enough to be looked at, and how it is worn or liked. */
export interface Looked {
  readonly makeId: string;
  readonly patternId: string | undefined;
  /** Wears a month in season; and of which it is likely to be off, as a count. */
  readonly wears: number;
  readonly months: number;
  readonly love?: number;
}

/** The same with what it has. */
interface WithFeatures extends Looked {
  readonly has: Has;
}

/** A finding in the terms of garments. */
export interface WornFinding {
  readonly of: 'worn' | 'loved';
  readonly features: readonly Feature[];
  /** Of these it is the lack that came together with the first. */
  readonly lacking: readonly Feature[];
  readonly chance: number;
  readonly clear: boolean;
  /** How many times as often, or by how much more loved of five: the middle, and eight times in ten. */
  readonly middle: number;
  readonly low: number;
  readonly high: number;
  readonly withIt: readonly string[];
  readonly without: readonly string[];
}

/** What a wardrobe says of wear and of love. */
export interface WhatIsWorn {
  readonly findings: readonly WornFinding[];
  readonly features: readonly Feature[];
  readonly looked: readonly (Looked & {
    /** Of the features that findings speak of those that it has. */
    readonly spoken: readonly string[];
  })[];
  /** How many more garments it takes before anything can be said; 0 where it can. */
  readonly more: number;
  /** Absent where nothing can be said yet. */
  readonly model?: Model;
}

/** How wears follow from features. */
export interface Model {
  readonly effects: SingleEffects;
  /** How far the versions of each pattern are from what their features say, as logs, with what that counts for. */
  readonly patterns: ReadonlyMap<string, OfPattern>;
}

/** Versions of a pattern: the sum of how far they are off, weighted. */
export interface OfPattern {
  readonly sum: number;
  readonly weight: number;
  readonly versions: number;
}

/** Half of what garments differ by anyhow is their pattern's, and half their own. Source: our own convention; few patterns have versions enough to tell. */
export const OF_THE_PATTERN = 0.5;

/** Wears a month by features alone, as a log. */
export const byFeatures = (has: Has, features: readonly Feature[], { effects, middle, means }: SingleEffects): number =>
  features.reduce((log, { id }, j) => {
    const is = has.get(id);
    if (is === undefined) return log;
    const effect = effects.reduce((sum, e) => sum + (e.at[j] ?? 0) * (e.mean[j] ?? 0), 0);
    return log + effect * (Number(is) - (means[j] ?? 0));
  }, middle);

/** Wears a month as a log, with the variance of the count: half a wear more, so that none is a rate too. */
const rateOf = ({ wears, months }: Looked): Pick<Seen, 'y' | 'own'> => ({ y: Math.log((wears + 0.5) / months), own: 1 / (wears + 0.5) });

function offByPattern(looked: readonly WithFeatures[], features: readonly Feature[], effects: SingleEffects): Map<string, OfPattern> {
  const found = new Map<string, OfPattern>();
  const own = effects.between * (1 - OF_THE_PATTERN);
  for (const garment of looked) {
    const { patternId, has } = garment;
    if (patternId === undefined) continue;
    const { y, own: variance } = rateOf(garment);
    const before = found.get(patternId) ?? { sum: 0, weight: 0, versions: 0 };
    const weight = 1 / (own + variance);
    const off = y - byFeatures(has, features, effects);
    found.set(patternId, { sum: before.sum + weight * off, weight: before.weight + weight, versions: before.versions + 1 });
  }
  return found;
}

/** A garment counts from so many months in season on; a feature is spoken of where so many have it and so many have not. */
const [FROM_MONTHS, EACH_SIDE] = [1, 3];
/** Before anything is said so many garments must have been worn: each side of a feature three, and as many again to tell it from the next. */
const LEAST = 12;
/** A verdict is off by so much, as a variance (1 to 5). */
const LOVE_OWN = 0.5;
const LOVE_PRIOR: EffectPrior = { ...USUAL_PRIOR, between: 0, estimatedFrom: Infinity, betweenWithin: [0, 0] };

/** Garments that can be looked at: worn long enough to say something. */
function lookedAt(hanging: readonly Hanging[], tables: FeatureTables): { readonly looked: WithFeatures[]; readonly features: Feature[] } {
  const worn = hanging.filter((h) => h.months >= FROM_MONTHS);
  const features = featuresOf(
    worn.map((h) => h.make),
    tables,
  );
  const looked = worn.map(({ make, observed, months }): WithFeatures => {
    const love = make.verdicts.at(-1)?.love;
    return {
      makeId: make.id,
      patternId: make.sources[0]?.patternId,
      has: hasOf(make, features, tables),
      wears: observed.times,
      months,
      ...(love === undefined ? {} : { love }),
    };
  });
  return { looked, features };
}

/** How many have each feature, and how many are known to lack it. */
function tallied(
  looked: readonly WithFeatures[],
  features: readonly Feature[],
): { readonly having: readonly number[]; readonly lacking: readonly number[] } {
  const [having, lacking] = [features.map(() => 0), features.map(() => 0)];
  // Garment by garment: thousands of them lie apart in memory.
  for (const { has } of looked)
    features.forEach(({ id }, j) => {
      const is = has.get(id);
      const side = is === undefined ? undefined : is ? having : lacking;
      if (side) side[j] = (side[j] ?? 0) + 1;
    });
  return { having, lacking };
}

/**
 * What the most worn garments share, and what the loved ones do: each feature that matters with its effect, or two that came together here and of which one does. No cause is
 * claimed, and of a feature that fewer than three have or lack nothing is said.
 */
export function whatIsWorn(hanging: readonly Hanging[], tables: FeatureTables): WhatIsWorn {
  const { looked, features } = lookedAt(hanging, tables);
  const speakingOf = (spoken: readonly Feature[]) =>
    looked.map(({ has, ...l }) => ({ ...l, spoken: spoken.filter(({ id }) => has.get(id) === true).map(({ id }) => id) }));
  if (looked.length < LEAST) return { findings: [], features, looked: speakingOf([]), more: LEAST - looked.length };
  const all = tallied(looked, features);
  // What was never said stands in the middle of those that say, and so says nothing.
  const middles = all.having.map((having, j) => having / Math.max(1, having + (all.lacking[j] ?? 0)));
  const sides = (of: readonly WithFeatures[], feature: Feature | undefined) => ({
    withIt: of.filter((l) => feature && l.has.get(feature.id) === true).map((l) => l.makeId),
    without: of.filter((l) => feature && l.has.get(feature.id) === false).map((l) => l.makeId),
  });
  const ask = (of: readonly WithFeatures[], seen: readonly Seen[], prior: EffectPrior, what: WornFinding['of']) => {
    const effects = singleEffects(seen, prior);
    const { having, lacking } = of === looked ? all : tallied(of, features);
    const may = (column: number) => Math.min(having[column] ?? 0, lacking[column] ?? 0) >= EACH_SIDE;
    const told = findings(effects, may).map((f: Finding): WornFinding => {
      const as = what === 'worn' ? Math.exp : (v: number) => v;
      return {
        of: what,
        features: f.columns.flatMap((c) => features[c] ?? []),
        lacking: f.lacking.flatMap((c) => features[c] ?? []),
        chance: f.chance,
        clear: f.clear,
        middle: as(f.middle),
        low: as(f.low),
        high: as(f.high),
        ...sides(of, features[f.columns[0] ?? 0]),
      };
    });
    return { effects, told };
  };
  const worn = looked.map((l): Seen => ({ ...rateOf(l), x: features.map(({ id }, j) => Number(l.has.get(id) ?? middles[j])) }));
  // Where no wear is noted of anything, nobody said that it hangs.
  const ofWear = hanging.some((h) => h.isNoted) ? ask(looked, worn, USUAL_PRIOR, 'worn') : undefined;
  // The same columns, of those that were judged.
  const judged = looked.flatMap((l, i) => (l.love === undefined ? [] : [{ l, seen: { y: l.love, own: LOVE_OWN, x: worn[i]?.x ?? [] } }]));
  const loved =
    judged.length < LEAST
      ? []
      : ask(
          judged.map(({ l }) => l),
          judged.map(({ seen }) => seen),
          LOVE_PRIOR,
          'loved',
        ).told;
  const said = [...(ofWear?.told ?? []), ...loved];
  return {
    findings: said,
    features,
    looked: speakingOf(said.flatMap((f) => f.features)),
    more: 0,
    ...(ofWear ? { model: { effects: ofWear.effects, patterns: offByPattern(looked, features, ofWear.effects) } } : {}),
  };
}
