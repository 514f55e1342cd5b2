import { useState, type RefObject } from 'react';
import { whyNot } from '../../parts/save';

/** What a part of the page tries, and why the last of it was not done. */
export interface Tried {
  readonly problem: string | undefined;
  /** Says in a sentence why it was not done. */
  readonly refuse: (problem: string) => void;
  /** @param failed what is said before the reason, where it fails */
  readonly tried: (failed: string, act: () => Promise<void>) => Promise<void>;
}

/** @param fieldRef for files; emptied after each act, so that the same file can be chosen again */
export function useTried(fieldRef?: RefObject<HTMLInputElement | null>): Tried {
  const [problem, setProblem] = useState<string>();
  const tried = async (failed: string, act: () => Promise<void>) => {
    setProblem(undefined);
    try {
      await act();
    } catch (error) {
      setProblem(`${failed}: ${whyNot(error)}`);
    } finally {
      if (fieldRef?.current) fieldRef.current.value = '';
    }
  };
  return { problem, refuse: setProblem, tried };
}
