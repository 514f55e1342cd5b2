import { nextVersion } from '../../core/make/versions';
import { useMemo } from 'react';
import type { PlannedZone } from '../../core/forecast/planned-chance';
import { mainUse } from '../../core/make/main-fabric';
import { type PatternCase } from '../../core/garment/case';
import { bodiesForPlan, type PlannedCut } from '../../core/forecast/next-cut';
import type { LengthUnit } from '../../core/units/length';
import type { CheckRequest } from '../../core/plan/checks';
import type { Make, Person, Plan } from '../../core/records';
import { freeCase } from '../../core/plan/free-plan';
import { makeOfPlan } from '../../core/plan/plan-to-make';
import { useCaseTables } from '../../data/engine-tables';
import { useBodies, useFabrics, usePatternCase, usePeople, usePlans, useUnit } from '../../data/queries';
import { today } from '../../data/today';
import { useEngine, type Asked } from '../../workers/use-engine';
import { withId } from '../../core/units/by-id';

/** A plan with all that is reckoned from it. */
export interface PlanInWork {
  readonly plan: Plan;
  readonly input: PatternCase;
  readonly person: Person;
  /** The make that it becomes when it is cut. */
  readonly make: Make;
  /** What the engine is told of it. */
  readonly cut: PlannedCut;
  readonly request: CheckRequest;
}

/** A plan by its id: undefined while it is read, null where there is none. */
export function usePlanInWork(planId: string | undefined): PlanInWork | null | undefined {
  const plans = usePlans();
  const people = usePeople();
  const unit = useUnit();
  const plan = withId(plans, planId);
  const bodies = useBodies();
  const fabrics = useFabrics();
  const input = usePatternCase(plan?.patternId, plan?.personId);
  return useMemo(() => {
    if (!plan) return null;
    const person = withId(people, plan.personId);
    if (!person) return undefined;
    const of = plan.patternId === undefined ? undefined : input;
    if (plan.patternId !== undefined && !of) return undefined;
    const make = makeOfPlan(plan, plan.id, of ? nextVersion(of) : 1, today());
    return inWork(plan, of ?? freeCase(plan, make, bodies, fabrics), person, make, unit, plans);
  }, [plans, plan, input, people, unit, bodies, fabrics]);
}

function inWork(plan: Plan, input: PatternCase, person: Person, make: Make, unit: LengthUnit, plans: readonly Plan[]): PlanInWork {
  // What is checked is checked against the body it is for.
  const cut = plannedCut(make, unit, plan.expected);
  const forBody = { ...input, bodies: bodiesForPlan(input.bodies, cut) };
  return { plan, input, person, make, cut, request: { input: forBody, make, person, today: today(), unit, plans } };
}

/** A plan as the engine knows it: cut today, in its main fabric, for the body that is expected or the one measured. */
function plannedCut(make: Make, unit: LengthUnit, expected: Plan['expected']): PlannedCut {
  const fabricId = mainUse(make)?.fabricId;
  return { date: today(), unit, ...(fabricId === undefined ? {} : { fabricId }), ...(expected ? { expected } : {}) };
}

/** The chances of a plan as it stands, worked out in the worker. */
export function usePlanChances({ make, cut }: PlanInWork): Asked<readonly PlannedZone[]> {
  return useEngine('planned', useCaseTables(), [make, cut]);
}
