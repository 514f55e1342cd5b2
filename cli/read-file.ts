import { strFromU8, unzipSync } from 'fflate';
import { LEDGER_NAME } from '../src/core/archive/names';

/** The text of a ledger's file: the file itself, or the ledger within an archive. Its pictures are not looked at. */
export function ledgerTextOf(bytes: Uint8Array): string {
  const zipped = bytes[0] === 0x50 && bytes[1] === 0x4b;
  if (!zipped) return strFromU8(bytes);
  const found = unzipSync(bytes, { filter: ({ name }) => name === LEDGER_NAME })[LEDGER_NAME];
  if (!found) throw new Error('no ledger in the archive');
  return strFromU8(found);
}
