import { useMemo } from 'react';
import { inHand, type InHand } from '../core/schedule/in-hand';
import { paceOf, UNTIMED, type Pace } from '../core/schedule/pace';
import { sittingsFrom, type Sitting } from '../core/schedule/sittings';
import { underWay, type OnTheBench } from '../core/schedule/under-way';
import { DAYS_AHEAD } from '../core/schedule/look-ahead';
import { useFabrics, useLists, useMakes, usePatterns, usePlans, useTimes } from '../data/queries';
import { quarterNow, today } from '../data/today';

/** The tables that the bench is listed from. */
function useBenchTables() {
  const patterns = usePatterns();
  const makes = useMakes();
  const fabrics = useFabrics();
  const plans = usePlans();
  const lists = useLists();
  return useMemo(() => ({ patterns, makes, fabrics, plans, lists }), [patterns, makes, fabrics, plans, lists]);
}

/** Everything under way and planned, in its order, with the pace that the noted times tell. */
export function useBench(): { readonly bench: readonly OnTheBench[]; readonly pace: Pace } {
  const tables = useBenchTables();
  return useMemo(() => {
    const pace = paceOf(tables);
    return { bench: underWay(tables, pace), pace };
  }, [tables]);
}

/** What the day book names of the same list: no time is asked there, so pace is not worked out for it. */
export function useInHand(): InHand {
  const tables = useBenchTables();
  const day = today();
  return useMemo(() => inHand(underWay(tables, UNTIMED), day), [tables, day]);
}

/** When there is time from today on. */
export function useSittings(): readonly Sitting[] {
  const times = useTimes();
  const day = today();
  const now = quarterNow();
  return useMemo(() => sittingsFrom(times, day, DAYS_AHEAD, now), [times, day, now]);
}
