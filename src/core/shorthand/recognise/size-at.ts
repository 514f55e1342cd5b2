import { THE, ZONE, ZONES, ZONES_BEHIND, zonesNamed } from '../places';
import { NEXT_SAID } from '../targets';
import { asks, byRules, given, mereWords, rule, weightOver } from '../said';
import type { Sentence } from '../sentence';
import { WEIGHTS } from '../weights';
import { ALONE, at, FABRIC, figureOf, halfway, IN_WORDS, LABEL, labelOf, sizeBehindName, SO_MUCH, whole } from './size-label';

const TO_GRADE =
  '(?:,? (?:graded|grading|blended|blending|going|out|in|up|down|tapering|tapered|moving|merging|merged|fading|cut|then)){0,2} (?:to|into) (?:an? |the )?(?:size )?';

/** A label in a row of several. */
const SHORT = '[a-z0-9]{1,3}';
/** Where three sizes go that stand in a row. */
const USUAL_THREE = ['bust', 'waist', 'hip'];

const HOW_MANY: Readonly<Record<string, number>> = { two: 2, three: 3, '2': 2, '3': 3 };
const MUCH = '(?:an?|one|two|three|another|[123])';
const OFF_WORDS = /\bsizes? (?:up|down|larger|smaller|bigger)|\b(?:up|down) (?:an?|one|two|three|[123]) (?:full |whole )?sizes?/;
const OFF = `(?:(?<much>${MUCH}) (?:full |whole )?)?sizes? (?<way>up|down|larger|smaller|bigger)`;
const OFF_FIRST = `(?<way2>up|down) (?<much2>${MUCH}) (?:full |whole )?sizes?`;

/** So many sizes above another, by the pattern's own row of sizes. */
function sizeFrom({ subject }: Sentence, size: string | undefined, by: number): string | undefined {
  const { sizes = [] } = subject ?? {};
  const index = size === undefined ? -1 : sizes.indexOf(size);
  return index < 0 ? undefined : sizes[index + by];
}

/** What is said next behind a size at a place, where no comma parts them. */
const GOES_ON = `(?:(?:[+-] ?\\d|${SO_MUCH}|${FABRIC}|${NEXT_SAID}) ?(?![a-z]))`;

const MEASURED = /^ (?:(?:long|short|wid|narrow|loos|tight|low|high|deep)er)(?![a-z])/;
const IS_FRACTION = /^[1357] ?\/ ?(?:2|4|8|16)$/;

const SIZE_AND_PLACE = new RegExp(`(?<![a-z0-9])(?<size>${LABEL}) (?<zone>${ZONE})`, 'g');
const A_PLACE_BEFORE = new RegExp(`(?<![a-z])${ZONE},? $`);
/** What leads to the size of one half. */
const OF_HALF = '(?:(?:cut|made|sewed|used|an?|the|size|in) )*';
/** That the lower half is spoken of too. */
const OF_BOTTOM = /\b(?:bottom|below|down)\b/;
/** Where what was said of a part of the whole is over: "on top of that" tells of none. */
const ENDS = '(?=\\s*(?:$|[,.;·|&)/\\n]|(?:and|in|with|but|from|then|took|so|for|because|as|since)\\b))';

