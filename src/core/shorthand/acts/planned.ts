import type { LogDraft } from '../../make/log-draft';
import type { Pattern } from '../../records';
import { askedWords, type Chip, type Understood } from '../chip';
import { readMake, type LineTables, type ReadOptions } from '../draft-from-line';
import { dueSaid } from '../due';
import { blanked, FIRST, ITS_NAME, leftOf, SEWN, WHICH, type ActOptions, type Heard, type Span, type Way } from '../report';
import { TOILE, WHOSE } from '../words';
import { OF_THE_CUT } from './finished';

/** What a plan holds of what a line says, beside its fabric. */
const OF_A_PLAN: readonly Understood['is'][] = [
  ...OF_THE_CUT,
  'pattern',
  'new pattern',
  'new thing',
  'remade',
  'designer',
  'person',
  'new person',
  'kind',
  'version',
];

/** A garment is wished for. */
export interface PlannedAct {
  readonly is: 'planned';
  readonly pattern: Pattern;
  /** What comes with it is as in a draft of a make; of the cut only what was said is taken. */
  readonly draft: LogDraft;
  /** Size, alterations or parts were said: the plan is cut so, and not as what was learned would have it. */
  readonly cutSaid: boolean;
  /** It is to be a toile first. */
  readonly toile: boolean;
  /** The day by which it is wanted. */
  readonly due?: string;
  readonly words?: string;
  /** What may name somebody whom the ledger does not have: it has to be asked. */
  readonly asksWhom?: { readonly words: string; readonly name: string };
}

/** "Plan was to …", "plan for autumn", "plan b": what is planned is not named there. */
const NO_SENTENCE = '(?!(?:was|is|were|to|for|on|of|it|this|that|b|in|at|by|next|ahead|and|or|with|not|only|out) )';

/** What a list of what is to be sewn is headed by. */
const PLANS =
  '(?:(?:my|the|our|some|next|spring|summer|autumn|fall|winter|holiday|christmas|sewing) )*(?:plans?|plan(?:ned|ning)|to[- ](?:sew|make)(?: list| next)?|want(?:ed)? to (?:sew|make)|wish ?list|queue|on (?:my|the) (?:sewing )?list|(?:sewing|make) list|ideas?)(?: for (?:the |my |our |this |next )?[\\p{L}]+(?: \\d{4})?)?';

const WISHED_SAID = `${FIRST}(?:(?:want|need|plan|hope|intend|like|love|going|planning|hoping|would (?:like|love)|am (?:planning|going|hoping)) +to +(?:make|sew|cut out|cut|try|start)|(?:i'll|i will|we'll|will|should|must|might) +(?:make|sew|try)|thinking +(?:of|about)(?: +(?:making|sewing))?|(?:(?:plan|planned|planning|to sew|up next|next up|wish ?list|queue)(?: is)? *(?= (?:the|my|a|an|another) )|(?:${PLANS}|up next|next up)(?: is)? *: *|(?:\\( ?\\)|[☐◻□]) +|next(?: make| project)? *: *|next make +|next(?= (?!time|one|version|year|week|month|to |step|up|day|i |we |is |was )[^,.;:]{2,40}:)|plan(?= +${NO_SENTENCE}\\p{L})))(?: +|$|(?<=[: ]))`;
export const WISHED = new RegExp(`^${WISHED_SAID}`, 'u');
/** The same of something that is to be there by a day: "need the Skua jacket by Friday". */
const WANTED = new RegExp(`^${FIRST}(?:want|need|must have|would like|should like|i'd like)(?: to have)? +(?=(?:the|my|a|an|another) )`);
/** Its pattern was made ready, which is done for what is to be sewn. */
const PREPARED = new RegExp(
  `^${FIRST}(?:traced|printed|taped|assembled|graded|stuck)(?: (?:and|&) (?:printed|traced|taped|assembled|graded))?(?: (?:out|off|together))? +(?=(?:the|my|a|an|another) )`,
);
/** A garment of a kind is wanted: "I need a black skirt for concerts". */
const WANTED_ONE = new RegExp(`^${FIRST}(?:want|need|would like|should like|i'd like|could do with)(?: to have)? +(?=(?:a|an|another|some|more) )`);
export const WISHED_FOR = new RegExp(`^${WISHED_SAID} *${ITS_NAME}`, 'u');
/** A toile is wished for. */
const OF_TOILE = new RegExp(`^ *${WHOSE}(?:(?:wearable|first) )?${TOILE} (?:of|for) `);

