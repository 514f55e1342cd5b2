import { verdictsOf } from '../../core/make/log-draft';
import { format, parseISO } from 'date-fns';
import { judgedAgain } from '../../core/make/one-touch';
import { stillSo, verdictDue, verdictDueWords } from '../../core/decide/verdict-due';
import { judgedEarly, verdictChange, verdictWeight, verdictWhen } from '../../core/decide/verdict-weight';
import type { Make } from '../../core/records';
import type { Hanging } from '../../core/wear/wardrobe';
import { useKept } from '../../data/drafts';
import { newId } from '../../data/new-id';
import { useSettings } from '../../data/queries';
import { today } from '../../data/today';
import { save } from '../../parts/save';
import { Button } from '../../ui/button';
import { KeyCap } from '../../ui/key-cap';
import { useWrittenKey } from '../../ui/use-written-key';
import { VerdictEntry } from './verdict-entry';

const day = (date: string) => format(parseISO(date), 'd MMMM yyyy');

/** The first verdict and every later one, with what changed and how much each counts; and the next. */
export function Verdicts({ make, times, hanging }: { make: Make; times: number; hanging: Hanging | undefined }) {
  const { hemisphere } = useSettings();
  const draft = useKept('verdict', make.id);
  const verdict = draft.value;
  const latest = make.verdicts.at(-1);
  const due = hanging && verdictDue(hanging, hemisphere, today());
  const add = (said: Make['verdicts'][number], label: string, afterwards?: Parameters<typeof save>[2]) =>
    save(label, [{ table: 'makes', id: make.id, edit: (now) => judgedAgain(now, said) }], afterwards);
  const again = () => latest && void add(stillSo(latest, newId(), today(), times), 'still so');
  useWrittenKey('s', () => verdict === undefined && void again());

  return (
    <>
      <h2 id="verdicts" className="mb-1 text-head">
        Verdicts
      </h2>
      {due && (
        <p className="mb-1 border-l-4 border-amber-fill bg-amber-wash py-1 pl-2">
          {verdictDueWords(due).replace(/^./, (c) => c.toUpperCase())}: how do you like it now?
        </p>
      )}
      {judgedEarly(make) && <p className="text-small text-ink2 italic">Judged early: before three wears a verdict counts little.</p>}
      {make.verdicts
        .map((v, i) => ({ v, before: make.verdicts[i - 1] }))
        .reverse()
        .map(({ v, before }) => (
          <div key={v.id} className="border-b border-rule py-1.5">
            <b>{v.love} of 5</b>{' '}
            <span className="text-small text-ink2">
              {verdictWhen(v)}, {day(v.date)}; counts {verdictWeight(v)}
            </span>
            {before && <span className="block text-small text-ink2">{verdictChange(before, v)}</span>}
            {v.parts && Object.keys(v.parts).length > 0 && (
              <span className="block text-small text-ink2">
                {Object.entries(v.parts)
                  .map(([part, n]) => `${part} ${n}`)
                  .join(' · ')}
              </span>
            )}
            {v.sewAgain && (
              <span className="block text-small">
                sew again: {v.sewAgain}
                {v.later ? `, ${v.later}` : ''}
              </span>
            )}
            {v.reasons.length > 0 && <span className="block text-small">not reached for because of {v.reasons.join(', ')}</span>}
            {v.words && <span className="block text-ink2 italic">{v.words}</span>}
          </div>
        ))}
      {make.verdicts.length === 0 && <p className="mb-2 text-ink2">No verdict yet.</p>}
      {verdict ? (
        <div className="mt-2 border-t-2 border-ink pt-2">
          <VerdictEntry said={verdict} onChange={draft.keep} />
          <div className="mt-2 flex gap-2">
            <Button
              disabled={verdict.love === undefined}
              onClick={() => {
                const [said] = verdictsOf(verdict, today(), times, newId);
                if (said) void add(said, 'a verdict', { draft });
              }}
            >
              Keep this verdict
            </Button>
            <Button quiet onClick={draft.discard}>
              Discard draft
            </Button>
          </div>
        </div>
      ) : (
        <div className="mt-2 flex flex-wrap gap-2">
          {latest && (
            <Button onClick={again}>
              Still so <KeyCap>s</KeyCap>
            </Button>
          )}
          <Button onClick={() => draft.keep({})}>How do you like it now?</Button>
        </div>
      )}
    </>
  );
}
