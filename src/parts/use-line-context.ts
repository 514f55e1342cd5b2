import { useMemo } from 'react';
import { sizesAsCut } from '../core/garment/ladder';
import type { Make, Pattern } from '../core/records';
import type { LineContext } from '../core/shorthand/parse-line';
import { addToGroup } from '../core/units/group-by';
import { useFabrics, useMakes, usePatterns, usePeople, useSettings } from '../data/queries';
import { today } from '../data/today';

/** The sizes that a pattern is known to have: its charts', else those of the family it was cut in. */
function sizesSaid(pattern: Pattern, versions: readonly Make[]): string[] {
  const charted = pattern.charts.flatMap((c) => c.sizes);
  if (charted.length > 0) return [...new Set(charted)];
  return [...(sizesAsCut(pattern, versions, {})?.sizes ?? [])];
}

/** What lines are read against: the names of the ledger. */
export function useLineContext(): LineContext {
  const patterns = usePatterns();
  const makes = useMakes();
  const fabrics = useFabrics();
  const people = usePeople();
  const { unit, currency } = useSettings();
  return useMemo(() => {
    const versions = new Map<string, Make[]>();
    for (const make of makes) if (make.sources[0]) addToGroup(versions, make.sources[0].patternId, make);
    return {
      patterns: patterns.map((p) => ({ id: p.id, name: p.name, kind: p.kind, sizes: sizesSaid(p, versions.get(p.id) ?? []) })),
      fabrics: fabrics.map(({ id, name }) => ({ id, name })),
      people: people.map(({ id, name }) => ({ id, name })),
      unit,
      currency,
      today: today(),
    };
  }, [patterns, makes, fabrics, people, unit, currency]);
}
