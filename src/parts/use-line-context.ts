import { useCallback, useMemo } from 'react';
import type { LineTables } from '../core/shorthand/draft-from-line';
import { lineContextOf } from '../core/shorthand/line-context';
import { readOther, type AskedAct, type OtherAct } from '../core/shorthand/acts/read-other';
import type { LineContext } from '../core/shorthand/sentence';
import { newId } from '../data/new-id';
import { usePerson, usePlans, useSets, useSettings } from '../data/queries';
import { today } from '../data/today';
import { useCaseTables } from '../data/engine-tables';

/** The tables that lines speak of. */
export function useLineTables(): LineTables {
  const tables = useCaseTables();
  const sets = useSets();
  const plans = usePlans();
  return useMemo(() => ({ ...tables, sets, plans }), [tables, sets, plans]);
}

/** What lines are read against: the names of the ledger. */
export function useLineContext(): LineContext {
  const tables = useLineTables();
  const { unit, currency, hemisphere } = useSettings();
  return useMemo(() => lineContextOf(tables, { unit, currency, hemisphere, today: today() }), [tables, unit, currency, hemisphere]);
}

/** Reads what a line tells that is no make, or which garments it may tell of; undefined where it is one. */
export function useReadOther(context: LineContext): (text: string) => OtherAct | AskedAct | undefined {
  const tables = useLineTables();
  const spoken = usePerson();
  return useCallback((text) => readOther(text, tables, { context, spoken, newId }), [context, tables, spoken]);
}
