import { evenPrice } from '../../fabric/price';
import { FABRIC_PARTS, type FabricUse, type Money } from '../../records';
import { gramsOf } from '../../units/fabric-weight';
import { anyOf, decimalOf, END, isInYards, lengthOf, SAID_LENGTH } from '../amounts';
import type { Choice, Understood } from '../chip';
import { ZONE } from '../places';
import { NEXT_SAID } from '../targets';
import { EARLIER, ZONE_WORDS } from '../words';
import { FABRIC_COLOUR, FABRIC_NOUN } from '../fabric-nouns';
import { IN_ALL, MONEY, moneySaid, SIGNED_MONEY } from '../money-said';
import { folded, isShortFor } from '../names';
import { asks, byRules, clauseStart, given, rule, says, wherever, wordCount, type Meant } from '../said';
import type { LineContext, Recogniser, Sentence } from '../sentence';
import { WEIGHTS } from '../weights';
import { EVERYTHING, NO_FABRIC, NOTION } from './cost';
import { IN_WORDS, LABEL, labelOf } from './size-label';
import { SO_WIDE_HERE, unitOfWidth, WIDTH, widthSaid, type WidthGroups } from '../width-said';

/** How much it is liked is no part of its name. */
const PRAISE = 'nice|nicest|lovely|loveliest|beautiful|gorgeous|pretty|prettiest|softest|best|free';
/** Words that no name of a fabric begins with or holds. */
const STOP = `(?:two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fourteen|sixteen|eighteen|twenty|thirty|forty|fifty|point|half|in|of|from|with|w|for|and|the|a|an|at|on|to|my|her|his|its|it|out|size|cut|made|took|used|bought|by|but|some|this|that|leftover|left|over|is|was|were|are|love|loved|worn|wore|would|next|time|again|as|not|no|too|very|bit|more|less|than|only|lengthened|shortened|tight|loose|long|short|wide|narrow|sleeves?|waist|hips?|bust|shoulders?|bodice|neckline|hem|view|version|i|lined|lining|contrast|facing|binding|interfacing|interlining|main|fit|fits|feels?|because|so|stash|really|hate|like|liked|good|rest|front|back|wanted|${PRAISE})`;
/** "95/5 cotton jersey", "100% linen". */
const CONTENT = '(?:\\d{2,3}(?:/\\d{1,2}){1,3} |\\d{2,3} ?% )';
// Two colours are one fabric's: "blue and white stripe cotton".
const NAME = `(?<name>(?:(?:${FABRIC_COLOUR} )?${CONTENT})?(?:${FABRIC_COLOUR} (?:and|&) (?=${FABRIC_COLOUR} ))?(?:(?!${STOP}${END})[a-zß-ɏ][a-zß-ɏ'&-]* ){0,4}(?!${STOP}${END})(?:[a-zß-ɏ]+-)?(?:${FABRIC_NOUN} ?/ ?)?${FABRIC_NOUN}(?: (?:blend|mix))?(?: in (?:an? )?(?:(?:dark|light|pale|deep|bright|soft|dusty) )?${FABRIC_COLOUR}(?![a-z0-9-]))?)${END}(?!-[a-z])`;
const PART_NAMES: Readonly<Record<string, FabricUse['part']>> = {
  ...Object.fromEntries(FABRIC_PARTS.map((p) => [p, p])),
  lined: 'lining',
  linings: 'lining',
  interlined: 'interlining',
  'pocket bags': 'contrast',
  pockets: 'contrast',
  collar: 'contrast',
  cuffs: 'contrast',
  facings: 'facing',
  yoke: 'contrast',
  bindings: 'binding',
  'bias binding': 'binding',
};
const PART = anyOf(Object.keys(PART_NAMES).filter((p) => p !== 'lined' && p !== 'interlined' && p !== 'main'));
/** The same said as something done. */
const DONE = '(?:inter)?lined';
const OF_IT = '(?: (?:the )?(?:bodice|body|sleeves?|skirt|hood|yoke|it|them|whole thing))?';
/** A second layer of the fabric itself: no part that is asked for, and not what the garment is of. */
const UNDERLINED =
  /\bunderlin(?:ed|ing)[,:]?(?: (?:it|all|(?:the|both) [a-zß-ɏ]+(?: [a-zß-ɏ]+)?))?(?: (?:in|with|of|from|is|was))?(?: (?:an?|the|some|my))? ?$/;
