import { outcomeWords, seenWords } from '../../core/make/fit-note-words';
import { useEngine } from '../../workers/use-engine';
import { useCaseTables } from '../../data/engine-tables';
import { viewOf } from '../../core/make/versions';
import { chosenWords } from '../../core/make/chosen-words';
import { makeName } from '../../core/make/make-name';
import { STATES } from '../../core/make/states';
import { withoutPattern } from '../../core/make/without-pattern';
import { finish, onward } from '../../parts/bench-acts';
import { isFitless } from '../../core/records/usual-zones';
import { Check } from 'lucide-react';
import { format, parseISO } from 'date-fns';
import { Link, useNavigate, useParams } from 'react-router';
import { alterationWhen, alterationWords, sizeLineWords, zoneList } from '../../core/alteration/words';
import { looseEndDone } from '../../core/make/one-touch';
import { mainUse } from '../../core/make/main-fabric';
import { byDay } from '../../core/units/date';
import { formatLength } from '../../core/units/length';
import { zoneOf } from '../../core/body/zones';
import { formatMoney } from '../../core/units/money';
import { symptomOf } from '../../core/catalogue/symptoms';
import type { FitNote, Make, Pattern } from '../../core/records';
import { db } from '../../data/database';
import { useKept } from '../../data/drafts';
import { newId } from '../../data/new-id';
import {
  useFabrics,
  useMakes,
  usePatternCase,
  usePatterns,
  usePeople,
  useSets,
  useUnit,
  useWearCounts,
  useWears,
  useTradeWords,
} from '../../data/queries';
import { removalOf } from '../../data/removal';
import { today } from '../../data/today';
import { NotInTheLedger } from '../../parts/not-in-the-ledger';
import { useWardrobe } from '../../parts/use-wardrobe';
import type { Hanging } from '../../core/wear/wardrobe';
import { save } from '../../parts/save';
import { FitMark, markColour } from '../../parts/fit-mark';
import { GarmentPicture } from '../../parts/garment-picture';
import { MarkMake } from '../../parts/marked-makes';
import { Pictures } from '../../parts/pictures/pictures';
import { Button, LinkButton } from '../../ui/button';
import { KeyCap } from '../../ui/key-cap';
import { PageHead } from '../../ui/page-head';
import { useWrittenKey } from '../../ui/use-written-key';
import { NextTime } from '../../parts/next-time';
import { partName } from '../../core/make/part-words';
import { NameCombination } from './name-combination';
import { notesOf } from '../../core/make/log-draft';
import { drawnOf } from '../../parts/drawn-of';
import { ItsLife } from './its-life';
import { LookEntry } from './look-entry';
import { WearList } from './wear-list';
import { WhatItTaught } from './what-it-taught';
import { Verdicts } from './verdicts';
import { WhatItCost } from './what-it-cost';
import { addToGroup } from '../../core/units/group-by';
import { firstOf } from '../../core/units/item-at';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';
import { timesWords } from '../../core/wear/wear-count';

const day = (date: string) => format(parseISO(date), 'd MMMM yyyy');

/** Fit notes by look, the latest first. */
function looks(notes: readonly FitNote[]): { key: string; first: FitNote; notes: FitNote[] }[] {
  const groups = new Map<string, FitNote[]>();
  for (const note of notes) addToGroup(groups, `${note.date} ${seenWords(note.seen)}`, note);
  return [...groups].map(([key, list]) => ({ key, first: firstOf(list), notes: list })).sort((a, b) => byDay(b.first.date, a.first.date));
}

function withPin({ pin: _, ...note }: FitNote, pin: FitNote['pin']): FitNote {
  return pin ? { ...note, pin } : note;
}

/** A make's state with since when, at which stage and why. */
function stateWords({ state, stateSince, stage, why }: Make): string {
  return [state, stage && `at ${stage}`, stateSince && `since ${day(stateSince)}`, why].filter(Boolean).join(', ');
}

