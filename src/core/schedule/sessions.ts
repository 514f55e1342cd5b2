import type { IsoDate } from '../units/date';
import { dayNumber } from '../units/date';
import { handsFor, paceWith, type Pace } from './pace';
import type { Sitting } from './sittings';
import { remaining, WAIT_DAYS, type Step } from './steps';
import type { OnTheBench } from './under-way';

/** A sitting with what is meant to be done in it. */
export interface Session {
  readonly sitting: Sitting;
  readonly parts: readonly SessionPart[];
}
export interface SessionPart {
  readonly item: OnTheBench;
  readonly step: Step;
  /** In this sitting; a step may go over two. */
  readonly minutes: number;
  /** It goes on from the sitting before. */
  readonly goesOn: boolean;
}

/** Something as it is sewn from sitting to sitting. */
interface Going {
  readonly item: OnTheBench;
  readonly steps: readonly { readonly step: Step; readonly minutes: number }[];
  /** Which step is next, and what is left of it where it was begun. */
  at: number;
  left?: number | undefined;
  /** The day from which it can go on. */
  ready: number;
}

/**
 * What falls into which sitting, as things usually go: the bench in its order, step by step, each as long as it takes in the middle; while one thing waits
 * the next goes on.
 */
export function sessionsOf(bench: readonly OnTheBench[], pace: Pace, sittings: readonly Sitting[], today: IsoDate): Session[] {
  const open = bench
    .filter((item) => item.waits === undefined || item.waits.until !== undefined)
    .map((item): Going => ({
      item,
      at: 0,
      steps: remaining(item.steps).map((step) => ({ step, minutes: handsFor([step], paceWith(pace, item.patternId), item.version).middle })),
      ready: dayNumber(item.waits?.until ?? today),
    }));
  return sittings.map((sitting): Session => {
    const day = dayNumber(sitting.date);
    const parts: SessionPart[] = [];
    let minutes = sitting.minutes;
    while (minutes > 0.5) {
      const going = open.find((o) => o.at < o.steps.length && o.ready <= day);
      const now = going?.steps[going.at];
      if (!going || !now) break;
      const needed = going.left ?? now.minutes;
      const took = Math.min(needed, minutes);
      parts.push({ item: going.item, step: now.step, minutes: took, goesOn: going.left !== undefined });
      minutes -= took;
      if (took < needed) {
        going.left = needed - took;
      } else {
        going.left = undefined;
        going.at += 1;
        if (now.step.wait) going.ready = day + WAIT_DAYS[now.step.wait];
      }
    }
    return { sitting, parts };
  });
}
