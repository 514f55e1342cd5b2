/** Grams a square metre in one ounce a square yard: 28.349523125 / 0.83612736. */
const PER_OUNCE = 28.349523125 / 0.83612736;

/** @example gramsOf(5) // 169.53 g/m² */
export function gramsOf(ounces: number): number {
  return ounces * PER_OUNCE;
}

/** @example ouncesOf(170) // 5.01 oz/yd² */
export function ouncesOf(grams: number): number {
  return grams / PER_OUNCE;
}
