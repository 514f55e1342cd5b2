import { folded, namesIn, wordsIn } from './names';
import type { LineContext } from './sentence';
import { ORDINAL } from './amounts';
import { leadLength } from './new-name';
import { beginsOther } from './other-act';
import { subjectOf } from './subject';

/** A part of a telling that is one make. */
export interface Told {
  readonly from: number;
  readonly to: number;
  readonly text: string;
  /** It tells no make, but something of a garment that is only told of with it. */
  readonly ofTold?: true;
}

/** Where a make may begin: a line, a sentence, or words that lead on where nobody set a full stop. */
const MAY_BEGIN =
  /(?:(?:^|\n)[ \t]*(?:(?:[-*•]|\d{1,2}[.)])[ \t]+)?|[.!?;]+[ \t]+|(?<!\band)[\s,]+(?=(?:and )?(?:then|next|after that|afterwards|also) |and (?:i |we )?(?:made|sewed|cut out|finished) ))/g;
/** What ends a sentence or a line. */
const ENDS = /[\n.!?;]/;
/** What stands before a paragraph. */
const BLANK_LINE = /\n[ \t]*\n\s*(?:(?:[-*•]|\d{1,2}[.)])[ \t]+)?/g;
/** Words that say that something was made. */
const MADE = /\b(?:made|sewed|sewn|cut|finished|did|next is|next was|next came)\b/;

/** Words that say that it is one more. */
const ANOTHER = new RegExp(`\\b(?:another|${ORDINAL} one)\\b`);

/** A size that stands before the name. */
const SIZE_FIRST = /^\s*(?:[-*•] )?(?:size|sz|uk|us|eu) ?[a-z0-9]{1,4} $/;

interface Begins {
  readonly at: number;
  readonly key: string;
  /** It begins a make of the same pattern too. */
  readonly anew: boolean;
  /** A name that the ledger does not have. */
  readonly newName?: string;
  readonly ofTold?: true;
}

/** Names that a telling brings, each once. */
const newNames = (begins: readonly Begins[]): readonly string[] => [...new Set(begins.flatMap(({ newName }) => newName?.toLowerCase() ?? []))];

/** The paragraphs of a text by where they begin. */
function paragraphsOf(low: string): ReadonlyMap<number, string> {
  const blanks = [...low.matchAll(BLANK_LINE)].map((m) => ({ from: m.index, to: m.index + m[0].length }));
  return new Map([{ to: 0 }, ...blanks].map(({ to }, i) => [to, low.slice(to, blanks[i]?.from)]));
}

/** A place where a make may begin. */
interface Part {
  /** What begins there, by the ledger alone. */
  readonly begins?: Begins | undefined;
  readonly at: number;
  /** The sentence that it begins, where that tells nothing else. */
  readonly sentence?: string | undefined;
}

/** What a part of a telling begins, where it names a make. */
function namedIn(segment: string, at: number, mark: string, text: string, context: LineContext): Begins | undefined {
  const words = wordsIn(segment);
  const typed = (from: number, to: number) => text.slice(at + from, at + to);
  const subject = subjectOf(segment, words, namesIn(words, context), context, typed);
  if (!subject) return undefined;
  const name = typed(subject.from, subject.to);
  const lead = segment.slice(0, subject.from);
  const line = mark.includes('\n') || at === 0;
  // Further on in a line a name begins a make where its size leads to it, or what says that it was made.
  if (subject.from > leadLength(segment) && !(line && (MADE.test(lead) || SIZE_FIRST.test(lead)))) return undefined;
  const known = subject.says.is === 'pattern';
  // An item of a list is what it begins with.
  const item = line && /[-*•]|\d[.)]/.test(mark) && subject.says.is === 'new thing';
  // A new name is one where a line begins with it, or something says that it was made: "the dress is lovely" names nothing.
  const named =
    known || item || MADE.test(lead) || ((line || mark.trim() !== '') && /^\p{Lu}/u.test(name) && /\s/.test(name)) || (line && /\s/.test(name));
  if (!named) return undefined;
  const key = subject.says.is === 'pattern' ? subject.says.patternId : name.toLowerCase();
  return { at, key, anew: line || MADE.test(lead) || ANOTHER.test(lead), ...(known ? {} : { newName: name }) };
}

/** What enters no make, and which no make takes for its words. */
const partAt = (at: number): Begins => ({ at, key: `at ${at}`, anew: true });

/** The places where a make may begin, or what is none. */
function partsOf(text: string, low: string, context: LineContext): readonly Part[] {
  const places = [...low.matchAll(MAY_BEGIN)].map((m) => ({ at: m.index + m[0].length, mark: m[0] }));
  const paragraphs = paragraphsOf(low);
  const starts = places.filter(({ at, mark }) => ENDS.test(mark) || at === 0).map(({ at }) => at);
  const sentences = new Map(starts.map((at, i) => [at, text.slice(at, starts[i + 1])]));
  return places.map(({ at, mark }, i): Part => {
    const sentence = sentences.get(at);
    if (sentence !== undefined && beginsOther(sentence, context, paragraphs.get(at))) return { at, begins: partAt(at) };
    return { at, begins: namedIn(low.slice(at, places[i + 1]?.at), at, mark, text, context), sentence };
  });
}

/**
 * Splits what was told of a whole evening into makes: where a line or a sentence begins with the name of another pattern, at blank lines, and at
 * "then I made …" where nothing was set between. What names none belongs to the make before it;
 * what tells that another garment was worn, or is to be made, stands by itself.
 *
 * @param context what lines are read against
 * @returns the makes in their order; with the gaps between them they are the text, character for character
 * @example splitTelling('Tidewater shirt C. Love it.\n\nGangway trousers 40', context).map((t) => t.text) // ['Tidewater shirt C. Love it.', 'Gangway trousers 40']
 */
export function splitTelling(text: string, context: LineContext): Told[] {
  const low = folded(text);
  const parts = partsOf(text, low, context);
  /** What begins where, once the telling has brought some names. */
  const begun = (names: readonly string[]) => {
    const told = { ...context, patterns: names.map((name) => ({ id: name, name })) };
    return parts.flatMap(({ at, begins, sentence }): Begins[] =>
      names.length > 0 && sentence !== undefined && beginsOther(sentence, told) ? [{ ...partAt(at), ofTold: true }] : begins ? [begins] : [],
    );
  };
  // What was told of may be spoken of again: "I also wore the Teasel skirt". What is only worn and nowhere made is told of for the first time.
  const begins = begun(newNames(begun(newNames(begun([])))));
  const starts: number[] = [];
  const ofTold = new Set<number>();
  let about: string | undefined;
  for (const { at, key, anew, ofTold: again } of begins) {
    if (key !== about || anew) starts.push(at);
    if (again) ofTold.add(at);
    about = key;
  }
  const first = low.search(/\S/);
  if (starts.length === 0 && first >= 0) starts.push(first);
  // What stands before the first make is told with it.
  else if (starts[0] !== undefined && /\p{L}/u.test(low.slice(0, starts[0]))) starts[0] = first;
  return starts.map((from, i) => {
    const told = text.slice(from, starts[i + 1] ?? text.length).replace(/(?:[\s,;]|\n[ \t]*(?:[-*•]|\d{1,2}[.)]))+$/, '');
    return { from, to: from + told.length, text: told, ...(ofTold.has(from) ? { ofTold: true as const } : {}) };
  });
}
