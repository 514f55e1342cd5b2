import { draftFromLine, type LogDraft, type NewId } from '../make/log-draft';
import { finished } from '../make/one-touch';
import { STATES } from '../make/states';
import { inOrder, ofVersion, viewOf } from '../make/versions';
import { openPlanOf } from '../plan/open-plan';
import type { LooseEnd, Make, Plan, TimeSpent } from '../records';
import type { Chip, Choice, Understood } from './chip';
import type { LineTables, ReadMake } from './draft-from-line';
import { entryFromLine } from './entry-from-line';
import { folded, sameNoun, wordsIn, type NameFound } from './names';
import { DOUBTFUL, tellsOfFinishing } from './recognise/date';
import { FIRST, goBy, IS_BY_NOW, isGarmentName, ITS_NAME, toldOn, unnamed, VERSION_BEHIND, type HeardLine } from './report';
import type { LineContext } from './sentence';

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

/** What was planned is cut. */
export interface CutAct {
  readonly is: 'cut';
  readonly plan: Plan;
  readonly dates: readonly string[];
  readonly remark?: string;
}

/** What lies on the table is being sewn. */
export interface SewingAct {
  readonly is: 'sewing';
  readonly make: Make;
  readonly remark?: string;
}

/** Something was done on what lies on the table: a seam, an hour. A loose end that it names is done. */
export interface WorkedAct {
  readonly is: 'worked';
  readonly make: Make;
  readonly times: readonly Pick<TimeSpent, 'phase' | 'minutes'>[];
  readonly looseEnd?: LooseEnd;
  /** The line in its own words, and the day on which it was told. */
  readonly words: string;
}

interface TableOptions {
  readonly context: LineContext;
  readonly newId: NewId;
}

const READY = '(?:finished|completed|complete|done|ready|sewn)';

/** How it is said that what was begun is done; `§` stands for its name. */
export const FINISHED = new RegExp(
  `^(?:${FIRST}(?:finished|completed|done with|finished (?:sewing|off)) ${ITS_NAME}|${ITS_NAME}(?:${VERSION_BEHIND})?,? (?:${IS_BY_NOW})?${READY})(?![a-z])`,
);
const BEING_SEWN = new RegExp(
  `^${FIRST}(?:am +)?(?:(?:started|began)(?: (?:on|sewing))?|sewing|working on) ${ITS_NAME}(?:${VERSION_BEHIND})?(?![a-z])`,
);
const CUT_OUT = new RegExp(`^${FIRST}cut(?: out)? ${ITS_NAME}(?![a-z])`);
/** What of it: "the hem of". */
const partOf = (group: string) => `(?:the|its|both|a|an|two|four) (${group}[a-z ,&]{2,40}?) (?:of|on|for|at|in|to|onto|into) `;
const PART_OF_GARMENT =
  '(?:zips?|buttons?|buttonholes?|hems?|hemming|seams?|linings?|pockets?|elastic|straps?|collar|cuffs?|hooks?|snaps?|sleeves?|yoke|plackets?|facings?|waistband|darts?|bodice|skirt|legs?|fly|hood|binding|neckline|topstitching|belt loops?|pleats?|gathers?|vents?|fronts?|backs?|body|shoulders|shell|panels?)';
/** How it is said that something was done on what lies there. */
const WORKED = new RegExp(
  `^${FIRST}(?:(?:sewed|worked) for [^,.;:]{2,20}[:,] (?:and )?)?(?:(?:worked on|carried on with|went on with|got on with|spent [^,.;]{2,30}? (?:on|with)) (?:${partOf('?:')})?|(?:did|sewed|sewed on|stitched|hand-?stitched|attached|basted|pinned|pressed|set|set in|put in|inserted|lined|hemmed|finished) ${partOf('?<part>')}|(?<done>hemmed|lined|faced|basted|pinned|pressed|topstitched|top-stitched|understitched|overlocked|serged) )${ITS_NAME}(?![a-z])|^${ITS_NAME}:? (?<first>(?:(?:the|both|all|side|shoulder|inside|second|first|patch|front|back) )*${PART_OF_GARMENT}(?: (?:and|&) ${PART_OF_GARMENT})*) (?:(?:is|are|now|all) )*(?:done|set|set in|sewn|sewn in|sewn on|attached|basted|pinned|pressed)(?![a-z])`,
);
/** What of it is done then. */
const PART_DONE: Readonly<Record<string, string>> = { hemmed: 'hem', lined: 'lining', faced: 'facing' };
/** How something is reported of what lies on the table. */
export const OF_THE_TABLE: readonly RegExp[] = [FINISHED, BEING_SEWN, WORKED];
/** That it is more than begun. */
const DOES_IT = /\b(?:did|done|sewed|sewed on|sewn|stitched|hand-?stitched|attached|finished|hemmed|lined|faced)\b/;

