import { useCallback, useEffect, useState } from 'react';
import type { Draws } from '../core/schedule/ahead';
import type { AheadQuestion } from '../core/schedule/look-ahead';
import { EngineError } from './engine-error';
import type { Scheduler } from './schedule.worker';
import { useOwnWorker } from './use-own-worker';

const start = () => new Worker(new URL('./schedule.worker.ts', import.meta.url), { type: 'module', name: 'schedule' });

/**
 * Sews a bench through in a worker of its own.
 *
 * @param question undefined until all is read
 * @returns what was drawn last, why nothing is, and a way to ask what would be: in another order, without a step
 */
export function useAhead(question: AheadQuestion | undefined): {
  readonly drawn: Draws | undefined;
  readonly fault: { readonly error: EngineError; readonly again: () => void } | undefined;
  readonly ask: (question: AheadQuestion) => Promise<Draws>;
} {
  const askScheduler = useOwnWorker<Scheduler>(start);
  const [drawn, setDrawn] = useState<Draws>();
  const [fault, setFault] = useState<EngineError>();
  const [tries, setTries] = useState(0);
  const ask = useCallback((next: AheadQuestion) => askScheduler((scheduler) => scheduler.drawnAhead(next)), [askScheduler]);
  useEffect(() => {
    if (!question) return;
    let overtaken = false;
    ask(question).then(
      (answer) => {
        if (overtaken) return;
        setFault(undefined);
        setDrawn(answer);
      },
      (error: unknown) => {
        if (overtaken) return;
        // What was drawn before says nothing of what is asked now.
        setDrawn(undefined);
        setFault(EngineError.of(error));
      },
    );
    return () => {
      overtaken = true;
    };
  }, [ask, question, tries]);
  const again = useCallback(() => setTries((so) => so + 1), []);
  return { drawn, fault: fault && { error: fault, again }, ask };
}
