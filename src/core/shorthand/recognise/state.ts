import { ORDINAL } from '../amounts';
import type { Understood } from '../chip';
import { isDenied } from '../denied';
import { PART } from '../garment-words';
import { asks, beforeName, byRules, given, mereWords, rule, says, type Meant } from '../said';
import type { Recogniser, Sentence } from '../sentence';
import { madeOverFrom, MADE_FROM, wasSewn } from '../made-over';
import { MONEY } from '../money-said';
import { TOILE, WHOSE } from '../words';
import { DAY, ON_THE_MACHINE, SEEN_LATER, tellsOfFinishing, UNDER_WAY } from './date';

/** What a clause of its own begins behind. */
const BEGINS = /(?:^|[,.;·|\n:]|\band|\bbut) *$/;
const CLAUSE = '(?=\\s*(?:$|[,.;·|\\n]|and\\b|but\\b|because\\b|so\\b|now\\b))';
const REST = '[^,.;·|\\n]{2,60}?';
const IT = '(?:it|this|this one|them)';

/** What begins a sentence of its own: nothing, a day, or what ended the one before. */
const AT_ITS_START = new RegExp(
  `(?:^|[,.;·|\\n:]|\\band)\\s*(?:(?:(?:on )?${DAY}|after that|afterwards|then|next|also|so|okay|ok|and|but|today),?\\s*)*$`,
);
const IS_ITS_NAME = new RegExp(`^ ${WHOSE}(?:${ORDINAL} +)?$`);

/** What is said behind the name, where a sentence begins with some words and the name right after them: "cut out the Tern shorts, …". */
const behindName = ({ low, subject }: Sentence, from: number, to: number): string | undefined =>
  subject && AT_ITS_START.test(low.slice(0, from)) && IS_ITS_NAME.test(low.slice(to, subject.from)) ? low.slice(subject.to) : undefined;

/** A garment is begun, and not said to be finished. */
const begun = (state: 'cut' | 'sewing', s: Sentence, from: number, to: number): Meant | undefined => {
  const behind = behindName(s, from, to);
  if (behind === undefined || tellsOfFinishing(behind)) return undefined;
  return SEEN_LATER.test(behind) ? asks([{ is: 'state', state }], [{ is: 'state', state: 'finished' }]) : says({ is: 'state', state });
};

