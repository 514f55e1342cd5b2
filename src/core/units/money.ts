import { itemAt } from './item-at';
/** Structurally the money of the records: minor units with an ISO 4217 code. */
interface Money {
  readonly minor: number;
  readonly currency: string;
}

export type ParsedMoney = { readonly ok: true; readonly money: Money } | { readonly ok: false; readonly problem: string };

const SIGNS: Record<string, string> = { '€': 'EUR', $: 'USD', '£': 'GBP', '¥': 'JPY' };
/** Currencies without a smaller coin, and those with a thousandth. Source: ISO 4217, list one. */
const NO_MINOR = new Set(['BIF', 'CLP', 'DJF', 'GNF', 'ISK', 'JPY', 'KMF', 'KRW', 'PYG', 'RWF', 'UGX', 'VND', 'VUV', 'XAF', 'XOF', 'XPF']);
const THOUSANDTHS = new Set(['BHD', 'IQD', 'JOD', 'KWD', 'LYD', 'OMR', 'TND']);

/**
 * How many figures a currency has behind the point.
 *
 * @example minorDigits('JPY') // 0
 */
export function minorDigits(currency: string): number {
  return NO_MINOR.has(currency) ? 0 : THOUSANDTHS.has(currency) ? 3 : 2;
}

/**
 * Reads an amount of money as people write it.
 *
 * @param usual the currency where none is written, ISO 4217
 * @returns exact minor units, or a sentence; no binary fraction comes between
 * @example parseMoney('12,50', 'EUR') // { ok: true, money: { minor: 1250, currency: 'EUR' } }
 */
export function parseMoney(text: string, usual: string): ParsedMoney {
  const said = text.trim();
  const problem = `“${said}” is not an amount of money. Write it as 12.50 or 12,50 EUR.`;
  const found = /^([€$£¥]|[a-z]{3})?\s*(\d[\d .,'’]*?)\s*([€$£¥]|[a-z]{3})?$/i.exec(said);
  if (!found || (found[1] && found[3])) return { ok: false, problem };
  const written = found[1] ?? found[3];
  const currency = written ? (SIGNS[written] ?? written.toUpperCase()) : usual;
  const digits = minorDigits(currency);
  const figure = itemAt(found, 2).replace(/[\s'’]/g, '');
  // Points or commas that part thousands, then at most one that stands before the smaller coin.
  const grouped = new RegExp(`^(\\d{1,3}(?:[.,]\\d{3})+)(?:[.,](\\d{1,${Math.max(1, digits)}}))?$`).exec(figure);
  const plain = new RegExp(`^(\\d+)(?:[.,](\\d{1,${Math.max(1, digits)}}))?$`).exec(figure);
  // Where a currency has thousandths, three figures behind a point are those.
  const parts = digits === 3 ? (plain ?? grouped) : (grouped ?? plain);
  if (!parts) return { ok: false, problem };
  const whole = itemAt(parts, 1).replace(/[.,]/g, '');
  const minor = parts[2] ?? '';
  if (whole.length > 10 || minor.length > digits) return { ok: false, problem };
  return { ok: true, money: { minor: Number(whole + minor.padEnd(digits, '0')), currency } };
}

/**
 * An amount in plain figures with its currency: `12.40 EUR`, thin space between.
 *
 * @example formatMoney({ minor: 1250, currency: 'EUR' }) // '12.50 EUR'
 */
export function formatMoney({ minor, currency }: Money): string {
  return `${minor < 0 ? '−' : ''}${figures(Math.abs(minor), currency)}\u202f${currency}`;
}

/**
 * An amount for a field: `12.40`, and its currency where it is not the usual one.
 *
 * @example moneyForEditing({ minor: 1250, currency: 'EUR' }, 'EUR') // '12.50'
 */
export function moneyForEditing({ minor, currency }: Money, usual: string): string {
  return `${figures(minor, currency)}${currency === usual ? '' : ` ${currency}`}`;
}

function figures(minor: number, currency: string): string {
  const digits = minorDigits(currency);
  if (digits === 0) return String(minor);
  const text = String(minor).padStart(digits + 1, '0');
  return `${text.slice(0, -digits)}.${text.slice(-digits)}`;
}
