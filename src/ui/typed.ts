import { useEffect, useRef, useState, type RefObject } from 'react';
import { forgetKept, keepText, readKept } from './page-storage';

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
    const parsed: unknown = JSON.parse(readKept('session', KEY) ?? 'null');
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

/** A field while it is typed in. */
interface Typing {
  /** To be given to the input. */
  readonly field: RefObject<HTMLInputElement | null>;
  readonly text: string;
  readonly problem: string | undefined;
  /** Something was typed that was not left yet. */
  readonly typing: boolean;
  readonly type: (input: HTMLInputElement) => void;
  /** What could not be taken, or undefined: the words stay, and are still being typed. */
  readonly refuse: (problem: string | undefined) => void;
  /** The field was left with what is, or will be, written. */
  readonly leave: () => void;
}

/**
 * What is typed into a field stands as it is typed until the field is left: against what another tab writes, and through a reload, after
 * which the field is stood in again. Else the field shows what is written, also when that changed elsewhere (undone, or in another tab).
 *
 * @param shown what is written, in words
 */
export function useTyping(shown: string): Typing {
  const [text, setText] = useState(shown);
  const [problem, setProblem] = useState<string>();
  const [last, setLast] = useState(shown);
  const [typing, setTyping] = useState(false);
  if (last !== shown) {
    setLast(shown);
    if (!typing) {
      setText(shown);
      setProblem(undefined);
    }
  }
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const input = field.current;
    if (!before || !input || placeOf(input, shown) !== before.place) return;
    setText(before.text);
    setTyping(true);
    before = undefined;
    input.focus();
    // Asked when the field comes, and then never again.
    // oxlint-disable-next-line react/exhaustive-deps
  }, []);
  return {
    field,
    text,
    problem,
    typing,
    type: (input) => {
      setText(input.value);
      setTyping(true);
      // Of a date that is not whole the browser tells nothing.
      if (!input.validity.badInput) keepText('session', KEY, JSON.stringify({ place: placeOf(input, shown), text: input.value } satisfies Typed));
    },
    refuse: setProblem,
    leave: () => {
      setProblem(undefined);
      setTyping(false);
      forgetKept('session', KEY);
    },
  };
}