const ROUGHLY = '(?:(?:about|around|roughly|approx\\.?|only|just|~) ?)?';
const PRICE = `(?: *,? *\\(?(?:(?:at|for|which was|was|cost(?:ing)?|paid|bought (?:for|at)|@) )?${ROUGHLY}(?<price>${MONEY}) ?(?<per>an?|per|the|/) ?(?<unit>met(?:re|er)|m|yard|yd)${END}\\)?)`;
/** "1.4 m @ 22": for each of them. */
const PRICE_EACH = `(?: *,? *\\(?@ ?(?<each>${MONEY})(?! ?(?:an?|per|the|/|cm|mm|m|%|h)(?![a-z]))\\)?)`;
/** What follows an amount that is for a length of it, or for something else. */
const NOT_IN_ALL = `(?!\\d|[.,]\\d| ?(?:an?|per|the|each|/|for|on|of|worth|apiece)(?![a-z])| ?/| (?:an? |the |new )?(?:${NOTION}|${NO_FABRIC})(?![a-z]))`;
/** "For 30 euros", "it cost €30 altogether": for all of it. */
const PAID = `(?: *,? *\\(?(?:for|costing|costs?|was|(?:which|that|it) (?:was|cost)|(?:the )?(?:fabric|cloth|material)(?: (?:was|cost|came to|for))?:?)(?: me)? ${ROUGHLY}(?<paid>${SIGNED_MONEY})(?: (?:for (?:it|the piece|the lot)|${IN_ALL}))?${NOT_IN_ALL}\\)?)`;
/** An amount by itself: for a metre, for all of it, or for the whole garment. */
const PERHAPS = `(?: *,? *\\(?${ROUGHLY}(?<perhaps>${SIGNED_MONEY})(?: (?<all>${IN_ALL}))?${NOT_IN_ALL}\\)?)`;
/** "2 m at 15". */
const AT = `(?: *,? *\\(?at ${ROUGHLY}(?<at>${MONEY})(?! ?(?:cm|mm|m|in|inch(?:es)?|wide|h|am|pm|%|:|[.,]\\d)(?![a-z]))${NOT_IN_ALL}\\)?)`;
const LEFT = `(?:,? (?:and |with )?(?<left>${SAID_LENGTH}) (?:left over|leftover|left|to spare|remaining|over)${END})`;
const WEIGHT = `(?:,? \\(?(?<weight>\\d{1,3}(?:[.,]\\d)?) ?(?<gsm>gsm|g/m2|g/m²|oz)${END}\\)?)`;
const WIDTH_AFTER = `(?:,? ?(?:at )?\\(?${WIDTH}\\)?)`;
const LENGTH_AFTER = `(?:(?: ?,| \\||[.;](?= ${SAID_LENGTH}\\s*(?:$|[.,;/\\n])))? ?\\(?(?:used |took |about )?(?<length>${SAID_LENGTH})(?! (?:left|to spare|remaining|longer|shorter|wide|wider|too|off|each|per)| ?[x×] ?\\d| of (?!it\\b|this\\b|that\\b|(?:the |my )?(?:fabric|cloth|material)\\b))(?: used)?\\)?)`;
const SHOP = `(?:,? (?:from|bought at|bought from|at(?= (?:the |an? )?(?:[a-zß-ɏ]+ )?(?:market|fair|sale|shop|store)(?![a-z]))) (?<shop>[a-zß-ɏ][a-zß-ɏ'& -]{2,30}?)(?=\\s*(?:$|[,.;·|(]|(?:at|for) [€$£]?\\d| ${SAID_LENGTH}${END})))`;
const AFTER = `(?:(?: (?:for (?:the )?|as (?:the )?|as an? )?(?<part>${PART})${END})|${WIDTH_AFTER}|${LENGTH_AFTER}|${LEFT}|${PRICE}|${PRICE_EACH}|${PAID}|${PERHAPS}|${AT}|${WEIGHT}|${SHOP})`;
const TAIL = new RegExp(AFTER, 'y');
const REST = '(?:rest|remains|remnants?|offcuts|scraps|leftovers)';
/** What leads to a fabric: a length, a part, a preposition. "8 in denim" is no length. */
const BEFORE = new RegExp(
  `(?:(?<=^|[^a-z0-9ß-ɏ]))(?:(?:made|sewn|sewed|cut|used|in|from|using|out of|with|the|a|an|my|some|all|that|of) )*(?:(?<length>${SAID_LENGTH}) (?:of (?:the |my )?|(?<!(?:\\d|\\b(?:one|two|three|four|five|six|half|quarter|another|each)) in )))?(?:${SO_WIDE_HERE} )?(?:(?<part>${PART}|${DONE})${OF_IT}(?: (?:in|with|w/|of|from|is|was|:))?:? )?(?:(?:the|my|in|of|a|some|that|old|${REST}) )*$`,
  'u',
);

