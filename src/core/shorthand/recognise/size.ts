import { labelCalled } from '../../garment/ladder';
import type { Choice } from '../chip';
import { ORDINAL } from '../amounts';
import { FABRIC_COLOUR, FABRIC_NOUN } from '../fabric-nouns';
import { THE, ZONE, ZONES } from '../places';
import { WEIGHTS } from '../weights';
import { byRules, given, rule, asks, mereWords, unread, type Meant } from '../said';
import { EARLIER_ONE } from '../words';
import type { Proposal, Recogniser, Sentence } from '../sentence';
import { MONTH } from './date';
import { recogniseSizeAt } from './size-at';
import { all, ALONE, at, BAND_AND_CUP, FABRIC, figureOf, halfway, IN_WORDS, LABEL, labelOf, sizeBehindName, whole, WHOSE } from './size-label';

/** A size all over, by its label. */
const inAll = (size: string | undefined, s: Sentence, cued: boolean): Meant | undefined => {
  const label = labelOf(size, s, cued);
  return label === undefined ? undefined : all(whole(label));
};
/** One of two sizes all over: the one that the pattern has, else it is asked. */
function oneOrOther(said: readonly (string | undefined)[], s: Sentence, from: number, to: number): Meant | undefined {
  const labels = said.flatMap((one) => labelOf(one, s, true) ?? []);
  // Over the two as two sizes.
  const weight = said.length * (WEIGHTS.likely + 2 * WEIGHTS.word);
  const known = labels.filter((label) => s.subject?.sizes.includes(label));
  const [only] = known;
  if (only !== undefined && known.length === 1 && labels.length === said.length) return { ...all(whole(only)), weight };
  const choices = labels.map((label): Choice => [{ is: 'size', line: whole(label) }]);
  return choices.length < said.length ? undefined : { ...asks(...choices, mereWords(s.typed(from, to))), weight };
}

