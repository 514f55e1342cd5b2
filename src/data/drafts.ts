import { useSyncExternalStore } from 'react';

/**
 * What is typed and not yet entered, kept so that a reload or a closed lid loses nothing.
 *
 * It stands in the page's local storage and not in the database because it must be written before the page is gone: a write to
 * the database that was begun in a page's last moment is thrown away with the page.
 */
const KEY = (name: string) => `amber-ledger draft ${name}`;

const listeners = new Set<() => void>();
const told = () => listeners.forEach((listener) => listener());

export function saveDraft(name: string, value: unknown): void {
  try {
    localStorage.setItem(KEY(name), JSON.stringify(value));
  } catch {
    // Storage that is full or forbidden keeps no draft; what is typed still stands in the form.
  }
  told();
}

export function clearDraft(name: string): void {
  localStorage.removeItem(KEY(name));
  told();
}

/** Forgets every draft: another ledger begins. */
export function clearDrafts(): void {
  for (const key of Object.keys(localStorage)) if (key.startsWith(KEY(''))) localStorage.removeItem(key);
  told();
}

function subscribe(listener: () => void) {
  listeners.add(listener);
  window.addEventListener('storage', listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener('storage', listener);
  };
}

const read = new Map<string, { readonly text: string; readonly value: unknown }>();

/** A draft as it was kept; null where there is none, or where it cannot be read. */
function draftOf(name: string): unknown {
  const text = localStorage.getItem(KEY(name));
  if (text === null) return null;
  const known = read.get(name);
  if (known?.text === text) return known.value;
  let value: unknown = null;
  try {
    value = JSON.parse(text);
  } catch {
    // Not ours, or cut off: there is nothing to go on with.
  }
  read.set(name, { text, value });
  return value;
}

const lists = new Map<string, { readonly names: string; readonly drafts: readonly Draft[] }>();

/** A draft under its name. */
export interface Draft<T = unknown> {
  readonly name: string;
  readonly value: T;
}

function draftsOf(prefix: string): readonly Draft[] {
  const names = Object.keys(localStorage)
    .filter((key) => key.startsWith(KEY(prefix)))
    .map((key) => key.slice(KEY('').length))
    .sort();
  const drafts = names.map((name) => ({ name, value: draftOf(name) })).filter(({ value }) => value !== null);
  const known = lists.get(prefix);
  // The same list as long as nothing in it changed: React compares by identity.
  if (known?.names === names.join() && known.drafts.length === drafts.length && known.drafts.every((d, i) => d.value === drafts[i]!.value))
    return known.drafts;
  lists.set(prefix, { names: names.join(), drafts });
  return drafts;
}

/** All drafts whose name begins so, by name; also when another tab writes them. */
export function useDrafts<T>(prefix: string): readonly Draft<T>[] {
  return useSyncExternalStore(subscribe, () => draftsOf(prefix)) as readonly Draft<T>[];
}

/** A draft as it stands, also when another tab writes it. */
export function useDraft<T>(name: string): T | null {
  return useSyncExternalStore(subscribe, () => draftOf(name)) as T | null;
}

/** What a form holds, through a reload and when its page is left; undefined where it holds nothing, and lets go of it. */
export function useKept<T>(name: string): readonly [T | undefined, (value: T | undefined) => void] {
  const kept = useDraft<T>(name);
  return [kept ?? undefined, (value) => (value === undefined ? clearDraft(name) : saveDraft(name, value))];
}
