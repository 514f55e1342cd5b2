import { useCallback, useEffect, useRef, useState } from 'react';
import type { Draws } from '../core/schedule/ahead';
import type { AheadQuestion } from '../core/schedule/look-ahead';

interface Answer {
  readonly asked: number;
  readonly drawn: Draws;
}

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
  const worker = useRef<Worker>(undefined);
  const waiting = useRef(new Map<number, (drawn: Draws) => void>());
  const asked = useRef(0);
  const [drawn, setDrawn] = useState<Draws>();
  const ask = useCallback((next: AheadQuestion) => {
    if (!worker.current) {
      worker.current = new Worker(new URL('./schedule.worker.ts', import.meta.url), { type: 'module' });
      worker.current.onmessage = ({ data }: MessageEvent<Answer>) => {
        waiting.current.get(data.asked)?.(data.drawn);
        waiting.current.delete(data.asked);
      };
    }
    const number = ++asked.current;
    const answer = new Promise<Draws>((resolve) => waiting.current.set(number, resolve));
    worker.current.postMessage({ asked: number, question: next });
    return answer;
  }, []);
  useEffect(() => {
    if (!question) return;
    let overtaken = false;
    void ask(question).then((answer) => !overtaken && setDrawn(answer));
    return () => {
      overtaken = true;
    };
  }, [ask, question]);
  useEffect(
    () => () => {
      worker.current?.terminate();
      worker.current = undefined;
    },
    [],
  );
  return { drawn, ask };
}
