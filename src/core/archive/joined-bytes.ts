/**
 * Bytes one behind the other, as one.
 *
 * @example [...joinedBytes([new Uint8Array([1, 2]), new Uint8Array([3])])] // [1, 2, 3]
 */
export function joinedBytes(parts: readonly Uint8Array[]): Uint8Array<ArrayBuffer> {
  const all = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}
