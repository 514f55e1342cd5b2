/**
 * The normal distribution function.
 *
 * W. J. Cody, "Rational Chebyshev approximations for the error function", Mathematics of Computation 23 (1969): good to
 * about sixteen figures, which the tails need (likelihoods are floored only at 1e-12).
 */
const ONE_OVER_SQRT_PI = 0.5641895835477563;

/**
 * erfc for arguments that are not negative. Every chance of a fit comes through here, many times over: the polynomials are
 * written out, since loops over their coefficients cost more than the arithmetic.
 */
function erfcUpper(y: number): number {
  if (y <= 0.46875) {
    const z = y * y;
    const top = (((0.18577770618460315 * z + 3.1611237438705655) * z + 113.86415415105016) * z + 377.485237685302) * z + 3209.3775891384694;
    const bottom = (((z + 23.601290952344122) * z + 244.02463793444417) * z + 1282.6165260773723) * z + 2844.236833439171;
    return 1 - (y * top) / bottom;
  }
  if (y <= 4) {
    let top = 2.1531153547440383e-8 * y + 0.5641884969886701;
    top = (top * y + 8.883149794388377) * y + 66.11919063714163;
    top = (top * y + 298.6351381974001) * y + 881.952221241769;
    top = (top * y + 1712.0476126340707) * y + 2051.0783778260716;
    top = top * y + 1230.3393547979972;
    let bottom = y + 15.744926110709835;
    bottom = (bottom * y + 117.6939508913125) * y + 537.1811018620099;
    bottom = (bottom * y + 1621.3895745666903) * y + 3290.7992357334597;
    bottom = (bottom * y + 4362.619090143247) * y + 3439.3676741437216;
    bottom = bottom * y + 1230.3393548037495;
    return (Math.exp(-y * y) * top) / bottom;
  }
  if (y > 26.5) return 0;
  const z = 1 / (y * y);
  let top = (0.016315387137302097 * z + 0.30532663496123236) * z + 0.36034489994980445;
  top = ((top * z + 0.12578172611122926) * z + 0.016083785148742275) * z + 0.0006587491615298378;
  let bottom = (z + 2.568520192289822) * z + 1.8729528499234604;
  bottom = ((bottom * z + 0.5279051029514285) * z + 0.06051834131244132) * z + 0.0023352049762686918;
  return (Math.exp(-y * y) * (ONE_OVER_SQRT_PI - (z * top) / bottom)) / y;
}

/**
 * Φ(z): the chance that a standard normal number is at most z.
 *
 * @example phi(0) // 0.5
 */
export function phi(z: number): number {
  const half = 0.5 * erfcUpper(Math.abs(z) * Math.SQRT1_2);
  return z < 0 ? half : 1 - half;
}

const LOG_SQRT_2PI = 0.5 * Math.log(2 * Math.PI);

/**
 * Φ(high) − Φ(low), exact in both tails (a difference of two numbers near 1 would lose its figures).
 *
 * @example phiBetween(-1, 1) // 0.682689
 */
export function phiBetween(low: number, high: number): number {
  return low > 0 ? phi(-low) - phi(-high) : phi(high) - phi(low);
}

/**
 * The logarithm of the normal density with mean 0.
 *
 * @example logNormal(0, 1) // -0.918939
 */
export function logNormal(distance: number, sd: number): number {
  const z = distance / sd;
  return -0.5 * z * z - Math.log(sd) - LOG_SQRT_2PI;
}

/** The point of the normal distribution with nine tenths below it: safe nine times in ten, or eight in ten within both sides. */
export const NINE_TENTHS = 1.2816;
