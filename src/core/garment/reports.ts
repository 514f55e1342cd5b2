import { edgesOf } from '../body/fit-class';
import { zoneOf, type ZoneId } from '../body/zones';
import type { Observation } from '../inference/likelihood';
import { firstView, viewOf } from '../make/versions';
import type { Pattern } from '../records';
import { fitClassAt, type PatternCase } from './case';

/** A report counts as the note of an eye that errs by so many times as much. Source: engine.md, section 15. */
const HEARSAY = 2;

/** Reports that name a place and a direction, and so say something of the pattern. */
export function tellingReports({
  reports = [],
}: Pick<Pattern, 'reports'>): readonly (NonNullable<Pattern['reports']>[number] & { readonly zone: ZoneId; readonly direction: -1 | 1 })[] {
  return reports.flatMap((r) => (r.zone === undefined || r.direction === undefined ? [] : [{ ...r, zone: r.zone, direction: r.direction }]));
}

/**
 * What others reported of a pattern at a zone, as weak evidence: a garment cut as drafted was slightly off on another body, of which
 * nothing is known, so that the spread from person to person is added to the doubt (engine.md, section 15).
 *
 * @example reportsAt(input, 'bodyLength') // [{ x: 0, outcome: 1, observer: 2, garment: 4, … }]: "runs long in the body"
 */
export function reportsAt({ pattern, makes }: Pick<PatternCase, 'pattern' | 'makes'>, zone: ZoneId): Observation[] {
  const said = tellingReports(pattern).filter((r) => r.zone === zone);
  if (said.length === 0) return [];
  const view = makes[0] ? viewOf(pattern, makes[0]) : firstView(pattern);
  const edges = edgesOf(zone, fitClassAt(pattern, view, zone));
  const { sigma, spread } = zoneOf(zone);
  return said.map(({ direction, amount }) => {
    const seen = { x: 0, outcome: direction, edges, observer: HEARSAY * sigma, garment: spread.person };
    return amount === undefined ? seen : { ...seen, amount, found: 'about' as const };
  });
}
