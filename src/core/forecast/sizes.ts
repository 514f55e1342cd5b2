import { classGroup, type ClassGroup, CLASS_EASE, edgesOf } from '../body/fit-class';
import { viewOf } from '../make/versions';
import { bodyOn, measuresOn, type BodyValue } from '../body/measures';
import { addToGroup } from '../units/group-by';
import { memoize } from '../units/memoize';
import { firstOf, itemAt, lastOf } from '../units/item-at';
import { zoneOf, type BodyMeasure, type ZoneId } from '../body/zones';
import type { BoughtGarment, Make, MeasurementSet, Pattern, Person, SizeChart, View } from '../records';
import { blankMake } from '../records/blank';
import { isLower } from '../records/usual-zones';
import { beliefAt } from './belief';
import { blendOf, LEAST_CHANCE, type BlendZone } from './blend';
import { fitClassAt, type PatternCase } from '../garment/case';
import { isLabelsAlone, sizesAsCut } from '../garment/ladder';
import { chartOf, finishedColumn, readColumn } from '../garment/chart';
import { heightTerm, type HeightTerm } from '../garment/by-height';
import { draftOf } from '../garment/draft';
import { lastEvidence } from '../garment/evidence';
import { caseForPlan, plannedUse, type PlannedCut } from './next-cut';
import { doubtOfGarment, Garment, isOfBody } from '../garment/offset';
import { chanceOfCut } from '../inference/unknown-step';
import type { Recollection } from './recollection';

/** More steps between neighbours are hard to true. Source: engine.md, section 6. */
const MOST_STEPS = 2;
/** A love of so much or more is a garment whose ease is wanted again. */
export const LOVED = 4;
/** Bust less high bust in the cup a pattern is drafted for, cm: an inch a cup. Source: fitting practice. */
const CUP = 2.5;

/** The line along which a blend runs: from the wrist over the shoulder and down to the hem. */
const DOWN_THE_BODY: readonly ZoneId[] = [
  'wrist',
  'sleeve',
  'upperArm',
  'armhole',
  'head',
  'neckline',
  'neckWidth',
  'neckDepth',
  'shoulder',
  'strapSpacing',
  'strap',
  'acrossFront',
  'acrossBack',
  'bust',
  'bustPoint',
  'underbust',
  'frontBodice',
  'bodice',
  'waist',
  'waistband',
  'torso',
  'bodyLength',
  'hip',
  'rise',
  'crotch',
  'opening',
  'pocket',
  'thigh',
  'kneePoint',
  'knee',
  'calf',
  'leg',
  'legHem',
  'skirt',
  'hemSweep',
];

export interface SizeRequest {
  /** The pattern; its makes may be none. */
  readonly input: PatternCase;
  readonly view: View;
  readonly plan: PlannedCut;
  /** What the person's other patterns say. */
  readonly memory?: Recollection | undefined;
  /** The person's patterns, for garments that are loved. */
  readonly all?: readonly PatternCase[] | undefined;
  /** How the person sizes a top. */
  readonly by?: Person['sizedBy'];
  /** What the person bought: loved ones that were measured say what ease is liked. */
  readonly bought?: Person['bought'];
}

/** By the chart: the size drafted for the nearest measure. */
export interface ChartSchool {
  readonly size: string;
  readonly measure: BodyMeasure;
  readonly body: number;
  /** Where nobody measured the body as it is taken to be by now: what it was, and when. */
  readonly carriedOn?: BodyValue;
  readonly chart: number;
  /** The body lies beyond the chart: the nearest size, which is so much smaller (minus) or larger than the body, cm. */
  readonly offChart?: number;
}

/** By finished measures: the size with the ease that is wanted. */
export interface FinishedSchool {
  readonly size: string;
  /** Ease at the deciding zone in that size, and the ease wanted, cm. */
  readonly ease: number;
  readonly wanted: number;
  readonly at: ZoneId;
  readonly wantedFrom: 'a loved garment' | 'the intended ease';
}

