import type { ZoneId } from '../body/zones';
import type { Fabric } from './fabric';
import type { Make } from './make';
import type { GarmentKind, Pattern, SizeChart, View } from './pattern';
import type { Plan } from './plan';
import type { Collection } from './together';
import { isLower, USUAL_MEASURES, USUAL_ZONES } from './usual-zones';

/** Records with nothing in them but what they cannot be without; everything else is said later, or never. */

export function blankFabric(id: string, name: string, structure: Fabric['structure'] = 'woven'): Fabric {
  return { id, name, structure, seasons: [], tests: [], swatch: { print: 'plain', ground: '#d8cdb8', figure: '#a99a7f', repeat: 2 }, pieces: [] };
}

/**
 * What patterns come in, by its name: what it is, is guessed from the words, to be changed where the guess is wrong.
 *
 * @example blankCollection('c', 'Harbour Quarterly 14').kind // 'magazine issue'
 */
export function blankCollection(id: string, name: string): Collection {
  const kind = /member|club|subscription/i.test(name)
    ? 'membership'
    : /\d+\s*\/\s*\d+|\b(issue|no\.?|spring|summer|autumn|winter|quarterly|monthly)\b/i.test(name)
      ? 'magazine issue'
      : /bundle/i.test(name)
        ? 'bundle'
        : 'book';
  return { id, name, kind };
}

export function blankView(id: string, name: string, zones: readonly ZoneId[]): View {
  return { id, name, zones: [...zones], freeZones: [], zoneClass: {}, seams: {}, fabricTable: [], openings: [], wishes: [] };
}

/** What a chart is called that nobody gave a name. */
export const UNNAMED_CHART = 'body chart';

/** A chart with the measures that a kind usually gives, all of them open. */
export function blankChart(id: string, kind: GarmentKind, sizes: readonly string[]): SizeChart {
  const measures = USUAL_MEASURES[isLower(kind) ? 'lower' : 'upper'];
  const body = Object.fromEntries(measures.map((m) => [m, sizes.map(() => null)]));
  return { id, name: UNNAMED_CHART, sizes: [...sizes], body, finished: {}, finishedOf: [] };
}

/** A woven asks for no give; what a knit asks for stands on its envelope. */
export function blankPattern(id: string, viewId: string, name: string, kind: GarmentKind, structure: Fabric['structure'] = 'woven'): Pattern {
  return {
    id,
    name,
    kind,
    fitClass: 'semi',
    wants: { structure, ...(structure === 'woven' ? { stretch: 0 } : {}) },
    errata: [],
    paper: [],
    views: [blankView(viewId, 'as drafted', USUAL_ZONES[kind])],
    charts: [],
    decided: [],
    state: 'kept',
  };
}

/** A garment finished on a day. Without a pattern it needs a name. */
export function blankMake(id: string, personId: string, version: number, day: string): Make {
  return {
    id,
    personId,
    sources: [],
    version,
    kind: 'garment',
    quantity: 1,
    lacking: [],
    state: 'finished',
    cutOn: day,
    finishedOn: day,
    sizeLines: [],
    measured: [],
    alterations: [],
    fabrics: [],
    times: [],
    notions: [],
    notes: [],
    mends: [],
    looseEnds: [],
    fitNotes: [],
    verdicts: [],
  };
}

/** A plan of cutting a pattern as drafted, on no list. */
export function blankPlan(id: string, personId: string, patternId: string, viewId: string, day: string): Plan {
  return {
    id,
    personId,
    patternId,
    viewId,
    kind: 'garment',
    lacking: [],
    sizeLines: [],
    alterations: [],
    fabrics: [],
    checks: {},
    place: 0,
    state: 'open',
    added: day,
  };
}
