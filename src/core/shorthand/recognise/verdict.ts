import type { REASONS } from '../../records';
import { anyOf, COUNT, countOf, END, FEWER, ORDINAL, ordinalOf, TIMES_IN_A_WORD } from '../amounts';
import { isDenied } from '../denied';
import { FABRIC_NOUNS } from '../fabric-nouns';
import { countedOver } from '../how-often';
import { asks, byRules, given, mereWords, rule, says, unread, weightOver, wordCount, type Meant } from '../said';
import { WHOSE, ZONE_WORDS } from '../words';

const LOVES = [1, 2, 3, 4, 5] as const;
const loved = (n: number): Meant | undefined => {
  const love = LOVES.find((l) => l === n);
  return love && says({ is: 'love', love });
};
/** A rating by halves: the verdict is a whole one, and which is asked. */
const between = (n: number): Meant | undefined => {
  const [below, above] = [loved(Math.max(1, Math.floor(n))), loved(Math.ceil(n))];
  return Number.isInteger(n) || n < 1 ? above : below && above && asks(below.says, above.says);
};
const IT =
  '(?:it|this|this one|them|these|the result|the end result|wearing it|wearing them|wearing this|how it turned out|how it looks|how they turned out|the way it looks)';
const MUCH = '(?:(?:i|really|absolutely|totally|just|still|so|do|simply|already) )*';
const NOT = "(?:i )?(?:didn't|don't|do not|did not|not|never|doesn't|won't|can't|hardly|no longer)";

/** Nothing but whose it is. */
const WHOSE_ALONE = new RegExp(`^ ${WHOSE}$`);

/** What is rated is not the garment. */
const OF_ELSE = /\b(?:fit|fabric|pattern|instructions|difficulty|ease|effort|comfort|value|colou?r):? $/;
/** Two sizes, and no rating. */
const OF_SIZE = /\b(?:sizes?|sz|uk|us|eu):? $/;

