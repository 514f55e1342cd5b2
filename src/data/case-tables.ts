import { useMemo } from 'react';
import type { CaseTables } from '../core/garment/case';
import { useBodies, useFabrics, useMakes, usePatterns } from './queries';

/** The tables that fit is reckoned from; undefined while they are being read. */
export function useCaseTables(): CaseTables | undefined {
  const patterns = usePatterns();
  const makes = useMakes();
  const bodies = useBodies();
  const fabrics = useFabrics();
  return useMemo(() => patterns && makes && bodies && fabrics && { patterns, makes, bodies, fabrics }, [patterns, makes, bodies, fabrics]);
}
