import { planName } from '../../core/make/plan-name';
import { isUndated, makeDayWords } from '../../core/make/its-day';
import { lazy, Suspense } from 'react';
import { makeName } from '../../core/make/make-name';
import { format, formatDistanceStrict, parseISO } from 'date-fns';
import { Link, useNavigate } from 'react-router';
import { MarkAsCut } from '../../parts/mark-as-cut';
import { looseEndDone } from '../../core/make/one-touch';
import type { Fabric, Make, Pattern, Person, Plan } from '../../core/records';
import type { InHand } from '../../core/schedule/in-hand';
import { EngineBoundary } from '../../parts/engine-boundary';
import { onward } from '../../parts/bench-acts';
import { useInHand } from '../../parts/use-bench';
import { useRested } from '../../parts/use-rested';
import { today } from '../../data/today';
import { actOn } from './act-on';
import { useNextInPlace, useWalk } from './use-walk';
import { WaitsList, type Waits } from './waits';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';

/** Loaded beside the rest: what lies on the table need not wait for the catalogue that alterations are named from. */
const ToJudge = lazy(async () => ({ default: (await import('./to-judge')).ToJudge }));

/** The tables that what waits is named from. */
export interface WaitsTables {
  readonly makes: readonly Make[];
  readonly patterns: readonly Pattern[];
  readonly fabrics: readonly Fabric[];
  readonly people: readonly Person[];
}

/** When it was cut, as far as anybody said. */
const cutWords = (make: Make): string =>
  isUndated(make)
    ? 'cut'
    : make.knownTo
      ? `cut in ${makeDayWords(make, make.cutOn, 'MMMM yyyy')}`
      : `cut on ${format(parseISO(make.cutOn), 'd MMMM')}`;

/** Everything that waits for a hand; each is done with one key or one touch, and nothing is said twice. */
export function WhatWaits(tables: WaitsTables) {
  const { patterns, fabrics, people } = tables;
  const navigate = useNavigate();
  const hand = useInHand();
  const place = useWalk();
  useNextInPlace(place);
  // What is to be judged and marked asks for every wear and every pattern's next cut: what is in hand is there first.
  const rested = useRested();
  const nothingInHand = Object.values(hand).every((list) => list.length === 0);

  const nameOf = (make: Make) => makeName(make, patterns);
  const toMake = (make: Make) => (
    <Link className="underline-offset-2 hover:underline" to={routes.make(make.id)}>
      {nameOf(make)}
    </Link>
  );
  const looseEnd = ({ make, end }: InHand['looseEnds'][number]): Waits => ({
    key: end.id,
    words: end.words,
    under: (
      <>
        {toMake(make)}, {end.since === today() ? 'since today' : `for ${formatDistanceStrict(parseISO(end.since), parseISO(today()))}`}
      </>
    ),
    act: {
      label: 'Done',
      name: `Done: ${end.words}`,
      onAct: () => void actOn(`done: ${end.words}`, make, (now) => looseEndDone(now, end.id, today())),
    },
  });
  const onTheTable = (make: Make): Waits => {
    const cut = make.state === 'cut';
    return {
      key: make.id,
      words: toMake(make),
      under: [cut ? cutWords(make) : 'half sewn', `for ${withId(people, make.personId)?.name ?? 'somebody'}`].join(' · '),
      act: {
        label: cut ? 'Being sewn' : 'Finished',
        name: `${cut ? 'Being sewn' : 'Finished'}: ${nameOf(make)}`,
        onAct: () => void onward(make, nameOf(make), () => void navigate(`${routes.make(make.id)}#fit`)),
      },
    };
  };
  const planned = (plan: Plan): Waits => {
    const fabric = plan.fabrics.map((u) => withId(fabrics, u.fabricId)).find((f) => f?.washedOn !== undefined && f.pieces.length > 0);
    const late = plan.due !== undefined && plan.due < today();
    return {
      key: plan.id,
      words: (
        <Link className="underline-offset-2 hover:underline" to={routes.plan(plan.id)}>
          {planName(plan, patterns)}
        </Link>
      ),
      under: [
        `for ${withId(people, plan.personId)?.name ?? 'somebody'}`,
        plan.due && `${late ? 'was wanted' : 'wanted'} by ${format(parseISO(plan.due), 'd MMMM')}`,
        fabric && `${fabric.name} is washed and waits`,
        plan.words,
      ]
        .filter(Boolean)
        .join(' · '),
      aside: <MarkAsCut waits plan={plan} name={planName(plan, patterns)} />,
    };
  };

  return (
    <div className="flex flex-col gap-5">
      <WaitsList id="planned" head="Planned" things={hand.planned} item={planned} amber />
      <WaitsList id="table" head="On the table" things={hand.begun} item={onTheTable} />
      <WaitsList id="loose" head="Loose ends" things={hand.looseEnds} item={looseEnd} />
      <EngineBoundary>
        <Suspense>{rested && <ToJudge {...tables} place={place} alone={nothingInHand} />}</Suspense>
      </EngineBoundary>
    </div>
  );
}