/** Behind praise, how much it is in figures. */
const RATED = /^[ ,.:;!(-]*(?:[1-5](?:[.,]5)? ?(?:\/ ?5|(?:out )?of (?:5|five)|stars?|\*)|(?:10|[1-9]) ?(?:\/ ?|out of )10)(?!\d)/;
/** Behind a rating, of what else it is. */
const FOR_ELSE = /^ (?:for|to) (?:the|its) (?:fit|fabric|pattern|instructions|drafting|designer|colou?r)(?![a-z])/;
/** When, not in what. */
const TIMES =
  /^ in (?:the )?(?:spring|summer|autumn|winter|new year|\d{4}|january|february|march|april|may|june|july|august|september|october|november|december)/;

/** That something is worn, and whatever may stand before and behind that. */
const WORN =
  "(?:(?:i|i've|he|she|we|have|has|it|it's|they|they're|is|are|been|already|and|gets?|getting) )*(?:worn|wore|wears?|wearing)(?: (?:it|this|them|these))?(?: to (?:work|school|church|the office|uni))?";
const SEASON = '(?:spring|summer|autumn|fall|winter|season|year)';
const EACH = '(?:a|per|each|every)';
const SO_OFTEN = `(?:(?:about|around|roughly|at least|maybe|probably|usually|almost|nearly|more or less) )*`;
/** "All winter", "since April": over what that goes. */
const OVER = `(?: (?:(?:this|last|all|the whole|for) )*${SEASON}(?: long)?| since [a-z]+(?: \\d{4})?)?`;
/** Where a thing is worn is damage, and not how often. */
const NOT_THIN =
  '(?! (?:at|around|on|in) (?:the |both )?(?:knees?|elbows?|seat|bum|cuffs?|collar|thighs?|hem|heels?|toes?|inside|edges?|lining|crotch))';
/** What may be, or is wished, was not done. */
const NOT_YET = /\b(?:will|would|can|could|should|shall|may|might|to|i'll|i'd|let me|easy to|going to|gonna)(?: be)? $/;

/**
 * How often something is worn in words: nobody knows how many times that is in all, which is asked. Each with what it may come to; our own
 * convention, and other numbers can be written.
 */
const HOW_OFTEN: readonly (readonly [words: string, counts: readonly number[]])[] = [
  [
    `${WORN} ${SO_OFTEN}(?:lots|loads|heaps|tons|a lot|a great deal|an awful lot|so much|so often|very often|non[- ]?stop|constantly|often|regularly|frequently|all the time|most days|daily|every (?:other |single )?day|(?:all|the whole|every day (?:of|this|last)|most of the) ${SEASON}(?: long)?|(?:weekly|every (?:other )?week|(?:once|twice|thrice|${COUNT} times|\\d ?x) ${EACH} (?:week|fortnight)))${OVER}${NOT_THIN}`,
    [10, 20, 40],
  ],
  [`(?:(?:it|it's|they|they're|is|are|now|always) )*(?:in (?:constant|heavy|regular|high|permanent) rotation|on repeat)`, [10, 20, 40]],
  [`(?:(?:i|i've|have|practically|basically|just|pretty much|more or less) )*(?:live|lived|living) in (?:it|them|this|these)${OVER}`, [10, 20, 40]],
  [`(?:it is |it's |this is |these are |they are )?my most[- ]worn(?: [a-z]+)?`, [10, 20, 40]],
  [`${WORN} ${SO_OFTEN}(?:monthly|every (?:other )?month|(?:once|twice|thrice|${COUNT} times|\\d ?x) ${EACH} month)${OVER}`, [3, 6, 12]],
  [
    `${WORN} (?:(?:only|just|quite) )*(?:a few times|some times|several times|a bit|a little|now and (?:then|again)|every now and (?:then|again)|once in a while|every once in a while|occasionally|sometimes|from time to time|on and off|(?:once|twice) ${EACH} year)`,
    [3, 5, 8],
  ],
  [
    `(?:(?:i|i've|he|she|we|have|has|it|it's|they|is|are|been) )*(?:hardly|barely|rarely|scarcely|seldom)(?: ever)?(?: been| gets?)? (?:worn|wore|wear|wears)(?: (?:it|this|them|these))?|${WORN} (?:hardly|barely|rarely|scarcely|seldom)(?: ever)?|(?:(?:i|have|has|it|they|is|are|been|do|does) )*(?:not|haven't|hasn't|don't|doesn't|isn't|aren't)(?: really| been| get)* (?:worn|wear)(?: (?:it|this|them|these))?(?: (?:that|very|so|all that))? (?:much|often|a lot)`,
    [1, 2, 3],
  ],
];

/** "A stiff black denim" is what it is of, and keeps nobody from wearing it. */
const OF_A_FABRIC = new RegExp(`^(?: (?!(?:in|for|to|at|on|with|of|as|and|but|because)\\b)[a-zß-ɏ-]+){0,2} ${anyOf(FABRIC_NOUNS)}${END}`);

/** Behind what was said of a fabric that was not taken. */
const SO_ANOTHER = /^,? so (?:i|we) (?:used|took|chose|went|bought)(?![a-z])/;
/** Before a love that is doubted, or would be. */
const DOUBTED = /\b(?:not sure|unsure|not certain|don't know|wonder|doubt)(?: (?:if|whether|that))?(?: (?:i|i'll|i will))? $|\bi'd $/;
/** Behind a love that is past. */
const AT_FIRST = /^ (?:at first|in the beginning|to begin with|initially|when it was new|on the first day)/;

