import { CLASS_EASE, edgesOf, type FitClass } from '../body/fit-class';
import { memoize } from '../units/memoize';
import { zoneOf, type Zone, type ZoneId } from '../body/zones';
import type { ViewAsMade } from '../make/view-as-made';
import type { Make, Pattern, SizeChart } from '../records';
import { fitClassAt } from './case';
import { familyOf } from './ladder';
import { usualStep } from './usual-steps';
import { chartOf, chartReading, finishedColumn, lineOf, placeOf, readColumn, type ChartReading } from './chart';

/** What a pattern intends at a zone: the same for every make of one view by one chart. */
export interface DraftedZone {
  readonly id: ZoneId;
  readonly zone: Zone;
  readonly fitClass: FitClass;
  readonly edges: ReturnType<typeof edgesOf>;
  /** How the chart speaks of it, where there is one that does. */
  readonly reading: ChartReading | undefined;
  /** Its finished measures by size, and the body's they are meant for, cm. */
  readonly finished: readonly (number | null)[] | undefined;
  readonly body: readonly (number | null)[] | undefined;
  /** The usual step between its sizes, cm, where the chart does not give every one of them; else 0. */
  readonly step: number;
}

/**
 * The ease intended at a zone, cm: finished measure − chart body, else by class; none in a closed band.
 *
 * @param place along the chart of the size cut, where it is known
 */
export function easeAt({ zone, fitClass, finished, body }: DraftedZone, place: number | undefined): number {
  if (place !== undefined && finished && body) {
    const [ofGarment, ofBody] = [readColumn(finished, place), readColumn(body, place)];
    if (ofGarment !== undefined && ofBody !== undefined) return ofGarment - ofBody;
  }
  return zone.band ? 0 : CLASS_EASE[fitClass];
}

/** A view of a pattern by one of its charts, as it was drafted. */
export class Draft {
  readonly pattern: Pattern;
  readonly view: ViewAsMade;
  readonly chart: SizeChart | undefined;
  /** Every note asks, thousands of the same zone of the same pattern. */
  readonly #zones = new Map<ZoneId, DraftedZone>();

  constructor(pattern: Pattern, view: ViewAsMade, chart: SizeChart | undefined) {
    this.pattern = pattern;
    this.view = view;
    this.chart = chart;
  }

  /** What it intends at a zone. */
  at(id: ZoneId): DraftedZone {
    const known = this.#zones.get(id);
    if (known) return known;
    const { pattern, view, chart } = this;
    const zone = zoneOf(id);
    const fitClass = fitClassAt(pattern, view, id);
    const reading = chart && chartReading(chart, id);
    const finished = chart && finishedColumn(chart, id, view.zoneFrom?.[id] ?? view.id);
    const said = reading?.column ?? (zone.kind === 'girth' ? finished : undefined);
    const drafted = {
      id,
      zone,
      fitClass,
      edges: edgesOf(id, fitClass),
      reading,
      finished,
      body: zone.measure && chart?.body[zone.measure],
      step: chart && !said?.every((cm) => cm !== null) ? usualStep(id, familyOf(chart.sizes)) : 0,
    };
    this.#zones.set(id, drafted);
    return drafted;
  }

  /** The ease intended at a zone in the size that a make of it was cut in, cm. */
  easeOf(make: Make, id: ZoneId): number {
    const line = lineOf(make, id);
    return easeAt(this.at(id), this.chart && line && placeOf(this.chart, line));
  }
}

const draftsOf = memoize((_: Pattern): Draft[] => []);

/** A view of a pattern by a chart, or by none. */
export function draftOf(pattern: Pattern, view: ViewAsMade, chart: SizeChart | undefined): Draft {
  const drafts = draftsOf(pattern);
  for (const draft of drafts) if (draft.view === view && draft.chart === chart) return draft;
  const draft = new Draft(pattern, view, chart);
  drafts.push(draft);
  return draft;
}

/** The ease that a pattern intends at a zone in the size a make was cut in, cm. */
export function easeOf(pattern: Pattern, view: ViewAsMade, make: Make, zone: ZoneId): number {
  return draftOf(pattern, view, chartOf(pattern, make.chartId)).easeOf(make, zone);
}
