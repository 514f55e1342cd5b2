import { folded, namesIn, sameNoun, wordsIn } from './names';
import type { LineContext } from './sentence';
import { anyOf, ORDINAL } from './amounts';
import { FABRIC_COLOUR, FABRIC_NOUN } from './fabric-nouns';
import { IS_OR_WAS } from './garment-words';
import { isGarment, leadLength } from './new-name';
import { beginsOther, beginsUnknown, isLeftToDo, reportsOf } from './acts/begins-other';
import type { TimeAbove } from './draft-from-line';
import { DAY, DOUBTFUL, MONTH, SHORT_MONTH, SHORT_WEEKDAY, WEEKDAYS } from './recognise/date';
import { STILL_TO_DO } from './recognise/note';
import { isNameBefore } from './recognise/person';
import { FIRST } from './report';
import { subjectOf } from './subject';
import { HEADING_BEHIND, HEADING_LINE, LIST_HEADING, LIST_WORDS, SIGN, SIGN_BEHIND, withoutTail } from './telling-lists';
import { timeOver, timesAbove, timesOfLists, type Time } from './telling-times';
import { CHILDREN, TOILE } from './words';

/** A part of a telling that is one make. */
export interface Told {
  readonly from: number;
  readonly to: number;
  readonly text: string;
  /** It tells no make, but something of a garment that is only told of with it. */
  readonly ofTold?: true;
  /** Where in the telling a garment is spoken of by what it is, and its name: "the cardigan" by itself would be another. */
  readonly called?: { readonly from: number; readonly to: number; readonly name: string };
  /** What it is one more of, where it does not say so itself. */
  readonly oneMoreOf?: string;
  /** The month or the year that was said above it, where that is over. */
  readonly within?: TimeAbove;
}

/**
 * A part of a telling as it is read: by the name that it goes on with.
 *
 * @example lineOf({ text: 'In May I made a second pair in 38', oneMoreOf: 'Curlew jeans', from: 80, to: 113 }) // 'Curlew jeans: In May I made a second pair in 38'
 */
export const lineOf = ({ text, oneMoreOf }: Told): string => (oneMoreOf === undefined ? text : `${oneMoreOf}: ${text}`);

/** One of several in a row. */
const LISTED = '(?:and )?(?:an?|one|two|three|four|[1-9]|\\d+ ?[x×]|another) ';
/** What was made, listed behind a colon. */
const AS_MADE = '(?:made|sewed|finished|sewing|sewn|makes)[^:.;!?\\n]{0,40}: ?[^.;!?\\n]{3,300}';
const LISTED_AS_MADE = new RegExp(`${AS_MADE},[ \\t]+(?:and )?$`);
/** A few words with a size behind them. */
const NAME_AND_SIZE =
  '(?![^,.;\\n]* pattern )(?:and )?(?:the )?(?:[\\p{L}\'-]+ ){2,4}\\(?(?:(?:in|cut|an?|size) )*(?:\\d{1,2}|x{0,3}[sml])(?![\\p{L}\\d/½¼¾]|[.,]\\d)(?! ?(?:c?mm?|inch(?:es)?|"|h|hours?|times|euros?))';
