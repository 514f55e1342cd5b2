import { makeName } from '../core/make/make-name';
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import MiniSearch from 'minisearch';
import { useEffect, useEffectEvent, useMemo, useRef, useState, type Dispatch, type KeyboardEvent, type SetStateAction } from 'react';
import { flushSync } from 'react-dom';
import { Link, useNavigate } from 'react-router';
import { completions, type Completion } from '../core/shorthand/complete';
import { saveDraft, useKept } from '../data/drafts';
import { useFabrics, useMakes, usePatterns, usePeople } from '../data/queries';
import { mainUse } from '../core/make/main-fabric';
import type { Fabric, Make, Pattern, Person } from '../core/records';
import { logDraftName } from '../core/make/log-draft';
import { whereToLog } from '../core/make/where-to-log';
import { db } from '../data/database';
import { newId } from '../data/new-id';
import { whenIdle } from '../data/when-idle';
import { enterNumbered } from '../data/commands/enter-make';
import { save } from '../parts/save';
import { useSpeakOf } from '../parts/use-speak-of';
import type { Answers } from '../core/shorthand/chip';
import { withId } from '../core/units/by-id';
import { counted } from '../core/units/counted';
import { LineChips, openQuestions, toFirstQuestion } from '../parts/line-chips';
import { LineRemarks } from '../parts/line-remarks';
import { WhichGarment, WhichKnown, WhichMake } from '../parts/which-make';
import { OtherLine } from '../parts/other-line';
import { useWriteOther } from '../parts/use-write-other';
import { useLineContext, useLineTables, useReadOther } from '../parts/use-line-context';
import { Button } from '../ui/button';
import { KeyCap } from '../ui/key-cap';
import { useWrittenKey } from '../ui/use-written-key';
import { COMMANDS } from './commands';
import type { PressedEarly } from './find-field';
import { FIND_LABEL, FIND_LOOK } from './find-words';
import { mayBeKnown } from '../core/shorthand/by-its-noun';
import { prepareRule } from '../core/shorthand/said';
import type { ReadMake } from '../core/shorthand/draft-from-line';
import { finishedOf } from '../core/shorthand/acts/finished';
import { lookOf, wordsOf } from '../core/shorthand/acts/looked';
import type { OtherAct } from '../core/shorthand/acts/read-other';
import { splitTelling } from '../core/shorthand/tell';
import { useReadLine } from './use-line';
import { ComesWith } from '../parts/comes-with';
import { routes } from '../routes';

/** The rules of the line are made ready one by one once it is entered, as long as nobody waits: together they cost more than a page does. */
function prepare() {
  if (prepareRule()) whenIdle(prepare);
}

interface Entry {
  readonly id: string;
  readonly what: 'commands' | 'patterns' | 'makes' | 'fabrics' | 'people';
  readonly title: string;
  readonly detail: string;
  readonly words: string;
  readonly path: string;
}

/** What can be chosen: a name to go on with, or a place to go to. */
type Choice = { readonly completion: Completion } | { readonly entry: Entry };

const GROUPS = ['commands', 'patterns', 'makes', 'fabrics', 'people'] as const;
const MOST_OF_A_GROUP = 5;

/** What can be found of a ledger. */
interface Findable {
  readonly patterns: readonly Pattern[];
  readonly makes: readonly Make[];
  readonly fabrics: readonly Fabric[];
  readonly people: readonly Person[];
}

/** Everything but the makes, as entries of an index. */
function entriesBesideMakes({ patterns, fabrics, people }: Findable): readonly Entry[] {
  return [
    ...COMMANDS.map((c): Entry => ({
      id: `command ${c.title}`,
      what: 'commands',
      detail: c.detail ?? '',
      words: c.words ?? '',
      title: c.title,
      path: c.path,
    })),
    ...patterns.flatMap((p): Entry[] => [
      {
        id: `pattern ${p.id}`,
        what: 'patterns',
        title: p.name,
        detail: `${p.designer ?? p.kind}${p.state === 'retired' ? ' · retired' : ''}`,
        words: `${p.kind} ${p.designer ?? ''} ${p.note ?? ''}`,
        path: routes.pattern(p.id),
      },
      { id: `log ${p.id}`, what: 'commands', title: `Log a make of ${p.name}`, detail: '', words: '', path: routes.newMake({ pattern: p.id }) },
    ]),
    ...fabrics.map((c): Entry => ({
      id: `fabric ${c.id}`,
      what: 'fabrics',
      title: c.name,
      detail: c.fibre ?? '',
      words: `${c.fibre ?? ''} ${c.source ?? ''} ${c.colour ?? ''} ${c.weave ?? ''}`,
      path: routes.fabric(c.id),
    })),
    ...people.map((p): Entry => ({
      id: `person ${p.id}`,
      what: 'people',
      title: p.name,
      detail: 'measures',
      words: 'body measures',
      path: routes.person(p.id),
    })),
  ];
}

