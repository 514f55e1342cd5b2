import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { PatternCase } from '../core/fit/case';
import type { CarryForward } from '../core/fit/carry-forward';
import type { PlannedCut } from '../core/fit/next-cut';
import type { PatternSummary } from '../core/fit/summary';
import { engine } from './engine';

/** What to cut next, worked out in the worker; null where nothing was cut yet, undefined while it is worked out. */
export function useCarryForward(input: PatternCase | undefined, plan: PlannedCut): CarryForward | null | undefined {
  return useQuery({
    // The whole case is the key: whatever changes in it asks for a new answer, and nothing else does.
    queryKey: ['reckoning', input?.pattern, input?.makes, input?.bodies, plan, input?.cloths],
    queryFn: async () => (await engine().carryForward(input!, plan)) ?? null,
    enabled: input !== undefined,
    placeholderData: keepPreviousData,
  }).data;
}

/** A line for each of many patterns. */
export function useSummaries(cases: readonly PatternCase[] | undefined, plan: PlannedCut): readonly PatternSummary[] | undefined {
  return useQuery({
    queryKey: ['summaries', cases?.map((c) => [c.pattern, c.makes]), plan],
    queryFn: () => engine().summaries([...cases!], plan),
    enabled: cases !== undefined,
    placeholderData: keepPreviousData,
  }).data;
}