/** The words by which it was said, which say nothing more. */
const MERELY_SAID = new RegExp(`^${FIRST}(?:cut|cut out|is|are|now|and|${READY})(?: (?:${IS_BY_NOW})?${READY})?$`);

const isMerelySaid = (words: string) => MERELY_SAID.test(words.toLowerCase().replace(/[\s!.…]+$/, ''));

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

/** What says of which garment. */
export const OF_WHICH: readonly Understood['is'][] = ['pattern', 'version', 'person'];

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
function dayOf(
  chips: readonly Chip[],
  of: readonly ('cut' | 'finished')[],
  today: string,
): { readonly dates: readonly string[]; readonly rest: readonly Chip[] } {
  const saying = chips.find((chip) => daysIn(chip, of).length > 0) ?? chips.find((chip) => chip.asks && ABOUT_WHEN.test(folded(chip.text)));
  if (!saying) return { dates: [today], rest: chips };
  // "Last week" is a question whose answers are a guess, and words.
  const guessed = saying.asks && saying.choices.some((choice) => choice.every((fact) => fact.is === 'words'));
  return { dates: guessed ? [] : daysIn(saying, of), rest: chips.filter((chip) => chip !== saying) };
}

const asWords = (chip: Chip): Chip => ({ ...chip, asks: false, says: [{ is: 'words', words: chip.text }] });

/** Of what is asked the words are kept: nobody answers here. */
export const withoutQuestions = (chips: readonly Chip[]): readonly Chip[] => chips.map((chip) => (chip.asks ? asWords(chip) : chip));

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

/** What lies on the table and goes by a name, whoever it is for. */
export const lyingBy = (name: NameFound, { makes }: LineTables): readonly Make[] => goBy(name, makes).filter((m) => STATES[m.state].inHand);

/** What lies on the table of a pattern and person: the version that is said, else the latest. */
function lyingOf({ chips, pattern, person }: Pick<ReadMake, 'chips' | 'pattern' | 'person'>, { makes }: LineTables): Make | undefined {
  const facts = chips.flatMap((chip) => chip.says);
  const version = facts.find((fact) => fact.is === 'version')?.version;
  const lying = inOrder(makes.filter((m) => STATES[m.state].inHand && m.sources[0]?.patternId === pattern?.id));
  const hers = lying.filter((m) => m.personId === person?.id);
  // Whose it is nobody has to say, where only one of the pattern lies there.
  const own = hers.length > 0 || lying.length > 1 || facts.some(({ is }) => is === 'person' || is === 'new person') ? hers : lying;
  return ofVersion(own, version);
}

/**
 * A line as the finishing of what lies on the table: of the version that is said, else of the latest of its pattern and person.
 *
 * @returns undefined where none lies there, and where the line can only be said of another garment
 * @example finishedOf(readMake('finished the Fogbell coat, love 5', tables, options), tables, options) // { is: 'finished', make: the one that is being sewn, … }
 */