/** How a make is found: by its name, and by what was said of it. */
function entryOfMake({ patterns, fabrics, people }: Findable): (make: Make) => Entry {
  const patternById = new Map(patterns.map((p) => [p.id, p]));
  const fabricName = new Map(fabrics.map((c) => [c.id, c.name]));
  const personName = new Map(people.map((p) => [p.id, p.name]));
  return (m) => {
    const pattern = patternById.get(m.sources[0]?.patternId ?? '');
    const fabric = fabricName.get(mainUse(m)?.fabricId ?? '') ?? '';
    const who = personName.get(m.personId) ?? '';
    const said = [...m.notes, ...m.fitNotes, ...m.verdicts].map((n) => n.words ?? '').join(' ');
    return {
      id: `make ${m.id}`,
      what: 'makes',
      title: makeName(m, pattern ? [pattern] : []),
      detail: [fabric, who].filter(Boolean).join(' · '),
      words: `${fabric} ${who} ${m.state} ${m.kind} ${m.remark ?? ''} ${said}`,
      path: routes.make(m.id),
    };
  };
}

const emptyIndex = () =>
  new MiniSearch<Entry>({
    fields: ['title', 'words'],
    storeFields: ['title', 'detail', 'path', 'what'],
    searchOptions: { prefix: true, fuzzy: 0.2, boost: { title: 3 }, combineWith: 'AND' },
  });

/** So many makes are indexed at once; of more, some at a time, so that the first letter is not held up by thousands. */
const AT_ONCE = 500;
const AT_A_TIME = 100;

/** The index of everything that can be found; undefined while that of a large ledger is being made for the first time. */
function useIndex(): MiniSearch<Entry> | undefined {
  const patterns = usePatterns();
  const makes = useMakes();
  const fabrics = useFabrics();
  const people = usePeople();
  const findable = useMemo(() => ({ patterns, makes, fabrics, people }), [patterns, makes, fabrics, people]);
  const small = useMemo(() => {
    if (findable.makes.length > AT_ONCE) return undefined;
    const index = emptyIndex();
    index.addAll([...entriesBesideMakes(findable), ...findable.makes.map(entryOfMake(findable))]);
    return index;
  }, [findable]);
  const [large, setLarge] = useState<MiniSearch<Entry>>();
  useEffect(() => {
    if (findable.makes.length <= AT_ONCE) return;
    let wanted = true;
    const make = async () => {
      const index = emptyIndex();
      await new Promise<void>(whenIdle);
      index.addAll(entriesBesideMakes(findable));
      const entryOf = entryOfMake(findable);
      for (let at = 0; at < findable.makes.length; at += AT_A_TIME) {
        await new Promise<void>(whenIdle);
        if (!wanted) return;
        index.addAll(findable.makes.slice(at, at + AT_A_TIME).map(entryOf));
      }
      setLarge(index);
    };
    void make();
    return () => {
      wanted = false;
    };
  }, [findable]);
  return small ?? large;
}

function useFound(query: string): readonly Entry[] {
  const index = useIndex();
  return useMemo(() => {
    if (!index || query.trim() === '') return [];
    const all = index.search(query) as unknown as Entry[];
    return GROUPS.flatMap((what) => all.filter((e) => e.what === what).slice(0, MOST_OF_A_GROUP));
  }, [index, query]);
}

/** From what the make of a line starts. */
function startWords({ draft, carriedFrom }: ReadMake): string {
  if (draft?.planId !== undefined) return '; what the line does not say is as planned, and the plan is done with it';
  return carriedFrom === undefined ? ', the first' : `; what the line does not say is as in version ${carriedFrom}`;
}

/** The line with a name in full, to be taken at a touch; by a key too what goes on as it was typed. */
function InFull({
  head,
  names,
  onLine,
  keyed = false,
}: {
  head: string;
  names: readonly Pick<Completion, 'name' | 'line'>[];
  onLine: (line: string) => void;
  keyed?: boolean;
}) {
  if (names.length === 0) return null;
  return (
    <p className="mt-2 flex flex-wrap items-center gap-1.5 text-ink2">
      {head}
      {names.map(({ name, line }, i) => (
        <button
          key={line}
          type="button"
          onClick={() => onLine(line)}
          className="flex min-h-6 items-center gap-1.5 rounded-md border border-rule2 px-1.5 hover:bg-tint max-sm:min-h-11"
        >
          {name} {keyed && i === 0 && <KeyCap>Tab</KeyCap>}
        </button>
      ))}
    </p>
  );
}

