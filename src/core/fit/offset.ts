import { effectsOf, type Effect } from '../alteration/effects';
import { bodyOn } from '../measure/body';
import type { IsoDate } from '../measure/calendar-day';
import type { BodyMeasure, ZoneId } from '../measure/zones';
import type { Alteration, FitNote, Make, SizeChart, SizeLine } from '../records';
import { effectContext, inOrder, viewOf, type PatternCase } from './case';
import { chartOf, lineOf, placeOf, readColumn } from './chart';
import { clothGive, mainCloth, type ClothGive } from './cloth-give';
import { draftOf } from './draft';

/** Where the first term came from. */
export type ChartTerm =
  | {
      readonly from: 'chart';
      readonly cm: number;
      readonly measure: BodyMeasure;
      readonly line: SizeLine;
      readonly chart: number;
      readonly body: number;
      /** Graded from another zone of the chart by this factor: an estimate. */
      readonly factor: number;
      readonly graded: boolean;
      /** No body measure is known: the first make's size stands in for it. */
      readonly standIn: boolean;
    }
  | {
      readonly from: 'measured';
      readonly cm: number;
      readonly what: 'finished' | 'piece' | 'garment';
      readonly measure: number;
      readonly body: number;
      readonly ease: number;
    }
  | { readonly from: 'nothing'; readonly cm: 0 };

export interface AlterationTerm {
  readonly alteration: Alteration;
  readonly cm: number;
  readonly sd: number;
  readonly atMost: boolean;
}

/** What was not known when an offset was worked out. A screen lists these; none of them is silently zero. */
export type Unknown =
  | 'size cut'
  | 'size not in the chart'
  | 'no chart for the zone'
  | 'body measure'
  | 'stretch of the cloth'
  | 'girth of the body'
  | 'amount of an alteration';

/** How far a garment was from what the pattern intends for this body, with every term that made it so. */
export interface Offset {
  /** cm; 0 is cut exactly as intended. */
  readonly x: number;
  readonly chart: ChartTerm;
  readonly alterations: readonly AlterationTerm[];
  readonly cloth: ClothGive;
  /** Doubt about alterations without an amount, cm. */
  readonly unsized: number;
  readonly unknown: readonly Unknown[];
}

/** Where in a garment's life an act or a look belongs; used where dates do not tell. */
function phaseOfAlteration({ when, afterWears = 0 }: Alteration): number {
  return when === 'body' ? 3 : when === 'wear' ? 5.5 + afterWears : 0;
}

function phaseOfNote({ seen }: FitNote): number {
  return seen.at === 'tryOn' ? 2 : seen.at === 'firstDay' ? 4 : 5 + seen.wears;
}

/**
 * Whether an alteration was there when a note was made. Paper and cutting come before any look; on the body and after wearing
 * the dates decide where both are known and differ, else the order of the work: try-on, alteration on the body, first day, wear.
 */
export function madeBefore(alteration: Alteration, note: FitNote): boolean {
  const phase = phaseOfAlteration(alteration);
  if (phase > 0 && alteration.date && alteration.date !== note.date) return alteration.date < note.date;
  return phase < phaseOfNote(note);
}

/** The moment for which an offset is asked: a note of the make, or the garment as it ended, on the day it was cut or another. */
export interface Moment {
  readonly note?: FitNote;
  /** The day whose body counts, where it is neither the note's nor the day of cutting: a plan. */
  readonly bodyOn?: IsoDate;
}

/** What the chart says at the size of the first make that names one, cm: it stands in where the body was never measured. */
function chartAtFirst({ makes }: PatternCase, zone: ZoneId, chart: SizeChart, column: readonly (number | null)[]): number | undefined {
  const first = inOrder(makes).find((make) => lineOf(make, zone));
  const place = first && placeOf(chart, lineOf(first, zone)!);
  return place === undefined ? undefined : readColumn(column, place);
}

const NO_TERM: ChartTerm = { from: 'nothing', cm: 0 };
/** Most offsets have neither: thousands of empty lists would be kept. */
const UNALTERED: readonly AlterationTerm[] = [];
const ALL_KNOWN: readonly Unknown[] = [];

/** What was altered for the fit of a make. */
export const fitAlterations = ({ alterations }: Pick<Make, 'alterations'>) => alterations.filter((a) => a.purpose === 'fit');

/** An alteration with all that it does. */
interface Altered {
  readonly alteration: Alteration;
  readonly effects: readonly Effect[];
}

/** What alterations do at a zone, as far as they were made when it was looked at. */
function alterationsAt(altered: readonly Altered[], zone: ZoneId, note: FitNote | undefined): readonly AlterationTerm[] {
  if (altered.length === 0) return UNALTERED;
  const terms: AlterationTerm[] = [];
  for (const { alteration, effects } of altered)
    for (const { zone: at, cm, sd, atMost } of effects)
      if (at === zone && (!note || madeBefore(alteration, note))) terms.push({ alteration, cm, sd, atMost });
  return terms;
}

