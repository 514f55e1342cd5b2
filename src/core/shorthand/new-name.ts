import { isSizeLabel } from '../garment/ladder';
import { isWithoutFit, kindNamed } from '../records/garment-named';
import { MONTH_NAMES } from '../units/date';
import { ORDINAL } from './amounts';
import { MONTH, SHORT_MONTH, SHORT_WEEKDAY } from './recognise/date';
import type { Sentence, Subject } from './sentence';
import { FABRIC_COLOUR, FABRIC_NOUN, FABRIC_NOUNS } from './fabric-nouns';
import { MAKE_LABEL } from './form-labels';
import type { WordAt } from './names';
import { CHILDREN, isTradeWord, JOINED_WITH, TOILE } from './words';

/** A line as far as it is known before what it is about. */
export type LineSoFar = Pick<Sentence, 'low' | 'names' | 'typed'> & { readonly words: readonly WordAt[] };

/** After these another pattern is spoken of beside the one that the line is about. */
export const BESIDE = new RegExp(
  `(?:\\b(?:like|than|same as|similar to|as with|instead of|${JOINED_WITH}|plus|with|(?:made over|refashioned|remade|recut|cut down|cut|upcycled) (?:from|out of))(?: the| my| an?)?|\\b(?:sleeves?|collar|cuffs?|skirt|bodice|neckline|pockets?|hood|waistband|yoke|front|back|legs?|facing|straps?|placket)(?: (?:is|are|was|were|taken|borrowed))* (?:of|from|off)(?: the| my| an?)?)\\s*$`,
);

const MADE = '(?:made|sewed|sewn|started|begun|began|finished|completed|cut|stitched|whipped|ran|run|knocked|threw|thrown|together)';
/** Which of its kind it is: "my very first pair", "the third". */
const WHICH = `(?:very|first ever|${ORDINAL})`;
/** About when, said before all else: "last winter I made". */
const WHEN = `(?:(?:last|this|one|over the) (?:night|morning|afternoon|evening|week|weekend|month|year|summer|winter|spring|autumn|fall|holidays|christmas)|(?:on |last |this )?(?:mon|tues|wednes|thurs|fri|satur|sun)day|(?:(?:in|back in|last) )?(?:${MONTH_NAMES.join('|').toLowerCase()})(?: \\d{4})?(?= i |[,:]| [-–] )|(?:${MONTH})\\.? \\d{1,2}(?:st|nd|rd|th)?(?:,? \\d{4})?(?=[,:]| [-–] )|(?:a|one|two|three|a few|\\d{1,2}) (?:days?|weeks?|months?|years?|summers?|winters?) ago|today|yesterday|\\d{1,2}(?:st|nd|rd|th)?\\.? (?:${MONTH})(?![a-z])\\.?|(?<=^|\\n)\\d{1,2}[./]\\d{1,2}\\.?(?= )|(?:${MONTH})\\.?(?: \\d{4})?(?= ?:| - |, )|(?<=^|\\n)${SHORT_MONTH}\\.?(?= [a-z]))`;
/** Whom it is for, said before all else: "for my niece Runa (she's 6) I made", "for me: the …". */
const FOR_WHOM =
  "(?<=^)for (?:(?:my|our) [a-z]+(?: [a-z'-]+)?|[a-z'-]+)(?: \\([^()]*\\))?(?: ?[:,])?(?= (?:i|we|the|a|an|another|my|some|[a-zß-ɏ'-]+) )";
