import { viewOf } from '../../core/make/versions';
import clsx from 'clsx';
import { format, parseISO } from 'date-fns';
import { Link } from 'react-router';
import { edgesOf } from '../../core/body/fit-class';
import { fitClassAt } from '../../core/garment/case';
import type { GrownFit } from '../../core/forecast/room-to-grow';
import { formatLength } from '../../core/units/length';
import { entriesOf } from '../../core/units/keys';
import { percent } from '../../core/units/percent';
import { DIRECTION_WORDS, zoneOf, type ZoneId } from '../../core/body/zones';
import type { Make, Plan } from '../../core/records';
import { useCaseTables } from '../../data/engine-tables';
import { useUnit } from '../../data/queries';
import { Button } from '../../ui/button';
import { toast } from 'react-toastify';
import { askEngine } from '../../workers/engine';
import { useEngine } from '../../workers/use-engine';
import type { PlanInWork } from './use-plan';
import { routes } from '../../routes';

const when = (g: GrownFit) => (g.months === 0 ? 'Now' : format(parseISO(g.date), 'MMM yyyy'));

/** Fit now and room to grow, side by side: this cut on a child's body as it is, and as it grows. */
export function RoomToGrow({ work: { plan, make, cut, input, person }, onChange }: { work: PlanInWork; onChange: (part: Partial<Plan>) => void }) {
  const unit = useUnit();
  const tables = useCaseTables();
  const asked = useEngine('growing', tables, [make, cut]);
  if (asked.status === 'waiting') return null;
  const growing = asked.answer;
  const view = viewOf(input.pattern, make);
  const zones = growing ? [...new Set(growing.flatMap((g) => g.zones.map((z) => z.zone)))] : [];
  const meant = growing?.find((g) => (g.expected === undefined ? plan.expected === undefined : sameBody(g.expected, plan.expected)));
  const cutFor = async (g: GrownFit) => {
    const request = { ...cut, date: g.date, expected: g.expected };
    let next: Make | undefined;
    try {
      next = (await askEngine(tables, 'account', [plan.personId, input.pattern.id, request]))?.next;
    } catch (error) {
      toast.error(`The cut for that body could not be worked out: ${error instanceof Error ? error.message : String(error)}. The plan is as it was.`);
      return;
    }
    onChange({
      expected: g.expected,
      ...(next
        ? // What is changed for looks is no matter of the body: it stays.
          { size: next.size, sizeLines: next.sizeLines, alterations: [...next.alterations, ...plan.alterations.filter((a) => a.purpose === 'style')] }
        : g.size
          ? { size: { size: g.size }, sizeLines: [] }
          : {}),
    });
  };
  return (
    <section aria-labelledby="grow">
      <h2 id="grow" className="text-head">
        Fit now, or room to grow
      </h2>
      {growing === undefined ? (
        <p className="text-ink2">
          Two sets of measures some months apart tell how fast {person.name} grows.{' '}
          <Link to={routes.person(person.id)} className="underline underline-offset-2">
            Measure again
          </Link>
          , or give the body you expect below.
        </p>
      ) : (
        <>
          <table className="w-full border-collapse">
            <thead className="text-left text-small text-ink2 [&_th]:font-normal">
              <tr className="double-rule-b">
                <th scope="col">This cut, in</th>
                {growing.map((g) => (
                  <th key={g.months} scope="col" className={clsx(g === meant && 'font-semibold text-ink')}>
                    {when(g)}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              <tr className="border-b border-rule">
                <th scope="row" className="py-0.5 text-left font-normal">
                  Size by the chart
                </th>
                {growing.map((g) => (
                  <td key={g.months}>{g.size ?? ''}</td>
                ))}
              </tr>
              {zones.map((zone) => (
                <tr key={zone} className="border-b border-rule">
                  <th scope="row" className="py-0.5 text-left font-normal first-letter:uppercase">
                    {zoneOf(zone).label}
                  </th>
                  {growing.map((g) => (
                    <td key={g.months}>{chanceOf(g, zone, edgesOf(zone, fitClassAt(input.pattern, view, zone))[0])}</td>
                  ))}
                </tr>
              ))}
              <tr>
                <th scope="row" className="py-1 text-left font-normal">
                  Cut it for
                </th>
                {growing.map((g) => (
                  <td key={g.months} className="py-1">
                    <Button
                      aria-pressed={g === meant}
                      aria-label={`Cut it for ${g.months === 0 ? 'now' : when(g)}`}
                      className={clsx(g === meant && 'bg-tint font-semibold')}
                      onClick={() => void cutFor(g)}
                    >
                      {g === meant ? 'meant' : 'this body'}
                    </Button>
                  </td>
                ))}
              </tr>
            </tbody>
          </table>
          <p className="text-small text-ink2">
            Growth as between the first set of measures and the last
            {growing[2]?.expected?.height !== undefined &&
              `: about ${formatLength(growing[2].expected.height, unit, { about: true })} tall in a year`}
            . A hem or a tuck let down later is room too.
          </p>
        </>
      )}
    </section>
  );
}

/** The chance of right, and where it is little, whether the cut will be too small or too large by then. */
function chanceOf(g: GrownFit, zone: ZoneId, t1: number): string {
  const z = g.zones.find((other) => other.zone === zone);
  if (!z) return '';
  const off = z.x - z.best.median;
  return Math.abs(off) > t1 ? `${percent(z.chance)}, ${DIRECTION_WORDS[zoneOf(zone).kind][off < 0 ? 'under' : 'over']}` : percent(z.chance);
}

function sameBody(a: Plan['expected'], b: Plan['expected']): boolean {
  return b !== undefined && entriesOf(a ?? {}).every(([measure, cm]) => Math.abs(cm - (b[measure] ?? -1)) < 0.5);
}
