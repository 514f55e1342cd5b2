import { useRef, useState } from 'react';
import type { SewingTime } from '../../core/records';
import { DAYS_AHEAD } from '../../core/schedule/look-ahead';
import { counted } from '../../core/units/counted';
import { formatDuration } from '../../core/units/duration';
import { formatISO } from 'date-fns';
import { newId } from '../../data/new-id';
import { useTimes } from '../../data/queries';
import { today } from '../../data/today';
import { dayWords } from '../../parts/bench-words';
import { save } from '../../parts/save';
import { Button } from '../../ui/button';
import { DateField } from '../../ui/date-field';
import { TextField } from '../../ui/field';
import { Fold } from '../../ui/fold';
import { MinutesField } from '../../ui/minutes-field';
import { Refusal } from '../../ui/refusal';

const WEEK = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;

/** A moment as the clock on this wall shows it. */
const onTheWall = (moment: number) => {
  const at = new Date(moment);
  return { date: formatISO(at, { representation: 'date' }), minute: at.getHours() * 60 + at.getMinutes() };
};

/** One sitting of the usual week. */
function UsualDay({ weekday, name, time }: { weekday: number; name: string; time: SewingTime | undefined }) {
  const put = (part: Partial<SewingTime>) => {
    if (time) return void save(`time on ${name}`, [{ table: 'times', id: time.id, edit: (now: SewingTime): SewingTime => ({ ...now, ...part }) }]);
    void save(`time on ${name}`, [{ table: 'times', put: { id: newId(), kind: 'usual', weekday, minutes: 0, ...part } }]);
  };
  return (
    <li className="flex flex-wrap items-end gap-2 border-b border-rule py-1">
      <span className="w-24 self-center">{name}</span>
      <MinutesField
        label={`${name}, how long`}
        labelHidden
        minutes={time && time.minutes > 0 ? time.minutes : undefined}
        most={1440}
        placeholder="none"
        className="w-24"
        onMinutes={(minutes) => {
          if (minutes === undefined) return time && void save(`no time on ${name}`, [{ table: 'times', remove: time.id }]);
          put({ minutes });
        }}
      />
      {time && (
        <TextField
          label={`${name}, from`}
          labelHidden
          type="time"
          defaultValue={time.from ?? ''}
          className="w-28"
          onBlur={(e) => {
            const from = e.target.value;
            if (from === (time.from ?? '')) return;
            void save(`hour of ${name}`, [
              { table: 'times', id: time.id, edit: ({ from: _, ...now }: SewingTime): SewingTime => (from === '' ? now : { ...now, from }) },
            ]);
          }}
        />
      )}
    </li>
  );
}

