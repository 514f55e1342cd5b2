import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { PatternCase } from '../core/garment/case';
import type { CutPiece, DrawnLay, LayFabric, Pin } from '../core/lay/lay';
import type { AlsoWanted } from '../core/plan/out-of-the-rest';
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
  /** What else could be cut from what is left of the fabric. */
  readonly also?: readonly AlsoWanted[];
  /** A lay that is good enough: nothing is searched, only what follows from it is told. */
  readonly found?: DrawnLay;
  /** Only the lay is wanted, not what could be changed about it. */
  readonly drawnOnly?: boolean;
}

export type LayNews =
  | { readonly kind: 'lay'; readonly lay: DrawnLay }
  | { readonly kind: 'changes'; readonly changes: readonly SavingChange[] }
  | { readonly kind: 'rest'; readonly rest: readonly string[] }
  | { readonly kind: 'too wide'; readonly piece: string; readonly needs: number; readonly has: number }
  | { readonly kind: 'failed'; readonly problem: string }
  | { readonly kind: 'done' };

/** A search for a lay, as far as it is. */
export interface LayInWork {
  readonly lay?: DrawnLay;
  readonly changes?: readonly SavingChange[];
  /** What else comes out of what is left, by name. */
  readonly rest?: readonly string[];
  readonly problem?: Extract<LayNews, { kind: 'too wide' | 'failed' }>;
  readonly searching: boolean;
}

/** All that a lay follows from: of the same, the same comes out. */
const allOf = ({ pieces, fabric, pins, seed, seconds }: LayQuestion) => JSON.stringify([pieces, fabric, pins, seed, seconds]);

/**
 * Lays pieces in a worker of their own: better lays are shown as they are found, and stopping ends the worker at once; what follows from the
 * lay that was found by then is told all the same. One that was searched to its end is remembered: neither a tick on the sheet that shows it
 * nor the way there from its own page has it searched again.
 */
export function useLay(): {
  readonly work: LayInWork;
  readonly start: (question: LayQuestion, on?: 'anew' | 'on') => void;
  readonly stop: () => void;
} {
  const client = useQueryClient();
  const [work, setWork] = useState<LayInWork>({ searching: false });
  const running = useRef<{ readonly worker: Worker; readonly question: LayQuestion; readonly all: string }>(undefined);
  const lay = useRef<DrawnLay>(undefined);
  /** Stopped before there was any lay: the first one ends it. */
  const stopping = useRef(false);
  const ended = useRef(() => {});
  const start = useCallback(
    (asked: LayQuestion, how: 'anew' | 'on' = 'anew') => {
      const all = allOf(asked);
      // Nothing of what it follows from is another.
      if (asked.drawnOnly && running.current?.all === all) return;
      const known = how === 'anew' && !asked.found ? client.getQueryData<DrawnLay>(['lay', all]) : undefined;
      const question = known ? { ...asked, found: known } : asked;
      running.current?.worker.terminate();
      running.current = undefined;
      // Nothing else is asked of it: no worker is needed.
      if (known && asked.drawnOnly) return setWork({ lay: known, searching: false });
      const worker = new Worker(new URL('./lay.worker.ts', import.meta.url), { type: 'module', name: 'lay' });
      running.current = { worker, question, all };
      stopping.current = false;
      if (how === 'anew' && !asked.found) lay.current = known;
      const hear = (change: (now: LayInWork) => LayInWork) => {
        if (running.current?.worker === worker) setWork(change);
      };
      const failed = (problem: string) => {
        hear(() => ({ problem: { kind: 'failed', problem }, searching: false }));
        // Asked for again, it is tried again.
        if (running.current?.worker === worker) running.current = undefined;
      };
      worker.addEventListener('message', ({ data }: MessageEvent<LayNews>) => {
        if (running.current?.worker !== worker) return;
        switch (data.kind) {
          case 'lay':
            // Searched on, a longer lay is no news.
            if (how === 'on' && lay.current && lay.current.length <= data.lay.length) return;
            lay.current = data.lay;
            hear((now) => ({ ...now, lay: data.lay }));
            if (stopping.current) ended.current();
            return;
          case 'changes':
            return hear((now) => ({ ...now, changes: data.changes }));
          case 'rest':
            return hear((now) => ({ ...now, rest: data.rest }));
          case 'done':
            if (how === 'anew' && !question.found) client.setQueryData(['lay', all], lay.current);
            return hear((now) => ({ ...now, searching: false }));
          case 'failed':
            return failed(data.problem);
          default:
            return hear(() => ({ problem: data, searching: false }));
        }
      });
      worker.addEventListener('error', (event) => {
        event.preventDefault();
        failed(event.message || 'its worker could not be started');
      });
      setWork(({ lay: before, changes }) => ({
        ...((known ?? before) ? { lay: known ?? before } : {}),
        ...(changes ? { changes } : {}),
        searching: !question.found,
      }));
      worker.postMessage(question);
    },
    [client],
  );
  const stop = useCallback(() => {
    const { question } = running.current ?? {};
    stopping.current = question !== undefined && !lay.current;
    if (stopping.current) return;
    running.current?.worker.terminate();
    running.current = undefined;
    setWork((now) => ({ ...now, searching: false }));
    if (question && lay.current && !question.drawnOnly) start({ ...question, found: lay.current });
  }, [start]);
  useEffect(() => {
    ended.current = stop;
  }, [stop]);
  // A page that is left searches no more.
  useEffect(
    () => () => {
      running.current?.worker.terminate();
      running.current = undefined;
    },
    [],
  );
  return { work, start, stop };
}
