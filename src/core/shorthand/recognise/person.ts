import { kindNamed } from '../../records/garment-named';
import type { Choice } from '../chip';
import { mereWords, wherever } from '../said';
import type { Recogniser } from '../sentence';
import { WEIGHTS } from '../weights';
import { FABRIC_COLOUR, FABRIC_NOUN } from '../fabric-nouns';
import { MAKE_LABEL } from '../form-labels';
import { CHILDREN, CUTS, isTradeWord } from '../words';
import { NOTION } from './cost';

/** What it was made for beside: "for my dad's 60th birthday". Where others are guests, it may be a guest's. */
const ITS_DAY = "['’]s (?:\\d+(?:st|nd|rd|th)? |first )?(?:birthday|christening|baptism|graduation|naming day|school play|nativity|recital)";
const NEW = new RegExp(
  `^for (?:my (?:\\p{L}+ ))?(\\p{Lu}[\\p{L}'-]+)(?:${ITS_DAY})?(?=\\s*(?:$|[,.;:·|!(]|in |size |cut |out of |from |and |with |who |(?<= )(?:[xX]{0,3}[smlSML]\\b|\\d)|aged? |i |an? |the |last |this |for |as |at |around |yesterday\\b|today\\b))`,
  'u',
);
/** Days and seasons that are written with a capital and are nobody. */
const NOBODY =
  /^(?:christmas|easter|halloween|hanukkah|january|february|march|april|may|june|july|august|september|october|november|december|jan|feb|mar|apr|jun|jul|aug|sept?|oct|nov|dec|monday|tuesday|wednesday|thursday|friday|saturday|sunday|mum|me|myself|you|us|work|summer|winter|spring|autumn|\d?x*[sml])$/i;

const OF_SOMEBODY =
  /^'s (?:(?:little|big|older|younger|best|new) )?(?:friend|brother|sister|mum|mom|mother|dad|father|daughter|son|cousin|aunt|uncle|niece|nephew|wife|husband|partner|boyfriend|girlfriend|teacher|colleague|grandma|grandpa|doll|teddy|dog|cat|baby|class)(?![a-z])/;
const IS_FABRIC = new RegExp(`^${FABRIC_NOUN}$`);
const IS_NOTION = new RegExp(`^${NOTION}$`);

/** Somebody of the ledger: "for Tilda", a name by itself between commas or at the beginning, "Tilda's". */
const known = wherever(({ low, names, subject, typed, context }) =>
  names.flatMap(({ kind, id, from, to }) => {
    if (kind !== 'people') return [];
    const before = low.slice(0, from);
    const lead = /(?:^|[^\p{L}])((?:made |sewn |cut |one )?for (?:my (?:[\p{L}]+ )?)?|(?:made|sewed) )$/u.exec(before);
    // "For Tilda's friend": that is somebody else.
    const ownsAt = low.slice(from, to).endsWith("'s") ? to - 2 : to;
    const other = OF_SOMEBODY.exec(low.slice(ownsAt));
    if (other) {
      const [begin, end] = [from - (/\bfor $/.exec(before)?.[0].length ?? 0), ownsAt + other[0].length];
      const choices = [
        [{ is: 'new person' as const, name: `${context.people.find((p) => p.id === id)?.name ?? ''}${other[0]}` }],
        mereWords(typed(begin, end)),
      ];
      return begin < from ? [{ from: begin, to: end, says: [], choices, weight: WEIGHTS.sure + WEIGHTS.word * 3 }] : [];
    }
    const possessive = low.startsWith("'s", to) ? 2 : 0;
    const owns = possessive > 0 || low.slice(from, to).endsWith("'s");
    const alone = /(?:^|[,;·|\n])\s*$/.test(before) && /^\s*(?:$|[,;·|:\n.])/.test(low.slice(to));
    const first = /^\s*$/.test(before) && subject !== undefined && subject.from > from;
    // "Made Tilda a pinafore".
    if (lead && !/for /.test(lead[1] ?? '') && !/^ (?:an?|another|some|two|three|her|his) /.test(low.slice(to))) return [];
    // "Like the one for Anselm".
    if (/\b(?:like|same as|than|unlike) [^,.;·|\n]*$/.test(before)) return [];
    // "M for me and L for Anselm": what is for whom, one sentence about both does not tell.
    if (/\bfor (?:me|myself)\b/.test(before)) return [];
    // A name in the midst of a sentence ("the cloth went to Anselm") says of nobody whom it is for.
    if (!(lead || alone || first || (owns && subject !== undefined))) return [];
    const start = from - (lead?.[1]?.length ?? 0);
    const end = to + possessive + (low[to] === ':' ? 1 : 0);
    return [{ from: start, to: end, says: [{ is: 'person' as const, personId: id }], weight: WEIGHTS.sure + WEIGHTS.word }];
  }),
);