/** That nothing is entered before what is asked is answered, and by which keys. */
function QuestionsFirst({ count }: { count: number }) {
  if (count === 0) return null;
  return (
    <p className="mt-2" role="status">
      {counted(count, 'question')} first<span className="max-sm:hidden">: Enter, then the digit of what is meant</span>.
    </p>
  );
}

/** The field on the strip: find anything by a few letters, do anything by its name, or write a whole make in one line. */
export function Find({
  text,
  onText: setText,
  pressed,
}: {
  text: string;
  onText: Dispatch<SetStateAction<string>>;
  /** What was pressed before this could read the line. */
  pressed: PressedEarly | undefined;
}) {
  const navigate = useNavigate();
  const field = useRef<HTMLInputElement>(null);
  const [open, setOpen] = useState(true);
  useEffect(() => whenIdle(prepare), []);
  const context = useLineContext();
  const [answers, setAnswers] = useState<Answers>({});
  /** Whether what is planned of the pattern is what was made, once she said so. */
  const [asPlanned, setAsPlanned] = useState<boolean>();
  const line = useReadLine(text, context, answers, asPlanned ?? 'likely');
  const { pattern, person, draft, chips } = line;
  /** The line of which she said that it is a make of its own, whatever it sounds like. */
  const [asMake, setAsMake] = useState('');
  const readOther = useReadOther(context);
  const told = useMemo(() => readOther(text), [readOther, text]);
  const isMake = asMake !== '' && text.startsWith(asMake);
  /** What the line tells of the garment that she said is meant, where it may be several. */
  const [meant, setMeant] = useState<{ readonly text: string; readonly act: OtherAct }>();
  const asked = !isMake && told?.is === 'which' && meant?.text !== text ? told : undefined;
  const other = isMake || asked ? undefined : told?.is === 'which' ? meant?.act : told;
  const writeOther = useWriteOther();
  const speakOf = useSpeakOf();
  const tables = useLineTables();
  /** What a line says of the make that there is, where it says nothing of another. */
  const look = useMemo(
    () => (other || asked ? undefined : (lookOf(line, tables) ?? wordsOf(text, line, tables, { context }))),
    [other, asked, line, text, tables, context],
  );
  /** What lies on the table may be what the line tells of, where it does not say that it is finished. */
  const finish = useMemo(() => (other || asked ? undefined : finishedOf(line, tables, { context, newId })), [other, asked, line, tables, context]);
  const called = pattern?.name ?? draft?.make.name ?? '';
  // A pattern's name alone is looked for; with anything beside it, it is a make that is being written.
  const isLine = other !== undefined || asked !== undefined || (draft !== undefined && chips.length > 1);
  const offered = useMemo(() => completions(text, context), [text, context]);
  /** What there is of what the line calls new: "the coat". */
  const known = useMemo(
    () => (other || asked || isMake ? [] : mayBeKnown(text, chips, context, tables, person)),
    [other, asked, isMake, text, chips, context, tables, person],
  );
  /** "The coat" is one that is known: whether it is, is asked. */
  const isKnown = known.some(({ definite }) => definite);
  const found = useFound(isLine ? '' : text);
  const choices: readonly Choice[] = isLine
    ? []
    : [...offered.slice(0, 3).map((completion) => ({ completion })), ...found.map((entry) => ({ entry }))];
  useWrittenKey('/', () => field.current?.focus());

  const telling = useKept('telling');
  const panel = useRef<HTMLElement>(null);
  /** It may be said of what lies on the table, and does not say so. */
  const which = finish && !finish.cutSaid && !isMake ? finish : undefined;
  const questions = asked ? 1 : openQuestions(chips).length + (which ? 1 : 0) + (isKnown ? 1 : 0);
  /** What is still asked comes first: nothing is entered before it is answered. */
  const asks = () => questions > 0 && toFirstQuestion(panel.current);

  const beginAnew = () => {
    setAnswers({});
    setAsMake('');
    setMeant(undefined);
    setAsPlanned(undefined);
  };
  const clear = () => {
    setText('');
    beginAnew();
  };
  const leave = () => {
    clear();
    setOpen(false);
    field.current?.blur();
  };
  /** What was typed on while it was written is another line; drawn at once, so that the next letter finds the field as it is. */
  const goOn = () => {
    // What had the focus in the panel goes with it.
    if (panel.current?.contains(document.activeElement)) field.current?.focus();
    flushSync(() => setText((now) => (now.startsWith(text) ? now.slice(text.length).trimStart() : now)));
    beginAnew();
  };
  const tell = async (act = other, date?: string) => {
    if (act && (await writeOther(act, date))) goOn();
  };
  const toForm = () => {
    if (other) return void tell();
    if (asks() || !draft) return;
    saveDraft(logDraftName(draft), draft);
    leave();
    void navigate(routes.newMake(whereToLog(draft)));
  };
  const enter = async () => {
    if (other) return tell();
    if (asks() || !draft) return;
    let number = draft.make.version;
    const done = () => `${pattern ? `Version ${number} of ${called}` : called} is saved. Ctrl Z takes it back.`;
    const plan = withId(tables.plans, draft.planId);
    const entered = () => enterNumbered(db, draft, { pattern, plan }, (given) => (number = given));
    if (!(await save(pattern ? `version ${number} of ${called}` : called, entered, { done }))) return;
    goOn();
    await speakOf(draft.newPerson);
  };
  const pressedEarly = useEffectEvent(() => {
    if (!isLine || pressed?.text !== text) return;
    if (pressed.saves) void enter();
    else if (other || offered.length === 0) toForm();
  });
  useEffect(() => {
    const soon = setTimeout(pressedEarly, 0);
    return () => clearTimeout(soon);
  }, []);
  const onKey = (event: KeyboardEvent) => {
    if (event.key === 'Escape') return leave();
    // Pressed again by habit: the field has the focus already.
    if (event.key === '/' && text === '') return event.preventDefault();
    if (event.key === 'Tab' && offered[0] && !event.shiftKey && text.trim() !== '') {
      // As in a notebook: the rest of the name, and one writes on.
      event.preventDefault();
      return setText(offered[0].line);
    }
    if (!isLine || event.key !== 'Enter') return;
    if (event.ctrlKey || event.metaKey) {
      event.preventDefault();
      event.stopPropagation();
      void enter();
    } else if (other || asked || offered.length === 0) {
      event.preventDefault();
      toForm();
    }
  };
  let group = '';
  return (
    <div className="relative min-w-0 flex-1">
      <Combobox<Choice | null>
        immediate
        value={null}
        onChange={(choice) => {
          if (!choice) return;
          if ('completion' in choice) return setText(choice.completion.line);
          leave();
          void navigate(choice.entry.path);
        }}
      >
        <ComboboxInput
          ref={field}
          autoFocus
          aria-label={FIND_LABEL}
          placeholder={`${FIND_LABEL} …`}
          autoComplete="off"
          spellCheck={false}
          value={text}
          onFocus={(e) => {
            setOpen(true);
            e.target.setSelectionRange(e.target.value.length, e.target.value.length);
          }}
          onBlur={(e) => {
            if (!panel.current?.contains(e.relatedTarget)) setOpen(false);
          }}
          onKeyDown={onKey}
          onPaste={(e) => {
            // A field of one line would run them together: several makes are told on their own page.
            const pasted = e.clipboardData.getData('text');
            if (splitTelling(pasted, context).length < 2) return;
            e.preventDefault();
            telling.keep({ text: [telling.value?.text, pasted].filter(Boolean).join('\n\n'), answers: telling.value?.answers ?? {} });
            leave();
            void navigate(routes.tell);
          }}
          onChange={(e) => {
            // The space after a line that was just entered begins no other.
            const typed = e.target.value;
            setText((now) => (now === '' ? typed.trimStart() : typed));
          }}
          className={FIND_LOOK}
        />
        <ComboboxOptions
          modal={false}
          anchor={{ to: 'bottom start', gap: 4 }}
          className="z-50 max-h-[70vh] w-(--input-width) overflow-y-auto rounded-md border border-rule2 bg-page py-1 shadow-lg empty:invisible"
        >
          {choices.map((choice) => {
            const head = 'completion' in choice ? 'go on with' : choice.entry.what;
            const first = head !== group;
            group = head;
            return 'completion' in choice ? (
              <ComboboxOption
                key={`name ${choice.completion.line}`}
                value={choice}
                className="flex cursor-pointer justify-between gap-4 px-3 py-1 data-focus:bg-tint"
              >
                <span>{choice.completion.name} …</span>
                <span className="text-small text-ink2">{first ? `${head} · Tab` : choice.completion.kind}</span>
              </ComboboxOption>
            ) : (
              <ComboboxOption key={choice.entry.id} value={choice} className="flex cursor-pointer justify-between gap-4 px-3 py-1 data-focus:bg-tint">
                <span>
                  {choice.entry.title}
                  {choice.entry.detail && <span className="text-small text-ink2"> · {choice.entry.detail}</span>}
                </span>
                <span className="text-small text-ink2 italic">{first ? head : ''}</span>
              </ComboboxOption>
            );
          })}
        </ComboboxOptions>
      </Combobox>
      {isLine && open && (
        <section
          ref={panel}
          onKeyDown={(e) => {
            if (e.key === 'Escape') field.current?.focus();
            else if (e.key === 'Enter' && (e.ctrlKey || e.metaKey)) void enter();
          }}
          onBlur={(e) => {
            if (e.relatedTarget !== null && e.relatedTarget !== field.current && !panel.current?.contains(e.relatedTarget)) setOpen(false);
          }}
          aria-label={other || asked ? 'What this line tells' : 'The make in this line'}
          className="absolute inset-x-0 top-10 z-40 max-sm:fixed max-sm:inset-x-2 max-sm:top-2 max-h-[70vh] max-sm:max-h-[55dvh] overflow-y-auto rounded-md border border-rule2 bg-page p-3 shadow-lg"
          onMouseDown={(e) => e.preventDefault()}
        >
          {other && (
            <OtherLine
              act={other}
              onWrite={(date) => void tell(other, date)}
              onMake={() => {
                setAsMake(text);
                field.current?.focus();
              }}
            />
          )}
          {asked && (
            <>
              <WhichGarment
                asked={asked}
                onMeant={(to) => {
                  if (to === 'make') setAsMake(text);
                  else setMeant({ text, act: to });
                  field.current?.focus();
                }}
              />
              <QuestionsFirst count={questions} />
            </>
          )}
          {!other && !asked && draft && (
            <>
              <p className="mb-2">
                <b className="font-serif text-name font-medium">{pattern && !which ? `${called}, version ${draft.make.version}` : called}</b>{' '}
                <span className="text-ink2">
                  for {person?.name}
                  {!which && startWords(line)}
                </span>
              </p>
              {isKnown ? (
                <WhichKnown
                  known={known}
                  onKnown={(one) => {
                    if (one === 'make') setAsMake(text);
                    else setText(one.inFull);
                    field.current?.focus();
                  }}
                />
              ) : (
                <InFull head="Or is it" names={known.map(({ called: name, inFull: line }) => ({ name, line }))} onLine={setText} />
              )}
              <LineChips chips={chips} context={context} answers={answers} onAnswers={setAnswers} onAllAnswered={() => field.current?.focus()} />
              <InFull head="Go on with" names={offered} onLine={setText} keyed />
              {which && draft && (
                <WhichMake
                  ways={[
                    { words: `version ${which.make.version} is finished`, take: () => void tell(which) },
                    ...(look?.make.id === which.make.id
                      ? [{ words: `a look at version ${which.make.version}, which goes on`, take: () => void tell(look) }]
                      : []),
                    {
                      words: `another make, version ${draft.make.version}`,
                      take: () => {
                        setAsMake(text);
                        field.current?.focus();
                      },
                    },
                  ]}
                />
              )}
              <LineRemarks remarks={line.remarks} />
              <QuestionsFirst count={questions} />
              <ComesWith draft={draft} />
              <div className="mt-3 flex flex-wrap items-center gap-2">
                <Button onClick={() => void enter()}>
                  Save make <KeyCap>Ctrl Enter</KeyCap>
                </Button>
                <Button quiet onClick={toForm}>
                  Look at it first <KeyCap>Enter</KeyCap>
                </Button>
                {finish?.cutSaid && (
                  <Button quiet onClick={() => void tell(finish)}>
                    Finish version {finish.make.version} with it
                  </Button>
                )}
                {line.planned && !which && (
                  <Button
                    quiet
                    onClick={() => {
                      setAsPlanned(draft.planId === undefined);
                      field.current?.focus();
                    }}
                  >
                    {draft.planId === undefined ? 'It is the planned one' : 'It is not the planned one'}
                  </Button>
                )}
                {look && !which && (
                  <Button quiet onClick={() => void tell(look)}>
                    Note it with version {look.make.version}
                  </Button>
                )}
                <Link to={routes.line} className="ml-auto text-small underline" onClick={leave}>
                  How the line is written
                </Link>
              </div>
            </>
          )}
        </section>
      )}
    </div>
  );
}
