import { sewnRound } from '../arithmetic/piece-check';
import { blankMake, blankPlan } from '../records/blank';
import type { Make } from '../records/make';
import type { PartSource } from '../records/part-source';
import type { Plan } from '../records/plan';
import type { OnBench } from '../records/under-way';
import { firstOf } from '../units/item-at';

/** How it stands on the bench, but for its place among the plans. */
const asCut = ({ place: _, ...bench }: OnBench): OnBench => bench;

/** What a plan and a make say alike: what is cut, how it is altered, and from which fabric. */
const cutOf = ({ chartId, size, sizeLines, alterations, fabrics, bodyId, openings, own, chosen, garment }: Plan | Make) => ({
  ...(chartId === undefined ? {} : { chartId }),
  ...(size === undefined ? {} : { size }),
  ...(bodyId === undefined ? {} : { bodyId }),
  ...(openings === undefined ? {} : { openings: [...openings] }),
  ...(own === undefined ? {} : { own }),
  ...(chosen === undefined ? {} : { chosen }),
  ...(garment === undefined ? {} : { garment }),
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
    ...(plan.name === undefined ? {} : { name: plan.name }),
    sources: sourcesOfPlan(plan),
    // A mend is no make: what is asked of it as one is asked of the garment that it goes on with.
    kind: plan.kind === 'mend' ? 'refashion' : plan.kind,
    ...(plan.refashionOf === undefined ? {} : { refashionOf: plan.refashionOf }),
    ...(plan.bought === undefined ? {} : { bought: plan.bought }),
    ...(plan.setId === undefined ? {} : { setId: plan.setId }),
    // What was done and timed before the scissors stays with it; where it stood among the plans does not.
    ...(plan.bench ? { bench: asCut(plan.bench) } : {}),
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

/** All that a plan is cut from: its pattern, and what brings a part; none where it needs no pattern. */
export function sourcesOfPlan({ patternId, viewId, joins }: Pick<Plan, 'patternId' | 'viewId' | 'joins'>): PartSource[] {
  return patternId === undefined ? [] : [{ patternId, viewId: viewId ?? patternId }, ...(joins ?? [])];
}

/** The parts of a plan that say what it is cut from. */
export function planSources(sources: readonly PartSource[]): Pick<Plan, 'patternId' | 'viewId' | 'joins'> {
  const [main, ...joins] = sources;
  return { patternId: main?.patternId, viewId: main?.viewId, joins: joins.length > 0 ? joins : undefined };
}

/** A plan of cutting this again: the next cut that the engine proposes, or a version as it was. */
export function planOfMake(make: Make, id: string, day: string): Plan {
  const { patternId, viewId } = firstOf(make.sources);
  const joins = make.sources.slice(1);
  return {
    ...blankPlan(id, make.personId, patternId, viewId, day),
    ...(joins.length > 0 ? { joins } : {}),
    ...(make.kind === 'without fit' ? { kind: 'without fit' as const } : {}),
    // Parts that a toile left out are left out no more; fabric already cut is not planned again.
    ...cutOf({ ...make, fabrics: [] }),
  };
}
