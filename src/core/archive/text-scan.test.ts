import fc from 'fast-check';
import { demoLedger } from '../../../demo/ledger';
import { ledgerText } from '../ledger/check-ledger';
import { TextScan } from './text-scan';

const bytes = (text: string) => new TextEncoder().encode(text);
const scanned = (text: string, piece = 65_536) => {
  const scan = new TextScan();
  const all = bytes(text);
  for (let at = 0; at < all.length; at += piece) {
    const problem = scan.take(all.subarray(at, at + piece));
    if (problem) return problem;
  }
  return undefined;
};

test('a ledger passes, in pieces of any size', () => {
  const text = ledgerText(demoLedger(), '2026-11-24T12:00:00Z');
  for (const piece of [1, 7, 4096, 1e9]) expect(scanned(text, piece)).toBeUndefined();
});

test('what stands in texts is not counted: quotes, backslashes and brackets in any pieces', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom('"', '\\', '[', '{', ' ', 'ü', ','), { maxLength: 200 }), fc.integer({ min: 1, max: 9 }), (signs, piece) => {
      const value = signs.join('') + '['.repeat(100);
      // Deep outside of the text, so that a text taken to end too soon or too late is noticed.
      const text = `{"a":${JSON.stringify(value)},"b":${'['.repeat(59)}${']'.repeat(59)}}`;
      expect(scanned(text, piece)).toBeUndefined();
      expect(scanned(text.replace(`"b":`, `"b":[[`), piece)).toMatch(/nested/);
    }),
  );
});

test.each<[string, string, RegExp]>([
  ['a list of millions of nothings', `{"makes":[${'null,'.repeat(4_000_001)}null]}`, /more than 4 million values/],
  ['blanks without end', `{"format":"amber-ledger"${' '.repeat(20_000)}}`, /blank/],
  ['brackets in brackets', `{"makes":${'['.repeat(5000)}`, /nested/],
  ['another kind of file', '<html></html>', /not written by Amber Ledger/],
])('%s is refused as soon as it is seen', (_, text, problem) => {
  expect(scanned(text)).toMatch(problem);
});

test('a mark of the order of bytes before it, as some editors write it, is let pass', () => {
  expect(scanned('\uFEFF{"format":"amber-ledger"}')).toBeUndefined();
});
