import { lazy, Suspense, useEffect, useState } from 'react';
import { useWrittenKey } from '../ui/use-written-key';
import { FIND_LABEL, FIND_LOOK } from './find-words';

const Find = lazy(async () => ({ default: (await import('./find')).Find }));

const LINE = 'amber-ledger line';

/** What stood in the line when this page was left, in this tab. */
function lineBefore(): string {
  try {
    return sessionStorage.getItem(LINE) ?? '';
  } catch {
    return '';
  }
}

function keepLine(text: string): void {
  try {
    if (text === '') sessionStorage.removeItem(LINE);
    else sessionStorage.setItem(LINE, text);
  } catch {
    // A browser that keeps nothing still has it in the field.
  }
}

/** The field on the strip. What is behind it is loaded when it is first entered; what is typed until then is not lost. */
export function FindField() {
  const [entered, setEntered] = useState(false);
  const [text, setText] = useState(lineBefore);
  useEffect(() => keepLine(text), [text]);
  useWrittenKey('/', () => setEntered(true));
  const waiting = (
    <input
      // Focused once the key asked for it, so that nothing typed while the rest is loaded goes elsewhere.
      key={entered ? 'entered' : 'idle'}
      autoFocus={entered}
      aria-label={FIND_LABEL}
      placeholder={`${FIND_LABEL} …`}
      value={text}
      onFocus={() => setEntered(true)}
      onChange={(e) => setText(e.target.value)}
      className={FIND_LOOK}
    />
  );
  if (!entered) return waiting;
  return (
    <Suspense fallback={waiting}>
      <Find text={text} onText={setText} />
    </Suspense>
  );
}
