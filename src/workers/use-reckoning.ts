import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { Reckoned } from '../core/decide/reckoning';
import type { CaseTables } from '../core/garment/case';
import type { Account } from '../core/engine/session';
import type { Habits } from '../core/forecast/habits';
import type { PlannedCut } from '../core/forecast/next-cut';
import type { FirstCut, Speaker } from '../core/forecast/recollection';
import type { GrownFit } from '../core/forecast/room-to-grow';
import type { Sizes } from '../core/forecast/sizes';
import type { PatternSummary } from '../core/forecast/summary';
import type { PlannedZone } from '../core/forecast/planned-chance';
import type { Make, Person } from '../core/records';
import type { ZoneId } from '../core/body/zones';
import { engine } from './engine';

const names = new WeakMap<object, number>();
let given = 0;

/**
 * A name that stands for a table's content: a table is read anew when it changes and at no other time, and writing it out as a key would
 * cost more than the reckoning.
 */
function nameOf(table: object): number {
  const name = names.get(table) ?? ++given;
  names.set(table, name);
  return name;
}

type Tables = CaseTables | undefined;
const keyOf = (tables: Tables) => tables && Object.values(tables).map((t: object) => nameOf(t));

/** What to cut next, worked out in the worker; null where nothing was cut yet, undefined while it is worked out. */
export function useAccount(
  personId: string | undefined,
  patternId: string | undefined,
  plan: PlannedCut,
  tables: Tables,
): Account | null | undefined {
  return useQuery({
    queryKey: ['account', personId, patternId, keyOf(tables), plan],
    queryFn: async () => (await engine(tables!).account(personId!, patternId!, plan)) ?? null,
    enabled: personId !== undefined && patternId !== undefined && tables !== undefined,
    placeholderData: keepPreviousData,
  }).data;
}

/** Which other patterns moved the best cut at a zone; asked where its reasons are open. */
export function useSpeakers(personId: string, patternId: string, zone: ZoneId, tables: Tables): readonly Speaker[] | undefined {
  return useQuery({
    queryKey: ['spoke', personId, patternId, zone, keyOf(tables)],
    queryFn: () => engine(tables!).spoke(personId, patternId, zone),
    enabled: tables !== undefined,
  }).data;
}

/** What to cut first of a pattern that was never made. */
export function useFirstCut(personId: string, patternId: string, tables: Tables): readonly FirstCut[] | undefined {
  return useQuery({
    queryKey: ['first cut', personId, patternId, keyOf(tables)],
    queryFn: () => engine(tables!).firstCut(personId, patternId),
    enabled: tables !== undefined,
  }).data;
}

/** The size of a pattern by the three sizing methods; null where it has no chart. */
export function useSizes(personId: string, patternId: string, plan: PlannedCut, by: Person['sizedBy'], tables: Tables): Sizes | null | undefined {
  return useQuery({
    queryKey: ['sizes', personId, patternId, keyOf(tables), plan, by],
    queryFn: async () => (await engine(tables!).sizes(personId, patternId, plan, by)) ?? null,
    enabled: tables !== undefined,
    placeholderData: keepPreviousData,
  }).data;
}

/** Whether to sew each pattern again, for a person. */
export function useSewAgain(person: Pick<Person, 'id' | 'wanted'> | undefined, plan: PlannedCut, tables: Tables): readonly Reckoned[] | undefined {
  return useQuery({
    queryKey: ['reckoning', person?.id, person?.wanted, keyOf(tables), plan],
    queryFn: () => engine(tables!).reckoning(person!.id, plan, person!.wanted),
    enabled: person !== undefined && tables !== undefined,
    placeholderData: keepPreviousData,
  }).data;
}

/** The chances of a cut as it is planned; the ones before stand until the new are there. */
export function usePlanned(make: Make, plan: PlannedCut, tables: Tables): readonly PlannedZone[] | undefined {
  return useQuery({
    queryKey: ['planned', make, keyOf(tables), plan],
    queryFn: () => engine(tables!).planned(make, plan),
    enabled: tables !== undefined,
    placeholderData: keepPreviousData,
  }).data;
}

/** A planned cut on a child's body now and as it grows; null where its growth cannot be told. */
export function useGrowing(make: Make, plan: PlannedCut, tables: Tables): readonly GrownFit[] | null | undefined {
  return useQuery({
    queryKey: ['growing', make, keyOf(tables), plan],
    queryFn: async () => (await engine(tables!).growing(make, plan)) ?? null,
    enabled: tables !== undefined,
    placeholderData: keepPreviousData,
  }).data;
}

/** What all of a person's patterns taught. */
export function useHabits(personId: string | undefined, tables: Tables): Habits | undefined {
  return useQuery({
    queryKey: ['habits', personId, keyOf(tables)],
    queryFn: () => engine(tables!).habits(personId!),
    enabled: personId !== undefined && tables !== undefined,
  }).data;
}

/** A line for each pattern. */
export function useSummaries(personId: string | undefined, plan: PlannedCut, tables: Tables): readonly PatternSummary[] | undefined {
  return useQuery({
    queryKey: ['summaries', personId, keyOf(tables), plan],
    queryFn: () => engine(tables!).summaries(personId!, plan),
    enabled: personId !== undefined && tables !== undefined,
    placeholderData: keepPreviousData,
  }).data;
}
