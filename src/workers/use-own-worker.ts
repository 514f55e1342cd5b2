import { wrap, type Remote } from 'comlink';
import { useCallback, useEffect, useRef } from 'react';

/**
 * A worker of a page's own: started when it is first asked for, it ends with the page.
 *
 * @param start makes the worker; it is to be the same function each time, declared outside the component
 */
export function useOwnWorker<Answers>(start: () => Worker): () => Remote<Answers> {
  const running = useRef<{ readonly worker: Worker; readonly remote: Remote<Answers> }>(undefined);
  const end = useCallback(() => {
    running.current?.worker.terminate();
    running.current = undefined;
  }, []);
  useEffect(() => end, [end]);
  return useCallback(() => {
    if (!running.current) {
      const worker = start();
      running.current = { worker, remote: wrap<Answers>(worker) };
    }
    return running.current.remote;
  }, [start]);
}
