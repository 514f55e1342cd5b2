/** The unit a person likes to read and write. Lengths are stored in centimetres whatever the choice. */
export type LengthUnit = 'cm' | 'in';

/** Exact by definition of the inch. */
export const CM_PER_INCH = 2.54;

export type ParsedLength = { readonly ok: true; readonly cm: number } | { readonly ok: false; readonly problem: string };

const VULGAR: Record<string, string> = { '⅛': '1/8', '¼': '1/4', '⅜': '3/8', '½': '1/2', '⅝': '5/8', '¾': '3/4', '⅞': '7/8', '⅓': '1/3', '⅔': '2/3' };
const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'] as const;

/** One amount: a whole with a fraction, a fraction alone, or a decimal with point or comma. */
const AMOUNT = String.raw`(?:(\d+)(?:\s+|-|\s*\+\s*)(\d+)\s*/\s*(\d+)|(\d+)\s*/\s*(\d+)|(\d+(?:[.,]\d*)?|[.,]\d+))`;
const UNIT = String.raw`(centimetres?|centimeters?|cms?|millimetres?|millimeters?|mm|metres?|meters?|m|inches|inch|ins?|"|″|”|''|feet|foot|ft|'|′|’|yards?|yds?)?`;
const TERM = new RegExp(`^\\s*${AMOUNT}\\s*${UNIT}\\.?\\s*`, 'i');

