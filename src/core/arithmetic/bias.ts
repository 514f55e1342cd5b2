/**
 * Bias strip that can be cut from a piece of fabric: its area, less what is lost at the ends, by the width of the strip.
 *
 * @param length,width of the piece, cm
 * @param strip width of the strip as cut, cm
 * @param allowance at each join, cm: every strip across loses it
 * @returns cm of strip when joined
 * @example biasFrom(50, 50, 4) // about 600 cm
 */
export function biasFrom(length: number, width: number, strip: number, allowance = 0.75): number {
  const [short, long] = [Math.min(length, width), Math.max(length, width)];
  // Strips at 45° are as long as the short side's diagonal; each takes strip · √2 of the long side.
  const across = Math.SQRT2 * short;
  const whole = Math.floor((long - short) / (Math.SQRT2 * strip) + 1e-9);
  // The two corners give strips that grow shorter from the middle out: on the mean half as long.
  const inCorners = Math.floor(short / (Math.SQRT2 * strip) + 1e-9);
  const joins = whole + 2 * inCorners;
  return Math.max(0, whole * across + inCorners * across - joins * 2 * allowance);
}

/**
 * The side of a square from which so much strip is cut, cm: the least that gives it.
 *
 * @example squareForBias(biasFrom(50, 50, 4), 4) // 50
 */
export function squareForBias(wanted: number, strip: number, allowance = 0.75): number {
  let side = Math.ceil(Math.sqrt(wanted * strip));
  while (biasFrom(side, side, strip, allowance) < wanted) side += 1;
  return side;
}
