import type { PlannedZone } from '../../core/forecast/planned-chance';
import { offsetWords } from '../../core/forecast/label-places';
import { allOf } from '../../core/units/counted';
import { percent } from '../../core/units/percent';
import { zoneOf } from '../../core/body/zones';
import { useUnit } from '../../data/queries';

/** A chance that could be so much better is worth a look. Source: our own convention. */
const WORTH_CHANGING = 0.1;

/** The chance of right at each place as it is planned: every change of the plan shows here. */
export function PlanChances({ zones, sized }: { zones: readonly PlannedZone[]; sized: boolean }) {
  const unit = useUnit();
  const noted = zones.filter((z) => z.noted);
  const weakest = [...(noted.length > 0 ? noted : zones)].sort((a, b) => a.chance - b.chance)[0];
  return (
    <section aria-labelledby="chances">
      <h2 id="chances" className="text-head">
        Chance of right, as planned
      </h2>
      {!weakest ? (
        <p className="text-ink2">
          {sized
            ? 'Nothing is known of how this cut will fit: no version, and no other pattern, says anything of its places.'
            : 'Choose the size that is cut: the chances follow from it.'}
        </p>
      ) : (
        <>
          <p className="text-ink2" aria-live="polite">
            Weakest place: {zoneOf(weakest.zone).label}, {percent(weakest.chance)}
            {noted.length > 1 && ` · ${allOf(noted.length)} at once ${percent(noted.reduce((p, z) => p * z.chance, 1))}`}
          </p>
          <table className="w-full border-collapse">
            <thead className="text-left text-small text-ink2 [&_th]:font-normal">
              <tr className="double-rule-b">
                <th scope="col">Zone</th>
                <th scope="col">Cut at</th>
                <th scope="col">Best cut</th>
                <th scope="col" className="text-right">
                  Chance
                </th>
              </tr>
            </thead>
            <tbody>
              {zones.map((z) => (
                <tr key={z.zone} className="border-b border-rule">
                  <th scope="row" className="py-0.5 text-left font-normal first-letter:uppercase">
                    {zoneOf(z.zone).label}
                    {!z.noted && <span className="text-small text-ink2"> by other patterns</span>}
                  </th>
                  <td>{offsetWords(z.labels, z.x, unit)}</td>
                  <td className="text-small text-ink2">
                    {offsetWords(z.labels, z.best.median, unit)}
                    {z.fabricTooFar
                      ? ': this fabric stretches too differently; a toile'
                      : z.atBest - z.chance > WORTH_CHANGING && `, ${percent(z.atBest)} there`}
                  </td>
                  <td className="text-right">{percent(z.chance)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </section>
  );
}
