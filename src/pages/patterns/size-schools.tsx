import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { cutOfBlend } from '../../core/fit/blend';
import { nextVersion, type PatternCase } from '../../core/fit/case';
import type { PlannedCut } from '../../core/fit/next-cut';
import { schoolWords, sizeRemarks } from '../../core/fit/size-words';
import type { Person } from '../../core/records';
import { planOfMake } from '../../core/records/plan-to-make';
import { useCaseTables } from '../../data/case-tables';
import { newId } from '../../data/new-id';
import { today } from '../../data/today';
import { keep } from '../../parts/keep';
import { SizeBlend } from '../../parts/size-blend';
import { Button } from '../../ui/button';
import { useSizes } from '../../workers/use-reckoning';
import { startMake } from '../makes/log-draft';

const SCHOOLS = { chart: 'By the chart', finished: 'By finished measures', experience: 'By experience' } as const;

/** The three schools of size side by side, why they differ, and the blend that the chances of right ask for. */
export function SizeSchools({ input, person, plan }: { input: PatternCase; person: Person; plan: PlannedCut }) {
  const navigate = useNavigate();
  const sizes = useSizes(person.id, input.pattern.id, plan, person.sizedBy, useCaseTables());
  const remarks = useMemo(() => (sizes ? sizeRemarks(sizes, plan.unit) : []), [sizes, plan.unit]);
  if (!sizes) return null;
  const planBlend = async () => {
    const make = { ...startMake(input, person.id, today(), undefined), ...cutOfBlend(sizes.blend), chartId: sizes.chart.id };
    const blended = {
      ...planOfMake(make, newId(), today()),
      cloths: plan.clothId ? [{ id: newId(), clothId: plan.clothId, part: 'main' as const }] : [],
    };
    if (await keep(`plan: ${input.pattern.name}`, [{ table: 'plans', put: blended }])) void navigate(`/sew-next/${blended.id}`);
  };
  return (
    <section aria-labelledby="sizes" className="mt-5">
      <h2 id="sizes" className="text-[17px]">
        The size, three ways
      </h2>
      <div className="grid grid-cols-2 gap-8 max-lg:grid-cols-1">
        <div>
          <table className="w-full border-collapse">
            <tbody>
              {schoolWords(sizes, plan.unit).map(({ school, size, because }) => (
                <tr key={school} className="border-b border-rule align-top">
                  <th scope="row" className="w-44 py-1 pr-3 text-left font-normal">
                    {SCHOOLS[school]}
                  </th>
                  <td className="w-14 py-1 pr-3 font-serif text-base">{size ?? '–'}</td>
                  <td className="py-1 text-small text-ink2 first-letter:uppercase">{because}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {remarks.length > 0 && (
            <ul className="mt-1 list-disc pl-5 text-small">
              {remarks.map((r) => (
                <li key={r}>{r}</li>
              ))}
            </ul>
          )}
        </div>
        {sizes.blend.length > 0 && (
          <div>
            <SizeBlend sizes={sizes.chart.sizes} blend={sizes.blend} />
            <p className="mt-2 flex flex-wrap items-center gap-3 text-small text-ink2">
              Chance of right in each size, before any alteration; the blend is the line to trace.
              <Button onClick={() => void planBlend()}>Plan the blend for version {nextVersion(input)}</Button>
            </p>
          </div>
        )}
      </div>
    </section>
  );
}
