import clsx from 'clsx';
import { X } from 'lucide-react';
import { useState } from 'react';
import { canBeLeftOut } from '../../core/schedule/look-ahead';
import { handsFor, paceWith, type Pace } from '../../core/schedule/pace';
import { remaining, type Step } from '../../core/schedule/steps';
import * as touch from '../../core/schedule/touch';
import type { OnTheBench } from '../../core/schedule/under-way';
import { formatDuration } from '../../core/units/duration';
import { likelihood } from '../../core/units/percent';
import { newId } from '../../data/new-id';
import type { RunningClock } from '../../data/settings';
import { today } from '../../data/today';
import { addStep, changeBenched, setWaits, tickStep } from '../../parts/bench-acts';
import { roughly } from '../../core/units/duration';
import { Button } from '../../ui/button';
import { DateField } from '../../ui/date-field';
import { TextField } from '../../ui/field';
import { MinutesField } from '../../ui/minutes-field';
import { SortArea, useSorted } from '../../ui/sort-area';
import { Tick } from '../../ui/tick';

/** A chance as it is and as it would be. */
export interface Changed {
  readonly id: string;
  readonly name: string;
  readonly was: number;
  readonly is: number;
}

/** What would become of every date if the bench were another. */
export type WhatIf = (change: (bench: readonly OnTheBench[]) => OnTheBench[]) => Promise<readonly Changed[]>;

/** A step as if it were still to be done: its minutes are told of it all the same. */
const asOpen = ({ done: _, left: __, ...step }: Step): Step => step;

/** Below so much a chance is taken as the same. */
const SAME = 0.01;

/** Chances that would change, in words. */
function changedWords(changed: readonly Changed[]): string {
  const moved = changed.filter((c) => Math.abs(c.is - c.was) >= SAME);
  return moved.length === 0 ? 'No date moves by it.' : moved.map((c) => `${c.name} ${likelihood(c.was)} → ${likelihood(c.is)}`).join(' · ');
}

function StepLine({ item, step, name, pace, clock }: { item: OnTheBench; step: Step; name: string; pace: Pace; clock: RunningClock | undefined }) {
  const { box, grip, isDragging } = useSorted(step.id, step.words);
  const loose = item.make?.looseEnds.some((l) => l.id === step.id) ?? false;
  const done = step.done !== undefined;
  return (
    <li
      {...box}
      className={clsx('flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule bg-paper py-0.5', isDragging && 'relative z-10 shadow-lg')}
    >
      {grip}
      <span className={clsx('min-w-44 flex-1', step.left && 'text-ink2 line-through')}>
        <Tick
          on={done}
          onChange={(on) =>
            void (on ? tickStep(item, step, name, clock) : changeBenched(item, `not done: ${step.words}`, (now) => touch.stepOpen(now, step.id)))
          }
        >
          {step.words}
        </Tick>
      </span>
      <span className="text-small text-ink2">
        {step.spent !== undefined
          ? `took ${formatDuration(step.spent)}`
          : roughly(handsFor([asOpen(step)], paceWith(pace, item.patternId), item.version).middle)}
        {step.wait && `, then it ${step.wait === 'delivery' ? 'comes by post' : step.wait === 'drying' ? 'dries' : 'hangs'}`}
      </span>
      {!done && !loose && (
        <span className="flex items-center gap-1">
          <MinutesField
            label={`Minutes for ${step.words}`}
            labelHidden
            minutes={step.said ? step.minutes : undefined}
            placeholder="as usual"
            onMinutes={(minutes) => void changeBenched(item, `time for ${step.words}`, (now) => touch.stepSaid(now, step.id, { minutes }))}
            className="w-24"
          />
          <Button
            quiet
            aria-label={`In two: ${step.words}`}
            onClick={() => void changeBenched(item, `${step.words} in two`, (now) => touch.stepSplit(now, item.steps, step, newId()))}
          >
            in two
          </Button>
          {step.own ? (
            <Button
              quiet
              aria-label={`Remove ${step.words}`}
              onClick={() => void changeBenched(item, `step removed: ${step.words}`, (now) => touch.stepRemoved(now, step.id))}
            >
              <X size={14} aria-hidden />
            </Button>
          ) : (
            <Button
              quiet
              aria-label={`${step.left ? 'Take in again' : 'Leave out'}: ${step.words}`}
              onClick={() =>
                void changeBenched(item, `${step.left ? 'taken in' : 'left out'}: ${step.words}`, (now) => touch.stepLeft(now, step.id, !step.left))
              }
            >
              {step.left ? 'take in' : 'leave out'}
            </Button>
          )}
        </span>
      )}
    </li>
  );
}

