import { mereWords, wherever } from '../said';
import type { Recogniser } from '../sentence';
import { WEIGHTS } from '../weights';
import { NOTION } from './cost';

const NEW =
  /^for (?:my (?:\p{L}+ ))?(\p{Lu}[\p{L}'-]+)(?=\s*(?:$|[,.;:·|!(]|in |size |cut |out of |from |and |with |who |(?<= )(?:[xX]{0,3}[smlSML]\b|\d)|aged? |i |an? |the ))/u;
/** Days and seasons that are written with a capital and are nobody. */
const NOBODY =
  /^(?:christmas|easter|halloween|hanukkah|january|february|march|april|may|june|july|august|september|october|november|december|monday|tuesday|wednesday|thursday|friday|saturday|sunday|mum|me|myself|us|work|summer|winter|spring|autumn|\d?x*[sml])$/i;

const OF_SOMEBODY =
  /^'s (?:(?:little|big|older|younger|best|new) )?(?:friend|brother|sister|mum|mom|mother|dad|father|daughter|son|cousin|aunt|uncle|niece|nephew|wife|husband|partner|boyfriend|girlfriend|teacher|colleague|grandma|grandpa|doll|teddy|dog|cat|baby|class)(?![a-z])/;
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

/** Somebody whom the ledger does not have: asked, since much that is written with a capital is nobody. */
const unknown: Recogniser = ({ low, names, typed }, at) => {
  if (!low.startsWith('for ', at)) return [];
  const found = NEW.exec(typed(at, low.length).replace(/^for/i, 'for'));
  const name = found?.[1];
  if (
    !found ||
    name === undefined ||
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
      choices: [[{ is: 'new person', name }], mereWords(typed(at, at + found[0].length))],
      weight: WEIGHTS.weak + WEIGHTS.word * 2,
    },
  ];
};

/** Who somebody is to the sewist: so they may be called, where the ledger has nobody of that name. */
const RELATION =
  /^for (?:my |(?=(?:hubby|mum|mom|dad|grandma|grandpa|granny|nana?)(?![a-z'])))(?:(?:little|big|older|younger|eldest|youngest|elder|own) )?((?:(?:great )?grand|step|god)?(?:mum|mom|mother|ma|dad|father|daughter|son|child|parents)(?:-in-law)?|(?:sister|brother)(?:-in-law)?|husband|hubby|wife|partner|niece|nephew|granny|grandma|grandpa|nan|nana|aunt|auntie|uncle|cousin|friend|neighbour|neighbor|boyfriend|girlfriend|fianc[eé]e?|baby|colleague)(?=\s*(?:$|[,.;·|!]|in |size |cut |out of |and |who |from |(?<= )(?:x{0,3}[sml]\b|\d)))/;

/** "For my mum": somebody without a name is asked too; that it is for herself is never taken for granted. */
const related: Recogniser = ({ low, typed }, at) => {
  const found = RELATION.exec(low.slice(at));
  const called = found?.[1];
  if (!found || called === undefined) return [];
  const to = at + found[0].length;
  const name = called.slice(0, 1).toUpperCase() + called.slice(1);
  return [{ from: at, to, says: [], choices: [[{ is: 'new person', name }], mereWords(typed(at, to))], weight: WEIGHTS.weak + WEIGHTS.word * 3 }];
};

/** Whom it is for. */
export const recognisePerson: Recogniser = (sentence, at) => [...known(sentence, at), ...unknown(sentence, at), ...related(sentence, at)];
