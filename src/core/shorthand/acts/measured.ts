import { doubtsOf, type Doubt } from '../../body/how-to-measure';
import { whoever } from '../../make/log-draft';
import type { MeasurementSet, Person } from '../../records';
import { withId } from '../../units/by-id';
import { byDay } from '../../units/date';
import { bodySaid } from '../body-said';
import type { LineTables } from '../draft-from-line';
import { blanked, dayIn, type ActOptions, type Heard } from '../report';
import type { LineContext } from '../sentence';

/** A body was measured; of one who is not in the ledger yet, where nobody is. */
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

/** The measures of a body that a line tells of and nothing else, whose they are and when. */
export function bodyIn({ low, names }: Heard, { unit, today }: LineContext) {
  const [who, ...others] = names;
  if (others.length > 0 || (who && who.kind !== 'people')) return undefined;
  const { dates, at } = dayIn(low, today);
  // "Maren's waist": that it is hers stays.
  const its = who ? [[who.from, who.to - (low.slice(who.from, who.to).endsWith("'s") ? 2 : 0)] as const] : [];
  const said = bodySaid(blanked(low, [...its, ...at], ' '), unit);
  return said && { ...said, who, dates };
}

export function measured(line: Heard, { people, bodies }: LineTables, { context, spoken, newId }: ActOptions): MeasuredAct | undefined {
  const body = bodyIn(line, context);
  if (!body) return undefined;
  const { who, measures, otherUnit, dates } = body;
  const there = withId(people, who?.id) ?? spoken;
  const person = there ?? whoever(newId);
  const [day] = dates;
  const earlier = bodies.filter((set) => set.personId === person.id && (day === undefined || set.date < day)).sort((a, b) => byDay(b.date, a.date));
  return { is: 'measured', person, isNew: !there, measures, doubts: doubtsOf(measures, earlier[0]?.measures), otherUnit, dates };
}