interface Said extends WidthGroups {
  readonly part?: string | undefined;
  readonly length?: string | undefined;
  readonly left?: string | undefined;
  readonly price?: string | undefined;
  readonly each?: string | undefined;
  readonly paid?: string | undefined;
  readonly perhaps?: string | undefined;
  readonly all?: string | undefined;
  readonly at?: string | undefined;
  readonly unit?: string | undefined;
  readonly weight?: string | undefined;
  readonly gsm?: string | undefined;
  readonly shop?: string | undefined;
}

type Fact = Extract<Understood, { readonly is: 'fabric' }>;

/** The use of a fabric from all that was said beside its name. */
function used(
  fabric: { readonly id: string } | { readonly name: string },
  said: Said,
  { context, typed }: Sentence,
  shopAt?: readonly [number, number],
): Fact {
  const cm = (text: string | undefined) => (text === undefined ? undefined : lengthOf(text.replace(/^(?:used|took) /, ''), context.unit)?.cm);
  const [length, left] = [cm(said.length), cm(said.left)];
  // So much for each, where it was said of what.
  const each = said.length === undefined ? undefined : said.each;
  const priced = said.price ?? each;
  const price = priced === undefined ? undefined : moneySaid(priced, context.currency);
  const byYard = said.price === undefined ? isInYards(said.length ?? '') : said.unit?.startsWith('y');
  const figure = said.weight === undefined ? undefined : decimalOf(said.weight);
  const weight = figure === undefined ? undefined : Math.round(said.gsm === 'oz' ? gramsOf(figure) : figure);
  const shop = said.shop === undefined || !shopAt ? undefined : typed(...shopAt);
  const width = widthSaid(said, unitOfWidth(said.length ?? '', context.unit));
  return {
    is: 'fabric',
    fabric,
    part: PART_NAMES[(said.part ?? '').trim()] ?? 'main',
    ...(length === undefined ? {} : { length }),
    ...(left === undefined ? {} : { left }),
    ...(price ? { price, ...(byYard ? { pricedBy: 'yard' as const } : {}) } : {}),
    ...(width === undefined ? {} : { width }),
    ...(weight === undefined ? {} : { weight }),
    ...(shop === undefined ? {} : { shop }),
  };
}

/** What was paid for all of a new fabric: its price where that comes out even, else what the garment cost for it. */
function paidInAll(fact: Fact, name: string, total: Money, lengthSaid = ''): Choice {
  const price = fact.length !== undefined && evenPrice(total, fact.length, isInYards(lengthSaid) ? 'yard' : 'metre');
  return price ? [{ ...fact, ...price }] : [fact, { is: 'cost', what: name, money: total }];
}

/** What is said of money. */
const MONEYS = ['price', 'each', 'paid', 'perhaps', 'at'] as const;
/** Money behind a fabric is that fabric's rather than what notions cost. */
const weightOfPaid = ({ paid, perhaps, at }: Said) => ((paid ?? perhaps ?? at) === undefined ? 0 : WEIGHTS.sure);

/** A fabric with what was paid: where that may be for a metre, for all of it or for the whole garment, it is asked. */
function withPaid(fact: Fact, { paid, perhaps, all, at, length }: Said, { currency }: LineContext): Meant {
  const typed = paid ?? perhaps ?? at;
  const money = typed === undefined ? undefined : moneySaid(typed, currency);
  if (!money || typed === undefined) return says(fact);
  const words: Choice = [fact, { is: 'words', words: typed }];
  const garment: Choice = [fact, { is: 'cost', what: EVERYTHING, money }];
  // What is in the stash keeps its own price.
  if ('id' in fact.fabric) return all === undefined ? { says: words } : asks(garment, words);
  const piece = paidInAll(fact, fact.fabric.name, money, length);
  if (paid !== undefined) return { says: piece };
  if (all !== undefined) return asks(piece, garment);
  return asks([{ ...fact, price: money, ...(isInYards(length ?? '') ? { pricedBy: 'yard' as const } : {}) }], piece, words);
}

