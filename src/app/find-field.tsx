import { lazy, Suspense, useEffect, useState } from 'react';
import { forgetKept, keepText, readKept } from '../ui/page-storage';
import { useWrittenKey } from '../ui/use-written-key';
import { FIND_LABEL, FIND_LOOK } from './find-words';

const Find = lazy(async () => ({ default: (await import('./find')).Find }));

/** What stands in the line, in this tab: it outlives a reload. */
const LINE = 'amber-ledger line';

/** A key to enter a line that was pressed while what reads it was still being loaded. */
export interface PressedEarly {
  readonly text: string;
  /** With Ctrl, to save it; without, to look at it first. */
  readonly saves: boolean;
}

/** The field on the strip. What is behind it is loaded when it is first entered; what is typed and pressed until then is not lost. */
export function FindField() {
  const [entered, setEntered] = useState(false);
  const [text, setText] = useState(() => readKept('session', LINE) ?? '');
  useEffect(() => {
    if (text === '') forgetKept('session', LINE);
    else keepText('session', LINE, text);
  }, [text]);
  const [pressed, setPressed] = useState<PressedEarly>();
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
      onKeyDown={(e) => {
        if (e.key === '/' && text === '') e.preventDefault();
        if (e.key === 'Enter') setPressed({ text, saves: e.ctrlKey || e.metaKey });
      }}
      onChange={(e) => setText(e.target.value)}
      className={FIND_LOOK}
    />
  );
  if (!entered) return waiting;
  return (
    <Suspense fallback={waiting}>
      <Find text={text} onText={setText} pressed={pressed} />
    </Suspense>
  );
}
