import { wrap, type Remote } from 'comlink';
import { useCallback, useEffect, useRef } from 'react';
import { watched, type Watched } from './engine-error';

/** Asks a worker: what it answers, what it throws, or an EngineError where it is itself at fault. */
export type AskWorker<Answers> = <Answer>(question: (remote: Remote<Answers>) => Promise<Answer>) => Promise<Answer>;

interface Running<Answers> extends Watched {
  readonly worker: Worker;
  readonly remote: Remote<Answers>;
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
      if (!running.current) {
        const worker = start();
        running.current = { worker, remote: wrap<Answers>(worker), ...watched(worker, end) };
      }
      const { remote, broken } = running.current;
      return Promise.race([question(remote), broken]);
    },
    [start, end],
  );
}
