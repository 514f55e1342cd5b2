import { useHotkeys } from 'react-hotkeys-hook';

/**
 * A key by what it writes and not by where it lies: the slash and the question mark stand elsewhere on every keyboard, some with Shift.
 *
 * @param key what the key writes, such as `/`
 */
export function useWrittenKey(key: string, onKey: () => void): void {
  const writes = (event: KeyboardEvent) => event.key === key && !event.ctrlKey && !event.metaKey && !event.altKey;
  useHotkeys('*', (event) => writes(event) && onKey(), { preventDefault: writes });
}
