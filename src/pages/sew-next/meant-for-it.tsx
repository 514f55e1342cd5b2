import { useMemo } from 'react';
import { alterationWords, sizeLineWords } from '../../core/alteration/words';
import { zoneOf } from '../../core/body/zones';
import { viewNamed } from '../../core/make/versions';
import { inItsPlace, meantForPlan, withMeant, withoutAnswer, type Meant, type MeantAnswer } from '../../core/plan/meant';
import type { Plan } from '../../core/records';
import { isUnderstood, readIntention } from '../../core/shorthand/intention';
import { withId } from '../../core/units/by-id';
import { newId } from '../../data/new-id';
import { useFabrics, usePlans, useUnit } from '../../data/queries';
import { save } from '../../parts/save';
import { useLineContext } from '../../parts/use-line-context';
import { Button } from '../../ui/button';
import type { PlanInWork } from './use-plan';

const ANSWERED: Record<MeantAnswer, string> = { taken: 'taken into the plan', 'in words': 'kept for the cut sheet', declined: 'not this time' };

/** What was meant for this version while earlier ones were sewn and worn: each is taken, kept in words, or declined. */
export function MeantForIt({ work: { plan, input } }: { work: PlanInWork }) {
  const plans = usePlans();
  const meant = useMemo(() => meantForPlan(input, plan, plans), [input, plan, plans]);
  if (meant.length === 0) return null;
  return (
    <section aria-labelledby="meant">
      <h2 id="meant" className="text-head">
        Meant for this version
      </h2>
      <ul className="border-t border-rule">
        {meant.map((m) => (
          <MeantRow key={m.note.id} meant={m} plan={plan} input={input} />
        ))}
      </ul>
    </section>
  );
}

function MeantRow({ meant, plan, input }: { meant: Meant; plan: Plan; input: PlanInWork['input'] }) {
  const unit = useUnit();
  const fabrics = useFabrics();
  const context = useLineContext();
  const { make, note, answered } = meant;
  const { pattern } = input;
  const intended = useMemo(() => readIntention(note.words, make, pattern, context, newId), [note.words, make, pattern, context]);
  const understood = isUnderstood(intended);
  const instead = intended.alterations.flatMap((a) => inItsPlace(input, plan, a));
  const change = (label: string, edit: (now: Plan) => Plan) => void save(label, [{ table: 'plans', id: plan.id, edit }]);
  const answer = (said: MeantAnswer) => change(`${ANSWERED[said]}: ${note.words}`, (now) => withMeant(input, now, meant, said, intended));
  const words = [
    ...intended.alterations.map((a) => alterationWords(a, unit)),
    ...(intended.size ? [`size ${sizeLineWords(intended.size)}`] : []),
    ...intended.sizeLines.map((l) => `${zoneOf(l.zone).label} ${sizeLineWords(l.line)}`),
    ...(intended.viewId === undefined ? [] : [`view ${viewNamed(pattern, intended.viewId).name}`]),
    ...intended.fabrics.map((u) => withId(fabrics, u.fabricId)?.name ?? 'another fabric'),
  ].join(', ');
  return (
    <li className="flex flex-wrap items-start justify-between gap-x-3 gap-y-1 border-b border-rule py-1">
      <span className="min-w-56 flex-1">
        {note.words}
        <span className="block text-small text-ink2">
          meant in version {make.version}
          {understood && `: ${words}`}
          {instead.length > 0 && !answered && `; the plan has ${instead.map((a) => alterationWords(a, unit)).join(', ')}`}
        </span>
      </span>
      {answered ? (
        <span className="flex items-center gap-2 text-small text-ink2">
          {ANSWERED[answered.answer]}
          <Button
            quiet
            aria-label={`Answer again: ${note.words}`}
            onClick={() => change(`answer taken back: ${note.words}`, (now) => withoutAnswer(now, note.id))}
          >
            answer again
          </Button>
        </span>
      ) : (
        <span role="group" aria-label={note.words} className="flex flex-wrap gap-1">
          {understood && <Button onClick={() => answer('taken')}>{instead.length > 0 ? 'take this instead' : 'take it'}</Button>}
          <Button quiet={understood} onClick={() => answer('in words')}>
            {understood ? 'keep in words' : 'keep for the cut sheet'}
          </Button>
          <Button quiet onClick={() => answer('declined')}>
            not this time
          </Button>
        </span>
      )}
    </li>
  );
}