/** Whether a number by itself stands right after the name of what the line is about. */
const followsSubject = ({ subject, low }: Sentence, from: number) =>
  subject !== undefined &&
  subject.to <= from &&
  /^(?:[\s,:·;|(#]|\([^()\n]{1,20}\)|\b(?:in|as|a|an|the|again|version|v|no\.?|view [a-z]|toile|muslin|for my [a-z]+|\d{1,2})\b)*$/.test(
    low.slice(subject.to, from),
  );

/** "Curlew jeans black denim 14": behind what it is of, which stands behind the name. */
const FABRIC_BEFORE = new RegExp(`^ (?:[a-zß-ɏ'-]+ ){0,3}${FABRIC_NOUN} $`);
const isBehindFabric = ({ subject, low }: Sentence, from: number) =>
  subject !== undefined && subject.to <= from && FABRIC_BEFORE.test(low.slice(subject.to, from));

/** Sizes that are named as one are no further apart: 98/104, 12/18 months. */
const MOST_APART = 6;

/** "First one S, too tight": which of several is of that size. */
const BEHIND_ORDINAL = new RegExp(`(?:^|[,.;:·\\n] *|\\b(?:the|my) )${ORDINAL} (?:one|pair|version):? $`);
/** "Cut 14 in rayon", which is no length. */
const CUT_IN_FABRIC = new RegExp(
  `^(?:cut|made|sewed) (?:it )?(?:an? |the )?\\d{1,2} in (?:an? |the |my |some )?(?:[a-z]+ )?(?:${FABRIC_NOUN}|${FABRIC_COLOUR})(?![a-z])`,
);
/** What it is of, right behind. */
const FABRIC_NEXT = new RegExp(`^ ${FABRIC}(?![a-z])`);

/** Another size was said of a place right before. */
const SIZE_AT = new RegExp(
  `\\bsizes? (?:up|down|larger|smaller|bigger) (?:at|in|on|for|across|through) (?<zones>${ZONES}),? ?(?:so |that is |i\\.e\\. )?$`,
);

/** Sizes all over, and between two. */
const recogniseWhole = byRules([
  // "size 12", "in a size M", "straight size 40", "cut the C".
  given(/size|\bsz/, rule)(
    `(?:(?:cut|made|sewed|sewn|traced|in|as) )?(?:(?:an?|the|it in|it in a|a straight|straight) )?(?:straight )?(?:(?:size|sz\\.?)[:=]? |(?:size|sz)(?=\\d))(?<size>${LABEL})(?: (?:all over|throughout|straight through))?(?![a-z0-9/]|[.,]\\d)(?! ?(?:cm|mm|m|inch(?:es)?|yds?|yards?)(?![a-z]))`,
    'sure',
    ({ size }, s) => inAll(size, s, true),
  ),
  rule(
    `(?:(?:made|cut|sewed|sewn|traced|in) )?(?:(?:in|it in|it's|it is|it|is|are|up|out|this time(?: in| as)?) )?(?:(?:an?|the|my|my usual|a straight|straight|a full) )?(?<size>${LABEL})(?: (?:all over|throughout|straight through))?${ALONE}`,
    'likely',
    ({ size }, s, from, to) => {
      const said = s.low.slice(from);
      const isOfOne = BEHIND_ORDINAL.test(s.low.slice(0, from));
      const cue =
        isOfOne ||
        CUT_IN_FABRIC.test(said) ||
        /^(?:(?:made|cut|sewed|sewn|traced) (?:it )?(?:in |the |a |my |an )|it(?:'s| is) an? |(?:is|are) an? |this time (?:in |as )?an? |in (?:an?|the|my|straight)\b|in \S+|cut (?:\d+|x{0,3}[sml]|\dx?l?) *(?:[,.;·|\n]|$)|straight |a straight|the |it in)/.test(
          said,
        ) ||
        / (?:all over|throughout|straight through)/.test(said.slice(0, 30));
      const label = labelOf(size, s, cue && (isOfOne || /^(?:in|it|is|are|this time|made|cut|sew|straight|a straight|traced)/.test(said)));
      // "Because the M was tight": one that was cut before.
      if (/\b(?:because|since|than|as|after|where) (?:the |an? |my )?$/.test(s.low.slice(0, from + said.indexOf(size ?? '')))) return undefined;
      if (label === undefined || size === undefined || (size === 'w' && !/^\s*(?:$|[,.;·|])/.test(s.low.slice(to)))) return undefined;
      // "3 m linen" is a length, and a child's size by months where no fabric follows.
      if (/\d ?c?m$/.test(size) && FABRIC_NEXT.test(s.low.slice(to))) return undefined;
      // "80 x 100" is how large it is.
      if (size === 'x' && /\d *$/.test(s.low.slice(0, from)) && /^ *\d/.test(s.low.slice(to))) return undefined;
      // "2 m of denim" is a length.
      if (size === 'm' && /\d ?$/.test(s.low.slice(0, from)) && (s.low.startsWith(' of ', to) || FABRIC_NEXT.test(s.low.slice(to)))) return undefined;
      // Small letters and words of the language are sizes only where something says so.
      if (
        /^(?:a|i|an)$/.test(size) &&
        !(cue && size === 'a' && (s.subject?.sizes ?? []).includes(label) && /^ *(?:$|[,.;·|])/.test(s.low.slice(to))) &&
        !(s.subject && followsSubject(s, from) && said.startsWith(size) && /^a\s*(?:[,.;·|]|$)/.test(said))
      )
        return undefined;
      if (cue) return all(whole(label));
      if (!said.startsWith(size)) return undefined;
      const before = s.low.slice(0, from).trimEnd();
      // A bag has no size by a bare number: it may be how many.
      if (s.subject?.says.is === 'new thing' && /^\d+$/.test(size)) return undefined;
      const behind = s.low.slice(from + size.length);
      const item =
        (/(?:^|[,;·|.\n:(])$/.test(before) &&
          (/^\s*(?:[,;·|.\n]|$)/.test(behind) ||
            // "Medium with 3 cm off the sleeves": by its word it is none of what may be counted.
            (/^(?:small|medium|large|extra)/.test(size) && /^ (?:with|and|but|throughout)\b/.test(behind)))) ||
        // "(white lawn, C)".
        (/[,;]$/.test(before) && /^\s*\)/.test(behind));
      return followsSubject(s, from) || item || (isBehindFabric(s, from) && !/\d ?c?m$/.test(size) && /^\s*(?:$|[,;·|.\n])/.test(behind))
        ? all(whole(label))
        : undefined;
    },
  ),
  // "Tidewater shirt C, the D was too big": that was another one.
  rule(
    `(?:the|an?) ${LABEL} (?:was|is|were|felt|came out|would be|would have been) (?:(?:a bit|a little|much|far|way|slightly|just|really) )*too`,
    'sure',
    (_, s, from, to) => (sizeBehindName(s, from) === undefined ? undefined : { says: mereWords(s.typed(from, to)) }),
  ),
  given(/(?:up|down) (?:an? size,? |one size,? |two sizes,? )?to /, rule)(
    `(?:sized|went) (?:up|down)(?: (?:an?|one|two) (?:full )?sizes?,?)? to (?:an? |the )?(?:size )?(?<size>${LABEL})${ALONE}(?! (?:at|in|on|for|around|across|through) ${THE}${ZONE})`,
    'sure',
    ({ size }, s) => inAll(size, s, true),
  ),
  // "C Tidewater": one of its own sizes, where the line begins.
  rule(`(?<size>${LABEL})(?= )`, 'weak', ({ size }, s, from, to) => {
    const label = from === 0 && s.low.slice(to, s.subject?.from) === ' ' ? s.subject?.sizes.find((l) => l.toLowerCase() === size) : undefined;
    return label === undefined || size === 'a' ? undefined : all(whole(label));
  }),
  rule(`an? (?<size>\\d{1,2})(?= )`, 'likely', ({ size }, s, _, to) => (s.low.slice(to, s.subject?.from) === ' ' ? inAll(size, s, true) : undefined)),
  // "Men's L": whose it is is no part of the label.
  given(/men|ladies|unisex|adult|kids|girls|boys/, rule)(
    `(?:(?:in|size|an?) )*(?:(?:wo)?men'?s|ladies'?|unisex|adult'?s?|kids'?|girls'?|boys'?) (?:size )?(?<size>${LABEL})${ALONE}(?!")`,
    'likely',
    ({ size }, s) => inAll(size, s, true),
  ),
  given(/twenty|thirty|forty|fifty|size \w+|ten|twelve|teen/, rule)(
    `(?:(?:(?:cut|made|sewed|sewn) (?:it )?(?:in )?an?|in an?|straight|(?:in |an? |the )*size) )(?<words>${IN_WORDS})${ALONE}`,
    'sure',
    ({ words = '' }, s) => inAll(figureOf(words), s, true),
  ),
  // "Wren dress ten viscose", "in forty two grey wool".
  given(/twenty|thirty|forty|fifty|ten|twelve|eight|six|teen/, rule)(`(?:in )?(?<words>${IN_WORDS})${ALONE}`, 'likely', ({ words = '' }, s, from) =>
    followsSubject(s, from) ? inAll(figureOf(words), s, true) : undefined,
  ),
  // "UK 16 Whimbrel jacket": whatever comes behind.
  given(/\b(?:uk|eu) ?\d/, rule)(`(?:(?:in|an?|size|sz\\.?) )*(?:uk|eu) ?(?<size>\\d{1,2})(?![a-z0-9/-]|[.,]\\d)`, 'likely', ({ size }, s) =>
    inAll(size, s, true),
  ),
  // "age 6", "6-9 months": a child's, which is none halfway between two.
  given(/\bage[ds]? \d/, rule)(
    `(?:(?:in|cut|made|size|an?|the|for) )*age[ds]? (?<age>\\d{1,2}(?: ?[/-] ?\\d{1,2})?)(?: (?:years?|yrs?))?`,
    'sure',
    ({ age = '' }, s) => {
      const sizes = s.subject?.sizes ?? [];
      const label = labelCalled(`${age}y`, sizes) ?? labelCalled(age, sizes) ?? (sizes.length === 0 ? `${age}y` : undefined);
      return label === undefined ? undefined : all(whole(label));
    },
  ),
  given(/\d ?[/-] ?\d+ ?[my]/, rule)(
    `(?:(?:in|size|cut|an?) )*(?<size>\\d{1,2} ?[/-] ?\\d{1,2} ?(?:m|months?|y|yrs?|years?))`,
    'sure',
    ({ size }, s) => inAll(size, s, s.subject === undefined || s.subject.sizes.length === 0),
  ),
  // "75 B", "34 DD": band and cup apart.
  given(/\d [a-k]/, rule)(
    `(?:(?:in |a |an |the )*size[:=]? |in an? |in )?(?<band>\\d{2,3}) (?<cup>[a-k]{1,4})(?! (?:bit|little|touch|tad)\\b)`,
    'sure',
    ({ band = '', cup = '' }, s) => (s.subject?.kind === 'bra' && BAND_AND_CUP.test(`${band}${cup}`) ? inAll(`${band}${cup}`, s, true) : undefined),
  ),
  // "32 band, E cup".
  given(/ cup/, rule)(`(?<band>\\d{2,3}) band,? (?:and )?(?:an? )?(?<cup>[a-k]{1,4}) cup`, 'sure', ({ band = '', cup = '' }, s) =>
    s.subject?.kind === 'bra' && BAND_AND_CUP.test(`${band}${cup}`) ? inAll(`${band}${cup}`, s, true) : undefined,
  ),
  // "between C and D", "C/D", "halfway between 12 and 14".
  given(/between/, rule)(
    `(?:(?:a|in|cut|size|sizes|half ?way|halfway|in) )*between (?:sizes? |an? |the )?(?<a>${LABEL}) (?:and|&) (?:an? |the )?(?<b>${LABEL})(?: (?:at|in|on|across|for) (?<zones>${ZONES}))?(?! ?(?:${MONTH}|hours?|hrs?|h|min(?:utes)?|cms?|mm|m|inch(?:es)?|euros?|eur|times|wears|days|weeks|o'clock)(?![a-z]))`,
    'sure',
    ({ a, b, zones }, s) => {
      const [from, to] = [labelOf(a, s, true), labelOf(b, s, true)];
      if (from === undefined || to === undefined || from === to) return undefined;
      return zones === undefined ? all(halfway(from, to)) : at(halfway(from, to), zones, s);
    },
  ),
  // "EU 40 / UK 12": one size by two names; by which of them its pattern has it, nobody said.
  given(/(?:uk|us|eu) ?\d+ ?[/=,]/, rule)(
    `(?:size )?(?<a>${WHOSE} ?\\d{1,2})\\s?[/=,]\\s?(?<b>${WHOSE} ?\\d{1,2})(?![\\d/])`,
    'sure',
    ({ a, b }, s, from, to) => oneOrOther([a, b], s, from, to),
  ),
  // "C or D": nobody said which.
  given(/ or /, rule)(
    `(?:(?:in|size|an?|the|cut|made) )*(?<a>${LABEL}) or (?:an? |the |size )*(?<b>${LABEL})${ALONE}`,
    'sure',
    ({ a, b }, s, from, to) => ([a, b].some((one) => /^(?:a|an|i|in|so|no|is|it|me)$/.test(one ?? '')) ? undefined : oneOrOther([a, b], s, from, to)),
  ),
  // "2 Gull tops, M and L": the same.
  given(/ (?:and|&) /, rule)(`(?:(?:in|sizes?|one) )*(?<a>${LABEL}) (?:and|&) (?<b>${LABEL})${ALONE}`, 'sure', ({ a, b }, s, from, to) => {
    const several =
      s.subject && s.subject.to <= from && /(?:\b(?:two|three|[23])|\b[23] ?x) (?:pairs? of )?(?:the )?$/.test(s.low.slice(0, s.subject.from));
    return several && /^[ ,:(]*$/.test(s.low.slice(s.subject?.to, from)) ? oneOrOther([a, b], s, from, to) : undefined;
  }),
  // "2 pairs, both M".
  given(/\b(?:both|all|each) /, rule)(
    `(?:both|all(?: of them)?|each) (?:(?:are|were|in|an?|size) )*(?<size>${LABEL})${ALONE}`,
    'sure',
    ({ size }, s) => (/^(?:a|an|i|in)$/.test(size ?? '') ? undefined : inAll(size, s, false)),
  ),
  // "M for me, another in L for Anselm": that is another garment.
  given(/\b(?:another|a second|one more) (?:one |pair )?in /, rule)(
    `(?:and )?(?:another|a second|one more) (?:one |pair )?in (?:an? )?(?:size )?${LABEL}(?: for (?:my )?[a-zß-ɏ]+)?${ALONE}`,
    'sure',
    (_, s, from, to) =>
      // Without a size before it, it is this one's: "I made a second pair in 38".
      sizeBehindName(s, from) !== undefined ? unread(s, from, to) : undefined,
  ),
  // "Two of them, one in 40 and one in 42": each has its own.
  given(/\bone (?:in|is) /, rule)(
    `one (?:in|is) (?:an? |size )*(?<a>${LABEL}),? (?:and )?(?:the other|another|one) (?:in |is |an? |size )*(?<b>${LABEL})${ALONE}`,
    'sure',
    ({ a, b }, s, from, to) => oneOrOther([a, b], s, from, to),
  ),
  // "Between 36 and 38, so I cut the 38": that is what was cut.
  given(/between/, rule)(
    `(?:i am |i'm )?(?:half ?way |in )?between (?:sizes? |an? |the )?${LABEL} (?:and|&) (?:an? |the )?${LABEL},?(?: (?:so|and|but|then|i))* (?:cut|made|sewed|used|went (?:with|for)|chose|took) (?:it in )?(?:an? |the |size )*(?<size>${LABEL})${ALONE}`,
    'sure',
    ({ size }, s) => inAll(size, s, true),
  ),
  given(/[/-]/, rule)(
    `(?:in |size )?(?<a>[a-z0-9]{1,3})\\s?[/-]\\s?(?<b>[a-z0-9]{1,3})(?: (?:(?:at|in|on) )?(?<zones>${ZONES}))?(?![/\\d]| ?(?:"|cm|mm|inch(?:es)?|in(?= (?:from|off|at|on|to))|€|\\$|£|eur|euros?|hours?|hrs?|h|min(?:utes)?|times|wears|weeks|days)(?![a-z]))`,
    'likely',
    ({ a, b, zones }, s) => {
      const sizes = s.subject?.sizes ?? [];
      const joined = labelCalled(`${a}/${b}`, sizes);
      const [from, to] = [labelOf(a, s, false), labelOf(b, s, false)];
      // "8 w/ 1 cm": no size lies between a letter and a number.
      if (/^\d/.test(a ?? '') !== /^\d/.test(b ?? '') || /^w$/.test(a ?? '')) return undefined;
      // "1/2" is a half, unless the pattern has such sizes.
      if (sizes.length === 0 && /^[1357]$/.test(a ?? '') && /^(?:2|4|8|16)$/.test(b ?? '')) return undefined;
      // "11/3" is a day: sizes go up, and from one to the next.
      if (sizes.length === 0 && (Number(a) >= Number(b) || Number(b) - Number(a) > MOST_APART)) return undefined;
      const line = joined !== undefined ? whole(joined) : from !== undefined && to !== undefined && from !== to ? halfway(from, to) : undefined;
      if (!line) return undefined;
      if (zones === undefined) return all(line);
      const [between, graded] = [at(line, zones, s), joined === undefined && to !== undefined ? at(whole(to), zones, s) : undefined];
      // "C/D at the hips": half way there, or C and there D.
      return between && graded && from !== undefined
        ? { ...asks(between.says, [{ is: 'size', line: whole(from) }, ...graded.says]), weight: WEIGHTS.sure + WEIGHTS.word * 5 }
        : between;
    },
  ),
  // Right after the name, one of its own sizes, whatever is said next but a unit and what is counted.
  rule(
    `(?<size>${LABEL})(?![/-]|[.,]\\d)(?! ?(?:cm|mm|m|inch(?:es)?|"|%|yds?|yards?|hours?|hrs?|h|min(?:utes)?|days?|times|wears|stars?|buttons|rows|layers|pieces|panels|pairs?|pleats|x|×|gsm|oz|of|out of|of them|€|\\$|£|eur)(?![a-z]))`,
    'weak',
    ({ size }, s, from) => {
      const { sizes = [], says } = s.subject ?? {};
      // Of one whose sizes nobody told any number that may be one, but for the small ones: they may be versions.
      const told = sizes.length > 0 || says?.is !== 'new pattern' || !/^\d+$/.test(size ?? '') || Number(size) < 4;
      const label = told ? sizes.find((l) => l.toLowerCase() === size) : labelOf(size, s, false);
      return label !== undefined && followsSubject(s, from) && !(size === 'a' && /^a [a-z]/.test(s.low.slice(from))) ? all(whole(label)) : undefined;
    },
  ),
  // Right after another pattern, "with the Grebe skirt 38": it may be the size of the one or the other.
  rule(`(?:in (?:an? |the )?|size )?(?<size>${LABEL})${ALONE}`, 'sure', ({ size }, s, from, to) => {
    const label = (s.subject?.sizes ?? []).find((l) => l.toLowerCase() === size);
    const beside = s.names.some((n) => n.kind === 'patterns' && n.from > (s.subject?.from ?? 0) && s.low.slice(n.to, from) === ' ');
    return label !== undefined && beside ? asks([{ is: 'size', line: whole(label) }], mereWords(s.typed(from, to))) : undefined;
  }),
  given(/instead|rather|not/, rule)(
    `(?:in |cut |an? |the |size )*(?<size>${LABEL}) (?:instead of|rather than|not) (?:an? |the |my usual |size )*${LABEL}`,
    'sure',
    ({ size }, s, from) => {
      // "From 1.5 m instead of the 2 m it asks for" is of lengths.
      if (/\d ?$/.test(s.low.slice(0, from))) return undefined;
      const label = labelOf(size, s, true);
      // "A size smaller at the shoulders, 38 instead of 40": there.
      const there = SIZE_AT.exec(s.low.slice(0, from))?.groups?.['zones'];
      return label === undefined ? undefined : there === undefined ? all(whole(label)) : at(whole(label), there, s);
    },
  ),
  given(/\bnot\b/, rule)(
    `(?:in |cut )?not (?:in )?(?:an? |the |my usual |size )*${LABEL},? but (?:in )?(?:an? |the |size )*(?<size>${LABEL})`,
    'sure',
    ({ size }, s) => inAll(size, s, true),
  ),
  // What was cut another time is not the size of this one, nor are the sizes of several.
  given(/last|previous|first|second|third|other|old|sizes \d/, rule)(
    `(?<!\\b(?:as|like) )(?:(?:the )?last time|previously|${EARLIER_ONE}(?<= (?:one|version|pair|make)))(?: (?:i (?:made|cut)|was|it was|it|in|an?))* ?\\(?(?:an? |in )?size ${LABEL}\\)?|sizes \\d{1,3}(?:, ?\\d{1,3})+(?:,? (?:and|&) \\d{1,3})?`,
    'sure',
    (_, s, from, to) => unread(s, from, to),
  ),
  given(/otherwise|elsewhere|every|rest/, rule)(
    `(?:otherwise|elsewhere|everywhere else|(?:the )?rest(?: is| in| cut)?|for the rest)(?: an?| in an?| in| size)? (?<size>${LABEL})${ALONE}`,
    'sure',
    ({ size }, s) => (/^(?:a|i|an)$/.test(size ?? '') ? undefined : inAll(size, s, false)),
  ),
  given(/otherwise|elsewhere|every|rest/, rule)(
    `(?<size>${LABEL}) (?:otherwise|elsewhere|everywhere else|everything else|for (?:the rest|everything else))`,
    'sure',
    ({ size }, s) => inAll(size, s, false),
  ),
]);

const LEADS_TO_SIZE = /^ (?:(?:in|cut|size|an?|the) )*$/;

/** Right behind the name of another pattern a size may be of that: "made the shirt in C and the trousers in 40". */
function ofWhich({ low, names, subject, typed }: Sentence, one: Proposal): Proposal {
  const isBehindAnother = names.some(
    (n) => n.kind === 'patterns' && n.id !== subject?.pattern?.id && n.from >= (subject?.to ?? 0) && LEADS_TO_SIZE.test(low.slice(n.to, one.from)),
  );
  return isBehindAnother && one.says.length > 0 ? { ...one, says: [], choices: [one.says, mereWords(typed(one.from, one.to))] } : one;
}

/** Sizes: all over, at a place, between two, graded from one to another. */
export const recogniseSize: Recogniser = (sentence, place) =>
  [...recogniseWhole(sentence, place), ...recogniseSizeAt(sentence, place)].map((one) => ofWhich(sentence, one));