/** Sizes at a place: by their label, or by how many sizes up or down. */
export const recogniseSizeAt = byRules([
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
    `(?:(?:with|and|but|cut|in|except(?: for)?|apart from|only) )?(?:(?:an?|the) )?(?:size )?(?<size>${LABEL}) (?:at|in|on|for|around|across|through) (?<zones>${ZONES_BEHIND})`,
    'sure',
    ({ size, zones }, s, from, to) => {
      const label = labelOf(size, s, s.subject === undefined ? /\bsize\b/.test(s.low.slice(from, from + 14)) : s.subject.sizes.length === 0);
      if (/[+-]$/.test(s.low.slice(0, from))) return undefined;
      if (label === undefined || /^(?:a|i|an)$/.test(size ?? '')) return undefined;
      const meant = at(whole(label), zones, s);
      // "Needed a 14 at the hip": it was cut so, or ought to have been.
      return meant && /\bneeded (?:to be )?$/.test(s.low.slice(0, from)) ? asks(meant.says, mereWords(s.typed(from, to))) : meant;
    },
  ),
  rule(
    `(?:(?:with|and) )?(?:an? )?(?:size:? )?(?<size>${LABEL}) (?<zones>${ZONE}(?: and ${ZONE})?)(?=[ \\t]*\\n|\\s*(?:$|[,.;·|&)/]|(?:and|in|with|but|from|then|took|so|for|the|i|bodice|pieces?|pattern|size)\\b|[a-z0-9]{1,3} (?:every|else|other|hips?|waist|bust|shoulders?)))`,
    'likely',
    ({ size, zones }, s, from, to) => {
      const label = labelOf(size, s, false);
      // "View B sleeves" are of no size, nor is "-2 waist".
      // A dash right behind the name is no minus.
      const parted = s.subject !== undefined && /^ - $/.test(s.low.slice(s.subject.to, from));
      if (label === undefined || /^(?:a|i|an)$/.test(size ?? '') || (!parted && /(?:\bview |[+-] ?)$/.test(s.low.slice(0, from)))) return undefined;
      const meant = at(whole(label), zones, s);
      // "Size" said outright outweighs a size that could end before the place.
      return meant && /\bsize\b/.test(s.low.slice(from, to)) ? { ...meant, weight: WEIGHTS.sure + 3 * WEIGHTS.word } : meant;
    },
  ),
  rule(
    `(?<zones>${ZONES})\\s*(?::|=| in an?| as an?| is an?| cut an?| an?)? ?(?:size )?(?<size>(?:between )?${LABEL}(?:(?:\\s?/\\s?| and )${LABEL})?)(?=\\s*(?:$|[;·|&)]|[,.](?!\\d)|${GOES_ON}|(?:and|with|but|in|love|then|[a-z]+ (?:[a-z]{1,2}|\\d{1,2})\\b)))`,
    'likely',
    ({ size, zones }, s, from, to) => {
      // "Elastic waist 30", "pockets 1 deeper", "knock knee 3/8" are lengths.
      if (/\belastic $/.test(s.low.slice(0, from)) || MEASURED.test(s.low.slice(to)) || IS_FRACTION.test(size ?? '')) return undefined;
      const two = /^(?:between )?(\S+)(?:\s?\/\s?| and )(\S+)$/.exec(size ?? '');
      const one = labelOf(size, s, false);
      // "L, chest 42" is how large he is.
      if (/\bchest$/.test(zones ?? '') && Number(size) >= 30 && !s.subject?.sizes.includes(size ?? '')) return undefined;
      if (one !== undefined && !/^(?:a|i|an|in)$/.test(size ?? '')) return at(whole(one), zones, s);
      const [a, b] = [labelOf(two?.[1], s, false), labelOf(two?.[2], s, false)];
      return a !== undefined && b !== undefined && a !== b ? at(halfway(a, b), zones, s) : undefined;
    },
  ),
  // "With the waistband of the 42".
  given(/ (?:of|from) (?:the|an?) /, rule)(
    `(?:(?:with|and|but) )?${THE}(?<zones>${ZONES}) (?:of|from) (?:the|an?) (?:size )?(?<size>${LABEL})${ALONE}`,
    'sure',
    ({ zones, size }, s) => {
      const label = labelOf(size, s, false);
      return label === undefined || /^(?:a|an|i)$/.test(size ?? '') ? undefined : at(whole(label), zones, s);
    },
  ),
  // Above and below a place: "16 from the waist down", "14 up top".
  given(/waist|hip|top/, rule)(
    `(?<lead>(?:(?:with|and|but|cut|in|then|to) )*(?:(?:an?|the) )?(?:size )?)(?<size>${LABEL}) (?:(?:from|below) ${THE}(?<from>waist|hips?)(?: downwards?| down)?|(?<top>above the waist|from the waist up(?:wards?)?|on (?:the )?top|at the top|up top))${ENDS}`,
    'sure',
    ({ lead, size, from, top }, s, begun) => {
      const label = labelOf(size, s, true);
      if (label === undefined || /^(?:a|i|an)$/.test(size ?? '')) return undefined;
      // "Six buttons, 2 at the top", "sits 5 below the waist": a figure is a size where it is called so, or where one is told by halves.
      const mayBeSize = top === undefined ? lead !== '' || /(?:^|[,;(])\s*$/.test(s.low.slice(0, begun)) : OF_BOTTOM.test(s.low);
      if (/^\d/.test(label) && !/\bsize $/.test(lead ?? '') && !mayBeSize) return undefined;
      return at(whole(label), top !== undefined ? 'shoulders and bust' : from?.startsWith('hip') ? 'hips' : 'waist and hips', s);
    },
  ),
  // "12 waist 14 hip 12 leg": each behind its size, where a size begins the row and a place ends it.
  rule(
    `(?:cut )?(?:an? )?(?:size )?(?<row>${LABEL} ${ZONE}(?:,? (?:and )?${LABEL} ${ZONE}){1,3})(?!,? (?:in )?(?:an? )?${LABEL}${ALONE})`,
    'sure',
    ({ row = '' }, s, from, to) => {
      // A bra has a size of two parts.
      if (A_PLACE_BEFORE.test(s.low.slice(0, from)) || /\b(?:band|cups?)\b/.test(row)) return undefined;
      const says = [...row.matchAll(SIZE_AND_PLACE)].map(({ groups }) => {
        const label = labelOf(groups?.['size'], s, false);
        return label === undefined ? undefined : at(whole(label), groups?.['zone'], s);
      });
      const isRead = says.every((one) => one !== undefined);
      return isRead ? { says: says.flatMap((one) => one.says), weight: weightOver(says.length, s, from, to) } : undefined;
    },
  ),
  // "A 12 top and a 14 bottom", "12 on top, 14 on the bottom".
  given(/top|bodice|upper/, rule)(
    `${OF_HALF}(?<upper>${LABEL}) (?:(?:on|for|in|at) )?(?:the )?(?:top|bodice|upper (?:half|body))(?:,| and| with| but|,? &|,? then)* ${OF_HALF}(?<lower>${LABEL}) (?:(?:on|for|in|at) )?(?:the )?(?:bottoms?|skirt|lower (?:half|body)|trousers|shorts|legs)(?! (?:hem|band))`,
    'sure',
    ({ upper, lower }, s) => {
      const [above, below] = [labelOf(upper, s, true), labelOf(lower, s, true)];
      if (above === undefined || below === undefined) return undefined;
      const [upperHalf, lowerHalf] = [at(whole(above), 'shoulders and bust', s), at(whole(below), 'hips', s)];
      return upperHalf && lowerHalf && { says: [...upperHalf.says, ...lowerHalf.says] };
    },
  ),
  // Graded: "12 at the bust graded to 14 at the hips", "graded from C to D at the waist".
  given(/ to | into /, rule)(
    `(?:(?:graded|grading|blended|blending|from|in|cut|made|a|an|size|the) )*(?<size>${LABEL})(?: (?:(?:at|in|on) )?(?<first>${ZONES}))?${TO_GRADE}(?<to>${LABEL}) (?:(?:at|in|on|for|around|across|through|below|from) )?(?<zones>${ZONES})`,
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
    `(?:graded|grading|blended|blending|grade|blend)(?: it| them| (?:up|down|out|in))? (?:to|into) (?:an? |the )?(?:size )?(?:(?<words>${IN_WORDS})|(?<to>${LABEL})) (?:(?:at|in|on|for|around|across|through|below|from) )?(?<zones>${ZONES_BEHIND})`,
    'sure',
    ({ to, words, zones }, s) => {
      const label = labelOf(words === undefined ? to : figureOf(words), s, true);
      return label === undefined ? undefined : at(whole(label), zones, s);
    },
  ),
  // "The hips are D", "except the hips, which are a D".
  given(/ (?:is|are|was|were|i) /, rule)(
    `(?:(?:with|and|but|only|except(?: for)?|apart from|other than) )?${THE}(?<zones>${ZONES}),? (?:(?:which|that|where) )?(?:is|are|was|were|i (?:cut|made|used|did))(?: (?:in|as|to))?(?: (?:an?|the))?(?: size)? (?<size>${LABEL})${ALONE}(?! (?:too|cm|bit|little|touch)\\b)`,
    'sure',
    ({ zones, size }, s, from, to) => {
      const label = labelOf(size, s, / size /.test(s.low.slice(from, to)));
      return label === undefined || /^(?:a|i|an)$/.test(size ?? '') ? undefined : at(whole(label), zones, s);
    },
  ),
  // "C/D/E bust/waist/hip": as many places as sizes. Where no place is said it is the usual three, or it is not known.
  given(/\/.*\//, rule)(
    `(?:in |sizes? |an? )*(?<labels>${SHORT}(?: ?/ ?${SHORT}){1,2})(?:,? (?:at|in|for|on))?(?: (?<places>${ZONE}(?: ?/ ?${ZONE}){1,2}))?(?![/\\d])`,
    'sure',
    ({ labels = '', places }, s, from, to) => {
      const lines = labels.split('/').flatMap((word) => labelOf(word, s, false) ?? []);
      const where = places?.split('/') ?? USUAL_THREE;
      if (lines.length !== labels.split('/').length || lines.length !== where.length) return undefined;
      const says = lines.flatMap((label, i) => at(whole(label), where[i], s)?.says ?? []);
      if (says.length !== lines.length) return undefined;
      return places === undefined ? asks(says, mereWords(s.typed(from, to))) : { says };
    },
  ),
  // "One size up at the hips", "hips a size bigger": of the size that stands behind the name.
  given(OFF_WORDS, rule)(
    `(?:(?:with|and|but) )?(?:(?:graded|went|gone|going|cut|made|sized|only) )*(?:${THE}(?<first>${ZONES}) (?:is |are |in )?)?(?:${OFF}|${OFF_FIRST})(?: (?:at|in|on|for|around|across|through) (?<zones>${ZONES_BEHIND})| (?:from|than|over|on) (?:the )?(?:last (?:time|one|version)|before))?`,
    'likely',
    ({ first, zones = first, much, way, much2, way2 }, s, from, to) => {
      const by = (HOW_MANY[much ?? much2 ?? ''] ?? 1) * (/up|larg|bigg/.test(way ?? way2 ?? '') ? 1 : -1);
      const words = mereWords(s.typed(from, to));
      if (zones === undefined) {
        // All over it may be told of the size that was cut last, as well as of the one on the envelope.
        const size = sizeBehindName(s, from) === undefined ? sizeFrom(s, s.subject?.pattern?.lastSize, by) : undefined;
        return size === undefined ? asks(words) : asks([{ is: 'size', line: whole(size) }], words);
      }
      const label = sizeFrom(s, sizeBehindName(s, from), by);
      return (label === undefined ? undefined : at(whole(label), zones, s)) ?? asks(words);
    },
  ),
]);
