import { openPlanOf } from '../../plan/open-plan';
import type { LooseEnd, Make, Plan, TimeSpent } from '../../records';
import { asWords, withoutQuestions, type Chip, type Understood } from '../chip';
import type { LineTables } from '../draft-from-line';
import { PART } from '../garment-words';
import { folded, sameNoun, wordsIn } from '../names';
import { tellsOfFinishing } from '../recognise/date';
import { FIRST, isGarmentName, ITS_NAME, toldOn, unnamed, VERSION_BEHIND, type ActOptions, type HeardLine } from '../report';
import { dayOf, FINISHED, isMerelySaid } from './finished';
import { lyingBy, lyingOf, OF_WHICH } from './which-garment';

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

const BEING_SEWN = new RegExp(
  `^${FIRST}(?:am +)?(?:(?:started|began)(?: (?:on|sewing))?|sewing|working on) ${ITS_NAME}(?:${VERSION_BEHIND})?(?![a-z])`,
);
const CUT_OUT = new RegExp(`^${FIRST}cut(?: out)? ${ITS_NAME}(?![a-z])`);
/** What of it: "the hem of". */
const partOf = (group: string) => `(?:the|its|both|a|an|two|four) (${group}[a-z ,&]{2,40}?) (?:of|on|for|at|in|to|onto|into) `;
/** "2h on", "an hour and a half on". */
const SO_LONG = '(?:\\d[^,.;: ]{0,4}|an?|half an|one|two|three|four|five) ?(?:h|hours?|hrs?|mins?|minutes?)(?: and a half| \\d+ ?min(?:utes)?)?';
const IS_DONE = '(?:(?:is|are|now|all) )*(?:done|cut|set|set in|sewn|sewn in|sewn on|attached|basted|pinned|pressed)(?![a-z])';
/** How it is said that something was done on what lies there. */
const WORKED = new RegExp(
  `^${FIRST}(?:(?:sewed|worked) for [^,.;:]{2,20}[:,] (?:and )?)?(?:(?:worked on|carried on with|went on with|got on with|picked up|took up|(?:spent|sewed|worked) [^,.;]{2,30}? (?:on|with)|${SO_LONG}(?: (?:on|with))?) (?:${partOf('?:')})?|(?:did|sewed|sewed on|stitched|hand-?stitched|attached|basted|pinned|pressed|set|set in|put in|inserted|lined|hemmed|finished|unpicked|recut|re-cut) ${partOf('?<part>')}|(?<done>hemmed|lined|faced|basted|pinned|pressed|topstitched|top-stitched|understitched|overlocked|serged) )${ITS_NAME}(?![a-z])|^${FIRST}(?:did|sewed|stitched|attached|set in|put in|inserted|hemmed|finished|unpicked) ${ITS_NAME}(?:'s)? (?<its>${PART})(?![a-z])|^${ITS_NAME}:? (?<first>(?:(?:the|both|all|side|shoulder|inside|second|first|patch|front|back) )*${PART}(?: (?:and|&) ${PART})*) ${IS_DONE}|^${ITS_NAME}:? ${SO_LONG}(?=\\s*(?:$|[,.;]|(?:today|tonight|yesterday|this|last|on|more)(?![a-z])))|^(?:(?:the|both|all|two|four) )?(?<behind>${PART}) (?:of|on|for) ${ITS_NAME} ${IS_DONE}`,
);
/** What of it is done then. */
const PART_DONE: Readonly<Record<string, string>> = { hemmed: 'hem', lined: 'lining', faced: 'facing' };
/** How something is reported of what lies on the table. */
export const OF_THE_TABLE: readonly RegExp[] = [FINISHED, BEING_SEWN, WORKED];
/** That it is more than begun. */
const DOES_IT = /\b(?:did|done|sewed|sewed on|sewn|stitched|hand-?stitched|attached|finished|hemmed|lined|faced)\b/;

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
  { context }: Pick<ActOptions, 'context'>,
): WorkedAct | undefined {
  const name = names.find(isGarmentName);
  const said = name && WORKED.exec(unnamed(low, name));
  if (!said) return undefined;
  // "Snaps done" is a part of it.
  const { first: before, behind: after, its } = said.groups ?? {};
  const behind = (before ?? after ?? its) ? '' : low.slice(name.to);
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
  const { part: named, done = '' } = said.groups ?? {};
  const first = before ?? after ?? its ?? named;
  const part = first?.split(/[ ,&]+/).at(-1) ?? PART_DONE[done];
  const open = make.looseEnds.filter(
    (l) => l.done === undefined && part !== undefined && wordsIn(folded(l.words)).some(({ word }) => sameNoun(word, part)),
  );
  // What is still to be cut is done when it is cut.
  const isDone = (words = '') => DOES_IT.test(said[0]) || [said[0], words].every((text) => /\bcut\b/.test(text));
  const [looseEnd] = open.length === 1 && isDone(open[0]?.words) ? open : [];
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
  { context }: Pick<ActOptions, 'context'>,
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
