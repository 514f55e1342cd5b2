/**
 * The normal distribution function.
 *
 * W. J. Cody, "Rational Chebyshev approximations for the error function", Mathematics of Computation 23 (1969): good to
 * about sixteen figures, which the tails need (likelihoods are floored only at 1e-12).
 */
const A = [3.1611237438705656, 113.864154151050156, 377.485237685302021, 3209.37758913846947, 0.185777706184603153] as const;
const B = [23.6012909523441209, 244.024637934444173, 1282.61652607737228, 2844.23683343917062] as const;
const C = [
  0.564188496988670089, 8.88314979438837594, 66.1191906371416295, 298.635138197400131, 881.95222124176909, 1712.04761263407058,
  2051.07837782607147, 1230.33935479799725, 2.15311535474403846e-8,
] as const;
const D = [
  15.7449261107098347, 117.693950891312499, 537.181101862009858, 1621.38957456669019, 3290.79923573345963, 4362.61909014324716,
  3439.36767414372164, 1230.33935480374942,
] as const;
const P = [
  0.305326634961232344, 0.360344899949804439, 0.125781726111229246, 0.0160837851487422766, 6.58749161529837803e-4, 0.0163153871373020978,
] as const;
const Q = [2.56852019228982242, 1.87295284992346047, 0.527905102951428412, 0.0605183413124413191, 0.00233520497626869185] as const;
const ONE_OVER_SQRT_PI = 0.56418958354775628695;

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

const LOG_SQRT_2PI = 0.91893853320467274178;

/** The logarithm of the normal density with mean 0. */
export function logNormal(distance: number, sd: number): number {
  const z = distance / sd;
  return -0.5 * z * z - Math.log(sd) - LOG_SQRT_2PI;
}
