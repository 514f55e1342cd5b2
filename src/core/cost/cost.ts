import type { Cloth, Make, Money } from '../records';

/**
 * What the cloth of a make cost, by length used.
 *
 * @returns undefined where a price or a length is not known: an unknown price is never nothing
 */
export function clothCost(make: Make, cloths: readonly Cloth[]): Money | undefined {
  if (make.cloths.length === 0) return undefined;
  let sum: Money | undefined;
  for (const { clothId, length } of make.cloths) {
    const price = cloths.find((c) => c.id === clothId)?.pricePerMetre;
    if (!price || length === undefined || (sum && sum.currency !== price.currency)) return undefined;
    sum = { minor: (sum?.minor ?? 0) + Math.round((price.minor * length) / 100), currency: price.currency };
  }
  return sum;
}

/** Cost shared out among wears, to the nearest minor unit. */
export function costPerWear(cost: Money, wears: number): Money {
  return { minor: Math.round(cost.minor / Math.max(1, wears)), currency: cost.currency };
}

/** An amount with its currency, in plain figures: `12.40 EUR`. */
export function formatMoney({ minor, currency }: Money): string {
  const sign = minor < 0 ? '−' : '';
  const size = Math.abs(minor);
  return `${sign}${Math.floor(size / 100)}.${String(size % 100).padStart(2, '0')}\u2009${currency}`;
}
