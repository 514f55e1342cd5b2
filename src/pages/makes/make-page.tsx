import { viewOf } from '../../core/make/versions';
import { isUndated, makeDayWords } from '../../core/make/its-day';
import { makeName } from '../../core/make/make-name';
import { STATES } from '../../core/make/states';
import { withoutPattern } from '../../core/make/without-pattern';
import { finish, onward } from '../../parts/bench-acts';
import { isFitless } from '../../core/records/usual-zones';
import { Check } from 'lucide-react';
import { format, parseISO } from 'date-fns';
import { Link, useNavigate, useParams } from 'react-router';
import { looseEndDone } from '../../core/make/one-touch';
import type { FitNote, Make } from '../../core/records';
import { db } from '../../data/database';
import { newId } from '../../data/new-id';
import { useFabrics, useMakes, usePatternCase, usePatterns, usePeople, useWearCounts, useWears, useTradeWords } from '../../data/queries';
import { removalOf } from '../../data/removal';
import { today } from '../../data/today';
import { NotInTheLedger } from '../../parts/not-in-the-ledger';
import { useWardrobe } from '../../parts/use-wardrobe';
import { save } from '../../parts/save';
import { GarmentPicture } from '../../parts/garment-picture';
import { MarkMake } from '../../parts/marked-makes';
import { Pictures } from '../../parts/pictures/pictures';
import { Button, LinkButton } from '../../ui/button';
import { KeyCap } from '../../ui/key-cap';
import { HeadActions, PageHead } from '../../ui/page-head';
import { useWrittenKey } from '../../ui/use-written-key';
import { NextTime } from '../../parts/next-time';
import { ItsLife } from './its-life';
import { FitLooks } from './fit-looks';
import { MakeFacts } from './make-facts';
import { WearList } from './wear-list';
import { WhatItTaught } from './what-it-taught';
import { Verdicts } from './verdicts';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';

const day = (date: string) => format(parseISO(date), 'd MMMM yyyy');

function withPin({ pin: _, ...note }: FitNote, pin: FitNote['pin']): FitNote {
  return pin ? { ...note, pin } : note;
}

/** A make's state with since when, at which stage and why. */
function stateWords({ state, stateSince, stage, why }: Make): string {
  return [state, stage && `at ${stage}`, stateSince && `since ${day(stateSince)}`, why].filter(Boolean).join(', ');
}