/** By experience: the size most likely to be right all over. */
export interface ExperienceSchool {
  readonly size: string;
  /** The chance that every zone which the size changes is right. */
  readonly chance: number;
}

export interface Sizes {
  readonly chart: SizeChart;
  /** Nobody typed a chart: its sizes are the labels named so far, completed by their family. */
  readonly labelsAlone: boolean;
  /** Why this chart and not another of the pattern's. */
  readonly otherCharts: readonly string[];
  /** Each sizing method, where it can speak: chart without body measures, finished without finished ones, experience where nobody hasEvidence. */
  readonly byChart?: ChartSchool;
  readonly byFinished?: FinishedSchool;
  readonly byExperience?: ExperienceSchool;
  /** A size for each zone that the chart speaks of, down the body. */
  readonly blend: readonly BlendZone[];
  /** Neighbours of the blend that lie more than two sizes apart. */
  readonly wideSteps: readonly (readonly [ZoneId, ZoneId])[];
  /** Full bust adjustment per side, cm, where the top is sized by high bust. */
  readonly fullBust?: number;
  /** Waists that elastic or a cord draws in, with what must pass them: how far they fall short, cm; 0 or less passes. */
  readonly mustPass: readonly { readonly zone: ZoneId; readonly over: 'hip'; readonly short: number }[];
  /** Lengths that another height than the pattern is drafted for makes too short or too long, as drafted. */
  readonly byHeight: readonly (HeightTerm & { readonly zone: ZoneId })[];
  /** Measures that decide and that the body lacks. */
  readonly lacking: readonly BodyMeasure[];
}

/**
 * Zones that matter for the size: those of the view that do not hang free and whose opening is not drawn in. Girths and widths, where
 * there are any: a seam is blended from size to size across, while a length is altered along.
 */
function zonesThatMatter(view: View): ZoneId[] {
  const drawn = view.openings.filter((o) => o.closes === 'elastic' || o.closes === 'drawstring').map((o) => o.zone);
  const free = new Set<ZoneId>([...view.freeZones, ...drawn, ...(drawn.includes('waistband') ? (['waist'] as const) : [])]);
  const zones = DOWN_THE_BODY.filter((z) => view.zones.includes(z) && !free.has(z));
  const across = zones.filter((z) => zoneOf(z).kind === 'girth' || zoneOf(z).kind === 'width');
  return across.length > 0 ? across : zones;
}

/** The measure by which a chart is read first. Source: engine.md, section 6. */
function decidingMeasure({ input, view, by }: SizeRequest): BodyMeasure {
  const { kind } = input.pattern;
  if (kind === 'skirt') return view.freeZones.includes('hip') || !view.zones.includes('hip') ? 'waist' : 'hip';
  if (isLower(kind)) return 'hip';
  return by === 'high bust' ? 'highBust' : 'bust';
}

/** The column of the deciding measure. A chart without high bust gives it as bust less the cup it is drafted for; B where nobody says. */
function decidingColumn(chart: SizeChart, measure: BodyMeasure, cup: string | undefined): readonly (number | null)[] | undefined {
  const own = chart.body[measure];
  if (own?.some((cm) => cm !== null)) return own;
  if (measure !== 'highBust') return undefined;
  const letter = /[a-g]/i.exec(cup ?? 'B')?.[0].toUpperCase() ?? 'B';
  const less = (letter.charCodeAt(0) - 64) * CUP;
  return chart.body.bust?.map((cm) => (cm === null ? null : cm - less));
}

/**
 * The size for a pattern, by the three sizing methods side by side, with a blend down the body (engine.md, section 6).
 *
 * @returns undefined where the pattern has no chart, and no size of it was ever named
 */
