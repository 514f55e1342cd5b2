import { useMemo } from 'react';
import { nextVersion, type PatternCase } from '../../core/fit/case';
import type { CheckRequest } from '../../core/plan/checks';
import type { Make, Person, Plan } from '../../core/records';
import { makeOfPlan } from '../../core/records/plan-to-make';
import { usePatternCase, usePeople, usePlans, useUnit } from '../../data/queries';
import { today } from '../../data/today';

/** A plan with all that is reckoned from it. */
export interface PlanInWork {
  readonly plan: Plan;
  readonly input: PatternCase;
  readonly person: Person;
  /** The make that it becomes when it is cut. */
  readonly make: Make;
  readonly request: CheckRequest;
}

/** A plan by its id: undefined while it is read, null where there is none. */
export function usePlanInWork(planId: string | undefined): PlanInWork | null | undefined {
  const plans = usePlans();
  const people = usePeople();
  const unit = useUnit();
  const plan = plans?.find((p) => p.id === planId);
  const input = usePatternCase(plan?.patternId, plan?.personId);
  return useMemo(() => {
    if (plans && !plan) return null;
    const person = people?.find((p) => p.id === plan?.personId);
    if (!plans || !plan || !input || !person) return undefined;
    const make = makeOfPlan(plan, plan.id, nextVersion(input), today());
    return { plan, input, person, make, request: { input, make, person, today: today(), unit, plans } };
  }, [plans, plan, input, people, unit]);
}
