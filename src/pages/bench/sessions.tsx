import { useMemo, useState } from 'react';
import type { Pace } from '../../core/schedule/pace';
import { sittingMoved, sittingOff, type TimesChanged } from '../../core/schedule/moved';
import { sessionsOf } from '../../core/schedule/sessions';
import type { Sitting } from '../../core/schedule/sittings';
import { benchName, type OnTheBench } from '../../core/schedule/under-way';
import { usePatterns, useTimes } from '../../data/queries';
import { newId } from '../../data/new-id';
import { today } from '../../data/today';
import { roughly } from '../../core/units/duration';
import { dayWords } from '../../parts/bench-words';
import { saveFile } from '../../parts/save-file';
import { save } from '../../parts/save';
import { Button } from '../../ui/button';
import { DateField } from '../../ui/date-field';

/** Sittings that are shown; as many as one plans ahead by heart. */
const SHOWN = 6;
/** And that go into a calendar. */
const INTO_CALENDAR = 24;

/** The next sittings with what falls into each; each can be moved or left. */
export function Sessions({ bench, pace, sittings }: { bench: readonly OnTheBench[]; pace: Pace; sittings: readonly Sitting[] }) {
  const times = useTimes();
  const patterns = usePatterns();
  const [moving, setMoving] = useState<string>();
  const sessions = useMemo(() => sessionsOf(bench, pace, sittings.slice(0, INTO_CALENDAR), today()), [bench, pace, sittings]);
  const nameOf = (id: string) => {
    const item = bench.find((i) => i.id === id);
    return item ? benchName(item, patterns) : '';
  };
  const write = (label: string, { gone, put }: TimesChanged) =>
    save(label, [...gone.map((t) => ({ table: 'times' as const, remove: t.id })), ...put.map((t) => ({ table: 'times' as const, put: t }))], {
      done: `${label.replace(/^./, (c) => c.toUpperCase())}. Ctrl Z takes it back.`,
    });
  if (sittings.length === 0) return null;
  const intoCalendar = async () => {
    const { sessionsFile } = await import('../../core/schedule/sessions-file');
    saveFile(new Blob([sessionsFile(sessions, nameOf, today())], { type: 'text/calendar' }), 'amber-ledger-sewing.ics');
  };
  return (
    <section aria-labelledby="sessions">
      <h2 id="sessions" className="text-head">
        What falls into the next sittings
      </h2>
      <ul className="border-t border-rule">
        {sessions.slice(0, SHOWN).map(({ sitting, parts }) => {
          const key = `${sitting.date} ${sitting.from ?? ''}`;
          const when = `${dayWords(sitting.date)}${sitting.from ? `, ${sitting.from}` : ''}`;
          const grouped = [...new Set(parts.map((p) => p.item.id))].map((id) => ({
            id,
            words: parts.filter((p) => p.item.id === id).map((p) => p.step.words),
          }));
          return (
            <li key={key} className="border-b border-rule py-1.5">
              <div className="flex flex-wrap items-baseline justify-between gap-2">
                <strong>{when}</strong>
                <span className="text-small text-ink2">
                  {sitting.minutes === 0 ? 'nothing is left of it' : roughly(sitting.minutes)}
                  {sitting.taken && sitting.taken.length > 0 && `; ${sitting.taken.join(', ')}`}
                </span>
              </div>
              {grouped.map(({ id, words }) => (
                <p key={id} className="text-small">
                  {nameOf(id)}: <span className="text-ink2">{words.join(', ')}</span>
                </p>
              ))}
              {moving === key ? (
                <div className="mt-1 flex flex-wrap items-end gap-2 print:hidden">
                  <DateField
                    label="To the day"
                    value={undefined}
                    min={today()}
                    autoFocus
                    onValue={(to) => {
                      if (to === undefined) return;
                      setMoving(undefined);
                      void write(`the sitting of ${when} moved to ${dayWords(to)}`, sittingMoved(times, sitting, to, newId));
                    }}
                  />
                  <Button quiet onClick={() => setMoving(undefined)}>
                    Leave it
                  </Button>
                </div>
              ) : (
                <span className="flex gap-1 print:hidden">
                  <Button quiet className="text-small" aria-label={`Move the sitting of ${when}`} onClick={() => setMoving(key)}>
                    move
                  </Button>
                  <Button
                    quiet
                    className="text-small"
                    aria-label={`No time on ${when}`}
                    onClick={() => void write(`no time on ${when}`, sittingOff(times, sitting, newId))}
                  >
                    no time then
                  </Button>
                </span>
              )}
            </li>
          );
        })}
      </ul>
      <Button quiet className="mt-1 print:hidden" onClick={() => void intoCalendar()}>
        Save the sittings for a calendar
      </Button>
    </section>
  );
}
