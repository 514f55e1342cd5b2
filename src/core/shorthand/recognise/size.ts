import { isSizeLabel, labelCalled } from '../../garment/ladder';
import { anyOf } from '../amounts';
import type { SizeLine } from '../../records';
import type { Choice } from '../chip';
import { THE, ZONE, ZONES, ZONES_BEHIND, zonesNamed } from '../places';
import { WEIGHTS } from '../weights';
import { byRules, given, rule, asks, mereWords, says, wordCount, type Meant } from '../said';
import type { Sentence } from '../sentence';

/** What may be a size: a label, by itself or of two kinds joined. */
/** Whose sizing a number is of: no part of its label. */
const WHOSE = '(?:uk|us|eu|eur|euro|fr|ger|aus|au)';
const OF_WHOSE = new RegExp(`^${WHOSE} ?(?=\\d)`);
const LABEL = `(?:extra[ -]small|extra[ -]large|x-small|x-large|small|medium|large|(?:${WHOSE} (?=\\d))?[a-z0-9]{1,4}(?:\\s?(?:y|yrs?|years|months?|m|cm))?)`;
/** What may follow a number that is a size: no noun that it counts, and no unit. */
const AFTER_SIZE =
  'in at on with for from and but to all again throughout graded grading blended cut made sewn straight now this as it the then which who would should next too no without out of love loved worn bust waist waistband hip hips shoulder shoulders sleeve sleeves bodice version view yesterday today tonight tomorrow last except only using plus because so is was fit fits lengthened shortened took let raised lowered added cropped tight loose not still he she i my finished time half between fba sba a an over during under when while after before since has had came turned gave given donated sold passed went binned unlined lined looks feels needs sits went were are very really more less her his our maybe probably finally slightly much far such long short sleeveless petite tall regular otherwise elsewhere everywhere w/ w/o'.split(
    ' ',
  );
const ALONE = `(?![a-z0-9]|[/-][a-z0-9]|[.,]\\d)(?:(?<=[a-z])|(?= *(?:$|[^ a-z0-9]|${anyOf(AFTER_SIZE)}(?![a-z]))))`;
const BAND_AND_CUP = /^(?:2[68]|[3-5]\d|[6-9][05]|1[0-3][05])(?:aa?|b|c|d{1,4}|ee?|ff?|gg?|hh?|j|k)$/;
const TO_GRADE =
  '(?:,? (?:graded|grading|blended|blending|going|out|in|up|down|tapering|tapered|moving|merging|merged|fading|cut|then)){0,2} (?:to|into) (?:an? |the )?(?:size )?';

/** A label as the pattern has it; one that the pattern's chart lacks only where "size" says so. */
function labelOf(word: string | undefined, { subject }: Sentence, cued: boolean): string | undefined {
  if (word === undefined) return undefined;
  const said = word.trim();
  const sizes = subject?.sizes ?? [];
  const bare = said.replace(OF_WHOSE, '');
  const known = labelCalled(said, sizes) ?? (bare === said ? undefined : labelCalled(bare, sizes));
  if (known !== undefined) return known;
  // Band and cup: "75B", "34 DD".
  if (BAND_AND_CUP.test(said))
    return cued || (subject?.kind === 'bra' && sizes.every((size) => BAND_AND_CUP.test(size.toLowerCase()))) ? said.toUpperCase() : undefined;
  // Women's, petite, tall, toddlers': "22W", "3T".
  if (/^\d{1,2}[wpt]$/.test(said)) return cued || (/t$/.test(said) && sizes.length === 0) ? said.toUpperCase() : undefined;
  const asWritten = /^[a-z]{1,3}$|^\d?x+[sl]$|^\dx$/.test(said) ? said.toUpperCase() : bare;
  if (!isSizeLabel(asWritten)) return undefined;
  return cued || (sizes.length === 0 && subject !== undefined) ? (SPELLED[asWritten.toLowerCase()] ?? asWritten) : undefined;
}
const SPELLED: Readonly<Record<string, string>> = {
  small: 'S',
  medium: 'M',
  large: 'L',
  'extra large': 'XL',
  'extra-large': 'XL',
  'extra small': 'XS',
  'extra-small': 'XS',
};

