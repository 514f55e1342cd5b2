import { MARKS, MARKS_EACH } from './grammar';
import { addToGroup } from '../units/group-by';
import { firstOf } from '../units/item-at';
import { keysOf } from '../units/keys';

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

/** A text in which each known name stands as one character, with the way back to what was typed. */
export interface Marked {
  readonly text: string;
  /** The place in the typed text of each place in the marked one; one longer than the text. */
  readonly places: readonly number[];
  /** What a marked character names. */
  readonly named: (mark: string) => Named | undefined;
}

type Kind = keyof typeof MARKS;

interface Entry {
  readonly words: string;
  readonly kind: Kind;
  readonly index: number;
}

/** Case and accents folded, one character for each character, so that places stay the same. */
function folded(text: string): string {
  return [...text]
    .map((c) => {
      const bare = firstOf([...c.normalize('NFD')]).toLowerCase();
      return bare.length === c.length ? bare : c;
    })
    .join('');
}

/** Words that begin a name and would also be read as something else: a name is not shortened to them. */
const TOO_SHORT = 3;

/**
 * Names with their short forms: the first words of a name stand for it where no other name begins with them.
 * A pattern's name wins over a fabric's of the same words.
 */
function entriesOf(vocabulary: Vocabulary): Map<string, Entry[]> {
  const all: Entry[] = [];
  const tables: [Kind, readonly Named[]][] = [
    ['pattern', vocabulary.patterns],
    ['fabric', vocabulary.fabrics],
    ['person', vocabulary.people],
  ];
  const full = new Set<string>();
  const starts = new Map<string, Entry[]>();
  for (const [kind, list] of tables)
    for (const [index, { name }] of list.slice(0, MARKS_EACH).entries()) {
      const words = folded(name).trim();
      if (words.length === 0 || full.has(words)) continue;
      full.add(words);
      all.push({ words, kind, index });
      const parts = words.split(/\s+/);
      for (let n = 1; n < parts.length; n++) {
        const start = parts.slice(0, n).join(' ');
        if (start.length >= TOO_SHORT) addToGroup(starts, start, { words: start, kind, index });
      }
    }
  for (const [start, entries] of starts)
    if (entries.length === 1 && !full.has(start) && firstOf(entries).kind === 'pattern') all.push(firstOf(entries));
  // By first letter, the longest first: what is looked at for each place of a line stays short however large the ledger.
  const byLetter = new Map<string, Entry[]>();
  for (const entry of all.sort((a, b) => b.words.length - a.words.length)) addToGroup(byLetter, entry.words[0]!, entry);
  return byLetter;
}

const known = new WeakMap<Vocabulary, Map<string, Entry[]>>();

const isWordChar = (c: string | undefined) => c !== undefined && /[\p{L}\p{N}]/u.test(c);

/** Marks the known names in a line. */
export function markNames(text: string, vocabulary: Vocabulary): Marked {
  let entries = known.get(vocabulary);
  if (!entries) known.set(vocabulary, (entries = entriesOf(vocabulary)));
  const low = folded(text);
  let out = '';
  const places: number[] = [];
  for (let at = 0; at < text.length;) {
    const found = isWordChar(low[at - 1])
      ? undefined
      : entries.get(low[at]!)?.find(({ words }) => low.startsWith(words, at) && !isWordChar(low[at + words.length]));
    places.push(at);
    out += found ? String.fromCharCode(MARKS[found.kind] + found.index) : text[at]!;
    at += found ? found.words.length : 1;
  }
  places.push(text.length);
  const lists: Record<Kind, readonly Named[]> = { pattern: vocabulary.patterns, fabric: vocabulary.fabrics, person: vocabulary.people };
  return {
    text: out,
    places,
    named: (mark) => {
      const code = mark.charCodeAt(0);
      const kind = keysOf(MARKS).find((k) => code >= MARKS[k] && code < MARKS[k] + MARKS_EACH);
      return kind && lists[kind][code - MARKS[kind]];
    },
  };
}