/** Where a make may begin. */
const MAY_BEGIN = new RegExp(
  [
    `(?:^|\\n)[ \\t]*(?:${SIGN})?(?:(?:19|20)\\d{2} ?[:-][ \\t]+)?`,
    // No sentence ends with "15 Jan.".
    '(?<!\\d (?:jan|feb|mar|apr|jun|jul|aug|sept?|oct|nov|dec))[.!?;]+[ \\t]+',
    // "A tank top in S and a pair of shorts, size 12".
    '(?<=[\\p{L}\\d)])(?<!\\b(?:oh|well|so|also|then|now)) (?:and|plus) (?=(?:the|my|an?|another|some|two|three|four|[2-9]) )',
    '(?<!\\band)[\\s,]+(?=(?:and )?the (?:second|third|fourth|fifth|other) (?:(?:one|pair) )?(?:in|is|was|also|came) )',
    `(?<=[\\p{L}\\d)]),[ \\t]+(?=${LISTED})`,
    // "Made this year: Puffle dress for Runa, Sandpiper shorts for Tom": what is listed behind a colon.
    `,(?<=${AS_MADE},)[ \\t]+(?:and )?`,
    // "Tern skirt in 14, Skerry tee M in jersey": names with their sizes.
    `(?<=[\\p{L}\\d)])(?<!(?:^|\\n)[ \\t*•-]*${MONTH}),[ \\t]+(?=${NAME_AND_SIZE})`,
    `(?<=(?:^|\\n)${LIST_WORDS}):[ \\t]+(?=${NAME_AND_SIZE})`,
    // "April was trousers month: Heron trousers size 14".
    `(?<=\\b(?:month|week|season|time|turn|day)):[ \\t]+(?=${NAME_AND_SIZE})`,
    // "The Redshank jacket is cut out, the Dunlin coat needs its lining".
    `(?<=[\\p{L}\\d)]),[ \\t]+(?:and )?(?=(?:the|my) (?:[\\p{L}'-]+ ){2,3}(?:is|was|are|were|just|only|still|needs?|has|i've|i have)(?![\\p{L}]))`,
    // "This winter: 3 pairs of pyjama bottoms, 1 cardigan (M), 2 tees".
    `:[ \\t]+(?=${LISTED}[^,:.;!?\\n]{3,60}(?:\\([^)\\n]{1,40}\\))?,[ \\t]+${LISTED}[\\p{L}])`,
    // Words that lead on where nobody set a full stop.
    ' (?:(?:um|uh|erm|er),? )*what else,? |[\\s,]+(?:(?:um|uh|erm|er|well),? )*oh yeah,? (?=(?:and )?(?:the|my|i) )',
    '(?<!\\b(?:and|i|we|the|my))[\\s,]+(?=(?:and )?(?:then|next|after that|afterwards|also) |(?:oh,? |so |well )*and (?:(?:i|we|also|then|just|finally) )*(?:made|sewed|cut out|finished) )',
  ].join('|'),
  'gu',
);
/** That a fabric is named. */
const FABRIC_SAID = new RegExp(`(?<![a-z])${FABRIC_NOUN}(?![a-z])`);
/** An item of a list. */
const ITEM = new RegExp(`(?:^|\\n)[ \\t]*${SIGN}[^\\n]*\\p{L}`, 'u');
/** What ends a sentence or a line. */
const ENDS = /[\n.!?;]/;
/** What stands before a paragraph. */
const BLANK_LINE = new RegExp(`\\n[ \\t]*\\n\\s*(?:${SIGN})?`, 'g');
/** Words that say that something was made. */
const MADE = new RegExp(
  `\\b(?:made|sewed|sewn|tried(?! on)|tested|cut|finished|completed|started|begun|began|did|traced|(?:half ?way|part way|nearly) through|working on|in the middle of|(?:${CHILDREN}) got|next is|next was|next came)\\b`,
);

