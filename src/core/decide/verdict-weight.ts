import type { Make, Verdict } from '../records';
import type { REASONS } from '../records/make';

/**
 * How much a verdict counts: one, and one more for each wear it was said after. Source: engine.md, section 9: a verdict on the first
 * day is enthusiasm, after ten wears it is knowledge.
 */
export function verdictWeight({ wears }: Pick<Verdict, 'wears'>): number {
  return 1 + wears;
}

/** When a verdict was said, in words: `after 9 wears`. */
export function verdictWhen({ wears }: Pick<Verdict, 'wears'>): string {
  return wears === 0 ? 'said unworn' : wears === 1 ? 'after 1 wear' : `after ${wears} wears`;
}

/** Whether a garment was judged early: said of it only on its first day, or before it had three wears. */
export function judgedEarly({ verdicts }: Pick<Make, 'verdicts'>): boolean {
  const latest = verdicts.at(-1);
  return latest !== undefined && latest.wears < 3;
}

export type Reason = (typeof REASONS)[number];

/** Reasons that are not the pattern's failure: a body that changed, a child that grew. */
const NOT_OF_THE_PATTERN: readonly Reason[] = ['no longer fits'];

export interface ReasonShare {
  readonly reason: Reason;
  /** Sum of the weights of the verdicts that gave it. */
  readonly weight: number;
  /** Its part of the weight of all reasons given. */
  readonly share: number;
}

/**
 * The reasons for not reaching for garments, each by the weight of the verdicts that gave it, the weightiest first. Only reasons
 * given count; *no longer fits* is left out, since it is not the pattern's failure.
 */
export function reasonShares(makes: readonly Pick<Make, 'verdicts'>[]): ReasonShare[] {
  const weights = new Map<Reason, number>();
  for (const verdict of makes.flatMap((m) => m.verdicts))
    for (const reason of verdict.reasons)
      if (!NOT_OF_THE_PATTERN.includes(reason)) weights.set(reason, (weights.get(reason) ?? 0) + verdictWeight(verdict));
  const all = [...weights.values()].reduce((a, b) => a + b, 0);
  return [...weights].map(([reason, weight]) => ({ reason, weight, share: weight / all })).sort((a, b) => b.weight - a.weight);
}

/**
 * What changed from one verdict to the next, in words.
 *
 * @example verdictChange({ love: 5, reasons: [] }, { love: 3, reasons: ['fit'] }) // 'love 5 → 3; now also fit'
 */
export function verdictChange(before: Pick<Verdict, 'love' | 'reasons' | 'sewAgain'>, now: Pick<Verdict, 'love' | 'reasons' | 'sewAgain'>): string {
  const added = now.reasons.filter((r) => !before.reasons.includes(r));
  const gone = before.reasons.filter((r) => !now.reasons.includes(r));
  const said = [
    before.love !== now.love && `love ${before.love} → ${now.love}`,
    added.length > 0 && `now also ${added.join(', ')}`,
    gone.length > 0 && `no longer ${gone.join(', ')}`,
    now.sewAgain !== undefined && before.sewAgain !== undefined && before.sewAgain !== now.sewAgain && `sew again: ${now.sewAgain}`,
  ].filter(Boolean);
  return said.length === 0 ? 'still so' : said.join('; ');
}
