import { withoutPattern } from '../../core/make/without-pattern';
import { draftFromPlan } from '../../core/plan/draft-from-plan';
import { openPlanOf } from '../../core/plan/open-plan';
import { lastVersion, nextVersion, viewOf } from '../../core/make/versions';
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useLocation, useNavigate, useSearchParams } from 'react-router';
import { toast } from 'react-toastify';
import { caseOf, type PatternCase } from '../../core/garment/case';
import type { Fabric, GarmentKind, Make, Person, Plan } from '../../core/records';
import { isFitless } from '../../core/records/usual-zones';
import { isWithoutFit } from '../../core/records/garment-named';
import { clearDraft, discardDraft, saveDraft, useDrafts } from '../../data/drafts';
import { useBodies, useFabrics, useMakes, usePatternCase, usePatterns, usePeople, usePerson, usePlans, useUnit } from '../../data/queries';
import { today } from '../../data/today';
import { newId } from '../../data/new-id';
import { save } from '../../parts/save';
import { useSpeakOf } from '../../parts/use-speak-of';
import { GarmentPicture } from '../../parts/garment-picture';
import { Button } from '../../ui/button';
import { KeyCap } from '../../ui/key-cap';
import { PageHead } from '../../ui/page-head';
import { Pick } from '../../ui/pick';
import { Segmented } from '../../ui/segmented';
import { useNarrow } from '../../ui/use-narrow';
import { byHand } from '../../ui/by-hand';
import { useCaseTables } from '../../data/engine-tables';
import { useEngine } from '../../workers/use-engine';
import { draftNamed, draftsFor, freshDraft, logDraftName, startMadeOver, startMake, type LogDraft, type Start } from '../../core/make/log-draft';
import { db } from '../../data/database';
import { enterNumbered } from '../../data/commands/enter-make';
import { drawnOf } from '../../parts/drawn-of';
import { HalfLogged } from './half-logged';
import { LookEntry } from './look-entry';
import { NewPatternFields } from './named-here';
import { WhomFor } from '../../parts/whom-for';
import { MakeForm } from './make-form';
import { VerdictEntry } from './verdict-entry';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';

/** From one of the questions to the next: the first control of each takes the focus. */
function stepQuestion(by: 1 | -1) {
  const questions = [...document.querySelectorAll<HTMLElement>('[data-question]')];
  const here = questions.findIndex((q) => q.contains(document.activeElement));
  const to = questions[Math.min(questions.length - 1, Math.max(0, here + by))];
  to?.querySelector<HTMLElement>('[data-row-stop], select, input, button')?.focus();
}

/** A make of a pattern of another kind: what is sewn without a fit is a garment no more, and the other way round. */
const asKind = (make: Make, kind: GarmentKind): Make =>
  isFitless(kind) ? { ...make, kind: 'without fit' } : make.kind === 'without fit' ? { ...make, kind: 'garment' } : make;

/** Told along with the address when a pattern was named on this page: then the hand goes on to the first question. */
const JUST_NAMED = 'the pattern was named here';

interface LogFormProps {
  /** Absent for what has no pattern: it has a name, and no fit. */
  readonly input: PatternCase | undefined;
  readonly stash: readonly Fabric[];
  readonly person: Person;
  readonly people: readonly Person[];
  readonly initial: LogDraft;
  /** What is planned of this pattern for this person, if anything is. */
  readonly planned: Plan | undefined;
  readonly pick: ReactNode;
  readonly onPerson: (id: string) => void;
  readonly onDiscard: () => void;
}

