import { useCallback, useEffect, useRef, useState } from 'react';
import type { PatternCase } from '../core/garment/case';
import type { CutPiece, DrawnLay, LayFabric, Pin } from '../core/lay/lay';
import type { SavingChange } from '../core/plan/changes-that-save';
import type { Make } from '../core/records';
import type { LengthUnit } from '../core/units/length';

/** What is to be laid. */
export interface LayQuestion {
  readonly input: PatternCase;
  readonly make: Make;
  readonly pieces: readonly CutPiece[];
  readonly fabric: LayFabric;
  readonly seed: number;
  readonly pins: readonly Pin[];
  /** About how long it is searched, on a common machine. */
  readonly seconds: number;
  readonly unit: LengthUnit;
}

export type LayNews =
  | { readonly kind: 'lay'; readonly lay: DrawnLay }
  | { readonly kind: 'changes'; readonly changes: readonly SavingChange[] }
  | { readonly kind: 'too wide'; readonly piece: string; readonly needs: number; readonly has: number }
  | { readonly kind: 'failed'; readonly problem: string }
  | { readonly kind: 'done' };

/** A search for a lay, as far as it is. */
export interface LayInWork {
  readonly lay?: DrawnLay;
  readonly changes?: readonly SavingChange[];
  readonly problem?: Extract<LayNews, { kind: 'too wide' | 'failed' }>;
  readonly searching: boolean;
}

/** Lays pieces in a worker of their own: better lays are shown as they are found, and stopping ends the worker at once. */
export function useLay(): {
  readonly work: LayInWork;
  readonly start: (question: LayQuestion, on?: 'anew' | 'on') => void;
  readonly stop: () => void;
} {
  const [work, setWork] = useState<LayInWork>({ searching: false });
  const running = useRef<Worker>(undefined);
  const stop = useCallback(() => {
    running.current?.terminate();
    running.current = undefined;
    setWork((now) => ({ ...now, searching: false }));
  }, []);
  const start = useCallback((question: LayQuestion, how: 'anew' | 'on' = 'anew') => {
    running.current?.terminate();
    const worker = new Worker(new URL('./lay.worker.ts', import.meta.url), { type: 'module', name: 'lay' });
    running.current = worker;
    const hear = (change: (now: LayInWork) => LayInWork) => {
      if (running.current === worker) setWork(change);
    };
    worker.addEventListener('message', ({ data }: MessageEvent<LayNews>) => {
      switch (data.kind) {
        case 'lay':
          // Searched on, a longer lay is no news.
          return hear((now) => (how === 'on' && now.lay && now.lay.length <= data.lay.length ? now : { ...now, lay: data.lay }));
        case 'changes':
          return hear((now) => ({ ...now, changes: data.changes }));
        case 'done':
          return hear((now) => ({ ...now, searching: false }));
        default:
          return hear(() => ({ problem: data, searching: false }));
      }
    });
    worker.addEventListener('error', (event) => {
      event.preventDefault();
      hear(() => ({ problem: { kind: 'failed', problem: event.message || 'its worker could not be started' }, searching: false }));
    });
    setWork((now) => ({ ...(now.lay ? { lay: now.lay } : {}), ...(now.changes ? { changes: now.changes } : {}), searching: true }));
    worker.postMessage(question);
  }, []);
  // A page that is left searches no more.
  useEffect(() => () => running.current?.terminate(), []);
  return { work, start, stop };
}
