import { useEffect, useRef, type RefObject } from 'react';

/**
 * The words of the one field that is being typed in, kept at every key: a reload, or a lid that is closed, comes before the field is left.
 * In the tab's own storage, since two tabs type two things.
 */
const KEY = 'amber-ledger being typed';

interface Typed {
  readonly place: string;
  readonly text: string;
}

function stored(): Typed | undefined {
  try {
    const parsed: unknown = JSON.parse(sessionStorage.getItem(KEY) ?? 'null');
    if (typeof parsed !== 'object' || parsed === null || !('place' in parsed) || !('text' in parsed)) return undefined;
    const { place, text } = parsed;
    return typeof place === 'string' && typeof text === 'string' ? { place, text } : undefined;
  } catch {
    return undefined;
  }
}

/** What was being typed when this page was left; until its field is there again. */
let before = stored();

/** Which field it is: by its page, its label, how many of that label stand before it, and what it held. */
function placeOf(input: HTMLInputElement, shown: string): string {
  const label = input.labels?.[0]?.textContent ?? '';
  const alike = [...document.querySelectorAll('label')].filter((other) => other.textContent === label);
  return [location.pathname, label, alike.findIndex((other) => other.htmlFor === input.id), shown].join('\n');
}

/** Keeps what a field holds by now. */
export function keepTyped(input: HTMLInputElement, shown: string): void {
  try {
    sessionStorage.setItem(KEY, JSON.stringify({ place: placeOf(input, shown), text: input.value } satisfies Typed));
  } catch {
    // A browser that keeps nothing still has it in the field.
  }
}

/** Once it is left, and what it held is written. */
export function letGoOfTyped(): void {
  sessionStorage.removeItem(KEY);
}

/**
 * Gives a field back what was typed into it before a reload, and stands in it again: it is written when it is left.
 *
 * @param shown what the field holds that is written
 */
export function useTypedBefore(shown: string, restore: (text: string) => void): RefObject<HTMLInputElement | null> {
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const input = field.current;
    if (!before || !input || placeOf(input, shown) !== before.place) return;
    const { text } = before;
    before = undefined;
    restore(text);
    input.focus();
    // Asked when the field comes, and then never again.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  return field;
}
