import { useMemo } from 'react';
import { lineContextOf } from '../core/shorthand/line-context';
import type { LineContext } from '../core/shorthand/sentence';
import { useSets, useSettings } from '../data/queries';
import { today } from '../data/today';
import { useCaseTables } from '../data/engine-tables';

/** What lines are read against: the names of the ledger. */
export function useLineContext(): LineContext {
  const tables = useCaseTables();
  const { unit, currency } = useSettings();
  const sets = useSets();
  return useMemo(() => lineContextOf({ ...tables, sets }, { unit, currency, today: today() }), [tables, sets, unit, currency]);
}
