import { useKept } from '../data/drafts';

const NONE: readonly string[] = [];

/** Makes that were marked to be put side by side, wherever that was; they stay marked until they are let go. */
export function useMarked(): readonly [readonly string[], (ids: readonly string[]) => void] {
  const { value: ids = NONE, keep, clear } = useKept('side by side');
  return [ids, (next) => (next.length === 0 ? clear() : keep([...next]))];
}
