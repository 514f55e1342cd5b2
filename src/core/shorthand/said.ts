import { memoize } from '../units/memoize';
import { END } from './amounts';
import type { Choice } from './chip';
import type { Proposal, Recogniser, Sentence } from './sentence';
import { WEIGHTS } from './weights';

/** What a rule found, by the names of its groups. */
export type Said = Readonly<Record<string, string | undefined>>;

/** What a rule makes of it: facts, or a question with its choices; undefined where they mean nothing together. */
export interface Meant {
  readonly says: Choice;
  readonly choices?: readonly Choice[];
  /** Instead of the rule's own. */
  readonly weight?: number;
  /** Where the reading ends, if before what was found. */
  readonly to?: number;
}

export interface Rule {
  /** Made when a line first needs it: they are many and long. */
  readonly found: () => RegExp;
  /** Without this anywhere in a line, the rule has nothing to find in it. */
  readonly needs: RegExp | undefined;
  readonly weight: number;
  readonly read: (said: Said, sentence: Sentence, at: number, to: number) => Meant | undefined;
}

const everyRule: (() => RegExp)[] = [];

/**
 * A rule of a recogniser: what is looked for, and what it means.
 *
 * @param source a regular expression for folded text with single spaces; no letter or figure follows its end
 */
export function rule(source: string, weight: keyof typeof WEIGHTS, read: Rule['read']): Rule {
  let made: RegExp | undefined;
  const found = () => (made ??= new RegExp(`(?:${source})${END}`, 'y'));
  everyRule.push(found);
  return { found, needs: undefined, weight: WEIGHTS[weight], read };
}

/**
 * Makes one more rule ready to be used: compiled when a line first needs it, they would hold up the first letters that are typed.
 *
 * @returns whether there are more
 */
export function prepareRule(): boolean {
  everyRule.shift()?.().test('');
  return everyRule.length > 0;
}

/** The same rule, tried only in lines that have a word for it: a short expression that spares a long one. */
export const given =
  (needs: RegExp, make: typeof rule): typeof rule =>
  (...of) => ({ ...make(...of), needs });

/** What stands before the name that a line is about, where that name ends right here. */
export const beforeName = ({ subject, low }: Sentence, at: number): string | undefined =>
  subject && subject.to <= at && low.slice(subject.to, at).trim() === '' ? low.slice(0, subject.from) : undefined;

/** What is said of a garment as a whole is a clause of its own: whether one begins at a place, or goes on from the name or its version. */
export const beginsClause = (sentence: Sentence, at: number): boolean =>
  /(?:^|[,.;!·|\n:]|\b(?:and|but)) *$/.test(sentence.low.slice(0, at)) ||
  beforeName(sentence, at) !== undefined ||
  (sentence.subject !== undefined && /^ (?:version |v|no\.? ?|#)\d+ $/.test(sentence.low.slice(sentence.subject.to, at)));
/** And what stands behind it, for an expression. */
export const WHOLE_CLAUSE = '(?=\\s*(?:$|[,.;!·|\\n]|and\\b|but\\b|except\\b|so\\b|now\\b))';

/** How many words a text has. */
export const wordCount = (text: string): number => text.trim().split(/\s+/).length;

/** A recogniser from its rules. */
export function byRules(rules: readonly Rule[]): Recogniser {
  let last: { readonly sentence: Sentence; readonly tried: readonly (readonly [Rule, RegExp])[] } | undefined;
  return (sentence, at) => {
    // A line is read from place to place: what it needs is found once.
    if (last?.sentence !== sentence)
      last = { sentence, tried: rules.filter(({ needs }) => !needs || needs.test(sentence.low)).map((r) => [r, r.found()] as const) };
    const proposals: Proposal[] = [];
    for (const [{ weight, read }, found] of last.tried) {
      found.lastIndex = at;
      const match = found.exec(sentence.low);
      if (!match || match[0] === '') continue;
      const meant = read(match.groups ?? {}, sentence, at, at + match[0].length);
      if (!meant) continue;
      const to = meant.to ?? at + match[0].length;
      const words = wordCount(sentence.low.slice(at, to));
      proposals.push({
        from: at,
        to,
        says: meant.says,
        weight: meant.weight ?? weight + WEIGHTS.word * words,
        ...(meant.choices ? { choices: meant.choices } : {}),
      });
    }
    return proposals;
  };
}

/** A recogniser from readings that are found for a whole line at once: those of names that stand in it. */
export function wherever(find: (sentence: Sentence) => readonly Proposal[]): Recogniser {
  const found = memoize(find);
  return (sentence, at) => found(sentence).filter((p) => p.from === at);
}

/** One fact. */
export const says = (fact: Choice[number]): Meant => ({ says: [fact] });

/** A question: nothing is stated until it is answered. */
export const asks = (...choices: readonly Choice[]): Meant => ({ says: [], choices });

/** The ways in which something is meant: one that is stated, or those that are asked. */
export const waysOf = (meant: Meant | undefined): readonly Choice[] => meant?.choices ?? (meant ? [meant.says] : []);

/** The same meant otherwise: what is stated, or each of what is asked. */
export const eachWay = <M extends Pick<Meant, 'says' | 'choices'>>(meant: M, otherwise: (choice: Choice) => Choice): M => ({
  ...meant,
  says: otherwise(meant.says),
  ...(meant.choices ? { choices: meant.choices.map(otherwise) } : {}),
});

/** The choice that states nothing. */
export const mereWords = (words: string): Choice => [{ is: 'words', words }];

/** Words in which nothing is read, whatever could be. */
export const unread = ({ low, typed }: Sentence, from: number, to: number): Meant => ({
  says: mereWords(typed(from, to)),
  weight: WEIGHTS.whole * wordCount(low.slice(from, to)),
});

/** What one reading weighs over so many sure ones, in which its words could be read. */
export const weightOver = (readings: number, { low }: Sentence, from: number, to: number): number =>
  readings * WEIGHTS.sure + WEIGHTS.word * wordCount(low.slice(from, to));

/** The word right before a place. */
export const wordBefore = (low: string, at: number): string | undefined => /([a-z]+) $/.exec(low.slice(0, at))?.[1];

/** Where the clause begins in which a place stands: after the last of what parts clauses. */
export function clauseStart(low: string, place: number, parts: RegExp): number {
  let start = 0;
  for (const m of low.slice(0, place).matchAll(parts)) start = m.index + m[0].length;
  return start;
}

/** Whether a place stands right behind the name of what is spoken of and a colon: "Skerry tee: the second one". */
export const isOfItsName = ({ subject, low }: Sentence, at: number): boolean => subject !== undefined && /^ ?: ?$/.test(low.slice(subject.to, at));
