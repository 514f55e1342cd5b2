import { anyOf } from '../amounts';
import type { Understood } from '../chip';
import { folded } from '../names';
import { byRules, mereWords, rule, says, wordCount, type Meant } from '../said';
import type { Recogniser, Sentence } from '../sentence';
import { WEIGHTS } from '../weights';
import { NOTES_SAID } from '../words';

/** To the end of what is said in one breath. */
const BREATH = '[^;·|\\n•]+';
/** Words of one clause: the point of a figure ends none. */
const IN_CLAUSE = '(?:[^,.;·|\\n•]|(?<=\\d)[.,](?=\\d))';
const CLAUSE = `${IN_CLAUSE}+?(?=\\s*(?:$|,(?!\\d)|[;·|\\n•]|\\.(?:\\s|$)|\\bbut\\b))`;

/** Nothing in it is read for facts. */
const whole = (meant: Meant, s: Sentence, from: number, to: number): Meant => ({
  ...meant,
  weight: WEIGHTS.whole * wordCount(s.low.slice(from, to)),
});
const rest = (s: Sentence, words: string | undefined, from: number, to: number): string => {
  const at = words === undefined ? from : s.low.lastIndexOf(words, to);
  return s.typed(Math.max(from, at), to).replace(/[\s.,]+$/, '');
};

/** What may be done with a cut, in the form in which it is meant: "lengthen". */
const ALTER =
  '(?:lengthen|shorten|take|let|move|add|use|cut|raise|lower|widen|narrow|grade|size (?:up|down)|crop|drop|trim|reduce|increase|bring|put|change|remove|blend|pinch|hem|lift|slim|line|shape|go (?:up|down)|do an?)';
/** The same as it is done: "lengthened". */
const ALTERED =
  '(?:lengthened|shortened|took|taken|let|moved|added|used|cut|raised|lowered|widened|narrowed|graded|sized|cropped|dropped|trimmed|reduced|increased|brought|put|changed|removed|blended|pinched|hemmed|lifted|slimmed|lined|shaped|(?:went|gone) (?:up|down)|(?:did|done) an?)';
/** The same as a deed: "lengthening"; a lining is what a garment has. */
const ALTERING =
  '(?:lengthen|shorten|tak|lett|mov|add|us|cutt|rais|lower|widen|narrow|grad|siz|cropp|dropp|trimm|reduc|increas|bring|putt|chang|remov|blend|pinch|hemm|lift|slimm|shap|go|do)ing';
/** Verbs in the form in which a wish goes on: "next time lengthen the sleeves, and move the pockets up". */
const WISH_GOES_ON = `(?:(?:,? and (?:also )?|, (?:also )?)(?:${ALTER}|try|make|skip|leave|omit|choose|sew|check|remember)\\b${IN_CLAUSE}*)*`;
const WISH = `(?:i wish|wish|(?:for )?next time|(?:the |my )?next (?:one|version|pair)|planning to|plan to|going to|about to|must remember|(?:in|for) future|in the future|(?:i )?(?:should|would|could|ought to|must) (?:have|be|do|go|cut|make|take|add|size|use|try|need|like|prefer|probably|definitely|lengthen|shorten|let|lower|raise|move)|should've|(?:could|would) do with|(?:i )?(?:want|plan|mean|intend|hope) to|(?:i )?need to|needs? (?:to be |an? |more|less|another|some|taking|letting|lengthening|shortening|lower|higher|longer|shorter|\\d)|might (?:try|make|cut|go|size)|would like|i'd (?:(?:rather|also|probably|definitely|maybe) )*(?:like|make|try|prefer|${ALTER})|i'll|i will|i would|(?:could|would|might|may)(?: (?:also|even|probably|maybe))* (?:be|work|look)|(?:maybe|perhaps|possibly|imagine(?: (?:it|this|them))?) in|hop(?:e|ing) to|if (?:i|we) ${ALTER}|should be|must be|wants? (?:to be|an?|more|less|taking|letting)|ought|would be better|if i (?:make|sew) (?:it|this|another)|(?:might|may|will|would|could|should|shall|must)(?: (?:i|we|well|even|also|probably|definitely|maybe|perhaps|just|rather|still|then))* ${ALTER}|(?:maybe|perhaps|possibly|consider|try|remember to|try to|(?:better|best|tempted|inclined) to|(?:thinking|dreaming) (?:of|about)|considering|worth|idea ?:|plan ?:)(?: (?:to|also|even))* (?:${ALTER}|${ALTERING})(?![a-z]))`;