/** The form itself, for one pattern and one person; what is typed is kept at every change. */
function LogForm({ input: known, stash, person, people, initial, planned, pick, onPerson, onDiscard }: LogFormProps) {
  const navigate = useNavigate();
  const unit = useUnit();
  const bodies = useBodies();
  const spoken = usePerson();
  const speakOf = useSpeakOf();
  const [draft, setDraft] = useState(initial);
  const { newPattern, newPerson } = draft;
  const input = useMemo(
    () =>
      newPattern
        ? caseOf(newPattern, draft.make.personId, { makes: [], bodies, fabrics: stash })
        : newPerson && known
          ? { ...known, makes: [], bodies: [] }
          : known,
    [newPattern, newPerson, known, bodies, stash, draft.make.personId],
  );
  const pattern = input?.pattern;
  const cut = pattern ?? withoutPattern(draft.make);
  const narrow = useNarrow();
  const [writing, setWriting] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const plan = useMemo(() => ({ date: today(), unit }), [unit]);
  const account = useEngine('account', useCaseTables(), pattern && !newPattern && !newPerson ? [person.id, pattern.id, plan] : undefined, {
    tolerant: true,
  });
  const last = input && lastVersion(input);
  const fabrics = useMemo(() => [...stash, ...draft.newFabrics], [stash, draft.newFabrics]);
  const version = input ? nextVersion(input) : 1;
  const called = pattern ? `${pattern.name}, version ${version}` : (draft.make.name ?? 'a make');

  const change = (part: Partial<LogDraft>) => {
    const next = { ...draft, ...part };
    setDraft(next);
    saveDraft(logDraftName(next), next);
  };
  const startFrom = (start: Start) => {
    if (!pattern || !input) return;
    if (start === 'plan' && planned) {
      const { make, planId } = draftFromPlan(planned, version, draft.make.cutOn, newId);
      return change({ start, planId, make: { ...draft.make, ...make, id: draft.make.id } });
    }
    const from = start === 'carry' ? account.answer?.next : start === 'last' ? last : undefined;
    // What was already said of fabric, time and fit stays: only the cut begins anew.
    const { size, sizeLines, alterations, sources, own, chosen } = startMake(input, person.id, draft.make.cutOn, from, newId);
    change({ start, planId: undefined, make: { ...draft.make, size, sizeLines, alterations, sources, own, chosen } });
  };
  const enter = async () => {
    const plan = planned?.id === draft.planId ? planned : undefined;
    let number = version;
    setWriting(true);
    const named = newPerson && { ...newPerson, name: newPerson.name.trim() || 'Me' };
    const whole = named ? { ...draft, newPerson: named } : draft;
    const entered = await save(called, () => enterNumbered(db, whole, { pattern, plan }, (given) => (number = given)), {
      done: () => `${pattern ? `Version ${number} of ${pattern.name}` : called} is saved. Ctrl Z takes it back.`,
      draft: { clear: () => clearDraft(logDraftName(draft)) },
    });
    setWriting(false);
    if (!entered) return;
    await speakOf(named);
    // The account speaks of whom we speak of; what was made for somebody else is looked at by itself.
    const hers = !spoken || spoken.id === draft.make.personId;
    void navigate(pattern && hers ? routes.pattern(pattern.id) : routes.make(draft.make.id));
  };
  useHotkeys(
    'ctrl+enter,meta+enter',
    () => {
      // The field in hand is left first, so that what stands in it is read before the make is entered.
      if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
      setTimeout(() => button.current?.click(), 0);
    },
    // Before the field in hand takes it for a choice from its own list.
    { enableOnFormTags: true, eventListenerOptions: { capture: true } },
  );
  // Before the field in hand takes it for a step down its own list.
  useHotkeys('ctrl+down,meta+down,ctrl+up,meta+up', (event) => stepQuestion(event.key === 'ArrowDown' ? 1 : -1), {
    enableOnFormTags: true,
    preventDefault: true,
    eventListenerOptions: { capture: true },
  });

  const { state } = useLocation();
  useEffect(() => {
    if (state === JUST_NAMED) stepQuestion(1);
  }, [state]);

  const begun = input?.makes.find((m) => m.state === 'cut' || m.state === 'sewing');
  // On a phone what is asked most comes first: the size, how it fitted, how it is liked.
  const judged = (
    <>
      {cut && !isFitless(cut.kind) && (
        <section aria-labelledby="fit" data-question>
          <h2 id="fit" className="mb-1 text-head">
            How did it fit?
          </h2>
          <LookEntry
            make={draft.make}
            look={draft.look}
            zones={viewOf(cut, draft.make).zones}
            drawn={drawnOf(cut, draft.make, fabrics)}
            unit={unit}
            onChange={(look) => change({ look })}
          />
        </section>
      )}
      <section aria-labelledby="like" data-question>
        <h2 id="like" className="mb-1 text-head">
          Do you like it?
        </h2>
        <VerdictEntry said={draft.verdict} onChange={(verdict) => change({ verdict })} />
      </section>
    </>
  );
  const letGo = pattern?.state === 'retired' ? ` · this pattern is retired: ${pattern.why ?? 'no reason noted'}` : '';
  return (
    <>
      <PageHead
        title="Log a make"
        under={`${called}${letGo}`}
        aside={
          <div className="flex items-center gap-2">
            <Button
              quiet
              onClick={() => {
                discardDraft(logDraftName(draft));
                toast(byHand('The draft is discarded. Ctrl Z brings it back.'));
                onDiscard();
              }}
            >
              Discard draft
            </Button>
            <Button ref={button} disabled={writing} onClick={() => void enter()}>
              Save make <KeyCap>Ctrl Enter</KeyCap>
            </Button>
          </div>
        }
      />
      {begun && (
        <p className="mb-2 border-l-4 border-ink bg-tint px-3 py-1">
          Version {begun.version} lies {begun.state === 'cut' ? 'cut' : 'half sewn'} on the table.{' '}
          <Link className="underline" to={routes.make(begun.id)}>
            Is it the one you finished?
          </Link>
        </p>
      )}
      <div className="mb-4 flex flex-wrap items-end gap-4 border-y border-rule py-2">
        <GarmentPicture pattern={cut} make={draft.make} fabrics={fabrics} className="h-14 w-11" />
        {!draft.newPattern && pick}
        {draft.newPattern && (
          <NewPatternFields
            pattern={draft.newPattern}
            unit={unit}
            onPattern={(newPattern) => change({ newPattern, make: asKind(draft.make, newPattern.kind) })}
          />
        )}
        <WhomFor
          person={person}
          people={people}
          newPerson={draft.newPerson}
          onPerson={(id) => (draft.newPattern ? change({ make: { ...draft.make, personId: id } }) : onPerson(id))}
          onNewPerson={(name) => {
            const newPerson = { ...(draft.newPerson ?? { id: newId(), child: false }), name };
            change({ newPerson, make: { ...draft.make, personId: newPerson.id } });
          }}
        />
        {(last ?? planned) && (
          <div className="flex flex-col gap-0.5">
            <span className="text-small text-ink2">Start from</span>
            <Segmented<Start>
              label="Start from"
              value={draft.start}
              choices={[
                ...(planned ? [{ value: 'plan' as const, label: 'the plan' }] : []),
                ...(last
                  ? [
                      { value: 'last' as const, label: `version ${last.version}` },
                      ...(account.answer ? [{ value: 'carry' as const, label: 'carried forward' }] : []),
                    ]
                  : []),
                { value: 'drafted', label: 'as drafted' },
              ]}
              onChange={startFrom}
            />
          </div>
        )}
      </div>
      <div className="grid grid-cols-[minmax(0,0.86fr)_minmax(0,1fr)] gap-8 max-lg:grid-cols-1">
        <MakeForm
          entering
          make={draft.make}
          pattern={pattern}
          fabrics={fabrics}
          bodies={input?.bodies ?? []}
          unit={unit}
          afterCut={narrow && judged}
          onChange={(make) => change({ make })}
        />
        {!narrow && <div className="flex flex-col gap-4">{judged}</div>}
      </div>
    </>
  );
}

