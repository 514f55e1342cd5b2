import { anyOf } from '../amounts';
import type { Understood } from '../chip';
import { folded } from '../names';
import { byRules, mereWords, rule, says, wordCount, type Meant } from '../said';
import type { Recogniser, Sentence } from '../sentence';
import { WEIGHTS } from '../weights';
import { NOTES_SAID } from '../words';
import { NOTION } from './cost';
import { CLAUSE, startsClause } from './not-done';

/** To the end of what is said in one breath. */
const BREATH = '[^;·|\\n•]+';

/** Nothing in it is read for facts. */
const whole = (meant: Meant, s: Sentence, from: number, to: number): Meant => ({
  ...meant,
  weight: WEIGHTS.whole * wordCount(s.low.slice(from, to)),
});
const rest = (s: Sentence, words: string | undefined, from: number, to: number): string => {
  const at = words === undefined ? from : s.low.lastIndexOf(words, to);
  return s.typed(Math.max(from, at), to).replace(/[\s.,]+$/, '');
};

/** A set is not called by a pattern: there what belongs to it is told. */
const speaksOfPattern = ({ names }: Sentence, from: number, to: number) =>
  names.some((n) => n.kind === 'patterns' && n.from >= from && n.to <= to && n.whole);

function setCalled(name: string, { context }: Sentence): Understood {
  const set = context.sets?.find((known) => folded(known.name) === folded(name));
  return set ? { is: 'set', setId: set.id } : { is: 'new set', name };
}

/** What stands before what is left to do. */
export const STILL_TO_DO = '(?:to ?do|to-do|still to do)';

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
  rule(`(?:loose end|${STILL_TO_DO})\\s*:? (?<words>${BREATH})`, 'sure', ({ words }, s, from, to) =>
    whole(says({ is: 'loose end', words: rest(s, words, from, to) }), s, from, to),
  ),
]);

const DONE = '(?:finished|done|ready|complete|completed|sewn)';
/** What is sewn last. */
const LAST = '(?:hem|hemming|buttons?|buttonholes?|snaps?|hooks?|zip|pressing|lining|cuffs?|collar|pockets?)';

const looseEnds = byRules([
  rule(
    `(?:(?:(?:it is|it's|is|are|all|everything|nearly|almost|now) )*${DONE},? (?:except(?: for)?|apart from|all but|but for|minus)|(?:(?:all|everything) (?:is )?${DONE}) but|all but) (?:the |its |an? )?(?<words>${LAST}\\b[^,.;·|\\n•]*)`,
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
  // "Need to redo the hem", "the zip needs replacing": what is mended waits, and is nothing for the next one.
  rule(
    `(?:(?:(?:i|we|but|still|just|only) )*(?:need|have) to (?:re-?do|re-?sew|re-?stitch|re-?hem|re-?attach|mend|fix|repair|replace|unpick) (?:the |a |its |both |one )?|(?:the |both |one |a |my )?[a-zß-ɏ]+(?: [a-zß-ɏ]+)? (?:still )?needs? (?:re-?doing|re-?sewing|re-?stitching|re-?hemming|re-?attaching|mending|fixing|repairing|replacing|unpicking)\\b|needs? (?:re-?doing|re-?sewing|re-?hemming|mending|fixing|repairing|an? new (?:zip|button|elastic|lining|hem)))[^,.;·|\\n•]*`,
    'sure',
    (_, s, from, to) =>
      startsClause(s, from) && !/next (?:time|one|version)/.test(s.low.slice(from, to))
        ? { ...says({ is: 'loose end', words: s.typed(from, to).trim() }), weight: WEIGHTS.whole * wordCount(s.low.slice(from, to)) + 3 }
        : undefined,
  ),
  // "Need to buy buttons".
  rule(
    `(?:(?:i|we|but|still|just|only) )*(?:need|have|want) to (?:buy|get|find|order) (?:an? |the |some |more )?(?:[a-zß-ɏ]+ )?${NOTION}(?: (?:for|to) [^,.;·|\\n•]*)?`,
    'sure',
    (_, s, from, to) =>
      startsClause(s, from)
        ? { ...says({ is: 'loose end', words: s.typed(from, to) }), weight: WEIGHTS.whole * wordCount(s.low.slice(from, to)) + 3 }
        : undefined,
  ),
  rule(`no (?:buttons?|buttonholes?|hem|zip|snaps?|hooks?|cuffs?|collar|pockets?) yet`, 'sure', (_, s, from, to) => ({
    ...says({ is: 'loose end', words: s.typed(from, to) }),
    weight: 15,
  })),
]);

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

export const recogniseNote: Recogniser = (sentence, at) => [...notes(sentence, at), ...looseEnds(sentence, at), ...quoted(sentence, at)];
