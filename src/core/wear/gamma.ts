import { firstOf, itemAt } from '../units/item-at';
/** ln Γ(x) for x > 0. C. Lanczos, "A precision approximation of the gamma function" (1964), with g = 7 and nine terms: about fifteen figures. */
const LANCZOS: readonly number[] = [
  0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059, 12.507343278686905, -0.13857109526572012,
  9.9843695780195716e-6, 1.5056327351493116e-7,
];

function lnGamma(x: number): number {
  if (x < 0.5) return Math.log(Math.PI / Math.sin(Math.PI * x)) - lnGamma(1 - x);
  const z = x - 1;
  const t = z + 7.5;
  let sum = firstOf(LANCZOS);
  for (let i = 1; i < LANCZOS.length; i++) sum += itemAt(LANCZOS, i) / (z + i);
  return 0.5 * Math.log(2 * Math.PI) + (z + 0.5) * Math.log(t) - t + Math.log(sum);
}

/**
 * The share of a Gamma distribution (rate 1) below x: the series below the mean, the continued fraction above it.
 * Source: Abramowitz and Stegun, Handbook of Mathematical Functions, 6.5.29 and 6.5.31.
 *
 * @param shape more than 0
 * @param constant ln Γ(shape), where it is known already
 * @example gammaBelow(1, 1) // 0.632121
 */
export function gammaBelow(shape: number, x: number, constant = lnGamma(shape)): number {
  if (x <= 0) return 0;
  const front = Math.exp(shape * Math.log(x) - x - constant);
  if (x < shape + 1) {
    let term = 1 / shape;
    let sum = term;
    for (let n = 1; Math.abs(term) > Math.abs(sum) * 1e-16 && n < 10_000; n++) {
      term *= x / (shape + n);
      sum += term;
    }
    return Math.min(1, front * sum);
  }
  // Lentz's way of reckoning a continued fraction from the front.
  const tiny = 1e-300;
  let b = x + 1 - shape;
  let c = 1 / tiny;
  let d = 1 / b;
  let h = d;
  for (let n = 1; n < 10_000; n++) {
    const a = -n * (n - shape);
    b += 2;
    d = 1 / (a * d + b || tiny);
    c = b + a / c || tiny;
    const step = c * d;
    h *= step;
    if (Math.abs(step - 1) < 1e-15) break;
  }
  return Math.max(0, 1 - front * h);
}

/** About where a share of a standard normal lies below: a guess to begin from. Source: Abramowitz and Stegun, 26.2.22. */
function normalPoint(share: number): number {
  const t = Math.sqrt(-2 * Math.log(Math.min(share, 1 - share)));
  const z = t - (2.30753 + 0.27061 * t) / (1 + 0.99229 * t + 0.04481 * t * t);
  return share < 0.5 ? -z : z;
}

/**
 * The point below which a share of a Gamma distribution lies.
 *
 * @param share between 0 and 1
 * @example gammaPoint(4, 2, 0.5) // 1.836…, the median of the Gamma with shape 4 and rate 2
 */
export function gammaPoint(shape: number, rate: number, share: number): number {
  let low = 0;
  let high = Infinity;
  // Newton's steps from where a cube root would be normal (Wilson and Hilferty, 1931), kept between what is known to be too low and too high.
  const constant = lnGamma(shape);
  const guess = shape * (1 - 1 / (9 * shape) + normalPoint(share) / (3 * Math.sqrt(shape))) ** 3;
  let x = guess > 0 ? guess : shape / 2;
  for (let i = 0; i < 200; i++) {
    const off = gammaBelow(shape, x, constant) - share;
    if (off > 0) high = x;
    else low = x;
    const step = off / Math.exp((shape - 1) * Math.log(x) - x - constant);
    const next = x - step;
    const better = next > low && next < high ? next : high === Infinity ? 2 * x : (low + high) / 2;
    const moved = Math.abs(better - x);
    x = better;
    // Every step of Newton's doubles the figures: after so small a one they are all there.
    if (moved <= 1e-7 * x) break;
  }
  return x / rate;
}
