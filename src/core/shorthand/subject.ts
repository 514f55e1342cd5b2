import { isSizeLabel } from '../garment/ladder';
import type { GarmentKind } from '../records';
import { isWithoutFit, kindNamed } from '../records/garment-named';
import type { KnownPattern, LineContext, Subject } from './sentence';
import { folded, sameNoun, type NameFound, type WordAt } from './names';
import { isMadeOver, madeOverFrom, madeOverIn, withoutArticle } from './made-over';
import { isTradeWord, JOINED_WITH } from './words';

/** After these another pattern is spoken of beside the one that the line is about. */
const BESIDE = new RegExp(
  `(?:\\b(?:like|than|same as|similar to|as with|instead of|${JOINED_WITH}|plus|with|(?:made over|refashioned|remade|recut|cut down|cut|upcycled) (?:from|out of))(?: the| my| an?)?|\\b(?:sleeves?|collar|cuffs?|skirt|bodice|neckline|pockets?|hood|waistband|yoke|front|back|legs?|facing|straps?|placket)(?: (?:is|are|was|were|taken|borrowed))* (?:of|from|off)(?: the| my| an?)?)\\s*$`,
);

/** What leads to the name of what was made. */
const LEAD =
  /^(?:(?:i|we|i've|just|finally|also|today|yesterday|made|sewed|sewn|finished|cut|have|has|had|another|a|an|the|my|me|new|some|pair|of|toile|muslin|wearable|this|is|was|it|it's|next|then|after that|afterwards|one|came|there|did|now|first|and|so|logged|log|up|myself|out|two|three|four|five|six|\d+x)\s+)*/;

/** How long the words are that lead to a name at the beginning of a folded text. */
export const leadLength = (low: string): number => LEAD.exec(low)?.[0].length ?? 0;

/** Words that no new name begins with or holds. */
const NO_NAME =
  /^(?:the|a|an|in|of|for|with|and|but|at|on|to|from|size|cut|made|took|let|it|is|was|my|her|his|too|very|not|no|love|loved|worn|wore|would|next|again|as|i|by|this|that|so|than|like|or|if|after|before|because|all|every|still|between)$/;

/** What is said of the main pattern where another brings the rest: "Saltmarsh bodice with Grebe sleeves". */
const MAIN_PART =
  /^ (?:bodice|body|top|skirt|trousers|legs?|front|back|upper|dress|shirt)(?= (?:with|plus|and|joined|combined|hacked|mashed|in|size|cut)\b|,| [a-z0-9]{1,3}(?: (?:with|plus|and|joined|combined)\b|,))/;