/** Before what a make may be: it was not made. "Not perfect but a toile" is one. */
const NOT_MADE =
  /\b(?:no|not|never|without|instead of|skip(?:ped|ping)?|didn't|haven't|hadn't|couldn't|(?:did|have|had|could) not)(?: (?!but\b|and\b|so\b|more\b)[a-z']+){0,3} *$/;

/** A part of a garment, in the sentence before a place. */
const OF_A_PART = new RegExp(`(?<![a-z])${PART}(?![a-z])[^.;\\n]*$`);

/** In the same clause a day is said, before it or behind. */
const BEHIND_ITS_DAY = new RegExp(`(?:^|[,.;\\n]) *(?:on )?${DAY}[:,]? *$`);
const WITH_ITS_DAY = new RegExp(`^[^,.;\\n]*\\b${DAY}(?![\\w/])`);

/** Who did it, and that it was lately. */
const LATELY = "(?:(?:i|we|i've|i'm|just|have|am|finally|then|now) )*";

/** It was in use. */
const WAS_USED = /\b(?:worn|wore|wears?|wash(?:es|ed|ing)?|pilled|faded|shrank|shrunk|for (?:years|months|ages))\b/;

/** A toile tells something. */
const TOLD_BY = /^ (?:showed|told|said|revealed|proved|taught|had shown|made (?:me|it) (?:see|clear))(?![a-z])/;

const states = byRules([
  rule(
    `(?:(?:i|i've|have|just|then|finally|so) )*(?:gave up(?: on ${IT})?|given up(?: on(?: ${IT})?)?|(?:abandoned|ditched|binned)(?: ${IT})?|(?:(?:is|are|it is|it's|went|now|straight|ended up) )*in(?:to)? the bin|threw ${IT} (?:out|away)|scrapped(?: ${IT})?|stopped)(?: half ?way(?: through)?)?(?: (?:at|on|with|during|after) (?<stage>${REST}))?${CLAUSE}`,
    'sure',
    ({ stage }, s, from, to) => {
      // The pattern, or what was left of the fabric, is no garment.
      if (/\b(?:patterns?|toile|muslin|scraps|rest|fabric|leftovers?)(?: (?:is|are|goes|go))? $/.test(s.low.slice(0, from))) return undefined;
      // What was worn or washed had been finished.
      if (/binned|\bbin\b|threw|scrapped/.test(s.low.slice(from, to)) && WAS_USED.test(s.low))
        return asks([{ is: 'state', state: 'worn out' }], [{ is: 'state', state: 'abandoned' }], mereWords(s.typed(from, to)));
      const at = stage === undefined ? -1 : s.low.indexOf(stage, from);
      const abandoned = says({
        is: 'state',
        state: 'abandoned',
        ...(stage === undefined ? {} : { stage: s.typed(at, Math.min(to, at + stage.length)) }),
      });
      // "Gave up on the collar": the whole of it, or that alone.
      return stage !== undefined && /\bg(?:ave|iven) up on /.test(s.low.slice(from, at))
        ? asks(abandoned.says, mereWords(s.typed(from, to)))
        : abandoned;
    },
  ),
  rule(`${LATELY}(?:gave up(?: on)?|given up(?: on)?|abandoned|ditched|binned|scrapped)`, 'sure', (_, s, from, to) =>
    behindName(s, from, to) === undefined ? undefined : says({ is: 'state', state: 'abandoned' }),
  ),
  rule(
    `(?:(?:only|just|so far|all|already|now|it is|it's|is|are) )*(?:cut out|cut|cut only)(?: (?:so far|but not (?:sewn|started|begun)(?: yet)?|not (?:sewn|started) yet|and ready to sew|and waiting|only|now))?${CLAUSE}`,
    'weak',
    (_, s, from, to) =>
      /\bcut (?:it|the|a|an|in)\b/.test(s.low.slice(from, to + 4)) ||
      tellsOfFinishing(s.low.slice(to)) ||
      !(BEGINS.test(s.low.slice(0, from)) || (/^(?:(?:is|are) |cut out)/.test(s.low.slice(from)) && beforeName(s, from) !== undefined))
        ? undefined
        : says({ is: 'state', state: 'cut' }),
  ),
  rule(`${LATELY}(?:cut out|(?:started |began )?cutting(?: out)?)`, 'sure', (_, s, from, to) => begun('cut', s, from, to)),
  // "I cut the Gangway trousers in 42" may be said of what lies there cut, or of how it was cut that hangs.
  rule(`${LATELY}cut(?= (?:the|my|another) )`, 'sure', (_, s, from, to) => {
    const behind = behindName(s, from, to);
    // With its day that is asked of both (date.ts).
    if (
      behind === undefined ||
      tellsOfFinishing(behind) ||
      SEEN_LATER.test(behind) ||
      WITH_ITS_DAY.test(behind) ||
      BEHIND_ITS_DAY.test(s.low.slice(0, from))
    )
      return undefined;
    return asks([{ is: 'state', state: 'cut' }], [{ is: 'state', state: 'finished' }]);
  }),
  rule(`${LATELY}(?:started(?: (?:on|sewing|making))?|began(?: (?:sewing|making))?|sewing|working on|(?<=am |'m )making)`, 'sure', (_, s, from, to) =>
    begun('sewing', s, from, to),
  ),
  rule(
    `(?:but |and )?(?:it is |it's |is |still )?(?:not (?:yet )?sewn(?: yet)?|(?:i |we )?(?:haven't|have not) (?:yet )?sewn(?: it)?(?: yet)?|unsewn|ready to (?:be sewn|sew)|not started sewing)${CLAUSE}`,
    'sure',
    (_, s, from) => (/\bcut\b/.test(s.low.slice(0, from)) ? says({ is: 'state', state: 'cut' }) : undefined),
  ),
  rule(
    `(?:(?:still|only|it is|it's|is|now) )*(?:half[ -]?sewn|half[ -]?done|half[ -]?finished|half[ -]?made|(?:nearly|almost|not quite) (?:sewn|done|finished|there|complete)|work in progress|${UNDER_WAY}|still sewing|being sewn|unfinished|not finished(?: yet)?|(?:sewing|working on) (?:it|this)(?: (?:now|right now|at the moment|just now)))`,
    'sure',
    // "Waist nearly there" is of its fit.
    (_, s, from, to) =>
      / there$/.test(s.low.slice(from, to)) && !BEGINS.test(s.low.slice(0, from)) ? undefined : says({ is: 'state', state: 'sewing' }),
  ),
  // "That I never finished": it may lie there yet.
  rule(
    `(?:(?:but|that|which|and) )?(?:(?:i|we) )?(?:have |has |'ve )?never (?:got (?:round |around )?to )?finish(?:ed|ing)?(?: (?:it|them))?${CLAUSE}`,
    'sure',
    () => asks([{ is: 'state', state: 'sewing' }], [{ is: 'state', state: 'abandoned' }]),
  ),
  // "I'm halfway through a Redshank jacket".
  rule(
    `(?:(?:i|i'm|am|still|now|only|just) )*(?:(?:half ?way|part way|nearly) through|working on|busy on|in the middle of)`,
    'sure',
    (_, s, from, to) => (behindName(s, from, to) === undefined ? undefined : says({ is: 'state', state: 'sewing' })),
  ),
  // "On the machine" by itself: buttonholes may be sewn on it too.
  rule(`(?:(?:still|it is|it's|is|now) )*${ON_THE_MACHINE}(?: (?:now|right now|at the moment))?${CLAUSE}`, 'sure', (_, s, from) =>
    BEGINS.test(s.low.slice(0, from)) ? says({ is: 'state', state: 'sewing' }) : undefined,
  ),
  // "On the machine: the Heron dress".
  rule(`(?:sewing|${ON_THE_MACHINE})(?: now)?(?= ?:)`, 'sure', (_, s, from) =>
    s.low.slice(0, from).trim() === '' ? says({ is: 'state', state: 'sewing' }) : undefined,
  ),
  // "Sewn up to the collar".
  rule(`(?:(?:i|i've|it is|it's|is|now|have|has) )*(?:sewn|sewed|got) (?:(?:up|down) to|as far as) ${REST}${CLAUSE}`, 'sure', (_, s, from, to) => ({
    says: [{ is: 'state', state: 'sewing' }, ...mereWords(s.typed(from, to))],
  })),
  rule(`(?:(?:still|only|it is|it's|is|now|just) )*(?:waiting|waits) (?:for|on) (?<what>${REST})${CLAUSE}`, 'sure', ({ what }, s, from, to) => {
    const at = s.low.indexOf(what ?? '', from + 7);
    const words = s.typed(at, Math.min(to, at + (what ?? '').length));
    return asks(
      [
        { is: 'loose end', words },
        { is: 'state', state: 'loose ends' },
      ],
      [
        { is: 'loose end', words },
        { is: 'state', state: 'sewing' },
      ],
    );
  }),
  rule(
    `(?:now |long |since )?(?:given away|gave (?:it|this) away|gave (?:(?:it|this|them) )?to (?!up)[^,.;·|]{2,30}|given to [^,.;·|]{2,30}|donated(?: it)?|(?:(?:it|and|then|they) )*(?:went|gone) to (?:the |a |my )?(?:charity|op|thrift|second-?hand)[^,.;·|]{0,20}|passed (?:it )?on(?: to [^,.;·|]{2,30})?|gifted (?:(?:it|them) )?to [^,.;·|]{2,30})`,
    'sure',
    () => says({ is: 'state', state: 'given' }),
  ),
  // For how much is no cost of it.
  given(/sold /, rule)(
    `(?:(?:now|since|then|and|i|later) )*sold (?:(?:it|them|on) )*for (?:only |just |about )?${MONEY}`,
    'sure',
    (_, s, from, to) => ({ says: [{ is: 'state', state: 'sold' }, ...mereWords(s.typed(from, to))] }),
  ),
  rule(`(?:now |since )?sold(?: it| on)?${CLAUSE}`, 'sure', () => says({ is: 'state', state: 'sold' })),
  rule(`(?:now |already |long |since )?(?:outgrown|grown out of(?: it)?|outgrew it)`, 'sure', () => says({ is: 'state', state: 'outgrown' })),
  rule(`(?:now |completely |long )?(?:worn out|worn to (?:bits|shreds|rags|death))`, 'sure', () => says({ is: 'state', state: 'worn out' })),
  rule(
    `(?:unpicked|taken apart|took it apart)(?: (?:it|again|all of it|completely))?${CLAUSE}(?!,? (?:and )?(?:then )?(?:re-?(?:sewn|sewed|made|cut|assembled)|put (?:it )?(?:back )?together|sewn again|sewed (?:it )?again))`,
    'likely',
    // A part of it, on the way to what was finished, or all of it.
    (_, s, from, to) => {
      if (tellsOfFinishing(s.low.slice(to))) return { says: mereWords(s.typed(from, to)) };
      return OF_A_PART.test(s.low.slice(0, from))
        ? asks(mereWords(s.typed(from, to)), [{ is: 'state', state: 'unpicked' }])
        : says({ is: 'state', state: 'unpicked' });
    },
  ),
  rule(`(?:put away|stored(?: away)?|resting|in the wardrobe waiting)(?: for now)?${CLAUSE}`, 'weak', (_, s, from, to) =>
    asks([{ is: 'state', state: 'resting' }], mereWords(s.typed(from, to))),
  ),
  rule(
    `(?:(?:only|just|first|second|third|fourth|next|another|new|last|made|this is|this was|as|my|the) )*(?:an? )?(?<wearable>wearable )?${TOILE}(?: (?:no\\.? ?|number |#)?[1-9](?= ?:))?(?: (?:of|for)(?: the| my| an?)?| first)?(?! cotton| fabric)`,
    'likely',
    ({ wearable }, s, from, to) => {
      if (NOT_MADE.test(s.low.slice(0, from))) return undefined;
      const said = s.low.slice(from, to);
      // "Underlined with muslin" is what it is of.
      if (said === 'muslin' && /\b(?:with|in|of|from|underlined|interlined|lined) $/.test(s.low.slice(0, from))) return undefined;
      // What was learned from it is told of the garment after it.
      if (/\b(?:after|since|before|from|on|unlike|than|like) (?:the |my |an? )?$/.test(s.low.slice(0, from)) || TOLD_BY.test(s.low.slice(to)))
        return undefined;
      const is = wearable === undefined ? 'toile' : 'wearable toile';
      // "Made a toile first".
      if (/^(?:only |just )*made .* first$/.test(said)) return asks([{ is: 'kind', kind: is }], mereWords(s.typed(from, to)));
      // "Toile first, then in wool": what is told of is the garment that came after.
      if (/ first$/.test(said) && /\b(?:then|real|final|afterwards|proper)\b/.test(s.low.slice(to))) return undefined;
      return says({ is: 'kind', kind: is });
    },
  ),
  rule(`(?:(?:this is |it's |it is |is )?an? refashion|refashioned)${CLAUSE}`, 'likely', () => says({ is: 'kind', kind: 'refashion' })),
  rule(MADE_FROM, 'sure', ({ was = '', label }, s, from, to) => {
    if (!wasSewn(s.low.slice(from, to), was)) return undefined;
    const at = s.low.indexOf(was, from);
    const span = { from: at, to: at + was.length };
    return { says: madeOverFrom({ ...span, low: was, typed: s.typed(span.from, Math.min(to, span.to)) }, label, s.names) };
  }),
]);

/** Before what is not so yet: "nearly gave up", "will be outgrown by summer". */
const NOT_SO = /\b(?:nearly|almost|soon|(?:will|would|might|may|could|going to|about to) (?:soon )?be)(?: (?:been|even|completely|soon))* $/;

/** How far a garment has come, what it is, and where it went. */
export const recogniseState: Recogniser = (sentence, at) => {
  const isState = ({ is }: Understood) => is === 'state';
  return states(sentence, at).filter(
    ({ says: said, choices = [], from }) =>
      !(isDenied(sentence.low.slice(0, from)) || NOT_SO.test(sentence.low.slice(0, from))) || !(said.some(isState) || choices.flat().some(isState)),
  );
};
