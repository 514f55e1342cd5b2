import { toast } from 'react-toastify';
import { db } from '../data/database';
import { write, type Write } from '../data/journal';

/**
 * Writes an act to the ledger; where that fails, says so in words.
 *
 * @param label what was done, as undo will name it
 * @returns whether it was written
 */
export async function keep(label: string, writes: readonly Write[]): Promise<boolean> {
  try {
    await write(db, label, writes);
    return true;
  } catch (error) {
    toast.error(`Not kept: ${error instanceof Error ? error.message : String(error)}. The ledger is as it was.`);
    return false;
  }
}
