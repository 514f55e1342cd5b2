import { draftFromPlan } from '../../core/plan/draft-from-plan';
import { openPlanOf } from '../../core/plan/open-plan';
import { lastVersion, nextVersion } from '../../core/make/versions';
import { useSearchParams } from 'react-router';
import { isWithoutFit } from '../../core/records/garment-named';
import { saveDraft, useDrafts } from '../../data/drafts';
import { useFabrics, useMakes, usePatternCase, usePatterns, usePeople, usePerson, usePlans } from '../../data/queries';
import { today } from '../../data/today';
import { newId } from '../../data/new-id';
import { PageHead } from '../../ui/page-head';
import { Pick } from '../../ui/pick';
import { draftNamed, draftsFor, freshDraft, logDraftName, startMadeOver, startMake } from '../../core/make/log-draft';
import { HalfLogged } from './half-logged';
import { withId } from '../../core/units/by-id';
import { JUST_NAMED, LogForm } from './log-form';

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
