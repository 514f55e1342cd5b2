import { inOrder, viewOf } from '../make/versions';
import { mainFabric } from '../make/main-fabric';
import { effectsOf, type Effect } from '../alteration/effects';
import { BodyReader } from '../body/measures';
import type { IsoDate } from '../units/date';
import type { BodyMeasure, ZoneId } from '../body/zones';
import type { Alteration, FitNote, Make, SizeChart, SizeLine } from '../records';
import { effectContext, type PatternCase } from './case';
import { chartOf, lineOf, placeOf, readColumn } from './chart';
import { fabricStretch, NO_STRETCH, type FabricStretch } from './stretch';
import { draftOf, easeAt, type Draft, type DraftedZone } from './draft';

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
  | 'stretch of the fabric'
  | 'girth of the body'
  | 'amount of an alteration';

/** How far a garment was from what the pattern intends for this body, with every term that made it so. */
export interface Offset {
  /** cm; 0 is cut exactly as intended. */
  readonly x: number;
  readonly chart: ChartTerm;
  readonly alterations: readonly AlterationTerm[];
  readonly fabric: FabricStretch;
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
const NOT_ALTERED: readonly Altered[] = [];

/** The offset x of a make at a zone: `Garment.offset` for one zone alone. */
export function offsetOf(input: PatternCase, make: Make, zone: ZoneId, { note, bodyOn: day }: Moment = {}): Offset {
  return new Garment(input, make).offset(zone, note, day);
}

/** A make with its offsets x: one scale for every version (engine.md, section 1). What is the same at all zones is found once. */
export class Garment {
  readonly make: Make;
  readonly draft: Draft;
  readonly #input: PatternCase;
  readonly #placeOfSize: number | undefined;
  /** The day whose body it was cut for. */
  readonly #cutFor: IsoDate;
  readonly #fabric: ReturnType<typeof mainFabric>;
  readonly #altered: readonly Altered[];
  readonly #body: BodyReader;
  /** As it ended: a cut that is worked out asks more than once. */
  #ended: Map<ZoneId, Offset> | undefined;

  /**
   * @param before the same garment with other lines or alterations: what those that stayed do is known
   */
  constructor(input: PatternCase, make: Make, before?: Garment) {
    const { pattern } = input;
    const view = viewOf(pattern, make);
    const chart = chartOf(pattern, make.chartId);
    this.#input = input;
    this.make = make;
    this.draft = draftOf(pattern, view, chart);
    this.#placeOfSize = chart && make.size && placeOf(chart, make.size);
    this.#cutFor = (make.bodyId && input.bodies.find((b) => b.id === make.bodyId)?.date) || make.cutOn;
    this.#fabric = mainFabric(make, input.fabrics);
    this.#body = new BodyReader(input.bodies);
    this.#altered = NOT_ALTERED;
    if (make.alterations.length > 0) {
      const context = effectContext(pattern, view);
      const known = before ? before.#altered : NOT_ALTERED;
      this.#altered = make.alterations.map(
        (alteration) => known.find((a) => a.alteration === alteration) ?? { alteration, effects: effectsOf(alteration, context) },
      );
    }
  }