/** How often it is worn, with what that says. */
function rateWords(hanging: Hanging | undefined): string {
  const { rate, months, count } = hanging ?? {};
  if (!rate || months === undefined) return '';
  const said = rate.word ? ` · ${rate.word}` : '';
  const folded = count && count.folded > 0 ? ` · stayed folded ${count.folded}\u202f×` : '';
  return ` in ${months.toFixed(1)} months of its season: about ${rate.mean.toFixed(1)} a month (${rate.low.toFixed(1)} to ${rate.high.toFixed(1)})${said}${folded}`;
}

/** Makes that belong together: what this one was made over from, and what became of it; others from the same fabric. */
function Related({ make, makes, patterns }: { make: Make; makes: readonly Make[]; patterns: readonly Pattern[] }) {
  const from = withId(makes, make.refashionOf);
  const into = makes.filter((m) => m.refashionOf === make.id);
  const main = mainUse(make)?.fabricId;
  const same = makes.filter((m) => m.id !== make.id && main !== undefined && m.fabrics.some((u) => u.fabricId === main));
  const links = (list: readonly Make[]) =>
    list.map((m) => (
      <div key={m.id}>
        <Link className="inline-block min-h-7 underline-offset-2 hover:underline" to={routes.make(m.id)}>
          {makeName(m, patterns)}
        </Link>
      </div>
    ));
  return (
    <>
      {from && (
        <>
          <dt>Made over from</dt>
          <dd>{links([from])}</dd>
        </>
      )}
      {into.length > 0 && (
        <>
          <dt>Made over into</dt>
          <dd>{links(into)}</dd>
        </>
      )}
      {same.length > 0 && (
        <>
          <dt>Same fabric</dt>
          <dd>{links(same)}</dd>
        </>
      )}
    </>
  );
}

