import { designerKey } from '../make/designer';
import { isLower } from '../records/usual-zones';
import type { Pattern, SizeChart } from '../records';
import { isLabelsAlone } from './ladder';

/** A chart that another pattern has and this one may go by. */
export interface ChartElsewhere {
  readonly chart: SizeChart;
  readonly pattern: Pick<Pattern, 'id' | 'name'>;
}

/**
 * Charts of the designer's other patterns for the same half of the body, each once: designers mostly draft all of theirs by one.
 *
 * @param pattern that has none
 * @param patterns of the ledger
 */
export function chartsElsewhere(pattern: Pattern, patterns: readonly Pattern[]): ChartElsewhere[] {
  const designer = designerKey(pattern);
  if (designer === undefined) return [];
  const found = new Map<string, ChartElsewhere>();
  for (const other of patterns) {
    if (other.id === pattern.id || designerKey(other) !== designer || isLower(other.kind) !== isLower(pattern.kind)) continue;
    for (const chart of other.charts) {
      const said = JSON.stringify([chart.sizes, chart.body]);
      if (!isLabelsAlone(chart) && !found.has(said)) found.set(said, { chart, pattern: { id: other.id, name: other.name } });
    }
  }
  return [...found.values()];
}

/**
 * A chart taken over from another pattern, marked as such by its name: its body measures only, for what is finished is the other's own.
 *
 * @param id of the new chart
 */
export function takenOver({ chart, pattern }: ChartElsewhere, id: string): SizeChart {
  return { id, name: `as in ${pattern.name}`, sizes: [...chart.sizes], body: { ...chart.body }, finished: {}, finishedOf: [] };
}
