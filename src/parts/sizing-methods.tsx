import { useMemo } from 'react';
import { cutOfBlend } from '../core/forecast/blend';
import type { PlannedCut } from '../core/forecast/next-cut';
import { sizingMethodWords, sizeRemarks } from '../core/forecast/size-words';
import type { Make, Person } from '../core/records';
import { useCaseTables } from '../data/engine-tables';
import { Button } from '../ui/button';
import { useEngine } from '../workers/use-engine';
import { SizeBlend } from './size-blend';

const METHODS = { chart: 'By the chart', finished: 'By finished measures', experience: 'By experience' } as const;

/** Named by the page itself where it folds. */
export const SIZES_HEAD = 'The size, three ways';

/** The three sizing methods of size side by side, why they differ, and the blend that the chances of right ask for. */
export function SizingMethods({
  patternId,
  person,
  plan,
  take,
  onTake,
  each = false,
}: {
  patternId: string;
  person: Person;
  plan: PlannedCut;
  /** What the button beside the blend says. */
  take: string;
  onTake: (cut: Pick<Make, 'chartId' | 'size' | 'sizeLines'>) => void;
  /** Each method can be taken, not the blend alone. */
  each?: boolean;
}) {
  const { answer: sizes, status } = useEngine('sizes', useCaseTables(), [person.id, patternId, plan, person.sizedBy, person.bought]);
  const remarks = useMemo(() => (sizes ? sizeRemarks(sizes, plan.unit) : []), [sizes, plan.unit]);
  if (!sizes) return null;
  const chartId = sizes.chart.id || undefined;
  return (
    <section aria-label={SIZES_HEAD} className={each ? '' : 'mt-5'}>
      {!each && <h2 className="text-head">{SIZES_HEAD}</h2>}
      <div className={each ? 'flex flex-col gap-3' : 'grid grid-cols-2 gap-8 max-lg:grid-cols-1'}>
        <div>
          <table className="w-full border-collapse">
            <tbody>
              {sizingMethodWords(sizes, plan.unit).map(({ method, size, because }) => (
                <tr key={method} className="border-b border-rule align-top">
                  <th scope="row" className="w-44 py-1 pr-3 text-left font-normal">
                    {METHODS[method]}
                  </th>
                  <td className="w-14 py-1 pr-3 font-serif text-base">{size ?? '–'}</td>
                  <td className="py-1 text-small text-ink2 first-letter:uppercase">{because}</td>
                  {each && (
                    <td className="py-1 text-right">
                      {size !== undefined && sizes.chart.sizes.includes(size) && (
                        <Button
                          quiet
                          disabled={status !== 'ready'}
                          className="whitespace-nowrap"
                          aria-label={`Cut ${size}, ${METHODS[method].toLowerCase()}`}
                          onClick={() => onTake({ chartId, size: { size }, sizeLines: [] })}
                        >
                          cut it
                        </Button>
                      )}
                    </td>
                  )}
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
              <Button disabled={status !== 'ready'} onClick={() => onTake({ chartId, ...cutOfBlend(sizes.blend) })}>
                {take}
              </Button>
            </p>
          </div>
        )}
      </div>
    </section>
  );
}
