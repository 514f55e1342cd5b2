import { planName } from '../../core/make/plan-name';
import { useMemo } from 'react';
import { useCaseTables } from '../../data/engine-tables';
import { useEngine } from '../../workers/use-engine';
import { makeName } from '../../core/make/make-name';
import { format, formatDistanceStrict, parseISO } from 'date-fns';
import { Link, useNavigate } from 'react-router';
import { MarkAsCut } from '../../parts/mark-as-cut';
import { alterationWords } from '../../core/alteration/words';
import { washed } from '../../core/fabric/stash';
import { judgedAgain, looseEndDone, markedOnPaper } from '../../core/make/one-touch';
import { stillSo, verdictDueWords } from '../../core/decide/verdict-due';
import { verdictWhen } from '../../core/decide/verdict-weight';
import { waiting, type Waiting } from '../../core/decide/waiting';
import type { Fabric, Make, Pattern, Person, Plan } from '../../core/records';
import { newId } from '../../data/new-id';
import { useSettings } from '../../data/queries';
import type { InHand } from '../../core/schedule/in-hand';
import { onward } from '../../parts/bench-acts';
import { useInHand } from '../../parts/use-bench';
import { useWardrobe } from '../../parts/use-wardrobe';
import { today } from '../../data/today';
import { save } from '../../parts/save';
import { LoveButtons } from '../makes/love-buttons';
import { useWalk } from './use-walk';
import { WaitsList, type Waits } from './waits';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';

/** Everything that waits for a hand; each is done with one key or one touch, and nothing is said twice. */
export function WhatWaits({
  makes,
  patterns,
  fabrics,
  people,
}: {
  makes: readonly Make[];
  patterns: readonly Pattern[];
  fabrics: readonly Fabric[];
  people: readonly Person[];
}) {
  const navigate = useNavigate();
  const { hemisphere, unit } = useSettings();
  const hand = useInHand();
  const hanging = useWardrobe();
  const tables = useCaseTables();
  const plan = useMemo(() => ({ date: today(), unit }), [unit]);
  const toMark = useEngine('marks', tables, [plan]).answer;
  useWalk();
  if (!hanging) return null;
  // What is to be marked follows from every pattern's next cut: of a large ledger that comes later than all else, which need not wait for it.
  const marks = (toMark ?? []).flatMap(({ makeId, alterationId }) => {
    const make = withId(makes, makeId);
    const alteration = make?.alterations.find((a) => a.id === alterationId);
    return make && alteration ? [{ make, alteration }] : [];
  });
  const waits = waiting({ fabrics }, hanging, marks, hemisphere, today());

  const nameOf = (make: Make) => makeName(make, patterns);
  const toMake = (make: Make, hash = '') => (
    <Link className="underline-offset-2 hover:underline" to={`${routes.make(make.id)}${hash}`}>
      {nameOf(make)}
    </Link>
  );
  const act = (label: string, { id }: Make, edit: (now: Make) => Make) =>
    save(label, [{ table: 'makes', id, edit }], { done: `${label.replace(/^./, (c) => c.toUpperCase())}. Ctrl Z takes it back.` });

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
      onAct: () => void act(`done: ${end.words}`, make, (now) => looseEndDone(now, end.id, today())),
    },
  });
  const verdict = ({ hanging: { make, count }, due }: Waiting['verdicts'][number]): Waits => {
    const latest = make.verdicts.at(-1);
    const times = Math.round(count.times);
    const add = (said: Make['verdicts'][number], label: string) => void act(`${label}: ${nameOf(make)}`, make, (now) => judgedAgain(now, said));
    return {
      key: make.id,
      words: toMake(make),
      under: latest
        ? `${verdictDueWords(due)}; you said love ${latest.love} ${verdictWhen(latest)}${latest.reasons.length > 0 ? `, ${latest.reasons.join(', ')}` : ''}`
        : `${verdictDueWords(due)}; nothing said yet`,
      ...(latest
        ? {
            act: { label: 'Still so', name: `Still so: ${nameOf(make)}`, onAct: () => add(stillSo(latest, newId(), today(), times), 'still so') },
            aside: (
              <Link
                className="text-small text-ink2 underline underline-offset-2"
                to={`${routes.make(make.id)}#verdicts`}
                aria-label={`Not so any more: ${nameOf(make)}`}
              >
                not so any more
              </Link>
            ),
          }
        : {
            aside: (
              <LoveButtons
                of={`: ${nameOf(make)}`}
                love={undefined}
                onLove={(love) => add({ id: newId(), date: today(), wears: times, love, reasons: [] }, `love ${love}`)}
              />
            ),
          }),
    };
  };
  const unmarked = ({ make, alteration }: Waiting['unmarked'][number]): Waits => ({
    key: alteration.id,
    words: alterationWords(alteration, unit),
    under: (
      <Link className="underline-offset-2 hover:underline" to={routes.pattern(make.sources[0]?.patternId ?? '')}>
        {nameOf(make)}
      </Link>
    ),
    act: {
      label: 'Marked',
      name: `Marked: ${alterationWords(alteration, unit)}, ${nameOf(make)}`,
      onAct: () =>
        void act(`marked on the pattern paper: ${alterationWords(alteration, unit)}`, make, (now) => markedOnPaper(now, alteration.id, today())),
    },
  });
  const onTheTable = (make: Make): Waits => {
    const cut = make.state === 'cut';
    return {
      key: make.id,
      words: toMake(make),
      under: [
        cut ? `cut on ${format(parseISO(make.cutOn), 'd MMMM')}` : 'half sewn',
        `for ${withId(people, make.personId)?.name ?? 'somebody'}`,
      ].join(' · '),
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
  const toWash = (fabric: Fabric): Waits => ({
    key: fabric.id,
    words: (
      <Link className="underline-offset-2 hover:underline" to={routes.fabric(fabric.id)}>
        {fabric.name}
      </Link>
    ),
    under: `bought ${format(parseISO(fabric.bought!), 'd MMM yyyy')}, not washed; ${fabric.shrinkAlong === undefined ? 'nobody knows how it shrinks' : `shrinks ${fabric.shrinkAlong}\u202f%`}`,
    act: {
      label: 'Washed',
      name: `Washed: ${fabric.name}`,
      onAct: () => void save(`washed: ${fabric.name}`, [{ table: 'fabrics', id: fabric.id, edit: (now) => washed(now, today()) }]),
    },
  });

  if (toMark && [...Object.values(hand), ...Object.values(waits)].every((list) => list.length === 0))
    return <p className="border-t border-rule pt-1 text-ink2">Nothing waits: no loose end, no mark, no plan that is due.</p>;
  return (
    <div className="flex flex-col gap-5">
      <WaitsList id="planned" head="Planned" things={hand.planned} item={planned} amber />
      <WaitsList id="table" head="On the table" things={hand.begun} item={onTheTable} />
      <WaitsList id="loose" head="Loose ends" things={hand.looseEnds} item={looseEnd} />
      {toMark ? (
        <WaitsList id="unmarked" head="Mark on the pattern paper" things={waits.unmarked} item={unmarked} amber />
      ) : (
        <p className="border-t border-rule pt-1 text-small text-ink2">What is to be marked on the pattern paper is being worked out.</p>
      )}
      <WaitsList id="due" head="How do you like it now?" things={waits.verdicts} item={verdict} />
      <WaitsList id="wash" head="Fabric to wash" things={waits.toWash} item={toWash} />
    </div>
  );
}