/** That fabric was washed is not what a garment is of. */
const WASHED = /(?:^|[,.;·|\n:])\s*(?:[-*•] +)?(?:(?:i|then|and|also|just) )*(?:pre-?)?(?:washed|shrunk) [^,.;·|\n]*$/;

/** What follows a name and belongs to it, one after the other. */
function tailOf(low: string, at: number): { readonly said: Said; readonly to: number } {
  let [said, to]: [Said, number] = [{}, at];
  for (;;) {
    TAIL.lastIndex = to;
    const found = TAIL.exec(low);
    if (!found || found[0] === '') return { said, to };
    const here = Object.fromEntries(Object.entries(found.groups ?? {}).filter(([name, text]) => text !== undefined && !(name in said)));
    // What is said of money twice is not both said of the fabric.
    if (Object.keys(here).length === 0 || [said, here].every((of) => MONEYS.some((name) => name in of))) return { said, to };
    said = { ...said, ...here };
    to += found[0].length;
  }
}

function shopIn(low: string, { shop }: Said, at: number): readonly [number, number] | undefined {
  const from = shop === undefined ? -1 : low.indexOf(shop, at);
  return shop === undefined || from < 0 ? undefined : [from, from + shop.length];
}

/** What stands around a name of a fabric belongs to it. */
function around(
  sentence: Sentence,
  from: number,
  to: number,
): { readonly said: Said; readonly from: number; readonly to: number; readonly shopAt?: readonly [number, number] } {
  const clause = clauseStart(sentence.low, from, /[;\n·|]|[,.](?!\d)/g);
  const earlier = sentence.low.slice(clause, from);
  const before = BEFORE.exec(earlier);
  const { said: a, to: end } = tailOf(sentence.low, to);
  const start = before && before[0] !== '' ? clause + before.index + (before[0].length - before[0].trimStart().length) : from;
  const b: Said = before?.groups ?? {};
  const shopAt = shopIn(sentence.low, a, to);
  return {
    said: { ...(b.wide === undefined ? {} : b), ...a, part: a.part ?? b.part, length: b.length ?? a.length },
    from: start,
    to: end,
    ...(shopAt ? { shopAt } : {}),
  };
}

