import fc from 'fast-check';
import { crc32 } from './crc32';

/** Bit by bit, as it is defined. */
function slowly(bytes: Uint8Array): number {
  let check = ~0;
  for (const byte of bytes) {
    check ^= byte;
    for (let bit = 0; bit < 8; bit++) check = check & 1 ? (check >>> 1) ^ 0xedb88320 : check >>> 1;
  }
  return ~check >>> 0;
}

test('the usual example, and nothing', () => {
  expect(crc32(new TextEncoder().encode('123456789'))).toBe(0xcbf43926);
  expect(crc32(new Uint8Array())).toBe(0);
});

test('of any bytes it is what bit by bit gives', () => {
  fc.assert(fc.property(fc.uint8Array({ maxLength: 100 }), (bytes) => expect(crc32(bytes)).toBe(slowly(bytes))));
  const part = new Uint8Array(Array.from({ length: 50 }, (_, i) => i * 37)).subarray(3, 44);
  expect(crc32(part)).toBe(slowly(part));
});
