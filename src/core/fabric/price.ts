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

/** Minor units for a centimetre, by which prices by the metre and by the yard are compared; undefined where none is known. */
export function priceOfCm(fabric: Priced): number | undefined {
  return fabric.pricePerMetre && fabric.pricePerMetre.minor / lengthOf(fabric);
}
