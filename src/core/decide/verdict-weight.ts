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
  return wears === 0 ? 'said with no wear noted' : wears === 1 ? 'after 1 wear' : `after ${wears} wears`;
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
  /** Its part of the weight of all that was last said, of those too that give no reason. */
  readonly share: number;
}

/** What a make's verdict gives as reasons now: the latest one's; none where it would be sewn again as it is. */
export function reasonsOf({ verdicts }: Pick<Make, 'verdicts'>): readonly Reason[] {
  const latest = verdicts.at(-1);
  return latest === undefined || latest.sewAgain === 'as is' ? [] : latest.reasons.filter((r) => !NOT_OF_THE_PATTERN.includes(r));
}

const latestWeight = ({ verdicts }: Pick<Make, 'verdicts'>) => {
  const latest = verdicts.at(-1);
  return latest === undefined ? 0 : verdictWeight(latest);
};

/**
 * The part of what was last said of some makes that gives any of these reasons, by weight; those that give none weigh against it.
 *
 * @example reasonShare([loved, tooWarm], ['fabric', 'care']) // 0.5, where both were said after as many wears
 */
export function reasonShare(makes: readonly Pick<Make, 'verdicts'>[], reasons: readonly Reason[]): number {
  const all = makes.reduce((sum, m) => sum + latestWeight(m), 0);
  const giving = makes.filter((m) => reasonsOf(m).some((r) => reasons.includes(r)));
  return all === 0 ? 0 : giving.reduce((sum, m) => sum + latestWeight(m), 0) / all;
}

/**
 * The reasons for not reaching for garments that were last given, the weightiest first, each with its part of all that was last said;
 * *no longer fits* is left out, since it is not the pattern's failure.
 */
export function reasonShares(makes: readonly Pick<Make, 'verdicts'>[]): ReasonShare[] {
  const given = new Set(makes.flatMap(reasonsOf));
  return [...given].map((reason) => ({ reason, share: reasonShare(makes, [reason]) })).sort((a, b) => b.share - a.share);
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
