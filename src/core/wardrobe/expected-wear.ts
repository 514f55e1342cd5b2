import type { Make, Plan } from '../records';
import { hasOf, isKind, patternOf, type Feature, type FeatureTables } from './features';
import { byFeatures, OF_THE_PATTERN, type WhatIsWorn } from './what-is-worn';

/** What is to be expected of a plan: wears a month in season, and what of it speaks for that and what against. */
export interface ExpectedWear {
  readonly aMonth: number;
  readonly pro: readonly Feature[];
  readonly contra: readonly Feature[];
  /** Versions of the same pattern that were worn long enough to count. */
  readonly versions: number;
}

/**
 * How often a garment like a plan is likely to be worn: by what its features did, and where versions of its pattern were worn shrunk to those.
 *
 * @returns undefined where nothing can be said yet, and of a kind of which nothing was worn long enough
 */
export function expectedWear(record: Plan | Make, told: WhatIsWorn, tables: FeatureTables): ExpectedWear | undefined {
  const { features, model } = told;
  if (!model) return undefined;
  const has = hasOf(record, features, tables);
  const versions = model.patterns.get(patternOf(record) ?? '');
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
    aMonth: Math.exp(byFeatures(has, features, model.effects) + shift),
    pro: speaking.filter((s) => s.good).map((s) => s.feature),
    contra: speaking.filter((s) => !s.good).map((s) => s.feature),
    versions: versions?.versions ?? 0,
  };
}
