import { colourFamily } from '../units/colour';
import { byDay, dateOfDay, dayNumber, type IsoDate } from '../units/date';
import { withId } from '../units/by-id';
import type { Fabric, LooseEnd, Make, Pattern, Plan, PlanList, WaitsFor } from '../records';
import { makeName } from '../make/make-name';
import { planName } from '../make/plan-name';
import { mainFabric } from '../make/main-fabric';
import { colourOf } from '../fabric/colour-of';
import { evenMinutes, logHands, pacedShare, paceWith, rangeOf, sumOf, type MinutesRange, type Pace } from './pace';
import { remaining, stepsOfMake, stepsOfPlan, WAIT_DAYS, type Step, type StepTables } from './steps';
import type { Stretch, Task } from './ahead';

/** After everything that has a place. */
const UNPLACED = Number.MAX_SAFE_INTEGER;

/** How far something is. */
export const STAGES = ['half sewn', 'loose ends', 'mending', 'cut', 'ready to cut', 'planned'] as const;
export type Stage = (typeof STAGES)[number];

/** Something on the bench: a make that is not finished, or a plan. */
export interface OnTheBench {
  readonly id: string;
  readonly stage: Stage;
  readonly make?: Make;
  readonly plan?: Plan;
  readonly steps: readonly Step[];
  /** The next small step; absent where only waiting is left. */
  readonly next?: Step;
  readonly waits?: WaitsFor;
  /** Since when it lies as it lies. */
  readonly since: IsoDate;
  /** When it is wanted: by itself, or with its list. */
  readonly due?: IsoDate;
  readonly patternId?: string;
  /** Which of its pattern it is, for the sewist's hands. */
  readonly version: number;
  /** Its fabric is washed, in the stash and not cut yet. */
  readonly fabricWaits?: true;
  /** The colour that must be on the machines for it; undefined where no fabric says. */
  readonly thread?: string;
  /** Hands still needed, minutes. */
  readonly hands: MinutesRange;
}

/** A loose end takes so long, minutes. Source: our own convention; a snap, a hem that came down. */
const LOOSE_END = 20;

const looseStep = ({ id, words, done }: LooseEnd): Step => ({
  id,
  words,
  phase: 'finish',
  at: 'hand',
  minutes: LOOSE_END,
  own: true,
  ...(done === undefined ? {} : { done }),
});

const MENDING: Step = { id: 'mend', words: 'mend it', phase: 'finish', at: 'machine', minutes: 40 };

/** The colour of the thread: that of the main fabric. */
function threadFor(subject: Pick<Make, 'fabrics'>, fabrics: readonly Fabric[]): string | undefined {
  const { fabric } = mainFabric(subject, fabrics);
  const colour = fabric && colourOf(fabric);
  return colour && colourFamily(colour);
}

/** Washed, and there to be cut. */
const waitsInStash = (fabric: Fabric | undefined) => fabric?.washedOn !== undefined && fabric.pieces.length > 0;

/** Whether a make is in the mending. */
const inMending = (make: Make) => (make.away ?? []).some((a) => a.why === 'in the mending' && a.until === undefined);

/** A make that still wants hands: cut, half sewn, with loose ends or in the mending; undefined where nothing is left to do. */
function stageOfMake(make: Make): Stage | undefined {
  if (make.state === 'cut') return 'cut';
  if (make.state === 'sewing') return 'half sewn';
  if (make.looseEnds.some((l) => l.done === undefined)) return 'loose ends';
  return inMending(make) ? 'mending' : undefined;
}

/**
 * Everything under way, and what is planned, in the order in which it is sewn: the sewist's own where she gave one, else what is furthest on first and,
 * of plans, what is wanted first. The day book and the bench both show this list.
 *
 * @param pace of the sewist, from the times she noted
 */