export function finishedOf({ chips, pattern, person }: ReadMake, tables: LineTables, { context, newId }: TableOptions): FinishedAct | undefined {
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

/** What is said beside the facts of which garment and how far it is; undefined where more than that is stated. */
function wordsBeside(chips: readonly Chip[]): string | undefined {
  const facts = withoutQuestions(chips).flatMap((chip) => chip.says);
  if (!facts.every(({ is }) => OF_WHICH.includes(is) || is === 'state' || is === 'words')) return undefined;
  return facts.flatMap((fact) => (fact.is === 'words' && !isMerelySaid(fact.words) ? [fact.words] : [])).join(' … ');
}

const OF_WORK: readonly Understood['is'][] = ['time', 'words', 'date', 'state'];

/**
 * A line that tells of work on what lies on the table, and not that it is finished: a part that was sewn, the time that it took.
 *
 * @example workedOf(heard('sewed the pockets of the Puffin pinafore, 40 min'), tables, { context }) // { is: 'worked', make, times: [{ phase: 'all', minutes: 40 }], words: … }
 */
export function workedOf(
  { text, low, names, whole }: HeardLine,
  tables: LineTables,
  { context }: Pick<TableOptions, 'context'>,
): WorkedAct | undefined {
  const name = names.find(isGarmentName);
  const said = name && WORKED.exec(unnamed(low, name));
  if (!said) return undefined;
  // "Snaps done" is a part of it.
  const behind = said.groups?.['first'] === undefined ? low.slice(name.to) : '';
  const lying = lyingBy(name, tables);
  if (tellsOfFinishing(behind) || lying.length === 0) return undefined;
  const read = whole();
  const facts = withoutQuestions(read.chips).flatMap((chip) => chip.says);
  // "Two snaps" by themselves cost nothing that is said.
  const isOfWork = (fact: Understood) =>
    OF_WHICH.includes(fact.is) ||
    OF_WORK.includes(fact.is) ||
    (fact.is === 'cost' && !fact.money) ||
    // "Hemmed the jacket": no more than that is said of a change.
    (fact.is === 'alteration' && said.groups?.['done'] !== undefined && fact.alteration.amount === undefined);
  if (!facts.every(isOfWork)) return undefined;
  const make = name.kind === 'makes' ? lying[0] : lyingOf(read, tables);
  if (!make) return undefined;
  const { part: named, first = named, done = '' } = said.groups ?? {};
  const part = first?.split(/[ ,&]+/).at(-1) ?? PART_DONE[done];
  const open = make.looseEnds.filter(
    (l) => l.done === undefined && part !== undefined && wordsIn(folded(l.words)).some(({ word }) => sameNoun(word, part)),
  );
  const [looseEnd] = DOES_IT.test(said[0]) && open.length === 1 ? open : [];
  return {
    is: 'worked',
    make,
    times: facts.flatMap((fact) => (fact.is === 'time' ? [{ phase: fact.phase, minutes: fact.minutes }] : [])),
    ...(looseEnd ? { looseEnd } : {}),
    words: toldOn(text, context.today),
  };
}

/** A line that says that what is planned was cut, or that what lies cut is being sewn, and no more than that. */
export function begunOf(
  { low, names, whole }: HeardLine,
  tables: LineTables,
  { context }: Pick<TableOptions, 'context'>,
): CutAct | SewingAct | undefined {
  const name = names.find(isGarmentName);
  const blank = name && unnamed(low, name);
  const isCut = blank !== undefined && CUT_OUT.test(blank);
  if (!isCut && !(blank !== undefined && BEING_SEWN.test(blank))) return undefined;
  const read = whole();
  const { pattern, person } = read;
  if (!pattern || !person) return undefined;
  const remarkOf = (chips: readonly Chip[]) => {
    const words = wordsBeside(chips);
    return words === undefined ? undefined : words === '' ? {} : { remark: words };
  };
  if (isCut) {
    const plan = openPlanOf(tables.plans, pattern.id, person.id);
    // Of what is only cut every day is that of cutting.
    const { dates, rest } = dayOf(read.chips, ['cut', 'finished'], context.today);
    const remark = remarkOf(rest);
    return plan && remark && { is: 'cut', plan, dates, ...remark };
  }
  // No make knows on which day it was taken to the machine: that stays in words.
  const remark = remarkOf(read.chips.map((chip) => (chip.says.some(({ is }) => is === 'date') ? asWords(chip) : chip)));
  const make = lyingOf(read, tables);
  return remark && (make?.state === 'cut' || make?.state === 'sewing') ? { is: 'sewing', make, ...remark } : undefined;
}
