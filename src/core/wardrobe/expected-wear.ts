import type { Make, Plan } from '../records';
import { memoize } from '../units/memoize';
import { hasOf, isKind, type Feature, type FeatureTables, type Has } from './features';
import type { Looked, WhatIsWorn } from './what-is-worn';

/** What is to be expected of a plan: wears a month in season, and what of it speaks for that and what against. */
export interface ExpectedWear {
  readonly aMonth: number;
  readonly pro: readonly Feature[];
  readonly contra: readonly Feature[];
  /** Versions of the same pattern that were worn long enough to count. */
  readonly versions: number;
}

/** Half of what garments differ by anyhow is their pattern's, and half their own. Source: our own convention; few patterns have versions enough to tell. */
const OF_THE_PATTERN = 0.5;

type Model = NonNullable<WhatIsWorn['model']>;

const effectAt = ({ effects }: Model, j: number) => effects.effects.reduce((sum, e) => sum + (e.at[j] ?? 0) * (e.mean[j] ?? 0), 0);

/** Wears a month by features alone, as a log. */
const byFeatures = (has: Has, features: readonly Feature[], model: Model): number =>
  features.reduce((log, { id }, j) => {
    const is = has.get(id);
    return is === undefined ? log : log + effectAt(model, j) * (Number(is) - (model.means[j] ?? 0));
  }, model.middle);

/** How far each pattern's versions are from what their features say, with what that counts for. */
const byPattern = memoize((told: WhatIsWorn): ReadonlyMap<string, { readonly sum: number; readonly weight: number; readonly versions: number }> => {
  const found = new Map<string, { sum: number; weight: number; versions: number }>();
  const { model, features } = told;
  if (!model) return found;
  const own = model.effects.between * (1 - OF_THE_PATTERN);
  const add = ({ has, wears, months }: Looked, patternId: string) => {
    const before = found.get(patternId) ?? { sum: 0, weight: 0, versions: 0 };
    const weight = 1 / (own + 1 / (wears + 0.5));
    const off = Math.log((wears + 0.5) / months) - byFeatures(has, features, model);
    found.set(patternId, { sum: before.sum + weight * off, weight: before.weight + weight, versions: before.versions + 1 });
  };
  for (const looked of told.looked) if (looked.make.sources[0]) add(looked, looked.make.sources[0].patternId);
  return found;
});

/**
 * How often a garment like a plan is likely to be worn: by what its features did, and where versions of its pattern were worn shrunk to those.
 *
 * @returns undefined where nothing can be said yet, and of a kind of which nothing was worn long enough
 */
export function expectedWear(record: Plan | Make, told: WhatIsWorn, tables: FeatureTables): ExpectedWear | undefined {
  const { features, model } = told;
  if (!model) return undefined;
  const has = hasOf(record, features, tables);
  const patternId = 'sources' in record ? record.sources[0]?.patternId : record.patternId;
  const versions = byPattern(told).get(patternId ?? '');
  // What trousers are worn like says nothing of a bag.
  if (!versions && !features.some((f) => isKind(f) && has.get(f.id) === true)) return undefined;
  // The pattern's own part is nought before a version was worn, and known to the variance that patterns share.
  const shift = versions ? versions.sum / (versions.weight + 1 / (model.effects.between * OF_THE_PATTERN)) : 0;
  // Only what is said of the wardrobe at all speaks here too.
  const speaking = told.findings
    .filter((f) => f.of === 'worn')
    .flatMap(({ features: of, lacking, middle }) =>
      of.filter(({ id }) => has.get(id) === true).map((feature) => ({ feature, good: middle > 1 !== lacking.some((l) => l.id === feature.id) })),
    );
  return {
    aMonth: Math.exp(byFeatures(has, features, model) + shift),
    pro: speaking.filter((s) => s.good).map((s) => s.feature),
    contra: speaking.filter((s) => !s.good).map((s) => s.feature),
    versions: versions?.versions ?? 0,
  };
}
