import { latestFirst } from '../../core/make/versions';
import { isUndated, makeDayWords } from '../../core/make/its-day';
import { makeName } from '../../core/make/make-name';
import { mainFabric } from '../../core/make/main-fabric';
import { format, parseISO } from 'date-fns';
import { useCaseTables } from '../../data/engine-tables';
import { useToldEngine } from '../../workers/use-engine';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { LinkButton } from '../../ui/button';
import type { Make } from '../../core/records';
import { today } from '../../data/today';
import { useFabrics, useMakes, usePatterns, usePeople, useTableToAsk, useWearCountsOf, useTradeWords } from '../../data/queries';
import { HalfLogged } from '../makes/half-logged';
import { GarmentPicture } from '../../parts/garment-picture';
import { PageHead } from '../../ui/page-head';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';
import { timesWords } from '../../core/wear/wear-count';

const LATEST = 8;

/** Loaded beside the page: the latest makes need not wait for it. */
const WhatWaits = lazy(async () => ({ default: (await import('./what-waits')).WhatWaits }));

/** Only a new ledger is empty. */
const EmptyBook = lazy(async () => ({ default: (await import('./empty-book')).EmptyBook }));

/** Has all wears there to be asked of as soon as the page stands. */
function Wears() {
  useTableToAsk('wears');
  return null;
}

/** The day book: what waits for a hand, and the latest entries. */
export function DayBook() {
  const inWords = useTradeWords();
  const makes = useMakes();
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const people = usePeople();
  useToldEngine(useCaseTables());

  const patternOf = (make: Make) => withId(patterns, make.sources[0]?.patternId);
  const nameOf = (make: Make) => makeName(make, patterns);
  const whoOf = (make: Make) => withId(people, make.personId)?.name ?? '';
  const latest = [...makes].sort(latestFirst).slice(0, LATEST);
  const wears = useWearCountsOf(latest.map((m) => m.id));

  if (makes.length === 0 && patterns.length === 0)
    return (
      <Suspense>
        <EmptyBook />
      </Suspense>
    );

  return (
    <>
      <PageHead
        title="Day book"
        under={format(parseISO(today()), 'EEEE, d MMMM yyyy')}
        aside={
          <LinkButton quiet to={routes.tell}>
            Tell it: many makes at once
          </LinkButton>
        }
      />
      <Wears />
      <HalfLogged />
      <div className="grid grid-cols-[minmax(0,5fr)_minmax(0,4fr)] gap-8 max-lg:grid-cols-1">
        <Suspense fallback={<div />}>
          <WhatWaits makes={makes} patterns={patterns} fabrics={fabrics} people={people} />
        </Suspense>
        <section aria-labelledby="latest">
          <h2 id="latest" className="text-head">
            Latest makes
          </h2>
          <table className="w-full border-collapse">
            <thead className="sr-only">
              <tr>
                <th>Picture</th>
                <th>Make</th>
                <th>Worn and loved</th>
                <th>When</th>
              </tr>
            </thead>
            <tbody className="border-t-[3px] border-double border-rule2">
              {latest.map((m) => (
                <tr key={m.id} className="relative border-b border-rule hover:bg-tint focus-within:bg-tint">
                  <td className="w-14 py-1">
                    <GarmentPicture small pattern={patternOf(m)} make={m} fabrics={fabrics} className="h-[52px] w-11" />
                  </td>
                  <td className="py-1">
                    <Link to={routes.make(m.id)} className="font-serif text-name after:absolute after:inset-0">
                      {nameOf(m)}
                    </Link>
                    <span className="block text-small text-ink2">
                      {[m.kind === 'garment' ? '' : inWords(m.kind), mainFabric(m, fabrics).fabric?.name, `for ${whoOf(m)}`]
                        .filter(Boolean)
                        .join(' · ')}
                    </span>
                  </td>
                  <td className="py-1 text-small text-ink2">
                    {m.state === 'finished' && m.kind === 'toile'
                      ? 'tried on'
                      : m.state === 'finished'
                        ? wears.has(m.id)
                          ? `worn ${timesWords(wears.get(m.id))}`
                          : 'no wear noted'
                        : m.state}
                    {m.verdicts.length > 0 && <span className="block">love {m.verdicts.at(-1)?.love} of 5</span>}
                  </td>
                  <td className="py-1 text-right text-small text-ink2">
                    {isUndated(m) ? 'day not noted' : makeDayWords(m, m.finishedOn ?? m.cutOn, 'd MMM yyyy')}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-2">
            <Link to={routes.makes} className="underline underline-offset-2">
              {makes.length === 1 ? 'In the list of makes' : `All ${makes.length} makes`}
            </Link>
          </p>
        </section>
      </div>
    </>
  );
}
