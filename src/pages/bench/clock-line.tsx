import { Check, Square } from 'lucide-react';
import { useEffect, useState } from 'react';
import { benchName, type OnTheBench } from '../../core/schedule/under-way';
import { formatDuration } from '../../core/units/duration';
import { usePatterns } from '../../data/queries';
import type { RunningClock } from '../../data/settings';
import { minutesOn, stopClock, tickStep } from '../../parts/bench-acts';
import { choose } from '../../parts/save';
import { Button } from '../../ui/button';

/** How often what the clock shows is looked at, ms. */
const LOOKED_AT = 15_000;

/** The clock that runs: it is kept with the settings, so that a reload or a closed lid does not stop it. */
export function ClockLine({ bench, clock }: { bench: readonly OnTheBench[]; clock: RunningClock | undefined }) {
  const patterns = usePatterns();
  const [, look] = useState(0);
  useEffect(() => {
    if (!clock) return;
    const timer = setInterval(() => look((n) => n + 1), LOOKED_AT);
    return () => clearInterval(timer);
  }, [clock]);
  if (!clock) return null;
  const item = bench.find((i) => i.id === clock.id);
  const step = item?.steps.find((s) => s.id === clock.step);
  const so = formatDuration(minutesOn(clock));
  if (!item || !step)
    return (
      <p className="mb-2">
        The clock runs for something that is not on the bench any more.{' '}
        <Button quiet onClick={() => void choose({ clock: undefined })}>
          Stop it
        </Button>
      </p>
    );
  const name = benchName(item, patterns);
  return (
    <div role="group" aria-label="The clock" className="mb-3 flex flex-wrap items-center gap-x-3 gap-y-2 border-b border-rule pb-2">
      <span className="flex-1">
        <strong>{step.words}</strong>, {name}: {so}
      </span>
      <Button onClick={() => void tickStep(item, step, name, clock)}>
        <Check size={14} aria-hidden /> Done
      </Button>
      <Button quiet onClick={() => void stopClock(item, clock, step.words)}>
        <Square size={13} aria-hidden /> Stop, it goes on later
      </Button>
      <Button quiet onClick={() => void choose({ clock: undefined })}>
        Forget it
      </Button>
    </div>
  );
}