export function sizesFor(request: SizeRequest): Sizes | undefined {
  const { pattern, makes } = request.input;
  const charts =
    pattern.charts.length > 0
      ? pattern.charts.map((c) => sizesAsCut(pattern, makes, { chartId: c.id }) ?? c)
      : [sizesAsCut(pattern, makes, {})].flatMap((c) => c ?? []);
  if (charts.length === 0) return undefined;
  const input = caseForPlan(request.input, request.plan);
  const measured = measuresOn(input.bodies, request.plan.date);
  const zones = zonesThatMatter(request.view);
  const deciding = decidingMeasure(request);

  const ranked = charts
    .map((chart) => ({ chart, byChart: byChartOf(chart, measured, zones, deciding, pattern.draftedCup), misfit: misfitOf(chart, measured, zones) }))
    .sort((a, b) => Math.abs(a.byChart?.offChart ?? 0) - Math.abs(b.byChart?.offChart ?? 0) || a.misfit - b.misfit);
  const { chart, byChart } = firstOf(ranked);

  const chances = chancesOf(request, input, chart, zones);
  const byFinished = byFinishedOf(request, input, chart, measured, zones);
  const hasEvidence = [...chances.values()].some((c) => c.hasEvidence);
  const blend = blendOf(new Map([...chances].map(([zone, c]) => [zone, c.ofSize])), chart.sizes);
  const place = (z: BlendZone) => chart.sizes.indexOf(z.size);
  const carriedOn = bodyOn(input.bodies, deciding, request.plan.date);
  const bustOfSize = byChart && readColumn(chart.body.bust, chart.sizes.indexOf(byChart.size));
  return {
    chart,
    labelsAlone: isLabelsAlone(chart),
    otherCharts: ranked.slice(1).map((r) => r.chart.name),
    ...(byChart ? { byChart: carriedOn?.how === 'carried on' ? { ...byChart, carriedOn } : byChart } : {}),
    ...(byFinished ? { byFinished } : {}),
    ...(hasEvidence ? { byExperience: byExperienceOf(chances, chart) } : {}),
    blend,
    wideSteps: blend.flatMap((z, i) => {
      const next = blend[i + 1];
      return next && Math.abs(place(next) - place(z)) > MOST_STEPS ? [[z.zone, next.zone] as const] : [];
    }),
    ...(deciding === 'highBust' && measured.bust !== undefined && bustOfSize !== undefined ? { fullBust: (measured.bust - bustOfSize) / 2 } : {}),
    byHeight: heightsOf(request, chart, measured.height),
    mustPass: mustPassOf(request.view, chart, measured, byChart?.size),
    lacking: [deciding, ...zones.flatMap((z) => zoneOf(z).measure ?? [])].filter((m, i, list) => measured[m] === undefined && list.indexOf(m) === i),
  };
}

/** What another height than the pattern is drafted for does to the lengths of a view. */
function heightsOf({ input, view }: SizeRequest, chart: SizeChart, height: number | undefined): Sizes['byHeight'] {
  const draft = draftOf(input.pattern, view, chart);
  return view.zones.flatMap((zone) => {
    const term = heightTerm(draft, zone, height);
    return term ? [{ ...term, zone }] : [];
  });
}

/** Sum over the zones that matter of how far a size lies from the body, cm. */
function excess(chart: SizeChart, place: number, measured: MeasurementSet['measures'], zones: readonly ZoneId[]): number {
  return zones.reduce((sum, zone) => {
    const { measure } = zoneOf(zone);
    const [cm, body] = [measure && readColumn(chart.body[measure], place), measure && measured[measure]];
    return cm === undefined || body === undefined ? sum : sum + Math.abs(cm - body);
  }, 0);
}

/** How far the best size of a chart lies from the body over the zones that matter, cm: of a cup or an extended range the nearer is taken. */
function misfitOf(chart: SizeChart, measured: MeasurementSet['measures'], zones: readonly ZoneId[]): number {
  return Math.min(...chart.sizes.map((_, place) => excess(chart, place, measured, zones)));
}

