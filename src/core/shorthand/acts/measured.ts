import { doubtsOf, type Doubt } from '../../body/how-to-measure';
import { whoever } from '../../make/log-draft';
import type { MeasurementSet, Person } from '../../records';
import { kindNamed } from '../../records/garment-named';
import { withId } from '../../units/by-id';
import { byDay } from '../../units/date';
import { bodyChangeSaid, bodySaid } from '../body-said';
import type { LineTables } from '../draft-from-line';
import type { NameFound } from '../names';
import { blanked, dayIn, type ActOptions, type Heard, type Span } from '../report';
import type { LineContext } from '../sentence';
import { isTradeWord } from '../words';

/** A body was measured: of one who is in the ledger, or comes with her measures. */
export interface MeasuredAct {
  readonly is: 'measured';
  readonly person: Person;
  readonly isNew: boolean;
  readonly measures: MeasurementSet['measures'];
  /** What makes one look at the tape again, against what was measured before. */
  readonly doubts: readonly Doubt[];
  readonly otherUnit: boolean;
  readonly dates: readonly string[];
}

/** Somebody whom the ledger does not have, where measures are said of a name: "Robin: bust 90, waist 70", "Robin's measures", "measured Robin:". */
const OF_A_NAME =
  /^(?:[Mm]easured |(?:[Mm]easures|[Mm]easurements) (?:of|for) )?((?!(?:She|He|It|They|We|You|That|This|There|Who|Everyone|Nobody|Somebody)(?!\p{L}))\p{Lu}[\p{L}-]+)(?=(?:['’]s?\b|:|,| is\b| has\b| was\b))/u;

/** Where a name stands; "Maren's waist": that it is hers stays. */
const nameIn = (low: string, name: NameFound | undefined): readonly Span[] =>
  name ? [[name.from, name.to - (low.slice(name.from, name.to).endsWith("'s") ? 2 : 0)]] : [];

/**
 * The measures of a body that a line tells of and nothing else, whose they are and when.
 *
 * @param isAll whether the line stands by itself: then one measure alone is one
 */
export function bodyIn({ text, low, names }: Heard, { unit, today }: LineContext, isAll = false) {
  const [who, ...others] = names;
  if (others.length > 0 || (who && who.kind !== 'people')) return undefined;
  const { dates, at } = dayIn(low, today);
  const said = bodySaid(blanked(low, [...nameIn(low, who), ...at], ' '), unit, isAll);
  if (said || who) return said && { ...said, who, newName: undefined, dates };
  const called = OF_A_NAME.exec(text);
  const newName = called?.[1];
  if (!called || newName === undefined || isTradeWord(newName.toLowerCase()) || kindNamed(newName)) return undefined;
  const end = called[0].length;
  const hers = bodySaid(blanked(low, [[end - newName.length, end], ...at], ' '), unit, isAll);
  return hers && { ...hers, who, newName, dates };
}

/** Sets of measures, the latest first. */
const latestFirst = (bodies: readonly MeasurementSet[], personId: string) =>
  bodies.filter((set) => set.personId === personId).sort((a, b) => byDay(b.date, a.date));

/** A measure that changed by so much since it was taken last: what it is now. */
function changedBy({ low, names }: Heard, { people, bodies }: LineTables, { context, spoken }: ActOptions): MeasuredAct | undefined {
  const [who, ...others] = names;
  const person = who ? withId(people, who.kind === 'people' ? who.id : undefined) : spoken;
  if (!person || others.length > 0) return undefined;
  const { dates, at } = dayIn(low, context.today);
  const said = bodyChangeSaid(blanked(low, [...nameIn(low, who), ...at], ' '), context.unit);
  if (!said) return undefined;
  const last = latestFirst(bodies, person.id).find((set) => set.measures[said.measure] !== undefined)?.measures;
  const was = last?.[said.measure];
  if (was === undefined) return undefined;
  const measures = { [said.measure]: Math.round((was + said.by) * 10) / 10 };
  return { is: 'measured', person, isNew: false, measures, doubts: doubtsOf(measures, last), otherUnit: false, dates };
}

export function measured(line: Heard, tables: LineTables, options: ActOptions): MeasuredAct | undefined {
  const { people, bodies } = tables;
  const { context, spoken, newId } = options;
  const body = bodyIn(line, context, true);
  if (!body) return changedBy(line, tables, options);
  const { who, newName, measures, otherUnit, dates } = body;
  const there = newName === undefined ? (withId(people, who?.id) ?? spoken) : undefined;
  const person = there ?? { ...whoever(newId), ...(newName === undefined ? {} : { name: newName }) };
  const [day] = dates;
  const earlier = latestFirst(bodies, person.id).find((set) => day === undefined || set.date < day);
  return { is: 'measured', person, isNew: !there, measures, doubts: doubtsOf(measures, earlier?.measures), otherUnit, dates };
}