/** One garment: what it was, how it fitted each time it was looked at, how it is worn. */
export function MakePage() {
  const inWords = useTradeWords();
  const { makeId } = useParams();
  const navigate = useNavigate();
  const makes = useMakes();
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const people = usePeople();
  // The page waits for all wears with the wardrobe: those of this make are among them.
  const wears = useWears();
  const make = withId(makes, makeId);
  const pattern = withId(patterns, make?.sources[0]?.patternId);
  const input = usePatternCase(pattern?.id, make?.personId);
  const hanging = useWardrobe(make?.personId, { tolerant: true })?.find((h) => h.make.id === makeId);
  const times = useWearCounts().get(makeId ?? '')?.times ?? 0;

  const saveMake = (label: string, changed: Make, afterwards?: Parameters<typeof save>[2]) =>
    save(label, [{ table: 'makes', from: make!, to: changed }], afterwards);
  const wornToday = async () => {
    // What is not finished is not worn.
    if (!make || STATES[make.state].unmade) return;
    const wear = { id: newId(), date: today(), makeIds: [make.id], count: 1 };
    await save('worn today', [{ table: 'wears', put: wear }], { done: 'Worn today. Ctrl Z takes it back.' });
  };
  useWrittenKey('w', () => void wornToday());

  if (!make) return <NotInTheLedger table="makes" />;
  // Where a make speaks of a pattern, the page waits for what its fit is reckoned from.
  if (make.sources.length > 0 && pattern && !input) return null;

  const drawn = pattern ?? withoutPattern(make);
  const view = drawn && !isFitless(drawn.kind) ? viewOf(drawn, make) : undefined;
  const name = makeName(make, patterns);
  const person = withId(people, make.personId);
  const loose = make.looseEnds.filter((l) => !l.done);

  const toFit = () => void navigate(`${routes.make(make.id)}#fit`);
  const remove = async () => {
    const done = 'The make is removed. Ctrl Z brings it back.';
    if (await save(`${name} removed`, () => removalOf(db, 'makes', make.id), { done }))
      void navigate(pattern ? routes.pattern(pattern.id) : routes.makes);
  };

  return (
    <>
      <PageHead
        title={
          pattern ? (
            <>
              <Link className="underline-offset-4 hover:underline" to={routes.pattern(pattern.id)}>
                {pattern.name}
              </Link>
              , version {make.version}
            </>
          ) : (
            name
          )
        }
        under={`${inWords(make.kind)}${make.quantity > 1 ? ` × ${make.quantity}` : ''} for ${person?.name ?? 'somebody'}${make.state === 'cut' ? '' : ` · ${stateWords(make)}`} · ${isUndated(make) ? 'nobody noted when' : `cut ${make.knownTo ? 'in ' : ''}${makeDayWords(make, make.cutOn, 'd MMMM yyyy')}`}`}
        aside={
          <HeadActions>
            {!STATES[make.state].unmade && (
              <Button onClick={() => void wornToday()}>
                Worn today <KeyCap>w</KeyCap>
              </Button>
            )}
            {STATES[make.state].inHand && <Button onClick={() => void finish(make, name, toFit)}>Finished</Button>}
            {make.state === 'cut' && <Button onClick={() => void onward(make, name, toFit)}>Being sewn</Button>}
            <LinkButton to={routes.changeMake(make.id)}>Change what was cut</LinkButton>
            <LinkButton to={routes.review(make.id)} quiet>
              Review to show
            </LinkButton>
            <MarkMake id={make.id} name={name} words="side by side" />
            <Button quiet onClick={() => void remove()}>
              Remove this make
            </Button>
          </HeadActions>
        }
      />
      <div className="grid grid-cols-[300px_minmax(0,1fr)_minmax(0,1fr)] gap-8 max-lg:grid-cols-1">
        <div className="flex flex-col gap-3">
          {drawn && (
            <div className="flex gap-2">
              <GarmentPicture pattern={drawn} make={make} fabrics={fabrics} className="h-[200px] w-1/2" />
              <GarmentPicture pattern={drawn} make={make} fabrics={fabrics} side="back" className="h-[200px] w-1/2" />
            </div>
          )}
          <MakeFacts make={make} pattern={pattern} hanging={hanging} />
          <Pictures
            of={{ makeId: make.id }}
            name={name}
            notes={make.fitNotes}
            onPin={(noteId, pin) => void saveMake('a pin', { ...make, fitNotes: make.fitNotes.map((n) => (n.id === noteId ? withPin(n, pin) : n)) })}
          />
          {make.remark && <p className="text-ink2 italic">{make.remark}</p>}
          <WhatItTaught key={`taught ${make.id}`} make={make} fabrics={fabrics} />
          {make.sources.length > 0 && <NextTime key={make.id} make={make} />}
          {loose.map((l) => (
            <p key={l.id} className="flex items-center justify-between gap-2 border-l-4 border-ink pl-2">
              {l.words}
              <Button
                onClick={() => void save(`done: ${l.words}`, [{ table: 'makes', id: make.id, edit: (now) => looseEndDone(now, l.id, today()) }])}
              >
                <Check size={14} aria-hidden /> Done
              </Button>
            </p>
          ))}
        </div>

        {view && drawn && <FitLooks key={`fit ${make.id}`} make={make} view={view} drawn={drawn} times={times} onMake={saveMake} />}

        <section aria-labelledby="verdicts">
          <Verdicts make={make} times={times} hanging={hanging} />
          <h2 className="mt-6 mb-1 text-head">Worn</h2>
          <WearList makeId={make.id} wears={wears} />
          <ItsLife make={make} name={name} fabrics={fabrics} onMake={saveMake} />
        </section>
      </div>
    </>
  );
}
