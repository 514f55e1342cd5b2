import { draftToday } from '../core/ledger/earlier-names';
import { useSyncExternalStore } from 'react';
import type { DraftKind, DraftOf } from './draft-shapes';
import { itemAt } from '../core/units/item-at';

/**
 * What is typed and not yet entered, kept so that a reload or a closed lid loses nothing.
 *
 * It stands in the page's local storage and not in the database because it must be written before the page is gone: a write to
 * the database that was begun in a page's last moment is thrown away with the page.
 */
const KEY = (name: string) => `amber-ledger draft ${name}`;

/** How drafts are written: 1 was the bare value, with the names that records had then. */
const DRAFT_VERSION = 2;

const listeners = new Set<() => void>();
const tellAll = () => listeners.forEach((listener) => listener());

export function saveDraft(name: string, value: unknown): void {
  try {
    localStorage.setItem(KEY(name), JSON.stringify({ version: DRAFT_VERSION, value }));
  } catch {
    // Storage that is full or forbidden keeps no draft; what is typed still stands in the form.
  }
  tellAll();
}

export function clearDraft(name: string): void {
  localStorage.removeItem(KEY(name));
  tellAll();
}

/** Forgets every draft: another ledger begins. */
export function clearDrafts(): void {
  for (const key of Object.keys(localStorage)) if (key.startsWith(KEY(''))) localStorage.removeItem(key);
  tellAll();
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

const draftNames = (prefix = '') =>
  Object.keys(localStorage)
    .filter((key) => key.startsWith(KEY(prefix)))
    .map((key) => key.slice(KEY('').length))
    .sort();

/** What is written of a draft; undefined where it is not ours, or cut off. */
function writtenIn(text: string): { readonly version: number; readonly value: unknown } | undefined {
  try {
    const parsed: unknown = JSON.parse(text);
    if (typeof parsed === 'object' && parsed !== null && 'version' in parsed && 'value' in parsed && typeof parsed.version === 'number')
      return { version: parsed.version, value: parsed.value };
    return { version: 1, value: parsed };
  } catch {
    return undefined;
  }
}

/** A draft as it was kept; null where there is none, or where this app does not read it. */
function draftOf(name: string): unknown {
  const text = localStorage.getItem(KEY(name));
  if (text === null) return null;
  const known = read.get(name);
  if (known?.text === text) return known.value;
  const written = writtenIn(text);
  const value = written?.version === DRAFT_VERSION ? written.value : null;
  read.set(name, { text, value });
  return value;
}

/**
 * Reads every draft through its shape, before a page meets one. Those of an earlier app are brought up to date; one that cannot be read is
 * let go of.
 *
 * @returns what each of those that went was, in words
 */
export async function settleDrafts(): Promise<readonly string[]> {
  const names = draftNames();
  // Most visits find none: the shapes are not loaded for them.
  if (names.length === 0) return [];
  const { draftKindOf, DRAFT_WORDS, readDraft } = await import('./draft-shapes');
  return names.flatMap((name) => {
    const kind = draftKindOf(name);
    const written = writtenIn(localStorage.getItem(KEY(name)) ?? '');
    const value = kind && written && readDraft(kind, written.version === 1 ? draftToday(kind, written.value) : written.value);
    if (value === undefined) {
      localStorage.removeItem(KEY(name));
      return [kind ? DRAFT_WORDS[kind] : 'something half typed'];
    }
    localStorage.setItem(KEY(name), JSON.stringify({ version: DRAFT_VERSION, value }));
    return [];
  });
}

/** A draft that was discarded, until another is: in the tab's own storage, so that it outlives a reload. */
interface Discarded {
  readonly name: string;
  readonly text: string;
  readonly at: number;
}
const DISCARDED = 'amber-ledger discarded draft';

/** Lets go of a draft so that it can be brought back. */
export function discardDraft(name: string, now = Date.now()): void {
  const text = localStorage.getItem(KEY(name));
  if (text !== null) sessionStorage.setItem(DISCARDED, JSON.stringify({ name, text, at: now } satisfies Discarded));
  clearDraft(name);
}

/**
 * Brings the draft back that was discarded last.
 *
 * @param since the moment of the last act in the ledger, milliseconds: what was done after the draft went is taken back first
 * @returns whether there was one
 */
export function bringDraftBack(since: number): boolean {
  const kept = sessionStorage.getItem(DISCARDED);
  if (kept === null) return false;
  const { name, text, at } = JSON.parse(kept) as Discarded;
  if (at < since || localStorage.getItem(KEY(name)) !== null) return false;
  sessionStorage.removeItem(DISCARDED);
  localStorage.setItem(KEY(name), text);
  tellAll();
  return true;
}

const lists = new Map<string, { readonly names: string; readonly drafts: readonly Draft[] }>();

function draftsOf(prefix: string): readonly Draft[] {
  const names = draftNames(prefix);
  const drafts = names.map((name) => ({ name, value: draftOf(name) })).filter(({ value }) => value !== null);
  const known = lists.get(prefix);
  // The same list as long as nothing in it changed: React compares by identity.
  if (known?.names === names.join() && known.drafts.length === drafts.length && known.drafts.every((d, i) => d.value === itemAt(drafts, i).value))
    return known.drafts;
  lists.set(prefix, { names: names.join(), drafts });
  return drafts;
}

/** A draft under its name. */
export interface Draft<T = unknown> {
  readonly name: string;
  readonly value: T;
}

/** The name that a draft of a kind is kept under: some are about something, by its id. */
const nameOf = (kind: DraftKind, about?: string) => (about === undefined ? kind : `${kind} ${about}`);

/** All drafts of a kind, by name; also when another tab writes them. */
export function useDrafts<K extends DraftKind>(kind: K): readonly Draft<DraftOf<K>>[] {
  // Every draft was read through its shape before the first page was drawn, and is written by this app since.
  return useSyncExternalStore(subscribe, () => draftsOf(kind)) as readonly Draft<DraftOf<K>>[];
}

/** What a form holds, through a reload and when its page is left. */
export interface Kept<T> {
  /** Undefined where it holds nothing. */
  readonly value: T | undefined;
  readonly keep: (value: T) => void;
  /** After it was entered. */
  readonly clear: () => void;
  /** Put away without being entered: it can be brought back. */
  readonly discard: () => void;
  readonly name: string;
}

/** A draft of a kind as it stands, also when another tab writes it. */
export function useKept<K extends DraftKind>(kind: K, about?: string): Kept<DraftOf<K>> {
  const name = nameOf(kind, about);
  const value = useSyncExternalStore(subscribe, () => draftOf(name)) as DraftOf<K> | null;
  return { value: value ?? undefined, keep: (next) => saveDraft(name, next), clear: () => clearDraft(name), discard: () => discardDraft(name), name };
}
