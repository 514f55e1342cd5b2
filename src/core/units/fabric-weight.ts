import { itemAt } from './item-at';
import type { LengthUnit } from './length';

/** g/m² of an ounce to the square yard: 28.3495 g on 0.836127 m². Exact by definition of both. */
const GSM_OF_OUNCE = 28.349523125 / 0.83612736;

/** @example gramsOf(5) // 169.53 g/m² */
export const gramsOf = (ounces: number): number => ounces * GSM_OF_OUNCE;

/** @example ouncesOf(169.53) // 5 oz/yd² */
export const ouncesOf = (gsm: number): number => gsm / GSM_OF_OUNCE;

/** Nothing that is sewn is heavier, g/m². */
const MOST = 3000;

export type ParsedWeight = { readonly ok: true; readonly gsm: number } | { readonly ok: false; readonly problem: string };

/**
 * Reads the weight of a fabric as people write it.
 *
 * @param usual in which a bare number is: grams to the square metre with centimetres, ounces to the square yard with inches
 * @returns g/m² to a tenth, or a sentence
 * @example parseFabricWeight('5 oz', 'cm') // { ok: true, gsm: 169.5 }
 */
export function parseFabricWeight(text: string, usual: LengthUnit): ParsedWeight {
  const said = text.trim();
  const found = /^(\d+(?:[.,]\d+)?)\s*(oz\b.*|ounces?.*|g\b.*|gsm|grams?.*)?$/i.exec(said);
  const number = found ? Number(itemAt(found, 1).replace(',', '.')) : NaN;
  const unit = found?.[2];
  const ounces = unit === undefined ? usual === 'in' : /^o/i.test(unit);
  const gsm = ounces ? gramsOf(number) : number;
  if (!(gsm > 0 && gsm <= MOST)) return { ok: false, problem: `“${said}” is not a weight such as 180 g/m² or 5 oz/yd².` };
  return { ok: true, gsm: Math.round(gsm * 10) / 10 };
}

const figure = (gsm: number, unit: LengthUnit) => String(unit === 'cm' ? gsm : Math.round(ouncesOf(gsm) * 10) / 10);

/**
 * A weight for a field, with its unit.
 *
 * @example fabricWeightForEditing(169.5, 'in') // '5 oz/yd²'
 */
export function fabricWeightForEditing(gsm: number, unit: LengthUnit): string {
  return `${figure(gsm, unit)} ${unit === 'cm' ? 'g/m²' : 'oz/yd²'}`;
}

/**
 * A weight in words, thin space between.
 *
 * @example formatFabricWeight(180, 'cm') // '180 g/m²'
 */
export function formatFabricWeight(gsm: number, unit: LengthUnit): string {
  return fabricWeightForEditing(gsm, unit).replace(' ', '\u202f');
}
