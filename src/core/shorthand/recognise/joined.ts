import type { ZoneId } from '../../body/zones';
import { anyOf, END } from '../amounts';
import { folded, sameNoun, type Named } from '../names';
import { isGarment } from '../new-name';
import { byRules, clauseStart, mereWords, rule, says, wherever, type Meant } from '../said';
import type { KnownPattern, Proposal, Recogniser, Sentence } from '../sentence';
import { WEIGHTS } from '../weights';
import { JOINED_WITH } from '../words';

/** Parts that come from another pattern, with the zones they bring. */
const PARTS: Readonly<Record<string, readonly ZoneId[]>> = {
  sleeve: ['sleeve', 'upperArm', 'wrist'],
  collar: ['neckline'],
  neckline: ['neckline', 'neckWidth', 'neckDepth'],
  skirt: ['skirt', 'hemSweep'],
  bodice: ['bust', 'bodice', 'acrossBack'],
  cuff: ['wrist'],
  waistband: ['waistband'],
  leg: ['thigh', 'knee', 'leg'],
  hood: [],
  pocket: ['pocket'],
  yoke: ['shoulder', 'acrossBack'],
  placket: [],
  facing: [],
  strap: ['strap'],
  front: ['acrossFront'],
  back: ['acrossBack'],
};
const ONE = `${anyOf(Object.keys(PARTS))}s?`;
const PART = `(?<part>${ONE}(?:(?:, | and |, and )(?:the )?${ONE})*)`;
const BEFORE_PATTERN = new RegExp(
  `(?:(?:and|with|plus|but|using|,) )*(?:(?:the|its|a) )?(?:view (?<letter>[a-z]|\\d)(?:'s)? )?${PART}(?: (?:is|are|was|were|taken|borrowed|came))* (?:of|from|off)(?: (?:the|my|an?))? $`,
  'u',
);
const AFTER_PATTERN = new RegExp(` ${PART}${END}`, 'y');
const JOINING = new RegExp(`(?:,? ?(?:${JOINED_WITH}))(?:\\s+(?:the|an?|my))?\\s+$`);
const BESIDE = /(?:with|and|plus|using|used|borrowed)(?:\s+(?:the|an?|my))?\s+$/;
/** Worn with another, and not joined with it. */
const WORN_WITH = /\b(?:worn|wear|goes|go|going|went|looks|paired|matching|matches|set|together)(?: \w+)? $/;

/** A part, or several, as they are said, with all that they bring. */
function partSaid(said: string): { readonly part: string; readonly zones: readonly ZoneId[] } {
  const parts = said.split(/,? and |, /).map((part) => part.replace(/^the /, '').replace(/s$/, ''));
  return { part: parts.join(' and '), zones: [...new Set(parts.flatMap((part) => PARTS[part] ?? []))] };
}

/** The view of a pattern that bears a letter. */
export const viewLettered = (pattern: KnownPattern | undefined, letter: string | undefined): Named | undefined =>
  letter === undefined ? undefined : pattern?.views?.find((v) => new RegExp(`^(?:view )?${letter}(?![\\p{L}\\p{N}])`, 'u').test(folded(v.name)));

/** What a part is called in the singular, where a pattern's own name says it: the Grebe skirt brings its skirt. */
const partInName = (said: string): string => Object.keys(PARTS).find((part) => new RegExp(` ${part}s?$`).test(said)) ?? '';

