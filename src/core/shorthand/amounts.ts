import { parseLength, tidy, type LengthUnit } from '../units/length';
import { NUMBER_WORDS } from '../units/number-words';

/** Sources of regular expressions for amounts in folded text, and what they come to. */

const COUNT_WORDS: Readonly<Record<string, number>> = {
  ...NUMBER_WORDS,
  eleven: 11,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
  hundred: 100,
  'an extra': 1,
  another: 1,
  'a dozen': 12,
  'half a dozen': 6,
  'a couple of': 2,
  'a couple': 2,
  'couple of': 2,
};
const PARTS: Readonly<Record<string, number>> = {
  half: 1 / 2,
  'a half': 1 / 2,
  quarter: 1 / 4,
  'a quarter': 1 / 4,
  'a third': 1 / 3,
  'two thirds': 2 / 3,
  'three quarters': 3 / 4,
  'an eighth': 1 / 8,
  'three eighths': 3 / 8,
  'five eighths': 5 / 8,
  'seven eighths': 7 / 8,
};

const escaped = (letters: string): string => letters.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&');

/**
 * What these words have behind their first letters, as a source: what is common is written once, and the longest word is tried first.
 *
 * @param words sorted, each once; of those from one place to another the first letters are the same
 */
function endings(words: readonly string[], from: number, to: number, letters: number): string {
  const [first = '', last = ''] = [words[from], words[to - 1]];
  let common = letters;
  while (common < first.length && first[common] === last[common]) common++;
  const shared = escaped(first.slice(letters, common));
  if (to - from <= 1) return shared;
  // The shortest stands first.
  const ends = first.length === common;
  const ways: string[] = [];
  for (let at = from + Number(ends), next; at < to; at = next) {
    next = at + 1;
    while (next < to && words[next]?.[common] === words[at]?.[common]) next++;
    ways.push(endings(words, at, next, common));
  }
  return `${shared}(?:${ways.join('|')})${ends ? '?' : ''}`;
}

/**
 * A source that finds any of these words, the longest first. Words share their beginnings: the engine compiles and runs it much faster
 * than a row of words.
 *
 * @example anyOf(['hip', 'hips']) // '(?:hip(?:s)?)'
 */
export function anyOf(words: Iterable<string>): string {
  // Made for dozens of lists while the page that is looked at waits.
  const sorted = [...new Set(words)].sort();
  return `(?:${endings(sorted, 0, sorted.length, 0)})`;
}

/** No letter and no figure follows. */
export const END = '(?![a-z0-9])';

const FRACTION = '\\d+[ -]\\d+/\\d+|\\d+/\\d+|\\d*\\s?[⅛¼⅜½⅝¾⅞⅓⅔]';
export const FIGURE = `(?:${FRACTION}|\\d+(?:[.,]\\d+)?|\\.\\d{1,2})`;
const NUMBER_WORD = anyOf(Object.keys(COUNT_WORDS));
const PART = anyOf(Object.keys(PARTS));
const DIGITS = ['nought', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];
const DIGIT = `(?:zero|oh|\\d|${anyOf(DIGITS)})`;
/** "One point eight", as it is dictated. */
const WITH_POINT = `(?:zero|nought|${NUMBER_WORD}|\\d+) point ${DIGIT}(?: ${DIGIT})?`;
/** "in" is inches where a number stands before it and nothing that "in" could lead to behind. */
const INCHES =
  'in(?=\\s*(?:$|[^\\sa-z]|(?:on|at|off|from|per|each|longer|shorter|wider|narrower|looser|tighter|higher|lower|deeper|too|to|for|left|up|down|and|but|of|by|out|below|above|bigger|smaller)\\b))';
const UNIT = `(?:centimet(?:re|er)s?|cms?|millimet(?:re|er)s?|mm|met(?:re|er)s?|m|inch(?:es)?|ins|${INCHES}|"|''|feet|foot|ft|yards?|yds?|yd)(?![a-z0-9])`;
const ABOUT = '(?:~ ?|(?:about|roughly|around|nearly|almost|just over|a good|only|just|another|an extra|some) )';
const HALF_MORE = ` (?:and|&) (?:a half|a quarter|three quarters|½|¼|¾|1/2|1/4|3/4)`;
/** "Five eighths": of an inch. */
const EIGHTHS = `(?:(?:three|five|seven|[357]) eighths|[1357]/8ths)`;
const LEAST = '(?<least>\\d+(?:[.,]\\d+)?)';
/** What stands before the greater of two amounts: "1-2 cm", "1 to 2 cm". "1-1/2" is one amount. */
export const OR_LESS = `(?:${LEAST} ?(?:-|–|to|or) ?(?!\\d+/\\d))`;
/** The same of what is counted: "between 10 and 12 times". */
export const FEWER = `${LEAST}(?: ?[-–] ?| (?:to|or|and) )`;

