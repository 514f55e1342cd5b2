/**
 * Elastic to cut for a body: shorter than the girth by what it should pull, with an overlap to join it.
 *
 * @param body girth, cm
 * @param ratio length of the elastic to the girth; 0.9 at a waist, 0.85 for a firm hold, 1 for a loose leg. Source: sewing practice; try it on
 * @param overlap to join, cm
 * @example elasticLength(72, 0.9, 2) // 66.8
 */
export function elasticLength(body: number, ratio: number, overlap = 2): number {
  return body * ratio + overlap;
}

/**
 * A strap to cut: over the shoulder from where it meets the front to the back, with allowances at both ends.
 *
 * @param over length over the shoulder, cm, measured on the body or on the last version
 * @param stretch of the strap when worn, %: an elastic strap is cut shorter by it
 * @example strapLength(38, 1.5) // 41
 */
export function strapLength(over: number, allowance: number, stretch = 0): number {
  return over / (1 + stretch / 100) + 2 * allowance;
}

/**
 * A band in place of a hem: what the garment's length changes by, and how wide the band is cut.
 *
 * @param cutOff from the garment, cm
 * @param finished width of the band when sewn, cm
 * @example band(4, 3, 1) // the garment is 1 shorter, the folded band is cut 8 wide
 */
export function band(cutOff: number, finished: number, allowance: number): { readonly changes: number; readonly cutWidth: number } {
  return { changes: finished - cutOff, cutWidth: 2 * finished + 2 * allowance };
}

/**
 * A fold turned into a seam, or back: a seam allowance is added to each of two pieces, or taken off both.
 *
 * @param width of the piece on the fold, cm; half of what it becomes
 * @example foldToSeam(24, 1.5) // two pieces of 25.5
 */
export function foldToSeam(width: number, allowance: number): number {
  return width + allowance;
}

/**
 * The reverse of `foldToSeam`: the piece to lay on the fold.
 *
 * @example seamToFold(3, 1) // 2
 */
export function seamToFold(width: number, allowance: number): number {
  return width - allowance;
}

/**
 * Skirt length from a wish about the floor: how high the waist stands, less how far the hem is to hang above it.
 *
 * @param waistHeight from the floor, with the shoes it is worn with, cm
 * @param aboveFloor wished distance of the hem, cm
 * @param fall how much further a full skirt falls than the tape, cm: bias and weight
 * @example skirtLength(104, 40, 1) // 63
 */
export function skirtLength(waistHeight: number, aboveFloor: number, fall = 0): number {
  return waistHeight - aboveFloor - fall;
}

/**
 * Gathers: the ratio of what is gathered to what it is gathered to, or the length for a wished ratio.
 *
 * @example gatherRatio(210, 84) // 2.5
 */
export function gatherRatio(gathered: number, to: number): number {
  return gathered / to;
}
