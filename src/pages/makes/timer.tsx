import { Timer as Clock } from 'lucide-react';
import { useEffect, useState } from 'react';
import { formatDuration } from '../../core/units/duration';
import { PHASES, type TimeSpent } from '../../core/records';
import { useKept } from '../../data/drafts';
import { newId } from '../../data/new-id';
import { Button } from '../../ui/button';
import { ChoiceField } from '../../ui/field';

/** Minutes from a moment to now; told anew as they pass. */
function useMinutesSince(since: number | undefined): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (since === undefined) return;
    const ticking = setInterval(() => setNow(Date.now()), 5_000);
    return () => clearInterval(ticking);
  }, [since]);
  return since === undefined ? 0 : Math.max(0, Math.round((Math.max(now, since) - since) / 60_000));
}

/** A timer for the work at hand. It goes on through a reload, and gives its time to the make when it is stopped. */
export function WorkTimer({ makeId, onTime }: { makeId: string; onTime: (time: TimeSpent) => void }) {
  const { value: running, keep, clear } = useKept('timer');
  const [phase, setPhase] = useState<TimeSpent['phase']>('sew');
  const minutes = useMinutesSince(running?.since);
  if (running && running.makeId !== makeId) return <p className="text-small text-ink2">The timer runs for another make.</p>;
  if (running)
    return (
      <div className="flex items-center gap-2">
        <Clock size={15} aria-hidden />
        <span role="timer">
          {running.phase}: {formatDuration(minutes)}
        </span>
        <Button
          onClick={() => {
            clear();
            // Stopped within the first minute it was a slip: a minute is the least that is kept.
            onTime({ id: newId(), phase: running.phase, minutes: Math.max(1, Math.round((Date.now() - running.since) / 60_000)) });
          }}
        >
          Stop, and keep the time
        </Button>
      </div>
    );
  return (
    <div className="flex items-end gap-2">
      <ChoiceField label="Timer" value={phase} all={PHASES} onValue={setPhase} />
      <Button onClick={() => keep({ makeId, phase, since: Date.now() })}>Start</Button>
    </div>
  );
}
