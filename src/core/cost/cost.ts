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
