import { dateOfDay, dayNumber, type IsoDate } from '../units/date';
import { chanceBy, countBy, dayBy, sewnThrough, type Draws, type Task } from './ahead';
import { enoughMinutes, logHands, paceWith, rangeOf, type Pace } from './pace';
import type { Sitting } from './sittings';
import { daysOfWaiting, remaining, type Step } from './steps';
import { taskOf, type OnTheBench } from './under-way';
import type { PlanList } from '../records';

/** Days looked at from today on. */
export const DAYS_AHEAD = 400;
/** What is stated as safe holds in so many draws of all. */
const SAFE = 0.9;

/** When each thing is done, and by when it must be begun. */
export interface LooksAhead {
  readonly id: string;
  readonly due?: IsoDate;
  /** The chance that it is done by its day. */
  readonly chance?: number;
  /** Done by then as likely as not, and nine times in ten; absent past the days looked at. */
  readonly likely?: IsoDate;
  readonly safe?: IsoDate;
  /** The last days on which each can be begun so that nine in ten are on time, where nothing else is sewn before it. */
  readonly orderBy?: IsoDate;
  readonly washBy?: IsoDate;
  readonly cutBy?: IsoDate;
  readonly sewFrom?: IsoDate;
  /** Such a day has passed already. */
  readonly late?: true;
}

/**
 * The last day on which steps can be begun so that nine in ten are done by their day: their minutes, counted backwards through the sittings, and the days that
 * are waited between them.
 *
 * @returns undefined where there is not time enough from the first sitting on
 */
export function lastStart(steps: readonly Step[], item: OnTheBench, pace: Pace, sittings: readonly Sitting[], due: IsoDate): IsoDate | undefined {
  let needed = enoughMinutes(logHands(steps, paceWith(pace, item.patternId), item.version));
  const last = dayNumber(due) - daysOfWaiting(steps);
  if (needed <= 0) return dateOfDay(last);
  for (let i = sittings.length - 1; i >= 0; i--) {
    const sitting = sittings[i];
    if (!sitting || dayNumber(sitting.date) > last) continue;
    needed -= sitting.minutes;
    if (needed <= 0) return sitting.date;
  }
  return undefined;
}

/** From which step on each day is meant. */
const MILESTONES = [
  ['orderBy', (s: Step) => s.id === 'order'],
  ['washBy', (s: Step) => s.id === 'wash'],
  ['cutBy', (s: Step) => s.id === 'cut'],
  ['sewFrom', (s: Step) => s.phase === 'sew'],
] as const;

/** A list that is to be done by a day: how many of it will be. */
export interface ListAhead {
  readonly id: string;
  readonly of: number;
  readonly least: number;
  readonly middle: number;
  readonly most: number;
}

/** All that is told of the days ahead. */
export interface Ahead {
  readonly items: readonly LooksAhead[];
  readonly lists: readonly ListAhead[];
}

/** What is asked of the worker: everything in it is plain. */
export interface AheadQuestion {
  readonly tasks: readonly Task[];
  readonly sittings: readonly Sitting[];
  readonly today: IsoDate;
  /** The variance of what is the sewist's own in pace. */
  readonly shared: number;
}

/** The question that a bench asks. */
export function questionOf(bench: readonly OnTheBench[], pace: Pace, sittings: readonly Sitting[], today: IsoDate): AheadQuestion {
  return { tasks: bench.map((item) => taskOf(item, pace, today)), sittings, today, shared: pace.sewist.variance };
}

/** Its answer: drawn in the order of the tasks. */
export function drawnAhead({ tasks, sittings, today, shared }: AheadQuestion): Draws {
  return sewnThrough(tasks, sittings, today, shared);
}

/**
 * What the draws say of each thing on the bench and of each list, and the days by which things must be begun.
 *
 * @param sittings as they were drawn with
 */
