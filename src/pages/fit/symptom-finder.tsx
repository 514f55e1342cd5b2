import { planName } from '../../core/make/plan-name';
import { isFitless } from '../../core/records/usual-zones';
import { STATES } from '../../core/make/states';
import { directionWord } from '../../core/make/fit-note-words';
import { useMemo, useState } from 'react';
import clsx from 'clsx';
import { toast } from 'react-toastify';
import { alterationWords, zoneList } from '../../core/alteration/words';
import type { Habits } from '../../core/forecast/habits';
import { percent } from '../../core/units/percent';
import { ZONE_IDS, zoneOf, type ZoneId } from '../../core/body/zones';
import { askWords } from '../../core/forecast/words';
import { GARMENT_KINDS, type Alteration, type GarmentKind, type Person, type Seen } from '../../core/records';
import { SYMPTOM_IDS, symptomOf, symptomsAt, type SymptomId } from '../../core/catalogue/symptoms';
import { likelyCauses } from '../../core/symptom/finder';
import { newId } from '../../data/new-id';
import { useCaseTables } from '../../data/engine-tables';
import { useMakes, usePatterns, usePlans, useUnit, useTradeWords } from '../../data/queries';
import { NextTime } from '../../parts/next-time';
import { GarmentFigure } from '../../parts/garment-figure';
import { save } from '../../parts/save';
import { Button } from '../../ui/button';
import { ChoiceField, SelectField } from '../../ui/field';
import { Pick } from '../../ui/pick';
import { byHand } from '../../ui/by-hand';
import { byDay } from '../../core/units/date';
import { counted } from '../../core/units/counted';
import { withId } from '../../core/units/by-id';
import { routes } from '../../routes';
import { useEngine } from '../../workers/use-engine';
import { Link } from 'react-router';

const TRIED_ON: Seen = { at: 'tryOn' };
/** Places at which something may be seen. */
const PLACES = ZONE_IDS.filter((z) => symptomsAt([z]).length > 0);
/** Where a symptom may come from: by these too it is found. */
const placesOf = (id: SymptomId) => zoneList([...new Set(symptomOf(id).causes.map((c) => c.zone))]);

/** A garment that is being sewn, while one stands before the mirror: what of it is worth looking at, and what is meant for the next one. */
function InHand({ person }: { person: Person }) {
  const unit = useUnit();
  const patterns = usePatterns();
  const own = useMakes().filter((m) => m.personId === person.id && m.sources.length > 0 && STATES[m.state].inHand);
  const make = own.sort((a, b) => byDay(a.cutOn, b.cutOn)).at(-1);
  const asks = useEngine('asks', useCaseTables(), make && [make, TRIED_ON], { tolerant: true }).answer ?? [];
  if (!make) return null;
  return (
    <div className="flex flex-wrap items-end gap-x-8 gap-y-1 border-t border-rule py-1">
      <p className="pb-1.5">
        You are sewing{' '}
        <Link className="underline underline-offset-2" to={routes.make(make.id)}>
          {withId(patterns, make.sources[0]?.patternId)?.name ?? 'a garment'}, version {make.version}
        </Link>
        .{' '}
        {asks.length > 0 && (
          <>
            <span className="text-amber">What helps the next one most:</span> {asks.map((a) => askWords(a, unit)).join('; ')}.
          </>
        )}
      </p>
      <NextTime key={make.id} make={make} />
    </div>
  );
}

/** From what one sees to what may be behind it, how to tell, and an alteration on the next plan. */
export function SymptomFinder({ habits, person, usualKind }: { habits: Habits; person: Person; usualKind: GarmentKind }) {
  const inWords = useTradeWords();
  const unit = useUnit();
  const patterns = usePatterns();
  const plans = usePlans().filter((p) => p.personId === person.id && p.state === 'open');
  const [id, setId] = useState<SymptomId>();
  const [planId, setPlanId] = useState('');
  const [kind, setKind] = useState(usualKind);
  const [place, setPlace] = useState<ZoneId>();
  const drawn = useMemo(() => ({ kind, flat: undefined, swatch: undefined }), [kind]);
  const seenAt = place ? symptomsAt([place]) : [];
  const plan = withId(plans, planId) ?? plans[0];
  const put = async (alteration: Alteration) => {
    if (!plan) return;
    const added = { ...alteration, id: newId() };
    const kept = await save('an alteration on a plan', [
      { table: 'plans', id: plan.id, edit: (now) => ({ ...now, alterations: [...now.alterations, added] }) },
    ]);
    if (kept) toast(byHand(`${alterationWords(alteration, unit)}: on the plan of ${planName(plan, patterns)}. Ctrl Z takes it back.`));
  };
  return (
    <section aria-labelledby="finder" className="mt-4 mb-6">
      <h2 id="finder" className="text-head">
        What do you see?
      </h2>
      <InHand person={person} />
      <div className="flex flex-wrap items-end gap-3 border-t border-rule pt-1">
        <Pick
          label="In the mirror"
          placeholder="pulls, folds, gaps …"
          options={SYMPTOM_IDS.map((s) => ({ id: s, label: symptomOf(s).label, detail: placesOf(s) }))}
          value={id}
          onPick={(s) => setId(s)}
          className="w-72"
        />
        <ChoiceField
          label="On the figure of"
          value={kind}
          all={GARMENT_KINDS.filter((k) => !isFitless(k))}
          words={inWords}
          onValue={(chosen) => {
            setKind(chosen);
            setPlace(undefined);
          }}
          className="w-36"
        />
        {id && plans.length > 0 && (
          <SelectField label="For the plan of" value={plan?.id ?? ''} onChange={(e) => setPlanId(e.target.value)} className="w-56">
            {plans.map((p) => (
              <option key={p.id} value={p.id}>
                {planName(p, patterns)}
              </option>
            ))}
          </SelectField>
        )}
      </div>
      <div className="mt-2 grid grid-cols-[minmax(0,420px)_minmax(0,1fr)] gap-6 max-md:grid-cols-1">
        <div>
          <GarmentFigure
            drawn={drawn}
            zones={PLACES}
            said={(zone) => {
              const count = symptomsAt([zone]).length;
              return { marks: [], words: `${zoneOf(zone).label}: ${counted(count, 'thing')} one may see there` };
            }}
            chosen={place}
            onZone={setPlace}
            className="max-w-[420px] max-sm:grid-cols-1"
          />
          {place ? (
            <div className="mt-1.5" role="group" aria-label={`Seen at the ${zoneOf(place).label}`}>
              <p className="text-small text-ink2 first-letter:uppercase">{zoneOf(place).label}: what do you see there?</p>
              <ul className="flex flex-wrap gap-1">
                {seenAt.map((s) => (
                  <li key={s}>
                    <button
                      type="button"
                      aria-pressed={s === id}
                      onClick={() => setId(s)}
                      className={clsx(
                        'min-h-[28px] rounded-md border px-2 text-left hover:bg-tint max-sm:min-h-11',
                        s === id ? 'border-ink bg-tint' : 'border-rule2 bg-page',
                      )}
                    >
                      {symptomOf(s).label}
                    </button>
                  </li>
                ))}
              </ul>
            </div>
          ) : (
            <p className="mt-1 text-small text-ink2">Point at the place that looks wrong, or say in words what you see.</p>
          )}
        </div>
        <div>
          {id && (
            <>
              <p className="font-serif text-name first-letter:uppercase">{symptomOf(id).label}</p>
              <p>
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
                            <span className="block text-small text-ink2">that a pattern as drafted is so, by {counted(c.patterns, 'pattern')}</span>
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
        </div>
      </div>
    </section>
  );
}
