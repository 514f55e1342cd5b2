import { useMemo } from 'react';
import type { CaseTables } from '../core/garment/case';
import { useBodies, useCloths, useMakes, usePatterns } from './queries';

/** The tables that fit is reckoned from; undefined while they are being read. */
export function useCaseTables(): CaseTables | undefined {
  const patterns = usePatterns();
  const makes = useMakes();
  const bodies = useBodies();
  const cloths = useCloths();
  return useMemo(() => patterns && makes && bodies && cloths && { patterns, makes, bodies, cloths }, [patterns, makes, bodies, cloths]);
}
