import { Timer } from 'lucide-react';
import { useState } from 'react';
import { stepsWithin } from '../../core/schedule/in-minutes';
import type { Pace } from '../../core/schedule/pace';
import { benchName, type OnTheBench } from '../../core/schedule/under-way';
import { usePatterns, useSettings } from '../../data/queries';
import type { RunningClock } from '../../data/settings';
import { startClock } from '../../parts/bench-acts';
import { roughly } from '../../core/units/duration';
import { ClockLine } from './clock-line';
import { choose } from '../../parts/save';
import { Button } from '../../ui/button';
import { SelectField } from '../../ui/field';
import { MinutesField } from '../../ui/minutes-field';

/** "I have forty minutes": what can be done in them, the machine as it is threaded first. */
export function InMinutes({ bench, pace, clock }: { bench: readonly OnTheBench[]; pace: Pace; clock: RunningClock | undefined }) {
  const patterns = usePatterns();
  const { thread } = useSettings();
  const [minutes, setMinutes] = useState<number | undefined>(40);
  const threads = [...new Set(bench.flatMap((i) => i.thread ?? []))].sort();
  const fitting = stepsWithin(minutes ?? 0, bench, pace, { thread });
  return (
    <section aria-label="In the time I have" className="rounded-md border border-rule bg-paper p-3 print:hidden">
      <ClockLine bench={bench} clock={clock} />
      <div className="flex flex-wrap items-end gap-3">
        <MinutesField label="I have" minutes={minutes} onMinutes={setMinutes} most={1440} className="w-28" />
        {threads.length > 0 && (
          <SelectField
            label="The machine is threaded in"
            value={thread ?? ''}
            onChange={(e) => void choose({ thread: e.target.value === '' ? undefined : e.target.value })}
          >
            <option value="">not said</option>
            {[...new Set([...threads, ...(thread === undefined ? [] : [thread])])].map((t) => (
              <option key={t}>{t}</option>
            ))}
          </SelectField>
        )}
      </div>
      {fitting.length === 0 ? (
        <p className="mt-2 text-ink2">No next step is so short. One can be put in two, below.</p>
      ) : (
        <ol className="mt-2 border-t border-rule" aria-label="Steps that fit">
          {fitting.map(({ item, step, minutes: takes, asThreaded }, i) => (
            <li key={`${item.id} ${step.id}`} className="flex flex-wrap items-center justify-between gap-2 border-b border-rule py-1">
              <span>
                {step.words}
                <span className="text-small text-ink2">
                  {' '}
                  · {benchName(item, patterns)} · {roughly(takes)}
                  {asThreaded && ' · as it is threaded'}
                </span>
              </span>
              {i === 0 && clock === undefined && (
                <Button aria-label={`Begin: ${step.words}`} onClick={() => void startClock(item, step)}>
                  <Timer size={14} aria-hidden /> Begin
                </Button>
              )}
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}