  /** The same garment, its size lines or alterations changed. */
  changed(to: Pick<Make, 'sizeLines'> | Pick<Make, 'alterations'>): Garment {
    return new Garment(this.#input, { ...this.make, ...to }, this);
  }

  /** The chart term of the size cut all over, cm: the pattern as drafted, for this body. */
  asDrafted(zone: ZoneId): number {
    const { reading } = this.draft.at(zone);
    if (!reading || this.#placeOfSize === undefined) return 0;
    const ofChart = readColumn(reading.column, this.#placeOfSize);
    const body = this.#body.cm(reading.measure, this.#cutFor);
    return ofChart === undefined || body === undefined ? 0 : reading.factor * (ofChart - body);
  }

  /**
   * The offset at a zone.
   *
   * @param note when it was looked at; without one, as the garment ended
   * @param day whose body counts, where it is neither the note's nor the day of cutting
   * @returns centimetres, with the terms and what was not known
   */
  offset(zone: ZoneId, note?: FitNote, day?: IsoDate): Offset {
    if (note ?? day) return this.#offset(zone, note, day);
    this.#ended ??= new Map();
    const known = this.#ended.get(zone) ?? this.#offset(zone, undefined, undefined);
    this.#ended.set(zone, known);
    return known;
  }

  #offset(zone: ZoneId, note: FitNote | undefined, day: IsoDate | undefined): Offset {
    const drafted = this.draft.at(zone);
    const { kind, measure } = drafted.zone;
    const unknown: Unknown[] = [];
    const line = lineOf(this.make, zone);
    const date = day ?? note?.date ?? this.#cutFor;
    const ownBody = measure && this.#body.cm(measure, date);
    // Only where something goes round the body does ease enter, and the give of a fabric.
    const goesRound = kind === 'girth' || zone === 'torso';
    const ease = goesRound ? easeAt(drafted, this.#placeOf(line)) : 0;
    const chartTerm = this.#chartTerm(drafted, line, date, ownBody, ease, unknown);

    const sewnGarment = chartTerm.from === 'measured' && chartTerm.what === 'garment';
    const alterations = sewnGarment || this.#altered.length === 0 ? UNALTERED : this.#alterationsAt(zone, note);
    let altered = 0;
    let doubt2 = 0;
    for (const { cm, sd } of alterations) {
      altered += cm;
      doubt2 += sd * sd;
    }
    if (doubt2 > 0) unknown.push('amount of an alteration');

    const girth = ownBody ?? (chartTerm.from === 'chart' && chartTerm.measure === measure ? chartTerm.body : undefined);
    const { fabric, bias } = this.#fabric;
    const give = goesRound ? fabricStretch(this.#input.pattern, zone, fabric, { girth, ease, bias }) : NO_STRETCH;
    if (give.unknown) unknown.push(give.unknown);

    return {
      x: chartTerm.cm + altered + give.cm,
      chart: chartTerm,
      alterations,
      fabric: give,
      unsized: Math.sqrt(doubt2),
      unknown: unknown.length === 0 ? ALL_KNOWN : unknown,
    };
  }

  /** The state of the garment at a zone when it was looked at: which of the alterations that touch it had been made. */
  stateAt(note: FitNote): string {
    return this.#altered
      .filter(({ alteration, effects }) => effects.some((e) => e.zone === note.zone) && madeBefore(alteration, note))
      .map(({ alteration }) => alteration.id)
      .join(' ');
  }

  #placeOf(line: SizeLine | undefined): number | undefined {
    const { chart } = this.draft;
    return line === this.make.size ? this.#placeOfSize : chart && line && placeOf(chart, line);
  }

  /** What alterations for fit do at a zone, as far as they were made when it was looked at. */
  #alterationsAt(zone: ZoneId, note: FitNote | undefined): readonly AlterationTerm[] {
    const terms: AlterationTerm[] = [];
    for (const { alteration, effects } of this.#altered) {
      if (alteration.purpose !== 'fit' || (note && !madeBefore(alteration, note))) continue;
      for (const effect of effects) if (effect.zone === zone) terms.push({ alteration, cm: effect.cm, sd: effect.sd, atMost: effect.atMost });
    }
    return terms;
  }

  /** The first term of x at a zone; what is not known of it is added to a list. */
  #chartTerm(
    { id, zone: { kind, measure }, reading, finished }: DraftedZone,
    line: SizeLine | undefined,
    date: IsoDate,
    ownBody: number | undefined,
    ease: number,
    unknown: Unknown[],
  ): ChartTerm {
    const measured = this.make.measured.length > 0 ? this.make.measured.find((m) => m.zone === id) : undefined;
    if (measured && ownBody !== undefined) {
      const intended = kind === 'girth' ? ease : 0;
      return { from: 'measured', cm: measured.cm - ownBody - intended, what: measured.of, measure: measured.cm, body: ownBody, ease: intended };
    }
    const { chart } = this.draft;
    if (!chart) {
      unknown.push('no chart for the zone');
      return NO_TERM;
    }
    const place = this.#placeOf(line);
    if (!line || place === undefined) {
      unknown.push(line ? 'size not in the chart' : 'size cut');
      return NO_TERM;
    }
    if (reading) {
      const ofChart = readColumn(reading.column, place);
      const known = reading.measure === measure ? ownBody : this.#body.cm(reading.measure, date);
      const body = known ?? chartAtFirst(this.#input, id, chart, reading.column);
      if (ofChart === undefined || body === undefined) {
        unknown.push(ofChart === undefined ? 'no chart for the zone' : 'body measure');
        return NO_TERM;
      }
      if (known === undefined) unknown.push('body measure');
      const { factor, graded } = reading;
      const cm = factor * (ofChart - body);
      return { from: 'chart', cm, measure: reading.measure, line, chart: ofChart, body, factor, graded, standIn: known === undefined };
    }
    const sewn = kind === 'girth' && ownBody !== undefined ? readColumn(finished, place) : undefined;
    if (sewn === undefined || ownBody === undefined) {
      unknown.push('no chart for the zone');
      return NO_TERM;
    }
    return { from: 'measured', cm: sewn - ownBody - ease, what: 'finished', measure: sewn, body: ownBody, ease };
  }
}
