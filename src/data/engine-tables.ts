import { useMemo } from 'react';
import type { EngineTables } from '../core/engine/tables';
import type { CaseTables } from '../core/garment/case';
import { useBodies, useFabrics, useMakes, usePatterns, usePeople, useTableToAsk, useWears } from './queries';

/** The tables that fit is reckoned from. */
export function useCaseTables(): CaseTables & Pick<EngineTables, 'people'> {
  const patterns = usePatterns();
  const makes = useMakes();
  const bodies = useBodies();
  const fabrics = useFabrics();
  const people = usePeople();
  return useMemo(() => ({ patterns, makes, bodies, fabrics, people }), [patterns, makes, bodies, fabrics, people]);
}

/** The same with wears: only where it is asked how often a garment is worn, since there are by far the most of them. */
export function useWearTables(): EngineTables {
  const tables = useCaseTables();
  const wears = useWears();
  return useMemo(() => ({ ...tables, wears }), [tables, wears]);
}

/** The tables that fit is reckoned from, as soon as they are there to be asked of, where nothing is to wait for them. */
export function useCaseTablesToAsk(): ReturnType<typeof useCaseTables> | undefined {
  const patterns = useTableToAsk('patterns');
  const makes = useTableToAsk('makes');
  const bodies = useTableToAsk('bodies');
  const fabrics = useTableToAsk('fabrics');
  const people = useTableToAsk('people');
  return useMemo(
    () => (patterns && makes && bodies && fabrics && people ? { patterns, makes, bodies, fabrics, people } : undefined),
    [patterns, makes, bodies, fabrics, people],
  );
}

/** The same with wears. */
export function useWearTablesToAsk(): EngineTables | undefined {
  const tables = useCaseTablesToAsk();
  const wears = useTableToAsk('wears');
  return useMemo(() => tables && wears && { ...tables, wears }, [tables, wears]);
}
