import { withoutPattern } from '../../core/make/without-pattern';
import { draftFromPlan } from '../../core/plan/draft-from-plan';
import { lastVersion, nextVersion, viewOf } from '../../core/make/versions';
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useLocation, useNavigate } from 'react-router';
import { toast } from 'react-toastify';
import { caseOf, type PatternCase } from '../../core/garment/case';
import type { Fabric, GarmentKind, Make, Person, Plan } from '../../core/records';
import { isFitless } from '../../core/records/usual-zones';
import { clearDraft, discardDraft, saveDraft } from '../../data/drafts';
import { useBodies, usePerson, useUnit } from '../../data/queries';
import { today } from '../../data/today';
import { newId } from '../../data/new-id';
import { save } from '../../parts/save';
import { useSpeakOf } from '../../parts/use-speak-of';
import { GarmentPicture } from '../../parts/garment-picture';
import { Button } from '../../ui/button';
import { KeyCap } from '../../ui/key-cap';
import { PageHead } from '../../ui/page-head';
import { Segmented } from '../../ui/segmented';
import { useNarrow } from '../../ui/use-narrow';
import { byHand } from '../../ui/by-hand';
import { useCaseTables } from '../../data/engine-tables';
import { useEngine } from '../../workers/use-engine';
import { logDraftName, spokenOfWith, startMake, type LogDraft, type Start } from '../../core/make/log-draft';
import { db } from '../../data/database';
import { enterNumbered } from '../../data/commands/enter-make';
import { drawnOf } from '../../parts/drawn-of';
import { LookEntry } from './look-entry';
import { NewPatternFields } from './named-here';
import { NotedBefore } from './noted-before';
import { WhomFor } from '../../parts/whom-for';
import { MakeForm } from './make-form';
import { VerdictEntry } from './verdict-entry';
import { routes } from '../../routes';

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
export const JUST_NAMED = 'the pattern was named here';

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
export function LogForm({ input: known, stash, person, people, initial, planned, pick, onPerson, onDiscard }: LogFormProps) {
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
    await speakOf(spokenOfWith(whole));
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
          <NotedBefore make={draft.make} unit={unit} onMake={(make) => change({ make })} />
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
