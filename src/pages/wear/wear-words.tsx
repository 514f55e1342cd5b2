import { makeName } from '../../core/make/make-name';
import { scaleLinear } from 'd3-scale';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { makeCost, perWear } from '../../core/cost/cost';
import { formatMoney } from '../../core/units/money';
import type { Hanging } from '../../core/wear/wardrobe';
import type { WearRate } from '../../core/wear/wear-rates';
import { useCollections, useFabrics, useMakes, usePatterns, useSettings } from '../../data/queries';
import { GarmentPicture } from '../../parts/garment-picture';
import { Button } from '../../ui/button';
import { Fold } from '../../ui/fold';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';
import { timesWords } from '../../core/wear/wear-count';

/** How many garments of a kind of wear are shown at first. */
const SHOWN = 12;

const one = (n: number) => n.toFixed(1);

/** The range of a garment's rate beside the middle of those it is held against. */
function RateRule({ rate, most }: { rate: WearRate; most: number }) {
  const x = scaleLinear([0, most], [2, 118]).clamp(true);
  return (
    <svg width={120} height={16} aria-hidden className="block">
      <line x1={2} x2={118} y1={8} y2={8} stroke="var(--c-rule2)" />
      <line x1={x(rate.middle)} x2={x(rate.middle)} y1={2} y2={14} stroke="var(--c-ink3)" strokeDasharray="2 2" />
      <line x1={x(rate.low)} x2={x(rate.high)} y1={8} y2={8} stroke="var(--c-ink2)" strokeWidth={3} />
      <circle cx={x(rate.mean)} cy={8} r={3.6} fill="var(--c-ink)" />
    </svg>
  );
}

/** The first of a long list, and the rest when it is asked for. */
function FirstOf<T>({ list, table }: { list: readonly T[]; table: (shown: readonly T[]) => ReactNode }) {
  const [all, setAll] = useState(false);
  return (
    <>
      {table(all ? list : list.slice(0, SHOWN))}
      {list.length > SHOWN && (
        <Button quiet onClick={() => setAll(!all)}>
          {all ? 'Only the first' : `All ${list.length}`}
        </Button>
      )}
    </>
  );
}

/** What works hard, what hangs, what is too soon to say: each with the numbers it is said from. */
export function WearWords({ hanging }: { hanging: readonly Hanging[] }) {
  const makes = useMakes();
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const { currency } = useSettings();
  const collections = useCollections();
  const rated = hanging.flatMap((h) => (h.inRotation && h.rate ? [{ ...h, rate: h.rate }] : []));
  const most = Math.max(1, ...rated.map((h) => h.rate.high));
  const groups = [
    { word: 'works hard' as const, head: 'Works hard', order: -1, open: true },
    { word: 'rarely worn' as const, head: 'Hangs', order: 1, open: true },
    { word: 'too soon to say' as const, head: 'Too soon to say', order: -1, open: true },
    { word: undefined, head: 'Worn as much as others', order: -1, open: false },
  ];

  const table = (list: readonly (typeof rated)[number][]) => (
    <table className="w-full table-fixed border-collapse max-sm:table-auto">
      <colgroup className="max-sm:hidden">
        <col />
        <col className="w-24" />
        <col className="w-28" />
        <col className="w-40" />
        <col className="w-36" />
        <col className="w-40" />
      </colgroup>
      <thead className="text-left text-small text-ink2 [&_th]:py-0.5 [&_th]:font-normal">
        <tr className="double-rule-b">
          <th scope="col">Garment</th>
          <th scope="col" className="text-right">
            Worn
          </th>
          <th scope="col" className="pl-4 max-sm:hidden">
            In season
          </th>
          <th scope="col" className="pl-4">
            A month in season
          </th>
          <th scope="col" className="pl-4 max-sm:hidden" aria-label="The range, drawn" />
          <th scope="col" className="text-right max-sm:hidden">
            Cost a wear
          </th>
        </tr>
      </thead>
      <tbody>
        {list.map(({ make, count, isNoted, months, rate, expected }) => {
          const cost = makeCost(make, { makes, patterns, fabrics, collections }, currency);
          const each = perWear(cost.total, count.times);
          const later = perWear(cost.total, count.times + (expected ?? 0));
          const reasons = make.verdicts.at(-1)?.reasons ?? [];
          return (
            <tr key={make.id} className="border-b border-rule">
              <td className="py-1">
                <span className="flex items-center gap-2">
                  <GarmentPicture
                    small
                    pattern={withId(patterns, make.sources[0]?.patternId)}
                    make={make}
                    fabrics={fabrics}
                    className="h-9 w-8 shrink-0"
                  />
                  <span>
                    <Link to={routes.make(make.id)} className="underline-offset-2 hover:underline">
                      {makeName(make, patterns)}
                    </Link>
                    {(reasons.length > 0 || count.folded > 0) && (
                      <span className="block text-small text-ink2">
                        {[
                          reasons.length > 0 && `not reached for: ${reasons.join(', ')}`,
                          count.folded > 0 && `went along ${count.folded}\u202f× and stayed folded`,
                        ]
                          .filter(Boolean)
                          .join(' · ')}
                      </span>
                    )}
                  </span>
                </span>
              </td>
              <td className="py-1 text-right whitespace-nowrap">
                {count.spread > 0 ? 'about ' : ''}
                {timesWords(isNoted ? count : undefined)}
              </td>
              <td className="py-1 pl-4 max-sm:hidden">{one(months)} months</td>
              <td className="py-1 pl-4">
                {one(rate.mean)}{' '}
                <span className="text-small text-ink2">
                  ({one(rate.low)} to {one(rate.high)})
                </span>
              </td>
              <td className="py-1 pl-4 max-sm:hidden">
                <RateRule rate={rate} most={most} />
              </td>
              <td className="py-1 text-right max-sm:hidden">
                {each === undefined || cost.total === 0 ? '–' : formatMoney({ minor: each, currency })}
                {each !== undefined && cost.total > 0 && cost.unknown.length > 0 && <span className="text-small text-ink2"> at least</span>}
                {later !== undefined && cost.total > 0 && (
                  <span className="block text-small text-ink2">{formatMoney({ minor: later, currency })} in a year</span>
                )}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );

  return (
    <section aria-labelledby="words" className="mb-6">
      <h2 id="words" className="text-head">
        What works and what hangs
      </h2>
      {rated.length > 0 ? (
        <p className="mb-1 max-w-3xl text-small text-ink2">
          Wears for each month in which a garment was in season and at hand, with the range that holds it with a chance of 80&#x202f;%. The dotted
          mark is the middle of those it is held against: its own kind where there are five, else all. Stored, lent or in the mending does not count,
          nor does what was before the first day that was noted and no estimate speaks of.
        </p>
      ) : (
        <p className="text-ink2">
          {hanging.some((h) => h.isNoted) ? 'Of nothing is a month in season known yet.' : 'No wear is noted yet: what hangs unworn is not known.'}
        </p>
      )}
      {groups.map(({ word, head, order, open }) => {
        const list = rated.filter((h) => h.rate.word === word).sort((a, b) => order * (a.rate.mean - b.rate.mean));
        return (
          list.length > 0 && (
            <Fold key={head} head={head} said={`${list.length}`} open={open}>
              <FirstOf list={list} table={table} />
            </Fold>
          )
        );
      })}
    </section>
  );
}
