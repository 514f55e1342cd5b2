import clsx from 'clsx';
import { Check, ChevronDown, ChevronRight, Square, Timer } from 'lucide-react';
import { Link, useNavigate } from 'react-router';
import type { LooksAhead } from '../../core/schedule/look-ahead';
import { handsFor, paceWith, type Pace } from '../../core/schedule/pace';
import { benchName, type OnTheBench } from '../../core/schedule/under-way';
import { roughly } from '../../core/units/duration';
import { likelihood } from '../../core/units/percent';
import { useFabrics, usePatterns, usePeople } from '../../data/queries';
import type { RunningClock } from '../../data/settings';
import { STATES } from '../../core/make/states';
import { onward, startClock, stopClock, tickStep } from '../../parts/bench-acts';
import { benchPath, dayWords, rangeWords, standsWords } from '../../parts/bench-words';
import { GarmentPicture } from '../../parts/garment-picture';
import { MarkAsCut } from '../../parts/mark-as-cut';
import { makeOfPlan } from '../../core/plan/plan-to-make';
import { withId } from '../../core/units/by-id';
import { routes } from '../../routes';
import { Button } from '../../ui/button';
import { useSorted } from '../../ui/sort-area';
import { StepsOf, type WhatIf } from './steps-of';

/** The days by which something must be begun, in the order in which they come. */
const DAYS = [
  ['orderBy', 'order by'],
  ['washBy', 'wash by'],
  ['cutBy', 'cut by'],
  ['sewFrom', 'sew from'],
] as const;

/** What is told of when it is done. A chance near nought or one is said as such, never as sure. */
function WhenDone({ ahead, item }: { ahead: LooksAhead | undefined; item: OnTheBench }) {
  // Its line is kept free until it is reckoned: coming later it would move the button below from under a finger.
  if (!ahead)
    return (
      <p aria-hidden className="text-small">
        &nbsp;
      </p>
    );
  const { due, chance, likely, safe, late } = ahead;
  const days = DAYS.flatMap(([name, words]) => (ahead[name] ? [`${words} ${dayWords(ahead[name])}`] : []));
  if (due === undefined)
    return (
      <p className="text-small text-ink2">{likely ? `likely done ${dayWords(likely)}${safe ? `, nine in ten by ${dayWords(safe)}` : ''}` : ''}</p>
    );
  return (
    <div className="text-small">
      <p>
        wanted by {dayWords(due)}
        {chance !== undefined && (
          <>
            {': '}
            <strong className={clsx(chance < 0.5 && 'text-garnet')}>{likelihood(chance)}</strong> in time
          </>
        )}
      </p>
      {late ? (
        <p className="text-ink2">
          {(chance ?? 0) < 0.5 ? 'In time' : 'To be sure'} it would need {roughly(item.hands.most)} before then
          {likely ? `; as it stands likely ${dayWords(likely)}` : ''}.
        </p>
      ) : (
        days.length > 0 && <p className="text-ink2">{days.join(' · ')}</p>
      )}
    </div>
  );
}

/** One thing on the bench: how it stands, its next small step, and when it will be done. */
export function BenchLine({
  item,
  pace,
  ahead,
  clock,
  open,
  onOpen,
  whatIf,
}: {
  item: OnTheBench;
  pace: Pace;
  ahead: LooksAhead | undefined;
  clock: RunningClock | undefined;
  open: boolean;
  onOpen: (open: boolean) => void;
  whatIf: WhatIf;
}) {
  const navigate = useNavigate();
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const people = usePeople();
  const name = benchName(item, patterns);
  const { box, grip, isDragging } = useSorted(item.id, name);
  const { next, make, plan } = item;
  const record = make ?? (plan && makeOfPlan(plan, plan.id, 1, plan.added));
  const who = withId(people, (make ?? plan)?.personId)?.name;
  const running = next && clock?.id === item.id && clock.step === next.id ? clock : undefined;
  const onwardButton = make && STATES[make.state].inHand && (
    <Button
      quiet
      className="print:hidden"
      aria-label={`${make.state === 'cut' ? 'Being sewn' : 'Finished'}: ${name}`}
      onClick={() => void onward(make, name, () => void navigate(`${routes.make(make.id)}#fit`))}
    >
      {make.state === 'cut' ? 'Being sewn' : 'Finished'}
    </Button>
  );
  const Chevron = open ? ChevronDown : ChevronRight;
  return (
    <li {...box} className={clsx('break-inside-avoid border-b border-rule bg-paper py-2', isDragging && 'relative z-10 shadow-lg')}>
      <div className="flex flex-wrap items-start gap-x-3 gap-y-2">
        <span className="pt-2 print:hidden">{grip}</span>
        {record && (
          <GarmentPicture
            small
            pattern={withId(patterns, record.sources[0]?.patternId)}
            make={record}
            fabrics={fabrics}
            className="h-[52px] w-11 max-sm:hidden"
          />
        )}
        <div className="min-w-48 flex-1">
          <Link className="font-serif text-name underline-offset-2 hover:underline" to={benchPath(item)}>
            {name}
          </Link>
          <p className="text-small text-ink2">
            {[standsWords(item), who && `for ${who}`, item.thread && `${item.thread} thread`].filter(Boolean).join(' · ')}
          </p>
          <WhenDone ahead={ahead} item={item} />
          <button
            type="button"
            aria-expanded={open}
            className="mt-1 inline-flex min-h-6 items-center gap-1 rounded-md px-1 text-small text-ink2 hover:bg-tint max-sm:min-h-11 print:hidden"
            onClick={() => onOpen(!open)}
          >
            <Chevron size={13} aria-hidden /> all its steps
            <span className="sr-only"> of {name}</span>
          </button>
        </div>
        <div className="flex w-72 flex-none flex-col items-start gap-1 max-sm:w-full">
          {next ? (
            <>
              <span>
                {/* On the wall it is ticked by pencil. */}
                <span aria-hidden className="mr-1.5 hidden size-3.5 border border-ink align-[-2px] print:inline-block" />
                Next: <strong>{next.words}</strong>
                <span className="block text-small text-ink2">
                  {rangeWords(handsFor([next], paceWith(pace, item.patternId), item.version))}
                  {item.hands.middle > 0 && ` · ${roughly(item.hands.middle)} in all`}
                </span>
              </span>
              <span className="flex flex-wrap gap-2 print:hidden">
                {next.id === 'cut' && plan ? (
                  <MarkAsCut plan={plan} name={name} />
                ) : (
                  <Button aria-label={`Done: ${next.words}, ${name}`} onClick={() => void tickStep(item, next, name, clock)}>
                    <Check size={14} aria-hidden /> Done
                  </Button>
                )}
                {running ? (
                  <Button quiet aria-label={`Stop the clock: ${next.words}, ${name}`} onClick={() => void stopClock(item, running, next.words)}>
                    <Square size={13} aria-hidden /> Stop
                  </Button>
                ) : (
                  <Button quiet aria-label={`Start the clock: ${next.words}, ${name}`} onClick={() => void startClock(item, next)}>
                    <Timer size={14} aria-hidden /> Start
                  </Button>
                )}
                {onwardButton}
              </span>
            </>
          ) : (
            <>
              <span className="text-small text-ink2">Every step is done.</span>
              {onwardButton}
            </>
          )}
        </div>
      </div>
      {open && <StepsOf item={item} name={name} pace={pace} clock={clock} whatIf={whatIf} />}
    </li>
  );
}
