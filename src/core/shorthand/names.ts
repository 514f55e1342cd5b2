import { kindNamed } from '../records/garment-named';
import { addToGroup } from '../units/group-by';
import { memoize } from '../units/memoize';

/** A name that the ledger knows. */
export interface Named {
  readonly id: string;
  readonly name: string;
}

/** What a line may speak of. */
export interface Vocabulary {
  readonly patterns: readonly Named[];
  readonly fabrics: readonly Named[];
  readonly people: readonly Named[];
}

export const NAME_KINDS = ['patterns', 'fabrics', 'people'] as const;
type Kind = (typeof NAME_KINDS)[number];

/** A name found in a line. */
export interface NameFound {
  /** What has it; `makes` of one garment by itself, which only a report speaks of (report.ts). */
  readonly kind: Kind | 'makes';
  readonly id: string;
  readonly from: number;
  readonly to: number;
  /** The whole name was said, letter for letter. */
  readonly whole: boolean;
  /** The name as the ledger has it, where a letter of it was another. */
  readonly readAs?: string;
}

/** Words with where they stand. */
export interface WordAt {
  readonly word: string;
  readonly from: number;
  readonly to: number;
}

interface Entry {
  readonly kind: Kind;
  readonly id: string;
  readonly name: string;
  readonly words: readonly string[];
}

interface Index {
  /** By first word. */
  readonly byFirst: ReadonlyMap<string, readonly Entry[]>;
  /** First words by length, for slips. */
  readonly firsts: readonly string[];
}

/**
 * Case and accents folded and typographers' signs made plain, one character for each, so that places stay the same.
 *
 * @example folded('Jürgen’s') // "jurgen's"
 */
export function folded(text: string): string {
  let out = '';
  for (const c of text) {
    const bare = SIGNS[c] ?? (c.charCodeAt(0) < 128 ? c.toLowerCase() : (c.normalize('NFD')[0] ?? c).toLowerCase());
    out += bare.length === c.length ? bare : c;
  }
  // "Too short -> add 2 cm".
  out = out.replace(/[-=–]>(?! ?\d)/g, ', ').replace(/ → (?!\d)/g, ' , ');
  // "*Heron blouse* – 12 – rayon": marks of a text, and dashes that are no range.
  out = out
    .replace(/([*_])(?=\p{L})([^*_\n]*[\p{L}\d])\1(?!\p{L})/gu, ' $2 ')
    .replace(/(?<=\p{L})[*_](?= [-–—,:] )/gu, ' ')
    .replace(/(?<!\d) [–—] | [–—] (?!\d)/g, ' , ');
  // Columns that are set apart by spaces.
  if (out.includes('  ')) out = out.replace(COLUMNS, (line) => line.replace(GAP, (gap) => ','.padEnd(gap.length)));
  // "36 / linen / 1.8 m", "dress - 12 - linen" and "top - M - jersey" are lists; "4 / 5" is a figure.
  return out.replace(/(?<=\D) \/ | \/ (?=\D)| - (?=(?:\d{1,2}|x{0,3}[sml]|\dxl) - )/g, ' , ');
}
/** What sets columns apart: several spaces, behind what ends no sentence. */
const GAP = /(?<=[\p{L}\d)%+]) {2,}(?=\S)/gu;
/** A line of at least three. */
const COLUMNS = new RegExp(`^[^\\n]*?(?:${GAP.source}[^\\n]*?){2}$`, 'gmu');
const SIGNS: Readonly<Record<string, string>> = {
  '’': "'",
  '‘': "'",
  '′': "'",
  '“': '"',
  '”': '"',
  '″': '"',
  '!': '.',
  '[': '(',
  ']': ')',
  '−': '-',
  '–': '-',
  '—': '-',
  '\u00a0': ' ',
  '\u2009': ' ',
  '\u202f': ' ',
};

