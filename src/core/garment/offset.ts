import { inOrder, viewOf } from '../make/versions';
import { mainFabric } from '../make/main-fabric';
import { effectsOf, possibleEffectsOf, type Effect } from '../alteration/effects';
import { grownWithHeight } from '../body/growth';
import { BodyReader, type BodyValue } from '../body/measures';
import { usualGirth } from '../body/usual-girths';
import { memoize } from '../units/memoize';
import { itemAt } from '../units/item-at';
import type { IsoDate } from '../units/date';
import { zoneOf, type BodyMeasure, type ZoneId } from '../body/zones';
import type { Alteration, FitNote, Make, SizeChart, SizeLine } from '../records';
import { effectContext, type PatternCase } from './case';
import { familyOf, isLabelsAlone, labelsOf, sizesAsCut } from './ladder';
import { usualStep } from './usual-steps';
import type { Cut } from '../inference/unknown-step';
import { lineOf, nearestSaid, placeOf, readColumn } from './chart';
import { fabricStretch, NO_STRETCH, type FabricStretch } from './stretch';
import { heightTerm, type HeightTerm } from './by-height';
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
      /** The chart says nothing here: steps between the sizes cut, from the first make's. */
      readonly from: 'sizes';
      readonly cm: number;
      readonly line: SizeLine;
      readonly first: SizeLine;
      /** How many of them, how long they usually are, and what the body grew in the meantime, cm. */
      readonly steps: number;
      readonly step: number;
      readonly grown: number;
      /** Which size was cut first says nothing of the body: on girths and widths of a pattern without any chart. */
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

export interface AlterationTerm extends Omit<Effect, 'zone'> {
  readonly alteration: Alteration;
}

/** What was not known when an offset was worked out. A screen lists these; none of them is silently zero. */
export type Unknown =
  | 'size cut'
  | 'size not in the chart'
  | 'no chart for the zone'
  | 'step between sizes'
  | 'body measure'
  | 'stretch of the fabric'
  | 'girth of the body'
  | 'amount of an alteration'
  | 'place of an alteration';

/** How far a garment was from what the pattern intends for this body, with every term that made it so. */
export interface Offset {
  /** cm; 0 is cut exactly as intended. */
  readonly x: number;
  readonly chart: ChartTerm;
  /** On lengths of which the chart says nothing, where the body is not as tall as the pattern is drafted for. */
  readonly height?: HeightTerm;
  readonly alterations: readonly AlterationTerm[];
  readonly fabric: FabricStretch;
  /** Steps between sizes that nobody gave the length of: they are in x at their usual one, cm; 0 where every step is known. */
  readonly steps: number;
  readonly step: number;
  /** Doubt about alterations without an amount, and about a size or growth that nobody noted, cm. */
  readonly unsized: number;
  /**
   * Doubt of the body measure that it is told against, on that day: of a note what the body may have changed since it was measured, since
   * what the tape erred by stays the same for all of them; of a garment that is cut for a body the tape besides, cm.
   */
  readonly bodyDoubt: number;
  readonly unknown: readonly Unknown[];
}

/** Whether an offset is against the body; else the first make's size stands in for it, and nothing follows of any other garment. */
export const isOfBody = ({ chart }: Pick<Offset, 'chart'>): boolean => !((chart.from === 'chart' || chart.from === 'sizes') && chart.standIn);

/** Whether an offset tells anything by itself: round a body of which nothing is known it is nought only for want of a number; a length is as drafted. */
export const isTold = (offset: Pick<Offset, 'chart' | 'alterations'>, zone: ZoneId): boolean =>
  isOfBody(offset) && (offset.chart.from !== 'nothing' || offset.alterations.length > 0 || !['girth', 'width'].includes(zoneOf(zone).kind));

/** All doubt about a garment itself, beside the eye that saw it: its fabric, what nobody gave an amount of, and the body under it, cm. */
export const doubtOfGarment = ({ fabric, unsized, bodyDoubt }: Pick<Offset, 'fabric' | 'unsized' | 'bodyDoubt'>): number =>
  Math.sqrt(fabric.sd * fabric.sd + unsized * unsized + bodyDoubt * bodyDoubt);

/** The body measure that an offset is told against, where it has one. */
export const measureIn = ({ chart }: Pick<Offset, 'chart'>, zone: ZoneId): BodyMeasure | undefined =>
  chart.from === 'chart' ? chart.measure : zoneOf(zone).measure;

