import { fibresOf } from '../fabric/fibres';
import { TEST_FIELD, testResult } from '../fabric/stash';
import { NOTHING_TOLD, type FabricFacts, type FabricTold } from '../fabric/told';
import type { FabricTest } from '../records';
import { gramsOf } from '../units/fabric-weight';
import { isDenied } from './denied';
import { decimalOf, isInYards, lengthOf, SAID_LENGTH } from './amounts';
import { MONEY, moneySaid } from './money-said';
import { blanked, FROM_SHOP, type Span } from './report';
import type { LineContext } from './sentence';
import { unitOfWidth, WIDTH, widthSaid } from './width-said';

/** What a sentence tells of a fabric itself: its label, and what it was seen to do. */

type Way = 'along' | 'across';

/** How far a fabric stretches or shrinks: in percent, or as a piece of it was measured, and which ways that is. */
interface Give {
  readonly of: 'stretch' | 'shrinkage';
  readonly by: number | Pick<FabricTest, 'before' | 'after'>;
  /** None where it was not said. */
  readonly ways: readonly Way[];
}

/** What is read in a sentence of a fabric. */
export interface FactsRead {
  readonly facts: FabricFacts;
  /** What stretches or shrinks nobody said which way: it is asked. */
  readonly undirected: (Give & { readonly at: Span }) | undefined;
  /** Where the facts are said. */
  readonly at: readonly Span[];
}

type Groups = Readonly<Record<string, string | undefined>>;
type Told = FabricTold | Give | string | undefined;

interface FactRule {
  readonly said: RegExp;
  /** A field with its value, a give, or words for how it behaves; undefined where it is nothing of these after all. */
  readonly tells: (groups: Groups, context: LineContext, typed: string) => Told;
}

const rules = (sources: readonly string[], tells: FactRule['tells']): FactRule[] =>
  sources.map((source) => ({ said: new RegExp(`(?<![\\p{L}\\d])(?:${source})`, 'gu'), tells }));

const END = '(?![\\p{L}\\d])';
const FIGURE = '\\d{1,3}(?:[.,]\\d{1,2})?';
const PERCENT = `(?<percent>${FIGURE}) ?(?:%|per ?cent${END})`;
const LENGTH_OR_FIGURE = `(?:${SAID_LENGTH}|\\d+(?:[.,]\\d+)?)(?! ?%|[\\p{L}\\d])`;
const ALONG = '(?:along(?: the (?:grain|length|warp))?|(?:in|by) (?:the |its )?(?:length|warp)|length(?:wise|ways)|warpwise)';
const ACROSS = '(?:across(?: the (?:grain|width|weft))?|(?:in|by) (?:the |its )?(?:width|weft)|(?:cross|width)(?:wise|ways))';
const BOTH = '(?:both ways|each way|in (?:both|all|every) directions?|all round|all over|along and across|across and along)';
const WAY = `(?:(?<both>${BOTH})|(?<along>${ALONG})|(?<across>${ACROSS}))${END}`;
const MAYBE_WAY = `(?:,? ${WAY})?`;
const DID_NOT = "(?:did(?: not|n['’]?t)|does(?: not|n['’]?t)|has(?: not|n['’]?t)|won['’]?t|never)";
const IN_WASH = '(?: (?:(?:in|after|with|when) (?:the |a |its )?(?:first )?(?:washing|washed|wash|pre-?washing|pre-?wash))(?![a-z]))?';
const FIBRE = '[a-z]+(?: [a-z]+)?';
const SHARE = `\\d{1,3}(?:[.,]\\d)? ?% ${FIBRE}`;
const ONE_WAY = '(?:nap|napped|directional|one[- ]way)(?: (?:print|design|pattern))?';
/** What fabric is seen to do or to be, none of it in figures. */
const DOES =
  '(?:bleeds?|bled|frays?|frayed|pills?|pilled|creases?|creased|wrinkles?|crumples?|sheds?|slips?|slides?|slippery|ladders?|curls?|curled|snags?|scorch(?:es|ed)|melts?|melted|fades?|faded|clings?|drapes?|ravels?|unravels?|itches|itchy|see-through|sheer|stiff|softens?|softened|grows?|grew|skews?|skewed|off grain|wants? starch|rustles?|transparent|arrived|turned up)';
const HOW_MUCH = `(?:(?:really|hardly|barely|always|easily|badly|very|quite|rather|a bit|too|${DID_NOT}) )*`;