/** Sizes in words, as they are dictated: "a forty", "size thirty-eight". */
const TENS: Readonly<Record<string, number>> = { twenty: 20, thirty: 30, forty: 40, fifty: 50 };
const ONES: Readonly<Record<string, number>> = { two: 2, four: 4, six: 6, eight: 8, ten: 10, twelve: 12, fourteen: 14, sixteen: 16, eighteen: 18 };
const IN_WORDS = `(?:${anyOf(Object.keys(TENS))}(?:[ -]${anyOf(['two', 'four', 'six', 'eight'])})?|${anyOf(Object.keys(ONES))})`;
const figureOf = (words: string): string => String(words.split(/[ -]/).reduce((sum, word) => sum + (TENS[word] ?? ONES[word] ?? 0), 0));

const whole = (size: string): SizeLine => ({ size });
const halfway = (size: string, to: string): SizeLine => ({ size, to, at: 0.5 });

const all = (line: SizeLine): Meant => says({ is: 'size', line });
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
/** Women's, men's and bands of bras end below it; a child's height is no size of one place, and "waist 74" is a measure. */
const MEASURES_FROM = 58;
const at = (line: SizeLine, zoneWords: string | undefined, sentence: Sentence): Meant | undefined => {
  if (/^\d+$/.test(line.size) && Number(line.size) >= MEASURES_FROM && (sentence.subject?.sizes ?? []).length === 0) return undefined;
  // The body of a garment is all but its sleeves and collar, and no length.
  if (/^(?:the |main )*body$/.test(zoneWords?.trim() ?? '')) return all(line);
  const zones = zonesNamed(zoneWords, sentence);
  return zones.length === 0 ? undefined : says({ is: 'size at', zones, line });
};

