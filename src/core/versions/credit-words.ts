import { alterationAmount, alterationPlace } from '../alteration/words';
import type { LengthUnit } from '../units/length';
import { percent } from '../units/percent';
import { firstOf } from '../units/item-at';
import type { Cause, Effect } from './what-it-did';

/** What gets the credit, in words: `back width +1 cm`. */
function causeWords(cause: Cause, unit: LengthUnit): string {
  switch (cause.of) {
    case 'size':
      return 'the size line';
    case 'body':
      return 'a changed body';
    case 'fabric':
      return 'the fabric';
    case 'alteration':
      return `${alterationPlace(cause.alteration)} ${alterationAmount(cause.alteration, unit)}`;
  }
}

/**
 * Who gets the credit for what became of a fit note: named, with shares where there are several, or why nobody is.
 *
 * @example creditWords(effect, 'cm') // 'by back width +1 cm'
 * @returns nothing where no credit is asked for
 */
export function creditWords({ credit, notClear }: Effect, unit: LengthUnit): string {
  if (credit.length === 1) return `by ${causeWords(firstOf(credit).cause, unit)}`;
  if (credit.length > 1) return `by ${credit.map((c) => `${causeWords(c.cause, unit)} (${percent(c.share)})`).join(' and ')}`;
  return notClear ? `by what, is not clear: ${notClear}` : '';
}

/**
 * What became of the notes of a zone in as few words as a cell holds.
 *
 * @param effects of one zone, from one version to the next
 * @example fateWords(effects, 'cm') // 'fixed by back width +1 cm', or 'eased: fabric and cut both changed'
 */
export function fateWords(effects: readonly Effect[], unit: LengthUnit): string {
  const effect = effects.find((e) => e.fate !== 'new') ?? effects[0];
  if (!effect || effect.fate === 'the same' || effect.fate === 'not seen') return '';
  // Fixed and its contrary new: the change went too far.
  const fate = effects.length > 1 ? 'overshot' : effect.fate;
  if (effect.credit.length > 0) return `${fate} ${creditWords(effect, unit)}`;
  return effect.notClear && effect.before ? `${fate}: ${effect.notClear}` : fate;
}
