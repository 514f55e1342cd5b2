import { PUT_RIGHT_BY } from '../denied';
import { beforeName, isOfItsName, mereWords, wordCount } from '../said';
import { ROOM_WANTED } from './seen';
import { AND_OTHERWISE } from './verdict';
import { EARLIER_ONE, TOILE } from '../words';
import type { Recogniser, Sentence } from '../sentence';
import { WEIGHTS } from '../weights';

/** Clauses that tell of what was not done to this make: wishes for the next one, what was left, and what is said of something else. */

/** Words of one clause: the point of a figure ends none. */
const IN_CLAUSE = '(?:[^,.;·|\\n•]|(?<=\\d)[.,](?=\\d))';
export const CLAUSE = `${IN_CLAUSE}+?(?=\\s*(?:$|,(?!\\d)|[;·|\\n•]|\\.(?:\\s|$)|\\bbut\\b))`;

/** Whether a place begins a clause. */
export const startsClause = (sentence: Sentence, at: number): boolean =>
  /(?:^|[,.;·|\n•:(]|\b(?:and|but|so|because|then)\b)\s*$/.test(sentence.low.slice(0, at)) || beforeName(sentence, at) !== undefined;

/** What may be done with a cut, in the form in which it is meant: "lengthen". */
const ALTER =
  '(?:lengthen|shorten|take|let|move|add|use|cut|raise|lower|widen|narrow|grade|size (?:up|down)|crop|drop|trim|reduce|increase|bring|put|change|remove|blend|pinch|hem|lift|slim|line|shape|go (?:up|down)|do an?)';
/** The same as it is done: "lengthened". */
const ALTERED =
  '(?:lengthened|shortened|took|taken|let|moved|added|used|cut|raised|lowered|widened|narrowed|graded|sized|cropped|dropped|trimmed|reduced|increased|brought|put|changed|removed|blended|pinched|hemmed|lifted|slimmed|lined|shaped|(?:went|gone) (?:up|down)|(?:did|done) an?)';
/** The same as a deed: "lengthening". A lining is what a garment has. */
const ALTERING =
  '(?:lengthen|shorten|tak|lett|mov|add|us|cutt|rais|lower|widen|narrow|grad|siz|cropp|dropp|trimm|reduc|increas|bring|putt|chang|remov|blend|pinch|hemm|lift|slimm|shap|go|do)ing';

/** How a wish is said, wherever it stands in its clause. */
const WISH_SAID = [
  "i wish|wish|(?:i |i'd |would )?recommend|would be better|ought|should've|(?:could|would) do with",
  '(?:for )?next time|(?:the |my )?next (?:one|version|pair)|(?:in|for) future|in the future',
  '(?:planning|plan|going(?! to (?:an? |the |size )*\\d)|about|hoping|hope) to|must remember|(?:i )?(?:want|plan|mean|intend) to',
  '(?<!no |n.t |not )(?:i )?need to|(?<!n.t |not )needs? (?:to be (?:longer|shorter|wider|narrower|tighter|looser|lower|higher|bigger|smaller|larger|taken|let|more|less)|(?:an? |the )?(?:(?:[a-z-]+ ){1,3}(?:adjustment|adj|alteration)|[fs]ba|(?:full|small) bust|sway ?back|(?:round(?:ed)?|broad|narrow) back|(?:square|sloping) shoulders?)|more|less|another|some|taking|letting|lengthening|shortening|lower|higher|longer|shorter|\\d(?![^,;]*\\b(?:according|envelope|fabric|wide)\\b))|wants? (?:to be|an?|more|less|taking|letting)',
  '(?:i )?(?<!\\b(?:as|where) (?:it|they) )(?!could (?:be|have been) (?:better|worse) *(?:$|[,.;]))(?:should|would|could|ought to|must) (?:have|be|do|go|cut|make|take|add|size|use|try|need|like|love|prefer|probably|definitely|lengthen|shorten|let|lower|raise|move)',
  `i'd (?:(?:rather|also|probably|definitely|maybe) )*(?:like|make|try|prefer|${ALTER})|i'll|i will|i would|must be`,
  'might (?:try|make|go|size)|(?!could be (?:better|worse) *(?:$|[,.;]))(?:could|would|might|may)(?: (?:also|even|probably|maybe))* (?:be|work|look)(?!(?<=(?:might|may)(?: (?:also|even|probably|maybe))* be) (?:(?:a (?:bit|little|touch)|slightly|too|rather|quite|very|just) )*(?:tight|loose|short|long|wide|narrow|big|small|snug|high|low)(?![a-z]))',
  `(?:might|may|will|would|could|should|shall|must)(?: (?:i|we|well|even|also|probably|definitely|maybe|perhaps|just|rather|still|then))* ${ALTER}`,
  `if i (?:make|sew) (?:it|this|another)|if (?:i|we) ${ALTER}`,
  '(?:maybe|perhaps|possibly|imagine(?: (?:it|this|them))?) in',
  `(?:maybe|perhaps|possibly|consider|considering|try|worth|(?:remember|try|better|best|tempted|inclined) to|(?:thinking|dreaming) (?:of|about)|idea ?:|plan ?:)(?: (?:to|also|even))* (?:${ALTER}|${ALTERING})(?![a-z])`,
];
const WISH = new RegExp(`(?<![a-zß-ɏ])(?:${WISH_SAID.join('|')})(?![a-zß-ɏ])`);
/** Verbs in the form in which a wish goes on: "next time lengthen the sleeves, and move the pockets up". */
const WISH_GOES_ON = `(?:(?:,? and (?:also )?|, (?:also )?)(?:${ALTER}|try|make|skip|leave|omit|choose|sew|check|remember)\\b${IN_CLAUSE}*)*`;
/** Where a wish begins in the midst of a clause: what stands before it was so. "42 in navy linen and it would be nice in wool." */
const WISH_BEHIND =
  /^.*?\S (?:(?:and|so|because|then|but) (?=(?:for |the |my )?(?:next|i|we|it|it's|maybe|perhaps|would|might|could|should|will|must|need|want|planning)(?![a-z]))|(?:which|that) (?=(?:i|we|should|could|would|might|will|must|needs?)(?![a-z])))/;
/** That it is to be made again, before how it is to be otherwise: "would sew again, but 3 cm longer". */
const AGAIN_BUT =
  /\b(?:would|will|i'd|i'll|could|shall)(?: (?:definitely|certainly|happily))? (?:make|sew|do)(?: (?:it|this|this one|another(?: one)?))?(?: again)?,? $/;
const BUT_OTHERWISE = new RegExp(`^(?:but |(?=${AND_OTHERWISE}))`);
/** That it is to be made again, and otherwise. */
const SAYS_HOW = new RegExp(`next time|\\b(?:i'd|i would) (?:(?:also|probably|definitely) )*${ALTER}(?![a-z])`);

/** How a clause begins that tells what was not done after all. */
const NOT_DONE_SAID = [
  "didn't|did not|don't|haven't|have not|couldn't|could not|can't|forgot(?:ten)? to|no need to",
  '(?:wanted|meant|tried|hoped|intended|planned|supposed) to|decided (?:not to|against)|chose not to',
  'almost|nearly|thought (?:about|of)|considered|instead of|rather than|without',
];
const NOT_DONE = new RegExp(
  `^(?:(?:but|and|so|i|we|really|just|actually|sadly|then|was) )*(?:${NOT_DONE_SAID.join('|')})(?: (?:even|really|actually|quite|need to|have to|get round to))* (?:${ALTER}|${ALTERED}|${ALTERING})(?![a-z])(?! (?:my|her|his|the) arms?\\b)`,
);

const ANOTHER_ONE = `${EARLIER_ONE}(?<= (?:one|version|pair|make))`;
/** How a clause begins that tells of something else than of how this make is. */
const OF_ELSE_SAID = [
  // What others say.
  '(?:the )?(?:pattern|envelope|instructions?|book(?:let)?|(?:size )?chart|reviews?|designer|tutorial) (?:says?|said|calls? for|asks? for|recommends?|recommended|suggests?|suggested|wants?|puts?|tells?|told|gives?|has)',
  "according to|the pattern is (?:known|famous)|(?:was|were) told to|(?:i|we)(?:'ve| have)? (?:read|heard|saw)(?: (?:somewhere|online|everywhere|that))*|you (?:should|must|have to|need to|ought to)|other people|others(?! (?:is|are|was|were|fit))|everyone|most people|some people|reviewers",
  // Another time, another garment, another body.
  `last time i|(?:on|in|with) ${ANOTHER_ONE}|${ANOTHER_ONE} (?:was|is|were|had|came out|felt)|(?:the|my) ${TOILE} (?:was|is|were|had|came out|felt)|(?:(?:the|my) )?${TOILE} (?:showed|told|revealed|said)`,
  "before (?:the|i|that)|it will|(?:my|her|his) usual size|i(?:'m| am)? (?:usually|normally|always|often|typically|mostly)|on my (?:mum|mom|mother|sister|daughter|niece|aunt|friend|son|brother|husband|wife|partner)",
  "i(?:'m| am| was| measured?)(?: in)? between|i have an?|(?:i )?measured (?:an? )?[a-z\\d]{1,3} (?:at|in|on)|(?:(?:my|her|his) )?(?:measurements|measures) (?:put|puts|say|said|make|made)|i (?:fall|fell) (?:in|into|between)",
  // What is meant, feared or asked.
  "(?:i )?(?:don't|do not|didn't|did not) want|(?:(?:it is|it's|it was|is|was|are|were) )?(?:meant|supposed|intended|designed) to be",
  "(?:i )?(?:was |am |i'm )?(?:afraid|worried)|tell me (?:if|whether)|(?:i'm |i am )?not sure (?:if|whether|about)",
  // What there was not.
  '(?:i )?ran out of|not in(?! love)|never (?:again )?in|no more',
];
const OF_ELSE = new RegExp(`^(?:(?:but|and|so|as|though|although) )*(?:${OF_ELSE_SAID.join('|')})(?![a-z])`);
/** Where a clause goes on with what was done: "last time I cut a D so now I cut a C", "instead of cutting a C I cut a D". */
const AFTER_ALL = new RegExp(` so (?:now |here |this time )*(?:i|we) .*$|(?<=^(?:instead of|rather than) .*) (?:i|we) ${ALTERED}(?![a-z]).*$`);
/** What was done about it: that was done. */
const PUT_RIGHT = `so (?:i|we) (?:(?:had to|then|just) )*${ALTERED} (?:it|them|that)(?![a-z])`;
const THEN_PUT_RIGHT = new RegExp(` ${PUT_RIGHT}.*$`);
/** By how much it was altered tells of the fault before as well. */
const IS_PUT_RIGHT_BY = new RegExp(PUT_RIGHT_BY);
/** What is so no more, or was so on another: "tight so I let it out". */
const NO_MORE = new RegExp(`\\b(?:before (?:i|we|washing|it was)(?![a-z])|on the (?:model|toile|muslin)(?![a-z])|${PUT_RIGHT})`);
const QUESTION = /^(?:is|are|was|were|does|do|did|should|could|why|how|what|which|who)(?![a-z]).*\?$/;

const ROOM_WANTED_AT = new RegExp(`^${ROOM_WANTED}[ .!]*$`);
const WISH_AT = new RegExp(`${CLAUSE}${WISH_GOES_ON}`, 'y');
const CLAUSE_AT = new RegExp(CLAUSE, 'y');

/** The clause that begins at a place, by one of these; undefined where the name of what the line is about stands in it. */
function clauseAt(sentence: Sentence, at: number, clause: RegExp): string | undefined {
  const { low, subject } = sentence;
  if (!startsClause(sentence, at) && !/\b(?:which|that) $/.test(low.slice(0, at))) return undefined;
  clause.lastIndex = at;
  const found = clause.exec(low)?.[0];
  return found !== undefined && !(subject && subject.from < at + found.length && subject.to > at) ? found : undefined;
}

/** A clause of what was not done, or of something else, says nothing of what was. */
const denials: Recogniser = (sentence, at) => {
  const clause = clauseAt(sentence, at, CLAUSE_AT);
  if (clause === undefined) return [];
  const isPutRight = sentence.subject !== undefined && NO_MORE.test(clause) && !IS_PUT_RIGHT_BY.test(clause);
  // "Skerry tee: the second one is in linen" is of that.
  const isOfElse = NOT_DONE.test(clause) || (sentence.subject !== undefined && !isOfItsName(sentence, at) && OF_ELSE.test(clause));
  if (!isPutRight && !isOfElse && !QUESTION.test(clause)) return [];
  const said = clause.replace(isPutRight ? THEN_PUT_RIGHT : AFTER_ALL, '');
  const to = at + said.length;
  return [{ from: at, to, says: [...mereWords(sentence.typed(at, to).trim())], weight: WEIGHTS.whole * wordCount(said) }];
};

/** A clause in which a wish is said is a wish from end to end. */
const wishes: Recogniser = (sentence, at) => {
  const clause = clauseAt(sentence, at, WISH_AT);
  // "… Next: raise the darts"; where it begins the line, what comes next is told.
  const begins = clause === undefined ? -1 : at > 0 && /^next ?:/.test(clause) ? 0 : (clauseAt(sentence, at, CLAUSE_AT) ?? '').search(WISH);
  if (clause === undefined || begins < 0 || (WISH_BEHIND.exec(clause)?.[0].length ?? Infinity) <= begins) return [];
  // More room that is needed was not there: which of both is meant is asked.
  if (ROOM_WANTED_AT.test(clause)) return [];
  // What is to be told is no wish of the garment.
  if (/\b(?:want|need|going|like|have) to (?:log|note|enter|record|write down|tell)\b/.test(clause)) return [];
  // "Would make again" is an answer to another question; what still needs sewing is a loose end.
  if (/\bagain\b|make another|sew another/.test(clause) && !SAYS_HOW.test(clause)) return [];
  const to = at + clause.length;
  return [{ from: at, to, says: [{ is: 'next', words: sentence.typed(at, to).trim() }], weight: WEIGHTS.whole * wordCount(clause) }];
};

/** How it is to be otherwise when it is made again. */
const butAgain: Recogniser = (sentence, at) => {
  const lead = BUT_OTHERWISE.exec(sentence.low.slice(at))?.[0];
  if (lead === undefined || !AGAIN_BUT.test(sentence.low.slice(0, at))) return [];
  CLAUSE_AT.lastIndex = at;
  const clause = CLAUSE_AT.exec(sentence.low)?.[0];
  if (clause === undefined) return [];
  const to = at + clause.length;
  return [{ from: at, to, says: [{ is: 'next', words: sentence.typed(at + lead.length, to).trim() }], weight: WEIGHTS.whole * wordCount(clause) }];
};

/** What is wished for, was not done, or is told of something else: none of its words are facts of this make. */
export const recogniseNotDone: Recogniser = (sentence, at) => [...wishes(sentence, at), ...butAgain(sentence, at), ...denials(sentence, at)];
