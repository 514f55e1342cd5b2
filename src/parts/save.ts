import { toast } from 'react-toastify';
import { causeOf, db } from '../data/database';
import { writeReckoned, type Write } from '../data/journal';
import { changeSettings, type Settings } from '../data/settings';
import { byHand } from '../ui/by-hand';

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

/** A part of this app could not be loaded, as browsers and our bundler say it: mostly since a newer one has taken its place on the server. */
export function isPartGone(error: unknown): boolean {
  return error instanceof Error && /dynamically imported module|importing a module script|unable to preload/i.test(error.message);
}

/** What to do where that is so. */
export const PART_GONE = 'a newer Amber Ledger seems to have taken the place of this one. Open the page anew; what you have typed stays';

/** Why an act was not written, as a sentence with what to do. A full browser says so by one name or another, on the outside or within. */
export function whyNot(error: unknown): string {
  const cause = causeOf(error);
  if ((cause instanceof Error || cause instanceof DOMException) && cause.name === 'QuotaExceededError')
    return 'this browser has no room left. Save the ledger to a file, make room on the machine or remove pictures, and do it again.';
  if ((cause instanceof Error || cause instanceof DOMException) && (cause.name === 'AbortError' || cause.name === 'UnknownError'))
    return 'this browser could not write to the disk. Is it full? Make room on the machine, and do it again.';
  if (isPartGone(cause)) return `${PART_GONE}.`;
  return `${(cause instanceof Error ? cause.message : String(cause)).replace(/\.$/, '')}.`;
}

/** What follows an act that was written, and only then. */
interface Afterwards {
  /** What is said when it is done. */
  readonly done?: string | (() => string);
  /** What held it until then lets go of it. */
  readonly draft?: { readonly clear: () => void };
}

/**
 * Writes an act to the ledger, and says so; where that fails, says that and why, and nothing that was typed goes.
 *
 * @param label what was done, as undo will name it
 * @param writes what is written, or how that is found out from the ledger as it stands: asked within the transaction, it may wait for the
 *   database and for nothing else
 * @returns whether it was written
 */
export async function save(
  label: string,
  writes: readonly Write[] | (() => Promise<readonly Write[]>),
  { done, draft }: Afterwards = {},
): Promise<boolean> {
  const written = await attempt('Not saved', async () => {
    await writeReckoned(db, label, async () => ({ writes: typeof writes === 'function' ? await writes() : writes }));
    return true;
  });
  if (written !== true) return false;
  draft?.clear();
  if (done !== undefined) toast(byHand(typeof done === 'function' ? done() : done));
  return true;
}

/**
 * Does what may fail and cannot be half done; where it fails, says so and why.
 *
 * @param refused what is said before the reason: `Not undone`
 * @returns what the work gave; undefined where it failed
 */
export async function attempt<T>(refused: string, work: () => Promise<T>): Promise<T | undefined> {
  begin();
  try {
    return await work();
  } catch (error) {
    toast.error(`${refused}: ${whyNot(error)} The ledger is as it was.`);
    return undefined;
  } finally {
    end();
  }
}

/** Chooses settings of this machine; says so where that fails. */
export async function choose(settings: Partial<Settings>): Promise<boolean> {
  return (await attempt('Not chosen', async () => changeSettings(db, settings).then(() => true))) === true;
}