const CM_PER_UNIT: readonly [RegExp, number][] = [
  [/^(cm|cms|cent)/i, 1],
  [/^(mm|mil)/i, 0.1],
  [/^(m|me)/i, 100],
  [/^(in|"|″|”|'')/i, CM_PER_INCH],
  [/^(f|'|′|’)/i, 12 * CM_PER_INCH],
  [/^y/i, 36 * CM_PER_INCH],
];

function cmPer(unit: string): number {
  return CM_PER_UNIT.find(([name]) => name.test(unit))?.[1] ?? 1;
}

/**
 * A length as fine as a tape is read: to a tenth of a centimetre.
 *
 * @example asTapeReads(53.412) // 53.4
 */
export const asTapeReads = (cm: number): number => Math.round(cm * 10) / 10;

/** Takes float noise off a computed length; keeps 1.5875 (⅝ in) and every 0.0001 cm. */
export function tidy(cm: number): number {
  return Math.round(cm * 1e6) / 1e6;
}

/**
 * Reads a length as people write it.
 *
 * @param text e.g. `5/8`, `1 1/2"`, `1½ in`, `1.5 cm`, `1,5`, `4ft 11`, `2 1/4 yds`, `-3`
 * @param unit the unit where none is written; a number after feet counts as inches, after metres as centimetres
 * @returns centimetres, or a sentence that says what could not be read
 * @example parseLength('5/8', 'in') // { ok: true, cm: 1.5875 }
 */
export function parseLength(text: string, unit: LengthUnit): ParsedLength {
  const said = text.trim();
  if (said === '') return { ok: false, problem: 'No length is written.' };
  const sign = /^[-−–]/.test(said) ? -1 : 1;
  let rest = said
    .replace(/^[+\-−–]\s*/, '')
    .replace(/[⅛¼⅜½⅝¾⅞⅓⅔]/g, (f) => ` ${VULGAR[f]}`)
    .replace('⁄', '/');
  let cm = 0;
  let before: number | undefined;
  while (rest.trim() !== '') {
    const found = TERM.exec(rest);
    if (!found) return { ok: false, problem: `“${said}” is not a length. Write it as 1.5 cm, 5/8 or 1 1/2 in.` };
    const [all, whole, top, bottom, top2, bottom2, decimal, written] = found;
    const under = Number(bottom ?? bottom2 ?? 1);
    if (under === 0) return { ok: false, problem: `“${said}” divides by zero.` };
    const amount = decimal !== undefined ? Number(decimal.replace(',', '.')) : Number(whole ?? 0) + Number(top ?? top2) / under;
    // After feet a bare number is inches, after metres centimetres.
    const bare = before === 100 ? 1 : before !== undefined && before > CM_PER_INCH ? CM_PER_INCH : unit === 'in' ? CM_PER_INCH : 1;
    const each = written ? cmPer(written) : bare;
    if (before !== undefined && each >= before) return { ok: false, problem: `“${said}” is two lengths. Write one.` };
    cm += amount * each;
    before = each;
    rest = rest.slice(all.length);
  }
  // Fractions of an inch come back as they went in: an eighth is 0.3175 cm, which six decimals hold exactly.
  return { ok: true, cm: sign * tidy(cm) };
}

export interface LengthFormat {
  /** Writes + before what is not below zero. */
  readonly signed?: boolean;
  /** Leaves the unit away, for tables that say it once. */
  readonly bare?: boolean;
  /** An estimate: one decimal in cm, because more would pretend to know. */
  readonly about?: boolean;
}

const THIN = '\u202f';
/** Exact by definition. */
export const CM_PER_YARD = 91.44;

/** The nearest eighth of an inch, as mixed number: `1½`, `⅝`, `0`. */
function inEighths(inches: number): string {
  const eighths = Math.round(inches * 8);
  const whole = Math.floor(eighths / 8);
  const part = EIGHTHS[eighths % 8] ?? '';
  return whole === 0 && part !== '' ? part : `${whole}${part}`;
}

/**
 * Writes a length for people: up to two decimals in cm, eighths in inches, a real minus sign and a thin space before the unit.
 *
 * @example formatLength(1.5875, 'in') // '⅝ in' (with a thin space)
 * @example formatLength(-3, 'cm', { signed: true }) // '−3 cm'
 */
export function formatLength(cm: number, unit: LengthUnit, { signed = false, bare = false, about = false }: LengthFormat = {}): string {
  const size = Math.abs(cm);
  const text = unit === 'cm' ? String(Number((size + 1e-9).toFixed(about ? 1 : 2))) : inEighths(size / CM_PER_INCH);
  const nought = text === '0';
  const sign = nought ? '' : cm < 0 ? '−' : signed ? '+' : '';
  return `${sign}${text}${bare ? '' : `${THIN}${unit}`}`;
}

/**
 * Writes a length so that reading it again gives the same number: what a field shows while it is edited.
 *
 * @example lengthForEditing(1.5875, 'in') // '5/8'
 * @example lengthForEditing(1.5875, 'cm') // '1.5875'
 */
export function lengthForEditing(cm: number, unit: LengthUnit): string {
  const sign = cm < 0 ? '-' : '';
  const size = Math.abs(cm);
  if (unit === 'cm') return `${sign}${tidy(size)}`;
  const eighths = (size / CM_PER_INCH) * 8;
  if (Math.abs(eighths - Math.round(eighths)) > 1e-4) return `${sign}${tidy(size)} cm`;
  const whole = Math.floor(Math.round(eighths) / 8);
  let top = Math.round(eighths) % 8;
  if (top === 0) return `${sign}${whole}`;
  let bottom = 8;
  while (top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  return `${sign}${whole === 0 ? '' : `${whole} `}${top}/${bottom}`;
}

/**
 * The nearest length that can be cut: a multiple of 0.5 cm or ¼ in, half of that where a zone is fine.
 *
 * @param fine true for widths and positions
 * @returns cm
 * @example roundToWorkable(1.37, 'cm', false) // 1.5
 */
export function roundToWorkable(cm: number, unit: LengthUnit, fine: boolean): number {
  const step = workableStep(unit, fine);
  return tidy(Math.round(cm / step) * step) || 0;
}

/**
 * The smallest change worth cutting, cm. Source: engine.md, section 4.
 *
 * @example workableStep('cm', true) // 0.25
 */
export function workableStep(unit: LengthUnit, fine: boolean): number {
  return (unit === 'cm' ? 0.5 : CM_PER_INCH / 4) * (fine ? 0.5 : 1);
}

/** How fabric is measured by length where it is bought. */
export const FABRIC_UNITS = ['m', 'yd'] as const;
export type FabricUnit = (typeof FABRIC_UNITS)[number];

/**
 * The unit of fabric lengths that goes with a unit of length, where nobody chose another.
 *
 * @example fabricUnitOf('in') // 'yd'
 */
export function fabricUnitOf(unit: LengthUnit): FabricUnit {
  return unit === 'cm' ? 'm' : 'yd';
}

const CM_PER_FABRIC_UNIT: Readonly<Record<FabricUnit, number>> = { m: 100, yd: CM_PER_YARD };

/**
 * Writes a length of fabric as it is bought: metres or yards.
 *
 * @param cm not below zero
 * @example formatFabricLength(185, 'm') // '1.85 m' (with a thin space)
 */
export function formatFabricLength(cm: number, unit: FabricUnit): string {
  return `${Number((cm / CM_PER_FABRIC_UNIT[unit]).toFixed(2))}${THIN}${unit}`;
}

/**
 * Writes a length of fabric so that reading it again gives the same number.
 *
 * @example fabricLengthForEditing(185, 'm') // '1.85 m'
 */
export function fabricLengthForEditing(cm: number, unit: FabricUnit): string {
  const amount = tidy(cm / CM_PER_FABRIC_UNIT[unit]);
  // What is no round part of the unit is shown as it was measured.
  return Math.abs(amount * 100 - Math.round(amount * 100)) < 1e-6 ? `${amount} ${unit}` : `${tidy(cm)} cm`;
}

/** A bare number of so much or more is no length of fabric in metres or yards: it is centimetres or inches. Source: our own convention. */
const TOO_LONG = 15;

/**
 * Reads a length of fabric as people write it; a bare number is metres or yards, and a large one centimetres or inches.
 *
 * @example parseFabricLength('1.85', 'm') // { ok: true, cm: 185 }
 * @example parseFabricLength('185', 'm') // { ok: true, cm: 185 }
 */
export function parseFabricLength(text: string, unit: FabricUnit): ParsedLength {
  const small: LengthUnit = unit === 'm' ? 'cm' : 'in';
  const bare = /^[\s\d.,/½¼¾⅛⅜⅝⅞-]+$/.test(text);
  const asLarge = bare ? parseLength(`${text.trim()} ${unit}`, small) : undefined;
  return asLarge?.ok && asLarge.cm < TOO_LONG * CM_PER_FABRIC_UNIT[unit] ? asLarge : parseLength(text, small);
}