type Reason = (typeof REASONS)[number];
/** What keeps one from reaching for a garment, as it is said. */
const REASONS_SAID: readonly (readonly [words: string, reason: Reason])[] = [
  ['(?:(?:much|far|way|a bit|a little|rather) )*too (?:dressy|fancy|formal|posh|smart|party|special|elegant)(?: for [^,.;·|]{2,40})?', 'occasion'],
  ['(?:never |no |hardly any |not an? )(?:have an |the |right )?(?:occasion|reason|excuse)(?: (?:to wear|for) ?(?:it|this)?)?', 'occasion'],
  ['nowhere to wear (?:it|this)', 'occasion'],
  [
    '(?:it )?(?:itches|itchy|is itchy|scratches|scratchy|prickly|prickles|clings|is clingy|clingy|static|see[- ]through|sheer|too thin|too stiff|stiff|sweaty|makes me sweat|(?:the )?fabric (?:is|feels) (?:horrible|awful|cheap|nasty|stiff|scratchy|itchy))',
    'fabric',
  ],
  [
    '(?:needs|too much|hates|always needs|a lot of|constant) ironing|hand[- ]?wash only|dry[- ]?clean only|has to be (?:hand washed|dry cleaned|ironed)|a pain to (?:wash|iron)|hard to (?:wash|iron)|fussy to wash',
    'care',
  ],
  ['(?:(?:much|far|way|a bit|a little|rather) )*too (?:hot|warm|cold|cool|wintry|summery)(?: (?:for|in|to wear in) [^,.;·|]{2,40})?', 'season'],
  [
    "(?:has |got |with |there is |there's )?(?:an? )?(?:holes?|tear|torn|ripped|stained?|stain|faded|pilled|pills|pilling|bobbled|shrunk|shrank)(?: (?:in|at|on) [^,.;·|]{2,40})?|(?:the |a |one )?(?:seams?|stitching) (?:has |have )?(?:split|burst|popped|came apart|ripped|tore|gave way|given way)(?: (?:in|at|on) [^,.;·|]{2,40})?|(?:the )?zip(?:per)? (?:has )?(?:broke|broken|burst|is broken|jammed)",
    'damage',
  ],
  [
    "no longer fits(?: me| her| him)?|does not fit (?:any ?more|me any ?more)|doesn't fit (?:any ?more|me any ?more)|got too small(?: for (?:me|her|him))?",
    'no longer fits',
  ],
  [
    "(?:not|isn't|just not|it's not|is not) (?:really )?(?:my|her|his) (?:style|colou?r|thing)|unflattering|frumpy|shapeless|dowdy|not flattering|makes me look [^,.;·|]{2,30}",
    'style',
  ],
];

/** Words of how a garment is liked, a clause of their own: how much that is of five is asked, likeliest first. */
const LIKED_IN_WORDS: readonly (readonly [words: string, loves: readonly (1 | 2 | 3 | 4 | 5)[]])[] = [
  [
    `(?:(?:i|i'm|he's|she's|they're|he|she|is|am|was|so|very|really|super|absolutely|just|more than|and|but) )*(?:happy|pleased|chuffed(?: to bits)?|thrilled|delighted|over the moon|proud)(?: (?:with|about|of) ${IT})?|(?:i )?(?:couldn't|could not) be (?:happier|more pleased)(?: with ${IT})?`,
    [5, 4],
  ],
  [
    "(?:(?:it's|it is|is|this is|the|my|one of|probably|definitely|easily|by far|quite possibly) )*(?:best|nicest)(?: (?:one|of them|thing|things|make|makes|garment|version))?(?: (?:so far|yet|ever|of all|of the lot|of the bunch|(?:i've|i have) (?:ever )?(?:made|sewn)))+",
    [5, 4],
  ],
  ["(?:(?:it's|it is|is|this one's|this one is|this is|definitely|such) )*a (?:real |definite )?keeper|no complaints(?: at all)?", [5, 4]],
  [
    "(?:(?:it's|it is|is|it turned out|turned out|came out|just|so|really|absolutely|totally|quite|looks?|they're|they are) )*(?:fab|fabulous|brilliant|gorgeous|lovely|amazing|stunning|fantastic|wonderful|superb|beautiful|awesome|great|ace|divine|a (?:triumph|dream|success|winner|joy))",
    [5, 4],
  ],
  [
    `(?:(?:i|i'm|am|it's|just|really|but) )*not (?:a (?:big |huge )?fan(?: of ${IT})?|(?:that |so |too |very )?keen(?: on ${IT})?|for me|my best(?: work| effort)?)|(?:(?:i|just|but) )*(?:never|don't|do not|rarely|hardly ever) (?:really |ever )?reach for ${IT}`,
    [2, 3, 1],
  ],
  [
    "(?:(?:it's|it is|it was|is|was|just|really|but|so) )*(?:not (?:good|great|nice|a success)|no good|rubbish|terrible|awful|dreadful|a (?:bit of a |total |complete )?(?:fail|failure|disaster|dud|flop))",
    [2, 1],
  ],
  [`(?:i )?regret (?:making|sewing|buying|starting) (?:${IT}|[a-z ]{2,20})`, [1, 2]],
  [
    "(?:(?:it's|it is|is|just|only|perfectly|still|and|but) )*(?:al(?:l ?)?right|wearable|passable|acceptable)(?:,? but (?:not great|nothing special|not perfect|no more))?|could (?:be|have been) better",
    [3, 2],
  ],
];