export function toldAhead(
  bench: readonly OnTheBench[],
  drawn: Draws,
  pace: Pace,
  sittings: readonly Sitting[],
  today: IsoDate,
  lists: readonly PlanList[] = [],
): Ahead {
  const first = dayNumber(today);
  const dayOf = (days: number) => (Number.isFinite(days) ? { day: dateOfDay(first + days) } : undefined);
  const items = bench.map((item): LooksAhead => {
    // Where nobody said when there is time, nothing is known of dates.
    if (sittings.length === 0) return { id: item.id, ...(item.due === undefined ? {} : { due: item.due }) };
    const { due } = item;
    const [likely, safe] = [dayOf(dayBy(drawn, item.id, 0.5)), dayOf(dayBy(drawn, item.id, SAFE))];
    const left = remaining(item.steps);
    const days =
      due === undefined
        ? {}
        : Object.fromEntries(
            MILESTONES.flatMap(([name, is]) => {
              const at = left.findIndex(is);
              if (at < 0) return [];
              const day = lastStart(left.slice(at), item, pace, sittings, due);
              return day === undefined ? [] : [[name, day]];
            }),
          );
    const late = due !== undefined && left.length > 0 && lastStart(left, item, pace, sittings, due) === undefined;
    return {
      id: item.id,
      ...(due === undefined ? {} : { due, chance: chanceBy(drawn, item.id, today, due) }),
      ...(likely ? { likely: likely.day } : {}),
      ...(safe ? { safe: safe.day } : {}),
      ...days,
      ...(late ? { late } : {}),
    };
  });
  const ofLists = lists.flatMap((list): ListAhead[] => {
    const of = bench.filter((i) => i.plan?.listId === list.id).map((i) => i.id);
    if (list.due === undefined || of.length === 0 || sittings.length === 0) return [];
    return [{ id: list.id, of: of.length, ...countBy(drawn, of, today, list.due) }];
  });
  return { items, lists: ofLists };
}

/** What could be left out of something, and the minutes that it saves, the middle of them. */
export const canBeLeftOut = (item: OnTheBench, pace: Pace): { readonly step: Step; readonly minutes: number }[] =>
  remaining(item.steps)
    .filter((s) => s.spare)
    .map((step) => ({ step, minutes: rangeOf(logHands([step], paceWith(pace, item.patternId), item.version)).middle }));

/**
 * The order in which a bench is best sewn: what must be begun first comes first; what has slack waits for its thread, so that machines are changed seldom.
 * An overlocker's four threads are the dear change.
 *
 * @param bench in any order
 * @returns ids in order
 */
export function proposedOrder(bench: readonly OnTheBench[], pace: Pace, sittings: readonly Sitting[]): string[] {
  const left = bench.map((item) => {
    const start = item.due === undefined ? undefined : (lastStart(remaining(item.steps), item, pace, sittings, item.due) ?? '0000');
    return { item, start, minutes: item.hands.middle };
  });
  const order: string[] = [];
  let thread: string | undefined;
  /** Minutes that are sewn by the end of what stands in the order. */
  let sewn = 0;
  const dayAfter = (minutes: number): IsoDate => {
    let sum = 0;
    for (const s of sittings) {
      sum += s.minutes;
      if (sum >= minutes) return s.date;
    }
    return '9999-12-31';
  };
  while (left.length > 0) {
    left.sort((a, b) => (a.start ?? '9999').localeCompare(b.start ?? '9999') || bench.indexOf(a.item) - bench.indexOf(b.item));
    const urgent = left[0];
    if (!urgent) break;
    const inThread = left.find(({ item, minutes }) => {
      if (thread === undefined || item.thread !== thread || item === urgent.item) return false;
      // It may go first only where what is urgent can still be begun in time.
      return urgent.start === undefined || dayAfter(sewn + minutes) < urgent.start;
    });
    const next = inThread ?? urgent;
    left.splice(left.indexOf(next), 1);
    order.push(next.item.id);
    sewn += next.minutes;
    thread = next.item.thread ?? thread;
  }
  return order;
}
