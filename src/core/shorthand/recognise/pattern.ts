import { anyOf, COUNT, countOf, ORDINAL, ordinalOf } from '../amounts';
import { folded } from '../names';
import { recogniseChosen } from './chosen';
import { recogniseJoined, viewLettered } from './joined';
import { asks, byRules, isOfItsName, mereWords, rule, says, wordCount, type Meant } from '../said';
import { DIRECTIONS, EARLIER, ZONE_WORDS } from '../words';
import type { Proposal, Recogniser } from '../sentence';
import { WEIGHTS } from '../weights';

/** The line's own name. */
const subject: Recogniser = ({ subject: of }, at) =>
  of?.from === at ? [{ from: of.from, to: of.to, says: [of.says, ...(of.also ?? [])], weight: WEIGHTS.subject }] : [];

/** Higher numbers are of something else: a model in a magazine, a page. */
const MOST_VERSIONS = 60;
const numbered = (version: number | undefined): Meant | undefined =>
  version === undefined || version < 1 || version > MOST_VERSIONS ? undefined : says({ is: 'version', version });

/** "Better than v3" is another one. */
const COMPARED = /\b(?:than|like|from|as|of|unlike|since|after|before|because|where) (?:the |my |in |on )*$/;

const version = byRules([
  rule(`(?:version|v|no\\.?|number|#|nr\\.?)\\s*(?<n>\\d{1,3}|${COUNT})(?! ?(?:cm|mm|%|buttons))`, 'sure', ({ n }, s, from) =>
    COMPARED.test(s.low.slice(0, from)) ? undefined : numbered(countOf(n ?? '')),
  ),
  rule(
    `(?:(?:this is|was|it's|it is|my|the|now|made) )*(?<n>${ORDINAL}) (?:one|version|time|make|attempt|try|go|pair|iteration|(?:that )?(?:i have|i've|i) (?:made|sewn))(?: (?:of it|of this|already|now))?`,
    'sure',
    // "The third one is the Teasel skirt": of what is told, and not of its pattern.
    // "First time sewing buttonholes": of what is sewn at all.
    ({ n }, s, from, to) =>
      COMPARED.test(s.low.slice(0, from)) ||
      (/ one$/.test(s.low.slice(from, to)) && /^ (?:is|was)\b/.test(s.low.slice(to))) ||
      (/ time$/.test(s.low.slice(from, to)) && /^ (?:with|sewing|using|trying|doing|working with) (?!this|it\b|the pattern)/.test(s.low.slice(to)))
        ? undefined
        : numbered(ordinalOf(n ?? '')),
  ),
  // "Skerry tee: the fourth is in linen", as it is told behind its name.
  rule(
    `(?:the )?(?<n>${ORDINAL})(?: (?:one|pair|version))? (?:is|was|i made|i cut)(?= (?:in|of|from|made|cut|an?|size)(?![a-z]))`,
    'sure',
    ({ n = '' }, s, from) => (isOfItsName(s, from) ? numbered(ordinalOf(n)) : undefined),
  ),
  rule(`(?:attempt|try) (?<n>\\d{1,2})(?![a-z0-9]|[.,]\\d| ?(?:cm|mm|m|%|inch(?:es)?)(?![a-z]))`, 'sure', ({ n = '' }, s, from) =>
    COMPARED.test(s.low.slice(0, from)) ? undefined : numbered(countOf(n)),
  ),
  rule(`take (?<n>\\d{1,2}|${COUNT})(?=\\s*(?:$|[,.;:]))`, 'sure', ({ n = '' }) => numbered(countOf(n))),
  // "my third Foreshore tee", "the 2nd gangway trousers".
  rule(`(?:(?:my|the|a) )?(?<n>${ORDINAL})`, 'weak', ({ n }, s, _, to) =>
    s.subject !== undefined && /^\s+(?:pair of )?$/.test(s.low.slice(to, s.subject.from)) ? numbered(ordinalOf(n ?? '')) : undefined,
  ),
  // A small number right after the name that is none of its sizes.
  rule(
    `(?<n>\\d{1,2})(?![/.,]\\d|\\s?(?:cm|mm|m|inch(?:es)?|"|yds?|yards?|%|/|h\\b|hours?|buttons?|min|years?|y\\b|€|\\$|£))`,
    'likely',
    ({ n }, s, from, to) => {
      const { subject: of } = s;
      const number = Number(n);
      if (!of || of.to > from || !/^[\s,:·]*$/.test(s.low.slice(of.to, from)) || number < 1 || number > 30) return undefined;
      if (of.sizes.includes(n ?? '') || (of.sizes.length === 0 && !(number < 4 && /^\s*(?:,|in\b|·|$)/.test(s.low.slice(to))))) return undefined;
      // After a name without sizes a number is a size as well.
      if (of.sizes.length === 0) return asks([{ is: 'version', version: number }], [{ is: 'size', line: { size: n ?? '' } }]);
      return says({ is: 'version', version: number });
    },
  ),
]);