/** The same right before a name: "so I made her the Wren dress". */
const MADE_RIGHT_BEFORE = /\b(?:made|sewed)(?: (?:her|him|them|me|myself|us))? (?:the|an?|another) $/;
/** The same behind it: "the smock top that I made last week". */
const THAT_I_MADE = /^ (?:(?:that|which) )?(?:i|i've|we) (?:made|sewed|finished)(?![a-z])/;
/** Words that say that something was done to a garment that was sewn before. */
const DONE_TO =
  /(?:^|\b(?:also|then|and|i|finally|just) )(?:hemmed|mended|repaired|altered|shortened|lengthened|(?:took|taken|let) (?:in|up|out|down)) (?:the|my) $/;

/** "And then a heron coat", as it is dictated. */
const THEN_ONE = /\b(?:then|next|after that|afterwards) (?:an?|another|my) $/;

/** Words that say that it is one more. */
const ANOTHER = new RegExp(`\\b(?:another|${ORDINAL} one)\\b`);

const NUMBERED = '(?:v\\.? ?|version |no\\.? ?|#|attempt |try |take )\\d{1,2}(?![\\p{L}\\d]| ?(?:cm|mm|inch|m\\b))';
const VERSION_HERE = new RegExp(`^(?:and |then |the )*${NUMBERED}`, 'u');
const VERSION_SAID = new RegExp(`(?<![\\p{L}\\d])${NUMBERED}`, 'u');
const OF_TOILE = new RegExp(`(?<![a-z])${TOILE}s?(?![a-z])`);
/** Behind a toile: that now it is the garment itself. */
const AFTER_A_TOILE = new RegExp(
  `^${FIRST}(?:(?:and|then|so|the|my|for) )*(?:(?:final|real|proper|finished|actual|good)(?: (?:one|thing|version|pair|garment|deal|make))? ?(?:in|is|was|from|with|:|(?=size|\\d))|(?:then|so|next|finally) (?:i )?(?:cut|made|sewed)(?: (?:it|them|out|up))* (?:(?:in|size|an?|the|from|out of) )*(?:${FABRIC_NOUN}|${FABRIC_COLOUR}|\\d{1,2}|x{0,3}[sml])(?![a-z\\d])|(?:altered|alterations?|changed|changes|adjusted|adjustments|corrected|fixed)(?: (?:the )?(?:pattern|paper))? ?:)`,
);
/** One more of what was told of before, by no name: "in May I made a second pair", "another one in grey". */
const ONE_MORE = new RegExp(
  `^${FIRST}(?:${DOUBTFUL},? +)?${FIRST}(?:(?:made|sewed|cut(?: out)?|finished|started) +(?:(?:a|the|my|another|myself) +)*(?:${ORDINAL} +|another +|next +)(?:pair|one|version)|(?:and )?(?:the )?(?:${ORDINAL} (?:pair|one|version)(?: (?:is|was|i made|i cut))?|next (?:pair|one|version) (?:was|came|i made|i cut|is (?!going|to be|meant|planned)))|(?:(?:and|then|the|a|my|made|i) )*(?:second|third|fourth|fifth|next|another|new|1st|2nd|3rd) ${TOILE}s?|${TOILE}s? (?:no\\.? ?|number |#)?[2-9]|another(?: (?:one|pair|version))? (?:in|from|out of|for)|(?:and )?the (?:second|third|fourth|fifth|other) (?:in(?![a-z])|is|was|also|came|i|fits|(?=\\())|(?:and |but )?for the (?:second|third|fourth|fifth)(?: (?:one|pair|version|try|attempt|time))?,? i|(?:and |the |my )*(?:second|third|fourth|fifth) (?:attempt|try|go|time(?: round)?)(?!,? (?:with|sewing|using|wearing|i (?:wear|wore)))|(?:second|third|fourth|fifth)(?: (?:one|pair))? (?:in|for)|(?:and |then |i |so )*(?:made|sewed) (?:(?:it|this|these|them|one|another|the same) )?again(?= (?:in|for|with|out) )|(?:and )?then (?:(?:one|another) )?in (?:an? )?(?:size )?(?:\\d{1,2}|x{0,3}[sml]))(?![a-z])`,
);

/** The same once more: an item of a list in any way, a line only in another fabric or size. */
const SAME = /^(?:(?:the|exactly) )*same(?: (?:but|with|in|again|as)|,)/;
const SAME_IN = /^(?:(?:the|exactly) )*same(?: again| pattern)?,?(?: but)? in (?!the same)/;
/** What is the first of its kind that she made, and is told of already. */
const FIRST_EVER =
  /^(?:(?:it's|it is|this is|was|my|the) )*(?:very )?first (?:ever )?(?:pair of )?[a-z-]+(?: (?:ever|i(?:'ve| have)? (?:ever )?(?:made|sewn|sewed|finished)))?\s*(?:$|[.!;\n])/;
/** A size that stands before the name. */
const SIZE_FIRST = /^\s*(?:[-*•] )?(?:size|sz|uk|us|eu) ?[a-z0-9]{1,4} $/;

/** What is still to be done. */
const TO_DO = new RegExp(`^${STILL_TO_DO} ?:`);
/** A day of a diary, over what may go on from the day before. */
const OF_A_DAY = new RegExp(`^\\s*(?:[-*•] )?(?:${anyOf(WEEKDAYS)}|${SHORT_WEEKDAY}) ?: *$`);

