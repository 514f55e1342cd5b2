/**
 * The normal distribution function.
 *
 * W. J. Cody, "Rational Chebyshev approximations for the error function", Mathematics of Computation 23 (1969): good to
 * about sixteen figures, which the tails need (likelihoods are floored only at 1e-12).
 */
const A = [3.1611237438705655, 113.86415415105016, 377.485237685302, 3209.3775891384694, 0.18577770618460315] as const;
const B = [23.601290952344122, 244.02463793444417, 1282.6165260773723, 2844.236833439171] as const;
const C = [
  0.5641884969886701, 8.883149794388377, 66.11919063714163, 298.6351381974001, 881.952221241769, 1712.0476126340707, 2051.0783778260716,
  1230.3393547979972, 2.1531153547440383e-8,
] as const;
const D = [
  15.744926110709835, 117.6939508913125, 537.1811018620099, 1621.3895745666903, 3290.7992357334597, 4362.619090143247, 3439.3676741437216,
  1230.3393548037495,
] as const;
const P = [0.30532663496123236, 0.36034489994980445, 0.12578172611122926, 0.016083785148742275, 0.0006587491615298378, 0.016315387137302097] as const;
const Q = [2.568520192289822, 1.8729528499234604, 0.5279051029514285, 0.06051834131244132, 0.0023352049762686918] as const;
const ONE_OVER_SQRT_PI = 0.5641895835477563;

/** erfc for arguments that are not negative. */
function erfcUpper(y: number): number {
  if (y <= 0.46875) {
    const z = y * y;
    let top = A[4] * z;
    let bottom = z;
    for (let i = 0; i < 3; i++) {
      top = (top + A[i]!) * z;
      bottom = (bottom + B[i]!) * z;
    }
    return 1 - (y * (top + A[3])) / (bottom + B[3]);
  }
  if (y <= 4) {
    let top = C[8] * y;
    let bottom = y;
    for (let i = 0; i < 7; i++) {
      top = (top + C[i]!) * y;
      bottom = (bottom + D[i]!) * y;
    }
    return (Math.exp(-y * y) * (top + C[7])) / (bottom + D[7]);
  }
  if (y > 26.5) return 0;
  const z = 1 / (y * y);
  let top = P[5] * z;
  let bottom = z;
  for (let i = 0; i < 4; i++) {
    top = (top + P[i]!) * z;
    bottom = (bottom + Q[i]!) * z;
  }
  const rest = (z * (top + P[4])) / (bottom + Q[4]);
  return (Math.exp(-y * y) * (ONE_OVER_SQRT_PI - rest)) / y;
}

/** Φ(z): the chance that a standard normal number is at most z. */
export function phi(z: number): number {
  const half = 0.5 * erfcUpper(Math.abs(z) * Math.SQRT1_2);
  return z < 0 ? half : 1 - half;
}

/** Φ(high) − Φ(low), exact in both tails (a difference of two numbers near 1 would lose its figures). */
export function phiBetween(low: number, high: number): number {
  return low > 0 ? phi(-low) - phi(-high) : phi(high) - phi(low);
}

const LOG_SQRT_2PI = 0.5 * Math.log(2 * Math.PI);

/** The logarithm of the normal density with mean 0. */
export function logNormal(distance: number, sd: number): number {
  const z = distance / sd;
  return -0.5 * z * z - Math.log(sd) - LOG_SQRT_2PI;
}
