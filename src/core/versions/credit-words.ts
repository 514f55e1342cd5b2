import { alterationWords, sizeLineWords } from '../alteration/words';
import { directionWord, outcomeWords } from '../make/fit-note-words';
import { formatLength, type LengthUnit } from '../units/length';
import { listed } from '../units/listed';
import { percent } from '../units/percent';
import { lineOf } from '../garment/chart';
import type { Cause } from './moves';
import type { Credit, Effect } from './what-it-did';

/** A cause in words: `back width +1 cm`, `the fabric (weight)`. */
export function causeWords(cause: Cause, unit: LengthUnit): string {
  switch (cause.of) {
    case 'size':
      return 'the size line';
    case 'body':
      return `a changed body (${formatLength(cause.by, unit, { signed: true, about: true })})`;
    case 'stretch':
      return 'the stretch of the fabric';
    case 'hand':
      return `the fabric (${listed(cause.properties)})`;
    case 'seam allowance':
      return 'the seam allowance';
    case 'alteration':
      return cause.is ? alterationWords(cause.is, unit) : cause.was ? `leaving out ${alterationWords(cause.was, unit)}` : '';
  }
}

/** How all would have been but for one cause: `Without back width +1 cm`. */
function butFor(cause: Cause, { before }: Effect, unit: LengthUnit): string {
  switch (cause.of) {
    case 'size':
      return `Cut in ${before ? sizeLineWords(lineOf(before.make, before.note.zone)) : 'the size of before'} again`;
    case 'body':
      return 'On the body of before';
    case 'stretch':
      return 'In a fabric that stretches like the one before';
    case 'hand':
      return 'In a fabric like the one before';
    case 'seam allowance':
      return 'With the seam allowance of before';
    case 'alteration':
      return cause.was ? `With ${alterationWords(cause.was, unit)} again` : cause.is ? `Without ${alterationWords(cause.is, unit)}` : '';
  }
}

const COUNTS = ['hardly ever', 'once', 'twice', 'three times', 'four times', 'five times', 'six times', 'seven times', 'eight times', 'nine times'];

/**
 * A chance as one would say it.
 *
 * @example timesInTen(0.88) // 'nine times in ten'
 * @example timesInTen(0.98) // 'almost certainly'
 */
export function timesInTen(chance: number): string {
  const times = Math.round(chance * 10);
  const count = COUNTS[times];
  return times === 0 ? 'hardly ever' : count === undefined ? 'almost certainly' : `${count} in ten`;
}

/** Why nobody is named, with the likeliest where there is one. */
function notClear({ causes, untouched }: Credit, unit: LengthUnit): string {
  if (untouched) return 'nothing that touches it changed';
  const [likeliest] = causes;
  return likeliest ? `not clear by what; likeliest ${causeWords(likeliest.cause, unit)}` : 'none of the changes explains it';
}

/**
 * Who gets the credit for what became of a fit note: named as surely as can be said, with shares where there are several, or why nobody is.
 *
 * @example creditWords(effect, 'cm') // 'by back width +1 cm'
 * @returns nothing where no credit is asked for
 */
export function creditWords({ credit }: Pick<Effect, 'credit'>, unit: LengthUnit): string {
  if (!credit) return '';
  const { surety, causes, inSpiteOf } = credit;
  const against = inSpiteOf.length > 0 ? `, in spite of ${listed(inSpiteOf.map((c) => causeWords(c, unit)))}` : '';
  if (surety === 'not clear') return `${notClear(credit, unit)}${against}`;
  const several = causes.length > 1;
  return `${surety} ${listed(causes.map(({ cause, share }) => `${causeWords(cause, unit)}${several ? ` (${percent(share)})` : ''}`))}${against}`;
}

/**
 * What would have been without the first cause.
 *
 * @example otherwiseWords(effect, 'cm') // 'Without back width +1 cm it would have stayed narrow, nine times in ten.'
 * @returns nothing where no cause is named
 */
export function otherwiseWords(effect: Effect, unit: LengthUnit): string {
  const { credit, before, after, fate, zone } = effect;
  const [first] = credit?.causes ?? [];
  // Of one that went too far it is said once, with what is new.
  if (!first || credit?.otherwise === undefined || !before || !after || (fate === 'fixed' && after.note.outcome !== 0)) return '';
  const [was, is] = [directionWord(zone, before.note.outcome), directionWord(zone, after.note.outcome)];
  const then = {
    fixed: `it would have stayed ${was}`,
    eased: `it would have stayed as ${was} as it was`,
    worse: `it would not have been so ${is}`,
    new: `it would not have become ${is}`,
  }[fate as 'fixed' | 'eased' | 'worse' | 'new'];
  return `${butFor(first.cause, effect, unit)} ${then}, ${timesInTen(credit.otherwise)}.`;
}

/**
 * What became of the notes of a zone in as few words as a cell holds.
 *
 * @param effects of one zone, from one version to the next
 * @example fateWords(effects, 'cm') // 'fixed by back width +1 cm', or 'eased: not clear by what'
 */
export function fateWords(effects: readonly Effect[], unit: LengthUnit): string {
  const effect = effects.find((e) => e.fate !== 'new') ?? effects[0];
  if (!effect || effect.fate === 'the same' || effect.fate === 'not seen') return '';
  // Fixed and its contrary new: the change went too far.
  const fate = effects.length > 1 ? 'overshot' : effect.fate;
  const { credit } = effect;
  if (!credit) return fate;
  if (credit.surety === 'not clear') return `${fate}: ${notClear(credit, unit)}`;
  return `${fate}${credit.surety === 'by' ? ' ' : ', '}${creditWords({ credit: { ...credit, inSpiteOf: [] } }, unit)}`;
}

/**
 * What became of a fit note, by what, and what would have been, in a line.
 *
 * @example effectWords(effect, 'cm') // 'narrow, slight, then right: fixed by back width +1 cm. Without back width +1 cm it would …'
 */
export function effectWords(effect: Effect, unit: LengthUnit): string {
  const { fate, before, after } = effect;
  const was = before && before.note.outcome !== 0 ? outcomeWords(before.note, unit) : 'right';
  const is = after ? outcomeWords(after.note, unit) : '';
  const what = !after ? `${was}: not seen again` : before ? `${was}, then ${is}: ${fate}` : `${is}: new`;
  const credit = creditWords(effect, unit);
  const by = credit === '' ? '' : effect.credit?.surety === 'not clear' ? ` (${credit})` : ` ${credit}`;
  return `${what}${by}. ${otherwiseWords(effect, unit)}`.trim();
}
