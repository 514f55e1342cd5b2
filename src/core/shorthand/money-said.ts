import type { Money } from '../records';
import { parseMoney } from '../units/money';

/** Currencies by the words for them, as their codes. Source: ISO 4217. */
const CODES: readonly (readonly [words: RegExp, code: string])[] = [
  [/euros?/, 'EUR'],
  [/pounds?/, 'GBP'],
  [/dollars?/, 'USD'],
  [/\bkr\b/, 'SEK'],
];

/** An amount of money, as an expression: with the sign or the word of its currency, or without. */
export const MONEY = '(?:[€$£] ?\\d+(?:[.,]\\d+)?|\\d+(?:[.,]\\d+)?(?: ?(?:[€$£]|eur|usd|gbp|sek|nok|dkk|chf|euros?|pounds?|dollars?))?)';

/**
 * An amount of money as it is said.
 *
 * @param text folded
 * @param usual the currency where none is said
 * @example moneySaid('30 euros', 'SEK') // { minor: 3000, currency: 'EUR' }
 */
export function moneySaid(text: string, usual: string): Money | undefined {
  const read = parseMoney(
    CODES.reduce((said, [words, code]) => said.replace(words, code), text),
    usual,
  );
  return read.ok ? read.money : undefined;
}