function byChartOf(
  chart: SizeChart,
  measured: MeasurementSet['measures'],
  zones: readonly ZoneId[],
  deciding: BodyMeasure,
  cup: string | undefined,
): ChartSchool | undefined {
  const column = decidingColumn(chart, deciding, cup);
  const body = measured[deciding];
  if (!column || body === undefined) return undefined;
  const sizes = column.flatMap((cm, place) => (cm === null ? [] : [{ place, cm, off: Math.abs(cm - body) }]));
  // The nearest; of two as near, the one that lies closer at all the other zones that matter.
  sizes.sort((a, b) => a.off - b.off || excess(chart, a.place, measured, zones) - excess(chart, b.place, measured, zones) || a.place - b.place);
  const nearest = sizes[0];
  if (!nearest) return undefined;
  const amounts = sizes.map((s) => s.cm).sort((a, b) => a - b);
  const [first, last] = [firstOf(amounts), lastOf(amounts)];
  const step = amounts.length > 1 ? (last - first) / (amounts.length - 1) : 4;
  const beyond = body < first - step / 2 ? first - body : body > last + step / 2 ? last - body : undefined;
  return {
    size: itemAt(chart.sizes, nearest.place),
    measure: deciding,
    body,
    chart: nearest.cm,
    ...(beyond === undefined ? {} : { offChart: beyond }),
  };
}

/** A garment in each size of a chart, the same all over, as it would be cut in the planned fabric. */
function uncut({ input, view, plan }: SizeRequest, chart: SizeChart): Make[] {
  const unsized = {
    ...blankMake('size', input.makes[0]?.personId ?? '', 1, plan.date),
    sources: [{ patternId: input.pattern.id, viewId: view.id }],
    chartId: chart.id,
    fabrics: [plannedUse(plan)],
  };
  return chart.sizes.map((size) => ({ ...unsized, size: { size } }));
}

interface ZoneChances {
  /** Chance of right in each size of the chart. */
  readonly ofSize: readonly number[];
  /** Whether notes of this pattern or of others say anything here. */
  readonly hasEvidence: boolean;
}

/** The chance of right of every size, at each zone that a size changes. */
function chancesOf(request: SizeRequest, input: PatternCase, chart: SizeChart, zones: readonly ZoneId[]): Map<ZoneId, ZoneChances> {
  const { view, memory } = request;
  const found = new Map<ZoneId, ZoneChances>();
  const cuts = uncut(request, chart).map((cut) => new Garment(input, cut));
  for (const zone of zones) {
    const offsets = cuts.map((garment) => garment.offset(zone));
    if (offsets.every((o) => o.chart.from === 'nothing') || new Set(offsets.map((o) => o.x)).size === 1) continue;
    const { used, saidByOthers, believed } = beliefAt(request.input, zone, memory);
    const [t1] = edgesOf(zone, fitClassAt(input.pattern, view, zone));
    found.set(zone, {
      ofSize: offsets.map((o) => chanceOfCut(believed, o, t1, doubtOfGarment(o))),
      hasEvidence: used.length > 0 || saidByOthers !== undefined,
    });
  }
  return found;
}

function byExperienceOf(chances: ReadonlyMap<ZoneId, ZoneChances>, chart: SizeChart): ExperienceSchool {
  const all = chart.sizes.map((size, place) => ({
    size,
    log: [...chances.values()].reduce((sum, c) => sum + Math.log(Math.max(itemAt(c.ofSize, place), LEAST_CHANCE)), 0),
    chance: [...chances.values()].reduce((product, c) => product * itemAt(c.ofSize, place), 1),
  }));
  const { size, chance } = all.reduce((a, b) => (b.log > a.log || (b.log === a.log && b.chance > a.chance) ? b : a));
  return { size, chance };
}

const lovedKey = (structure: Pattern['wants']['structure'], group: ClassGroup, zone: ZoneId) => `${structure} ${group} ${zone}`;

/** Eases of a pattern's loved garments at the girths that were noted right, cm: by structure, class and zone. */
const lovedOf = memoize((input: PatternCase) => {
  const { pattern, makes } = input;
  const found: { readonly key: string; readonly ease: number }[] = [];
  for (const make of makes) {
    if ((make.verdicts.at(-1)?.love ?? 0) < LOVED) continue;
    const draft = draftOf(pattern, viewOf(pattern, make), chartOf(pattern, make.chartId));
    for (const { note, offset } of Object.values(lastEvidence(input, make.id))) {
      const { zone, fitClass } = draft.at(note.zone);
      if (note.outcome !== 0 || zone.kind !== 'girth' || !isOfBody(offset)) continue;
      const key = lovedKey(pattern.wants.structure, classGroup(fitClass), note.zone);
      // What the pattern intends, and by how much this garment was cut off from that: the ease it has on this body.
      found.push({ key, ease: draft.easeOf(make, note.zone) + offset.x - offset.fabric.cm });
    }
  }
  return found;
});

