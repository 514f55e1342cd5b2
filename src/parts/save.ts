import { toast } from 'react-toastify';
import { causeOf, db } from '../data/database';
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

/** Why an act was not written, as a sentence with what to do. A full browser says so by one name or another, on the outside or within. */
export function whyNot(error: unknown): string {
  const cause = causeOf(error);
  if ((cause as { name?: string } | undefined)?.name === 'QuotaExceededError')
    return 'this browser has no room left. Save the ledger to a file, make room on the machine or remove pictures, and do it again.';
  return `${(cause instanceof Error ? cause.message : String(cause)).replace(/\.$/, '')}.`;
}

/**
 * Writes an act to the ledger; where that fails, says so in words.
 *
 * @param label what was done, as undo will name it
 * @returns whether it was written
 */
export async function save(label: string, writes: readonly Write[]): Promise<boolean> {
  begin();
  try {
    await write(db, label, writes);
    return true;
  } catch (error) {
    toast.error(`Not saved: ${whyNot(error)} The ledger is as it was.`);
    return false;
  } finally {
    end();
  }
}
