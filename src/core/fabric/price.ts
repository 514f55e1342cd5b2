import type { Fabric, Money } from '../records';
import { CM_PER_INCH } from '../units/length';

type Priced = Pick<Fabric, 'pricePerMetre' | 'pricedBy'>;

/** The length that a price is for, cm. */
const lengthOf = ({ pricedBy }: Priced) => (pricedBy === 'yard' ? 36 * CM_PER_INCH : 100);

/**
 * What a length of fabric costs, by its price as it was quoted: rounded once, to whole minor units.
 *
 * @returns undefined where no price is known
 * @example priceOfLength({ pricePerMetre: { minor: 1000, currency: 'USD' }, pricedBy: 'yard' }, 91.44)?.minor // 1000
 */
export function priceOfLength(fabric: Priced, cm: number): Money | undefined {
  const price = fabric.pricePerMetre;
  return price && { minor: Math.round((price.minor * cm) / lengthOf(fabric)), currency: price.currency };
}

/**
 * The price of a metre or a yard, from what a length of it cost in all.
 *
 * @param cm what it was paid for, above nought
 * @returns undefined where it does not come out in whole minor units: rounded, the length would cost something else
 * @example evenPrice({ minor: 3000, currency: 'EUR' }, 200, 'metre')?.price.minor // 1500
 * @example evenPrice({ minor: 3000, currency: 'EUR' }, 210, 'metre') // undefined
 */
export function evenPrice(total: Money, cm: number, by: 'metre' | 'yard'): { readonly price: Money; readonly pricedBy?: 'yard' } | undefined {
  const pricedBy = by === 'yard' ? { pricedBy: by } : {};
  const minor = (total.minor * lengthOf(pricedBy)) / cm;
  const even = Math.round(minor);
  return Math.abs(minor - even) < 1e-6 ? { price: { ...total, minor: even }, ...pricedBy } : undefined;
}

/** Minor units for a centimetre, by which prices by the metre and by the yard are compared; undefined where none is known. */
export function priceOfCm(fabric: Priced): number | undefined {
  return fabric.pricePerMetre && fabric.pricePerMetre.minor / lengthOf(fabric);
}
