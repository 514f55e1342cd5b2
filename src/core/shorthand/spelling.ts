import { memoize } from '../units/memoize';
import { isSlip, NAME_KINDS, folded, wordsIn, type Vocabulary } from './names';
import { isTradeWord, OFTEN_MISSPELLED } from './words';

/** A word that was read as another. */
interface Slip {
  readonly from: number;
  readonly to: number;
  readonly readAs: string;
}

interface Spelled {
  readonly low: string;
  /** The place in the typed text of each place of `low`; one longer than it. */
  readonly places: readonly number[];
  readonly slips: readonly Slip[];
}

/** The words of all names of a ledger: none of them is a slip. */
const nameWords = memoize(
  (vocabulary: Vocabulary): ReadonlySet<string> =>
    new Set(NAME_KINDS.flatMap((kind) => vocabulary[kind].flatMap(({ name }) => wordsIn(folded(name)).map((w) => w.word)))),
);

/** How much less: behind a place or what is altered there a dash before it is a minus. */
const AMOUNT = /^(?:\d|a (?:tiny |little )?bit|a little|a touch)/;
/** Dashes between items, where a comma could stand. Where a line has but one it is rather a minus. */
function partingDashes(plain: string): ReadonlySet<number> {
  const found = [...plain.matchAll(/(?<=[^\d\s]|\d{2}) - (?=\S)/g)].map(({ index }) => index);
  const isMinus = (at: number) =>
    AMOUNT.test(plain.slice(at + 3)) && (found.length === 1 || isTradeWord(/[\p{L}-]*$/u.exec(plain.slice(0, at))?.[0] ?? ''));
  return new Set(found.filter((at) => !isMinus(at)));
}

/** Slips in short words, which are too near to others to be found by their letters. */
const SHORT_SLIPS: Readonly<Record<string, string>> = { tigth: 'tight', thight: 'tight', tihgt: 'tight', tigh: 'tight', lenght: 'length' };
/** "The hips are to tight": behind the word, what would be too much of it. */
const TOO_MUCH =
  /^ (?:tight|loose|wide|narrow|long|short|high|low|deep)(?= *(?:$|[^ a-z]|(?:at|in|on|around|round|across|for|by|and|but|still)(?![a-z])))/;

/** What a word was meant to be; undefined where it may stand as it is. */
function rightFor(word: string, behind: string): string | undefined {
  if (word === 'to') return TOO_MUCH.test(behind) ? 'too' : undefined;
  if (word === 'lose') return /^(?: *$| *[,.;]| (?:at|in|around|across|by)(?![a-z]))/.test(behind) ? 'loose' : undefined;
  // "Sooo tight".
  if (/^so{2,}$/.test(word)) return 'so';
  if (word in SHORT_SLIPS) return SHORT_SLIPS[word];
  return word.length < 5 || isTradeWord(word) ? undefined : OFTEN_MISSPELLED.find((w) => isSlip(word, w));
}

/**
 * A folded text with single spaces, in which dashes between items are commas, and words of the trade that are one letter off are put right.
 *
 * @param plain folded text
 * @example spelledRight('lenghtened the sleves', { patterns: [], fabrics: [], people: [] }).low // 'lengthened the sleeves'
 */
export function spelledRight(plain: string, vocabulary: Vocabulary): Spelled {
  let low = '';
  const places: number[] = [];
  const slips: Slip[] = [];
  const dashes = partingDashes(plain);
  let at = 0;
  const copy = (to: number) => {
    for (; at < to; at++) {
      // Of several spaces one is enough.
      if (/[ \t]/.test(plain[at] ?? '') && low.endsWith(' ')) continue;
      const parting = dashes.has(at);
      places.push(at);
      if (parting) at++;
      low += parting ? ',' : plain[at] === '\t' ? ' ' : plain[at];
    }
  };
  for (const { word, from, to } of wordsIn(plain)) {
    const right = nameWords(vocabulary).has(word) ? undefined : rightFor(word, plain.slice(to));
    if (right === undefined) continue;
    copy(from);
    slips.push({ from: low.length, to: low.length + right.length, readAs: right });
    for (let i = 0; i < right.length; i++) places.push(Math.min(to - 1, from + i));
    low += right;
    at = to;
  }
  copy(plain.length);
  places.push(plain.length);
  return { low, places, slips };
}