/** A length with its unit. */
export const SAID_LENGTH = `(?:${ABOUT}?(?:\\d+\\s?(?:m|ft|feet|foot|')\\s?\\d{1,2}(?:\\s?(?:cm|inch(?:es)?|in|")|(?! ?(?:[€$£/]|eur|usd|gbp|(?:an?|per|each|h|hours?|wide|oz|gsm)(?![a-z]))))${END}|(?:${FIGURE}(?:${HALF_MORE})?\\s?-?|${PART}(?: of)? (?:an? )?|${WITH_POINT} |${NUMBER_WORD}(?:${HALF_MORE})? )${UNIT}(?:${HALF_MORE}${END})?|${EIGHTHS}))`;
/** A number by itself, not one that belongs to something that is counted or dated. */
export const BARE_LENGTH = `(?:${FIGURE}(?![a-z0-9/]|[.,]\\d|-\\d| ?(?:eighths|cms?|mm|m|met(?:re|er)s?|centim\\w+|inch(?:es)?|ins|ft|feet|yds?|yards?)(?![a-z])| ?"))`;
/** A number in words by itself, as it is dictated: "by two", "one and a half". What it counts may follow: whoever looks for it has to see to that. */
export const LENGTH_IN_WORDS = `(?:${WITH_POINT}|${NUMBER_WORD}(?:${HALF_MORE})?)`;
export const LENGTH = `(?:${SAID_LENGTH}|${BARE_LENGTH})`;
export const COUNT = `(?:\\d+|${NUMBER_WORD})`;
const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'];
export const ORDINAL = `(?:${anyOf(ORDINALS)}|\\d{1,2}(?:st|nd|rd|th))`;

/** How much, without saying it. */
export const BIT = `(?:a (?:tiny |little )?bit|a little|a touch|a smidge(?:n)?|slightly|some)`;

const UNIT_ONLY = new RegExp(UNIT);
const ABOUT_FIRST = new RegExp(`^${ABOUT}`);

/** Whether a length is said in yards. */
export const isInYards = (text: string): boolean => /\dy|\by(?:ar)?ds?\b/.test(text);

/**
 * A figure with a decimal point or comma.
 *
 * @example decimalOf('1,5') // 1.5
 */
export const decimalOf = (figure: string): number => Number(figure.replace(',', '.'));

/** A length that was said. */
export interface SaidLength {
  readonly cm: number;
  readonly unitSaid: boolean;
}

/** Only numbers that words name are whole; of figures, parseLength knows more. */
function numberIn(text: string): number | undefined {
  const said = text.trim();
  const word = COUNT_WORDS[said] ?? PARTS[said.replace(/ of$/, '')];
  if (word !== undefined) return word;
  const [whole, digits] = said.split(' point ');
  if (whole !== undefined && digits !== undefined) {
    const figures = digits.split(' ').map((digit) => (/^(?:zero|oh)$/.test(digit) ? 0 : /^\d$/.test(digit) ? Number(digit) : DIGITS.indexOf(digit)));
    return (/^(?:zero|nought)$/.test(whole) ? 0 : (numberIn(whole) ?? NaN)) + Number(`0.${figures.join('')}`);
  }
  const read = parseLength(said, 'cm');
  return read.ok ? read.cm : undefined;
}

/** How many times a word says. */
export const TIMES_IN_A_WORD: Readonly<Record<string, number | undefined>> = { once: 1, twice: 2, thrice: 3 };

/**
 * A count in figures or words.
 *
 * @example countOf('two') // 2
 * @example countOf('a dozen') // 12
 */
export function countOf(text: string): number | undefined {
  const n = numberIn(text);
  return n !== undefined && Number.isInteger(n) ? n : undefined;
}

/**
 * Which of several a word of `ORDINAL` says.
 *
 * @returns undefined where it is none
 * @example ordinalOf('third') // 3
 * @example ordinalOf('12th') // 12
 */
export function ordinalOf(word: string): number | undefined {
  const at = ORDINALS.indexOf(word);
  if (at >= 0) return at + 1;
  const figures = /^\d+(?=st|nd|rd|th)/.exec(word)?.[0];
  return figures === undefined ? undefined : Number(figures);
}

/**
 * A length as it is said or written.
 *
 * @param text folded: what `LENGTH` found
 * @param unit the ledger's own, for a bare number; a fraction means inches in any ledger
 * @example lengthOf('an inch and a half', 'cm') // { cm: 3.81, unitSaid: true }
 * @example lengthOf('5/8', 'cm') // { cm: 1.5875, unitSaid: false }
 */
export function lengthOf(text: string, unit: LengthUnit): SaidLength | undefined {
  const said = text.replace(ABOUT_FIRST, '').replace("''", '"').trim();
  const eighths = /^(\w+)(?: eighths|\/8ths)$/.exec(said)?.[1];
  if (eighths !== undefined) return lengthOf(`${numberIn(eighths) ?? NaN}/8 in`, unit);
  const direct = parseLength(said, /[/⅛¼⅜½⅝¾⅞⅓⅔]/.test(said) ? 'in' : unit);
  const unitIn = UNIT_ONLY.exec(said);
  if (direct.ok) return { cm: direct.cm, unitSaid: unitIn !== null };
  const more = / (?:and|&) (a half|a quarter|three quarters|½|¼|¾|1\/2|1\/4|3\/4)/.exec(said);
  const extra = more ? (PARTS[more[1] ?? ''] ?? numberIn(more[1] ?? '') ?? NaN) : 0;
  const rest = more ? said.replace(more[0], '') : said;
  const named = UNIT_ONLY.exec(rest);
  if (!named) {
    const bare = numberIn(rest);
    const one = parseLength('1', unit);
    return bare === undefined || !one.ok ? undefined : { cm: tidy((bare + extra) * one.cm), unitSaid: false };
  }
  const before = rest.slice(0, named.index).trim().replace(/-$/, '');
  // "An extra inch" is one.
  const n = before === '' ? 1 : (numberIn(before.replace(/ (an?|of)$/, '')) ?? numberIn(before));
  const one = parseLength(`1 ${named[0]}`, unit);
  return n === undefined || !one.ok ? undefined : { cm: tidy((n + extra) * one.cm), unitSaid: true };
}