/** Before a fabric that the garment is seen beside, and is not of. */
const BESIDE_IT = /\b(?:match(?:es|ing)?|(?:goes|pairs?|worn|wear) (?:well |nicely |best )?with|unlike) (?:the |my |an? )?$/;
/** Before a fabric that it is not of. */
const NOT_OF_IT = /\b(?:not(?: in| of)?|instead of|rather than|wanted|didn't use|ran out of) (?:the |my |any |an? )?$/;
const isOfAnother = (before: string) => BESIDE_IT.test(before) || NOT_OF_IT.test(before);
const OTHER_THING = /^ (?:bias|threads?|tape|ribbon|buttons?|needles?|skirt|trousers|jeans|jacket|dress|shirt|top|coat|boots|shoes|bag)(?![a-z])/;
/** What ends a name of a fabric. */
const ENDS = /^ *(?:$|[,;·|.\n()€$£/]|(?:and|with|love|this time|scraps|remnants?|offcuts|leftovers|left[ -]?over)\b|\d{1,3} ?%)/;
/** What is said next, where no comma parts them: "red corduroy straps long". */
const GOES_ON = new RegExp(`^ *(?:$|[,;.]|(?:in|at|${anyOf(ZONE_WORDS.keys())}|${NEXT_SAID})(?![a-z]))`);
const COLOURED = new RegExp(`^${FABRIC_COLOUR} `);

/** "Tidewater shirt C blue linen": right behind what the line is about, or behind its size. */
const BEHIND_NAME = new RegExp(
  `^[ ,:([]*(?:(?:(?:in|an?|size) )*(?:${IN_WORDS}|(?<size>${LABEL}))[\\])]? )?(?:${ZONE} ${LABEL} |(?:toile|muslin)(?: in)? )*$`,
);
function isBehindName(s: Sentence, from: number): boolean {
  if (!s.subject || s.subject.to > from) return false;
  const found = BEHIND_NAME.exec(s.low.slice(s.subject.to, from));
  const size = found?.groups?.['size'];
  return found !== null && (size === undefined || labelOf(size, s, true) !== undefined);
}

/** Fabrics of the stash, by their names. */
const knownFabric = wherever((sentence) =>
  sentence.names
    .filter(({ kind, from }) => kind === 'fabrics' && !isOfAnother(sentence.low.slice(0, from)))
    .map((found) => {
      const { said, from, to, shopAt } = around(sentence, found.from, found.to);
      const weight = WEIGHTS.sure + WEIGHTS.word * wordCount(sentence.low.slice(from, to)) + weightOfPaid(said);
      return { from, to, ...withPaid(used({ id: found.id }, said, sentence, shopAt), said, sentence.context), weight };
    }),
);

/** Of more fabrics it is not asked which "the linen" is. */
const MOST_MEANT = 4;
/** What leads to a fabric that nobody has named before. */
const CUE = `(?:cut into|(?:(?:made|sewn|sewed|cut|used|made up|done) )?(?:in|from|using|out of|with|(?<=made )of)|used(?: up)?)(?: (?:an?|the|my|some|that|old(?! (?:sheet|blanket|remnant|curtain|felt|cord)\\b)|leftover|left-over|(?:the )?${REST} of|(?:really |most )?(?:${PRAISE})))*`;
/** How it compares with another, or that it is one: no name. */
const VAGUE =
  /^(?:(?:lighter|heavier|softer|thicker|thinner|stretchier|drapier|crisper|stiffer|darker|brighter|finer|warmer|cooler|cheaper|better|nicer|different|other|another|similar)(?![a-z])|(?:same|free|new|cheap|leftover|spare|any|old|whole|wrong|right|ideal|perfect) (?:fabric|material|cloth)$)/;
const CUED = new RegExp(`^(?:${CUE}) `);

/** A fabric that the stash does not have: by a noun of fabrics and a cue, or by a length. */
const newFabric = byRules([
  rule(
    `(?:(?:${CUE}|of) )?(?:(?<length1>${SAID_LENGTH}) (?:of |of the |of an? )?(?:(?:remnant|piece|length|offcut)s? of )?(?:left[- ]?over )?(?:narrow |wide )?(?:(?:really |most )?(?:${PRAISE}) )?)?(?:(?<part1>${PART}|${DONE})${OF_IT}(?: (?:in|with|w/|of|from|is|was))?:? (?:the |a |an |(?:the )?${REST} of (?:the |my )?)?)?(?:(?:stash|left-?over|spare) )?(?:${SO_WIDE_HERE} )?(?:(?<weight1>\\d{1,3}(?:[.,]\\d)?) ?(?<gsm1>gsm|oz) )?${NAME}`,
    'likely',
    ({ name, length1, part1, weight1, gsm1, wide, wideIn }, s, from, end) => {
      // "Love the fabric", "the check" are no names.
      if (name === undefined || /^(?:fabric|stripe|check|remnant|sheet|blanket)$/.test(name) || VAGUE.test(name)) return undefined;
      const nameFrom = s.low.indexOf(name, from);
      const beforeName = s.low.slice(0, nameFrom);
      // A cord may be drawn through a waist, and what felt tight is no fabric.
      if (/^(?:felt|cord)$/.test(name) && !/\bin $/.test(beforeName) && !isBehindName(s, from)) return undefined;
      if (UNDERLINED.test(beforeName) || WASHED.test(beforeName) || isOfAnother(beforeName)) return undefined;
      // "Silk bias", "denim skirt": that is another thing.
      if (OTHER_THING.test(s.low.slice(end))) return undefined;
      if (s.names.some((n) => n.kind === 'fabrics' && n.from < nameFrom + name.length && n.to > nameFrom)) return undefined;
      const { said, to } = tailOf(s.low, end);
      const cued = CUED.test(s.low.slice(from, nameFrom)) || part1 !== undefined;
      const behindName = isBehindName(s, from) && name !== 'muslin';
      const behind = s.low.slice(to);
      const own =
        ((behindName || /(?:^|[,;:·|.\n]|\b(?:in|of|from|made|with|used)\b) *$/.test(s.low.slice(0, from))) && ENDS.test(behind)) ||
        (behindName && /^ [a-z0-9]{1,3} *(?:$|[,;.])/.test(behind)) ||
        ((behindName || (COLOURED.test(name) && !/\b(?:like|than|the|my|with|and|match(?:es|ing)?) $/.test(s.low.slice(0, from)))) &&
          GOES_ON.test(behind));
      const measured =
        length1 !== undefined ||
        weight1 !== undefined ||
        said.length !== undefined ||
        said.price !== undefined ||
        said.weight !== undefined ||
        wide !== undefined ||
        said.wide !== undefined;
      // "Red corduroy Tern dungarees": what stands before the name of a garment is what it is of.
      const before = s.subject?.from === to + 1 && /(?:^|[,;·|.\n]|\b(?:made|the|an?|my|some|in|of)) *$/.test(s.low.slice(0, from));
      if (!cued && !measured && !own && !before) return undefined;
      const all: Said = { ...said, length: length1 ?? said.length };
      const fact = used(
        { name: s.typed(nameFrom, nameFrom + name.length) },
        { ...all, ...(wide === undefined ? {} : { wide, wideIn }), part: part1 ?? said.part, weight: weight1 ?? said.weight, gsm: gsm1 ?? said.gsm },
        s,
        shopIn(s.low, said, end),
      );
      // "The petrol crepe" may be the petrol viscose crepe of the stash.
      const isThe = /\bthe $/.test(s.low.slice(from, nameFrom));
      const known = wordCount(name) < 2 && !isThe ? [] : s.context.fabrics.filter((fabric) => isShortFor(name, folded(fabric.name)));
      if (known.length > 0 && known.length <= (isThe ? MOST_MEANT : 1))
        return {
          ...asks(...known.map(({ id }) => [{ ...fact, fabric: { id } }]), [fact]),
          to,
          weight: WEIGHTS.likely + WEIGHTS.word * wordCount(s.low.slice(from, to)),
        };
      return {
        ...withPaid(fact, all, s.context),
        to,
        weight: (cued || measured ? WEIGHTS.likely : WEIGHTS.weak) + WEIGHTS.word * wordCount(s.low.slice(from, to)) + weightOfPaid(all),
      };
    },
  ),
  // "in anything at all 2m": what is measured after "in" is a fabric.
  rule(
    `in (?:an? |the |my |some )?(?<name>(?!${STOP}${END})[a-zß-ɏ][a-zß-ɏ'&-]*(?: (?!${STOP}${END})[a-zß-ɏ][a-zß-ɏ'&-]*){0,4}),? (?<length>${SAID_LENGTH})(?! (?:left|longer|shorter|too)| ?[x×] ?\\d)`,
    'weak',
    ({ name, length }, s, from) => {
      if (name === undefined) return undefined;
      const nameFrom = s.low.indexOf(name, from + 2);
      if (s.names.some((n) => n.from < nameFrom + name.length && n.to > nameFrom)) return undefined;
      // "Took in the collar 2 cm".
      if (/\b(?:took|take|taken|taking|brought|nipped|pinched|put|sewed|sewn|cut|let) $/.test(s.low.slice(0, from))) return undefined;
      return says(used({ name: s.typed(nameFrom, nameFrom + name.length) }, { length }, s));
    },
  ),
]);

/** The fabric of another garment, whichever that was, is not how this one was cut. */
const sameAgain = byRules([
  given(/same/, rule)(
    `(?:(?:in|from|out of|of|with) )?(?:exactly )?(?:the )?(?:very )?same (?:(?:fabric|cloth|material)|(?:[a-zß-ɏ]+ )?${FABRIC_NOUN})(?: (?:as|that i used)(?: (?:for|in))? (?:${EARLIER}|last(?: one)?))?${END}`,
    'sure',
    (_, s, from, to) => says({ is: 'words', words: s.typed(from, to) }),
  ),
]);

/** Less than this is no length that a garment is cut from, cm: of elastic perhaps, or what something was taken in by. */
const LEAST_USED = 30;
const A_PIECE = '(?: (?:of (?:it|the fabric|fabric)|remnants?|pieces?|offcuts?|lengths?|of fabric|in all|in total|altogether))?';
const ENDS_HERE = '(?=\\s*(?:$|[,.;:·|)\\n]|and\\b|but\\b))';

/** What was made longer or shorter from so much, or taken in by it, was not cut from it. */
const OTHERWISE = /\b(?:[a-z]+ed|down|up|in|went|take|taken|took|hem|increase|decrease) $/;

/** How much of its fabric it took, where that is said apart from the fabric; and how far that went. */
const lengthUsed =
  (how?: NonNullable<FabricUse['squeeze']>) =>
  ({ length }: Record<string, string | undefined>, s: Sentence, from: number): Meant | undefined => {
    const cm = length === undefined ? undefined : lengthOf(length, s.context.unit)?.cm;
    if (cm === undefined || cm < LEAST_USED || OTHERWISE.test(s.low.slice(0, from))) return undefined;
    return how
      ? {
          says: [
            { is: 'length used', length: cm },
            { is: 'squeeze', squeeze: how },
          ],
          weight: 9,
        }
      : says({ is: 'length used', length: cm });
  };
const ITS = '(?:(?:it|and|that|which|i|only|just|barely|managed|could|can|to|altogether) )*';
const THE = '(?:(?:only|just|about|exactly|a|an|the|my|that|whole|full|scant|bare|little|small) )*';
const SO_MUCH = `${THE}(?<length>${SAID_LENGTH})${A_PIECE}${ENDS_HERE}`;
const took = byRules([
  // Beside the fabric it is read with that.
  rule(`${ITS}(?:used(?: up)?|took|takes|needed|uses|(?:(?:made|cut|got) )?(?:(?:it|them|this) )?(?:out of|from)) ${SO_MUCH}`, 'weak', lengthUsed()),
  // "2.5 m used of 3 m".
  rule(`${THE}(?<length>${SAID_LENGTH}) used (?:out )?of (?:the |my )?${SAID_LENGTH}${ENDS_HERE}`, 'likely', lengthUsed()),
  rule(
    `${ITS}(?:squeezed?|squeezing|eked?)(?: (?:it|them|this|the whole thing|everything))?(?: all)?(?: out)?(?: of| from| onto| on| into) ${SO_MUCH}`,
    'likely',
    lengthUsed('tight'),
  ),
  rule(`(?<length>${SAID_LENGTH})${A_PIECE} (?:was|were) (?:only |just |barely )+enough${ENDS_HERE}`, 'likely', lengthUsed('tight')),
  rule(
    `${ITS}(?:used|took|needed|uses)(?: up)? (?:(?:every|each) (?:last |single )?(?:scrap|bit|inch|centimetre|thread|millimetre)|all|the whole)(?: of)? ${SO_MUCH}`,
    'likely',
    lengthUsed('every scrap'),
  ),
]);

/** How little was left. */
const squeeze = byRules([
  rule(
    `(?:(?:it|and|that|just|which) )*(?:took|used|needed|takes|uses|used up|with) (?:up )?(?:every|each) (?:last )?(?:scrap|bit|inch|centimetre|piece|thread|millimetre)(?: of (?:it|the fabric|fabric))?`,
    'sure',
    everyScrap,
  ),
  rule(
    `(?:(?:it|and|that|just|which) )*(?:took|used|used up|needed) (?:up )?(?:all|the whole) of (?:it|the fabric|the piece|my fabric|the remnant)`,
    'sure',
    everyScrap,
  ),
  rule(`every (?:last )?scrap(?: used)?`, 'sure', everyScrap),
  rule(
    `(?:not a|without a|no) (?:scrap|thread|bit) (?:left|to spare|over)|no fabric left(?: over)?|nothing (?:left|left over|to spare)|none left`,
    'sure',
    everyScrap,
  ),
  rule(
    `(?:a )?(?:really |very )?tight squeeze(?: on the fabric)?|(?:only |just |barely )+(?:fitted|fit|squeezed)(?: (?:on|out of|onto|into))? (?:the |my |it)?(?:fabric|piece|remnant)?`,
    'sure',
    () => says({ is: 'squeeze', squeeze: 'tight' }),
  ),
  rule(`plenty (?:left|of fabric)(?: over)?`, 'sure', () => says({ is: 'squeeze', squeeze: 'plenty' })),
]);
function everyScrap(): Meant {
  return says({ is: 'squeeze', squeeze: 'every scrap' });
}

/** Fabrics with their part, length and price, and how far they went. */
export const recogniseFabric: Recogniser = (sentence, at) => [
  ...knownFabric(sentence, at),
  ...newFabric(sentence, at),
  ...sameAgain(sentence, at),
  ...took(sentence, at),
  ...squeeze(sentence, at),
];
