import { sewnRound } from '../arithmetic/piece-check';
import { blankMake, blankPlan } from '../records/blank';
import type { Make } from '../records/make';
import type { Plan } from '../records/plan';
import { firstOf } from '../units/item-at';

/** What a plan and a make say alike: what is cut, how it is altered, and from which fabric. */
const cutOf = ({ chartId, size, sizeLines, alterations, fabrics, bodyId, openings }: Plan | Make) => ({
  ...(chartId === undefined ? {} : { chartId }),
  ...(size === undefined ? {} : { size }),
  ...(bodyId === undefined ? {} : { bodyId }),
  ...(openings === undefined ? {} : { openings: [...openings] }),
  sizeLines: [...sizeLines],
  alterations: [...alterations],
  fabrics: [...fabrics],
});

/**
 * The make that a plan becomes when it is cut.
 *
 * @param day the day it is cut on
 */
export function makeOfPlan(plan: Plan, id: string, version: number, day: string): Make {
  return {
    ...blankMake(id, plan.personId, version, day),
    sources: [{ patternId: plan.patternId, viewId: plan.viewId }],
    kind: plan.kind,
    lacking: [...plan.lacking],
    ...(plan.expected && Object.keys(plan.expected).length > 0 ? { expected: plan.expected } : {}),
    // What was measured on the paper is what the garment will have there.
    measured: (plan.bands ?? []).flatMap((b) =>
      sewnRound(b) > 0 && b.round === undefined ? [{ zone: b.zone, cm: sewnRound(b), of: 'piece' as const }] : [],
    ),
    ...cutOf(plan),
  };
}

/**
 * The garment that lies cut out: nothing is asked of how it fits, since nobody has seen it.
 *
 * @param day the day it is cut on
 */
export function cutOfPlan(plan: Plan, id: string, version: number, day: string): Make {
  const { finishedOn: _, ...make } = makeOfPlan(plan, id, version, day);
  return { ...make, state: 'cut' };
}

/** A plan of cutting this again: the next cut that the engine proposes, or a version as it was. */
export function planOfMake(make: Make, id: string, day: string): Plan {
  const { patternId, viewId } = firstOf(make.sources);
  // Parts that a toile left out are left out no more; fabric already cut is not planned again.
  return { ...blankPlan(id, make.personId, patternId, viewId, day), ...cutOf({ ...make, fabrics: [] }) };
}
