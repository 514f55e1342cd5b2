import { zoneOf, type BodyMeasure, type ZoneId } from '../body/zones';
import type { Pattern, SizeChart, SizeLine } from '../records';
import { itemAt } from '../units/item-at';

/** Sizes in their order. */
interface SizeLabels {
  readonly sizes: readonly string[];
}

/**
 * The place of a size line along a chart: 2 is the third size, 2.5 halfway to the fourth. Undefined for a size the chart lacks.
 *
 * @example placeOf({ id: 'c', sizes: ['S', 'M', 'L'], body: {}, finished: [] }, { size: 'S', to: 'M', at: 0.5 }) // 0.5
 */
export function placeOf(chart: SizeLabels, line: SizeLine): number | undefined {
  const from = chart.sizes.indexOf(line.size);
  if (from < 0) return undefined;
  if (line.to === undefined || line.at === undefined) return from;
  const to = chart.sizes.indexOf(line.to);
  return to < 0 ? undefined : from + line.at * (to - from);
}

/**
 * The size line at a place along a chart, to the nearest quarter between two sizes; held within the chart.
 *
 * @example lineAt({ id: 'c', sizes: ['S', 'M', 'L'], body: {}, finished: [] }, 0.5) // { size: 'S', to: 'M', at: 0.5 }
 */
export function lineAt(chart: SizeLabels, place: number): SizeLine {
  const quarters = Math.round(Math.min(chart.sizes.length - 1, Math.max(0, place)) * 4);
  const size = itemAt(chart.sizes, Math.floor(quarters / 4));
  const part = quarters % 4;
  return part === 0 ? { size } : { size, to: itemAt(chart.sizes, Math.floor(quarters / 4) + 1), at: part / 4 };
}

/**
 * A column of a chart read at a place, cm; undefined where the chart is blank.
 *
 * @example readColumn([66, 70, 75], 1.5) // 72.5
 */
export function readColumn(column: readonly (number | null)[] | undefined, place: number): number | undefined {
  const below = column?.[Math.floor(place)];
  const above = column?.[Math.ceil(place)];
  if (below === undefined || below === null || above === undefined || above === null) return undefined;
  return below + (place - Math.floor(place)) * (above - below);
}

/**
 * The place of a chart nearest to another at which a column says anything; undefined where it is blank all over.
 *
 * @example nearestSaid([null, 70, 75], 0) // 1
 */
export function nearestSaid(column: readonly (number | null)[], place: number): number | undefined {
  if (readColumn(column, place) !== undefined) return place;
  let best: number | undefined;
  column.forEach((cm, at) => {
    if (cm !== null && (best === undefined || Math.abs(at - place) < Math.abs(best - place))) best = at;
  });
  return best;
}

/**
 * A chart with other sizes.
 *
 * @param from for each of them the place in the old chart whose measures it takes; where nothing stands there its cells are blank
 * @example resized({ id: 'c', name: '', sizes: ['S', 'M'], body: { bust: [84, 90] }, finished: {}, finishedOf: [] }, ['S', 'M', 'L'], (i) => i).body.bust // [84, 90, null]
 */
export function resized(chart: SizeChart, sizes: readonly string[], from: (at: number) => number): SizeChart {
  const fit = <K extends string>(columns: Partial<Record<K, (number | null)[]>>) =>
    Object.fromEntries(
      Object.entries<(number | null)[] | undefined>(columns).map(([name, column]) => [name, sizes.map((_, at) => column?.[from(at)] ?? null)]),
    );
  return {
    ...chart,
    sizes: [...sizes],
    body: fit(chart.body),
    finished: fit(chart.finished),
    finishedOf: chart.finishedOf.map((of) => ({ ...of, finished: fit(of.finished) })),
  };
}

/** How a chart speaks of a zone: by its own body measure, or graded from bust or hip by a factor. */
export interface ChartReading {
  readonly measure: BodyMeasure;
  /** 1 for the zone's own measure; else the grading factor of engine.md, section 1. */
  readonly factor: number;
  readonly graded: boolean;
  readonly column: readonly (number | null)[];
}

/** The way in which a chart gives a zone, or undefined where it gives none. */
export function chartReading(chart: SizeChart, zone: ZoneId): ChartReading | undefined {
  const { measure, gradedFrom = [] } = zoneOf(zone);
  const own = measure && chart.body[measure];
  if (measure && own?.some((cm) => cm !== null)) return { measure, factor: 1, graded: false, column: own };
  for (const from of gradedFrom) {
    const column = chart.body[from.measure];
    if (column?.some((cm) => cm !== null)) return { measure: from.measure, factor: from.factor, graded: true, column };
  }
  return undefined;
}

/** The chart a make was cut by: the one it names, else the pattern's first. */
export function chartOf(pattern: Pattern, chartId: string | undefined): SizeChart | undefined {
  const named = pattern.charts.length > 1 ? pattern.charts.find((c) => c.id === chartId) : undefined;
  return named ?? pattern.charts[0];
}

/** The size line at a zone: where it differs, else the size cut. */
export function lineOf(make: { size?: SizeLine; sizeLines: readonly { zone: ZoneId; line: SizeLine }[] }, zone: ZoneId): SizeLine | undefined {
  // Most garments are cut in one size.
  const line = make.sizeLines.length > 0 ? make.sizeLines.find((l) => l.zone === zone)?.line : undefined;
  return line ?? make.size;
}

/** The finished measures of a zone: those of the view where the chart gives them, else those of all views. */
export function finishedColumn(chart: SizeChart, zone: ZoneId, viewId: string): readonly (number | null)[] | undefined {
  return chart.finishedOf.find((f) => f.viewId === viewId)?.finished[zone] ?? chart.finished[zone];
}

/**
 * Whether two size lines are the same place.
 *
 * @example sameLine({ size: 'M' }, { size: 'M', to: 'L', at: 0.5 }) // false
 */
export function sameLine(a: SizeLine | undefined, b: SizeLine | undefined): boolean {
  return a?.size === b?.size && a?.to === b?.to && a?.at === b?.at;
}
