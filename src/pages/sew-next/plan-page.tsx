import { NotInTheLedger } from '../../parts/not-in-the-ledger';
import { IsItMe } from '../../parts/is-it-me';
import { counted } from '../../core/units/counted';
import { WornWith } from '../../parts/worn-with';
import { calledField, Plan } from '../../core/records';
import { useMemo, type ReactNode } from 'react';
import { EngineBoundary } from '../../parts/engine-boundary';
import { viewOf } from '../../core/make/versions';
import { Link, useNavigate, useParams } from 'react-router';
import { USUAL_ALLOWANCE } from '../../core/arithmetic/sums';
import { mainUse } from '../../core/make/main-fabric';
import { newId } from '../../data/new-id';
import { useLists, useMakes, usePatterns, useUnit } from '../../data/queries';
import { recalledFor } from '../../core/plan/lessons';
import { RecalledLessons } from '../../parts/recalled-lessons';
import { FabricUses } from '../../parts/fabric-uses';
import { CutFields } from '../../parts/cut-fields';
import { GarmentPicture } from '../../parts/garment-picture';
import { save } from '../../parts/save';
import { RecordField } from '../../parts/record-field';
import { SIZES_HEAD, SizingMethods } from '../../parts/sizing-methods';
import { LackingParts } from '../../parts/lacking-parts';
import { OpeningFields, openingsSaid } from '../../parts/opening-fields';
import { openingsOf } from '../../core/make/openings';
import { MarkAsCut } from '../../parts/mark-as-cut';
import { Pictures } from '../../parts/pictures/pictures';
import { planName } from '../../core/make/plan-name';
import type { Make } from '../../core/records';
import { db } from '../../data/database';
import { removalOf } from '../../data/removal';
import { today } from '../../data/today';
import { MadeOverFrom } from '../../parts/made-over-from';
import { OutLink } from '../../ui/out-link';
import { Button, LinkButton } from '../../ui/button';
import { SelectField } from '../../ui/field';
import { Fold } from '../../ui/fold';
import { HeadActions, PageHead } from '../../ui/page-head';
import { Bands, bandsSaid } from './bands';
import { BeforeCutting } from './before-cutting';
import { PlanLay } from './plan-lay';
import { FabricsThatSuit } from './fabrics-that-suit';
import { ExpectedBody } from './expected-body';
import { MeantForIt } from './meant-for-it';
import { PlanChances } from './plan-chances';
import { RoomToGrow } from './room-to-grow';
import { TapeAsked } from '../../parts/tape-asked';
import { ToileFirst } from './toile-first';
import { usePlanChances, usePlanInWork, type PlanInWork } from './use-plan';
import { planSources } from '../../core/plan/plan-to-make';
import { InASet } from '../../parts/in-a-set';
import { SetTogether } from '../../parts/set-together';
import { joinedSaid } from '../../core/make/part-words';
import { Joined } from '../../parts/joined';
import { routes } from '../../routes';

/** A plan: what will be cut, in which fabric, for when. Each change is saved as it is made. */
export function PlanPage() {
  const { planId } = useParams();
  const work = usePlanInWork(planId);
  if (work === null) return <NotInTheLedger table="plans" />;
  return work && <PlanDesk work={work} />;
}

/** What the engine says of a plan as it stands, and between its parts what only a child needs. */
function Chances({ work, onToile, children }: { work: PlanInWork; onToile: () => void; children: ReactNode }) {
  const { answer: zones } = usePlanChances(work);
  const { plan, input } = work;
  return (
    <>
      {zones && <PlanChances zones={zones} sized={plan.size !== undefined || input.pattern.charts.length === 0} />}
      {zones && <TapeAsked person={work.person} bodies={input.bodies} gains={zones.map((z) => z.tape)} />}
      {children}
      {zones && <ToileFirst work={work} zones={zones} onToile={onToile} />}
    </>
  );
}