/** A name with its capital, where it was written all in small letters or all in capitals. */
const capitalised = (name: string) =>
  [name.toLowerCase(), name.toUpperCase()].includes(name) ? name.slice(0, 1).toUpperCase() + name.slice(1).toLowerCase() : name;

/** "Made Ella a dress". */
const MADE_NEW =
  /^(?:made|sewed) (?!(?:my|our|her|him|them|up|over|today|tonight|yesterday|just|then|also|only|and|in|with|for|not)\b)(\p{L}[\p{L}'-]+)(?= (?:an?|another|some|two|three) )/iu;
/** From there on to what was made. */
const TO_WHAT_WAS_MADE = /^ (?:an?|another|some|two|three) (?:[a-z-]+ ){0,2}$/;

/** Somebody whom the ledger does not have: asked, since much that is written with a capital is nobody. */
const unknown: Recogniser = ({ low, names, subject, typed }, at) => {
  const leadsOn = (to: number) => subject !== undefined && TO_WHAT_WAS_MADE.test(low.slice(to, subject.from));
  const isFor = low.startsWith('for ', at);
  if (!isFor && !low.startsWith('made ', at) && !low.startsWith('sewed ', at)) return [];
  const said = typed(at, low.length).replace(/^(?:for|made|sewed)/i, (verb) => verb.toLowerCase());
  const found = isFor ? NEW.exec(said) : MADE_NEW.exec(said);
  const name = found?.[1];
  if (
    !found ||
    name === undefined ||
    (!isFor && !leadsOn(at + found[0].length)) ||
    NOBODY.test(name) ||
    IS_NOTION.test(name.toLowerCase()) ||
    names.some((n) => n.from < at + found[0].length && n.to > at)
  )
    return [];
  return [
    {
      from: at,
      to: at + found[0].trimEnd().length,
      says: [],
      choices: [[{ is: 'new person', name: capitalised(name) }], mereWords(typed(at, at + found[0].length))],
      weight: WEIGHTS.weak + WEIGHTS.word * 2,
    },
  ];
};

/** Who stands before what was made, or in brackets or the next cell behind it: "Anna: Wren dress 98", "Mrs Hale – Harrier coat", "Wren dress (Anna)". */
const TITLE = '(?:Mrs?|Ms|Miss|Dr)\\.? ';
const HAS_TITLE = new RegExp(`^${TITLE}`);
const NAME = `((?:${TITLE})?\\p{Lu}[\\p{Ll}'-]+(?: \\p{Lu}[\\p{Ll}'-]+)?)`;
const NAMED_BEFORE = new RegExp(`^${NAME}(?: ?:| [-–—])(?= )`, 'u');
const NAMED_BEHIND = new RegExp(`^${NAME}(?=[),]| ?\\|)`, 'u');
/** What leads to it. */
const BEFORE_ALL = /(?:^|\n)[ \t*•-]*(?:\d{1,2}[.)] )?$/;
/** What is written with a capital over or before a make, and is nobody. */
const NO_NAME = new RegExp(
  `^(?:${FABRIC_NOUN}|${FABRIC_COLOUR}|${MAKE_LABEL}|log|diary|entry|wore|worn|wearing|bought|ordered|washed|mended|plans?|planned|ideas?|wish|gifts?|presents?|latest|newest|best|worst|success|failure?|results?|verdict|update|again|also|more|yes|no|nope|hack|version|view|spring|fall|autumn|lined|unlined|first|second|third|last)$`,
);

/** Who somebody is to somebody. */
const KIN =
  '(?:(?:great[ -]?)?(?:grand|step|god)?(?:mum|mom|mother|ma|dad|father|daughter|son|child|parents)(?:-in-law)?|(?:half-|step)?(?:sister|brother)(?:-in-law)?|husband|hubby|wife|partner|niece|nephew|granny|grandma|grandpa|nan|nana|aunt|auntie|uncle|cousin|friend|neighbour|neighbor|boyfriend|girlfriend|fianc[eé]e?|baby|newborn|toddler|kid|little (?:girl|boy|one)|teenager|colleague|boss|teacher|flatmate|roommate|housemate|(?:grand)?(?:kids|children)|(?:grand)?daughters|(?:grand)?sons|girls|boys|twins|nieces|nephews|sisters|brothers|parents)';
const IS_KIN = new RegExp(`^${KIN}$`);

/** Whether words with a capital are nobody's name. */
const isNobody = (name: string): boolean =>
  !IS_KIN.test(name.toLowerCase()) &&
  name
    .toLowerCase()
    .split(' ')
    .some((word) => NOBODY.test(word) || NO_NAME.test(word) || isTradeWord(word));

/**
 * Whether nothing but somebody's name leads to what was made.
 *
 * @param lead as it was typed
 * @example isNameBefore('Mrs Hale: ') // true
 */
export function isNameBefore(lead: string): boolean {
  const found = NAMED_BEFORE.exec(lead);
  return found !== null && found[0].length === lead.trimEnd().length && !isNobody(found[1] ?? '');
}

/** What a garment is, and of what, where it is called by nothing else: "linen trousers". */
function barely(name: string): { readonly what: string; readonly of: string } | undefined {
  const words = name.toLowerCase().split(' ');
  const what = words.filter((word) => !IS_FABRIC.test(word));
  const of = words.filter((word) => IS_FABRIC.test(word));
  const isWhat = (word: string) => CUTS.has(word) || isTradeWord(word) || kindNamed(word) !== undefined;
  return what.length > 0 && what.every(isWhat) ? { what: what.join(' '), of: of.join(' ') } : undefined;
}

/** Somebody by a name alone, beside what the line is about: asked, since before a dash it is likelier whose pattern it is. */
const beside: Recogniser = ({ low, names, subject, typed }, at) => {
  if (!subject) return [];
  const behind = subject.to <= at;
  const name = (behind ? NAMED_BEHIND : NAMED_BEFORE).exec(typed(at, low.length))?.[1] ?? '';
  const to = at + name.length;
  const isBeside = behind
    ? /^(?:[^,;.\n(|]*\(| ?\| ?)$/.test(low.slice(subject.to, at))
    : BEFORE_ALL.test(low.slice(0, at)) && /^ ?[:,-] *(?:(?:the|an?|another|new|second|third|fourth|fifth) )*$/.test(low.slice(to, subject.from));
  if (name === '' || !isBeside || isNobody(name) || names.some((n) => n.from < to && n.to > at)) return [];
  const person: Choice = [{ is: 'new person', name }];
  const designer: Choice = [{ is: 'designer', name }];
  const isBrought = subject.says.is === 'new pattern' && !behind && !HAS_TITLE.test(name) && !IS_KIN.test(name.toLowerCase());
  // "Shirt dress (Fulmar)": what is called by nothing but what it is may be called so.
  const bare = subject.says.is === 'new pattern' ? barely(subject.says.name) : undefined;
  const isCalled = behind && bare !== undefined && !HAS_TITLE.test(name) && !IS_KIN.test(name.toLowerCase());
  const fabric: Choice = bare?.of ? [{ is: 'fabric', fabric: { name: bare.of }, part: 'main' }] : [];
  const pattern: Choice = [{ is: 'new pattern', name: `${name} ${bare?.what}` }, ...fabric];
  const meant = isCalled ? [pattern, person] : !isBrought ? [person] : /^ ?:/.test(low.slice(to)) ? [person, designer] : [designer, person];
  const choices = [...meant, mereWords(typed(at, to))];
  return [{ from: at, to, says: [], choices, weight: WEIGHTS.weak + WEIGHTS.word * 2 }];
};

const WHICH =
  '(?:(?:little|big|older|younger|eldest|youngest|elder|oldest|own|best|good|dear|new|old|late|pregnant|teenage|tall|\\d{1,2}[ -]?(?:year|month|week)s?[ -]old) )*';
/** Whose: those of somebody else are somebody's too, but "for the friend" is nobody whom the ledger could know again. */
const WHOSE = `(?:(?:my|our|his|her|their|an?) |the (?=(?:baby|newborn|toddler|kid|${CHILDREN}|little|grandkids|grandchildren)\\b)|(?=(?:hubby|mum|mom|dad|grandma|grandpa|granny|nana?|baby)(?![a-z])))`;
const SOMEBODY = `${WHOSE}${WHICH}(?<kin>${KIN}(?:'s ${WHICH}${KIN})?)(?![a-z])`;
const FOR_RELATION = new RegExp(`^for ${SOMEBODY}`);
/** For somebody, and not for a day of theirs. */
export const FOR_SOMEBODY = new RegExp(`\\bfor ${SOMEBODY}(?!['’]s)`, 'g');
/** "For my 3-year-old": a child whose name nobody said. */
const FOR_CHILD = /^for (?:my|our) \d{1,2}[ -]?(?:year|month|week)s?[ -]old(?![a-z])/;
const BEHIND_KIN = new RegExp(`^${ITS_DAY}`);
/** Who has a name of their own: "for my best friend Lena". */
const CALLED =
  /^ (?!(?:again|too|also|as|but|because|so|to|at|on|by|this|last|next|today|yesterday|now|really|is|was|has|had|will|would|wanted|wants|loves?|liked?|needs?|needed|asked|made|before|after|when|while|since|if|then|x{0,3}[sml])\b)(?<name>\p{L}[\p{L}'-]+)/iu;
/** What may come behind. */
const GOES_ON =
  /^\s*(?:$|[,.;:·|!(]|[-–] |(?:in|size|cut|out of|and|who|from|with|using|aged?|i|we|an?|some|two|last|this|for|as|on|at|around|over) |(?:today|yesterday|again)(?![a-z])|(?<= )(?:x{0,3}[sml]\b|\d))/;
/** "Made my little sister a skirt": what was made comes behind. */
const MADE_RELATION = new RegExp(`^(?:made|sewed|sewn) ${SOMEBODY}(?= (?:an?|another|some|two|three|her|his) )`);

/** "My mum's 60th present: …". */
const PRESENT_OF = new RegExp(
  `^(?:an? )?(?:present for |gift for )?${SOMEBODY}['’]s (?:(?:\\d+(?:st|nd|rd|th)?|birthday|christmas|wedding) )*(?:present|gift)(?![a-z])`,
);

/** "My daughter Nell wanted a party dress so I made her the Wren dress": who was spoken of right before, or is spoken of first. */
const MADE_HER = /^(?:i )?(?:made|sewed) (?:her|him|them)(?= )/;
const SPOKEN_OF = new RegExp(`(?<![a-z])(?:my|our) ${WHICH}(?<kin>${KIN})(?![a-z'’])(?=[^.!?\\n]*$)`);
/** "The kids got pyjamas". */
const GOT = new RegExp(`^${SOMEBODY} got(?= [a-z])`);
const madeHer: Recogniser = ({ low, typed }, at) => {
  const got = at === 0 ? GOT.exec(low) : null;
  const said = got ?? MADE_HER.exec(low.slice(at));
  const of = got ?? (said && SPOKEN_OF.exec(low.slice(0, at)));
  if (!said || !of) return [];
  const to = at + said[0].length;
  const called = got ? undefined : CALLED.exec(typed(of.index + of[0].length, at))?.groups?.['name'];
  const name = capitalised(called ?? of.groups?.['kin'] ?? '');
  return [{ from: at, to, says: [], choices: [[{ is: 'new person', name }], mereWords(typed(at, to))], weight: WEIGHTS.weak + WEIGHTS.word * 3 }];
};

/** "For my mum": somebody without a name is asked too; that it is for herself is never taken for granted. */
const related: Recogniser = ({ low, typed }, at) => {
  const said = low.slice(at);
  const found = FOR_RELATION.exec(said) ?? FOR_CHILD.exec(said) ?? MADE_RELATION.exec(said) ?? (at === 0 ? PRESENT_OF.exec(said) : null);
  if (!found) return [];
  const end = at + found[0].length;
  const called = CALLED.exec(typed(end, low.length));
  const isCalled = called !== null && !NOBODY.test(called.groups?.['name'] ?? '');
  const beside = GOES_ON.test(low.slice(end)) ? null : isCalled ? called : BEHIND_KIN.exec(low.slice(end));
  const to = end + (beside?.[0].length ?? 0);
  if (!GOES_ON.test(low.slice(to))) return [];
  const kin = found.groups?.['kin'] ?? 'child';
  const name = capitalised(beside?.groups?.['name'] ?? kin);
  return [{ from: at, to, says: [], choices: [[{ is: 'new person', name }], mereWords(typed(at, to))], weight: WEIGHTS.weak + WEIGHTS.word * 3 }];
};

/** Whom it is for. */
export const recognisePerson: Recogniser = (sentence, at) => [
  ...known(sentence, at),
  ...unknown(sentence, at),
  ...beside(sentence, at),
  ...related(sentence, at),
  ...madeHer(sentence, at),
];
