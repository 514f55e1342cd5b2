import { paceWith, handsFor, type Pace } from './pace';
import { remaining, type Step, type StepPlace } from './steps';
import type { OnTheBench } from './under-way';

/** How the machines are set up: nothing is known of one that is undefined. */
export interface SetUp {
  readonly at?: StepPlace | undefined;
  readonly thread?: string | undefined;
}

/** A step that fits into the time there is. */
export interface Fitting {
  readonly item: OnTheBench;
  readonly step: Step;
  /** The middle of its minutes. */
  readonly minutes: number;
  /** The machine stands as it is threaded. */
  readonly asThreaded: boolean;
}

/** Steps at a machine need its thread. */
export const needsThread = ({ at }: Step): boolean => at === 'machine' || at === 'overlocker';

/**
 * The steps that fit into some minutes, one after the other: of each thing on the bench the next ones as long as they fit, those that need the machine
 * as it is threaded first, then in the order of the bench. What waits is left out.
 *
 * @param minutes there are
 * @example stepsWithin(40, bench, pace, { thread: 'dark blue' })
 */
export function stepsWithin(minutes: number, bench: readonly OnTheBench[], pace: Pace, setUp: SetUp = {}): Fitting[] {
  const open = bench
    .filter((item) => item.waits === undefined)
    .map((item) => ({ item, steps: remaining(item.steps), own: paceWith(pace, item.patternId) }));
  const found: Fitting[] = [];
  let left = minutes;
  let { thread } = setUp;
  const took = new Map<string, number>();
  for (;;) {
    const offered = open.flatMap(({ item, steps, own }, place) => {
      const at = took.get(item.id) ?? 0;
      const step = steps[at];
      // After what must dry, hang or come nothing goes on the same evening.
      if (!step || (at > 0 && steps[at - 1]?.wait)) return [];
      const { middle } = handsFor([step], own, item.version);
      const asThreaded = needsThread(step) && thread !== undefined && item.thread === thread;
      return middle <= left ? [{ item, step, minutes: middle, asThreaded, place }] : [];
    });
    const going = found.at(-1)?.item.id;
    const best = offered.sort(
      (a, b) => Number(b.asThreaded) - Number(a.asThreaded) || Number(b.item.id === going) - Number(a.item.id === going) || a.place - b.place,
    )[0];
    if (!best) return found;
    const { place: _, ...fitting } = best;
    found.push(fitting);
    took.set(best.item.id, (took.get(best.item.id) ?? 0) + 1);
    left -= best.minutes;
    if (needsThread(best.step)) thread = best.item.thread ?? thread;
  }
}
