import { useMemo } from 'react';
import type { EngineTables } from '../core/engine/tables';
import type { CaseTables } from '../core/garment/case';
import { useBodies, useFabrics, useMakes, usePatterns, usePeople, useWears } from './queries';

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
