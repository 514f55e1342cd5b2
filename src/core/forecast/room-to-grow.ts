import { viewOf } from '../make/versions';
import { addMonths, formatISO, parseISO } from 'date-fns';
import { asTapeReads } from '../units/length';
import type { IsoDate } from '../units/date';
import { grownBody } from '../body/growth';
import type { BodyMeasure } from '../body/zones';
import type { Make } from '../records';
import { type PatternCase } from '../garment/case';
import type { PlannedCut } from './next-cut';
import { plannedZones, type PlannedZone } from './planned-chance';
import type { Recollection } from './recollection';
import { sizesFor } from './sizes';

/** How far ahead a child's garment is looked at, months: now, half a year, a year. Source: our own convention. */
const AHEAD = [0, 6, 12] as const;

/** How a planned cut sits on a child's body on a day. */
export interface GrownFit {
  readonly months: number;
  readonly date: IsoDate;
  /** The body that is expected then, in whole millimetres; absent for now, when it is the one measured. */
  readonly expected?: Partial<Record<BodyMeasure, number>>;
  /** The size that the chart gives then; absent where it has none. */
  readonly size?: string;
  readonly zones: readonly PlannedZone[];
}

/**
 * Fit now and room to grow, side by side: one cut on the body as it is and as it is expected to grow.
 *
 * @param make the plan as a make (`makeOfPlan`)
 * @returns undefined where growth cannot be told: with fewer than two sets it is asked for and not guessed (engine.md, section 6)
 */
export function roomToGrow(input: PatternCase, make: Make, plan: PlannedCut, memory?: Recollection): GrownFit[] | undefined {
  const days = AHEAD.map((months) => ({ months, date: formatISO(addMonths(parseISO(plan.date), months), { representation: 'date' }) }));
  if (!grownBody(input.bodies, plan.date)) return undefined;
  return days.map(({ months, date }): GrownFit => {
    const expected = months === 0 ? undefined : toMillimetres(grownBody(input.bodies, date)!);
    const { expected: _, ...now } = plan;
    const then: PlannedCut = { ...now, date, ...(expected ? { expected } : {}) };
    const size = sizesFor({ input, view: viewOf(input.pattern, make), plan: then, memory })?.byChart?.size;
    return {
      months,
      date,
      ...(expected ? { expected } : {}),
      ...(size === undefined ? {} : { size }),
      zones: plannedZones(input, make, then, memory),
    };
  });
}

function toMillimetres(measures: Partial<Record<BodyMeasure, number>>): Partial<Record<BodyMeasure, number>> {
  return Object.fromEntries(Object.entries(measures).map(([measure, cm]) => [measure, asTapeReads(cm)]));
}
