import type { z } from 'zod';
import { formatDuration } from '../units/duration';
import { formatFabricWeight } from '../units/fabric-weight';
import { fabricUnitOf, formatFabricLength, formatLength, lengthForEditing, type LengthUnit } from '../units/length';
import { formatMoney, moneyForEditing } from '../units/money';
import { isAsked, type FieldMeta } from './field';
import { Money } from './shapes';

/** The fields of a record by their names, as its shape declares them. */
export type Shapes = Readonly<Record<string, z.ZodType>>;

/** A field of a record that is asked for. */
export interface RecordedField<Name extends string = string> {
  readonly name: Name;
  readonly shape: z.ZodType;
  readonly meta: FieldMeta;
}

/**
 * The fields of a record that are asked for, in the order in which they are declared.
 *
 * @param shapes such as `Make.shape`
 * @param which those wanted
 * @example askedFields(Make.shape, (meta) => meta.account === 'Making').map((f) => f.name) // ['difficulty']
 */
export function askedFields<S extends Shapes>(shapes: S, which: (meta: FieldMeta) => boolean = () => true): RecordedField<keyof S & string>[] {
  return Object.entries(shapes).flatMap(([name, shape]) => {
    const meta = shape.meta();
    return isAsked(meta) && which(meta) ? [{ name, shape, meta }] : [];
  });
}

/** A name in the code as words: `sizeLines` is "size lines". */
const asWords = (name: string) => name.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);

/**
 * What a field is called in a sentence: `the day it was cut`, `fit notes`; without a name of its own, by its label.
 *
 * @param shapes such as `Make.shape`
 */
export function calledField(shapes: Shapes, name: string): string {
  const meta = shapes[name]?.meta();
  const label = meta?.called ?? meta?.label ?? asWords(name);
  return label.charAt(0).toLowerCase() + label.slice(1);
}

/**
 * What a field holds, for people; undefined where it has no words of its own, such as a list of choices or nothing at all.
 *
 * @example fieldWords({ label: 'Width', ask: 'length' }, 140, 'cm') // '140 cm' (with a thin space)
 */
export function fieldWords(meta: Partial<FieldMeta> | undefined, value: unknown, unit: LengthUnit): string | undefined {
  if (meta?.ask === undefined || value === undefined || value === null || value === '') return undefined;
  if (typeof value === 'number') return numberWords(meta, value, unit);
  if (meta.ask === 'yes') return value ? 'yes' : 'no';
  if (meta.ask === 'money') return isMoney(value) ? formatMoney(value) : undefined;
  return typeof value === 'string' && meta.ask !== 'colour' ? (meta.words?.[value] ?? value) : undefined;
}

function numberWords({ ask, unit: own }: Partial<FieldMeta>, value: number, unit: LengthUnit): string | undefined {
  switch (ask) {
    case 'length':
      return formatLength(value, unit);
    case 'fabric length':
      return formatFabricLength(value, fabricUnitOf(unit));
    case 'fabric weight':
      return formatFabricWeight(value, unit);
    case 'minutes':
      return formatDuration(value);
    case 'percent':
      return `${value} %`;
    default:
      return `${value}${own ? ` ${own}` : ''}`;
  }
}

/** Whether a value of unknown kind is an amount of money. */
export const isMoney = (value: unknown): value is Money => Money.safeParse(value).success;

/** The head of a field's column: its label, and the unit in which its numbers are. */
export function sheetHead({ label, ask, unit }: FieldMeta, lengths: LengthUnit): string {
  const of = ask === 'length' || ask === 'fabric length' ? lengths : ask === 'percent' ? '%' : unit;
  return of === undefined ? label : `${label}, ${of}`;
}

/** What stands in a field's column, so that reading it again gives the same. */
export function sheetCell({ ask }: FieldMeta, value: unknown, lengths: LengthUnit): string | number | undefined {
  if (value === undefined || value === null) return undefined;
  if (ask === 'yes') return value ? 'yes' : 'no';
  if (typeof value === 'number') return ask === 'length' || ask === 'fabric length' ? lengthForEditing(value, lengths) : value;
  if (isMoney(value)) return moneyForEditing(value, '');
  if (Array.isArray(value)) return value.join('; ');
  return typeof value === 'string' ? value : undefined;
}