/** The same of all of a person's patterns: each of hundreds asks of all the others. */
const lovedEases = memoize((cases: readonly PatternCase[]): ReadonlyMap<string, readonly number[]> => {
  const eases = new Map<string, number[]>();
  for (const input of cases) for (const { key, ease } of lovedOf(input)) addToGroup(eases, key, ease);
  return eases;
});

/**
 * Ease that loved garments of this class and structure have at a zone, cm: the mean of those sewn that were noted right there and of those bought
 * that were measured there. One that was bought and whose structure or fit nobody noted is taken for like.
 */
function lovedEase({ input, view, all = [], bought = [] }: SizeRequest, zone: ZoneId, body: number): number | undefined {
  const { structure } = input.pattern.wants;
  const group = classGroup(fitClassAt(input.pattern, view, zone));
  const like = (garment: BoughtGarment) =>
    garment.loved === true &&
    isLower(garment.kind) === isLower(input.pattern.kind) &&
    (garment.structure ?? structure) === structure &&
    (garment.fit === undefined || classGroup(garment.fit) === group);
  const ofBought = bought.filter(like).flatMap(({ measured }) => measured.filter((m) => m.zone === zone).map((m) => m.cm - body));
  const eases = [...(lovedEases(all).get(lovedKey(structure, group, zone)) ?? []), ...ofBought];
  return eases.length === 0 ? undefined : eases.reduce((a, b) => a + b, 0) / eases.length;
}

function byFinishedOf(
  request: SizeRequest,
  input: PatternCase,
  chart: SizeChart,
  measured: MeasurementSet['measures'],
  zones: readonly ZoneId[],
): FinishedSchool | undefined {
  const wanted = zones.flatMap((zone) => {
    const { kind, measure, band } = zoneOf(zone);
    const column = finishedColumn(chart, zone, request.view.id);
    const body = measure && measured[measure];
    if (kind !== 'girth' || !column || body === undefined) return [];
    const loved = lovedEase(request, zone, body);
    const usual = band ? 0 : CLASS_EASE[fitClassAt(input.pattern, request.view, zone)];
    return [{ zone, column, body, loved, ease: loved ?? usual }];
  });
  if (wanted.length === 0) return undefined;
  const far = (place: number) =>
    wanted.reduce((sum, w) => {
      const cm = readColumn(w.column, place);
      return cm === undefined ? Infinity : sum + Math.abs(cm - w.body - w.ease);
    }, 0);
  const place = chart.sizes.reduce((best, _, p) => (far(p) < far(best) - 1e-9 ? p : best), 0);
  const [at] = wanted;
  const finished = readColumn(at!.column, place);
  if (finished === undefined) return undefined;
  return {
    size: itemAt(chart.sizes, place),
    at: at!.zone,
    ease: finished - at!.body,
    wanted: at!.ease,
    wantedFrom: at!.loved === undefined ? 'the intended ease' : 'a loved garment',
  };
}

/** An elastic or drawn waist must pass the hip; what draws it in sets the fit. */
function mustPassOf(view: View, chart: SizeChart, measured: MeasurementSet['measures'], size: string | undefined): Sizes['mustPass'] {
  return view.openings.flatMap(({ zone, closes }) => {
    if ((closes !== 'elastic' && closes !== 'drawstring') || (zone !== 'waistband' && zone !== 'waist')) return [];
    const cm = size === undefined ? undefined : readColumn(finishedColumn(chart, zone, view.id), chart.sizes.indexOf(size));
    return cm === undefined || measured.hip === undefined ? [] : [{ zone, over: 'hip' as const, short: measured.hip - cm }];
  });
}
