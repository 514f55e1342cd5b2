import { anyOf, COUNT, SAID_LENGTH } from '../amounts';
import { FABRIC_NOUNS } from '../fabric-nouns';
import { IN_ALL, moneySaid, SIGNED_MONEY as MONEY } from '../money-said';
import type { Sentence } from '../sentence';
import { asks, byRules, given, mereWords, rule, says } from '../said';

const NOTIONS = [
  'zip',
  'zipper',
  'zips',
  'invisible zip',
  'buttons',
  'button',
  'snaps',
  'snap',
  'poppers',
  'press studs',
  'hooks',
  'hook and eye',
  'elastic',
  'thread',
  'ribbon',
  'lace',
  'piping',
  'bias binding',
  'bias tape',
  'interfacing',
  'buckle',
  'buckles',
  'd-rings',
  'rivets',
  'eyelets',
  'toggles',
  'trim',
  'cord',
  'drawstring',
  'shoulder pads',
  'boning',
  'velcro',
  'webbing',
  'label',
  'labels',
  'needles',
];
/** What a garment takes beside its fabric, by its usual names. */
export const NOTION = anyOf(NOTIONS);
const FABRIC = '(?:fabric|cloth|material)';
/** What is paid for, and is neither fabric nor a notion. */
export const NO_FABRIC = '(?:pattern|pdf|postage|shipping|printing)';
const NO_NOTION = `(?:${FABRIC}|${NO_FABRIC})`;
const FIGURE = '\\d+(?:[.,]\\d{1,3})*';
const BARE = `(?<![€$£] ?)${FIGURE}(?![.,]?\\d)(?! ?(?:(?:cm|mm|m|in(?! (?:all|total))|inch|inches|yd|yards?|met(?:re|er)s?|h|hours?|min|x|times|wide|wider|deep|deeper|long|longer|short|shorter|narrower|thick)(?![a-z])|["%×/]))`;

export const EVERYTHING = 'everything';
/** What the notions are part of is what all of it cost: "£45 with thread and buttons". */
const WITH_NOTIONS = `(?:with|including|incl\\.?|inc\\.?|counting) (?:the |all (?:the )?)?(?:${NOTION}|notions)(?:(?:,| and|,? &) (?:the )?(?:${NOTION}|notions))*(?! (?:in|at|down|on)(?![a-z]))`;

/** A fabric before what was paid for it, and where: "linen from a charity shop £3". */
const OF_FABRIC = new RegExp(`(?<![a-zß-ɏ])${anyOf(FABRIC_NOUNS)}(?: (?:from|at) [^,.;·|]{2,30})?(?: (?:was|were|cost|for|at))?:? $`);

/** A notion right before what it cost. */
const OF_NOTION = new RegExp(`(?<![a-z])${NOTION}:? $`);

const IS_FABRIC = new RegExp(`^${FABRIC}$`);
const KIND_OF_FABRIC = anyOf(FABRIC_NOUNS.filter((noun) => !IS_FABRIC.test(noun)));
const NAMED_FABRIC = new RegExp(`(?<![a-z])${KIND_OF_FABRIC}(?![a-z])`);
/** Whether a fabric is named anywhere in it. */
const isOfFabric = ({ names, low }: Sentence) => names.some(({ kind }) => kind === 'fabrics') || NAMED_FABRIC.test(low);

const cost = (what: string, text: string | undefined, currency: string) => {
  const of = text === undefined ? undefined : moneySaid(text, currency);
  return of && says({ is: 'cost', what, money: of });
};