/** The desk of a plan. */
function PlanDesk({ work }: { work: PlanInWork }) {
  const navigate = useNavigate();
  const lists = useLists();
  const unit = useUnit();
  const { plan, input, person, make } = work;
  const { pattern, bodies, fabrics } = input;
  const free = plan.patternId === undefined;
  const patterns = usePatterns();
  const name = planName(plan, patterns);
  const makes = useMakes();
  const view = viewOf(pattern, make);
  const recalled = useMemo(() => recalledFor({ make, pattern, view, fabrics }, makes), [make, pattern, view, fabrics, makes]);
  const change = (part: Partial<Plan>) =>
    void save(`${calledField(Plan.shape, Object.keys(part)[0] ?? '')} of the plan for ${name}`, [
      { table: 'plans', from: plan, to: { ...plan, ...part } },
    ]);
  const remove = async () => {
    const done = 'The plan is removed. Ctrl Z brings it back.';
    if (await save(`plan for ${name} removed`, () => removalOf(db, 'plans', plan.id), { done })) void navigate(routes.sewNext);
  };
  const mended = async () => {
    const mend = { id: newId(), date: today(), what: plan.name ?? 'a mend' };
    const of = plan.refashionOf;
    const done = await save(
      `mended: ${name}`,
      [
        { table: 'plans', from: plan, to: { ...plan, state: 'made', ...(of === undefined ? {} : { makeId: of }) } },
        ...(of === undefined ? [] : [{ table: 'makes' as const, id: of, edit: (now: Make) => ({ ...now, mends: [...now.mends, mend] }) }]),
      ],
      { done: 'It is mended. Ctrl Z takes it back.' },
    );
    if (done && of !== undefined) void navigate(routes.make(of));
  };
  return (
    <>
      <PageHead
        title={free ? `Plan: ${name}` : `Plan: ${name}, version ${make.version}`}
        under={
          <>
            for {person.name} ·{' '}
            {!free && (
              <>
                <Link className="underline underline-offset-2" to={routes.pattern(pattern.id)}>
                  its account
                </Link>{' '}
                ·{' '}
              </>
            )}
            each change is saved as it is made
          </>
        }
        aside={
          <HeadActions>
            {plan.state === 'open' &&
              (plan.kind === 'mend' ? <Button onClick={() => void mended()}>It is mended</Button> : <MarkAsCut plan={plan} name={name} onto />)}
            {plan.kind !== 'mend' && <LinkButton to={routes.cutSheet(plan.id)}>Cut sheet</LinkButton>}
            {plan.kind !== 'mend' && !free && <LinkButton to={routes.lay(plan.id)}>Lay it</LinkButton>}
            <Button quiet onClick={() => void remove()}>
              Remove this plan
            </Button>
          </HeadActions>
        }
      />
      <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,430px)] gap-8 max-lg:grid-cols-1">
        <div className="flex flex-col gap-4">
          <section aria-label="For when" className="flex flex-wrap items-start gap-3">
            {free && (
              <RecordField of={Plan.shape} name="name" value={plan.name} onValue={(said) => change({ name: said })} className="w-72 max-w-full" />
            )}
            <RecordField of={Plan.shape} name="kind" value={plan.kind} onValue={(kind) => change({ kind })} />
            <RecordField of={Plan.shape} name="due" value={plan.due} onValue={(due) => change({ due })} />
            <SelectField
              label="On the list"
              value={plan.listId ?? ''}
              onChange={(e) => change({ listId: e.target.value === '' ? undefined : e.target.value })}
            >
              <option value="">on none</option>
              {lists.map((l) => (
                <option key={l.id} value={l.id}>
                  {l.name}
                </option>
              ))}
            </SelectField>
            <InASet setId={plan.setId} onSet={(setId) => change({ setId })} />
            <RecordField of={Plan.shape} name="words" value={plan.words} onValue={(words) => change({ words })} className="min-w-56 flex-1" />
            <RecordField of={Plan.shape} name="link" value={plan.link} onValue={(link) => change({ link })} className="min-w-56" />
            {plan.link !== undefined && (
              <span className="self-center">
                <OutLink to={plan.link}>Open the link</OutLink>
              </span>
            )}
          </section>
          {(free || plan.kind === 'refashion' || plan.kind === 'mend') && (
            <MadeOverFrom
              label={plan.kind === 'mend' ? 'What is mended' : 'Made over from'}
              of={plan}
              kindAsked={free && plan.kind !== 'mend'}
              onChange={change}
            />
          )}
          <SetTogether plan={plan} />
          {plan.kind === 'toile' && <LackingParts view={view} lacking={plan.lacking} onLacking={(lacking) => change({ lacking })} />}
          {!free && <MeantForIt work={work} />}
          <section aria-labelledby="cut" hidden={plan.kind === 'mend'}>
            <h2 id="cut" className="mb-1 text-head">
              What will be cut and changed
            </h2>
            <CutFields
              make={make}
              pattern={pattern}
              bodies={bodies}
              unit={unit}
              onChange={({ sources, ...part }) => change({ ...part, ...(sources ? planSources(sources) : {}) } as Partial<Plan>)}
            />
          </section>
          {!free && (pattern.charts.length > 0 || input.makes.length > 0) && (
            <Fold head={SIZES_HEAD} open={plan.size === undefined}>
              <SizingMethods patternId={pattern.id} person={person} plan={work.cut} take="Cut the blend" each onTake={(cut) => change(cut)} />
            </Fold>
          )}
          {plan.kind !== 'mend' && (
            <Fold
              head="For a body that is expected"
              said={plan.expected ? `${Object.keys(plan.expected).length} measures` : ''}
              open={plan.expected !== undefined}
            >
              <ExpectedBody work={work} onExpected={(expected) => change({ expected })} />
            </Fold>
          )}
          {!free && (
            <Fold head="Joined with another pattern or view" said={joinedSaid(make.sources, plan.own, patterns)}>
              <Joined
                sources={make.sources}
                own={plan.own}
                onSources={(sources) => change({ joins: planSources(sources).joins })}
                onOwn={(own) => change({ own })}
              />
            </Fold>
          )}
          {view.openings.length + view.zones.length > 0 && (
            <Fold head="How its openings close" said={openingsSaid(openingsOf(view, plan))}>
              <OpeningFields openings={openingsOf(view, plan)} onOpenings={(openings) => change({ openings })} />
            </Fold>
          )}
          {view.zones.length > 0 && (
            <Fold head="Bands as they are on the paper" said={bandsSaid(plan)} open={(plan.bands ?? []).length > 0}>
              <Bands plan={plan} view={view} allowance={pattern.allowance ?? USUAL_ALLOWANCE} onBands={(bands) => change({ bands })} />
            </Fold>
          )}
          <section aria-labelledby="fabric" hidden={plan.kind === 'mend'}>
            <h2 id="fabric" className="mb-1 text-head">
              In which fabric
            </h2>
            <FabricUses
              make={make}
              pattern={pattern}
              fabrics={fabrics}
              bodies={bodies}
              unit={unit}
              entering
              onUses={(uses) => change({ fabrics: uses })}
            />
            {!free && (
              <Fold head="What the stash has for it" open={mainUse(plan) === undefined}>
                <FabricsThatSuit
                  work={work}
                  onTake={(fabricId) =>
                    change({ fabrics: [...plan.fabrics.filter((u) => u.part !== 'main'), { id: newId(), fabricId, part: 'main' }] })
                  }
                />
              </Fold>
            )}
            {!free && (
              <Fold head="How it lies on the fabric">
                <PlanLay work={work} />
              </Fold>
            )}
          </section>
        </div>
        <div className="flex flex-col gap-5">
          {(!free || plan.garment !== undefined) && (
            <GarmentPicture pattern={pattern} make={make} fabrics={fabrics} className="h-[180px] w-[150px]" />
          )}
          <Fold head="Is it me?">
            <EngineBoundary>
              <IsItMe plan={plan} />
            </EngineBoundary>
          </Fold>
          <Fold head="Worn with" said={plan.wornWith ? counted(plan.wornWith.length, 'garment') : ''}>
            <WornWith plan={plan} onWornWith={(wornWith) => change({ wornWith })} />
          </Fold>
          <Fold head="Pictures" said="what gave the idea">
            <Pictures of={{ planId: plan.id }} name={name} />
          </Fold>
          {!free && (
            <EngineBoundary>
              <Chances work={work} onToile={() => change({ kind: 'toile' })}>
                {person.child && <RoomToGrow work={work} onChange={change} />}
              </Chances>
            </EngineBoundary>
          )}
          {recalled.length > 0 && (
            <section aria-labelledby="learned">
              <h2 id="learned" className="mb-1 text-head">
                Learned before
              </h2>
              <RecalledLessons lessons={recalled} patterns={patterns} />
            </section>
          )}
          {plan.kind !== 'mend' && <BeforeCutting work={work} />}
        </div>
      </div>
    </>
  );
}
