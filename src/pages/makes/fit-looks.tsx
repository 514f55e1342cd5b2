import { makeDayWords } from '../../core/make/its-day';
import { zoneOf } from '../../core/body/zones';
import { symptomOf } from '../../core/catalogue/symptoms';
import { lookedWords, outcomeWords } from '../../core/make/fit-note-words';
import { notesOf } from '../../core/make/log-draft';
import type { FitNote, Make, Pattern, View } from '../../core/records';
import { byDay } from '../../core/units/date';
import { addToGroup } from '../../core/units/group-by';
import { firstOf } from '../../core/units/item-at';
import { formatLength } from '../../core/units/length';
import { useKept } from '../../data/drafts';
import { useCaseTables } from '../../data/engine-tables';
import { newId } from '../../data/new-id';
import { useFabrics, useUnit } from '../../data/queries';
import { today } from '../../data/today';
import { drawnOf } from '../../parts/drawn-of';
import { FitMark, markColour } from '../../parts/fit-mark';
import type { save } from '../../parts/save';
import { Button } from '../../ui/button';
import { useEngine } from '../../workers/use-engine';
import { LookEntry } from './look-entry';

/** Fit notes by look, the latest first. */
function looks(make: Make): { key: string; first: FitNote; notes: FitNote[] }[] {
  const groups = new Map<string, FitNote[]>();
  for (const note of make.fitNotes) addToGroup(groups, `${note.date} ${lookedWords(note, make)}`, note);
  return [...groups].map(([key, list]) => ({ key, first: firstOf(list), notes: list })).sort((a, b) => byDay(b.first.date, a.first.date));
}

/** How a garment fitted each time it was looked at, and the next look. */
export function FitLooks({
  make,
  view,
  drawn,
  times,
  onMake,
}: {
  make: Make;
  view: View;
  drawn: Pattern;
  /** How often it was worn. */
  times: number;
  onMake: (label: string, changed: Make, afterwards?: Parameters<typeof save>[2]) => unknown;
}) {
  const unit = useUnit();
  const fabrics = useFabrics();
  const offsets = useEngine('noteOffsets', useCaseTables(), [make.id], { tolerant: true }).answer;
  const draft = useKept('look', make.id);
  const look = draft.value;
  return (
    <section aria-labelledby="fit">
      <h2 id="fit" className="mb-1 text-head">
        Fit, each time it was looked at
      </h2>
      {make.fitNotes.length === 0 && <p className="text-ink2">Nothing is noted yet. A look after some wears tells most.</p>}
      {looks(make).map(({ key, first, notes }) => (
        <div key={key} className="mb-3">
          <h3 className="double-rule-b font-sans text-small text-ink2">
            {lookedWords(first, make)}, {makeDayWords(first.date === make.finishedOn ? make : {}, first.date, 'd MMMM yyyy')}
          </h3>
          <table className="w-full">
            {notes.some((n) => offsets?.has(n.id)) && (
              <thead className="text-small text-ink2 [&_th]:py-0.5 [&_th]:font-normal">
                <tr>
                  <th scope="col" aria-label="Where" />
                  <th scope="col" aria-label="What was seen" />
                  <th scope="col" colSpan={2} className="text-right">
                    cut, against the pattern
                  </th>
                </tr>
              </thead>
            )}
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
                    {n.symptom && <span className="block text-small text-ink2">{symptomOf(n.symptom).label}</span>}
                    {(n.side ?? n.over ?? n.causedBy ?? n.done) && (
                      <span className="block text-small text-ink2">
                        {[
                          n.side && `on the ${n.side} only`,
                          n.over && `over ${n.over}`,
                          n.causedBy && `caused by the ${zoneOf(n.causedBy).label}`,
                          n.done && `done: ${n.done}`,
                        ]
                          .filter(Boolean)
                          .join(' · ')}
                      </span>
                    )}
                    {n.words && <span className="block text-small text-ink2 italic">{n.words}</span>}
                  </td>
                  <td className="py-1 text-right text-small text-ink2">
                    {offsets?.has(n.id) && formatLength(offsets.get(n.id)!, unit, { signed: true, about: true })}
                  </td>
                  <td className="w-8 text-right">
                    <button
                      type="button"
                      aria-label={`Remove the note on ${zoneOf(n.zone).label}`}
                      className="rounded-md px-1.5 text-ink2 hover:bg-tint"
                      onClick={() => void onMake('a fit note removed', { ...make, fitNotes: make.fitNotes.filter((o) => o.id !== n.id) })}
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
          <LookEntry make={make} look={look} zones={view.zones} drawn={drawnOf(drawn, make, fabrics)} unit={unit} onChange={draft.keep} />
          <div className="mt-2 flex gap-2">
            <Button
              disabled={look.said.length === 0}
              onClick={() => {
                void onMake('a look at the fit', { ...make, fitNotes: [...make.fitNotes, ...notesOf(look, today(), newId)] }, { draft });
              }}
            >
              Save this look
            </Button>
            <Button quiet onClick={draft.discard}>
              Discard draft
            </Button>
          </div>
        </div>
      ) : (
        <Button onClick={() => draft.keep({ seen: times > 0 ? { at: 'worn', wears: times } : { at: 'firstDay' }, said: [] })}>
          {make.fitNotes.length === 0 ? 'Note how it fits' : 'Look at the fit again'}
        </Button>
      )}
    </section>
  );
}
