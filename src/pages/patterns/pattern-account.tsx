import { isFitless } from '../../core/records/usual-zones';
import { countedMakes, nextVersion, versionsOf } from '../../core/make/versions';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { isChanged } from '../../core/forecast/summary';
import { makeCost } from '../../core/cost/cost';
import { FIT_CLASS_WORDS } from '../../core/body/fit-class';
import { zoneOf, type ZoneId } from '../../core/body/zones';
import type { Make } from '../../core/records';
import { planOfMake } from '../../core/plan/plan-to-make';
import { useCaseTables } from '../../data/engine-tables';
import {
  usePatternCase,
  usePatterns,
  usePeople,
  usePerson,
  useSettings,
  useFabricUnit,
  useTradeWords,
  useUnit,
  useWearCountsOf,
  useMakes,
  useCollections,
} from '../../data/queries';
import { newId } from '../../data/new-id';
import { sewnFor, whoseVersions } from '../../core/make/sewn-for';
import { WhenRead } from '../../parts/when-read';
import { useAccount, type AskedAccount } from './use-account';
import { today } from '../../data/today';
import { NotInTheLedger } from '../../parts/not-in-the-ledger';
import { choose, save } from '../../parts/save';
import { startMake } from '../../core/make/log-draft';
import { FirstCuts } from './first-cuts';
import { NextInAWord } from './next-in-a-word';
import { NotPlaced } from './not-placed';
import { ToMark } from './to-mark';
import { SewItAgain } from './sew-it-again';
import { WhatChanged } from './what-changed';
import { WhatWouldSharpen } from './what-would-sharpen';
import { SizingMethods } from '../../parts/sizing-methods';
import { Account } from '../../parts/account/account';
import type { LengthUnit } from '../../core/units/length';
import { FromOthers } from '../../parts/account/from-others';
import { noteSaidRight } from '../../core/make/one-touch';
import type { Evidence } from '../../core/garment/evidence';
import { Reasons } from '../../parts/account/reasons';
import { VersionFigure } from '../../parts/account/version-figure';
import { ClosingInChart } from '../../parts/closing-in-chart';
import { TwoPicturesButton } from '../../parts/pictures/two-pictures-button';
import { OutLink } from '../../ui/out-link';
import { partName } from '../../core/make/part-words';
import { ReportList } from '../../parts/reports';
import { Button, LinkButton } from '../../ui/button';
import { Dialog } from '../../ui/dialog';
import { SelectField } from '../../ui/field';
import { KeyCap } from '../../ui/key-cap';
import { Empty, PageHead } from '../../ui/page-head';
import { useEngine } from '../../workers/use-engine';
import { EngineProblem } from '../../parts/engine-boundary';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';

/** Which other patterns moved the best cut at a zone. */
function InfluencesAt({ personId, patternId, zone, unit }: { personId: string; patternId: string; zone: ZoneId; unit: LengthUnit }) {
  const influences = useEngine('influences', useCaseTables(), [personId, patternId, zone]).answer;
  return influences && <FromOthers influences={influences} unit={unit} />;
}

/** The account of a pattern: its versions as columns, and what to cut next. */
export function PatternAccount() {
  const { patternId } = useParams();
  const [fabricId, setFabricId] = useState('');
  // Asked before this waits for the makes.
  const account = useAccount(patternId, fabricId);
  return (
    <WhenRead>
      <AccountOfPattern {...account} patternId={patternId} fabricId={fabricId} onFabric={setFabricId} />
    </WhenRead>
  );
}

interface AccountOfPatternProps extends AskedAccount {
  readonly patternId: string | undefined;
  readonly fabricId: string;
  readonly onFabric: (id: string) => void;
}

