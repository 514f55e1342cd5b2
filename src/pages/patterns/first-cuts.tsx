import { counted } from '../../core/units/counted';
import { alterationWords } from '../../core/alteration/words';
import { answerMoving } from '../../core/alteration/answer';
import { formatLength, type LengthUnit } from '../../core/units/length';
import { zoneOf } from '../../core/body/zones';
import { heightWords } from '../../core/forecast/words';
import { FromOthers } from '../../parts/account/from-others';
import { percent } from '../../core/units/percent';
import { TapeAsked } from '../../parts/tape-asked';
import type { Person } from '../../core/records';
import { useBodies } from '../../data/queries';
import { useCaseTables } from '../../data/engine-tables';
import { today } from '../../data/today';
import { useEngine } from '../../workers/use-engine';

/** A better chance by less than this is not worth an alteration on a first make. Source: engine.md, section 4. */
const WORTH_IT = 0.15;

/** What to change on the first make of a pattern, from what all the others taught. */
export function FirstCuts({ person, patternId, unit }: { person: Person; patternId: string; unit: LengthUnit }) {
  const bodies = useBodies();
  const found = useEngine('firstCut', useCaseTables(), [person.id, patternId, today()]).answer;
  if (!found || found.length === 0) return null;
  const worth = found.filter((f) => f.atBest - f.asDrafted >= WORTH_IT);
  return (
    <section aria-labelledby="first" className="mt-5 border-y border-amber-fill bg-amber-wash px-3 py-2">
      <h2 id="first" className="text-head text-amber">
        What is known already of a first make
      </h2>
      <p className="mb-1 text-ink2">
        {worth.length === 0
          ? 'Cut it as drafted: nothing that is known would better its chances by much.'
          : 'In the size of your measures, with these on paper:'}
      </p>
      {worth.length > 0 && (
        <table className="w-full border-collapse">
          <thead className="text-left text-small text-ink2 [&_th]:font-normal">
            <tr className="double-rule-b">
              <th scope="col">Zone</th>
              <th scope="col">On paper</th>
              <th scope="col">Chance of right</th>
              <th scope="col">Why</th>
            </tr>
          </thead>
          <tbody>
            {worth.map((f) => {
              const by = (cm: number) => cm - (f.height?.cm ?? 0);
              return (
                <tr key={f.zone} className="border-b border-rule align-top">
                  <th scope="row" className="py-1 pr-3 text-left font-normal first-letter:uppercase">
                    {zoneOf(f.zone).label}
                  </th>
                  <td className="py-1 pr-3">
                    <b className="text-amber">{alterationWords(answerMoving(f.zone, by(f.best.median), unit), unit)}</b>
                    <span className="block text-small text-ink2">
                      about {formatLength(by(f.best.median), unit, { signed: true, about: true })} (
                      {formatLength(by(f.best.low), unit, { signed: true, about: true })} to{' '}
                      {formatLength(by(f.best.high), unit, { signed: true, about: true })})
                    </span>
                  </td>
                  <td className="py-1 pr-3">
                    {percent(f.atBest)}
                    <span className="block text-small text-ink2">as drafted {percent(f.asDrafted)}</span>
                  </td>
                  <td className="py-1 text-small text-ink2">
                    {f.height && <span className="block first-letter:uppercase">{heightWords(f.height, unit)}.</span>}
                    {f.reports !== undefined && <span className="block">Moved by {counted(f.reports, 'report')} from elsewhere: hearsay.</span>}
                    {(f.influences.length > 0 || (!f.height && f.reports === undefined)) && <FromOthers influences={f.influences} unit={unit} />}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
      <TapeAsked person={person} bodies={bodies.filter((b) => b.personId === person.id)} gains={found.map((f) => f.tape)} />
    </section>
  );
}
