import type { GarmentKind } from '../records';
import { kindNamed } from '../records/garment-named';
import { isLower } from '../records/usual-zones';
import type { KnownPattern, LineContext, Subject } from './sentence';
import { folded, sameNoun, type NameFound, type WordAt } from './names';
import { isMadeOver, madeOverFrom, madeOverIn, withoutArticle } from './made-over';
import { BESIDE, isGarment, isKnownToBag, leadLength, newSubject } from './new-name';
import { CUTS, isTradeWord } from './words';

/** What is said of the main pattern where another brings the rest: "Saltmarsh bodice with Grebe sleeves". */
const MAIN_PART =
  /^ (?:bodice|body|top|skirt|trousers|legs?|front|back|upper|dress|shirt)(?= (?:with|plus|and|joined|combined|hacked|mashed|in|size|cut)\b|,| [a-z0-9]{1,3}(?: (?:with|plus|and|joined|combined)\b|,))/;

/** Behind the name of a pattern that lends a part. */
const LENDS =
  /^(?:'s)? (?:sleeves?|collar|cuffs?|pockets?|hood|waistband|yoke|placket|neckline)(?: and (?:sleeves?|collar|cuffs?))? (?:on|onto|for|in|instead)\b/;

/** Kinds that have a top and a skirt or legs. */
const WITH_BOTH: readonly GarmentKind[] = ['dress', 'one-piece', 'coat', 'nightwear', 'swimsuit'];

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
    return next && low.slice(n.to, next.from).trim() === '' && isGarment(next.word) && !isKnownToBag(next, low) ? next : undefined;
  };
  /** How long the part is that is said behind a name, where another pattern is named after it; 0 where none is. */
  const partAt = (at: number): number =>
    names.some((n) => n.kind === 'patterns' && n.from > at) ? (MAIN_PART.exec(low.slice(at))?.[0].length ?? 0) : 0;
  /** The garment behind one word more: "Kelp wrap dress". Fabric and colour stand there too, and a size. */
  const nounBeyond = (n: NameFound): WordAt | undefined => {
    const at = n.whole ? -1 : words.findIndex((w) => w.from >= n.to);
    const [between, noun] = at < 0 ? [] : words.slice(at, at + 2);
    if (!between || !noun || low.slice(n.to, between.from) !== ' ' || low.slice(between.to, noun.from) !== ' ') return undefined;
    return CUTS.has(between.word) && isGarment(noun.word) ? noun : undefined;
  };
  /** "Kelp tote" is not the Kelp leggings; a T-shirt is the tee, by another word for the same kind. */
  const isAnother = (n: NameFound): boolean => {
    // "Saltmarsh top with the skirt of …": of the dress.
    if (WITH_BOTH.includes(patternOf(n)?.kind ?? 'top') && partAt(n.to) > 0) return false;
    const noun = (nounAfter(n) ?? nounBeyond(n))?.word;
    const called = patternOf(n);
    // No trousers have a bodice.
    if (!n.whole && called?.kind !== undefined && isLower(called.kind) && /^ (?:bodice|sleeves?|collar)\b/.test(low.slice(n.to))) return true;
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
  const begun = newSubject({ low, words, typed, names: names.filter((n) => n.kind !== 'patterns' || !isAnother(n)) });
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