const newWords = (name: string, fitless: boolean) => (fitless ? `New, without a fit (a bag, a cushion): ${name}` : `New pattern: ${name}`);

/** Log a make: what did you change, how did it fit, do you like it? Begins with the pattern; takes up what was left half typed. */
export function LogAMake() {
  const [params, setParams] = useSearchParams();
  const patterns = usePatterns();
  const makes = useMakes();
  const people = usePeople();
  const chosen = usePerson();
  const stash = useFabrics();
  const plans = usePlans();
  const drafts = useDrafts('log');
  const asked = withId(plans, params.get('plan'));
  const patternId = asked?.patternId ?? params.get('pattern') ?? undefined;
  const named = params.get('name') ?? undefined;
  const sewn = makes.filter((m) => m.sources.some((s) => s.patternId === patternId));
  const begun = draftsFor(drafts, { patternId, name: named });
  const wanted = begun.find(({ value }) => value.make.id === params.get('draft'));
  const latest = begun.at(-1);
  // Where the pattern was only ever sewn for somebody else, that person is meant.
  const usual = sewn.length > 0 && !sewn.some((m) => m.personId === chosen?.id) ? sewn.at(-1)?.personId : chosen?.id;
  const hereFirst = [drafts.find(({ value }) => value.make.id === params.get('draft')), latest].find(
    (d) => d?.value.newPattern ?? d?.value.newPerson,
  );
  const usualInput = usePatternCase(hereFirst?.value.make.sources[0]?.patternId, hereFirst?.value.make.personId);
  const personId = asked?.personId ?? params.get('for') ?? (wanted ?? latest)?.value.make.personId ?? usual;
  const input = usePatternCase(patternId, personId);
  const person = withId(people, personId);
  if (patternId && patterns.some((p) => p.id === patternId) && personId && !input) return null;
  const kept = wanted ?? begun.findLast(({ value }) => value.make.personId === personId && (!asked || value.planId === asked.id));

  const begin = (name: string, fitless: boolean) => {
    const draft = draftNamed(name, { personId: chosen?.id, fitless, day: today(), newId });
    saveDraft(logDraftName(draft), draft);
    setParams({ draft: draft.make.id }, { state: JUST_NAMED });
  };
  const pick = (
    <Pick
      label="Pattern"
      placeholder="type a pattern’s name"
      autoFocus={!patternId}
      value={patternId}
      options={patterns.map((p) => ({ id: p.id, label: p.name, detail: p.state === 'retired' ? 'retired' : (p.designer ?? '') }))}
      // Passing through the field chooses what it holds already.
      onPick={(id) => id !== patternId && setParams({ pattern: id }, { state: JUST_NAMED })}
      onNew={(name) => begin(name, isWithoutFit(name))}
      newLabel={(name) => newWords(name, isWithoutFit(name))}
      alsoNew={{ label: (name) => `Without a pattern (made over, or made up): ${name}`, onNew: (name) => setParams({ name }, { state: JUST_NAMED }) }}
      className="w-72 max-w-full"
    />
  );
  const discarded = () => setParams({});

  if (hereFirst) {
    const { value } = hereFirst;
    const whom = value.newPerson ?? withId(people, value.make.personId);
    if (!whom) return null;
    return (
      <LogForm
        key={value.make.id}
        input={usualInput}
        stash={stash}
        person={whom}
        people={people}
        initial={value}
        planned={undefined}
        pick={pick}
        onPerson={(id) => setParams({ for: id, draft: value.make.id })}
        onDiscard={discarded}
      />
    );
  }

  if (input && person) {
    const { pattern } = input;
    const planned = asked ?? openPlanOf(plans, pattern.id, person.id);
    const fresh = () =>
      asked?.state === 'open'
        ? draftFromPlan(asked, nextVersion(input), today(), newId)
        : freshDraft(startMake(input, person.id, today(), lastVersion(input), newId));
    return (
      <LogForm
        key={`${pattern.id} ${person.id} ${wanted?.name ?? ''}`}
        input={input}
        stash={input.fabrics}
        person={person}
        people={people}
        initial={kept?.value ?? fresh()}
        planned={planned?.state === 'open' ? planned : undefined}
        pick={pick}
        onPerson={(id) => setParams({ pattern: pattern.id, for: id })}
        onDiscard={discarded}
      />
    );
  }

  if (named && person) {
    return (
      <LogForm
        key={`${named} ${person.id}`}
        input={undefined}
        stash={stash}
        person={person}
        people={people}
        initial={kept?.value ?? freshDraft(startMadeOver(named, person.id, today(), newId), 'drafted')}
        planned={undefined}
        pick={pick}
        onPerson={(id) => setParams({ name: named, for: id })}
        onDiscard={discarded}
      />
    );
  }

  return (
    <>
      <PageHead title="Log a make" under={patterns.length > 0 ? 'Name the pattern: a new version starts from the last one.' : 'What did you sew?'} />
      {pick}
      <HalfLogged />
      {patterns.length === 0 && (
        <p className="mt-4 text-ink2">
          The ledger has no pattern yet: type its name, “Curlew jeans” say, and press Enter. All else about it can wait.
        </p>
      )}
    </>
  );
}
