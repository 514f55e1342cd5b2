import type { Proposal, Recogniser } from '../sentence';
import { mereWords } from '../said';
import { WEIGHTS } from '../weights';

const NEW = /^for (?:my (?:\p{L}+ ))?(\p{Lu}[\p{L}'-]+)(?=\s*(?:$|[,.;·|]|in |size |cut ))/u;
/** Days and seasons that are written with a capital and are nobody. */
const NOBODY =
  /^(?:christmas|easter|halloween|hanukkah|january|february|march|april|may|june|july|august|september|october|november|december|monday|tuesday|wednesday|thursday|friday|saturday|sunday|mum|work|summer|winter|spring|autumn)$/i;

/**
 * Whom it is for: "for Tilda", a name by itself between commas or at the beginning, "Tilda's". A name in the midst of a sentence ("the
 * cloth went to Anselm") is none. A name that the ledger does not have is asked.
 */
export const recognisePerson: Recogniser = ({ low, names, typed, subject }, at) => {
  const proposals: Proposal[] = [];
  for (const { kind, id, from, to } of names) {
    if (kind !== 'people' || from < at) continue;
    const before = low.slice(0, from);
    const lead = /(?:^|[^\p{L}])((?:made |sewn |cut |one )?for (?:my (?:[\p{L}]+ )?)?)$/u.exec(before);
    const start = lead ? from - (lead[1]?.length ?? 0) : from;
    const possessive = low.startsWith("'s", to) ? 2 : 0;
    const alone = /(?:^|[,;·|\n])\s*$/.test(before) && /^\s*(?:$|[,;·|:\n.])/.test(low.slice(to));
    const first = /^\s*$/.test(before) && subject !== undefined && subject.from > from;
    if (start !== at || !(lead || alone || first || (possessive > 0 && subject !== undefined))) continue;
    const colon = low[to] === ':' ? 1 : 0;
    proposals.push({ from: start, to: to + possessive + colon, says: [{ is: 'person', personId: id }], weight: WEIGHTS.sure + WEIGHTS.word });
  }
  if (low.startsWith('for ', at)) {
    const found = NEW.exec(typed(at, low.length).replace(/^for/i, 'for'));
    const name = found?.[1];
    if (found && name !== undefined && !NOBODY.test(name) && !names.some((n) => n.from < at + found[0].length && n.to > at))
      proposals.push({
        from: at,
        to: at + found[0].trimEnd().length,
        says: [],
        choices: [[{ is: 'new person', name }], mereWords(typed(at, at + found[0].length))],
        weight: WEIGHTS.weak + WEIGHTS.word * 2,
      });
  }
  return proposals;
};