/** All steps of something: ticked, timed, put in order, split, left out, or written by hand; what it waits for; and what another order would do to its date. */
export function StepsOf({
  item,
  name,
  pace,
  clock,
  whatIf,
}: {
  item: OnTheBench;
  name: string;
  pace: Pace;
  clock: RunningClock | undefined;
  whatIf: WhatIf;
}) {
  const [words, setWords] = useState('');
  const [minutes, setMinutes] = useState<number>();
  const [waitsWords, setWaitsWords] = useState(item.waits?.words ?? '');
  const [would, setWould] = useState('');
  const loose = new Set(item.make?.looseEnds.map((l) => l.id));
  const sortable = item.steps.filter((s) => !loose.has(s.id));
  const spare = canBeLeftOut(item, pace);
  const without = (id: string) => (bench: readonly OnTheBench[]) =>
    bench.map((b) => (b.id === item.id ? { ...b, steps: b.steps.filter((s) => s.id !== id) } : b));
  const first = (bench: readonly OnTheBench[]) => [...bench.filter((b) => b.id === item.id), ...bench.filter((b) => b.id !== item.id)];
  const tell = async (what: string, change: (bench: readonly OnTheBench[]) => OnTheBench[]) => {
    setWould('…');
    setWould(`${what}: ${await whatIf(change).then(changedWords, () => 'it could not be worked out')}`);
  };
  return (
    <div className="mt-1 ml-4 max-sm:ml-0">
      <SortArea
        ids={item.steps.map((s) => s.id)}
        what="step"
        onOrder={(ids) =>
          void changeBenched(item, `order of the steps of ${name}`, (now) =>
            touch.stepsOrdered(
              now,
              ids.filter((id) => sortable.some((s) => s.id === id)),
            ),
          )
        }
      >
        <ol className="border-t border-rule">
          {item.steps.map((step) => (
            <StepLine key={step.id} item={item} step={step} name={name} pace={pace} clock={clock} />
          ))}
        </ol>
      </SortArea>
      <form
        className="mt-2 flex flex-wrap items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          if (words.trim() === '') return;
          void addStep(item, words.trim(), minutes).then((done) => {
            if (!done) return;
            setWords('');
            setMinutes(undefined);
          });
        }}
      >
        <TextField
          label="A step of your own"
          value={words}
          onChange={(e) => setWords(e.target.value)}
          placeholder="cover the buttons"
          className="w-52"
        />
        <MinutesField label="Takes" minutes={minutes} onMinutes={setMinutes} className="w-24" />
        <Button type="submit" disabled={words.trim() === ''}>
          Add it
        </Button>
      </form>
      <div className="mt-2 flex flex-wrap items-end gap-2">
        <TextField
          label="It waits for"
          value={waitsWords}
          onChange={(e) => setWaitsWords(e.target.value)}
          onBlur={() => {
            const said = waitsWords.trim();
            if (said === (item.waits?.words ?? '')) return;
            void setWaits(item, name, said === '' ? undefined : { ...item.waits, words: said, since: item.waits?.since ?? today() });
          }}
          placeholder="buttons, a try-on"
          className="w-52"
        />
        {item.waits && (
          <>
            <DateField
              label="Expected on"
              value={item.waits.until}
              onValue={(until) => {
                const { until: _, ...waits } = item.waits ?? { words: waitsWords, since: today() };
                void setWaits(item, name, until === undefined ? waits : { ...waits, until });
              }}
            />
            <Button
              onClick={() => {
                setWaitsWords('');
                void setWaits(item, name, undefined);
              }}
            >
              It came
            </Button>
          </>
        )}
      </div>
      {remaining(item.steps).length > 0 && (
        <p className="mt-2 flex flex-wrap items-center gap-2 text-small">
          <span className="text-ink2">What if …</span>
          <Button quiet onClick={() => void tell('With it first', first)}>
            it goes first
          </Button>
          {spare.map(({ step, minutes: saved }) => (
            <Button key={step.id} quiet onClick={() => void tell(`Without “${step.words}”, ${roughly(saved)} less`, without(step.id))}>
              “{step.words}” is left out
            </Button>
          ))}
          <span aria-live="polite" className="basis-full">
            {would}
          </span>
        </p>
      )}
    </div>
  );
}
