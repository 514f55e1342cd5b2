import { strToU8, zipSync } from 'fflate';
import { ledgerTextOf } from './read-file';

test('text as it is, and the ledger out of an archive, whatever else is in it', () => {
  const text = '{"format":"amber-ledger", "words": "Ärmel"}';
  expect(ledgerTextOf(strToU8(text))).toBe(text);
  expect(ledgerTextOf(zipSync({ 'pictures/1.png': strToU8('x'), 'ledger.json': strToU8(text) }))).toBe(text);
});

test('an archive without a ledger, or cut off, cannot be read', () => {
  expect(() => ledgerTextOf(zipSync({ 'notes.txt': strToU8('x') }))).toThrow('no ledger');
  const zip = zipSync({ 'ledger.json': strToU8('{}'.repeat(900)) });
  expect(() => ledgerTextOf(zip.slice(0, zip.length - 30))).toThrow();
});