/** Behind the name of a pattern that lends a part. */
const LENDS =
  /^(?:'s)? (?:sleeves?|collar|cuffs?|pockets?|hood|waistband|yoke|placket|neckline)(?: and (?:sleeves?|collar|cuffs?))? (?:on|onto|for|in|instead)\b/;

/** Kinds that have a top and a skirt or legs. */
const WITH_BOTH: readonly GarmentKind[] = ['dress', 'one-piece', 'coat', 'nightwear', 'swimsuit'];

const MOST_WORDS = 5;
/** A word in folded text, and the one after it, as the names of kinds of garment are of one or two words. */
const isGarment = (words: string): boolean => kindNamed(words) !== undefined || isWithoutFit(words);

/**
 * A pattern or a thing that the ledger does not know, named at the beginning of a line: words that end in what kind of garment it is
 * ("Marigold blouse"), or a name with its size right behind it ("Kelpie M", "Kelpie size 40").
 */
function newSubject(
  low: string,
  words: readonly WordAt[],
  names: readonly NameFound[],
  typed: (from: number, to: number) => string,
): Subject | undefined {
  const start = leadLength(low);
  const first = words.findIndex((w) => w.from >= start);
  const taken: WordAt[] = [];
  for (const word of first < 0 ? [] : words.slice(first, first + MOST_WORDS + 1)) {
    const before = taken.at(-1);
    if (before && /[^\s'"-]/.test(low.slice(before.to, word.from))) break;
    const sized = isSizeLabel(word.word) || isSizeLabel(word.word.toUpperCase());
    if (before && sized && (/^\d/.test(word.word) || word.word.length <= 3) && !isGarment(word.word)) {
      const name = typed(taken[0]!.from, before.to);
      const after = low.slice(word.to);
      const known = isGarment(low.slice(taken[0]!.from, before.to));
      if (
        known ||
        (/^\s*(?:$|[,.;·|])/.test(after) &&
          taken.length <= 3 &&
          /^[a-z]/.test(word.word) &&
          !taken.some((w) => isTradeWord(w.word)) &&
          !/^[a-z]$/.test(word.word.replace(/^[sml]$/, '')))
      )
        return subjectNamed(name, taken[0]!.from, before.to);
      return undefined;
    }
    if (NO_NAME.test(word.word) || /^\d+[.,]/.test(word.word) || names.some((n) => n.from < word.to && n.to > word.from)) break;
    if (!isGarment(word.word) && isTradeWord(word.word) && taken.length > 0) break;
    taken.push(word);
    // "Shirt dress", "jeans jacket": as far as words for garments go.
    const next = words[first + taken.length];
    const goesOn =
      next !== undefined &&
      !/[^\s'"-]/.test(low.slice(word.to, next.from)) &&
      (isGarment(next.word) || /^(?:suit|bag|set|top|pants)$/.test(next.word));
    if (isGarment(word.word) && !goesOn) return subjectNamed(typed(taken[0]!.from, word.to), taken[0]!.from, word.to);
  }
  const [one, last] = [taken[0], taken.at(-1)];
  if (!one || !last || taken.length > 3) return undefined;
  return /^\s*,?\s*(?:in )?(?:an? )?size \S/.test(low.slice(last.to)) ? subjectNamed(typed(one.from, last.to), one.from, last.to) : undefined;
}

/** A pattern of the ledger, with the part of it that is said behind its name. */
const ofPattern = (pattern: KnownPattern, from: number, named: number, part: number): Subject => ({
  from,
  to: named + part,
  part: part > 0,
  says: { is: 'pattern', patternId: pattern.id },
  pattern,
  kind: pattern.kind,
  sizes: pattern.sizes ?? [],
});

const subjectNamed = (name: string, from: number, to: number): Subject =>
  isWithoutFit(name)
    ? { from, to, says: { is: 'new thing', name }, kind: undefined, sizes: [] }
    : { from, to, says: { is: 'new pattern', name }, kind: kindNamed(name), sizes: [] };

/**
 * What a line is about: the first pattern of the ledger that it names, unless it is only spoken of beside another ("with the sleeves of
 * …"); else one that it names first.
 */
export function subjectOf(
  low: string,
  words: readonly WordAt[],
  names: readonly NameFound[],
  context: LineContext,
  typed: (from: number, to: number) => string,
): Subject | undefined {
  const patternOf = (n: NameFound) => context.patterns.find((p) => p.id === n.id);
  /** The garment that is said right behind a short form of a name. */
  const nounAfter = (n: NameFound): WordAt | undefined => {
    const next = n.whole ? undefined : words.find((w) => w.from >= n.to);
    return next && low.slice(n.to, next.from).trim() === '' && isGarment(next.word) ? next : undefined;
  };
  /** How long the part is that is said behind a name, where another pattern is named after it; 0 where none is. */
  const partAt = (at: number): number =>
    names.some((n) => n.kind === 'patterns' && n.from > at) ? (MAIN_PART.exec(low.slice(at))?.[0].length ?? 0) : 0;
  /** "Kelp tote" is not the Kelp leggings; a T-shirt is the tee, by another word for the same kind. */
  const isAnother = (n: NameFound): boolean => {
    // "Saltmarsh top with the skirt of …": of the dress.
    if (WITH_BOTH.includes(patternOf(n)?.kind ?? 'top') && partAt(n.to) > 0) return false;
    const noun = nounAfter(n)?.word;
    const called = patternOf(n);
    if (noun === undefined || (called?.kind !== undefined && kindNamed(noun) === called.kind)) return false;
    return !folded(called?.name ?? '')
      .split(/\s+/)
      .some((word) => sameNoun(word, noun));
  };
  const over = madeOverIn(low, names);
  if (over) {
    const said = typed(over.name.from, over.name.to);
    const was = { ...over.was, low: low.slice(over.was.from, over.was.to), typed: typed(over.was.from, over.was.to) };
    const also = madeOverFrom(was, over.label, names);
    // A mere “skirt” could be any: what it was tells it from others.
    const name = over.name.from === over.was.from || /\s/.test(said) ? said : `${said} from ${withoutArticle(was.typed)}`;
    return { from: over.from, to: over.to, says: { is: 'remade', name }, also, kind: kindNamed(name), sizes: [] };
  }
  const others = (n: NameFound) => names.some((o) => o.kind === 'patterns' && o !== n);
  // "I used the Tidewater collar on the Bollard overshirt": it lends a part.
  const lends = (n: NameFound) => LENDS.test(low.slice(n.to)) && others(n);
  const patterns = names.filter((n) => n.kind === 'patterns' && !BESIDE.test(low.slice(0, n.from)) && !lends(n) && !isAnother(n));
  const atStart = (n: NameFound) => leadLength(low) >= n.from;
  // A name that is a word of the trade counts where a name is looked for: at the beginning.
  const found = patterns.find((n) => atStart(n) || /\s/.test(low.slice(n.from, n.to)) || !isTradeWord(low.slice(n.from, n.to)));
  const pattern = found && patternOf(found);
  if (found && pattern) {
    // A noun that is the part which it brings is none of its name.
    const named = partAt(found.to) > 0 ? found.to : (nounAfter(found)?.to ?? found.to);
    return ofPattern(pattern, found.from, named, partAt(named));
  }
  const begun = newSubject(
    low,
    words,
    names.filter((n) => n.kind !== 'patterns' || !isAnother(n)),
    typed,
  );
  // A beginning that several patterns share names none of them, and nothing new.
  const shared =
    begun &&
    !isGarment(low.slice(begun.from, begun.to)) &&
    context.patterns.some((p) => folded(p.name).startsWith(`${low.slice(begun.from, begun.to)} `));
  // "The sleeves of the Tidewater shirt" are its own where nothing else is named.
  const [only] = begun ? [] : names.filter((n) => n.kind === 'patterns' && !isAnother(n));
  const lone = only && patternOf(only);
  if (only && lone) return ofPattern(lone, only.from, only.to, 0);
  if (shared || !begun || !('name' in begun.says) || !isMadeOver(low)) return shared ? undefined : begun;
  // What is made over from another needs no pattern.
  return { ...begun, says: { is: 'remade', name: begun.says.name } };
}