/** A set is not called by a pattern: there what belongs to it is told. */
const speaksOfPattern = ({ names }: Sentence, from: number, to: number) =>
  names.some((n) => n.kind === 'patterns' && n.from >= from && n.to <= to && n.whole);

function setCalled(name: string, { context }: Sentence): Understood {
  const set = context.sets?.find((known) => folded(known.name) === folded(name));
  return set ? { is: 'set', setId: set.id } : { is: 'new set', name };
}

/** What is meant for the next version, what is left to do, and notes: none of their words are facts of this make. */
const notes = byRules([
  rule(`(?<kind>${anyOf(Object.keys(NOTES_SAID))})\\s*:\\s*(?<words>${BREATH})`, 'sure', ({ kind, words }, s, from, to) => {
    const is = NOTES_SAID[kind ?? ''];
    return is && whole(says({ is: 'note', kind: is, words: rest(s, words, from, to) }), s, from, to);
  }),
  rule(
    `lessons?(?: learn(?:ed|t))?(?:,? (?:on|about|for|with) (?<about>[^:;·|\\n•]{2,40}?))?\\s*:\\s*(?<words>${BREATH})`,
    'sure',
    ({ about = '', words }, s, from, to) =>
      whole(says({ is: 'note', kind: 'tip', words: rest(s, words, from, to), lesson: about.trim() }), s, from, to),
  ),
  rule(`(?:learned|note to self|remember|nota bene):\\s*(?<words>${BREATH})`, 'sure', ({ words }, s, from, to) =>
    whole(says({ is: 'note', kind: 'tip', words: rest(s, words, from, to) }), s, from, to),
  ),
  // "Of the set winter pyjamas", "in a set with the trousers called winter pyjamas": a set that is not there yet has to be called something.
  rule(
    `(?:(?:it is |it's |is |as |made )?(?:a )?part of|belongs to|of|in|for) (?:the |an? |my )?(?<fresh>new )?set(?:(?<beside> with [^,.;·|\\n•]+?)?(?<cue>:| called| named)|) (?<words>${CLAUSE})`,
    'sure',
    ({ fresh, beside, cue, words = '' }, s, from, to) => {
      const name = rest(s, words, from, to);
      const partOf = /part of|belongs to/.test(s.low.slice(from, from + 24));
      const fact = setCalled(name, s);
      if (speaksOfPattern(s, to - words.length, to)) return undefined;
      if (fact.is !== 'set' && cue === undefined && fresh === undefined && !partOf) return undefined;
      return whole({ says: [fact, ...(beside === undefined ? [] : mereWords(beside.trim()))] }, s, from, to);
    },
  ),
  rule(`(?:the )?set: ?(?<words>${CLAUSE})`, 'sure', ({ words = '' }, s, from, to) =>
    startsClause(s, from) && !speaksOfPattern(s, from, to) ? whole(says(setCalled(rest(s, words, from, to), s)), s, from, to) : undefined,
  ),
  rule(`(?:loose end|to ?do|still to do|to-do)\\s*:? (?<words>${BREATH})`, 'sure', ({ words }, s, from, to) =>
    whole(says({ is: 'loose end', words: rest(s, words, from, to) }), s, from, to),
  ),
]);

const DONE = '(?:finished|done|ready|complete|completed|sewn)';
/** What is sewn last. */
const LAST = '(?:hem|hemming|buttons?|buttonholes?|snaps?|hooks?|zip|pressing|lining|cuffs?|collar|pockets?)';