/** The offset of a make at a zone, by the moment it is asked for; what was not known is listed with it. */
export type OffsetAt = (zone: ZoneId, moment?: Moment) => Offset;

/** The offset x of a make at a zone: `offsetsOf` for one zone alone. */
export function offsetOf(input: PatternCase, make: Make, zone: ZoneId, moment?: Moment): Offset {
  return offsetsOf(input, make)(zone, moment);
}

const AS_ENDED: Moment = {};

/**
 * The offsets x of a make: one scale for every version (engine.md, section 1). What is the same at all zones is found once.
 *
 * @returns by zone and moment, centimetres with the terms and what was not known
 */
export function offsetsOf(input: PatternCase, make: Make): OffsetAt {
  const { pattern, bodies, cloths } = input;
  const view = viewOf(pattern, make);
  const chart = chartOf(pattern, make.chartId);
  const draft = draftOf(pattern, view, chart);
  const placeOfSize = chart && make.size && placeOf(chart, make.size);
  const placeOfLine = (line: SizeLine | undefined) => (line === make.size ? placeOfSize : chart && line && placeOf(chart, line));
  const { cloth, bias } = mainCloth(make, cloths);
  const altered =
    make.alterations.length === 0
      ? []
      : fitAlterations(make).map((alteration) => ({ alteration, effects: effectsOf(alteration, effectContext(pattern, view)) }));

  /** The first term of x at a zone; what is not known of it is added to a list. */
  const chartTermAt = (zone: ZoneId, date: IsoDate, ownBody: number | undefined, ease: number, unknown: Unknown[]): ChartTerm => {
    const drafted = draft.at(zone);
    const { reading } = drafted;
    const { kind, measure } = drafted.zone;
    const line = lineOf(make, zone);
    const place = placeOfLine(line);
    const measured = make.measured.find((m) => m.zone === zone);
    if (measured && ownBody !== undefined) {
      const intended = kind === 'girth' ? ease : 0;
      return { from: 'measured', cm: measured.cm - ownBody - intended, what: measured.of, measure: measured.cm, body: ownBody, ease: intended };
    }
    if (!chart) {
      unknown.push('no chart for the zone');
      return NO_TERM;
    }
    if (!line || place === undefined) {
      unknown.push(line ? 'size not in the chart' : 'size cut');
      return NO_TERM;
    }
    if (reading) {
      const ofChart = readColumn(reading.column, place);
      const known = reading.measure === measure ? ownBody : bodyOn(bodies, reading.measure, date)?.cm;
      const body = known ?? chartAtFirst(input, zone, chart, reading.column);
      if (ofChart === undefined || body === undefined) {
        unknown.push(ofChart === undefined ? 'no chart for the zone' : 'body measure');
        return NO_TERM;
      }
      if (known === undefined) unknown.push('body measure');
      const { factor, graded } = reading;
      const cm = factor * (ofChart - body);
      return { from: 'chart', cm, measure: reading.measure, line, chart: ofChart, body, factor, graded, standIn: known === undefined };
    }
    const finished = kind === 'girth' && ownBody !== undefined ? readColumn(drafted.finished, place) : undefined;
    if (finished === undefined || ownBody === undefined) {
      unknown.push('no chart for the zone');
      return NO_TERM;
    }
    return { from: 'measured', cm: finished - ownBody - ease, what: 'finished', measure: finished, body: ownBody, ease };
  };

  return (zone, { note, bodyOn: day } = AS_ENDED) => {
    const { kind, measure } = draft.at(zone).zone;
    const unknown: Unknown[] = [];
    const date = day ?? note?.date ?? bodies.find((b) => b.id === make.bodyId)?.date ?? make.cutOn;
    const ownBody = measure && bodyOn(bodies, measure, date)?.cm;
    // Only where something goes round the body does ease enter.
    const ease = kind === 'girth' || zone === 'torso' ? draft.ease(zone, placeOfLine(lineOf(make, zone))) : 0;
    const chartTerm = chartTermAt(zone, date, ownBody, ease, unknown);

    const sewnGarment = chartTerm.from === 'measured' && chartTerm.what === 'garment';
    const alterations = sewnGarment ? UNALTERED : alterationsAt(altered, zone, note);
    let alteredBy = 0;
    let doubt2 = 0;
    for (const { cm, sd } of alterations) {
      alteredBy += cm;
      doubt2 += sd * sd;
    }
    if (doubt2 > 0) unknown.push('amount of an alteration');

    const girth = ownBody ?? (chartTerm.from === 'chart' && chartTerm.measure === measure ? chartTerm.body : undefined);
    const give = clothGive(pattern, zone, cloth, { girth, ease, bias });
    if (give.unknown) unknown.push(give.unknown);

    return {
      x: chartTerm.cm + alteredBy + give.cm,
      chart: chartTerm,
      alterations,
      cloth: give,
      unsized: Math.sqrt(doubt2),
      unknown: unknown.length === 0 ? ALL_KNOWN : unknown,
    };
  };
}
