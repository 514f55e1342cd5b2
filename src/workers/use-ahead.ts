import { useCallback, useEffect, useState } from 'react';
import type { Draws } from '../core/schedule/ahead';
import type { AheadQuestion } from '../core/schedule/look-ahead';
import type { Scheduler } from './schedule.worker';
import { useOwnWorker } from './use-own-worker';

const start = () => new Worker(new URL('./schedule.worker.ts', import.meta.url), { type: 'module', name: 'schedule' });

/**
 * Sews a bench through in a worker of its own.
 *
 * @param question undefined until all is read
 * @returns what was drawn last, and a way to ask what would be: in another order, without a step
 */
export function useAhead(question: AheadQuestion | undefined): {
  readonly drawn: Draws | undefined;
  readonly ask: (question: AheadQuestion) => Promise<Draws>;
} {
  const scheduler = useOwnWorker<Scheduler>(start);
  const [drawn, setDrawn] = useState<Draws>();
  const ask = useCallback((next: AheadQuestion) => scheduler().drawnAhead(next), [scheduler]);
  useEffect(() => {
    if (!question) return;
    let overtaken = false;
    void ask(question).then((answer) => !overtaken && setDrawn(answer));
    return () => {
      overtaken = true;
    };
  }, [ask, question]);
  return { drawn, ask };
}
