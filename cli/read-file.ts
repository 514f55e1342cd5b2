import { strFromU8, unzipSync } from 'fflate';
import { LARGEST_LEDGER, LARGEST_TEXT, LEDGER_NAME } from '../src/core/archive/names';
import { TextScan } from '../src/core/archive/text-scan';

/** Why a file is not read, in a sentence for people: it holds what no ledger does. */
export class Unfit extends Error {}

/** Text that was looked over before anything is made of it: a small archive can unpack to lists that fill the machine. */
function lookedOver(bytes: Uint8Array, most: number): string {
  if (bytes.length > most) throw new Unfit(`It is larger than ${most / 1e6} MB: this is no ledger of Amber Ledger.`);
  const problem = new TextScan().take(bytes);
  if (problem !== undefined) throw new Unfit(problem);
  return strFromU8(bytes);
}

/**
 * The text of a ledger's file: the file itself, or the ledger within an archive. Its pictures are not looked at.
 *
 * @throws Unfit where it holds what no ledger does; another error where it is damaged
 */
export function ledgerTextOf(bytes: Uint8Array): string {
  const zipped = bytes[0] === 0x50 && bytes[1] === 0x4b;
  if (!zipped) return lookedOver(bytes, LARGEST_TEXT);
  const filter = ({ name, originalSize }: { name: string; originalSize: number }) => {
    // What a zip says of its sizes is all that is unpacked of it: more is never made room for.
    if (name === LEDGER_NAME && originalSize > LARGEST_LEDGER) throw new Unfit(`${LEDGER_NAME} is larger than ${LARGEST_LEDGER / 1e6} MB.`);
    return name === LEDGER_NAME;
  };
  const found = unzipSync(bytes, { filter })[LEDGER_NAME];
  if (!found) throw new Error('no ledger in the archive');
  return lookedOver(found, LARGEST_LEDGER);
}