/** "With the sleeves of the Tidewater shirt", "joined with the Grebe skirt": sources, and no other subject. */
const source = wherever(({ low, names, subject: of, typed, context }) =>
  names.flatMap((name) => {
    if (name.kind !== 'patterns' || (of && of.from === name.from) || (of?.says.is === 'pattern' && of.says.patternId === name.id)) return [];
    const pattern = context.patterns.find((p) => p.id === name.id);
    // "The Kelp top" is not the Kelp leggings.
    const noun = name.whole ? undefined : /^ ([a-z]+)/.exec(low.slice(name.to))?.[1];
    const called = folded(pattern?.name ?? '').split(/\s+/);
    if (noun !== undefined && isGarment(noun) && !(noun in PARTS) && !called.some((word) => sameNoun(word, noun))) return [];
    const said = (part: string, from: number, end: number, sure = true, viewed?: string): Proposal[] => {
      // "… of the Slackwater dress, view B".
      const behind = /^,? view ([a-z]|\d)(?![\p{L}\p{N}])/u.exec(low.slice(end));
      const view = viewLettered(pattern, behind?.[1] ?? viewed);
      const to = end + (behind && view ? behind[0].length : 0);
      const fact = { is: 'source', patternId: name.id, ...(view ? { viewId: view.id } : {}), ...partSaid(part) } as const;
      const weight = WEIGHTS.sure + WEIGHTS.word * 6;
      return sure ? [{ from, to, says: [fact], weight }] : [{ from, to, says: [], choices: [[fact], mereWords(typed(from, to))], weight }];
    };
    const clause = clauseStart(low, name.from, /[;\n]|\. /g);
    const lead = low.slice(clause, name.from);
    const before = BEFORE_PATTERN.exec(lead);
    if (before?.groups?.['part'] !== undefined)
      return said(
        before.groups['part'],
        clause + before.index + (/^[\s,]*/.exec(before[0])?.[0].length ?? 0),
        name.to,
        true,
        before.groups['letter'],
      );
    AFTER_PATTERN.lastIndex = name.to + (low.startsWith("'s", name.to) ? 2 : 0);
    const after = AFTER_PATTERN.exec(low)?.groups?.['part'];
    const [joining, beside] = [JOINING.exec(lead), BESIDE.exec(lead)];
    const at = joining ?? beside;
    if (!at || (!joining && WORN_WITH.test(lead.slice(0, at.index)))) return [];
    const from = clause + at.index + (/^[\s,]*/.exec(at[0])?.[0].length ?? 0);
    if (after !== undefined) return said(after, from, AFTER_PATTERN.lastIndex);
    const part = partInName(low.slice(name.from, name.to));
    // "With the Grebe skirt" could be what it is worn with, where no part is said of the one or the other.
    return joining || part !== '' ? said(part, from, name.to, joining !== null || of?.part === true) : [];
  }),
);

/** "With the sleeves of view B", "with view B's sleeve": a part of the line's own pattern in another view. */
const viewSource = byRules([
  rule(
    `(?:(?:and|with|plus|but|using) )*(?:(?:the|its|a) )?${PART} (?:of|from|off) (?:the )?(?:view|option|style|variation) (?<letter>[a-z]|\\d)`,
    'sure',
    ({ part, letter }, s) => ofView(part, letter, s),
  ),
  rule(
    `(?:(?:and|with|plus|but|using) )+(?:(?:the|its) )?${PART} (?:of|from|off) (?<letter>[b-z])(?= *(?:$|[,.;·|]))`,
    'sure',
    ({ part, letter }, s) => ofView(part, letter, s),
  ),
  rule(
    `(?:(?:and|with|plus|but|using) )+(?:the )?(?:view|option|style|variation) (?<letter>[a-z]|\\d)(?:'s)? ${PART}`,
    'sure',
    ({ part, letter }, s) => ofView(part, letter, s),
  ),
]);
function ofView(part = '', letter = '', s: Sentence): Meant | undefined {
  const pattern = s.subject?.pattern;
  const view = viewLettered(pattern, letter);
  return pattern && view ? says({ is: 'source', patternId: pattern.id, viewId: view.id, ...partSaid(part) }) : undefined;
}

/** "With my own half circle skirt", "with a half circle skirt from my own sums". */
const own = byRules([
  rule(
    `(?:(?:and|with|plus|but) )+(?:my own|an? self[- ]drafted|self[- ]drafted) (?<words>[^,.;·|\\n]{3,60}?)(?=\\s*(?:$|[,.;·|\\n]))`,
    'sure',
    ({ words = '' }, s, from, to) => ownPart(words, s, from, to),
  ),
  rule(
    `(?:(?:and|with|plus|but) )+(?:an? )?(?<words>[^,.;·|\\n]{3,60}?) (?:of my own|from my own sums|i drafted myself)`,
    'sure',
    ({ words = '' }, s, from, to) => ownPart(words, s, from, to),
  ),
]);
function ownPart(words: string, s: Sentence, from: number, to: number): Meant | undefined {
  const at = s.low.indexOf(words, from);
  if (!new RegExp(`(?:${Object.keys(PARTS).join('|')}|belt|ruffle|frill|peplum|flounce|tie)s?(?![a-z])`).test(words)) return undefined;
  return { ...says({ is: 'own', words: s.typed(at, Math.min(to, at + words.length)) }), weight: WEIGHTS.whole * 3 };
}

/** Parts that come from another pattern, another view, or no pattern at all. */
export const recogniseJoined: Recogniser = (sentence, at) => [source, viewSource, own].flatMap((recognise) => [...recognise(sentence, at)]);
