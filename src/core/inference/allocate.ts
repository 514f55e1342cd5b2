/** Numbers in a block. */
const BLOCK = 4096;
let block = new Float64Array(BLOCK);
let taken = 0;

/**
 * Room for so many numbers, all 0. Thousands of short tables are kept of a large ledger: each is a stretch of a shared block, since a
 * block of its own costs several times what is worked out in it. It stays within the core: sent to another thread, the whole block
 * would go along.
 */
export function allocate(points: number): Float64Array {
  if (points > BLOCK) return new Float64Array(points);
  if (taken + points > BLOCK) {
    block = new Float64Array(BLOCK);
    taken = 0;
  }
  const stretch = block.subarray(taken, taken + points);
  taken += points;
  return stretch;
}

/** Room for numbers that are looked at and let go before its owner asks for more: it is the same room again, all 0. */
export class Scratch {
  #numbers = new Float64Array(0);

  of(points: number): Float64Array {
    if (points > this.#numbers.length) this.#numbers = new Float64Array(points);
    return this.#numbers.subarray(0, points).fill(0);
  }
}