/** The words of a folded text: letters, figures, and what joins them. */
export function wordsIn(low: string): WordAt[] {
  return [...low.matchAll(/[\p{L}\p{N}]+(?:['.&-][\p{L}\p{N}]+)*/gu)].map((m) => ({ word: m[0], from: m.index, to: m.index + m[0].length }));
}

/** A slip is looked for in words of so many letters: shorter ones are too many other words. */
const SLIP_LEAST = 5;

/**
 * Whether two words differ by one letter: another, one more, one less, or two that changed places.
 *
 * @example isSlip('tidewatr', 'tidewater') // true
 */
export function isSlip(a: string, b: string): boolean {
  if (a === b || Math.abs(a.length - b.length) > 1) return false;
  let i = 0;
  while (i < a.length && a[i] === b[i]) i++;
  const [restA, restB] = [a.slice(i), b.slice(i)];
  return (
    restA.slice(1) === restB.slice(1) ||
    restA === restB.slice(1) ||
    restA.slice(1) === restB ||
    (restA[0] === restB[1] && restA[1] === restB[0] && restA.slice(2) === restB.slice(2))
  );
}

const indexOf = memoize((vocabulary: Vocabulary): Index => {
  const byFirst = new Map<string, Entry[]>();
  for (const kind of NAME_KINDS)
    for (const { id, name } of vocabulary[kind]) {
      const words = wordsIn(folded(name)).map((w) => w.word);
      if (words[0] !== undefined) addToGroup(byFirst, words[0], { kind, id, name, words });
    }
  return { byFirst, firsts: [...byFirst.keys()].filter((w) => w.length >= SLIP_LEAST) };
});

/** How many words of a line, from one on, are those of a name; slips are counted. */
function wholeName(words: readonly WordAt[], at: number, name: readonly string[]): { readonly count: number; readonly slips: number } | undefined {
  let slips = 0;
  for (const [i, part] of name.entries()) {
    const said = words[at + i]?.word;
    if (said === undefined) return undefined;
    if (said === part || said === `${part}'s` || (i === name.length - 1 && i > 0 && said === `${part}s`)) continue;
    // A skirt is no slip of the pen for a shirt.
    if (part.length < SLIP_LEAST || !isSlip(said, part) || slips > 0 || kindNamed(said) !== undefined) return undefined;
    slips++;
  }
  return { count: name.length, slips };
}

/** Whether two words are one noun, with or without its plural. */
export const sameNoun = (a: string | undefined, b: string | undefined) =>
  a !== undefined && b !== undefined && (a === b || a === `${b}s` || `${a}s` === b);

/**
 * The names of the ledger in a line, the longest at each place: whole, or a pattern by the words it begins with, or by its first and last,
 * where no other is called so.
 *
 * @param words of the line, folded
 */
export function namesIn(words: readonly WordAt[], vocabulary: Vocabulary): NameFound[] {
  const { byFirst, firsts } = indexOf(vocabulary);
  const found: NameFound[] = [];
  for (let at = 0; at < words.length;) {
    const { word, from } = words[at]!;
    const bare = word.replace(/'s$/, '');
    const slipped = byFirst.has(word) || byFirst.has(bare) || word.length < SLIP_LEAST ? undefined : firsts.find((first) => isSlip(word, first));
    const entries = byFirst.get(word) ?? byFirst.get(bare) ?? (slipped === undefined ? [] : (byFirst.get(slipped) ?? []));
    const best = bestOf(words, at, entries);
    if (!best) {
      at++;
      continue;
    }
    const { entry, count, slips } = best;
    const last = words[at + count - 1]!;
    const said = count === entry.words.length;
    found.push({
      kind: entry.kind,
      id: entry.id,
      from,
      to: last.to,
      whole: said && slips === 0,
      ...(slips > 0 || slipped !== undefined ? { readAs: entry.name } : {}),
    });
    at += count;
  }
  return found;
}

interface Match {
  readonly entry: Entry;
  readonly count: number;
  readonly slips: number;
}

function bestOf(words: readonly WordAt[], at: number, entries: readonly Entry[]): Match | undefined {
  let best: Match | undefined;
  for (const entry of entries) {
    const whole = wholeName(words, at, entry.words);
    if (whole && (!best || whole.count > best.count || (whole.count === best.count && whole.slips < best.slips))) best = { entry, ...whole };
  }
  if (best) return best;
  const patterns = entries.filter((e) => e.kind === 'patterns');
  // By first and last word, whatever stands between them; else by the words it begins with.
  const ends = patterns.filter((e) => e.words.length > 2 && sameNoun(words[at + 1]?.word, e.words.at(-1)));
  if (ends.length === 1 && ends[0]) return { entry: ends[0], count: 2, slips: 0 };
  for (let count = 4; count >= 1; count--) {
    const begun = patterns.filter((e) => e.words.length > count && wholeName(words, at, e.words.slice(0, count)) !== undefined);
    const [only] = begun;
    if (begun.length === 1 && only && words[at]!.word.length >= 3) {
      const slips = wholeName(words, at, only.words.slice(0, count))?.slips ?? 0;
      return { entry: only, count, slips };
    }
    if (begun.length > 1) return undefined;
  }
  return undefined;
}

/**
 * Whether all words of a name stand in another, in their order.
 *
 * @example isShortFor('grey flannel', 'grey check flannel') // true
 * @example isShortFor('flannel grey', 'grey check flannel') // false
 */
export const isShortFor = (name: string, full: string): boolean => {
  const words = name.split(/[\s-]+/);
  const left = full.split(/[\s,-]+/).filter((word) => words.includes(word));
  return left.join(' ') === words.join(' ');
};