const looseEnds = byRules([
  rule(
    `(?:(?:(?:it is|it's|is|are|all|nearly|almost|now) )*${DONE},? (?:except(?: for)?|apart from|all but|but for|minus)|all but) (?:the |its |an? )?(?<words>${LAST}\\b[^,.;·|\\n•]*)`,
    'sure',
    ({ words = '' }, s, from, to) => whole(says({ is: 'loose end', words: s.typed(to - words.length, to).trim() }), s, from, to),
  ),
  // "Just the buttonholes left", "only cuffs and collar to go".
  rule(
    `(?:just|only) (?:the |its |some )?(?<words>${LAST}(?:(?:,| and| &) (?:the )?${LAST})*)(?: (?:is|are))?(?: still)? (?:left|remaining|to go)(?: to (?:do|sew))?`,
    'sure',
    ({ words = '' }, s, from, to) => {
      const at = s.low.indexOf(words, from);
      return whole(says({ is: 'loose end', words: s.typed(at, at + words.length) }), s, from, to);
    },
  ),
  rule(
    `(?<words>[^,.;·|\\n•]{2,60}?) (?:is |are )?(?:still )?(?:to do|to be done|to be sewn|to sew on|to attach|to finish|missing|not done yet|not on yet|not sewn on yet|unfinished still)(?=\\s*(?:$|[,.;·|\\n•]|and\\b))`,
    'sure',
    ({ words }, s, from, to) =>
      startsClause(s, from) ? { ...says({ is: 'loose end', words: s.typed(from, to) }), weight: 5 * wordCount(words ?? '') + 5 } : undefined,
  ),
  rule(
    `(?:(?:it|it's|it is|they're|just|only|i|but|still) )*(?:still )?(?:needs? (?:an? |its |the |some )?${LAST}\\b|have to (?:hem|sew on|attach)|to hem|missing (?:an? |the |its )?)[^,.;·|\\n•]*`,
    'sure',
    (_, s, from, to) =>
      startsClause(s, from) && /still|missing|have to|just|only|needs? (?:hemming|pressing)/.test(s.low.slice(from, to))
        ? { ...says({ is: 'loose end', words: s.typed(from, to).trim() }), weight: WEIGHTS.whole * wordCount(s.low.slice(from, to)) + 3 }
        : undefined,
  ),
  rule(`no (?:buttons?|buttonholes?|hem|zip|snaps?|hooks?|cuffs?|collar|pockets?) yet`, 'sure', (_, s, from, to) => ({
    ...says({ is: 'loose end', words: s.typed(from, to) }),
    weight: 15,
  })),
]);