/** The other garments of its set: made together, worn apart. */
function MadeWith({ make, makes, patterns }: { make: Make; makes: readonly Make[]; patterns: readonly Pattern[] }) {
  const set = withId(useSets(), make.setId);
  if (!set) return null;
  return (
    <>
      <dt>Of the set</dt>
      <dd>
        {set.name}
        {makes
          .filter((m) => m.setId === set.id && m.id !== make.id)
          .map((m) => (
            <div key={m.id}>
              <Link className="inline-block min-h-7 underline-offset-2 hover:underline" to={routes.make(m.id)}>
                {makeName(m, patterns)}
              </Link>
            </div>
          ))}
      </dd>
    </>
  );
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
  const counts = useWearCounts();
  const unit = useUnit();
  const make = withId(makes, makeId);
  const pattern = withId(patterns, make?.sources[0]?.patternId);
  const input = usePatternCase(pattern?.id, make?.personId);
  const hanging = useWardrobe(make?.personId, { tolerant: true })?.find((h) => h.make.id === makeId);
  const offsets = useEngine('noteOffsets', useCaseTables(), make && [make.id], { tolerant: true }).answer;
  const count = make && counts.get(make.id);
  const times = count?.times ?? 0;
  const draft = useKept('look', makeId ?? '');
  const look = draft.value;

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
        under={`${inWords(make.kind)}${make.quantity > 1 ? ` × ${make.quantity}` : ''} for ${person?.name ?? 'somebody'}${make.state === 'cut' ? '' : ` · ${stateWords(make)}`} · cut ${day(make.cutOn)}`}
        aside={
          <div className="flex flex-wrap items-center gap-2">
            <Button quiet onClick={() => void remove()}>
              Remove this make
            </Button>
            <MarkMake id={make.id} name={name} words="side by side" />
            <LinkButton to={routes.review(make.id)} quiet>
              Review to show
            </LinkButton>
            <LinkButton to={routes.changeMake(make.id)}>Change what was cut</LinkButton>
            {make.state === 'cut' && <Button onClick={() => void onward(make, name, toFit)}>Being sewn</Button>}
            {STATES[make.state].inHand && <Button onClick={() => void finish(make, name, toFit)}>Finished</Button>}
            {!STATES[make.state].unmade && (
              <Button onClick={() => void wornToday()}>
                Worn today <KeyCap>w</KeyCap>
              </Button>
            )}
          </div>
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
          <dl className="grid grid-cols-[92px_1fr] border-t border-rule [&>*]:border-b [&>*]:border-rule [&>*]:py-1 [&>dt]:text-ink2">
            <dt>Size cut</dt>
            <dd>
              {sizeLineWords(make.size)}
              {make.sizeLines.map((l) => `, ${zoneOf(l.zone).label} ${sizeLineWords(l.line)}`).join('')}
            </dd>
            {make.chosen && (
              <>
                <dt>Chosen</dt>
                <dd>{chosenWords(make.chosen)}</dd>
              </>
            )}
            <dt>Altered</dt>
            <dd>
              {make.alterations.length === 0 && 'nothing'}
              {make.alterations.map((a) => (
                <div key={a.id}>
                  {alterationWords(a, unit)} <span className="text-small text-ink2">{a.purpose === 'style' ? 'for looks' : alterationWhen(a)}</span>
                </div>
              ))}
            </dd>
            <dt>Fabric</dt>
            <dd>
              {make.fabrics.length === 0 && 'not noted'}
              {make.fabrics.map((u) => (
                <div key={u.id}>
                  <Link className="underline-offset-2 hover:underline" to={routes.fabric(u.fabricId)}>
                    {withId(fabrics, u.fabricId)?.name ?? 'a fabric that is gone'}
                  </Link>
                  {u.length !== undefined && <span className="text-small text-ink2"> · {formatLength(u.length, unit)} used</span>}
                  {u.left !== undefined && <span className="text-small text-ink2"> · {formatLength(u.left, unit)} left</span>}
                </div>
              ))}
            </dd>
            <dt>Worn</dt>
            <dd>
              {timesWords(count)}
              {count && <span className="text-small text-ink2">{rateWords(hanging)}</span>}
            </dd>
            <WhatItCost make={make} makes={makes} patterns={patterns} fabrics={fabrics} times={times} expected={hanging?.expected} />
            {make.notions.length > 0 && (
              <>
                <dt>Notions</dt>
                <dd>{make.notions.map((n) => `${n.what}${n.cost ? ` ${formatMoney(n.cost)}` : ''}`).join(', ')}</dd>
              </>
            )}
            {make.mends.length > 0 && (
              <>
                <dt>Mended</dt>
                <dd>
                  {make.mends.map((m) => (
                    <div key={m.id}>
                      {m.what}
                      <span className="text-small text-ink2">
                        {' '}
                        {m.wore ? `· wore out: ${m.wore} ` : ''}· {day(m.date)}
                      </span>
                    </div>
                  ))}
                </dd>
              </>
            )}
            {(make.sources.length > 1 || make.own !== undefined) && (
              <>
                <dt>Joined with</dt>
                <dd>
                  {make.sources.slice(1).map((source) => (
                    <div key={`${source.patternId} ${source.viewId}`}>
                      <Link className="inline-block min-h-7 underline-offset-2 hover:underline" to={routes.pattern(source.patternId)}>
                        {partName(source, patterns)}
                      </Link>
                      <span className="text-small text-ink2">
                        {[source.pieces, source.zones && source.zones.length > 0 && zoneList(source.zones)]
                          .filter(Boolean)
                          .map((words) => ` · ${String(words)}`)
                          .join('')}
                      </span>
                    </div>
                  ))}
                  {make.own !== undefined && <div>{make.own}, from own sums</div>}
                  {pattern && !pattern.joins && <NameCombination make={make} />}
                </dd>
              </>
            )}
            {make.bought && (
              <>
                <dt>It was</dt>
                <dd>
                  {make.bought.what}
                  <span className="text-small text-ink2">
                    {[make.bought.size && `size ${make.bought.size}`, make.bought.price && formatMoney(make.bought.price)]
                      .filter(Boolean)
                      .map((words) => ` · ${String(words)}`)
                      .join('')}
                  </span>
                </dd>
              </>
            )}
            {make.cameOut && (
              <>
                <dt>Came out</dt>
                <dd>
                  {make.cameOut.map((p) => (
                    <div key={p.id}>
                      {withId(fabrics, p.fabricId)?.name ?? 'a fabric that is gone'}
                      <span className="text-small text-ink2">
                        {' '}
                        · {formatLength(p.length, unit)} × {formatLength(p.width, unit)}
                      </span>
                    </div>
                  ))}
                </dd>
              </>
            )}
            <MadeWith make={make} makes={makes} patterns={patterns} />
            <Related make={make} makes={makes} patterns={patterns} />
          </dl>
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

        {view && drawn && (
          <section aria-labelledby="fit">
            <h2 id="fit" className="mb-1 text-head">
              Fit, each time it was looked at
            </h2>
            {make.fitNotes.length === 0 && <p className="text-ink2">Nothing is noted yet. A look after some wears tells most.</p>}
            {looks(make.fitNotes).map(({ key, first, notes }) => (
              <div key={key} className="mb-3">
                <h3 className="double-rule-b font-sans text-small text-ink2">
                  {seenWords(first.seen)}, {day(first.date)}
                </h3>
                <table className="w-full">
                  <tbody>
                    {notes.map((n) => (
                      <tr key={n.id} className="border-b border-rule">
                        <th scope="row" className="w-28 py-1 text-left font-normal first-letter:uppercase">
                          {zoneOf(n.zone).label}
                        </th>
                        <td className="py-1">
                          <span className="flex items-center gap-1.5" style={{ color: markColour(n.outcome) }}>
                            <FitMark kind={zoneOf(n.zone).kind} outcome={n.outcome} /> {outcomeWords(n, unit)}
                          </span>
                          {n.symptom && <span className="block text-small text-ink2">{symptomOf(n.symptom).label}</span>}
                          {(n.side ?? n.over ?? n.causedBy ?? n.done) && (
                            <span className="block text-small text-ink2">
                              {[
                                n.side && `on the ${n.side} only`,
                                n.over && `over ${n.over}`,
                                n.causedBy && `caused by the ${zoneOf(n.causedBy).label}`,
                                n.done && `done: ${n.done}`,
                              ]
                                .filter(Boolean)
                                .join(' · ')}
                            </span>
                          )}
                          {n.words && <span className="block text-small text-ink2 italic">{n.words}</span>}
                        </td>
                        <td className="py-1 text-right text-small text-ink2">
                          {offsets?.has(n.id) && formatLength(offsets.get(n.id)!, unit, { signed: true, about: true })}
                        </td>
                        <td className="w-8 text-right">
                          <button
                            type="button"
                            aria-label={`Remove the note on ${zoneOf(n.zone).label}`}
                            className="rounded-md px-1.5 text-ink2 hover:bg-tint"
                            onClick={() => void saveMake('a fit note removed', { ...make, fitNotes: make.fitNotes.filter((o) => o.id !== n.id) })}
                          >
                            ×
                          </button>
                        </td>
                      </tr>
                    ))}
                  </tbody>
                </table>
              </div>
            ))}
            {look ? (
              <div className="border-t-2 border-ink pt-2">
                <LookEntry make={make} look={look} zones={view.zones} drawn={drawnOf(drawn, make, fabrics)} unit={unit} onChange={draft.keep} />
                <div className="mt-2 flex gap-2">
                  <Button
                    disabled={look.said.length === 0}
                    onClick={() => {
                      void saveMake('a look at the fit', { ...make, fitNotes: [...make.fitNotes, ...notesOf(look, today(), newId)] }, { draft });
                    }}
                  >
                    Save this look
                  </Button>
                  <Button quiet onClick={draft.discard}>
                    Discard draft
                  </Button>
                </div>
              </div>
            ) : (
              <Button onClick={() => draft.keep({ seen: times > 0 ? { at: 'worn', wears: times } : { at: 'firstDay' }, said: [] })}>
                {make.fitNotes.length === 0 ? 'Note how it fits' : 'Look at the fit again'}
              </Button>
            )}
          </section>
        )}

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