function AccountOfPattern({ plan, asked, patternId, fabricId, onFabric }: AccountOfPatternProps) {
  const navigate = useNavigate();
  const patterns = usePatterns();
  const pattern = withId(patterns, patternId);
  const unit = useUnit();
  const fabricUnit = useFabricUnit();
  const inWords = useTradeWords();
  const chosenPerson = usePerson();
  const people = usePeople();
  const makes = useMakes();
  const collections = useCollections();
  const { currency } = useSettings();
  const [chart, setChart] = useState<ZoneId>();
  const [why, setWhy] = useState<ZoneId>();

  const wearers = useMemo(() => sewnFor(patternId ?? '', makes), [makes, patternId]);
  const person = whoseVersions(chosenPerson, people, wearers);
  const input = usePatternCase(patternId, person?.id);
  const wears = useWearCountsOf(input?.makes.map((m) => m.id) ?? []);
  // The answer before is shown while a new one is worked out, but not of makes that are gone: the only one may just have been taken back.
  const answer = asked.answer?.personId === person?.id ? asked.answer : undefined;
  const carried = input && input.makes.length > 0 ? answer?.account : undefined;
  const settled = asked.status === 'ready';
  const neverCut = settled && answer && !carried;

  if (!pattern) return <NotInTheLedger table="patterns" />;
  if (!input) return null;

  const fitless = isFitless(pattern.kind);
  const others = people.filter((p) => p.id !== person?.id && wearers.has(p.id));
  const under = [
    pattern.designer,
    fitless ? undefined : FIT_CLASS_WORDS[pattern.fitClass],
    pattern.views[0]?.name,
    pattern.wants.structure,
    fitless ? inWords(pattern.kind) : `${pattern.views[0]?.zones.length ?? 0} zones decide the fit`,
  ];
  const planCut = async (next: Make) => {
    const fabrics = fabricId === '' ? [] : [{ id: newId(), fabricId, part: 'main' as const }];
    const plan = { ...planOfMake(next, newId(), today()), fabrics };
    if (await save(`plan: ${pattern.name}`, [{ table: 'plans', put: plan }])) void navigate(routes.plan(plan.id));
  };
  const noteIsRight = ({ make, note }: Evidence) =>
    save('a note is right', [{ table: 'makes', id: make.id, edit: (now) => noteSaidRight(now, note.id) }], {
      done: 'It counts in full. Ctrl Z takes it back.',
    });
  const planNext = () => planCut(startMake(input, person!.id, today(), carried?.next, newId));
  const sizingMethods = person && (
    <SizingMethods
      patternId={pattern.id}
      person={person}
      plan={plan}
      take={`Plan the blend for version ${nextVersion(input)}`}
      onTake={(cut) => void planCut({ ...startMake(input, person.id, today(), undefined, newId), ...cut })}
    />
  );
  const shown =
    carried?.zones.find((z) => z.zone === chart) ?? carried?.zones.find(isChanged) ?? carried?.zones.find((z) => z.zone === carried.weakest?.zone);
  const reasoned = carried?.zones.find((z) => z.zone === why);

  return (
    <>
      <PageHead
        title={pattern.name}
        under={
          <>
            {under.filter(Boolean).join(' · ')} ·{' '}
            <Link className="underline underline-offset-2" to={routes.changePattern(pattern.id)}>
              change the pattern
            </Link>
            {pattern.link !== undefined && (
              <>
                {' '}
                · <OutLink to={pattern.link}>its page on the web</OutLink>
              </>
            )}
          </>
        }
        aside={carried ? <NextInAWord pattern={pattern} carried={carried} answer={inWords(carried.decision.answer)} /> : undefined}
      />
      {pattern.joins && (
        <p className="mb-2 text-ink2">
          Joined from{' '}
          {pattern.joins.map((source, i) => (
            <span key={`${source.patternId} ${source.viewId}`}>
              {i > 0 && ', '}
              {source.pieces !== undefined && `${source.pieces} of `}
              <Link className="underline underline-offset-2" to={routes.pattern(source.patternId)}>
                {partName(source, patterns)}
              </Link>
            </span>
          ))}
          {pattern.own !== undefined && `, ${pattern.own}`}. What is noted of a place stays with the pattern it came from.
        </p>
      )}
      {(pattern.reports ?? []).length > 0 && (
        <section aria-label="Reports from elsewhere" className="mb-3 max-w-3xl">
          <h2 className="text-small text-ink2">Reports from elsewhere</h2>
          <ReportList reports={pattern.reports ?? []} />
        </section>
      )}
      {pattern.state === 'retired' && (
        <p className="mb-3 border-l-4 border-ink bg-tint px-3 py-1.5">
          <b>Retired.</b> {pattern.why ?? 'No reason was noted.'}
        </p>
      )}
      {others.length > 0 && person && (
        <p className="mb-2 text-ink2">
          Versions for {person.name}. Also sewn for{' '}
          {others.map((o) => (
            <button key={o.id} type="button" className="underline" onClick={() => void choose({ personId: o.id })}>
              {o.name}
            </button>
          ))}
          .
        </p>
      )}
      {asked.status === 'failed' && (
        <EngineProblem error={asked.error} onAgain={asked.again}>
          <p className="mt-1">
            {versionsOf(input).length > 0 ? 'Its versions: ' : 'No version was cut yet. '}
            {versionsOf(input).map((m, i) => (
              <span key={m.id}>
                {i > 0 && ', '}
                <Link className="underline" to={routes.make(m.id)}>
                  version {m.version}
                </Link>
              </span>
            ))}
            {versionsOf(input).length > 0 && '. '}
            <Link className="underline" to={routes.newMake({ pattern: pattern.id })}>
              Log version {nextVersion(input)}
            </Link>
          </p>
        </EngineProblem>
      )}
      {asked.status === 'waiting' && <p className="text-ink2">The next cut is being worked out …</p>}
      {neverCut && (
        <Empty>
          <p>No version of this pattern has been cut{person ? ` for ${person.name}` : ''} yet.</p>
          <p className="mt-3">
            <LinkButton to={routes.newMake({ pattern: pattern.id })}>Log the first make</LinkButton>
          </p>
        </Empty>
      )}
      {neverCut && person && <FirstCuts person={person} patternId={pattern.id} unit={unit} />}
      {neverCut && sizingMethods}
      {carried && (
        <>
          <Account
            input={input}
            carried={carried}
            wears={wears}
            costOf={(make) => makeCost(make, { makes, patterns, fabrics: input.fabrics, collections }, currency)}
            unit={unit}
            fabricUnit={fabricUnit}
            chosen={shown?.zone}
            tools={
              <TwoPicturesButton
                makes={versionsOf(input).map((make) => ({ make, pattern, name: `version ${make.version}` }))}
                fabrics={input.fabrics}
              />
            }
            onWhy={(zone) => {
              setChart(zone);
              setWhy(zone);
            }}
            plannedFabric={
              <SelectField
                label="Planned fabric"
                labelHidden
                value={fabricId}
                onChange={(e) => onFabric(e.target.value)}
                className="-mx-1 [&_select]:w-full [&_select]:border-rule2 [&_select]:bg-transparent"
              >
                <option value="">{pattern.wants.structure === 'knit' ? 'a knit that stretches as asked' : 'a woven as the pattern asks'}</option>
                {input.fabrics.map((c) => (
                  <option key={c.id} value={c.id}>
                    {c.name}
                  </option>
                ))}
              </SelectField>
            }
          />
          <div className="mt-3 grid grid-cols-[minmax(0,1fr)_280px] gap-8 max-lg:grid-cols-1">
            <div className="min-w-0">
              {shown && shown.evidence.length > 0 ? (
                <section aria-labelledby="closing-in">
                  <div className="flex items-baseline justify-between gap-4">
                    <h2 id="closing-in" className="text-head first-letter:uppercase">
                      {zoneOf(shown.zone).label}, closing in
                    </h2>
                    <Button quiet onClick={() => setWhy(shown.zone)}>
                      Why?
                    </Button>
                  </div>
                  <ClosingInChart forecast={shown} steps={carried.why[shown.zone]!.closingIn} unit={unit} />
                </section>
              ) : (
                !fitless && <p className="text-ink2">Nothing is noted on the fit yet: mark a zone on a make’s page, and the best cut closes in.</p>
              )}
              {!fitless && versionsOf(input).length > 0 && <VersionFigure input={input} zones={carried.places} unit={unit} onZone={setChart} />}
              {sizingMethods}
            </div>
            <div className="flex flex-col gap-4">
              <SewItAgain found={carried.decision} />
              <ToMark carried={carried} />
              <NotPlaced makes={countedMakes(input)} zones={carried.places} />
              <WhatChanged makes={input.makes} change={carried.lastChange} />
              {carried.zones.some((z) => z.labels) && <WhatWouldSharpen pattern={pattern} person={person} unit={unit} />}
              <p className="flex flex-wrap gap-2">
                <Button disabled={!settled} onClick={() => void planNext()}>
                  Plan version {nextVersion(input)}
                </Button>
                <LinkButton to={routes.newMake({ pattern: pattern.id })}>
                  Log version {nextVersion(input)} <KeyCap>n</KeyCap>
                </LinkButton>
              </p>
            </div>
          </div>
        </>
      )}
      <Dialog side open={reasoned !== undefined} onClose={() => setWhy(undefined)} title={reasoned ? `Why: ${zoneOf(reasoned.zone).label}` : ''}>
        {reasoned && carried && person && (
          <Reasons
            forecast={reasoned}
            why={carried.why[reasoned.zone]!}
            onRight={(e) => void noteIsRight(e)}
            unit={unit}
            influences={<InfluencesAt personId={person.id} patternId={pattern.id} zone={reasoned.zone} unit={unit} />}
          />
        )}
      </Dialog>
    </>
  );
}
