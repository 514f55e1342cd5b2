import { sizeLineShort, sizeLineWords } from '../alteration/words';
import type { ZoneId } from '../body/zones';
import { lineAt, lineOf, placeOf } from '../garment/chart';
import type { Garment } from '../garment/offset';
import { stepOf, type Believed } from '../inference/unknown-step';
import { formatLength, type LengthUnit } from '../units/length';
import { movesAlong } from './ideal';

/** A zone whose sizes are only labels: an offset there is a place among them, since nobody said how many centimetres a size is. */
export interface LabelPlaces {
  readonly sizes: readonly string[];
  /** A step as it is usual, and as the notes have it, cm. */
  readonly step: number;
  readonly believed: number;
  /** Where an offset of nought lies among the sizes: 0 is the first of them. */
  readonly nought: number;
}

/** The labels that a zone of a cut is told in; undefined where centimetres tell it. */
export function labelPlaces(garment: Garment, zone: ZoneId, believed: Believed): LabelPlaces | undefined {
  const { chart } = garment.draft;
  const { step, reading } = garment.draft.at(zone);
  const line = chart && lineOf(garment.make, zone);
  const place = line && placeOf(chart, line);
  if (!chart || step === 0 || reading || place === undefined || movesAlong(zone) === 'length') return undefined;
  const { x, alterations } = garment.offset(zone);
  const altered = alterations.reduce((sum, a) => sum + a.cm, 0);
  return { sizes: chart.sizes, step, believed: stepOf(believed), nought: place - (x - altered) / step };
}

/** The place of an offset among the labels. */
export const placeAt = ({ nought, step }: LabelPlaces, cm: number): number => nought + cm / step;

/**
 * An offset as it is told: in centimetres against the pattern, or as a place among sizes that are only labels, to the nearest quarter.
 *
 * @example offsetWords({ sizes: ['S', 'M', 'L'], step: 5.5, believed: 5.5, nought: 1 }, 2.75, 'cm') // 'between M and L'
 */
export function offsetWords(labels: LabelPlaces | undefined, cm: number, unit: LengthUnit, bare = false): string {
  return labels ? sizeLineWords(lineAt(labels, placeAt(labels, cm))) : formatLength(cm, unit, { signed: true, about: true, bare });
}

/**
 * The same in a word, where little room is left: between two sizes as sewists write it.
 *
 * @example shortOffset({ sizes: ['S', 'M', 'L'], step: 5.5, believed: 5.5, nought: 1 }, 2.75, 'cm') // 'M/L'
 */
export function shortOffset(labels: LabelPlaces | undefined, cm: number, unit: LengthUnit): string {
  if (!labels) return formatLength(cm, unit, { signed: true, about: true, bare: true });
  return sizeLineShort(lineAt(labels, placeAt(labels, cm)));
}

/** A range of offsets, once where both ends are told alike. */
export function rangeWords(labels: LabelPlaces | undefined, low: number, high: number, unit: LengthUnit): string {
  const [from, to] = [shortOffset(labels, low, unit), shortOffset(labels, high, unit)];
  return from === to ? from : `${from} to ${to}`;
}

/** What a place among labels rests on, and what would sharpen it. */
export function labelsRestOn({ step, believed }: LabelPlaces, unit: LengthUnit): string {
  const about = (cm: number) => formatLength(cm, unit, { about: true });
  const own = Math.abs(believed - step) >= step / 20 ? `; your notes make it about ${about(believed)}` : '';
  return `Sizes without a chart: steps of about ${about(step)} are usual here${own}. The size chart, or one finished measure in two sizes, would sharpen this.`;
}