/** Whether a place begins a clause. */
const startsClause = ({ low, subject }: Sentence, at: number) =>
  /(?:^|[,.;·|\n•:(]|\b(?:and|but|so|because|then)\b)\s*$/.test(low.slice(0, at)) ||
  (subject !== undefined && subject.to <= at && /^\s*$/.test(low.slice(subject.to, at)));

const CUE = new RegExp(`(?<![a-zß-ɏ])${WISH}(?![a-zß-ɏ])`);
/** That it is to be made again, and otherwise. */
const SAYS_HOW = new RegExp(`next time|\\b(?:i'd|i would) (?:(?:also|probably|definitely) )*${ALTER}(?![a-z])`);
const CLAUSE_AT = new RegExp(`${CLAUSE}${WISH_GOES_ON}`, 'y');

/** What was not done after all: "forgot to", "almost". */
const NOT_DONE = new RegExp(
  `^(?:(?:but|and|so|i|we|really|just|actually|sadly|then|was) )*(?:didn't|did not|don't|haven't|have not|couldn't|could not|can't|forgot(?:ten)? to|wanted to|meant to|tried to|hoped to|intended to|planned to|supposed to|decided (?:not to|against)|chose not to|no need to|tempted to|almost|nearly|thought (?:about|of)|considered|instead of|rather than|without)(?: (?:even|really|actually|quite|need to|have to|get round to))* (?:${ALTER}|${ALTERED}|${ALTERING})(?![a-z])`,
);

/** What was done another time or is by others, what one is and what there was not: none of it is said of this make. */
const OF_ELSE =
  /^(?:(?:but|and|so|as|though|although) )*(?:(?:the )?(?:pattern|envelope|instructions?|book(?:let)?|(?:size )?chart|reviews?|designer|tutorial)(?: (?:says?|said|calls? for|asks? for|recommends?|recommended|suggests?|suggested|wants?|puts?|tells?|told|gives?|has))|according to|(?:my|her|his) usual size|i(?:'m| am)? (?:usually|normally|always|often|typically|mostly)|last time i|(?:on|in|with) (?:the|my) (?:last|previous|first|other|old) (?:one|version|pair|make)|(?:other people|others|everyone|most people|some people|reviewers)|i(?:'m| am| was| measured?)(?: in)? between(?!.* so )|i have an?|(?:i )?measured (?:an? )?[a-z\d]{1,3} (?:at|in|on)|(?:was|were) told to|(?:i )?ran out of|not in(?! love)|never (?:again )?in|no more)(?![a-z])/;
const ONE_CLAUSE_AT = new RegExp(CLAUSE, 'y');

/** The clause that begins at a place, by one of the expressions above; undefined where the name of what the line is about stands in it. */
function clauseAt(sentence: Sentence, at: number, clause: RegExp): string | undefined {
  const { low, subject } = sentence;
  if (!startsClause(sentence, at)) return undefined;
  clause.lastIndex = at;
  const found = clause.exec(low)?.[0];
  return found !== undefined && !(subject && subject.from < at + found.length && subject.to > at) ? found : undefined;
}

/** A clause of what was not done, or of something else than the garment that is told of, says nothing of what was. */
const denials: Recogniser = (sentence, at) => {
  const clause = clauseAt(sentence, at, ONE_CLAUSE_AT);
  if (clause === undefined || !(NOT_DONE.test(clause) || (sentence.subject && OF_ELSE.test(clause)))) return [];
  const to = at + clause.length;
  return [{ from: at, to, says: [...mereWords(sentence.typed(at, to).trim())], weight: WEIGHTS.whole * wordCount(clause) }];
};

/** A clause in which a wish is said is a wish from end to end. */
const wishes: Recogniser = (sentence, at) => {
  const clause = clauseAt(sentence, at, CLAUSE_AT);
  // "… Next: raise the darts"; where it begins the line, what comes next is told.
  if (clause === undefined || !(CUE.test(clause) || (at > 0 && /^next ?:/.test(clause)))) return [];
  // What is to be told is no wish of the garment.
  if (/\b(?:want|need|going|like|have) to (?:log|note|enter|record|write down|tell)\b/.test(clause)) return [];
  // "Would make again" is an answer to another question; what still needs sewing is a loose end.
  if (/\bagain\b|make another|sew another/.test(clause) && !SAYS_HOW.test(clause)) return [];
  const to = at + clause.length;
  return [{ from: at, to, says: [{ is: 'next', words: sentence.typed(at, to).trim() }], weight: WEIGHTS.whole * wordCount(clause) }];
};

/** Words in quotation marks are kept as they are. */
const quoted: Recogniser = ({ low, typed }, at) => {
  const found = /^"[^"\n]{2,}"(?![\p{L}\p{N}])/u.exec(low.slice(at));
  if (!found || /\d$/.test(low.slice(0, at))) return [];
  return [
    {
      from: at,
      to: at + found[0].length,
      says: [{ is: 'words', words: typed(at, at + found[0].length) }],
      weight: WEIGHTS.whole * wordCount(found[0]),
    },
  ];
};

export const recogniseNote: Recogniser = (sentence, at) => [
  ...notes(sentence, at),
  ...looseEnds(sentence, at),
  ...wishes(sentence, at),
  ...denials(sentence, at),
  ...quoted(sentence, at),
];
