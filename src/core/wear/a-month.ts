/** Worn less often than so a month is seldom. */
export const SELDOM = 0.75;

/**
 * How often something is worn, as it is said.
 *
 * @param rate wears a month
 * @example timesAMonth(1.8) // 'about 2 times a month'
 */
export const timesAMonth = (rate: number): string =>
  `${rate < SELDOM ? 'less than once' : rate < 1.5 ? 'about once' : `about ${Math.round(rate)} times`} a month`;
