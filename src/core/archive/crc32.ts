import { itemAt } from '../units/item-at';

/** The polynomial of zips and PNGs, bits the other way round. */
const POLYNOMIAL = 0xedb88320;
const LANES = 8;

/** Lane by lane, what a byte so far ahead of the end does to the check: eight bytes are taken at a step. */
const TABLES = Array.from({ length: LANES }, () => new Int32Array(256));
for (let byte = 0; byte < 256; byte++) {
  let check = byte;
  for (let bit = 0; bit < 8; bit++) check = check & 1 ? (check >>> 1) ^ POLYNOMIAL : check >>> 1;
  for (const table of TABLES) {
    table[byte] = check;
    // One byte further: the check of this byte with a nought behind it.
    let next = check & 0xff;
    for (let bit = 0; bit < 8; bit++) next = next & 1 ? (next >>> 1) ^ POLYNOMIAL : next >>> 1;
    check = next ^ (check >>> 8);
  }
}
const lane = (ahead: number) => itemAt(TABLES, ahead);
const [T0, T1, T2, T3, T4, T5, T6, T7] = [lane(0), lane(1), lane(2), lane(3), lane(4), lane(5), lane(6), lane(7)];

/**
 * The CRC-32 of bytes, as zips hold it (ISO 3309; eight bytes at a step, after Kounavis and Berry): without a sign.
 *
 * @example crc32(new TextEncoder().encode('123456789')) // 0xcbf43926
 */
export function crc32(bytes: Uint8Array): number {
  let check = -1;
  let at = 0;
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  for (; at + LANES <= bytes.length; at += LANES) {
    const a = check ^ view.getInt32(at, true);
    const b = view.getInt32(at + 4, true);
    check =
      (T7[a & 255] ?? 0) ^
      (T6[(a >>> 8) & 255] ?? 0) ^
      (T5[(a >>> 16) & 255] ?? 0) ^
      (T4[a >>> 24] ?? 0) ^
      (T3[b & 255] ?? 0) ^
      (T2[(b >>> 8) & 255] ?? 0) ^
      (T1[(b >>> 16) & 255] ?? 0) ^
      (T0[b >>> 24] ?? 0);
  }
  for (; at < bytes.length; at++) check = (T0[(check ^ (bytes[at] ?? 0)) & 255] ?? 0) ^ (check >>> 8);
  return ~check >>> 0;
}
