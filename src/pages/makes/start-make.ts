import { viewOf } from '../../core/fit/case';
import type { Alteration, Make, Pattern } from '../../core/records';
import { newId } from '../../data/new-id';

/** Where a new make starts from. */
export type Start = 'last' | 'carry' | 'drafted';

/** A new make with nothing in it but whose it is and by which pattern. */
function blank(pattern: Pattern, personId: string, version: number, day: string): Make {
  const chart = pattern.charts[0];
  const middle = chart?.sizes[Math.floor(chart.sizes.length / 2)];
  return {
    id: newId(),
    personId,
    sources: [{ patternId: pattern.id, viewId: pattern.views[0]!.id }],
    version,
    kind: 'garment',
    lacking: [],
    state: 'finished',
    cutOn: day,
    finishedOn: day,
    ...(middle ? { size: { size: middle } } : {}),
    sizeLines: [],
    measured: [],
    alterations: [],
    cloths: [],
    notes: [],
    looseEnds: [],
    fitNotes: [],
    verdicts: [],
  };
}

/** Alterations as they come with the paper into the next make: whatever was done on the body before is on the paper now. */
function carriedOn(alterations: readonly Alteration[]): Alteration[] {
  return alterations.map(({ afterWears: _, stage: __, date: ___, ...a }) => ({ ...a, id: newId(), when: 'paper' }));
}

/**
 * A new version of a pattern.
 *
 * @param previous the make to start from: the last version, or the next cut that the engine proposes
 */
export function startMake(pattern: Pattern, personId: string, makes: readonly Make[], day: string, previous: Make | undefined): Make {
  const version = Math.max(0, ...makes.map((m) => m.version)) + 1;
  const start = blank(pattern, personId, version, day);
  if (!previous) return start;
  const view = viewOf(pattern, previous);
  return {
    ...start,
    sources: [{ patternId: pattern.id, viewId: view.id }],
    ...(previous.chartId ? { chartId: previous.chartId } : {}),
    ...(previous.size ? { size: previous.size } : {}),
    sizeLines: previous.sizeLines,
    alterations: carriedOn(previous.alterations),
  };
}