export function underWay(tables: StepTables & { readonly plans: readonly Plan[]; readonly lists: readonly PlanList[] }, pace: Pace): OnTheBench[] {
  const { makes, plans, lists, fabrics } = tables;
  const versionOf = (patternId: string | undefined) => (patternId === undefined ? 1 : (pace.versions.get(patternId) ?? 1));
  const known = (steps: readonly Step[], patternId: string | undefined, version: number) => {
    const next = remaining(steps)[0];
    return {
      steps,
      version,
      hands: rangeOf(logHands(steps, paceWith(pace, patternId), version)),
      ...(next ? { next } : {}),
      ...(patternId === undefined ? {} : { patternId }),
    };
  };
  const ofMakes = makes.flatMap((make): OnTheBench[] => {
    const stage = stageOfMake(make);
    if (!stage) return [];
    const patternId = make.sources[0]?.patternId;
    const loose = make.looseEnds.filter((l) => l.done === undefined).map(looseStep);
    const sewn = stage === 'cut' || stage === 'half sewn' ? stepsOfMake(make, tables) : stage === 'mending' ? [MENDING] : [];
    const thread = threadFor(make, fabrics);
    const from = plans.find((p) => p.makeId === make.id);
    const due = from && dueOf(from, lists);
    return [
      {
        id: make.id,
        stage,
        make,
        // It is one of its pattern already: the next would be one more.
        ...known([...sewn, ...loose], patternId, Math.max(1, versionOf(patternId) - 1)),
        since: loose[0] && stage === 'loose ends' ? (make.looseEnds.find((l) => l.done === undefined)?.since ?? make.cutOn) : make.cutOn,
        ...(make.bench?.waits ? { waits: make.bench.waits } : {}),
        ...(thread === undefined ? {} : { thread }),
        ...(due === undefined ? {} : { due }),
      },
    ];
  });
  const ofPlans = plans
    .filter((p) => p.state === 'open')
    .map((plan): OnTheBench => {
      const steps = stepsOfPlan(plan, tables);
      const next = remaining(steps)[0];
      const ready = plan.fabrics.length > 0 && (next === undefined || ['cut', 'mark', 'mend'].includes(next.id) || next.phase === 'sew');
      const thread = threadFor(plan, fabrics);
      const due = dueOf(plan, lists);
      return {
        id: plan.id,
        stage: plan.kind === 'mend' ? 'mending' : ready ? 'ready to cut' : 'planned',
        plan,
        ...known(steps, plan.patternId, versionOf(plan.patternId)),
        since: plan.added,
        ...(plan.fabrics.some((u) => waitsInStash(withId(fabrics, u.fabricId))) ? { fabricWaits: true } : {}),
        ...(plan.bench?.waits ? { waits: plan.bench.waits } : {}),
        ...(due === undefined ? {} : { due }),
        ...(thread === undefined ? {} : { thread }),
      };
    });
  const placeOf = (item: OnTheBench) => (item.make ?? item.plan)?.bench?.place;
  const usual = [...ofMakes, ...ofPlans].sort(
    (a, b) =>
      STAGES.indexOf(a.stage) - STAGES.indexOf(b.stage) ||
      (a.due ?? '9999').localeCompare(b.due ?? '9999') ||
      (a.plan?.place ?? 0) - (b.plan?.place ?? 0) ||
      byDay(a.since, b.since),
  );
  // What she put in order stands first, in that order; the rest follows as usual.
  return [...usual].sort((a, b) => (placeOf(a) ?? UNPLACED) - (placeOf(b) ?? UNPLACED));
}

/** What lies on the bench, by its name. */
export const benchName = (item: OnTheBench, patterns: readonly Pattern[]): string =>
  item.make ? makeName(item.make, patterns) : item.plan ? planName(item.plan, patterns) : '';

/** The day that a plan is wanted by: its own, else its list's. */
export function dueOf(plan: Pick<Plan, 'due' | 'listId'>, lists: readonly PlanList[]): IsoDate | undefined {
  return plan.due ?? withId(lists, plan.listId)?.due;
}

/** What is to be done of something, cut where it must wait. */
export function taskOf(item: OnTheBench, pace: Pace, today: IsoDate): Task {
  const stretches: Stretch[] = [];
  let steps: Step[] = [];
  const close = (wait?: Step['wait']) => {
    if (steps.length === 0) return;
    stretches.push({ log: sumOf(steps.map((s) => evenMinutes(s, item.version))), paced: pacedShare(steps, item.version), wait });
    steps = [];
  };
  for (const step of remaining(item.steps)) {
    steps.push(step);
    if (step.wait) close(step.wait);
  }
  close();
  // What is waited for and nobody knows until when is taken to come as what is ordered does.
  const notBefore = item.waits ? (item.waits.until ?? dateOfDay(dayNumber(today) + WAIT_DAYS.delivery)) : undefined;
  return {
    id: item.id,
    stretches,
    patternId: item.patternId,
    pace: paceWith(pace, item.patternId),
    ...(notBefore === undefined ? {} : { notBefore }),
  };
}
