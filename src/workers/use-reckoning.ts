import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { PatternCase } from '../core/fit/case';
import type { CarryForward } from '../core/fit/carry-forward';
import type { Habits } from '../core/fit/habits';
import type { PlannedCut } from '../core/fit/next-cut';
import type { FirstCut, Speaker } from '../core/fit/recollection';
import type { ZoneId } from '../core/measure/zones';
import type { PatternSummary } from '../core/fit/summary';
import { engine } from './engine';

const names = new WeakMap<object, number>();
let given = 0;

/**
 * A name for a list that stands for its content: the lists of cases are made anew when a table changes and at no other time
 * (data/cases.ts), and writing a whole ledger out as a key would cost more than the reckoning.
 */
function nameOf(list: object | undefined): number {
  if (!list) return 0;
  const name = names.get(list) ?? ++given;
  names.set(list, name);
  return name;
}

type Cases = readonly PatternCase[] | undefined;

/**
 * What to cut next, worked out in the worker; null where nothing was cut yet, undefined while it is worked out.
 *
 * @param all every pattern of the person
 */
export function useCarryForward(input: PatternCase | undefined, plan: PlannedCut, all: Cases): CarryForward | null | undefined {
  return useQuery({
    queryKey: ['reckoning', input?.pattern, input?.makes, nameOf(all), plan],
    queryFn: async () => (await engine().carryForward(input!, plan, all!)) ?? null,
    enabled: input !== undefined && all !== undefined,
    placeholderData: keepPreviousData,
  }).data;
}

/** Which other patterns moved the best cut at a zone; asked where its reasons are open. */
export function useSpeakers(input: PatternCase, zone: ZoneId, all: Cases): readonly Speaker[] | undefined {
  return useQuery({
    queryKey: ['spoke', input.pattern, input.makes, zone, nameOf(all)],
    queryFn: () => engine().spoke(input, zone, all!),
    enabled: all !== undefined,
  }).data;
}

/** What to cut first of a pattern that was never made. */
export function useFirstCut(input: PatternCase | undefined, all: Cases): readonly FirstCut[] | undefined {
  return useQuery({
    queryKey: ['first cut', input?.pattern.id, nameOf(all)],
    queryFn: () => engine().firstCut(input!, all!),
    enabled: input !== undefined && all !== undefined,
  }).data;
}

/** What all of a person's patterns taught. */
export function useHabits(all: Cases): Habits | undefined {
  return useQuery({ queryKey: ['habits', nameOf(all)], queryFn: () => engine().habits(all!), enabled: all !== undefined }).data;
}

/** A line for each of many patterns. */
export function useSummaries(cases: Cases, plan: PlannedCut): readonly PatternSummary[] | undefined {
  return useQuery({
    queryKey: ['summaries', nameOf(cases), plan],
    queryFn: () => engine().summaries(cases!, plan),
    enabled: cases !== undefined,
    placeholderData: keepPreviousData,
  }).data;
}
