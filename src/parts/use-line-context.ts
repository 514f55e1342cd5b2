import { useMemo } from 'react';
import type { LineContext } from '../core/shorthand/parse-line';
import { useFabrics, useMakes, usePatterns, usePeople, useSettings } from '../data/queries';
import { sizesAsCut } from '../core/garment/ladder';
import type { Make, Pattern } from '../core/records';
import { today } from '../data/today';

/** The sizes that a pattern is known to have: its charts', else those of the family it was cut in. */
function sizesSaid(pattern: Pattern, makes: readonly Make[]): string[] {
  const charted = pattern.charts.flatMap((c) => c.sizes);
  if (charted.length > 0) return [...new Set(charted)];
  return [
    ...(sizesAsCut(
      pattern,
      makes.filter((m) => m.sources[0]?.patternId === pattern.id),
      {},
    )?.sizes ?? []),
  ];
}

/** What lines are read against: the names of the ledger. */
export function useLineContext(): LineContext {
  const patterns = usePatterns();
  const makes = useMakes();
  const fabrics = useFabrics();
  const people = usePeople();
  const { unit, currency } = useSettings();
  return useMemo(
    () => ({
      patterns: patterns.map((p) => ({ id: p.id, name: p.name, kind: p.kind, sizes: sizesSaid(p, makes) })),
      fabrics: fabrics.map(({ id, name }) => ({ id, name })),
      people: people.map(({ id, name }) => ({ id, name })),
      unit,
      currency,
      today: today(),
    }),
    [patterns, makes, fabrics, people, unit, currency],
  );
}