/** What was bought for it: notions, and what it cost. */
export const recogniseCost = byRules([
  rule(
    `(?:the |an? |new )?(?:${COUNT} |${SAID_LENGTH} )?(?<what>${NOTION}):?(?: ${SAID_LENGTH})?(?: (?:cost|costs|was|were|for|at|came to))?(?: (?:about|around|roughly|only|just))? (?<money>${MONEY}|(?<![€$£] ?)\\d+[.,]\\d{2}|${BARE})(?! ?(?:spools?|reels?|packs?|pieces|pairs?|met(?:re|er)s?|m|cm|mm|yards?)(?![a-z]))(?: (?:each|a piece|apiece))?`,
    'sure',
    ({ what, money: said = '' }, s, from, to) => {
      const meant = cost((what ?? '').trim(), said, s.context.currency);
      // What one of several cost is not what they cost.
      if (/each|apiece|a piece/.test(s.low.slice(from, to))) return asks(mereWords(s.typed(from, to)));
      // "Snaps 5": so many, or for so much.
      return meant && /^\d{1,2}$/.test(said) && /s$/.test(what ?? '') && !/cost|was|were|for|at|came/.test(s.low.slice(from, to))
        ? asks(meant.says, mereWords(s.typed(from, to)))
        : meant;
    },
  ),
  rule(
    `(?:(?<money>${MONEY}|(?<![€$£] ?)\\d+[.,]\\d{2}|${BARE}) (?:for|on)|(?<paid>${MONEY})) (?:the |an? |new )?(?:${COUNT} )?(?<what>${NOTION})`,
    'sure',
    ({ what, paid, money: said = paid }, s) => cost((what ?? '').trim(), said, s.context.currency),
  ),
  rule(
    `(?:(?:it |notions |all |that )*(?:cost|costs|costing|notions|spent|paid|came to)(?: (?:me|about|around|roughly|only|just))*:? |(?<total>(?:in )?total(?: (?:cost|price))?):? )(?<money>${MONEY}|${BARE})(?: (?:(?<all>${IN_ALL}|${WITH_NOTIONS})|for (?:it|everything|notions)))?`,
    'sure',
    ({ money: said, all, total }, s) => cost(all || total ? EVERYTHING : 'notions', said, s.context.currency),
  ),
  rule(
    `(?:(?<total>total:?) )?(?<money>${MONEY})(?: (?<all>${IN_ALL}|${WITH_NOTIONS}))?(?! ?(?:a|per|the|/) ?(?:met|yard|yd|m\\b)| (?:worth )?of )`,
    'likely',
    // What a fabric was in all is no notion.
    ({ money: said, total, all }, s, from, to) => {
      const before = s.low.slice(0, from);
      if (OF_NOTION.test(before) && !all) return undefined;
      // So is what a price comes to: "2 m @ £12 = £24".
      return OF_FABRIC.test(before) || /= ?$/.test(before)
        ? says({ is: 'words', words: s.typed(from, to) })
        : cost(total || all ? EVERYTHING : 'notions', said, s.context.currency);
    },
  ),
  // "2 yards for $28" is of fabric, whatever it is called.
  given(/ for /, rule)(`${SAID_LENGTH} for (?<money>${MONEY})(?! ?(?:a|per|the|/) ?(?:met|yard|yd|m\\b))`, 'sure', ({ money: said }, s) =>
    isOfFabric(s) ? undefined : cost('fabric', said, s.context.currency),
  ),
  // What the pattern cost is no notion; what the fabric did is a cost where no fabric is named that has a price of its own.
  rule(
    `(?:the |my )?(?<of>${NO_NOTION})(?: (?:was|cost|for|came to|at|only))* (?<money>${MONEY}|${BARE})|(?:(?:it |all |that |cost|costs|costing|paid|spent|me|about) )*(?<paid>${MONEY}) (?:(?:for|of|on|worth of) (?:the |my )?)?(?<paidFor>${NO_NOTION})`,
    'sure',
    ({ of, money, paidFor, paid }, s, from, to) => {
      const what = of ?? paidFor ?? '';
      return (
        (IS_FABRIC.test(what) && !isOfFabric(s) ? cost('fabric', money ?? paid, s.context.currency) : undefined) ??
        says({ is: 'words', words: s.typed(from, to) })
      );
    },
  ),
  // Nor is what was paid for it: of how much, nobody said.
  given(/ (?:for|on) /, rule)(
    `(?:(?:i|we|it|that|just|only) )*(?:paid|spent|gave)(?: about| only| just)? (?:${MONEY}|${BARE}) (?:for|on) (?:the |my |this |that |all )*(?:[a-zß-ɏ]+ ){0,2}${KIND_OF_FABRIC}(?: (?:in all|in total|altogether|all in))?`,
    'sure',
    (_, s, from, to) => says({ is: 'words', words: s.typed(from, to) }),
  ),
  // "4 buttons", "a 20 cm zip": what was used, whatever it cost.
  rule(
    `(?:(?:with|used|and) )?(?:an? )?(?<!size )(?:${COUNT} |${SAID_LENGTH} (?:of )?)(?:(?!on |for |at |in |with )[a-zß-ɏ]+ )?(?<what>${NOTION})(?! (?:waist|waistband|hem|cuffs?|neck|casing)(?![a-z]))`,
    'weak',
    (_, s, from, to) =>
      /\b(?:instead of|rather than|without|lost|losing|missing|lacks) $/.test(s.low.slice(0, from))
        ? undefined
        : says({ is: 'cost', what: s.typed(from, to).replace(/^(?:(?:with|used|and|an?)\s+)+/i, '') }),
  ),
]);
