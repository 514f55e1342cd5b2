/**
 * A share in words for people.
 *
 * @example percent(0.854) // '85 %' (with a thin space)
 */
export function percent(share: number): string {
  return `${Math.round(share * 100)}\u202f%`;
}
