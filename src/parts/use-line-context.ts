import { useMemo } from 'react';
import type { LineContext } from '../core/shorthand/parse-line';
import { useFabrics, usePatterns, usePeople, useSettings } from '../data/queries';
import { today } from '../data/today';

/** What lines are read against: the names of the ledger. */
export function useLineContext(): LineContext {
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const people = usePeople();
  const { unit, currency } = useSettings();
  return useMemo(
    () => ({
      patterns: patterns.map((p) => ({ id: p.id, name: p.name, kind: p.kind, sizes: [...new Set(p.charts.flatMap((c) => c.sizes))] })),
      fabrics: fabrics.map(({ id, name }) => ({ id, name })),
      people: people.map(({ id, name }) => ({ id, name })),
      unit,
      currency,
      today: today(),
    }),
    [patterns, fabrics, people, unit, currency],
  );
}