const waysOf = ({ along, across, both }: Groups): readonly Way[] =>
  both === undefined
    ? [...(along === undefined ? [] : ['along' as const]), ...(across === undefined ? [] : ['across' as const])]
    : ['along', 'across'];

/** More than that no garment fabric stretches or shrinks, %. Source: our own convention, to tell figures of something else. */
const MOST = { stretch: 300, shrinkage: 60 } as const;

const inPercent =
  (of: Give['of']) =>
  (groups: Groups): Told => {
    const by = decimalOf(groups['percent'] ?? '');
    return by > MOST[of] ? undefined : { of, by, ways: waysOf(groups) };
  };

/** "It does not shrink" is said of both ways. */
const notAtAll =
  (of: Give['of']) =>
  (groups: Groups): Told => {
    const ways = waysOf(groups);
    return { of, by: 0, ways: ways.length === 0 ? ['along', 'across'] : ways };
  };

/** A piece measured before and after; the second is in the unit of the first: "10 cm stretches to 13". */
const measured =
  (of: Give['of']) =>
  (groups: Groups, { unit }: LineContext): Told => {
    const { before = '', after = '' } = groups;
    const own = /[a-z"]+$/.exec(before)?.[0] ?? '';
    const [from, to] = [before, /[a-z"]$/.test(after) ? after : `${after} ${own}`].map((said) => lengthOf(said.trim(), unit)?.cm ?? 0);
    if (!from || !to) return undefined;
    const percent = testResult({ of: `${of} along`, before: from, after: to });
    return percent < 0 || percent > MOST[of] ? undefined : { of, by: { before: from, after: to }, ways: waysOf(groups) };
  };

const RULES: readonly FactRule[] = [
  ...rules([`${WIDTH}${IN_WASH}`, `(?<wide>${FIGURE}) ?(?<wideIn>cms?|"|inch(?:es)?)? across${END}`], (said, { unit }) => {
    const width = widthSaid(said, unitOfWidth('', unit));
    return width === undefined ? undefined : { width };
  }),
  ...rules(
    [
      `(?:weigh(?:s|ed)?(?: in at)? |weight:? (?:is |of )?)?(?<weight>\\d{1,4}(?:[.,]\\d)?) ?(?:gsm|g ?/ ?(?:m2|m²|sqm)|(?:g|gram(?:me)?s) (?:per|a) (?:square met(?:re|er)|m2|m²|sqm)|(?<ounces>oz(?: ?/ ?(?:yd2|yd²|sq ?yd))?|ounces?))${END}`,
    ],
    ({ weight, ounces }) => {
      const grams = Math.round(ounces === undefined ? decimalOf(weight ?? '') : gramsOf(decimalOf(weight ?? '')));
      return grams >= 15 && grams <= 1500 ? { weight: grams } : undefined;
    },
  ),
  ...rules([`(?<feel>light|mid|medium|heavy)[- ]?weight${END}`], ({ feel }) => ({
    weightClass: feel === 'light' || feel === 'heavy' ? feel : 'medium',
  })),
  ...rules(
    [
      `(?<before>${SAID_LENGTH}) (?:of it )?(?:(?:can be|was|is|got) )?(?:stretch(?:es|ed)?|pull(?:s|ed)?|goes|gives?)(?: out)? to (?<after>${LENGTH_OR_FIGURE})${MAYBE_WAY}`,
      `(?:stretch(?:es|ed)?|goes) from (?<before>${SAID_LENGTH}) to (?<after>${LENGTH_OR_FIGURE})${MAYBE_WAY}`,
    ],
    measured('stretch'),
  ),
  ...rules(
    [
      `(?<before>${SAID_LENGTH}) (?:of it )?(?:(?:was|is|has|got|came out) )?(?:shrank|shrunk|shrinks|washed|went)(?: down)? to (?<after>${LENGTH_OR_FIGURE})${MAYBE_WAY}`,
      `(?:shrank|shrunk|shrinks|went) from (?<before>${SAID_LENGTH}) to (?<after>${LENGTH_OR_FIGURE})${MAYBE_WAY}`,
    ],
    measured('shrinkage'),
  ),
  ...rules(
    [
      `(?:shrank|shrunk|shrinks|shrinkage(?: is| of|:)?|lost)(?: by)?(?: about)? ${PERCENT}${IN_WASH}${MAYBE_WAY}${IN_WASH}`,
      `${PERCENT} (?:of )?shrinkage${MAYBE_WAY}`,
    ],
    inPercent('shrinkage'),
  ),
  ...rules(
    [`(?:${DID_NOT} (?:shrink|shrunk|shrank)(?: at all)?|(?:no|without(?: any)?) shrinkage|not shrunk)${END}${MAYBE_WAY}${IN_WASH}`],
    notAtAll('shrinkage'),
  ),
  ...rules(
    [
      `(?:stretch(?:es|ed)?|gives?)(?: by| of|:)?(?: about)? ${PERCENT}${MAYBE_WAY}`,
      `${PERCENT} (?:of )?(?:stretch|give|stretchy)${END}${MAYBE_WAY}`,
      `${PERCENT} (?:(?<along>length(?:wise|ways))|(?<across>(?:cross|width)(?:wise|ways))) (?:stretch|give)${END}`,
    ],
    inPercent('stretch'),
  ),
  ...rules([`(?:${DID_NOT} (?:stretch|give)(?: at all)?|(?:no|without(?: any)?) (?:stretch|give))${END}${MAYBE_WAY}`], notAtAll('stretch')),
  ...rules([`recovery(?: is| of|:)? ${PERCENT}`, `${PERCENT} recovery`], ({ percent }) => {
    const recovery = decimalOf(percent ?? '');
    return recovery <= 100 ? { recovery } : undefined;
  }),
  ...rules(
    [`(?:(?:costs?|paid|price:?|at|for) )*(?<price>${MONEY}) ?(?:/ ?|an? |per |the )(?<each>m|met(?:re|er)|yd|yard)${END}`],
    ({ price, each }, context) => {
      const pricePerMetre = moneySaid(price ?? '', context.currency);
      return pricePerMetre && { pricePerMetre, ...(isInYards(`1 ${each}`) ? { pricedBy: 'yard' as const } : {}) };
    },
  ),
  ...rules([`(?:${SHARE}(?: ?(?:,|/|\\+|&|and)? ?${SHARE})*|(?:pure|all) ${FIBRE})(?=\\s*(?:$|[,;.()\\n]))`], (_, __, typed) => {
    const shares = [...typed.matchAll(/(\d+(?:[.,]\d)?) ?%/g)].map(([, share = '']) => decimalOf(share));
    const sum = shares.reduce((so, share) => so + share, 0);
    if (fibresOf(typed).length === 0 || sum > 100) return undefined;
    // Of what the rest is, a part of it does not say.
    return shares.length > 0 && sum < 98 ? typed : { fibre: typed };
  }),
  ...rules([`(?:no|without(?: an?| any)?|not(?: an?)?|isn['’]?t) ${ONE_WAY}${END}`], () => ({ nap: false })),
  ...rules([`(?:(?:has|with) (?:an? )?(?:strong |slight |clear )?)?${ONE_WAY}${END}`], () => ({ nap: true })),
  ...rules(
    [
      `(?:(?:pattern|print|check|stripe) )?repeats?(?: of| is| every|:)? (?<repeat>${SAID_LENGTH})${MAYBE_WAY}`,
      `(?<repeat>${SAID_LENGTH}) (?:(?:pattern|print) )?repeat${END}${MAYBE_WAY}`,
    ],
    (groups, { unit }) => {
      const repeat = lengthOf(groups['repeat'] ?? '', unit)?.cm;
      const ways = waysOf(groups);
      if (repeat === undefined || repeat > 150) return undefined;
      return { ...(ways.join() === 'across' ? {} : { repeatAlong: repeat }), ...(ways.includes('across') ? { repeatAcross: repeat } : {}) };
    },
  ),
  ...rules(
    [
      `(?:(?:hand|machine)[- ]wash(?:able)?(?: (?:only|cold|cool|warm))?|wash(?:es|able)? (?:at \\d\\d ?(?:°c?|degrees)?|cold|cool|by hand)|dry[- ]clean(?: only)?|(?:do not|don['’]?t|no) tumble[- ]?dry|(?:cool|warm|hot) iron)${END}`,
    ],
    (_, __, typed) => ({ care: typed }),
  ),
  ...rules([`(?:discontinued|irreplaceable|can(?:not|['’]?t) be had again|not to be had again)${END}`], () => ({ irreplaceable: true })),
  // "Stiff canvas" is what it is called.
  ...rules([`(?<=^|[,;.:\\n] ?|(?:^|\\s)(?:it|and|is|but|that|which|also|are) )${HOW_MUCH}${DOES}${END}[^,;.\\n]*`], (_, __, typed) => typed.trim()),
];

/** The other way, behind the one: "4 % along and 2 % across". */
const OTHER_WAY = new RegExp(`^,?(?: and)? (?:${PERCENT}|(?<repeat>${SAID_LENGTH})) ${WAY}`, 'u');

/** Before what may not be, or is more or less than the figure says. */
const NOT_QUITE =
  /(?:\b(?:maybe|perhaps|might|may|could|should|would|probably|supposed(?:ly)?(?: to)?|said to|claims? to|hope(?:d|s|fully)?|wish|if|than|at least|at most|under|over|up to|nearly|almost)(?: (?:be|have|has|is|it|it['’]?s|the|a|an|about|only|exactly|quite|measure|weigh))*|\d ?(?:cm|m|%|g|gsm|oz|")? ?(?:-|–|to|or)|\bbetween [\d.,]+ ?(?:cm|m|%|g|gsm|oz|")? and) ?$/;

/** A give the ways that it was said, as facts. */
function given({ of, by, ways }: Give): FabricFacts {
  if (typeof by !== 'number') return { ...NOTHING_TOLD, tests: ways.map((way) => ({ of: `${of} ${way}` as const, ...by })) };
  return { ...NOTHING_TOLD, fields: Object.fromEntries(ways.map((way) => [TEST_FIELD[`${of} ${way}`], by])) };
}

function factsOf(told: NonNullable<Told>): FabricFacts {
  if (typeof told === 'string') return { ...NOTHING_TOLD, behaves: [told] };
  return 'ways' in told ? given(told) : { ...NOTHING_TOLD, fields: told };
}

/** Where anything is read, what is asked too. */
export const takenBy = ({ at, undirected }: Pick<FactsRead, 'at' | 'undirected'>): readonly Span[] => (undirected ? [...at, undirected.at] : at);

/** Facts and further ones. */
const and = (facts: FabricFacts, more: FabricFacts): FabricFacts => ({
  fields: { ...facts.fields, ...more.fields },
  tests: [...facts.tests, ...more.tests],
  behaves: [...facts.behaves, ...more.behaves],
});

const SHOP = new RegExp(`(?:(?:bought|came) )?${FROM_SHOP}`, 'u');

/**
 * What a sentence tells of a fabric itself: how wide it lies, what it weighs, of what it is, what it costs, how far it stretches and shrinks.
 *
 * @param text as it was typed
 * @param low the same, folded
 * @example factsIn('150 wide, 240 gsm', '150 wide, 240 gsm', context).facts.fields // { width: 150, weight: 240 }
 */
export function factsIn(text: string, low: string, context: LineContext): FactsRead {
  const at: Span[] = [];
  let facts = NOTHING_TOLD;
  let undirected: FactsRead['undirected'];
  for (const { said, tells } of RULES)
    for (const found of blanked(low, takenBy({ at, undirected }), '\n').matchAll(said)) {
      const [from, end] = [found.index, found.index + found[0].length];
      const groups: Groups = found.groups ?? {};
      const told = isDenied(low.slice(0, from)) || NOT_QUITE.test(low.slice(0, from)) ? undefined : tells(groups, context, text.slice(from, end));
      if (told === undefined) continue;
      if (typeof told !== 'string' && 'ways' in told && told.ways.length === 0) {
        // One question is enough.
        undirected ??= { ...told, at: [from, end] };
        continue;
      }
      const other = 'along' in groups ? OTHER_WAY.exec(low.slice(end)) : null;
      const toldToo = other ? tells(other.groups ?? {}, context, '') : undefined;
      const more = [told, ...(toldToo === undefined ? [] : [toldToo])].map(factsOf).reduce(and);
      // Said twice, it is not both.
      if (Object.keys(more.fields).some((name) => name in facts.fields)) continue;
      facts = and(facts, more);
      at.push([from, end + (other && toldToo !== undefined ? other[0].length : 0)]);
    }
  const shop = SHOP.exec(blanked(text, takenBy({ at, undirected }), '\n'));
  if (shop) {
    at.push([shop.index, shop.index + shop[0].length]);
    facts = and(facts, factsOf({ source: shop[1] }));
  }
  return { facts, undirected, at };
}

/** The ways in which what was told without one may be meant, with the facts that are then told; none where nothing is to be asked. */
export const directions = ({ facts, undirected }: FactsRead): readonly { readonly called: string; readonly facts: FabricFacts }[] =>
  undirected
    ? [
        { called: 'along the grain', facts: and(facts, given({ ...undirected, ways: ['along'] })) },
        { called: 'across it', facts: and(facts, given({ ...undirected, ways: ['across'] })) },
        { called: 'both ways', facts: and(facts, given({ ...undirected, ways: ['along', 'across'] })) },
      ]
    : [];