/** A fabric may stand before the name of what is to be made of it. */
const isOfFabric = ({ asks, says }: Chip) => !asks && says.every(({ is }) => is === 'fabric');
/** What is in work is planned no more. */
const BEGUN = /\b(?:begun|began|started|sewing|in progress|half ?way|already|done)\b/;
const NEEDED = /^(?:(?:i |we )?(?:need|want) )?/;
/** "Tidewater shirt in white lawn, planned for January". */
const PLANNED_BEHIND =
  /[ ,(:-](?:(?:is |are )?planned(?: for [a-z]+(?: \d{4})?| next| soon)?|(?:(?:is |are )?not|haven't|have not)(?: yet)? (?:started|begun|made|sewn)(?: (?:it|them))?(?: yet)?|still to (?:sew|make|cut(?: out)?)|[✘✗❌](?: not (?:started|begun|made|sewn)(?: yet)?)?)[ .!)]*$/;
/** The day by which a garment is wanted, where nothing else says that it is a wish: "Gangway trousers by Christmas". */
const BY_THEN = /^,? *(?:(?:to be )?(?:wanted|needed|due|ready) )?(?:by|before) /;

export function planned({ text, low }: Heard, tables: LineTables, options: ActOptions & Pick<ReadOptions, 'answers'>): PlannedAct | undefined {
  const prepared = PREPARED.exec(low);
  const wish = prepared ?? WISHED.exec(low) ?? WANTED_ONE.exec(low);
  const day = dueSaid(low, options.context.today);
  const saidBehind = PLANNED_BEHIND.exec(low);
  const isPlanned = saidBehind !== null && !BEGUN.test(low.slice(0, saidBehind.index));
  const lead =
    wish ??
    (isPlanned ? NEEDED.exec(low) : null) ??
    WANTED.exec(low) ??
    (day && BY_THEN.test(low.slice(day.from)) && !BEGUN.test(low) ? NEEDED.exec(low) : null);
  if (!lead) return undefined;
  if (!wish && !isPlanned && !day) return undefined;
  // A day on which it is begun is not the one by which it is wanted.
  const due = /\b(?:start|cut|try)\b/.test(lead[0]) ? undefined : day;
  // That it is not begun is all that a plan says by itself.
  const unbegun = isPlanned && !saidBehind[0].includes('planned') ? saidBehind.index : undefined;
  const apart: readonly Span[] = [...(due ? [[due.from, due.to] as const] : []), ...(unbegun === undefined ? [] : [[unbegun, low.length] as const])];
  if (SEWN.test(blanked(low, apart, ' ').slice(lead[0].length))) return undefined;
  const toile = OF_TOILE.exec(low.slice(lead[0].length))?.[0].length ?? 0;
  const behind = lead[0].length + toile;
  const from = behind + (WHICH.exec(low.slice(behind))?.[0].length ?? 0);
  const { chips, pattern, draft } = readMake(blanked(text, apart, ' ').slice(from), tables, options);
  const subject = chips.find((c) => c.says.some((u) => u.is === 'pattern' || u.is === 'new pattern' || u.is === 'new thing'));
  // "Want to make the sleeves of the Tidewater shirt longer" is about the shirt that there is.
  if (!pattern || !draft || !subject || !chips.slice(0, chips.indexOf(subject)).every(isOfFabric)) return undefined;
  if (leftOf(text.slice(from), [[subject.from, text.length], ...chips.map((c): Span => [c.from, c.to])]) !== '') return undefined;
  const stated = chips.flatMap((chip) => (chip.asks ? [] : chip.says));
  const [whom] = chips.flatMap((chip) =>
    chip.asks ? chip.choices.flat().flatMap((fact) => (fact.is === 'new person' ? [{ words: chip.text, name: fact.name }] : [])) : [],
  );
  // What is not in the stash yet stays in the plan's words, and so does what no plan holds.
  const kept = chips
    .filter((c) => c.asks || c.says.some((u) => (u.is === 'fabric' ? !('id' in u.fabric) : !OF_A_PLAN.includes(u.is))))
    .map((c): Span => [c.from, c.to]);
  const told = leftOf(
    blanked(text, apart, '\n').slice(from),
    chips.map((c): Span => [c.from, c.to]).filter(([at]) => !kept.some(([begin]) => begin === at)),
  ).replace(/^next$|,? next$/i, '');
  // "Traced" is no wish, and stays with what else is in words.
  const words = [prepared ? text.slice(0, prepared[0].length).trim() : '', told].filter(Boolean).join(', ');
  return {
    is: 'planned',
    pattern,
    draft: {
      ...draft,
      make: { ...draft.make, fabrics: draft.make.fabrics.filter((use) => !draft.newFabrics.some((f) => f.id === use.fabricId)) },
      newFabrics: [],
    },
    toile: toile > 0,
    cutSaid: stated.some(({ is }) => OF_THE_CUT.includes(is)),
    ...(due ? { due: due.date } : {}),
    ...(words === '' ? {} : { words }),
    ...(whom ? { asksWhom: whom } : {}),
  };
}

/** The two ways in which a plan is meant that may be for somebody whom the ledger does not have; none where that is not asked. */
export function plannedEither(line: Heard, { asksWhom }: PlannedAct, tables: LineTables, options: ActOptions): readonly Way<PlannedAct>[] {
  if (!asksWhom) return [];
  const { words, name } = asksWhom;
  return [`for ${name}, who comes with it`, `for ${options.spoken?.name ?? 'me'}, with “${words}” kept as words`].flatMap((called, choice) => {
    const act = planned(line, tables, { ...options, answers: { [askedWords(words)]: choice } });
    return act ? [{ called, act }] : [];
  });
}
