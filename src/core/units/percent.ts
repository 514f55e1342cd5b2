/**
 * A share or a chance in words for people. What falls short of the whole is never told as the whole.
 *
 * @example percent(0.854) // '85 %' (with a thin space)
 * @example percent(0.998) // '99 %'
 */
export function percent(share: number): string {
  const whole = Math.round(share * 100);
  return `${whole === 100 && share < 1 - 1e-9 ? 99 : whole}\u202f%`;
}

/**
 * A chance in words: near nought or one it is said as such, never as sure.
 *
 * @example likelihood(0.998) // 'almost surely'
 */
export const likelihood = (chance: number): string => (chance < 0.01 ? 'hardly' : chance > 0.99 ? 'almost surely' : percent(chance));
