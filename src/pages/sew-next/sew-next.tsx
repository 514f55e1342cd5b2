import { makesOf, nextVersion } from '../../core/make/versions';
import { mainFabric } from '../../core/make/main-fabric';
import clsx from 'clsx';
import { format, parseISO } from 'date-fns';
import { useState, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { toast } from 'react-toastify';
import { daysBetween } from '../../core/body/measures';
import { byDay } from '../../core/units/date';
import { calendarDays } from '../../core/plan/calendar';
import { freePlan } from '../../core/plan/free-plan';
import { planName } from '../../core/make/plan-name';
import { PlanList, SewnSet, type Person, type Plan } from '../../core/records';
import { makeOfPlan, planOfMake } from '../../core/plan/plan-to-make';
import { useCaseTables } from '../../data/engine-tables';
import { newId } from '../../data/new-id';
import { useFabrics, useLists, useSets, useMakes, usePatterns, usePeople, usePerson, usePlans, useUnit, useTradeWords } from '../../data/queries';
import { today } from '../../data/today';
import { GarmentPicture } from '../../parts/garment-picture';
import { save } from '../../parts/save';
import { useSpeakOf } from '../../parts/use-speak-of';
import { WhomFor } from '../../parts/whom-for';
import { saveFile } from '../../parts/save-file';
import { RecordRows } from '../../parts/record-rows';
import { reordered } from '../../parts/reorder';
import { draftNamed } from '../../core/make/log-draft';
import { planOfPattern } from '../../parts/begin-plan';
import { MarkAsCut } from '../../parts/mark-as-cut';
import { Occasions } from '../occasions/occasions';
import { Button, LinkButton } from '../../ui/button';
import { Fold } from '../../ui/fold';
import { Empty, PageHead } from '../../ui/page-head';
import { Pick } from '../../ui/pick';
import { SortArea, useSorted } from '../../ui/sort-area';
import { Reckoning } from './reckoning';
import { counted } from '../../core/units/counted';
import { firstOf } from '../../core/units/item-at';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';

const day = (date: string) => format(parseISO(date), 'd MMM yyyy');

/** How long there is to a date. */
function daysLeft(due: string): string {
  const days = daysBetween(today(), due);
  if (days < 0) return 'gone by';
  return days === 0 ? 'today' : days === 1 ? 'one day left' : `${days} days left`;
}

/** A plan in its list, with the grip by which it is moved. */
function SortedLine({ id, name, children }: { id: string; name: string; children: ReactNode }) {
  const { box, grip, isDragging } = useSorted(id, name);
  return (
    <li {...box} className={clsx('flex flex-wrap items-center gap-3 border-b border-rule bg-paper py-1.5', isDragging && 'relative z-10 shadow-lg')}>
      {grip}
      {children}
    </li>
  );
}

/** What is to be sewn next: plans in their lists, each ready to be cut and logged. */
export function SewNext() {
  const inWords = useTradeWords();
  const navigate = useNavigate();
  const plans = usePlans();
  const lists = useLists();
  const sets = useSets();
  const patterns = usePatterns();
  const makes = useMakes();
  const fabrics = useFabrics();
  const people = usePeople();
  const person = usePerson();
  const speakOf = useSpeakOf();
  const tables = useCaseTables();
  const unit = useUnit();

  const [forId, setForId] = useState<string>();
  const [someone, setSomeone] = useState<Person>();
  const whom = someone ?? withId(people, forId) ?? person;

  const open = plans.filter((p) => p.state === 'open');
  const groups = [
    ...[...lists].sort((a, b) => byDay(a.due ?? '9999', b.due ?? '9999')).map((list) => ({ list, plans: plans.filter((p) => p.listId === list.id) })),
    { list: undefined, plans: plans.filter((p) => !p.listId || !lists.some((l) => l.id === p.listId)) },
  ];
  const put = (plan: Plan, part: Partial<Plan>, label: string) => void save(label, [{ table: 'plans', from: plan, to: { ...plan, ...part } }]);
  const reorder = (ids: readonly string[], list: string | undefined) =>
    void save(
      `order of the plans ${list ? `of ${list}` : 'on no list'}`,
      reordered(plans, ids).map((change) => ({ table: 'plans', ...change })),
    );
  /** Somebody who is only a name yet comes with the plan. */
  const comesWith = (who: Person | undefined) =>
    who && !withId(people, who.id) ? [{ table: 'people', put: { ...who, name: who.name.trim() || 'Me' } } as const] : [];
  /** A pattern that is only a name yet comes with its plan, and so does the person where there is none. */
  const beginNew = async (name: string) => {
    const { make, newPattern, newPerson = someone } = draftNamed(name, { personId: whom?.id, fitless: false, day: today(), newId });
    if (!newPattern) return;
    const plan = planOfMake(make, newId(), today());
    const done = await save(`plan: ${name}`, [...comesWith(newPerson), { table: 'patterns', put: newPattern }, { table: 'plans', put: plan }]);
    if (!done) return;
    await speakOf(newPerson);
    void navigate(routes.plan(plan.id));
  };
  const begin = async (patternId: string, fabricId?: string) => {
    const pattern = withId(patterns, patternId)!;
    if (!whom) return void navigate(routes.newPerson);
    const plan = await planOfPattern(tables, pattern, whom.id, unit, fabricId);
    if (await save(`plan: ${pattern.name}`, [...comesWith(someone), { table: 'plans', put: plan }])) void navigate(routes.plan(plan.id));
  };

  const beginFree = async (name: string) => {
    if (!whom) return void navigate(routes.newPerson);
    const plan = freePlan(newId(), whom.id, name, today());
    if (await save(`plan: ${name}`, [...comesWith(someone), { table: 'plans', put: plan }])) void navigate(routes.plan(plan.id));
  };

  /** The pattern of a plan, the version it will be, and its name. */
  const cutOf = (plan: Plan) => {
    const pattern = withId(patterns, plan.patternId);
    const version = pattern ? nextVersion({ pattern, makes: makesOf(makes, pattern.id, plan.personId) }) : 1;
    return { pattern, version, name: planName(plan, patterns), numbered: pattern ? `${pattern.name}, version ${version}` : planName(plan, patterns) };
  };
  const days = calendarDays(plans, lists, (plan) => cutOf(plan).numbered);
  const intoCalendar = async () => {
    // The writer of calendars is loaded when it is asked for.
    const { calendarFile } = await import('../../core/plan/calendar-file');
    saveFile(new Blob([calendarFile(days, today())], { type: 'text/calendar' }), 'amber-ledger-sew-next.ics');
    toast(`${counted(days.length, 'day')} in a file that a calendar reads.`);
  };

  const line = (plan: Plan) => {
    const { pattern, version, name, numbered } = cutOf(plan);
    const fabric = mainFabric(plan, fabrics).fabric;
    const made = makeOfPlan(plan, plan.id, version, plan.added);
    return (
      <SortedLine key={plan.id} id={plan.id} name={name}>
        <GarmentPicture small pattern={pattern} make={made} fabrics={fabrics} className="h-[52px] w-11" />
        <span className="min-w-48 flex-1">
          <Link to={routes.plan(plan.id)} className="font-serif text-name underline-offset-4 hover:underline">
            {plan.state === 'open' ? numbered : name}
          </Link>
          <span className="block text-small text-ink2">
            {[
              plan.kind === 'garment' ? '' : inWords(plan.kind),
              `for ${withId(people, plan.personId)?.name ?? 'somebody'}`,
              fabric ? `in ${fabric.name}` : plan.kind === 'mend' || plan.kind === 'refashion' ? '' : 'fabric not chosen',
              sets.find((s) => s.id === plan.setId)?.name,
              plan.due && `by ${day(plan.due)}`,
              plan.words,
            ]
              .filter(Boolean)
              .join(' · ')}
          </span>
        </span>
        {plan.state === 'open' ? (
          <>
            <Button quiet onClick={() => put(plan, { state: 'dropped' }, `plan dropped: ${name}`)}>
              Drop it
            </Button>
            {plan.kind !== 'mend' && <MarkAsCut plan={plan} name={name} />}
          </>
        ) : plan.state === 'made' ? (
          <Link to={routes.make(plan.makeId ?? '')} className="text-small text-ink2 underline underline-offset-2">
            made
          </Link>
        ) : (
          <Button quiet onClick={() => put(plan, { state: 'open' }, `planned again: ${name}`)}>
            dropped; plan it again
          </Button>
        )}
      </SortedLine>
    );
  };

  return (
    <>
      <PageHead
        title="Sew next"
        under={open.length === 0 ? 'Nothing is planned.' : `${open.length} planned`}
        aside={
          <div className="flex flex-wrap gap-2">
            {days.length > 0 && (
              <Button quiet onClick={() => void intoCalendar()}>
                Into a calendar
              </Button>
            )}
            <LinkButton to={routes.shopCard}>Shop card</LinkButton>
          </div>
        }
      />
      <div className="mb-4 flex flex-wrap items-end gap-3 border-y border-rule py-2">
        <Pick
          label="Plan the next version of"
          placeholder="a pattern, or what you will do"
          value={undefined}
          options={patterns.filter((p) => p.state !== 'retired').map((p) => ({ id: p.id, label: p.name, detail: p.designer ?? '' }))}
          onPick={(id) => void begin(id)}
          onNew={(name) => void beginNew(name)}
          newLabel={(name) => `Plan a new pattern: ${name}`}
          alsoNew={{ label: (name) => `Plan it without a pattern: ${name}`, onNew: (name) => void beginFree(name) }}
          className="w-72 max-w-full"
        />
        {whom && (
          <WhomFor
            person={whom}
            people={people}
            newPerson={someone}
            onPerson={setForId}
            onNewPerson={(name) => setSomeone({ id: someone?.id ?? newId(), name, child: false })}
          />
        )}
      </div>
      {plans.length === 0 && (
        <div className="mb-5">
          <Empty>A plan holds pattern, fabric, size lines and alterations, and becomes a make with nothing typed twice.</Empty>
        </div>
      )}
      {groups
        .filter((g) => g.plans.length > 0 || g.list)
        .map(({ list, plans: of }) => {
          const ordered = [...of].sort((a, b) => a.place - b.place || byDay(a.added, b.added));
          const done = of.filter((p) => p.state === 'made').length;
          const counted = of.filter((p) => p.state !== 'dropped').length;
          return (
            <section key={list?.id ?? 'none'} aria-label={list?.name ?? 'On no list'} className="mb-5">
              <h2 className="flex flex-wrap items-baseline gap-x-3 border-b-[3px] border-double border-rule2 text-head">
                {list?.name ?? 'On no list'}
                <span className="font-sans text-small text-ink2">
                  {[
                    counted > 0 && `${done} of ${counted} made`,
                    list?.due && `by ${day(list.due)}${counted > done ? `, ${daysLeft(list.due)}` : ''}`,
                    list?.note,
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </span>
              </h2>
              <SortArea ids={ordered.map((p) => p.id)} what="plan" onOrder={(ids) => reorder(ids, list?.name)}>
                <ul>{ordered.map(line)}</ul>
              </SortArea>
              {of.length === 0 && <p className="py-1 text-ink2">Nothing is on it yet: name it in a plan.</p>}
            </section>
          );
        })}
      {person && <Occasions person={person} />}
      {person && <Reckoning person={person} onPlan={(patternId, fabricId) => void begin(patternId, fabricId)} />}
      {sets.length > 0 && (
        <Fold head="Sets" said={sets.map((s) => s.name).join(', ')}>
          <RecordRows
            of={SewnSet.shape}
            names={['name', 'note']}
            rows={sets}
            blank={(): SewnSet => ({ id: newId(), name: '' })}
            add="a set"
            widths={{ name: 'w-56', note: 'min-w-48 flex-1' }}
            onRows={(rows) => {
              const gone = sets.filter((s) => !rows.some((r) => r.id === s.id));
              const inIt = (setId: string | undefined) => gone.some((s) => s.id === setId);
              void save(gone.length > 0 ? `set “${firstOf(gone).name}” taken apart` : 'a set', [
                ...gone.map((s) => ({ table: 'sets' as const, remove: s.id })),
                // What was in it stays, each by itself.
                ...plans.filter((p) => inIt(p.setId)).map((p) => ({ table: 'plans' as const, from: p, to: { ...p, setId: undefined } })),
                ...makes.filter((m) => inIt(m.setId)).map((m) => ({ table: 'makes' as const, from: m, to: { ...m, setId: undefined } })),
                ...rows.filter((r) => !sets.includes(r)).map((r) => ({ table: 'sets' as const, put: r })),
              ]);
            }}
          />
        </Fold>
      )}
      <Fold head="Lists" said={lists.map((l) => l.name).join(', ')}>
        <RecordRows
          of={PlanList.shape}
          names={['name', 'due', 'note']}
          rows={lists}
          blank={(): PlanList => ({ id: newId(), name: '', added: today() })}
          add="a list"
          widths={{ name: 'w-56', note: 'min-w-48 flex-1' }}
          onRows={(rows) => {
            const gone = lists.filter((l) => !rows.some((r) => r.id === l.id));
            void save(gone.length > 0 ? `list “${firstOf(gone).name}” removed` : 'a list', [
              ...gone.map((l) => ({ table: 'lists' as const, remove: l.id })),
              // Its plans stay, on no list.
              ...plans
                .filter((p) => gone.some((l) => l.id === p.listId))
                .map((p) => ({ table: 'plans' as const, from: p, to: { ...p, listId: undefined } })),
              ...rows.filter((r) => !lists.includes(r)).map((r) => ({ table: 'lists' as const, put: r })),
            ]);
          }}
        />
      </Fold>
    </>
  );
}