/** A day before all else. */
const DATED = new RegExp(`^\\s*(?:[-*•] )?(?:${DAY}|\\d{1,2}[./]\\d{1,2}\\.? |(?:in )?${MONTH}\\.?(?: \\d{4})?(?: ?:| -|,) |${SHORT_MONTH}\\.? )`);
/** What goes on behind a thing that a line names: "apron, from an old sheet". */
const NAMED_ALONE = /^\s*(?:$|[,:(.;!|-]|(?:for|from|out of|in|size|sz|age)\b|[x×] ?\d)/;
/** "An apron for Mum", "also a lovely skirt, in denim": one of a kind, which has no other name. */
const ONE_OF_A_KIND =
  /(?:^|\s)(?:an?|another|some|two|three|four|five|six|[2-9]|pairs? of)(?: (?:lovely|new|little|simple|plain|basic|quick|easy|cute|nice|pretty|cosy|comfy))* $/;
/** What goes on behind one of a kind: what it is of, for whom and how large. */
const GOES_ON_AS_MADE = /^\s*(?:$|[,:(.;!-]|(?:too|also|as well)\b|(?:for|from|out of|in|of|size|sz|with|without|using|\d)\b)/;
/** How a garment is. */
const IS = new RegExp(`^ ${IS_OR_WAS}`);
/** What is spoken of beside what was made. */
const BESIDE_IT = /\b(?:w[eo]re?|worn|wears?|wearing|with|match(?:es|ing)?|goes|go|beside|like|than|instead|from|sleeves?|collar)\b/;
/** One more, in the same breath. */
const JOINS = /^ (?:and|plus) $/;
/** By its name, and not as one of a kind. */
const OWN = /^(?:the|my) /;
const WORN_WITH = /\b(?:w[eo]re?|worn|wears?|wearing|match(?:es|ing)?|goes|go|looks?|like|than|need(?:s|ed)?|enough|want|added|adding)\b/;
/** Of two garments something else is said: "between a shirt and a dress", "left for a skirt and a top", "with a hood and a belt". */
const OF_TWO = /\b(?:(?:between|for|as|into|with) (?:an?|one|two)|sleeves?|collar|instead of)\b[^,;()]*$/;
const LISTED_HERE = new RegExp(`^${LISTED}`);
/** The last word of a name. */
const isGarmentNamed = (name = ''): boolean => isGarment(/[\p{L}]+$/u.exec(folded(name))?.[0] ?? '');
const BEGAN_WITH = /\b(?:started|began|begun)(?: off)? with\b/;
const SENTENCE_BEFORE = /[^.!?;\n]*$/;
/** A garment that is spoken of by what it is: "the cardigan is too boxy". */
const BY_ITS_NOUN = new RegExp(`^(?:(?:and|but|oh|well|so) )*(?:the|my|that) (?<noun>[\\p{L}-]+)(?=${IS.source.slice(1)})`, 'u');
/** What only might be. */
const NOT_MADE = /\b(?:would|should|could|might|will|won't|wouldn't|next time|need|want|wish|if)\b/;
/** What is sewn to go with another garment. */
const GOES_WITH_IT = /^(?:hood|belt|slip|mask|scrunchie|headband|bow)$/;
/** Words for garments that are parts of others too, and what is said of no part. */
const NO_PART = /^ (?:for (?!the |a |it)|from |out of )/;
/** A cell of a table ends. */
const IN_A_TABLE = /^[ \t]*\|/;
const A_PART_TOO = /^(?:skirt|top|hood|belt|trousers|pants|shirt|dress|vest|slip)$/;

interface Begins {
  readonly at: number;
  readonly key: string;
  /** One more of what was told of before, which it does not name. */
  readonly oneMore?: true;
  /** What sort of garment it says something of, by no name. */
  readonly noun?: string;
  /** It tells of one of the ledger, or begins what it names, where none such was told of before. */
  readonly reports?: true;
  /** It may be how a make was sewn that is told of: it begins only behind another report. */
  readonly behindReport?: true;
  /** It begins a make of the same pattern too. */
  readonly anew: boolean;
  /** It says how the garment is, and not that it was made. */
  readonly ofIt?: boolean;
  /** What it names. */
  readonly name?: string;
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
function namedIn(segment: string, at: number, mark: string, line: boolean, text: string, context: LineContext): Begins | undefined {
  /** Nothing is told of yet that it could be a part of. */
  const isFirst = !/[\p{L}\p{N}]/u.test(text.slice(0, at));
  const words = wordsIn(segment);
  const typed = (from: number, to: number) => text.slice(at + from, at + to);
  const subject = subjectOf(segment, words, namesIn(words, context), context, typed);
  if (!subject) return undefined;
  const name = typed(subject.from, subject.to);
  const lead = segment.slice(0, subject.from);
  // Further on in a line a name begins a make where its size leads to it, or what says that it was made.
  const isSewnBefore = line && DONE_TO.test(lead);
  const isLedTo = (line && (MADE.test(lead) || SIZE_FIRST.test(lead) || isNameBefore(typed(0, subject.from)))) || isSewnBefore;
  const isMade = /\s/.test(name) && MADE_RIGHT_BEFORE.test(lead) && !NOT_MADE.test(lead);
  if (subject.from > leadLength(segment) && !isLedTo && !isMade) return undefined;
  const known = subject.says.is === 'pattern';
  const noun = segment.slice(subject.from, subject.to);
  const behind = segment.slice(subject.to);
  const isPart = A_PART_TOO.test(noun) && !isFirst && !NO_PART.test(behind) && !IN_A_TABLE.test(behind);
  const alone = line && NAMED_ALONE.test(behind) && (DATED.test(lead) || (lead.trim() === '' && !isPart));
  // "A belt in the same fabric" belongs to the dress, and "a skirt would be better" was not made.
  const ofAKind =
    (line || JOINS.test(mark) || /[.!?;]/.test(mark) || lead.startsWith('and ')) &&
    isGarment(noun) &&
    ONE_OF_A_KIND.test(lead) &&
    GOES_ON_AS_MADE.test(behind) &&
    !BESIDE_IT.test(lead) &&
    !GOES_WITH_IT.test(noun) &&
    !NOT_MADE.test(segment);
  // An item of a list is what it begins with.
  const item = line && /[-*•]|\d[.)]/.test(mark) && (subject.says.is === 'new thing' || (lead.trim() === '' && NAMED_ALONE.test(behind)));
  // A new name is one where a line begins with it, or something says that it was made: "the dress is lovely" names nothing.
  const named =
    known ||
    item ||
    alone ||
    ofAKind ||
    MADE.test(lead) ||
    THAT_I_MADE.test(behind) ||
    (THEN_ONE.test(lead) && /\s/.test(name)) ||
    ((line || mark.trim() !== '') && /^\p{Lu}/u.test(name) && /\s/.test(name)) ||
    (line && /\s/.test(name));
  if (!named) return undefined;
  const ofIt = isSewnBefore || (/\b(?:the|my|this) $/.test(lead) && IS.test(behind) && !MADE.test(segment));
  const key = subject.says.is === 'pattern' ? subject.says.patternId : name.toLowerCase();
  return {
    at,
    key,
    anew: (line && !OF_A_DAY.test(lead) && !isSewnBefore) || MADE.test(lead) || THEN_ONE.test(lead) || ANOTHER.test(lead) || DATED.test(lead),
    ofIt,
    name: 'name' in subject.says ? subject.says.name : name,
    ...(known ? {} : { newName: name }),
  };
}

/** What enters no make, and which no make takes for its words. */
const partAt = (at: number): Begins => ({ at, key: `at ${at}`, anew: true });

const tellsAnything = (text: string): boolean => /\p{L}/u.test(text);

/** The places where a make may begin, or what is none. */
function partsOf(text: string, low: string, context: LineContext): readonly Part[] {
  const places = [...low.matchAll(MAY_BEGIN)].map((m) => ({ at: m.index + m[0].length, mark: m[0] }));
  const paragraphs = paragraphsOf(low);
  /** Whether nothing but the sign of a list stands before a place. */
  const beginsAll = (at: number) => !tellsAnything(low.slice(0, at));
  const starts = places.filter(({ at, mark }) => ENDS.test(mark) || beginsAll(at)).map(({ at }) => at);
  const sentences = new Map(starts.map((at, i) => [at, text.slice(at, starts[i + 1])]));
  /** What was told last is no make: the next line is none of its words. */
  let afterOther = false;
  /** Where the make that is being told of began. */
  let makeAt: number | undefined;
  return places.map(({ at, mark }, i): Part => {
    const said = low.slice(at);
    if (HEADING_LINE.test(said)) return { at };
    const sentence = sentences.get(at);
    const isOwnLine = mark.includes('\n');
    // What was bought cannot be what the make above it was made of, where that is said already.
    const hasFabric = () => makeAt !== undefined && FABRIC_SAID.test(low.slice(makeAt, at));
    const byItself = isOwnLine && (afterOther || hasFabric()) ? sentence : undefined;
    const begins = isOwnLine || beginsAll(at);
    if (sentence !== undefined && beginsOther(sentence, context, paragraphs.get(at) ?? byItself, begins)) {
      afterOther = true;
      return { at, begins: partAt(at) };
    }
    // One that comes with the telling may be meant: then it is told of.
    if (sentence !== undefined && beginsUnknown(sentence, context, begins)) {
      afterOther = true;
      return { at, begins: partAt(at), sentence };
    }
    if (isOwnLine && afterOther && sentence !== undefined && TO_DO.test(folded(sentence))) return { at, begins: partAt(at), sentence };
    const before = SENTENCE_BEFORE.exec(low.slice(0, at))?.[0].replace(BEGAN_WITH, '') ?? '';
    // "Worn with boots, a Foreshore tee" is no list of makes.
    if (mark.startsWith(',') && LISTED_HERE.test(said) && BESIDE_IT.test(before)) return { at };
    if (JOINS.test(mark) && (WORN_WITH.test(before) || OF_TWO.test(before))) return { at };
    const isLine = isOwnLine || beginsAll(at) || (afterOther && /[.!?;]/.test(mark));
    // "First pair of jeans ever!" is said of those.
    if (makeAt !== undefined && FIRST_EVER.test(said)) return { at, sentence };
    const found = namedIn(low.slice(at, places[i + 1]?.at), at, mark, isLine, text, context);
    // Behind a comma alone only what has a name of its own, and all of it: none of fabrics, and none that is worn with it.
    const isBeside =
      /^[,:]/.test(mark) && !LISTED_HERE.test(said) && (!/[\s-]/.test(found?.name ?? '') || !isGarmentNamed(found?.name) || BESIDE_IT.test(before));
    const named = isBeside && !LISTED_AS_MADE.test(low.slice(0, at)) ? undefined : found;
    // "Made the shirt in C and the trousers in 40": one that is known, and was made too.
    if (JOINS.test(mark) && OWN.test(said) && (!named || named.newName !== undefined || !MADE.test(before) || BESIDE_IT.test(before))) return { at };
    const reports = (ofTheTable: boolean) => (sentence === undefined ? undefined : reportsOf(sentence, context, ofTheTable));
    const sure = reports(isLine || named !== undefined);
    const reported = sure ?? reports(true);
    if (reported !== undefined) {
      // It goes by what it is, and not by that as a name.
      const { newName: _, ...begins } = named ?? partAt(at);
      return { at, begins: { ...begins, noun: reported, reports: true, ...(sure === undefined ? { behindReport: true } : {}) }, sentence };
    }
    if (named) {
      afterOther = false;
      makeAt = at;
      return { at, begins: named, sentence };
    }
    const isOneMore =
      ONE_MORE.test(said) ||
      // "2) same in linen".
      (makeAt !== undefined && (/\d[.)]\s*$/.test(mark) ? SAME.test(said) : isOwnLine && SAME_IN.test(said))) ||
      // "Heron dress v1: …. v2: …".
      (makeAt !== undefined && VERSION_HERE.test(said) && VERSION_SAID.test(low.slice(makeAt, at))) ||
      (makeAt !== undefined && AFTER_A_TOILE.test(said) && OF_TOILE.test(low.slice(makeAt, at)));
    if (isOneMore) {
      makeAt = at;
      return { at, begins: { ...partAt(at), oneMore: true } };
    }
    const noun = sentence === undefined ? undefined : BY_ITS_NOUN.exec(said)?.groups?.['noun'];
    return { at, begins: noun !== undefined && isGarment(noun) ? { ...partAt(at), noun } : undefined, sentence };
  });
}

/** What a part says of what was told before it. */
type OfBefore = Pick<Told, 'ofTold' | 'oneMoreOf' | 'called'>;

/** The garments that were told of and are of a sort. */
const toldOf = (noun: string, told: Iterable<Begins>): readonly Begins[] =>
  [...told].filter(({ name = '' }) => sameNoun(/[^\s-]+$/.exec(folded(name))?.[0], noun));

/** Where parts begin, in order, and what each says of what was told before it. */
function partsBegun(begins: readonly Begins[], low: string): Map<number, OfBefore> {
  const starts = new Map<number, OfBefore>();
  const told = new Map<string, Begins>();
  let about: Begins | undefined;
  for (const one of begins) {
    const { at, key, name, noun } = one;
    const [meant, ...more] = noun === undefined ? [] : toldOf(noun, told.values());
    if (one.behindReport && !meant && about?.name !== undefined) continue;
    if (noun !== undefined && (meant || !one.reports)) {
      // Of the one that is told of, or of nobody knows which: it goes on.
      if (!meant || more.length > 0 || meant === about) continue;
      const from = low.indexOf(noun, at);
      starts.set(at, { ofTold: true, called: { from, to: from + noun.length, name: meant.name ?? noun } });
      about = meant;
    } else if (one.oneMore) {
      // One more of what, nobody said, where nothing was told of.
      if (about?.name !== undefined) starts.set(at, { oneMoreOf: about.name });
    } else {
      // Told of before, and another since: how that is goes with it, once it is saved.
      const again = one.ofTold ?? (one.ofIt && key !== about?.key && told.has(key));
      if (key !== about?.key || one.anew) starts.set(at, again ? { ofTold: true } : {});
      if (name !== undefined) told.set(key, one);
      about = one;
    }
  }
  return starts;
}

/** Where parts begin, those too that begin with nothing that names a make: before the first, and below a year or a month. */
function allStarts(begun: readonly number[], isOther: boolean, times: readonly Time[], low: string): readonly number[] {
  const starts = [...begun];
  const first = low.search(/\S/);
  if (starts.length === 0 && first >= 0) starts.push(first);
  // What tells something else takes nothing of what stands before it.
  else if (isOther && tellsAnything(low.slice(0, starts[0]))) starts.unshift(first);
  // What stands before the first make is told with it, but for what a list is headed by.
  else if (starts[0] !== undefined) {
    const before = low.slice(times[0]?.from === first ? times[0].to : 0, starts[0]);
    const told = before.replace(SIGN_BEHIND, '');
    if (tellsAnything(told) && !LIST_HEADING.test(before)) {
      // An item of a list before it is none of its words: "- mended my jeans".
      if (told !== before && ITEM.test(told)) starts.unshift(first);
      else starts[0] = first;
    }
  }
  // Nothing below a year is told with what stands above it.
  for (const [i, { from, to }] of times.entries()) {
    const end = times[i + 1]?.from ?? low.length;
    const next = starts.findIndex((at) => at >= to);
    const below = starts[next] ?? low.length;
    const between = low.slice(to, Math.min(below, end));
    if (!tellsAnything(between) || LIST_HEADING.test(between)) continue;
    const at = to + low.slice(to).search(/\S/);
    // "2024: Wren dress" begins with the dress.
    const within = starts.findIndex((start) => start >= from && start < to);
    if (within >= 0) {
      starts[within] = at;
      continue;
    }
    if (below < end) starts[next] = at;
    else starts.splice(next < 0 ? starts.length : next, 0, at);
  }
  return starts;
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
      names.length > 0 && sentence !== undefined && (beginsOther(sentence, told, undefined, false) || isLeftToDo(sentence, told))
        ? [{ ...partAt(at), ofTold: true }]
        : begins
          ? [begins]
          : [],
    );
  };
  // What was told of may be spoken of again: "I also wore the Teasel skirt". What is only worn and nowhere made is told of for the first time.
  const begins = begun(newNames(begun(newNames(begun([])))));
  const ofBefore = partsBegun(begins, low);
  const times = timesAbove(low, context.today);
  const lists = timesOfLists(low, context.today);
  const [first] = begins;
  const starts = allStarts([...ofBefore.keys()], first !== undefined && first.key === partAt(first.at).key, times, low);
  return starts.map((from, i) => {
    const next = starts[i + 1] ?? text.length;
    const until = times.find((time) => time.from > from && time.from < next)?.from ?? next;
    const told = withoutTail(withoutTail(text.slice(from, until)).replace(HEADING_BEHIND, ''));
    const above = [...times.filter(({ to }) => to <= from), ...lists.filter((list) => list.from <= from && from < list.to)];
    const time = timeOver(told, above, context.today);
    const within = time ? { within: time } : {};
    return { from, to: from + told.length, text: told, ...ofBefore.get(from), ...within };
  });
}
