import type { Pattern } from '../records';
import { withId } from '../units/by-id';
import { memoize } from '../units/memoize';
import { viewNamed } from './versions';

const whole = memoize((_: Pattern): { main?: Pattern; joined?: Pattern } => ({}));

/**
 * A pattern as it is cut: a combination has the sizes, the seam allowance and the fabric table of the pattern that it joins first, unless it has its own.
 *
 * @returns the very pattern where it joins none, and else the same object for the same two
 */
export function asCut(pattern: Pattern, patterns: readonly Pattern[]): Pattern {
  const main = withId(patterns, pattern.joins?.[0]?.patternId);
  if (!main) return pattern;
  const known = whole(pattern);
  if (known.main === main && known.joined) return known.joined;
  const { charts, allowance = main.allowance, draftedHeight = main.draftedHeight } = pattern;
  const { fabricTable } = viewNamed(main, pattern.joins?.[0]?.viewId);
  const joined: Pattern = {
    ...pattern,
    views: pattern.views.map((v) => (v.fabricTable.length > 0 ? v : { ...v, fabricTable })),
    charts: charts.length > 0 ? charts : main.charts,
    ...(allowance === undefined ? {} : { allowance }),
    ...(draftedHeight === undefined ? {} : { draftedHeight }),
  };
  known.main = main;
  known.joined = joined;
  return joined;
}
