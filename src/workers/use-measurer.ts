import { wrap, type Remote } from 'comlink';
import { useCallback, useEffect, useRef } from 'react';
import type { Measurer } from './measure.worker';

/** A worker that measures in one picture: started when it is first asked for, it ends with the page. */
export function useMeasurer(): () => Remote<Measurer> {
  const running = useRef<{ readonly worker: Worker; readonly remote: Remote<Measurer> }>(undefined);
  const end = useCallback(() => {
    running.current?.worker.terminate();
    running.current = undefined;
  }, []);
  useEffect(() => end, [end]);
  return useCallback(() => {
    if (!running.current) {
      const worker = new Worker(new URL('./measure.worker.ts', import.meta.url), { type: 'module', name: 'measure' });
      running.current = { worker, remote: wrap<Measurer>(worker) };
    }
    return running.current.remote;
  }, []);
}