/** Several at once: "two pairs of", "three of them", a number right before the name. */
const quantity = byRules([
  rule(`(?<n>${COUNT}) (?:of (?:them|these)|pairs(?: of)?|copies(?: of)?|the same)`, 'likely', ({ n = '' }) => several(countOf(n))),
  rule(`[x×](?<apart> ?)(?<n>\\d{1,2})(?! ?(?:cm|mm|m|inch|in|x)\\b)`, 'likely', ({ n = '', apart }, s, from) => {
    // "150 x 3" is how large something is; "14 x3" three of a size.
    const isAcross = apart !== '' && /\d\s*$/.test(s.low.slice(0, from));
    return /(?:^|[\s,;·|(])$/.test(s.low.slice(0, from)) && !isAcross ? several(Number(n)) : undefined;
  }),
  rule(`(?<n>\\d{1,2}) ?[x×]`, 'likely', ({ n = '' }, s, _, to) =>
    s.subject && /^ $/.test(s.low.slice(to, s.subject.from)) ? several(Number(n)) : undefined,
  ),
  rule(`(?<n>${COUNT})`, 'weak', ({ n = '' }, s, from, to) =>
    // "A 10 Murre dress" is one of that size.
    s.subject && /^ $/.test(s.low.slice(to, s.subject.from)) && !/\ban? $/.test(s.low.slice(0, from)) ? several(countOf(n)) : undefined,
  ),
]);
function several(count: number | undefined): Meant | undefined {
  return count !== undefined && count > 1 && count <= 50 ? says({ is: 'quantity', quantity: count }) : undefined;
}

const lettered = byRules([
  rule(`(?:view|option|style|variation|version) (?<letter>[a-z]|\\d)`, 'sure', ({ letter = '' }, s) => {
    const found = viewLettered(s.subject?.pattern, letter);
    return found && says({ is: 'view', viewId: found.id });
  }),
]);

/** The letter of a view right after the name, where it is none of the sizes. */
const viewByLetter = byRules([
  // An A is an article, but where nothing comes that it could belong to.
  rule(`(?<letter>[b-z]|a(?= *(?:[,;·|]|in\\b|$)))`, 'likely', ({ letter = '' }, s, from) => {
    const { subject: of } = s;
    const views = of?.pattern?.views ?? [];
    if (views.length < 2 || !of || of.to > from || s.low.slice(of.to, from).trim() !== '' || of.sizes.some((l) => l.toLowerCase() === letter))
      return undefined;
    const found = viewLettered(of.pattern, letter);
    return found && says({ is: 'view', viewId: found.id });
  }),
]);

/** A view by its own name, with or without its letter. */
const viewByName: Recogniser = ({ subject: of, low }, at) => {
  const proposals: Proposal[] = [];
  const views = of?.pattern?.views ?? [];
  if (views.length < 2) return proposals;
  for (const view of views) {
    const name = folded(view.name).replace(/^(?:view )?[a-z\d],? /, '');
    if (name.length >= 4 && low.startsWith(name, at) && !/^[\p{L}\p{N}]/u.test(low.slice(at + name.length)))
      proposals.push({
        from: at,
        to: at + name.length,
        says: [{ is: 'view', viewId: view.id }],
        weight: WEIGHTS.likely + WEIGHTS.word * name.split(' ').length,
      });
  }
  return proposals;
};

/** "By Harbour Hand", "Seabright Patterns". */
const DESIGNERS = [
  /^(?:pattern )?by (?<name>[\p{L}][\p{L}'&. -]{1,40}?)(?=\s*(?:$|[,;·|\n]|\bin\b|\bsize\b|\bfor\b|\bcut\b))/u,
  /^(?<name>(?!(?:the|my|an?|of|in|no|other|all|both|two|three|old|new) )(?:[\p{L}'&.-]+ ){1,3}?(?:patterns|studios?|drafts|designs|pattern co(?:mpany)?))(?=\s*(?:$|[,;·|\n]))/u,
];
/** Who drew it, right after a new name. */
const designer: Recogniser = ({ subject: of, low, typed }, at) => {
  if (of?.says.is !== 'new pattern' || !/^\s*,?\s*$/.test(low.slice(of.to, at)) || at < of.to) return [];
  const found = DESIGNERS.map((said) => said.exec(low.slice(at))).find(Boolean);
  const name = found?.groups?.['name'];
  if (!found || name === undefined) return [];
  const from = at + found[0].lastIndexOf(name);
  return [{ from: at, to: at + found[0].length, says: [{ is: 'designer', name: typed(from, from + name.length) }], weight: WEIGHTS.sure + 2 }];
};

/** "Waist tight like last time", "sleeves as in version 1": of all of it nothing is said. */
const OF_A_PART = new RegExp(
  `\\b(?:${anyOf([...ZONE_WORDS.keys(), ...Object.keys(DIRECTIONS)])}|(?:same|other) [a-z]+|fits?|sits?|looks?|hangs?|not|previously) $`,
);

/** Cut as an earlier version was: the last one, or the one that is said. Which "the other one" is, nobody knows. */
function cutAs(one: string | undefined, typed: string): Meant {
  const version = /\d+/.exec(one ?? '')?.[0] ?? ordinalOf(/\b(?:first|second|third)\b/.exec(one ?? '')?.[0] ?? '');
  if (version !== undefined) return says({ is: 'cut', as: Number(version) });
  return /\b(?:other|old)\b/.test(one ?? '') ? { says: mereWords(typed) } : says({ is: 'cut', as: 'last' });
}

/** Whose cut it has: the last version's, or the designer's. */
const cut = byRules([
  rule(
    `(?:(?:made|cut|sewn|sewed|exactly|just|all|everything|otherwise|the|pattern) )*(?:as is|as[- ]it[- ]is|same again|unchanged|(?:as|like)(?: in)? (?<when>(?:the )?last time|before|version \\d{1,3}|v ?\\d{1,3})|(?:(?:the )?same(?: cut)? as(?: in)?|no changes (?:from|since|to)|(?:a )?repeat of|identical to) (?<one>${EARLIER}|last)|same cut)`,
    'likely',
    ({ one, when }, s, from, to) => {
      const before = s.low.slice(0, from);
      if (/\bagain:?\s*$/.test(before) || (when !== undefined && OF_A_PART.test(before))) return undefined;
      const meant = cutAs(one ?? when, s.typed(from, to));
      return { ...meant, weight: WEIGHTS.sure + WEIGHTS.word * wordCount(s.low.slice(from, to)) };
    },
  ),
  rule(
    `(?:(?:made|cut|sewn|sewed|with|there were|did|i made) )*(?:no (?:alterations?|adjustments?|modifications?|mods|tweaks|pattern changes|fitting changes)|no changes to the pattern|without (?:any )?(?:alterations?|adjustments?|changes|modifications?)|as drafted|as per (?:the )?pattern|unaltered|straight (?:out of|from) the (?:envelope|packet|box|pattern|page|pdf)|out of the (?:envelope|packet)|exactly as drafted)(?: at all)?`,
    'likely',
    () => says({ is: 'cut', as: 'drafted' }),
  ),
  rule(`(?:(?:made|with) )*no changes(?: at all)?`, 'weak', (_, { subject }) =>
    // Of a new pattern there is none before.
    subject?.says.is === 'new pattern' ? says({ is: 'cut', as: 'drafted' }) : asks([{ is: 'cut', as: 'last' }], [{ is: 'cut', as: 'drafted' }]),
  ),
]);

/** Patterns, versions, views, and what came from elsewhere. */
export const recognisePattern: Recogniser = (sentence, at) =>
  [subject, version, quantity, lettered, viewByLetter, viewByName, recogniseJoined, recogniseChosen, designer, cut].flatMap((recognise) => [
    ...recognise(sentence, at),
  ]);
