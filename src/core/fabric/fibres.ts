/** What a fibre does under the iron, in water and in wear. */
export type FibreBehaviour = 'softens or melts' | 'weak when wet' | 'felts' | 'water marks' | 'shrinks in the first wash';

/** Fibres by the names they bear on a label, and what is to be minded. Source: textile care practice. */
const FIBRES: readonly { readonly named: RegExp; readonly called: string; readonly does: readonly FibreBehaviour[] }[] = [
  { named: /\b(viscose|rayon)\b/i, called: 'viscose', does: ['weak when wet', 'shrinks in the first wash'] },
  { named: /\bmodal\b/i, called: 'modal', does: ['weak when wet', 'shrinks in the first wash'] },
  { named: /\blyocell\b/i, called: 'lyocell', does: ['weak when wet', 'shrinks in the first wash'] },
  { named: /\b(cupro|cuprammonium)\b/i, called: 'cupro', does: ['weak when wet', 'shrinks in the first wash'] },
  { named: /\btriacetate\b/i, called: 'triacetate', does: ['softens or melts'] },
  { named: /\bacetate\b/i, called: 'acetate', does: ['softens or melts', 'weak when wet'] },
  { named: /\b(nylon|polyamide)\b/i, called: 'nylon', does: ['softens or melts'] },
  { named: /\bpoly(ester)?\b/i, called: 'polyester', does: ['softens or melts'] },
  { named: /\b(acrylic|modacrylic|polyacrylic)\b/i, called: 'acrylic', does: ['softens or melts'] },
  { named: /\b(elastane|spandex)\b/i, called: 'elastane', does: ['softens or melts'] },
  { named: /\b(wool|merino|lambswool|mohair|cashmere|alpaca|angora)\b/i, called: 'wool', does: ['felts'] },
  { named: /\bsilk\b/i, called: 'silk', does: ['water marks', 'weak when wet'] },
];

/** Fibres that ask for no caution of their own, for telling fabrics that are alike. */
const OTHERS: readonly (readonly [RegExp, string])[] = [
  [/\bcotton\b/i, 'cotton'],
  [/\b(linen|flax)\b/i, 'linen'],
  [/\b(hemp|ramie)\b/i, 'hemp'],
  [/\bbamboo\b/i, 'viscose'],
  [/\btencel\b/i, 'lyocell'],
];

/**
 * The fibres that words name, in the order in which they stand: what comes first is most of it.
 *
 * @example fibresOf('60 % rayon, 40 % linen') // ['viscose', 'linen']
 */
export function fibresOf(words: string): string[] {
  const named = [...FIBRES.map(({ named, called }) => [named, called] as const), ...OTHERS];
  const found = named.map(([pattern, called]) => ({ called, at: words.search(pattern) })).filter(({ at }) => at >= 0);
  return [...new Set(found.sort((a, b) => a.at - b.at).map(({ called }) => called))];
}

/** The fibre that a fabric's label names first; undefined where none is named. */
export const mainFibre = ({ fibre }: { readonly fibre?: string | undefined }): string | undefined => fibresOf(fibre ?? '')[0];

/** A caution of the ironing board or the tub, with the fibres that ask for it. */
export interface FibreCaution {
  readonly of: FibreBehaviour;
  /** As they are called; a blend is minded by its weakest part. */
  readonly fibres: readonly string[];
}

/**
 * What is to be minded of a fabric by its fibres: any part of a blend asks for its own.
 *
 * @param fibre as on its label: `80 % viscose, 20 % polyester`
 * @example fibreCautions('viscose')[0] // { of: 'weak when wet', fibres: ['viscose'] }
 */
export function fibreCautions(fibre: string | undefined): readonly FibreCaution[] {
  const cautions = new Map<FibreBehaviour, string[]>();
  for (const { named, called, does } of FIBRES) {
    if (!fibre || !named.test(fibre)) continue;
    for (const of of does) cautions.set(of, [...(cautions.get(of) ?? []), called]);
  }
  return [...cautions].map(([of, fibres]) => ({ of, fibres }));
}
