import type { Money } from '../records';
import { parseMoney } from '../units/money';

/** Currencies by the words for them, as their codes. Source: ISO 4217. */
const CODES: readonly (readonly [words: RegExp, code: string])[] = [
  [/euros?/, 'EUR'],
  [/pounds?/, 'GBP'],
  [/dollars?/, 'USD'],
  [/\bkr\b/, 'SEK'],
];

const CURRENCY = '(?:eur|usd|gbp|sek|nok|dkk|chf|cad|aud|nzd|jpy|euros?|pounds?|dollars?|kr)';
const FIGURE = '\\d+(?:[.,]\\d{1,3})*';

/** An amount of money with the sign or the word of its currency, as an expression. */
export const SIGNED_MONEY = `(?:[€$£] ?${FIGURE}|${FIGURE} ?(?:[€$£]|${CURRENCY}(?![a-z])))`;

/** The same, or a figure without. */
export const MONEY = `(?:${SIGNED_MONEY}|${FIGURE})`;

/** That it is what all of it cost. */
export const IN_ALL = '(?:in all|in total|total|altogether|all in|all told|overall)';

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
