import { strToU8, zipSync } from 'fflate';
import { run } from './run';
import { ledgerTextOf, Unfit } from './read-file';

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

test('what no ledger holds is refused before anything is made of it, with a sentence', () => {
  const nothings = strToU8(`{"makes":[${'null,'.repeat(4_100_000)}null]}`);
  const bomb = zipSync({ 'ledger.json': nothings }, { level: 1 });
  expect(bomb.length).toBeLessThan(100_000);
  expect(() => ledgerTextOf(bomb)).toThrow('It holds more than 4 million values');
  expect(() => ledgerTextOf(nothings)).toThrow(Unfit);
  expect(() => ledgerTextOf(strToU8(`{"people":${'['.repeat(200)}`))).toThrow('nested deeper');
  expect(() => ledgerTextOf(strToU8('<html>'))).toThrow('does not begin as a ledger does');
  // A zip that says it holds more than any ledger is not unpacked at all: 100 MB and one byte, said in its two heads.
  const lying = zipSync({ 'ledger.json': strToU8('{}') }, { level: 0 });
  const heads = new DataView(lying.buffer, lying.byteOffset, lying.byteLength);
  for (let i = 0; i + 30 < lying.length; i++) {
    if (heads.getUint32(i, true) === 0x04034b50) heads.setUint32(i + 22, 100_000_001, true);
    if (heads.getUint32(i, true) === 0x02014b50) heads.setUint32(i + 24, 100_000_001, true);
  }
  expect(() => ledgerTextOf(lying)).toThrow('ledger.json is larger than 100 MB');
});

test('the command line says so, and of which file', () => {
  const read = () => ledgerTextOf(strToU8('<html>'));
  const { code, out } = run(['wardrobe', 'page.json'], read, () => new Uint8Array(), '2026-11-28');
  expect([code, out]).toEqual([1, 'page.json is not read. This file was not written by Amber Ledger: it does not begin as a ledger does.']);
});