/** A place right before. */
const AT_A_PLACE = new RegExp(`\\b(?:front|back|${anyOf(ZONE_WORDS.keys())}) $`);

/** How the next one is to be otherwise, behind that there will be one. */
export const AND_OTHERWISE =
  '(?:with|w/) ?(?:an?|the|my|some|size|\\d|more|less|fewer|different|longer|shorter|wider|narrower|looser|tighter|lower|higher|deeper|bigger|smaller)(?![a-z])';
const IS_OTHERWISE = new RegExp(`^ ${AND_OTHERWISE}`);

/** How it is liked and worn, why not, and whether it is sewn again. */
export const recogniseVerdict = byRules([
  rule(
    `(?:love|love (?:it|them|this):|loved|happy|happiness|verdict|rating|rated(?: it)?|stars?):? ?(?<n>[1-5]|(?:one|two|three|four|five)(?! (?!(?:out )?of (?:5|five))))(?: ?/ ?5| (?:out )?of (?:5|five)| stars?)?(?!\\d|[.,]\\d| ?(?:cm|m|mm|%))`,
    'sure',
    ({ n = '' }, s, from, to) => {
      const meant = loved(countOf(n) ?? NaN);
      // "Love them: 4" over the love by itself.
      return meant && { ...meant, weight: weightOver(/ (?:it|them|this):/.test(s.low.slice(from, to)) ? 2 : 1, s, from, to) };
    },
  ),
  rule(
    `(?<n>[1-5]) ?(?:/ ?5|(?:out )?of (?:5|five)|stars?|\\*(?= *(?:$|[,.;!·|\\n]|(?:though|tho|overall|from me|for|but|and|anyway)\\b)))(?!\\d)`,
    'sure',
    ({ n }, s, from, to) =>
      OF_ELSE.test(s.low.slice(0, from)) || FOR_ELSE.test(s.low.slice(to)) ? { says: mereWords(s.typed(from, to)) } : loved(Number(n)),
  ),
  // "Fit: 3/5": of what it is said is kept with it.
  rule(
    `(?:fit|fabric|style|design|drafting|instructions?|comfort|pattern|sewing|construction|difficulty of (?:sewing|the pattern)|value)(?: rating)?:? [1-5](?:[.,]5)? ?(?:/ ?5|(?:out )?of (?:5|five)|stars?)(?!\\d)`,
    'sure',
    (_, s, from, to) => ({ says: mereWords(s.typed(from, to)) }),
  ),
  // Out of ten: half of it where that is a whole one.
  rule(`(?:(?:verdict|rating|rated(?: it)?):? )?(?<n>10|[1-9]) ?(?:/ ?|out of )10(?!\\d)`, 'sure', ({ n }, s, from, to) => {
    if (OF_SIZE.test(s.low.slice(0, from))) return undefined;
    if (OF_ELSE.test(s.low.slice(0, from))) return { says: mereWords(s.typed(from, to)) };
    return between(Number(n) / 2);
  }),
  rule(
    `(?:(?:love|verdict|rating|rated(?: it)?):? )?(?<n>[1-4]) ?(?:[.,]5|½|1/2) ?(?:/ ?5|(?:out )?of (?:5|five)|stars?)(?!\\d)`,
    'sure',
    ({ n }, s, from, to) => (OF_ELSE.test(s.low.slice(0, from)) ? { says: mereWords(s.typed(from, to)) } : between(Number(n) + 0.5)),
  ),
  rule(`(?:love|verdict|rating|rated(?: it)?):? ?(?<n>[1-4])[.,]5(?!\\d| ?(?:cm|m|mm|%|h)(?![a-z]))`, 'sure', ({ n }) => between(Number(n) + 0.5)),
  // "Love 3-4", "3 or 4 out of 5".
  rule(
    `(?:(?:love|verdict|rating|rated(?: it)?):? ?(?<n>[1-4])(?:-| (?:to|or) )(?<m>[2-5])|(?<n2>[1-4])(?:-| (?:to|or) )(?<m2>[2-5])(?= ?(?:/ ?5|(?:out )?of (?:5|five)|stars?)))(?: ?/ ?5| ?(?:out )?of (?:5|five)| ?stars?)?(?!\\d)`,
    'sure',
    ({ n, m, n2 = n, m2 = m }, s, from, to) => {
      if (Number(m2) !== Number(n2) + 1 || OF_ELSE.test(s.low.slice(0, from))) return undefined;
      const asked = between(Number(n2) + 0.5);
      return asked && { ...asked, weight: weightOver(2, s, from, to) };
    },
  ),
  rule(`(?<n>one|two|three|four) and a half (?:out of five|of five|stars?)`, 'sure', ({ n }) => between((countOf(n ?? '') ?? 0) + 0.5)),
  // "A winner", "total disaster": how much is asked.
  rule(
    `(?:(?:an? |absolute |absolutely |total |complete |real |such |it's |what a ))*(?<word>perfection|winner|triumph|fail|failure|disaster|wadder|flop)`,
    'likely',
    ({ word = '' }, s, from, to) => {
      const alone = /(?:^|[,.;!·|\n]|\b(?:and|but)) *$/.test(s.low.slice(0, from)) && /^ *(?:$|[,.;!·|\n])/.test(s.low.slice(to));
      const [one, other] = /^(?:perf|win|tri)/.test(word) ? ([5, 4] as const) : ([1, 2] as const);
      return alone ? asks([{ is: 'love', love: one }], [{ is: 'love', love: other }], mereWords(s.typed(from, to))) : undefined;
    },
  ),
  ...LIKED_IN_WORDS.map(([words, loves]) =>
    rule(`(?:${words})(?= *(?:$|[,.;!·|)\\n]))`, 'likely', (_, s, from, to) =>
      // A rating beside it says it in figures.
      !/(?:^|[,.;:!·|(\n-]|\b(?:and|but)) *$/.test(s.low.slice(0, from)) || RATED.test(s.low.slice(to))
        ? undefined
        : { ...asks(...loves.map((love) => [{ is: 'love', love }] as const), mereWords(s.typed(from, to))), weight: weightOver(2, s, from, to) },
    ),
  ),
  // Stars drawn out, those that it has not behind them.
  rule(`(?<n>(?:[★⭐]\\ufe0f?){1,5})☆{0,4}`, 'sure', ({ n = '' }) => loved(n.replace(/\ufe0f/g, '').length)),
  rule(`(?:love|loved|adored)(?= *(?:$|[.!]))`, 'weak', (_, s, from) => (/(?:^|[,.;!·|\n-]) *$/.test(s.low.slice(0, from)) ? loved(5) : undefined)),
  rule(`(?<n>one|two|three|four|five) (?:out of five|of five|stars?)`, 'sure', ({ n }) => loved(countOf(n ?? '') ?? 0)),
  rule(`${MUCH}(?:love|loved|adore|adored|in love with) ${IT}(?: (?:so much|to bits|very much|a lot|already))?`, 'sure', (_, s, from, to) =>
    /\b(?:would|will|might|could|to|didn't|don't|not|never)\s+(?:really )?$/.test(s.low.slice(0, from)) ||
    DOUBTED.test(s.low.slice(0, from)) ||
    AT_FIRST.test(s.low.slice(to)) ||
    RATED.test(s.low.slice(to))
      ? undefined
      : loved(5),
  ),
  // "I love my Tidewater shirt": whose name ends the clause.
  rule(`${MUCH}(?:love|adore)(?= (?:the|my|this|these|his|her) )`, 'sure', (_, s, from, to) =>
    s.subject &&
    /(?:^|[,.;!·|\n:]|\b(?:and|but)) *$/.test(s.low.slice(0, from)) &&
    WHOSE_ALONE.test(s.low.slice(to, s.subject.from)) &&
    /^(?: (?:version|v|no\.?) ?\d+)? *(?:$|[,.;!·|\n]|but\b|and\b|so\b)/.test(s.low.slice(s.subject.to))
      ? loved(5)
      : undefined,
  ),
  rule(
    `(?:(?:it|it's|this|now|already|is|became) )*(?:my |an? |new |absolute |all-time )*(?:favourite|favorite)(?: (?:thing|dress|make|top|skirt|garment|piece|of all|ever|so far))*`,
    'likely',
    // "Copied from my favourite jeans": another.
    (_, s, from, to) =>
      /\b(?:of|from|like|as|than) (?:my |an? )?$/.test(s.low.slice(0, from))
        ? undefined
        : asks([{ is: 'love', love: 5 }], mereWords(s.typed(from, to))),
  ),
  rule(`${MUCH}(?:like|liked) ${IT}(?: (?:a lot|very much|well enough|enough))?`, 'sure', (_, s, from, to) =>
    /\b(?:would|didn't|don't|not|never|looks?|feels?|(?:as|than|how|way|what)(?: i)?)\s+$/.test(s.low.slice(0, from)) ||
    DOUBTED.test(s.low.slice(0, from)) ||
    AT_FIRST.test(s.low.slice(to))
      ? undefined
      : loved(4),
  ),
  rule(`${MUCH}(?:hate|hated|loathe|can't stand) ${IT}`, 'sure', () => loved(1)),
  // Denied or lukewarm: how much it is liked is asked.
  rule(
    `${NOT} (?:really |quite |particularly |all that |much )?(?:love|like|loved|liked|in love with|keen on|sure about|happy with|mad about|hate) (?:${IT})?(?: (?:much|that much|any ?more|at all|as much|yet))?`,
    'sure',
    (_, s, from, to) => {
      const hated = /hate/.test(s.low.slice(from, to));
      return {
        ...asks(
          [{ is: 'love', love: hated ? 3 : 2 }],
          [{ is: 'love', love: hated ? 4 : 3 }],
          [{ is: 'love', love: 1 }],
          mereWords(s.typed(from, to)),
        ),
        weight: 9,
      };
    },
  ),
  rule(
    `(?:(?:it is|it's|is|just|only|rather|a bit) )*(?:meh|so[ -]so|nothing special|it's ok|it's okay|just ok|fine I suppose|disappointing|disappointed(?: (?:with|by) ${IT})?|underwhelming)`,
    'likely',
    (_, s, from, to) => asks([{ is: 'love', love: 3 }], [{ is: 'love', love: 2 }], mereWords(s.typed(from, to))),
  ),
  // Wears. "10-12 times" is the one or the other.
  rule(
    `(?:(?:i|have|has|already|been|so far) )*(?:worn|wore)(?: (?:it|this|them))?(?: (?:about|around|roughly|maybe|some|between))? ${FEWER}(?<n>\\d+) ?(?:times?|×|x|wears)(?! (?:an?|per|each|every) )`,
    'sure',
    ({ least, n }, s, from, to) => asks([{ is: 'wears', wears: Number(least) }], [{ is: 'wears', wears: Number(n) }], mereWords(s.typed(from, to))),
  ),
  rule(
    `(?:(?:i|have|has|already|been|so far|probably|must have|must've) )*(?:worn|wore|wear)(?: (?:it|this|them))?(?: to (?:work|school|church|the office|parties|weddings|town))?(?: (?:about|around|roughly|maybe|at least|some|over|well over|more than|already|only|easily))? (?<n>${COUNT}|once|twice|thrice)\\+? ?(?:times?|×|x|wears)?(?: (?:so far|already|now|by now))?(?! (?:week|month|days?|years?|hours?))`,
    'sure',
    ({ n = '' }, s, from, to) => {
      const word = TIMES_IN_A_WORD[n];
      const wears = word ?? countOf(n);
      if (wears === undefined) return undefined;
      // "Worn 6," is so often; "wore 2 different belts with it" is not.
      if (word === undefined && !/times?|×|x|wears/.test(s.low.slice(from, to)) && !/^\s*(?:$|[,.;·|\n])/.test(s.low.slice(to))) return undefined;
      // "Once a week" is no count.
      return /^\s*(?:a|every|each|per) (?:week|month|year|day|fortnight)/.test(s.low.slice(to)) ? undefined : says({ is: 'wears', wears });
    },
  ),
  rule(
    `(?:(?:has|have|it's|it|had|about|around|roughly|maybe|at least|some|over|more than) )*(?<n>\\d+)\\+? ?(?:wears|×|x)(?: so far)?(?= *(?:$|[,.;·|]))`,
    'likely',
    ({ n }) => says({ is: 'wears', wears: Number(n) }),
  ),
  // "Five times so far", which is of nothing but wearing it.
  rule(
    `(?<=(?:^|[,.;:·|(\\n]|\\band)\\s*)(?<n>${COUNT}|once|twice|thrice)(?: ?(?:times|x|×|wears))? (?:so far|to date|until now)(?= *(?:$|[,.;·|)\\n]))`,
    'likely',
    ({ n = '' }) => {
      const wears = TIMES_IN_A_WORD[n] ?? countOf(n);
      return wears === undefined ? undefined : says({ is: 'wears', wears });
    },
  ),
  rule(`(?:(?:now|already) )?on (?:its|it's|the) (?<n>${ORDINAL}) wear(?:ing)?`, 'likely', ({ n = '' }) => {
    const wears = ordinalOf(n);
    return wears === undefined ? undefined : says({ is: 'wears', wears });
  }),
  rule(`after (?<n>${COUNT}|the first) (?:wears?|wearings?|outings?)`, 'sure', ({ n }) => {
    const wears = n === 'the first' ? 1 : countOf(n ?? '');
    return wears === undefined || wears < 1 ? undefined : says({ is: 'seen', seen: { at: 'worn', wears } });
  }),
  rule(
    `(?:(?:i've|i|have|has|been|but|still) )*(?:never|not|not yet|haven't|hasn't been) (?:been )?(?:worn|wore)(?: (?:it|this|them))?(?: (?:yet|once|so far|at all))?(?!(?: (?:it|this|them))? (?:since|for|in|often|much|enough|outside|to|out))`,
    'sure',
    () => ({ ...says({ is: 'wears', wears: 0 }), weight: 9 }),
  ),
  rule(`(?:(?:still|so far|it is|it's|is|as yet) )*unworn(?: (?:so far|yet|as yet))?`, 'sure', () => says({ is: 'wears', wears: 0 })),
  rule(
    `${WORN} (?:(?:only|just|maybe|about) )*(?:once or twice|(?<least>${COUNT}) or (?<most>${COUNT}) times)`,
    'sure',
    ({ least, most }, s, from, to) => {
      const counts = [countOf(least ?? '1'), countOf(most ?? '2')].flatMap((wears) =>
        wears === undefined ? [] : [[{ is: 'wears', wears }] as const],
      );
      return { ...asks(...counts, mereWords(s.typed(from, to))), weight: 9 };
    },
  ),
  ...HOW_OFTEN.map(([words, counts]) =>
    rule(words, 'likely', (_, s, from, to) => {
      const before = s.low.slice(0, from);
      if (NOT_YET.test(before) || isDenied(before)) return undefined;
      // So many in so many days, over days that are said, can be counted.
      const wears = countedOver(s.low.slice(from, to), s.context);
      if (wears !== undefined) return { ...says({ is: 'wears', wears }), weight: 9 };
      return { ...asks(...counts.map((wears) => [{ is: 'wears', wears }] as const), mereWords(s.typed(from, to))), weight: 9 };
    }),
  ),
  rule(`(?:tried on|try-on|at the fitting|first fitting)`, 'likely', () => says({ is: 'seen', seen: { at: 'tryOn' } })),
  rule(`(?:on the )?first day`, 'likely', () => says({ is: 'seen', seen: { at: 'firstDay' } })),
  // Reasons.
  // How a fabric shrinks is no damage of the garment.
  given(/shr[au]nk/, rule)(
    `(?:(?:the )?(?:fabric|cloth|material|it) )?(?:shrank|shrunk|has shrunk)(?: by)?(?: about)? \\d+(?:[.,]\\d)? ?(?:%|percent|per cent)[^,.;·|\\n]*|(?:the )?(?:fabric|cloth|material) (?:shrank|has shrunk|had shrunk)[^,.;·|\\n]*`,
    'sure',
    (_, s, from, to) => unread(s, from, to),
  ),
  ...REASONS_SAID.map(([words, reason]) =>
    rule(words, 'likely', (_, s, from, to) =>
      [OF_A_FABRIC, SO_ANOTHER].some((of) => of.test(s.low.slice(to))) || isDenied(s.low.slice(0, from)) ? undefined : says({ is: 'reason', reason }),
    ),
  ),
  rule(
    `(?:(?:it|and|but) )*(?:creases|wrinkles|creased|crumples)(?: (?:so much|too much|badly|like mad|terribly|a lot|easily|if you look at it|as soon as [^,.;·|]{2,30}))?(?! (?:at|across|around|under|below|between|from|on) (?:the|my) )`,
    'likely',
    // "Front crotch wrinkles" are of its fit.
    (_, s, from) =>
      AT_A_PLACE.test(s.low.slice(0, from)) ? undefined : asks([{ is: 'reason', reason: 'fabric' }], [{ is: 'reason', reason: 'care' }]),
  ),
  // Again.
  rule(
    `(?:(?:i|definitely|certainly) )*(?:would not|wouldn't|won't|will not|never|not) (?:ever )?(?:make|sew|be making|be sewing|making|sewing)?(?: (?:it|this|this one|one|another))? ?again(?: in [^,.;·|]{2,30})?`,
    'sure',
    (_, s, from, to) =>
      /make|sew|making/.test(s.low.slice(from, to)) || /^never again/.test(s.low.slice(from, to))
        ? { ...says({ is: 'again', answer: 'no' }), weight: 10 + wordCount(s.low.slice(from, to)) }
        : undefined,
  ),
  rule(
    `(?:(?:i|definitely|certainly|absolutely|and) )*(?:would|will|want to|i'd|i'll|going to|shall|could)(?: (?:definitely|certainly|absolutely|happily))?(?: be)? (?:make|sew|do|making|sewing)(?: (?:it|this|this one|one|another(?: one)?|more))?(?: again)?(?<changes> with (?:some |a few |these )?changes)?(?<in>(?:(?: but)? (?:in|from|out of) (?:an? )?[^,.;·|]{2,40}?)?)(?:(?= ${AND_OTHERWISE})|(?=\\s*(?:$|[,.;·|]|but\\b|and\\b)))`,
    'sure',
    ({ in: fabric, changes: changed }, s, from, to) => {
      if (!/again|another|more/.test(s.low.slice(from, to))) return undefined;
      const behind = s.low.slice(to);
      const changes =
        changed !== undefined || IS_OTHERWISE.test(behind) || (/^\s*(?:,|but)/.test(behind) && /with changes|but/.test(behind.slice(0, 20)));
      const answer = TIMES.test((fabric ?? '').replace(/^ but/, '')) ? 'later' : fabric ? 'other fabric' : changes ? 'with changes' : 'as is';
      return { ...says({ is: 'again', answer }), weight: 4 + 9 * wordCount(s.low.slice(from, to)) };
    },
  ),
  rule(
    `(?:(?:i'm|am|definitely|certainly|already|and) )*(?:making|sewing|planning|cutting) (?:another(?: (?:one|pair))?|more of (?:these|them)|a second (?:one|pair)|(?:the|my) next(?: (?:one|pair))?(?= *(?:$|[,.;])))`,
    'sure',
    () => says({ is: 'again', answer: 'as is' }),
  ),
  rule(`(?:(?:i|now|already|definitely|and|so) )*want (?:another|more|several)(?: (?:one|pair|of (?:these|them)))?(?= *(?:$|[,.;!·|]))`, 'sure', () =>
    says({ is: 'again', answer: 'as is' }),
  ),
  rule(`not again(?: in [^,.;·|]{2,30})?`, 'likely', () => asks([{ is: 'again', answer: 'no' }], [{ is: 'again', answer: 'other fabric' }])),
  rule(`(?:(?:i )?(?:would|will) )?(?:sew|make) (?:it )?again[:?]? (?<answer>as is|with changes|other fabric|later|no|yes)`, 'sure', ({ answer }) => {
    if (answer === 'yes') return asks([{ is: 'again', answer: 'as is' }], [{ is: 'again', answer: 'with changes' }]);
    const found = (['as is', 'with changes', 'other fabric', 'later', 'no'] as const).find((a) => a === answer);
    return found && says({ is: 'again', answer: found });
  }),
  rule(`(?:difficulty|how hard):? ?(?<n>[1-5])(?: ?/ ?5| of 5)?`, 'sure', ({ n }) => says({ is: 'difficulty', difficulty: Number(n) })),
  rule(`(?<n>[1-5]) ?(?:/ ?5|(?:out )?of 5) (?:for |in )?(?:difficulty|how hard it was)`, 'sure', ({ n }) =>
    says({ is: 'difficulty', difficulty: Number(n) }),
  ),
]);
