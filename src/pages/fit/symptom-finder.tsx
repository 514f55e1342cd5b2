import { useState } from 'react';
import { toast } from 'react-toastify';
import { alterationWords, zoneList } from '../../core/alteration/words';
import type { Habits } from '../../core/fit/habits';
import { directionWord } from '../../core/fit/words';
import { percent } from '../../core/measure/percent';
import { zoneOf } from '../../core/measure/zones';
import type { Alteration, Person } from '../../core/records';
import { SYMPTOM_IDS, symptomOf, type SymptomId } from '../../core/symptom/catalogue';
import { likelyCauses } from '../../core/symptom/finder';
import { newId } from '../../data/new-id';
import { usePatterns, usePlans, useUnit } from '../../data/queries';
import { keep } from '../../parts/keep';
import { Button } from '../../ui/button';
import { SelectField } from '../../ui/field';
import { Pick } from '../../ui/pick';

/** Where a symptom may come from: by these too it is found. */
const placesOf = (id: SymptomId) => zoneList([...new Set(symptomOf(id).causes.map((c) => c.zone))]);

/** From what one sees to what may be behind it, how to tell, and an alteration on the next plan. */
export function SymptomFinder({ habits, person }: { habits: Habits; person: Person }) {
  const unit = useUnit();
  const patterns = usePatterns() ?? [];
  const plans = (usePlans() ?? []).filter((p) => p.personId === person.id && p.state === 'open');
  const [id, setId] = useState<SymptomId>();
  const [planId, setPlanId] = useState('');
  const plan = plans.find((p) => p.id === planId) ?? plans[0];
  const planName = (patternId: string) => patterns.find((p) => p.id === patternId)?.name ?? 'a plan';
  const put = async (alteration: Alteration) => {
    if (!plan) return;
    const added = { ...alteration, id: newId() };
    const kept = await keep('an alteration on a plan', [
      { table: 'plans', id: plan.id, edit: (now) => ({ ...now, alterations: [...now.alterations, added] }) },
    ]);
    if (kept) toast(`${alterationWords(alteration, unit)}: on the plan of ${planName(plan.patternId)}. Ctrl Z takes it back.`);
  };
  return (
    <section aria-labelledby="finder" className="mt-4 mb-6 max-w-3xl">
      <h2 id="finder" className="text-[17px]">
        What do you see?
      </h2>
      <div className="flex flex-wrap items-end gap-3 border-t border-rule pt-1">
        <Pick
          label="In the mirror"
          placeholder="pulls, folds, gaps …"
          options={SYMPTOM_IDS.map((s) => ({ id: s, label: symptomOf(s).label, detail: placesOf(s) }))}
          value={id}
          onPick={(s) => setId(s as SymptomId)}
          className="w-72"
        />
        {id && plans.length > 0 && (
          <SelectField label="For the plan of" value={plan?.id ?? ''} onChange={(e) => setPlanId(e.target.value)} className="w-56">
            {plans.map((p) => (
              <option key={p.id} value={p.id}>
                {planName(p.patternId)}
              </option>
            ))}
          </SelectField>
        )}
      </div>
      {id && (
        <>
          <p className="mt-2">
            <b>How to tell.</b> {symptomOf(id).tell} Rule out {symptomOf(id).ruleOut}.
          </p>
          <table className="mt-1 w-full border-collapse">
            <thead className="text-left text-small text-ink2 [&_th]:font-normal">
              <tr className="double-rule-b">
                <th scope="col">May be</th>
                <th scope="col">Your patterns</th>
                <th scope="col">Answered by</th>
              </tr>
            </thead>
            <tbody>
              {likelyCauses(id, habits, unit).map((c) => (
                <tr key={`${c.zone} ${c.direction}`} className="border-b border-rule align-top">
                  <th scope="row" className="py-1 pr-3 text-left font-normal">
                    {zoneOf(c.zone).label} {directionWord(c.zone, c.direction)}
                    <span className="block text-small text-ink2">{c.words}</span>
                  </th>
                  <td className="py-1 pr-3">
                    {c.chance === undefined ? (
                      <span className="text-small text-ink2">nothing noted there</span>
                    ) : (
                      <>
                        {percent(c.chance)}
                        <span className="block text-small text-ink2">
                          that a pattern as drafted is so, by {c.patterns} {c.patterns === 1 ? 'pattern' : 'patterns'}
                        </span>
                      </>
                    )}
                  </td>
                  <td className="py-1">
                    <ul>
                      {c.answers.map((a) => (
                        <li key={a.id} className="flex flex-wrap items-center justify-between gap-2">
                          {alterationWords(a, unit)}
                          {plan && (
                            <Button quiet onClick={() => void put(a)}>
                              Put on the plan
                            </Button>
                          )}
                        </li>
                      ))}
                      {c.answers.length === 0 && <li className="text-small text-ink2">looked at last: no alteration of its own</li>}
                    </ul>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </section>
  );
}
