import { minutesOf } from '../make/minutes';
import { formatMoney } from '../units/money';
import { priceOfLength } from '../fabric/price';
import type { Collection, Fabric, Make, Money, Pattern } from '../records';
import { patternPrice } from './pattern-price';

/** What a make cost, as far as it is known. */
export interface MakeCost {
  readonly fabric: number;
  readonly notions: number;
  /** The pattern's price, spread over its versions so far. */
  readonly pattern: number;
  readonly mends: number;
  /** What was paid for it before it was made over. */
  readonly bought: number;
  /** All of it, minor units of `currency`. */
  readonly total: number;
  readonly currency: string;
  /** What is not in it, in words; where this is not empty the total is "at least". */
  readonly unknown: readonly string[];
}

/** The tables that a cost is worked out from. */
export interface CostTables {
  readonly makes: readonly Make[];
  readonly patterns: readonly Pattern[];
  readonly fabrics: readonly Fabric[];
  readonly collections: readonly Collection[];
}

/**
 * What a make cost: fabric by the length used, notions, its part of the pattern's price, mends.
 *
 * @param tables all makes, for the versions that share a pattern's price, and all patterns, for those that share a book's
 * @param currency ISO 4217; an amount in another one is not turned into it, and counts as unknown
 * @returns whole minor units; an unknown price is never nothing, but listed
 */
export function makeCost(make: Make, { makes, patterns, fabrics, collections }: CostTables, currency: string): MakeCost {
  const unknown: string[] = [];
  const known = (money: Money | undefined, what: string): number => {
    if (money === undefined) unknown.push(`the price of ${what}`);
    else if (money.currency !== currency) unknown.push(`${what}, which is in ${money.currency}`);
    else return money.minor;
    return 0;
  };
  let fabric = 0;
  // What is made over brings its own.
  const madeOver = make.bought !== undefined || make.refashionOf !== undefined;
  if (make.fabrics.length === 0 && !madeOver) unknown.push('the fabric');
  for (const use of make.fabrics) {
    const used = fabrics.find((c) => c.id === use.fabricId);
    const name = used?.name ?? 'a fabric that is gone';
    const part = use.part === 'main' ? name : `the ${use.part} (${name})`;
    if (use.length === undefined && madeOver) continue;
    if (use.length === undefined) unknown.push(`the length used of ${part}`);
    else fabric += known(used && priceOfLength(used, use.length), part);
  }
  const notions = make.notions.reduce((sum, n) => sum + known(n.cost, n.what), 0);
  let share = 0;
  for (const { patternId } of make.sources) {
    const pattern = patterns.find((p) => p.id === patternId);
    // A pattern of one's own costs nothing; of any other the price is to be known.
    const price = pattern && patternPrice(pattern, patterns, collections);
    if (!pattern || (price === undefined && (pattern.form === 'own draft' || pattern.form === 'copied garment'))) continue;
    const versions = makes.filter((m) => m.sources.some((s) => s.patternId === patternId)).length;
    share += Math.round(known(price, `the pattern ${pattern.name}`) / Math.max(1, versions));
  }
  const mends = make.mends.reduce((sum, m) => sum + (m.cost === undefined ? 0 : known(m.cost, `the mend “${m.what}”`)), 0);
  const bought = make.bought ? known(make.bought.price, make.bought.what) : 0;
  return {
    fabric,
    notions,
    pattern: share,
    mends,
    bought,
    total: fabric + notions + share + mends + bought,
    currency,
    unknown: [...new Set(unknown)],
  };
}

/** An amount of a make's cost in words: `at least 12.40 EUR` where something in it is not known. */
export function costWords({ currency, unknown }: Pick<MakeCost, 'currency' | 'unknown'>, minor: number): string {
  return `${unknown.length > 0 ? 'at least ' : ''}${formatMoney({ minor, currency })}`;
}

/**
 * An amount for each wear, to the nearest minor unit; undefined before the first wear.
 *
 * @example perWear(4500, 12) // 375
 */
export function perWear(minor: number, wears: number): number | undefined {
  return wears > 0 ? Math.round(minor / wears) : undefined;
}

/** Minutes of sewing for each wear; undefined before the first wear, or where nobody kept the time. */
export function minutesPerWear(make: Pick<Make, 'times'>, wears: number): number | undefined {
  const minutes = minutesOf(make);
  return minutes === undefined || wears <= 0 ? undefined : minutes / wears;
}
