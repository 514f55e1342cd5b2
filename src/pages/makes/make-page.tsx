import { Check } from 'lucide-react';
import { format, parseISO } from 'date-fns';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useNavigate, useParams } from 'react-router';
import { toast } from 'react-toastify';
import { alterationWhen, alterationWords, sizeLineWords } from '../../core/alteration/words';
import { viewOf } from '../../core/fit/case';
import { offsetOf } from '../../core/fit/offset';
import { outcomeWords, seenWords } from '../../core/fit/words';
import { formatLength } from '../../core/measure/length';
import { zoneOf } from '../../core/measure/zones';
import { clothCost, costPerWear } from '../../core/cost/cost';
import { formatDuration } from '../../core/measure/duration';
import { formatMoney } from '../../core/measure/money';
import { minutesOf } from '../../core/records/blank';
import type { FitNote, Make } from '../../core/records';
import { db } from '../../data/database';
import { newId } from '../../data/new-id';
import { useCloths, useMakes, usePatternCase, usePatterns, usePeople, useUnit, useWearCounts, useWears } from '../../data/queries';
import { today } from '../../data/today';
import { keep } from '../../parts/keep';
import { FitMark, markColour } from '../../parts/fit-mark';
import { GarmentPicture } from '../../parts/garment-picture';
import { Button } from '../../ui/button';
import { KeyCap } from '../../ui/key-cap';
import { Empty, PageHead } from '../../ui/page-head';
import { notesOf, type Look } from './look';
import { LookEntry } from './look-entry';
import { VerdictEntry, type VerdictSaid } from './verdict-entry';

const day = (date: string) => format(parseISO(date), 'd MMMM yyyy');

/** Fit notes by look, the latest first. */
function looks(notes: readonly FitNote[]): { key: string; first: FitNote; notes: FitNote[] }[] {
  const groups = new Map<string, FitNote[]>();
  for (const note of notes) {
    const key = `${note.date} ${seenWords(note.seen)}`;
    groups.set(key, [...(groups.get(key) ?? []), note]);
  }
  return [...groups].map(([key, list]) => ({ key, first: list[0]!, notes: list })).sort((a, b) => b.first.date.localeCompare(a.first.date));
}

