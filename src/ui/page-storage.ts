/** What a browser keeps for a page: `local` for good and for all its tabs, `session` for this tab. */
type Kind = 'local' | 'session';

/** Both may be forbidden, or full, and throw where they are only asked for: a page then goes on without. */
function storageOf(kind: Kind): Storage {
  return kind === 'local' ? localStorage : sessionStorage;
}

/** @returns what is kept under a key; null where there is nothing, or the browser keeps nothing */
export function readKept(kind: Kind, key: string): string | null {
  try {
    return storageOf(kind).getItem(key);
  } catch {
    return null;
  }
}

/** Keeps a text, if the browser will: what is kept here stands on the page as well. */
export function keepText(kind: Kind, key: string, text: string): void {
  try {
    storageOf(kind).setItem(key, text);
  } catch {
    // Said above.
  }
}

export function forgetKept(kind: Kind, key: string): void {
  try {
    storageOf(kind).removeItem(key);
  } catch {
    // Nothing is kept there.
  }
}
