import { toast } from 'react-toastify';
import { db } from '../data/database';
import { write, type Write } from '../data/journal';

/** Acts that are being written. While there are any, the page says so to the browser, which asks before it leaves: a write cut off is lost. */
let writing = 0;
const askFirst = (event: BeforeUnloadEvent) => event.preventDefault();

function begin() {
  writing += 1;
  document.documentElement.dataset['keeping'] = '';
  window.addEventListener('beforeunload', askFirst);
}

function end() {
  writing -= 1;
  if (writing > 0) return;
  delete document.documentElement.dataset['keeping'];
  window.removeEventListener('beforeunload', askFirst);
}

/**
 * Writes an act to the ledger; where that fails, says so in words.
 *
 * @param label what was done, as undo will name it
 * @returns whether it was written
 */
export async function keep(label: string, writes: readonly Write[]): Promise<boolean> {
  begin();
  try {
    await write(db, label, writes);
    return true;
  } catch (error) {
    toast.error(`Not kept: ${error instanceof Error ? error.message : String(error)}. The ledger is as it was.`);
    return false;
  } finally {
    end();
  }
}
