import { carryForward } from '../fit/carry-forward';
import { versionsOf, type PatternCase } from '../fit/case';
import type { PlannedCut } from '../fit/next-cut';
import type { Recollection } from '../fit/recollection';
import type { ZoneId } from '../measure/zones';
import { DECISIONS, type Decision, type OwnDecision, type Pattern } from '../records';
import { minutesOf } from '../records/blank';
import { sewAgain } from './sew-again';

/** A pattern in the reckoning: whether to sew it again, with its evidence and what would change it. */
export interface Reckoned {
  readonly patternId: string;
  readonly answer: Decision;
  readonly because: readonly string[];
  readonly wouldChange: string;
  readonly early: boolean;
  readonly versions: number;
  readonly bestId?: string;
  readonly weakest?: { readonly zone: ZoneId; readonly chance: number };
  /** Minutes that a version took, the middle of those that say; absent where none does. */
  readonly minutes?: number;
}

/** The middle of what versions took, minutes. */
function usualMinutes(input: PatternCase): number | undefined {
  const all = versionsOf(input)
    .filter((m) => m.kind !== 'toile')
    .flatMap((m) => minutesOf(m) ?? [])
    .sort((a, b) => a - b);
  return all[all.length >> 1];
}

/** One pattern of a person, reckoned. */
export function reckon(input: PatternCase, plan: PlannedCut, memory?: Recollection): Reckoned {
  const carried = carryForward(input, plan, memory);
  const { answer, because, wouldChange, early, best } = sewAgain({ input, carried, today: plan.date });
  const minutes = usualMinutes(input);
  return {
    patternId: input.pattern.id,
    answer,
    because,
    wouldChange,
    early,
    versions: versionsOf(input).length,
    ...(best ? { bestId: best.id } : {}),
    ...(carried?.weakest ? { weakest: carried.weakest } : {}),
    ...(minutes === undefined ? {} : { minutes }),
  };
}

/** The sewist's latest own answer for a person; undefined where she said none. */
export function ownDecision(pattern: Pick<Pattern, 'decided'>, personId: string): OwnDecision | undefined {
  return pattern.decided.filter((d) => d.personId === personId).reduce<OwnDecision | undefined>((a, b) => (a && a.date > b.date ? a : b), undefined);
}

/** What is known of a pattern's best version for the order: wears to be expected in a year, and what one has cost. */
export interface Expected {
  readonly wears?: number | undefined;
  /** In minor units. */
  readonly costPerWear?: number | undefined;
}

/**
 * The order of the reckoning: by answer, what can be sewn at once first; within an answer by wears to be expected, then by cost a wear
 * (engine.md, section 9). What is not known comes last.
 */
export function inOrder<T extends { readonly answer: Decision; readonly expected: Expected }>(lines: readonly T[]): T[] {
  return [...lines].sort(
    (a, b) =>
      DECISIONS.indexOf(a.answer) - DECISIONS.indexOf(b.answer) ||
      (b.expected.wears ?? -1) - (a.expected.wears ?? -1) ||
      (a.expected.costPerWear ?? Infinity) - (b.expected.costPerWear ?? Infinity),
  );
}
