import { draftFromLine, type LogDraft } from '../../make/log-draft';
import { finished } from '../../make/one-touch';
import { viewOf } from '../../make/versions';
import { sameLine } from '../../garment/chart';
import type { Make } from '../../records';
import { withoutQuestions, type Chip, type Choice, type Understood } from '../chip';
import type { LineTables, ReadMake } from '../draft-from-line';
import { entryFromLine } from '../entry-from-line';
import { folded } from '../names';
import { DOUBTFUL } from '../recognise/date';
import { FIRST, IS_BY_NOW, isGarmentName, ITS_NAME, unnamed, VERSION_BEHIND, type ActOptions, type HeardLine } from '../report';
import { lyingBy, lyingOf, OF_WHICH } from './which-garment';

/** A garment that lies on the table is finished: what the line says of it goes into it, and no version is added. */
export interface FinishedAct {
  readonly is: 'finished';
  /** As it lies on the table. */
  readonly make: Make;
  /** As it is with what the line says, finished on the first of the days. */
  readonly draft: LogDraft;
  /** How it was cut is said as well, as it is of a garment that is told of for the first time. */
  readonly cutSaid: boolean;
  /** What of the line goes into it, but for the day. */
  readonly said: Choice;
  /** More than one where figures can be read both ways, none where it is only said about when. */
  readonly dates: readonly string[];
}

const READY = '(?:finished|completed|complete|done|ready|sewn)';

/** How it is said that what was begun is done; `§` stands for its name. */
export const FINISHED = new RegExp(
  `^(?:${FIRST}(?:finished|completed|done with|finished (?:sewing|off)) ${ITS_NAME}|${ITS_NAME}(?:${VERSION_BEHIND})?,? (?:${IS_BY_NOW})?${READY})(?![a-z])`,
);

/** The words by which it was said, which say nothing more. */
const MERELY_SAID = new RegExp(`^${FIRST}(?:cut|cut out|is|are|now|and|${READY})(?: (?:${IS_BY_NOW})?${READY})?$`);

export const isMerelySaid = (words: string) => MERELY_SAID.test(words.toLowerCase().replace(/[\s!.…]+$/, ''));

/** That it is finished, before what else is said of it. */
const FINISHED_BEFORE = new RegExp(`^(?:${IS_BY_NOW})?${READY}[,;:.!]? +`, 'i');

/** What is said of another garment than one that lies on the table. */
const OF_ANOTHER: readonly Understood['is'][] = [
  'new pattern',
  'new thing',
  'new person',
  'designer',
  'remade',
  'made over',
  'source',
  'cut',
  'kind',
  'quantity',
];

/** What a cut is said by. */
export const OF_THE_CUT: readonly Understood['is'][] = ['size', 'size at', 'alteration', 'cut', 'view', 'source', 'chosen', 'own'];

/** Days that a chip may mean, where it may be a day of one of these. */
const daysIn = (chip: Chip, of: readonly ('cut' | 'finished')[]): readonly string[] => [
  ...new Set(
    (chip.asks ? chip.choices : [chip.says]).flatMap((choice) =>
      choice.flatMap((fact) => (fact.is === 'date' && of.includes(fact.of) ? [fact.date] : [])),
    ),
  ),
];

const ABOUT_WHEN = new RegExp(`^${DOUBTFUL}$`);

/** The days that are said, and the chips without that which says them; today where none is said. */
export function dayOf(
  chips: readonly Chip[],
  of: readonly ('cut' | 'finished')[],
  today: string,
): { readonly dates: readonly string[]; readonly rest: readonly Chip[] } {
  const saying = chips.find((chip) => daysIn(chip, of).length > 0) ?? chips.find((chip) => chip.asks && ABOUT_WHEN.test(folded(chip.text)));
  if (!saying) return { dates: [today], rest: chips };
  // "Last week" is a question whose answers are a guess, and words.
  const guessed =
    (saying.asks && saying.choices.some((choice) => choice.every((fact) => fact.is === 'words'))) ||
    saying.says.some((fact) => fact.is === 'date' && fact.knownTo !== undefined);
  return { dates: guessed ? [] : daysIn(saying, of), rest: chips.filter((chip) => chip !== saying) };
}

/** What of a fact goes into a make that has its fabric already. */
function goesInto({ fabrics }: Make, fact: Understood, text: string): Choice {
  if (fact.is === 'words') {
    const words = isMerelySaid(fact.words) ? '' : fact.words.replace(FINISHED_BEFORE, '');
    return words === '' ? [] : [{ ...fact, words }];
  }
  if (fact.is !== 'fabric') return [fact];
  const { fabric, part } = fact;
  if ('id' in fabric && fabrics.some((use) => use.fabricId === fabric.id)) return [];
  return fabrics.some((use) => use.part === part) ? [{ is: 'words', words: text }] : [fact];
}

/**
 * A line as the finishing of what lies on the table: of the version that is said, else of the latest of its pattern and person.
 *
 * @returns undefined where none lies there, and where the line can only be said of another garment
 * @example finishedOf(readMake('finished the Fogbell coat, love 5', tables, options), tables, options) // { is: 'finished', make: the one that is being sewn, … }
 */
export function finishedOf(
  { chips, pattern, person }: ReadMake,
  tables: LineTables,
  { context, newId }: Pick<ActOptions, 'context' | 'newId'>,
): FinishedAct | undefined {
  if (!pattern || !person) return undefined;
  const facts = chips.flatMap((chip) => (chip.asks ? [] : chip.says));
  if (facts.some((fact) => OF_ANOTHER.includes(fact.is) || (fact.is === 'state' && fact.state !== 'loose ends'))) return undefined;
  const make = lyingOf({ chips, pattern, person }, tables);
  if (!make) return undefined;
  const { dates, rest } = dayOf(chips, ['finished'], context.today);
  const { remark, ...begun } = make;
  const told = withoutQuestions(rest).map((chip) => ({ ...chip, says: chip.says.flatMap((fact) => goesInto(make, fact, chip.text)) }));
  const { remarks: _, ...entry } = entryFromLine(told, {
    start: finished(begun, dates[0] ?? context.today),
    zones: viewOf(pattern, make).zones,
    context,
    newId,
  });
  // It cannot have been finished before it was cut: that was another.
  if (entry.make.cutOn !== make.cutOn && !facts.some((fact) => fact.is === 'date' && fact.of === 'cut')) return undefined;
  const words = [remark, entry.make.remark].filter(Boolean).join(' … ');
  const said = told.flatMap((chip) => chip.says.filter(({ is }) => !OF_WHICH.includes(is)));
  return {
    is: 'finished',
    make,
    cutSaid: said.some(({ is }) => OF_THE_CUT.includes(is)),
    said,
    draft: draftFromLine({ ...entry, make: { ...entry.make, ...(words === '' ? {} : { remark: words }) } }),
    dates,
  };
}

const OF_A_PART = /^(?:..)?'s (?!(?:all |now |finally |almost |nearly )?(?:finished|done|ready|complete|completed|sewn)\b)[a-z]/;

/** What lies on the table is said to be finished; one of another size is another garment. */
export function saidFinished({ low, names, whole }: HeardLine, tables: LineTables, options: ActOptions): FinishedAct | undefined {
  const name = names.find(isGarmentName);
  // "Finished the coat's lining" is of the lining.
  if (!name || OF_A_PART.test(low.slice(name.to - 2)) || !FINISHED.test(unnamed(low, name)) || lyingBy(name, tables).length === 0) return undefined;
  const act = finishedOf(whole(), tables, options);
  return act?.make.size === undefined || sameLine(act.make.size, act.draft.make.size) ? act : undefined;
}
