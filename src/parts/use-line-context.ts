import { useMemo } from 'react';
import { lineContextOf } from '../core/shorthand/line-context';
import type { LineContext } from '../core/shorthand/sentence';
import { useFabrics, useMakes, usePatterns, usePeople, useSettings } from '../data/queries';
import { today } from '../data/today';

/** What lines are read against: the names of the ledger. */
export function useLineContext(): LineContext {
  const patterns = usePatterns();
  const makes = useMakes();
  const fabrics = useFabrics();
  const people = usePeople();
  const { unit, currency } = useSettings();
  return useMemo(
    () => lineContextOf({ patterns, makes, fabrics, people }, { unit, currency, today: today() }),
    [patterns, makes, fabrics, people, unit, currency],
  );
}
