import { effectsOf } from '../alteration/effects';
import { CLASS_EASE, type FitClass } from '../body/fit-class';
import { measuresOn } from '../body/measures';
import { usualGirth } from '../body/usual-girths';
import { zoneOf, type BodyMeasure, type ZoneId } from '../body/zones';
import { effectContext, fitClassAt, type PatternCase } from '../garment/case';
import { finishedColumn, lineOf, placeOf, readColumn } from '../garment/chart';
import { familyOf } from '../garment/ladder';
import { chartFor } from '../garment/offset';
import { usualStep } from '../garment/usual-steps';
import { viewOf } from '../make/versions';
import type { Alteration, Make } from '../records';
import { isLower } from '../records/usual-zones';
import type { DraftMeasures } from './drafts';

/** Lengths of a body from its bust, cm: `fixed + part × bust`. Source: usual body tables; they only decide how much fabric a draft takes. */
const FROM_BUST: Partial<Record<BodyMeasure, readonly [fixed: number, part: number]>> = {
  neck: [0, 0.4],
  head: [0, 0.61],
  shoulder: [0, 0.135],
  acrossBack: [0, 0.38],
  napeToWaist: [26, 0.16],
  armLength: [35, 0.26],
  rise: [16, 0.12],
  inseam: [40, 0.37],
};

/** A limb has so much of the body's ease. Source: usual practice. */
const EASE_OF: Partial<Record<ZoneId, number>> = { upperArm: 0.5, thigh: 0.5, knee: 0.8, legHem: 1, wrist: 0.3 };
/** No sleeve or leg is cut without some room, cm. */
const LEAST_ROOM: Partial<Record<ZoneId, number>> = { upperArm: 2, knee: 4, legHem: 6, wrist: 4 };

/** Alterations that move the line of cutting; what was taken up later took its fabric all the same. */
const cut = ({ when }: Alteration) => when === 'paper' || when === 'cutting';

/** What alterations add at a zone by the time of cutting, cm. */
export function cutLongerAt(input: Pick<PatternCase, 'pattern'>, make: Make, zone: ZoneId): number {
  const context = effectContext(input.pattern, viewOf(input.pattern, make));
  return make.alterations
    .filter(cut)
    .flatMap((a) => effectsOf(a, context))
    .reduce((sum, effect) => (effect.zone === zone ? sum + effect.cm : sum), 0);
}

/** Where a make's size lies on its sizes, and by how many steps it is above their middle where nothing else says how large that is. */
function sizeOf(input: PatternCase, make: Make, zone: ZoneId) {
  const chart = chartFor(input, make);
  const line = lineOf(make, zone);
  const place = chart && line && placeOf(chart, line);
  return { chart, place, steps: chart && place !== undefined ? place - (chart.sizes.length - 1) / 2 : 0 };
}

/** The girth that decides how large a garment is. */
const mainZone = ({ pattern }: Pick<PatternCase, 'pattern'>): ZoneId => (isLower(pattern.kind) ? 'hip' : 'bust');

/** What the chart says of the size cut: of the body it is meant for, at a zone. */
function ofBody(input: PatternCase, make: Make, measure: BodyMeasure, zone: ZoneId): number | undefined {
  const { chart, place } = sizeOf(input, make, zone);
  const column = chart?.body[measure];
  return place === undefined || !column ? undefined : readColumn(column, place);
}

/** The finished girth that the chart gives for the size cut. */
function finishedAt(input: PatternCase, make: Make, zone: ZoneId): number | undefined {
  const view = viewOf(input.pattern, make);
  const { chart, place } = sizeOf(input, make, zone);
  const column = chart && finishedColumn(chart, zone, view.zoneFrom?.[zone] ?? view.id);
  return column && place !== undefined ? readColumn(column, place) : undefined;
}

/** Whether nothing says how large a make is cut: no chart its size, and no tape its wearer. It is drafted for a usual body then. */
export function isOfUsualBody(input: PatternCase, make: Make): boolean {
  const zone = mainZone(input);
  const { measure } = zoneOf(zone);
  const said = measure && (ofBody(input, make, measure, zone) ?? measuresOn(input.bodies, make.cutOn)[measure]);
  return said === undefined && finishedAt(input, make, zone) === undefined;
}

/**
 * Measures for drafting a make: finished girths as the chart gives them in its size, else the chart's body, the person's or a usual one with
 * the ease of its class; the alterations that are cut added.
 *
 * @param larger how many times as large a usual body is taken to be
 */
export function draftMeasures(input: PatternCase, make: Make, larger = 1): DraftMeasures {
  const { pattern, bodies } = input;
  const view = viewOf(pattern, make);
  const own = measuresOn(bodies, make.cutOn);
  const known = (measure: BodyMeasure): number | undefined => ofBody(input, make, measure, 'bust') ?? own[measure];
  const bodyAt = (zone: ZoneId): number => {
    const { measure } = zoneOf(zone);
    const charted = measure && ofBody(input, make, measure, zone);
    if (charted !== undefined) return charted;
    const { chart, steps } = sizeOf(input, make, zone);
    const charts = chart && (chart.body.bust ?? chart.body.hip) !== undefined;
    const usual = (measure && !chart ? own[measure] : undefined) ?? larger * (usualGirth(zone, charts ? known : (m) => own[m]) ?? 0);
    // Labels alone do not say how large they are; a size more is a step more all the same.
    return charts ? usual : usual + steps * usualStep(zone, familyOf(chart?.sizes ?? []));
  };
  const girth = (zone: ZoneId): number => {
    const finished = finishedAt(input, make, zone);
    const fitClass: FitClass = fitClassAt(pattern, view, zone);
    const room = Math.max(CLASS_EASE[fitClass] * (EASE_OF[zone] ?? 1), LEAST_ROOM[zone] ?? 0);
    return Math.max(1, (finished ?? bodyAt(zone) + room) + cutLongerAt(input, make, zone));
  };
  const bodyBust = bodyAt('bust');
  const length = (measure: BodyMeasure): number => {
    const [fixed, part] = FROM_BUST[measure] ?? [0, 0];
    return known(measure) ?? fixed + part * bodyBust;
  };
  return {
    bust: girth('bust'),
    waist: girth('waist'),
    hip: girth('hip'),
    upperArm: girth('upperArm'),
    wrist: girth('wrist'),
    thigh: girth('thigh'),
    knee: girth('knee'),
    legHem: girth('legHem'),
    bodyBust,
    neck: length('neck'),
    head: length('head'),
    shoulder: length('shoulder'),
    acrossBack: length('acrossBack'),
    napeToWaist: length('napeToWaist'),
    armLength: length('armLength'),
    rise: length('rise'),
    inseam: length('inseam'),
  };
}