/** Whom it was made for, between what was done and what was made: "made my little sister a skirt". */
const SOMEBODY = "(?<=(?:made|sewed|sewn) (?:(?:my|our) )?)(?:(?:little|big|older|younger|best|own) )?[a-zß-ɏ'-]+(?:-in-law)?";
/** What stands over a list: "Things I sewed in lockdown:". */
const HEADING = '(?<=^)[^\\n:.;!?,]{3,60}: *\\n[ \\t]*(?:(?:[-*•]|\\d{1,2}[.)])[ \\t]+)?';
/** What leads to the name of what was made. */
const LEAD = new RegExp(
  `^(?:${HEADING})?(?:(?:${WHEN}(?:[,:]| -)?|(?:[a-z]+ ){0,2}(?:sewing|makes|projects|gifts|presents|list|haul)(?: (?:for|in|of) [a-z]+)?(?: (?:19|20)\\d{2})? ?:|(?:[a-z]+ )?(?:log|diary|entry)(?: (?:for|of) [a-z]+)? ?:|${FOR_WHOM}|(?:${ORDINAL}|next|last|another|other) (?:thing|make|garment|project|item)(?: (?:is|was))?(?: ?[:,])?|(?:${MAKE_LABEL}|${SHORT_WEEKDAY}) ?:|oh yeah|wip|ufo|(?:go|attempt|try|stab|crack|shot) at|i'm|(?:half ?way|part way|nearly) through|(?:working|busy) on|in the middle of|traced|(?:${CHILDREN}) got|(?:started|began|begun|starting|kicked)(?: off)? with|oh|plus|i|we|i've|just|finally|also|${MADE}|have|has|had|another|a|an|the|my|me|new|some|only|pairs?|of|${TOILE}|wearable|tried(?: out)?(?= (?:the|an?|my|out) )|tested|(?<=\\b(?:the|a) )free|(?<=^|\\n)1(?= (?!x )[a-z])|this|is|was|it|it's|next|then|(?:before|after) (?:that|this|it)|afterwards|one|came|there|there's|first(?= (?:the|an?|my|i|we) )|firstly|secondly|last|lastly|okay|ok|did|now|what(?= (?:i|we) )|${SOMEBODY}(?= (?:a|an|another|some|two|three) )|${WHICH}|and|so|logged|log|up|myself|out|two|three|four|five|six|\\d+ ?[x×](?= )|[2-9]|(?:size|sz)\\.? ?(?:\\d{1,2}|x{0,3}[sml])(?= (?!bust|waist|hips?|bodice|sleeves?|shoulders?|all|throughout|straight|graded)[a-z])|(?<=\\ba )[1-9]\\d?|(?<=\\ban )(?:8|11|18)|(?<=\\ban? )(?:quick|simple|easy|cute|lovely|nice|comfy|cosy|gorgeous|beautiful|pretty|little|plain|basic))\\s+)*`,
);

/** Where a name may stand further on, behind what was said of it first: "in a size 14 of the …", "took in the …". */
const NAMED_LATER = new RegExp(
  `\\b(?:${MADE}|(?:took|taken|let) (?:in|up|out|down)|hemmed|shortened|lengthened|altered|mended|repaired|(?:size|sz|uk|us|eu) ?(?:[a-z0-9]{1,4}|small|medium|large|(?:x|extra)[ -]?(?:small|large)))(?:,? (?:up|in|out|of|for|the|a|an|my|our|another|me|myself|her|him|them|us|new|${WHICH}|two|three|four|five|six|[2-9]|pairs?))* `,
  'g',
);
/** Where a name may stand that nothing but its own noun tells of: used where a line names none elsewhere. */
const NAMED_AT_ALL =
  /(?:\n[ \t]*(?:(?:[-*•]|\d{1,2}[.)]|\d)[ \t]+)?|[.!?;:,] (?:(?:the|an?|my|another|new|second|third|fourth) )*|\b(?:the|my|this|our|an?) )/g;