/** The body that a garment was on, cm; without a chart what it grew; undefined where nothing is known of it. */
export function bodyIn({ chart }: Pick<Offset, 'chart'>): number | undefined {
  return chart.from === 'nothing' ? undefined : chart.from === 'sizes' ? chart.grown : chart.body;
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

/** The size that the first make of a pattern was cut in. */
interface FirstSize {
  readonly make: Make;
  readonly line: SizeLine;
  readonly place: number;
}

const firstSizes = memoize((_: PatternCase) => new Map<SizeChart, Map<ZoneId, FirstSize | undefined>>());

/** The first make that names a size of a chart at a zone: it stands in where the body was never measured. */
function firstSize(input: PatternCase, zone: ZoneId, chart: SizeChart): FirstSize | undefined {
  const charts = firstSizes(input);
  const known = charts.get(chart) ?? new Map<ZoneId, FirstSize | undefined>();
  charts.set(chart, known);
  if (known.has(zone)) return known.get(zone);
  let found: FirstSize | undefined;
  for (const make of inOrder(input.makes)) {
    const line = lineOf(make, zone);
    const place = line && placeOf(chart, line);
    if (!line || place === undefined) continue;
    found = { make, line, place };
    break;
  }
  known.set(zone, found);
  return found;
}

const NO_TERM: ChartTerm = { from: 'nothing', cm: 0 };

/** A first term as far as it is known. */
interface Termed {
  readonly term: ChartTerm;
  /** The body measure in it, and the part of it that counts. */
  readonly body: BodyValue | undefined;
  readonly part: number;
  /** Steps of an unknown length in it, and what is in doubt beside them, cm. */
  readonly steps: number;
  readonly doubt: number;
}
const termed = (term: ChartTerm, body?: BodyValue, steps = 0, doubt = 0, part = 1): Termed => ({ term, body, part, steps, doubt });
/** Most offsets have neither: thousands of empty lists would be kept. */
const UNALTERED: readonly AlterationTerm[] = [];
const ALL_KNOWN: readonly Unknown[] = [];

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

/** The day whose body a make was cut for. */
function dayOfBody({ bodies }: PatternCase, { bodyId, cutOn }: Make): IsoDate {
  return (bodyId && bodies.find((b) => b.id === bodyId)?.date) || cutOn;
}

/** The person's sets, with what was expected on the day this was cut: it stands until the body is measured again. */
function bodiesOf({ bodies }: PatternCase, { expected, cutOn, personId }: Make): PatternCase['bodies'] {
  return expected ? [{ id: 'expected', personId, date: cutOn, measures: expected, expected: true }, ...bodies] : bodies;
}

/** The sizes of a case by the chart that a make names: every garment of it asks. */
const sizesOfCase = memoize((_: PatternCase) => new Map<string | undefined, SizeChart | undefined>());

/** The sizes that a make was cut in, in their order: those of the case's makes, and where a planned one names another, with that. */
export function chartFor(input: PatternCase, make: Make): SizeChart | undefined {
  const known = sizesOfCase(input);
  if (!known.has(make.chartId)) known.set(make.chartId, sizesAsCut(input.pattern, input.makes, make));
  const chart = known.get(make.chartId);
  return chart && labelsOf(make).every((label) => chart.sizes.includes(label)) ? chart : sizesAsCut(input.pattern, [...input.makes, make], make);
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
    const chart = chartFor(input, make);
    this.#input = input;
    this.make = make;
    this.draft = draftOf(pattern, view, chart);
    this.#placeOfSize = chart && make.size && placeOf(chart, make.size);
    this.#cutFor = dayOfBody(input, make);
    this.#fabric = mainFabric(make, input.fabrics);
    this.#body = new BodyReader(bodiesOf(input, make));
    this.#altered = NOT_ALTERED;
    if (make.alterations.length > 0) {
      const context = effectContext(pattern, view);
      const known = before ? before.#altered : NOT_ALTERED;
      this.#altered = make.alterations.map(
        (alteration) =>
          known.find((a) => a.alteration === alteration) ?? {
            alteration,
            effects: [...effectsOf(alteration, context), ...possibleEffectsOf(alteration, context)],
          },
      );
    }
  }

  /** The same garment, its size lines or alterations changed. */
  changed(to: Pick<Make, 'sizeLines'> | Pick<Make, 'size' | 'sizeLines'> | Pick<Make, 'alterations'>): Garment {
    return new Garment(this.#input, { ...this.make, ...to }, this);
  }

  /** The chart term of the size cut all over, cm: the pattern as drafted, for this body. */
  asDrafted(zone: ZoneId): number {
    const { measure } = this.draft.at(zone).zone;
    const { term } = this.#sizeTerm(this.draft.at(zone), this.make.size, this.#cutFor, measure && this.#body.on(measure, this.#cutFor), 0, []);
    return term.from === 'measured' ? 0 : term.cm + (this.#byHeight(zone, this.#cutFor)?.cm ?? 0);
  }

  /**
   * How a size line moves a zone: for a place along the chart its offset, with every unknown step at its usual length, and how many of
   * those are in it, both against some size of the chart. Undefined where no line is moved for it.
   */
  along(zone: ZoneId): ((place: number) => Cut) | undefined {
    const {
      reading,
      step,
      zone: { kind },
    } = this.draft.at(zone);
    if (!reading) {
      // A length of which no chart speaks is altered by centimetres, however sizes grade it.
      if (step === 0 || kind === 'length' || kind === 'position') return undefined;
      return (place) => ({ x: place * step, steps: place });
    }
    return (place) => {
      const said = nearestSaid(reading.column, place)!;
      return { x: reading.factor * readColumn(reading.column, said)! + (place - said) * step, steps: place - said };
    };
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
    const ownBody = measure && this.#body.on(measure, date);
    // Only where something goes round the body does ease enter, and the give of a fabric.
    const goesRound = kind === 'girth' || zone === 'torso';
    const ease = goesRound ? easeAt(drafted, this.#placeOf(line)) : 0;
    const { term: chartTerm, body, part, steps, doubt } = this.#chartTerm(drafted, line, date, ownBody, ease, unknown);

    const sewnGarment = chartTerm.from === 'measured' && chartTerm.what === 'garment';
    const alterations = sewnGarment || this.#altered.length === 0 ? UNALTERED : this.#alterationsAt(zone, note);
    let altered = 0;
    let doubt2 = 0;
    for (const { cm, sd } of alterations) {
      altered += cm;
      doubt2 += sd * sd;
    }
    if (doubt2 > 0) {
      const inDoubt = alterations.filter(({ sd }) => sd > 0);
      if (inDoubt.some(({ unplaced }) => !unplaced)) unknown.push('amount of an alteration');
      if (inDoubt.some(({ unplaced }) => unplaced)) unknown.push('place of an alteration');
    }

    const height = chartTerm.from === 'measured' ? undefined : this.#byHeight(zone, date);
    const girth = ownBody?.cm ?? (chartTerm.from === 'chart' && chartTerm.measure === measure ? chartTerm.body : undefined);
    const { fabric, bias } = this.#fabric;
    const round = girth ?? (goesRound ? usualGirth(zone, (m) => this.#body.cm(m, date)) : undefined);
    const give = goesRound
      ? fabricStretch(this.#input.pattern, zone, fabric, { girth: round, assumed: girth === undefined, ease, bias })
      : NO_STRETCH;
    if (give.unknown) unknown.push(give.unknown);

    return {
      x: chartTerm.cm + (height?.cm ?? 0) + altered + give.cm,
      chart: chartTerm,
      ...(height ? { height } : {}),
      alterations,
      fabric: give,
      steps,
      step: drafted.step,
      unsized: doubt === 0 ? Math.sqrt(doubt2) : Math.sqrt(doubt2 + doubt * doubt),
      bodyDoubt: body ? part * (note ? body.changed : body.doubt) : 0,
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
      for (const { zone: at, ...effect } of effects) if (at === zone) terms.push({ alteration, ...effect });
    }
    return terms;
  }

  /** The first term of x at a zone; what is not known of it is added to a list. */
  #chartTerm(
    drafted: DraftedZone,
    line: SizeLine | undefined,
    date: IsoDate,
    ownBody: BodyValue | undefined,
    ease: number,
    unknown: Unknown[],
  ): Termed {
    const { id, zone } = drafted;
    const measured = this.make.measured.length > 0 ? this.make.measured.find((m) => m.zone === id) : undefined;
    if (measured && ownBody !== undefined) {
      const intended = zone.kind === 'girth' ? ease : 0;
      const cm = measured.cm - ownBody.cm - intended;
      return termed({ from: 'measured', cm, what: measured.of, measure: measured.cm, body: ownBody.cm, ease: intended }, ownBody);
    }
    return this.#sizeTerm(drafted, line, date, ownBody, ease, unknown);
  }

  /** The same from the size alone. */
  #sizeTerm(
    { id, zone: { kind, measure }, reading, finished, step }: DraftedZone,
    line: SizeLine | undefined,
    date: IsoDate,
    ownBody: BodyValue | undefined,
    ease: number,
    unknown: Unknown[],
  ): Termed {
    const { chart } = this.draft;
    if (!chart) {
      unknown.push('no chart for the zone');
      return termed(NO_TERM);
    }
    const first = firstSize(this.#input, id, chart);
    const named = this.#placeOf(line);
    // A size that nobody noted is taken for the first make's, give or take a step.
    const place = named ?? (line ? undefined : first?.place);
    const lost = named === undefined ? usualStep(id, familyOf(chart.sizes)) : 0;
    if (named === undefined) unknown.push(line ? 'size not in the chart' : 'size cut');
    if (place === undefined) return termed(NO_TERM, undefined, 0, lost);
    const start = first?.place ?? place;

    if (reading) {
      const { column, factor, graded } = reading;
      const said = nearestSaid(column, place)!;
      const saidFirst = nearestSaid(column, start)!;
      const known = reading.measure === measure ? ownBody : this.#body.on(reading.measure, date);
      const [ofChart, body] = [readColumn(column, said)!, known?.cm ?? readColumn(column, saidFirst)!];
      const standIn = known === undefined;
      if (standIn) unknown.push('body measure');
      const steps = place - said - (standIn ? start - saidFirst : 0);
      if (steps !== 0) unknown.push('step between sizes');
      const cm = factor * (ofChart - body) + steps * step;
      const cut = line ?? first?.line ?? { size: itemAt(chart.sizes, Math.round(place)) };
      const term = { from: 'chart', cm, measure: reading.measure, line: cut, chart: ofChart, body, factor, graded, standIn } as const;
      return termed(term, known, steps, lost, factor);
    }
    const sewn = kind === 'girth' && ownBody !== undefined ? readColumn(finished ?? [], place) : undefined;
    if (sewn !== undefined && ownBody !== undefined)
      return termed({ from: 'measured', cm: sewn - ownBody.cm - ease, what: 'finished', measure: sewn, body: ownBody.cm, ease }, ownBody, 0, lost);

    const standIn = isLabelsAlone(chart) && (kind === 'girth' || kind === 'width');
    if (!standIn) unknown.push('no chart for the zone');
    if (!first) return termed(NO_TERM, undefined, 0, lost);
    const steps = step === 0 ? 0 : place - start;
    if (steps !== 0 || standIn) unknown.push('step between sizes');
    const grown = this.#grown(id, measure, ownBody?.cm, dayOfBody(this.#input, first.make), date);
    const cm = steps * step - grown.cm;
    if (cm === 0 && !standIn) return termed(NO_TERM, ownBody, 0, Math.hypot(lost, grown.sd));
    return termed(
      { from: 'sizes', cm, line: line ?? first.line, first: first.line, steps, step, grown: grown.cm, standIn },
      ownBody,
      steps,
      Math.hypot(lost, grown.sd),
    );
  }

  /** What the height that the pattern is drafted for does to a length: on the day of the first make, since when the body grew, or this one's. */
  #byHeight(zone: ZoneId, date: IsoDate): HeightTerm | undefined {
    if (this.draft.pattern.draftedHeight === undefined) return undefined;
    const { chart } = this.draft;
    const first = chart && firstSize(this.#input, zone, chart);
    return heightTerm(this.draft, zone, this.#body.cm('height', first ? dayOfBody(this.#input, first.make) : date));
  }

  /** What a body grew at a zone from one day to another: as it was measured, or with its height; nothing that was not measured. */
  #grown(
    zone: ZoneId,
    measure: BodyMeasure | undefined,
    now: number | undefined,
    from: IsoDate,
    to: IsoDate,
  ): { readonly cm: number; readonly sd: number } {
    if (from === to) return NOT_GROWN;
    const before = measure && this.#body.cm(measure, from);
    if (before !== undefined && now !== undefined) return { cm: now - before, sd: 0 };
    const [was, is] = [this.#body.cm('height', from), this.#body.cm('height', to)];
    return was === undefined || is === undefined || was === is ? NOT_GROWN : grownWithHeight(zone, is - was);
  }
}

const NOT_GROWN = { cm: 0, sd: 0 };
