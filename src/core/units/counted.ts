/**
 * A count with its noun: `1 make`, `3 makes`.
 *
 * @param noun in the singular; its plural adds an s
 * @example counted(2, 'make') // '2 makes'
 */
export function counted(count: number, noun: string): string {
  return `${count} ${count === 1 ? noun : `${noun}s`}`;
}

/**
 * All of so many, two or more: `both`, `all 3`.
 *
 * @example allOf(2) // 'both'
 */
export const allOf = (count: number): string => (count === 2 ? 'both' : `all ${count}`);