/** What it is worn with is not what was made. */
const WORN_WITH = /\b(?:wore|wear|wears|worn|wearing|goes|go|matches|match|paired?)\b[^,;.]*$/;
/** What was spoken of already, and is not named by that. */
const POINTS_BACK = /\b(?:this|that|these|those)(?: pair of)? $/;
/** Where a bare noun is named more closely: "my first dress: the …". */
const NAMED_CLOSER = /^\s*(?:[:,-] (?:(?:it's|this is|it was|called) )?| (?:is|was|has to be|must be|is still|is probably) )(?:the|a|an|my) /;
/** "My favourite dress is the Wren dress": which one is said behind it. */
const NO_NAME_YET = /^(?:(?:most|all-time) )?(?:favou?rite|fave|best|worst|latest|newest|recent|last|easiest|quickest|go-to) /;

/** How long the words are that lead to a name at the beginning of a folded text. */
export const leadLength = (low: string): number => LEAD.exec(low)?.[0].length ?? 0;

/** Words that no new name begins with or holds. */
const NO_NAME =
  /^(?:the|a|an|in|of|for|with|and|but|at|on|to|from|size|straight|cut|made|took|let|altered|mended|repaired|patched|darned|hem|hemmed|shortened|lengthened|unpicked|washed|ironed|it|they|them|these|those|is|was|my|her|his|too|very|not|no|love|loved|worn|wore|would|next|again|as|i|by|this|that|so|than|like|or|if|after|before|because|all|every|still|between|which|what|who|whose|where|when|why|how)$/;

const FABRICS: ReadonlySet<string> = new Set(FABRIC_NOUNS);
const MOST_WORDS = 6;
/** Whether a word of a folded text, or two, are what a garment or a thing is called. */
export const isGarment = (words: string): boolean => kindNamed(words) !== undefined || isWithoutFit(words);

/** A part of a garment, or how it closes, that its style may be called by. */
const STYLE_PART =
  /^(?:sleeved?|leg|legged|waist|waisted|neck|necked|seam|seamed|pocket|collar|hem|front|back|shoulder|cuff|rise|length|down|up|button|zip|strap|elastic)$/;
/** Words that may stand between that and the garment: "elastic waist wide leg trousers". */
const STYLE_GOES_ON = 4;

/** Behind "bag" or "bags": that trousers do so at the knee. */
const BAGS_OUT =
  /^ (?:out\b(?! of (?!shape))|(?:a bit|a little|slightly|badly)(?![a-z])|(?:at|in|around|round|behind|under|over|across) (?:the |my )?(?:back |front )?(?:knees?|seat|bum|bottom|crotch|elbows?|thighs?|tummy|waist|hips?|back|front)\b)/;
/** Whether a word is what a garment does, and no thing that was made: "the knees bag out", "the Gangway bags at the seat". */
export const isBaggingOut = ({ word, to }: WordAt, low: string): boolean => /^bags?$/.test(word) && BAGS_OUT.test(low.slice(to));
/** The same of one that is known, where more says so: "the Gangway bags in the wash". */
export const isKnownToBag = (next: WordAt, low: string): boolean =>
  isBaggingOut(next, low) || (next.word === 'bags' && /^ (?:at|out|in|round|around|under|over|behind)\b/.test(low.slice(next.to)));

/** What parts two words of one name. */
const PARTS = /[^\s'"-]|\n/;
const adjoin = (low: string, one: WordAt, next: WordAt): boolean => !PARTS.test(low.slice(one.to, next.from));

/** How many words of a style lead on from a word to what kind of garment it is: "wide leg trousers", "elastic waist midi skirt". */
function styleFrom(low: string, words: readonly WordAt[], at: number): number {
  if (!STYLE_PART.test(words[at]?.word ?? '')) return 0;
  for (const [i, word] of words.slice(at + 1, at + 1 + STYLE_GOES_ON).entries()) {
    if (!adjoin(low, words[at + i]!, word) || NO_NAME.test(word.word)) return 0;
    if (isGarment(word.word)) return i + 1;
  }
  return 0;
}

/**
 * A pattern or a thing that the ledger does not know, named at a place: words that end in what kind of garment it is ("Marigold blouse"), or
 * a name with its size right behind it ("Kelpie M", "Kelpie size 40").
 */
function newSubjectAt(start: number, { low, words, names, typed }: LineSoFar): Subject | undefined {
  const first = words.findIndex((w) => w.from >= start);
  const taken: WordAt[] = [];
  let ofStyle = 0;
  for (const word of first < 0 ? [] : words.slice(first, first + MOST_WORDS + 1)) {
    const before = taken.at(-1);
    // No name goes on in the next line.
    if (before && !adjoin(low, before, word)) break;
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
    ofStyle = Math.max(ofStyle - 1, styleFrom(low, words, first + taken.length));
    if (!isGarment(word.word) && isTradeWord(word.word) && taken.length > 0 && ofStyle <= 0) break;
    taken.push(word);
    // "Shirt dress", "jeans jacket": as far as words for garments go.
    const next = words[first + taken.length];
    const goesOn =
      next !== undefined &&
      !/[^\s'"-]/.test(low.slice(word.to, next.from)) &&
      (isGarment(next.word) || /^(?:suit|bag|set|top|pants|bottoms|covers?)$/.test(next.word));
    // "Tea towel": two words that are one only together.
    const ofTwo = before !== undefined && isGarment(`${before.word} ${word.word}`) && !isGarment(before.word);
    // A cushion cover is what a cushion is.
    const ofBefore = before !== undefined && /^(?:bottoms|covers?)$/.test(word.word) && isGarment(before.word);
    const isOfSleeve = /^caps?$/.test(word.word) && before?.word === 'sleeve';
    const noun = !isBaggingOut(word, low) && !isOfSleeve && (isGarment(word.word) || ofTwo || ofBefore);
    if (noun && !goesOn) {
      // What it is of is no part of its name, where a name is left: "red corduroy Tern dungarees".
      const of = taken.findLastIndex((w, i) => i < taken.length - 2 && FABRICS.has(w.word));
      const from = taken[of + 1]!.from;
      const name = typed(from, word.to);
      return subjectNamed(SEVERAL.test(low.slice(0, from)) ? oneOf(name) : name, from, word.to);
    }
  }
  const [one, last] = [taken[0], taken.at(-1)];
  // "Navy linen, size 14" says what of, and no name.
  if (!one || !last || taken.length > 3 || FABRICS.has(last.word)) return undefined;
  return /^\s*,?\s*(?:in )?(?:an? )?size \S/.test(low.slice(last.to)) ? subjectNamed(typed(one.from, last.to), one.from, last.to) : undefined;
}

/** "From the Tern pattern", ", Tern pattern,": a name by itself. */
const CALLED =
  /(?:\b(?:from|using|used|following)(?: (?:the|a|an|my))? |[,;(] ?(?:(?:the|a) )?)(?<name>(?!(?:from|using|used|following)\b)[\p{L}'&-]{3,}(?: [\p{L}'&-]{3,}){0,2})(?: sewing)? pattern(?= *(?:$|[,;.·|)]|in\b|by\b|for\b|size\b|again\b|but\b|and\b|with\b))/u;
/** ", pattern: Tern,", "(pattern: Tern)". */
const CALLED_BEHIND = /[,;(] ?pattern: ?(?:the )?(?<name>[\p{L}'&-]{3,}(?: [\p{L}'&-]{3,}){0,2})(?= *(?:$|[,;.·|)\n]))/u;
/** What a pattern is that is not called so: how it came, and what is printed on a fabric. */
const NOT_CALLED =
  /\b(?:own|self|drafted|paper|pdf|free|bought|vintage|old|new|same|this|that|other|another|first|last|commercial|indie|magazine|book|basic|simple|traced|printed|sewing|master|floral|flower|flowery|leaf|stripe|striped|check|checked|dot|dotted|spotted|geometric|animal|zigzag|paisley|lovely|nice|pretty|busy|bold|small|large|big)\b/;

/** A pattern that is called one, with what it is of from the words around: the Tern dungarees. */
function calledPattern({ low, names, typed }: LineSoFar): Subject | undefined {
  const found = CALLED.exec(low) ?? CALLED_BEHIND.exec(low);
  const said = found?.groups?.['name'];
  if (!found || said === undefined || NOT_CALLED.test(said) || said.split(' ').some((word) => isTradeWord(word) || NO_NAME.test(word)))
    return undefined;
  if (names.some((n) => n.kind === 'patterns')) return undefined;
  const from = found.index + found[0].indexOf(said);
  const name = typed(from, from + said.length);
  const of = isGarment(said) ? undefined : low.split(/[^\p{L}-]+/u).find(isGarment);
  // "Dungarees from the Tern pattern" speak of one thing.
  const noun = /[\p{L}-]+ ?$/u.exec(low.slice(0, found.index))?.[0] ?? '';
  const start = isGarment(noun.trim()) ? found.index - noun.length : from;
  return subjectNamed(of === undefined ? name : `${name} ${of}`, start, found.index + found[0].length);
}

/** A count right before a name. */
const SEVERAL = /\b(?:two|three|four|five|six|[2-9]|\d+ ?x) $/;
/** The name of one of several garments: two of a pattern are no other. What is a pair anyway, and a set of things, keep their plural. */
function oneOf(name: string): string {
  if (isWithoutFit(name) || ['trousers', 'shorts', 'one-piece', 'briefs', 'nightwear'].includes(kindNamed(name) ?? '')) return name;
  return [name.replace(/es$/i, ''), name.replace(/s$/i, '')].find((one) => one !== name && isGarment(/[^\s-]+$/.exec(one)?.[0] ?? '')) ?? name;
}

/**
 * A name that the ledger does not know: where a line begins, behind what leads to it; else further on, where it is called by a name and by
 * what it is.
 *
 * @param line its names without those that are of another garment
 */
export function newSubject(line: LineSoFar): Subject | undefined {
  const { low } = line;
  const first = calledPattern(line) ?? newSubjectAt(leadLength(low), line);
  const bare = first !== undefined && !/\s/.test(low.slice(first.from, first.to));
  const begun = bare && POINTS_BACK.test(low.slice(0, first.from)) ? undefined : first;
  const nameAndNoun = (at: number): Subject | undefined => {
    const found = newSubjectAt(at, line);
    const [said, opens] = found ? [low.slice(found.from, found.to), low.slice(found.from).split(/[ -]/, 1)[0]] : ['', ''];
    // "Size 12 linen shift dress": what it is of stands before its name.
    const isNext =
      found !== undefined &&
      low
        .slice(at, found.from)
        .trim()
        .split(' ')
        .every((word) => word === '' || FABRICS.has(word));
    return isNext && isGarment(said) && said !== opens && !isTradeWord(opens ?? '') ? found : undefined;
  };
  /** "My first jeans! Curlew jeans": the same noun, and a name. */
  const namedAfter = ({ from, to }: Subject) => {
    const gap = /^\s*[!:.,-]+\s+/.exec(low.slice(to));
    const found = gap && nameAndNoun(to + gap[0].length);
    return found && low.slice(found.from, found.to).endsWith(` ${low.slice(from, to)}`) ? found : undefined;
  };
  // "My first dress: the Marlin dress" speaks of one thing.
  const closer = begun && (bare || NO_NAME_YET.test(low.slice(begun.from, begun.to))) ? NAMED_CLOSER.exec(low.slice(begun.to)) : null;
  if (begun) return (closer && nameAndNoun(begun.to + closer[0].length)) ?? (bare ? namedAfter(begun) : undefined) ?? begun;
  for (const cues of [NAMED_LATER, NAMED_AT_ALL])
    for (const cue of low.matchAll(cues)) {
      const at = cue.index + cue[0].length;
      const before = low.slice(0, at);
      const found = (cues === NAMED_LATER ? BESIDE : WORN_WITH).test(before) ? undefined : nameAndNoun(at);
      if (found) return found;
    }
  return numberedPattern(line);
}

/** A pattern by its number, with its maker's name or without: "Saltbox 8458, 14", "S8458 view B", "pattern 1234 size 12". */
const BY_NUMBER = new RegExp(
  `^(?:(?:pattern|model|style) (?=\\p{L}{0,2}\\d{3}))?(?<name>(?:\\p{L}[\\p{L}'&-]+ ){0,2}(?:\\p{L}{0,2}\\d{4,5}|\\p{L}{1,2}\\d{3}|(?<=(?:pattern|model|style) )\\d{3})[a-z]?)(?=,? (?:view [a-z](?![a-z])|(?:in )?(?:an? )?size \\S|\\d{1,2}(?: *(?:$|,)| (?:${FABRIC_COLOUR}|${FABRIC_NOUN})(?![a-z]))))`,
  'u',
);
function numberedPattern({ low, typed }: LineSoFar): Subject | undefined {
  const start = leadLength(low);
  const found = BY_NUMBER.exec(low.slice(start));
  const name = found?.groups?.['name'];
  if (!found || name === undefined || name.split(' ').some((word) => isTradeWord(word) || NO_NAME.test(word))) return undefined;
  const from = start + found[0].length - name.length;
  return subjectNamed(typed(from, from + name.length), start, from + name.length);
}

const subjectNamed = (name: string, from: number, to: number): Subject =>
  isWithoutFit(name)
    ? { from, to, says: { is: 'new thing', name }, kind: undefined, sizes: [] }
    : { from, to, says: { is: 'new pattern', name }, kind: kindNamed(name), sizes: [] };
