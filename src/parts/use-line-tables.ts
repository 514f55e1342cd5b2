import { useMemo } from 'react';
import type { LineTables } from '../core/shorthand/draft-from-line';
import { useBodies, useFabrics, useMakes, usePatterns, usePeople } from '../data/queries';

/** The tables of the ledger that lines speak of. */
export function useLineTables(): LineTables {
  const patterns = usePatterns();
  const makes = useMakes();
  const bodies = useBodies();
  const fabrics = useFabrics();
  const people = usePeople();
  return useMemo(() => ({ patterns, makes, bodies, fabrics, people }), [patterns, makes, bodies, fabrics, people]);
}
