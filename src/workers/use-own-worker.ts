import { wrap, type Remote } from 'comlink';
import { useCallback, useEffect, useRef } from 'react';
import { EngineError } from './engine';

/** Asks a worker: what it answers, what it throws, or an EngineError where it is itself at fault. */
export type AskWorker<Answers> = <Answer>(question: (remote: Remote<Answers>) => Promise<Answer>) => Promise<Answer>;

interface Running<Answers> {
  readonly worker: Worker;
  readonly remote: Remote<Answers>;
  /** Never kept; broken when the worker could not be started or fell over: whoever still waits for it would wait for ever. */
  readonly broken: Promise<never>;
}

/**
 * A worker of a page's own: started when it is first asked, it ends with the page. One that breaks is started anew by the next question.
 *
 * @param start makes the worker; it is to be the same function each time, declared outside the component
 */
export function useOwnWorker<Answers>(start: () => Worker): AskWorker<Answers> {
  const running = useRef<Running<Answers>>(undefined);
  const end = useCallback(() => {
    running.current?.worker.terminate();
    running.current = undefined;
  }, []);
  useEffect(() => end, [end]);
  return useCallback(
    (question) => {
      running.current ??= begun(start(), end);
      const { remote, broken } = running.current;
      return Promise.race([question(remote), broken]);
    },
    [start, end],
  );
}

function begun<Answers>(worker: Worker, end: () => void): Running<Answers> {
  const broken = new Promise<never>((_, no) => {
    worker.addEventListener('error', (event) => {
      event.preventDefault();
      end();
      no(new EngineError(event.message || 'its worker could not be started'));
    });
  });
  // Where nobody is asking, nobody need be told.
  broken.catch(() => undefined);
  return { worker, remote: wrap<Answers>(worker), broken };
}