/** Whether a number by itself stands right after the name of what the line is about. */
const followsSubject = ({ subject, low }: Sentence, from: number) =>
  subject !== undefined &&
  subject.to <= from &&
  /^(?:[\s,:·;|(]|\b(?:in|as|a|an|the|again|version|v|no\.?|view [a-z]|toile|muslin|for my [a-z]+|\d{1,2})\b)*$/.test(low.slice(subject.to, from));

/** A size right behind what the line is about. */
const SIZE_OF_IT = new RegExp(`^[ ,:(]*(?:in |an? |size )*${LABEL}${ALONE}`);
/** Another size was said of a place right before. */
const SIZE_AT = new RegExp(
  `\\bsizes? (?:up|down|larger|smaller|bigger) (?:at|in|on|for|across|through) (?<zones>${ZONES}),? ?(?:so |that is |i\\.e\\. )?$`,
);

/** Sizes: all over, at a place, between two, graded from one to another. */
export const recogniseSize = byRules([
  // "size 12", "in a size M", "straight size 40", "cut the C".
  given(/size|\bsz\b/, rule)(
    `(?:(?:cut|made|sewed|sewn|traced|in|as) )?(?:(?:an?|the|it in|it in a|a straight|straight) )?(?:straight )?(?:size|sz\\.?)[:=]? (?<size>${LABEL})(?: (?:all over|throughout|straight through))?(?![a-z0-9/]|[.,]\\d)(?! ?(?:cm|mm|m|inch(?:es)?|yds?|yards?)(?![a-z]))`,
    'sure',
    ({ size }, s) => inAll(size, s, true),
  ),
  rule(
    `(?:(?:made|cut|sewed|sewn|traced|in) )?(?:(?:in|it in|it's|it is|it|is|are|up|out|this time(?: in| as)?) )?(?:(?:an?|the|my|my usual|a straight|straight|a full) )?(?<size>${LABEL})(?: (?:all over|throughout|straight through))?${ALONE}`,
    'likely',
    ({ size }, s, from, to) => {
      const said = s.low.slice(from);
      const cue =
        /^(?:(?:made|cut|sewed|sewn|traced) (?:it )?(?:in |the |a |my |an )|it(?:'s| is) an? |(?:is|are) an? |this time (?:in |as )?an? |in (?:an?|the|my|straight)\b|in \S+|cut \d+ *(?:[,.;·|]|$)|straight |a straight|the |it in)/.test(
          said,
        ) || / (?:all over|throughout|straight through)/.test(said.slice(0, 30));
      const label = labelOf(size, s, cue && /^(?:in|it|is|are|this time|made|cut|sew|straight|a straight|traced)/.test(said));
      // "Because the M was tight": one that was cut before.
      if (/\b(?:because|since|than|as|after|where) (?:the |an? |my )?$/.test(s.low.slice(0, from + said.indexOf(size ?? '')))) return undefined;
      if (label === undefined || size === undefined || (size === 'w' && s.low[to] === '/')) return undefined;
      // "2 m of denim" is a length.
      if (size === 'm' && /\d ?$/.test(s.low.slice(0, from)) && s.low.startsWith(' of ', to)) return undefined;
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
        (/(?:^|[,;·|.\n:(])$/.test(before) && /^\s*(?:[,;·|.\n]|$)/.test(behind)) ||
        // "(white lawn, C)".
        (/[,;]$/.test(before) && /^\s*\)/.test(behind));
      return followsSubject(s, from) || item ? all(whole(label)) : undefined;
    },
  ),
  // "Tidewater shirt C, the D was too big": that was another one.
  rule(
    `(?:the|an?) ${LABEL} (?:was|is|were|felt|came out|would be|would have been) (?:(?:a bit|a little|much|far|way|slightly|just|really) )*too`,
    'sure',
    (_, s, from, to) =>
      s.subject && s.subject.to < from && SIZE_OF_IT.test(s.low.slice(s.subject.to, from)) ? { says: mereWords(s.typed(from, to)) } : undefined,
  ),
  given(/(?:up|down) to /, rule)(
    `(?:sized|went) (?:up|down) to (?:an? |the )?(?:size )?(?<size>${LABEL})${ALONE}(?! (?:at|in|on|for|around|across|through) ${THE}${ZONE})`,
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
  // "between C and D", "C/D", "halfway between 12 and 14".
  given(/between/, rule)(
    `(?:(?:a|in|cut|size|sizes|half ?way|halfway|in) )*between (?:sizes? |an? |the )?(?<a>${LABEL}) (?:and|&) (?:an? |the )?(?<b>${LABEL})(?: (?:at|in|on|across|for) (?<zones>${ZONES}))?`,
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
    `(?:in |size )?(?<a>[a-z0-9]{1,3})\\s?[/-]\\s?(?<b>[a-z0-9]{1,3})(?: (?:(?:at|in|on) )?(?<zones>${ZONES}))?(?![/\\d]| ?(?:"|cm|mm|inch(?:es)?|in(?= (?:from|off|at|on|to)))(?![a-z]))`,
    'likely',
    ({ a, b, zones }, s) => {
      const sizes = s.subject?.sizes ?? [];
      const joined = labelCalled(`${a}/${b}`, sizes);
      const [from, to] = [labelOf(a, s, false), labelOf(b, s, false)];
      // "8 w/ 1 cm": no size lies between a letter and a number.
      if (/^\d/.test(a ?? '') !== /^\d/.test(b ?? '') || /^w$/.test(a ?? '')) return undefined;
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
    `(?<size>${LABEL})(?![/-]|[.,]\\d)(?! ?(?:cm|mm|m|inch(?:es)?|"|%|yds?|yards?|hours?|hrs?|h|min(?:utes)?|days?|times|wears|buttons|rows|pieces|panels|of them|€|\\$|£|eur)(?![a-z]))`,
    'weak',
    ({ size }, s, from) => {
      const label = (s.subject?.sizes ?? []).find((l) => l.toLowerCase() === size);
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
  // "Recut the sleeves in D".
  given(/\b(?:re-?)?cut |\bmade /, rule)(
    `(?:re-?)?(?:cut|made) ${THE}(?<zones>${ZONES}) (?:in|as|to|from) (?:an? |the |size )*(?<size>${LABEL})${ALONE}`,
    'sure',
    ({ size, zones }, s) => {
      const label = labelOf(size, s, false);
      return label === undefined || /^(?:a|i|an)$/.test(size ?? '') ? undefined : at(whole(label), zones, s);
    },
  ),
  // At a place: "D at the hips", "38 at the waist", "hip D", "D hips", "C shoulders".
  given(/ (?:at|in|on|for|around|across|through) /, rule)(
    `(?:(?:with|and|but|cut|in) )?(?:(?:an?|the) )?(?:size )?(?<size>${LABEL}) (?:at|in|on|for|around|across|through) (?<zones>${ZONES_BEHIND})`,
    'sure',
    ({ size, zones }, s, from) => {
      const label = labelOf(size, s, s.subject === undefined ? /\bsize\b/.test(s.low.slice(from, from + 14)) : s.subject.sizes.length === 0);
      if (/[+-]$/.test(s.low.slice(0, from))) return undefined;
      if (label === undefined || /^(?:a|i|an)$/.test(size ?? '')) return undefined;
      return at(whole(label), zones, s);
    },
  ),
  rule(
    `(?:(?:with|and) )?(?:an? )?(?:size )?(?<size>${LABEL}) (?<zones>${ZONE}(?: and ${ZONE})?)(?=\\s*(?:$|[,.;·|&)]|(?:and|in|with|but|from|then|took|so|for|the|i)\\b|[a-z0-9]{1,3} (?:every|else|other|hips?|waist|bust|shoulders?)))`,
    'likely',
    ({ size, zones }, s, from, to) => {
      const label = labelOf(size, s, false);
      // "View B sleeves" are of no size.
      if (label === undefined || /^(?:a|i|an)$/.test(size ?? '') || /\bview $/.test(s.low.slice(0, from))) return undefined;
      const meant = at(whole(label), zones, s);
      // "Size" said outright outweighs a size that could end before the place.
      return meant && /\bsize\b/.test(s.low.slice(from, to)) ? { ...meant, weight: WEIGHTS.sure + 3 * WEIGHTS.word } : meant;
    },
  ),
  rule(
    `(?<zones>${ZONES})\\s*(?::|=| in an?| as an?| is an?| cut an?| an?)? ?(?:size )?(?<size>(?:between )?${LABEL}(?:(?:\\s?/\\s?| and )${LABEL})?)(?=\\s*(?:$|[;·|&)]|[,.](?!\\d)|(?:and|with|but|in|love|then|[a-z]+ (?:[a-z]{1,2}|\\d{1,2})\\b)))`,
    'likely',
    ({ size, zones }, s) => {
      const two = /^(?:between )?(\S+)(?:\s?\/\s?| and )(\S+)$/.exec(size ?? '');
      const one = labelOf(size, s, false);
      if (one !== undefined && !/^(?:a|i|an|in)$/.test(size ?? '')) return at(whole(one), zones, s);
      const [a, b] = [labelOf(two?.[1], s, false), labelOf(two?.[2], s, false)];
      return a !== undefined && b !== undefined && a !== b ? at(halfway(a, b), zones, s) : undefined;
    },
  ),
  // What was cut another time is not the size of this one, nor are the sizes of several.
  given(/last time|previous|the (?:last|first) one|sizes \d/, rule)(
    `(?:(?:the )?last time|previously|the (?:last|first|previous|other) (?:one|version))(?: (?:i (?:made|cut)|was|it was|it|in|an?))*,? ?\\(?(?:an? |in )?size ${LABEL}\\)?|sizes \\d{1,3}(?:, ?\\d{1,3})+(?:,? (?:and|&) \\d{1,3})?`,
    'sure',
    (_, s, from, to) => ({ says: mereWords(s.typed(from, to)), weight: WEIGHTS.whole * wordCount(s.low.slice(from, to)) }),
  ),
  // Graded: "12 at the bust graded to 14 at the hips", "graded from C to D at the waist".
  given(/ to | into /, rule)(
    `(?:(?:graded|grading|blended|blending|from|in|cut|made|a|an|size|the) )*(?<size>${LABEL})(?: (?:at|in|on) (?<first>${ZONES}))?${TO_GRADE}(?<to>${LABEL}) (?:at|in|on|for|around|across|through|below|from) (?<zones>${ZONES})`,
    'sure',
    ({ size, first, to, zones }, s, from) => {
      const cued = /grad|blend/.test(s.low.slice(from, from + 60)) || first !== undefined;
      const [a, b] = [labelOf(size, s, cued), labelOf(to, s, cued)];
      if (a === undefined || b === undefined || a === b || /^(?:a|an|i)$/.test(size ?? '')) return undefined;
      return {
        says: [
          { is: 'size', line: whole(a) },
          { is: 'size at', zones: zonesNamed(zones, s), line: whole(b) },
        ],
      };
    },
  ),
  given(/grad|blend/, rule)(
    `(?:graded|grading|blended|blending|grade|blend)(?: it| them| (?:up|down|out|in))? (?:to|into) (?:an? |the )?(?:size )?(?:(?<words>${IN_WORDS})|(?<to>${LABEL})) (?:at|in|on|for|around|across|through|below|from) (?<zones>${ZONES_BEHIND})`,
    'sure',
    ({ to, words, zones }, s) => {
      const label = labelOf(words === undefined ? to : figureOf(words), s, true);
      return label === undefined ? undefined : at(whole(label), zones, s);
    },
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
  // "one size up at the hips": which is not said where the size is not.
  given(/ (?:up|down|larger|smaller|bigger)/, rule)(
    `(?:graded |went |gone |cut |sized )?(?:an? |one |two |another )?sizes? (?:up|down|larger|smaller|bigger)(?: (?:at|in|on|for) ${THE}${ZONE})?`,
    'likely',
    (_, s, from, to) => asks(mereWords(s.typed(from, to))),
  ),
]);