/** One garment: what it was, how it fitted each time it was looked at, how it is worn. */
export function MakePage() {
  const { makeId } = useParams();
  const navigate = useNavigate();
  const makes = useMakes();
  const patterns = usePatterns();
  const cloths = useCloths();
  const people = usePeople();
  const wears = useWears();
  const counts = useWearCounts();
  const unit = useUnit();
  const make = makes?.find((m) => m.id === makeId);
  const pattern = patterns?.find((p) => p.id === make?.sources[0]?.patternId);
  const input = usePatternCase(pattern?.id, make?.personId);
  const times = (make && counts?.get(make.id)?.times) ?? 0;
  const [look, setLook] = useState<Look>();
  const [verdict, setVerdict] = useState<VerdictSaid>();

  const save = (label: string, changed: Make) => keep(label, [{ table: 'makes', from: make!, to: changed }]);
  const wornToday = async () => {
    if (!make) return;
    const wear = { id: newId(), date: today(), makeIds: [make.id], count: 1 };
    if (await keep('worn today', [{ table: 'wears', put: wear }])) toast('Worn today. Ctrl Z takes it back.');
  };
  useHotkeys('w', () => void wornToday());

  if (makes && !make) return <Empty>This make is not in the ledger. It may have been removed; Ctrl Z brings it back.</Empty>;
  if (!make || !pattern || !cloths || !input || !people || !wears) return null;

  const view = viewOf(pattern, make);
  const person = people.find((p) => p.id === make.personId);
  const cost = clothCost(make, cloths);
  const minutes = minutesOf(make);
  const loose = make.looseEnds.filter((l) => !l.done);

  const remove = async () => {
    const gone = wears.filter((w) => w.makeIds.includes(make.id));
    const pictures = await db.pictures.where('makeId').equals(make.id).primaryKeys();
    await keep(`${pattern.name}, version ${make.version}, removed`, [
      { table: 'makes', remove: make.id },
      // A day's outfit keeps its other garments.
      ...gone.map((w) =>
        w.makeIds.length > 1
          ? { table: 'wears' as const, from: w, to: { ...w, makeIds: w.makeIds.filter((id) => id !== make.id) } }
          : { table: 'wears' as const, remove: w.id },
      ),
      ...pictures.map((id) => ({ table: 'pictures' as const, remove: id })),
    ]);
    toast('The make is removed. Ctrl Z brings it back.');
    void navigate(`/patterns/${pattern.id}`);
  };

  return (
    <>
      <PageHead
        title={
          <>
            <Link className="underline-offset-4 hover:underline" to={`/patterns/${pattern.id}`}>
              {pattern.name}
            </Link>
            , version {make.version}
          </>
        }
        under={`${make.kind} for ${person?.name ?? 'somebody'} · ${make.state}${make.why ? `, ${make.why}` : ''} · cut ${day(make.cutOn)}`}
        aside={
          <div className="flex flex-wrap items-center gap-2">
            <Button quiet onClick={() => void remove()}>
              Remove this make
            </Button>
            <Link
              to={`/makes/${make.id}/change`}
              className="inline-flex min-h-[30px] items-center rounded-md border border-ink bg-page px-3 hover:bg-tint max-sm:min-h-11"
            >
              Change what was cut
            </Link>
            <Button onClick={() => void wornToday()}>
              Worn today <KeyCap>w</KeyCap>
            </Button>
          </div>
        }
      />
      <div className="grid grid-cols-[300px_minmax(0,1fr)_minmax(0,1fr)] gap-8 max-lg:grid-cols-1">
        <div className="flex flex-col gap-3">
          <div className="flex gap-2">
            <GarmentPicture pattern={pattern} make={make} cloths={cloths} className="h-[200px] w-1/2" />
            <GarmentPicture pattern={pattern} make={make} cloths={cloths} side="back" className="h-[200px] w-1/2" />
          </div>
          <dl className="grid grid-cols-[92px_1fr] border-t border-rule [&>*]:border-b [&>*]:border-rule [&>*]:py-1 [&>dt]:text-ink2">
            <dt>Size cut</dt>
            <dd>
              {sizeLineWords(make.size)}
              {make.sizeLines.map((l) => `, ${zoneOf(l.zone).label} ${sizeLineWords(l.line)}`).join('')}
            </dd>
            <dt>Altered</dt>
            <dd>
              {make.alterations.length === 0 && 'nothing'}
              {make.alterations.map((a) => (
                <div key={a.id}>
                  {alterationWords(a, unit)} <span className="text-small text-ink2">{a.purpose === 'style' ? 'for looks' : alterationWhen(a)}</span>
                </div>
              ))}
            </dd>
            <dt>Cloth</dt>
            <dd>
              {make.cloths.length === 0 && 'not noted'}
              {make.cloths.map((u) => (
                <div key={u.id}>
                  <Link className="underline-offset-2 hover:underline" to={`/shelf?cloth=${u.clothId}`}>
                    {cloths.find((c) => c.id === u.clothId)?.name ?? 'a cloth that is gone'}
                  </Link>
                  {u.length !== undefined && <span className="text-small text-ink2"> · {formatLength(u.length, unit)} used</span>}
                  {u.left !== undefined && <span className="text-small text-ink2"> · {formatLength(u.left, unit)} left</span>}
                </div>
              ))}
            </dd>
            <dt>Worn</dt>
            <dd>
              {times}&#x2009;×
              {cost && times > 0 && <span className="text-small text-ink2"> · {formatMoney(costPerWear(cost, times))} of cloth a wear</span>}
            </dd>
            <dt>Time</dt>
            <dd>{minutes === undefined ? 'not noted' : formatDuration(minutes)}</dd>
          </dl>
          {make.remark && <p className="text-ink2 italic">{make.remark}</p>}
          {make.notes.length > 0 && (
            <ul className="text-small">
              {make.notes.map((n) => (
                <li key={n.id}>
                  <span className="text-ink2 italic">{n.kind}:</span> {n.words}
                </li>
              ))}
            </ul>
          )}
          {loose.map((l) => (
            <p key={l.id} className="flex items-center justify-between gap-2 border-l-4 border-ink pl-2">
              {l.words}
              <Button
                onClick={() =>
                  void save(`done: ${l.words}`, { ...make, looseEnds: make.looseEnds.map((o) => (o.id === l.id ? { ...o, done: today() } : o)) })
                }
              >
                <Check size={14} aria-hidden /> Done
              </Button>
            </p>
          ))}
        </div>

        <section aria-labelledby="fit">
          <h2 id="fit" className="mb-1 text-[17px]">
            Fit, each time it was looked at
          </h2>
          {make.fitNotes.length === 0 && <p className="text-ink2">Nothing is noted yet. A look after some wears tells most.</p>}
          {looks(make.fitNotes).map(({ key, first, notes }) => (
            <div key={key} className="mb-3">
              <h3 className="double-rule-b font-sans text-small text-ink2">
                {seenWords(first.seen)}, {day(first.date)}
              </h3>
              <table className="w-full">
                <tbody>
                  {notes.map((n) => (
                    <tr key={n.id} className="border-b border-rule">
                      <th scope="row" className="w-28 py-1 text-left font-normal first-letter:uppercase">
                        {zoneOf(n.zone).label}
                      </th>
                      <td className="py-1">
                        <span className="flex items-center gap-1.5" style={{ color: markColour(n.outcome) }}>
                          <FitMark kind={zoneOf(n.zone).kind} outcome={n.outcome} /> {outcomeWords(n, unit)}
                        </span>
                        {n.words && <span className="block text-small text-ink2 italic">{n.words}</span>}
                      </td>
                      <td className="py-1 text-right text-small text-ink2">
                        {formatLength(offsetOf(input, make, n.zone, { note: n }).x, unit, { signed: true, about: true })}
                      </td>
                      <td className="w-8 text-right">
                        <button
                          type="button"
                          aria-label={`Remove the note on ${zoneOf(n.zone).label}`}
                          className="rounded-md px-1.5 text-ink2 hover:bg-tint"
                          onClick={() => void save('a fit note removed', { ...make, fitNotes: make.fitNotes.filter((o) => o.id !== n.id) })}
                        >
                          ×
                        </button>
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          ))}
          {look ? (
            <div className="border-t-2 border-ink pt-2">
              <LookEntry look={look} zones={view.zones} unit={unit} onChange={setLook} />
              <div className="mt-2 flex gap-2">
                <Button
                  disabled={look.said.length === 0}
                  onClick={() => {
                    void save('a look at the fit', { ...make, fitNotes: [...make.fitNotes, ...notesOf(look, today())] }).then(() =>
                      setLook(undefined),
                    );
                  }}
                >
                  Keep this look
                </Button>
                <Button quiet onClick={() => setLook(undefined)}>
                  Put away
                </Button>
              </div>
            </div>
          ) : (
            <Button onClick={() => setLook({ seen: times > 0 ? { at: 'worn', wears: times } : { at: 'firstDay' }, said: [] })}>
              Look at the fit again
            </Button>
          )}
        </section>

        <section aria-labelledby="verdicts">
          <h2 id="verdicts" className="mb-1 text-[17px]">
            Verdicts
          </h2>
          {[...make.verdicts].reverse().map((v) => (
            <div key={v.id} className="border-b border-rule py-1.5">
              <b>{v.love} of 5</b>{' '}
              <span className="text-small text-ink2">
                {v.wears === 0 ? 'said unworn' : `after ${v.wears} wears`}, {day(v.date)}
              </span>
              {v.reasons.length > 0 && <span className="block text-small">not reached for because of {v.reasons.join(', ')}</span>}
              {v.words && <span className="block text-ink2 italic">{v.words}</span>}
            </div>
          ))}
          {make.verdicts.length === 0 && <p className="mb-2 text-ink2">No verdict yet.</p>}
          {verdict ? (
            <div className="mt-2 border-t-2 border-ink pt-2">
              <VerdictEntry said={verdict} onChange={setVerdict} />
              <div className="mt-2 flex gap-2">
                <Button
                  disabled={verdict.love === undefined}
                  onClick={() => {
                    const { love = 3, reasons = [], words } = verdict;
                    const said = { id: newId(), date: today(), wears: times, love, reasons, ...(words ? { words } : {}) };
                    void save('a verdict', { ...make, verdicts: [...make.verdicts, said] }).then(() => setVerdict(undefined));
                  }}
                >
                  Keep this verdict
                </Button>
                <Button quiet onClick={() => setVerdict(undefined)}>
                  Put away
                </Button>
              </div>
            </div>
          ) : (
            <Button className="mt-2" onClick={() => setVerdict({})}>
              How do you like it now?
            </Button>
          )}
        </section>
      </div>
    </>
  );
}
