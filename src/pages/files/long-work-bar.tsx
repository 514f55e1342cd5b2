import { Button } from '../../ui/button';

/** Runs a work off the main thread and shows meanwhile how far it is. */
export type LongWork = <T>(what: string, run: (onProgress: (done: number) => void) => Promise<T>) => Promise<T>;

/** How far a long work has come, and the way to stop it. */
export function LongWorkBar({ what, done, onStop }: { what: string; done: number; onStop: () => void }) {
  return (
    <div className="mt-2 flex flex-wrap items-center gap-3">
      <label className="flex min-w-64 flex-1 items-center gap-3">
        <span>{what}</span>
        <progress value={done} max={1} className="h-3 min-w-32 flex-1 accent-ink" />
      </label>
      <Button quiet onClick={onStop}>
        Stop
      </Button>
    </div>
  );
}