/** When there is time: a usual week, days that are otherwise, and busy hours out of a calendar file. */
export function WhenThereIsTime() {
  const times = useTimes();
  const [problem, setProblem] = useState('');
  const [read, setRead] = useState('');
  const [date, setDate] = useState<string>();
  const input = useRef<HTMLInputElement>(null);
  const usual = times.filter((t) => t.kind === 'usual');
  const minutes = usual.reduce((sum, t) => sum + t.minutes, 0);
  const otherwise = times
    .filter((t) => t.kind === 'that day' && (t.date ?? '') >= today())
    .sort((a, b) => (a.date ?? '').localeCompare(b.date ?? ''));
  const busy = times.filter((t) => t.kind === 'busy' && (t.date ?? '') >= today());
  const sources = [...new Set(busy.flatMap((t) => t.source ?? []))];
  const take = async (file: File | undefined) => {
    if (input.current) input.current.value = '';
    if (!file) return;
    setProblem('');
    setRead('');
    const { busyFrom } = await import('../../core/schedule/busy-file');
    const found = busyFrom(await file.text(), file.name, today(), DAYS_AHEAD, onTheWall, newId);
    if (!found.ok) return setProblem(found.problem);
    // Read anew, a file takes the place of what was read from it before.
    const gone = times.filter((t) => t.source === file.name);
    const { free, own, past } = found.left;
    const done = await save(`busy hours of ${file.name}`, [
      ...gone.map((t) => ({ table: 'times' as const, remove: t.id })),
      ...found.times.map((t) => ({ table: 'times' as const, put: t })),
    ]);
    if (done)
      setRead(
        [
          `${counted(found.times.length, 'busy time')} of ${file.name} in the year ahead.`,
          free > 0 ? `${counted(free, 'event')} marked as free or called off.` : '',
          own > 0 ? `${counted(own, 'sitting')} of this ledger left out.` : '',
          past > 0 ? `${counted(past, 'event')} outside that year.` : '',
        ]
          .filter(Boolean)
          .join(' '),
      );
  };
  return (
    <section aria-label="When there is time" className="print:hidden">
      <Fold head="When there is time" said={minutes > 0 ? `${formatDuration(minutes)} a week` : 'not said yet'} open={usual.length === 0}>
        {usual.length === 0 && (
          <p className="mb-1 text-small text-ink2">
            Say how long you sew in a usual week, and every date has its chance, and its days to order, wash and cut by.
          </p>
        )}
        <ul className="border-t border-rule">
          {WEEK.map((name, i) => {
            const own = usual.filter((t) => t.weekday === i + 1);
            return (own.length === 0 ? [undefined] : own).map((time) => <UsualDay key={time?.id ?? name} weekday={i + 1} name={name} time={time} />);
          })}
        </ul>
      </Fold>
      <Fold head="Days that are otherwise" said={otherwise.length === 0 ? '' : `${otherwise.length}`}>
        <ul>
          {otherwise.map((t) => (
            <li key={t.id} className="flex flex-wrap items-end gap-2 border-b border-rule py-1">
              <span className="w-24 self-center">{dayWords(t.date ?? '')}</span>
              <MinutesField
                label={`${dayWords(t.date ?? '')}, how long`}
                labelHidden
                minutes={t.minutes}
                most={1440}
                className="w-24"
                onMinutes={(m) =>
                  void save('time of a day', [{ table: 'times', id: t.id, edit: (now: SewingTime): SewingTime => ({ ...now, minutes: m ?? 0 }) }])
                }
              />
              <span className="self-center text-small text-ink2">{t.words}</span>
              <Button
                quiet
                aria-label={`As usual on ${dayWords(t.date ?? '')}`}
                onClick={() => void save('a day as usual', [{ table: 'times', remove: t.id }])}
              >
                as usual
              </Button>
            </li>
          ))}
        </ul>
        <div className="mt-1 flex flex-wrap items-end gap-2">
          <DateField label="Another day" value={date} min={today()} onValue={setDate} />
          {date !== undefined && (
            <MinutesField
              label="How long then"
              minutes={undefined}
              most={1440}
              className="w-24"
              onMinutes={(m) => {
                if (m === undefined) return;
                const gone = otherwise.filter((t) => t.date === date);
                void save(`time on ${dayWords(date)}`, [
                  ...gone.map((t) => ({ table: 'times' as const, remove: t.id })),
                  { table: 'times', put: { id: newId(), kind: 'that day', date, minutes: m } },
                ]).then((done) => done && setDate(undefined));
              }}
            />
          )}
        </div>
      </Fold>
      <Fold head="Busy hours from a calendar" said={sources.join(', ')}>
        <p className="mb-1 text-small text-ink2">
          A calendar saved as a file (.ics), rehearsals that come every week and all: what it takes of your sittings is not reckoned with. It is read
          here and sent nowhere.
        </p>
        <input
          ref={input}
          type="file"
          accept=".ics,text/calendar"
          className="sr-only"
          aria-label="A calendar file"
          tabIndex={-1}
          onChange={(e) => void take(e.target.files?.[0])}
        />
        <Button onClick={() => input.current?.click()}>Read a calendar file</Button>
        {read !== '' && <p role="status">{read}</p>}
        {problem !== '' && <Refusal>{problem}</Refusal>}
        {sources.map((source) => (
          <p key={source} className="flex flex-wrap items-center gap-2 text-small">
            {source}: {counted(busy.filter((t) => t.source === source).length, 'busy time')} ahead
            <Button
              quiet
              onClick={() =>
                void save(
                  `busy hours of ${source} removed`,
                  times.filter((t) => t.source === source).map((t) => ({ table: 'times' as const, remove: t.id })),
                )
              }
            >
              forget them
            </Button>
          </p>
        ))}
      </Fold>
    </section>
  );
}
