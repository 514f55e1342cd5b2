import { useMemo } from 'react';
import { lineContextOf } from '../core/shorthand/line-context';
import type { LineContext } from '../core/shorthand/sentence';
import { useSettings } from '../data/queries';
import { today } from '../data/today';
import { useCaseTables } from '../data/engine-tables';

/** What lines are read against: the names of the ledger. */
export function useLineContext(): LineContext {
  const tables = useCaseTables();
  const { unit, currency } = useSettings();
  return useMemo(() => lineContextOf(tables, { unit, currency, today: today() }), [tables, unit, currency]);
}
