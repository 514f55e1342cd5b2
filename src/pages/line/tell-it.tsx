import { useDeferredValue, useMemo, useRef, useState, type ReactNode } from 'react';
import { useDropzone } from 'react-dropzone';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link } from 'react-router';
import { toast } from 'react-toastify';
import { notesOfTable } from '../../core/archive/tables-in/notes-column';
import type { Answers } from '../../core/shorthand/chip';
import { mayBeKnown, type Meant } from '../../core/shorthand/by-its-noun';
import { makeDayWords } from '../../core/make/its-day';
import { leansOn, spokenOfWith } from '../../core/make/log-draft';
import { readMakes, type ReadMake } from '../../core/shorthand/draft-from-line';
import type { AskedAct, OtherAct } from '../../core/shorthand/acts/read-other';
import type { LineRemark } from '../../core/shorthand/remark-words';
import type { LineContext } from '../../core/shorthand/sentence';
import { lineOf, splitTelling, type Told } from '../../core/shorthand/tell';
import { isToldOut } from '../../core/shorthand/telling-lists';
import { counted } from '../../core/units/counted';
import { enterTelling } from '../../data/commands/enter-telling';
import { db } from '../../data/database';
import { useKept } from '../../data/drafts';
import { newId } from '../../data/new-id';
import { usePerson } from '../../data/queries';
import { ComesWith } from '../../parts/comes-with';
import { LineChips, openQuestions, saysDay, toFirstQuestion } from '../../parts/line-chips';
import { LineRemarks } from '../../parts/line-remarks';
import { OtherLine } from '../../parts/other-line';
import { useWriteOther } from '../../parts/use-write-other';
import { WhichGarment, WhichKnown } from '../../parts/which-make';
import { save } from '../../parts/save';
import { useSpeakOf } from '../../parts/use-speak-of';
import { useLineContext, useLineTables, useReadOther } from '../../parts/use-line-context';
import { routes } from '../../routes';
import { Button } from '../../ui/button';
import { KeyCap } from '../../ui/key-cap';
import { PageHead } from '../../ui/page-head';

/** A make of the telling as it was read, or what else it tells. */
type Item = Told &
  ReadMake & {
    readonly context: LineContext;
    readonly answers: Answers;
    readonly other: OtherAct | AskedAct | undefined;
    /** What there is of what it calls new: "the coat". */
    readonly known: readonly Meant[];
  };

/** How many questions of an item are open. */
const openIn = ({ chips, draft, known }: Item) => (draft ? openQuestions(chips).length + (known.length > 0 ? 1 : 0) : 0);

/** What is told, read make by make. */
function useTold(text: string, answers: Readonly<Record<string, Answers>>, meant: Readonly<Record<string, OtherAct | 'make'>>): readonly Item[] {
  const context = useLineContext();
  const tables = useLineTables();
  const spoken = usePerson();
  const readOther = useReadOther(context);
  return useMemo(() => {
    const otherIn = (t: Told) => {
      const other = t.oneMoreOf === undefined && !t.ofTold ? readOther(t.text) : undefined;
      const said = other?.is === 'which' ? (meant[t.text] ?? other) : other;
      return said === 'make' ? undefined : said;
    };
    const told = splitTelling(text, context).map((t) => ({ ...t, other: otherIn(t) }));
    const given = told.map((t) => answers[t.text] ?? {});
    const read = readMakes(
      // What is no make is none of the versions of its pattern.
      told.map((t) => (t.other || t.ofTold ? '' : lineOf(t))),
      tables,
      { usual: context, spoken, answers: given, within: told.map((t) => t.within), newId },
    );
    return told.flatMap((t, i) => {
      const of = read[i];
      const known = of?.draft && !t.ofTold && meant[t.text] !== 'make' ? mayBeKnown(t.text, of.chips, of.context, tables, spoken) : [];
      return of ? [{ ...t, ...of, answers: given[i] ?? {}, known: known.filter(({ definite }) => definite) }] : [];
    });
  }, [text, answers, meant, context, tables, spoken, readOther]);
}

const nameOf = ({ pattern, draft }: Item) =>
  draft ? (pattern ? `${pattern.name}, version ${draft.make.version}` : (draft.make.name ?? 'a make')) : undefined;

/** What is told before an item and has to come with it, as what it names first is needed: with the item itself, in order. */
function withWhatItNeeds(item: Item, items: readonly Item[]): readonly Item[] {
  const { draft } = item;
  const before = items.filter((other) => other.from < item.from && draft && other.draft && leansOn(draft, other.draft));
  return [...new Set([...before.flatMap((other) => withWhatItNeeds(other, items)), item])];
}

/** Many makes at once: a page of a notebook, typed, pasted or dictated; split, read, and worked off. */
export function TellIt() {
  const kept = useKept('telling');
  const text = kept.value?.text ?? '';
  const answers = kept.value?.answers ?? {};
  const list = useRef<HTMLOListElement>(null);
  const field = useRef<HTMLTextAreaElement>(null);
  // Typing is never held up by reading; what is read of an older text is not entered.
  const shown = useDeferredValue(text);
  /** Which garment is meant by a part that may tell of several. */
  const [meant, setMeant] = useState<Readonly<Record<string, OtherAct | 'make'>>>({});
  const items = useTold(shown, answers, meant);
  const [writing, setWriting] = useState(false);
  const told = (next: string, then: typeof answers = answers) => (next.trim() === '' ? kept.clear() : kept.keep({ text: next, answers: then }));
  const answer = (item: Item, to: Answers) => kept.keep({ text, answers: { ...answers, [item.text]: to } });

  const ready = items.filter((item) => item.draft);
  const undated = ready.filter(({ remarks }) => remarks.some(isNoDay)).length;
  const questions = items.reduce((sum, item) => sum + openIn(item), 0);
  const others = items.filter((item) => item.other ?? item.ofTold).length;
  const without = items.length - ready.length - others;

  const speakOf = useSpeakOf();
  const writeOther = useWriteOther({ stays: true });
  /** What was entered leaves the page; what is not ready stays. */
  const leave = (entered: readonly Item[]) => {
    // What stays goes by the name of what it speaks of, which is no longer beside it.
    const edits = items.flatMap((item) => (entered.includes(item) ? { ...item, name: '' } : (item.called ?? [])));
    const rest = edits.reverse().reduce((now, { from, to, name }) => `${now.slice(0, from)}${name}${now.slice(to)}`, text);
    told(
      isToldOut(rest)
        ? ''
        : rest
            .replace(/\n[ \t]+/g, '\n')
            .replace(/\n{3,}/g, '\n\n')
            .trimStart(),
    );
    field.current?.focus();
  };
  const enter = async (chosen: readonly Item[]) => {
    const drafts = chosen.flatMap(({ draft }) => (draft ? [draft] : []));
    const [only] = chosen;
    if (drafts.length === 0 || !only || writing || shown !== text) return;
    const called = drafts.length === 1 ? (nameOf(only) ?? 'a make') : counted(drafts.length, 'make');
    setWriting(true);
    const entered = await save(called, () => enterTelling(db, drafts), { done: `${called} saved. Ctrl Z takes it all back.` });
    setWriting(false);
    if (!entered) return;
    await speakOf(drafts.map(spokenOfWith).find((person) => person));
    leave(chosen);
  };
  const note = async (item: Item, date?: string) => {
    if (!item.other || item.other.is === 'which' || writing || shown !== text) return;
    setWriting(true);
    const written = await writeOther(item.other, date);
    setWriting(false);
    if (written) leave([item]);
  };
  const enterAll = () => {
    if (questions > 0 && toFirstQuestion(list.current)) return;
    void enter(ready);
  };
  useHotkeys('ctrl+enter,meta+enter', enterAll, { enableOnFormTags: true, preventDefault: true });

  const take = async (files: readonly File[]) => {
    const texts = await Promise.all(
      files.map(async (file) => {
        const words = await file.text();
        return /\.csv$/i.test(file.name) ? notesOfTable(words) : words;
      }),
    );
    told([text, ...texts].filter((t) => t.trim() !== '').join('\n\n'));
  };
  const { getRootProps, getInputProps, isDragActive, open } = useDropzone({
    onDrop: (files, refused) => {
      if (refused.length > 0) toast.error(`${refused.map((r) => r.file.name).join(', ')} is no text: drop a .txt, .md or .csv file.`);
      void take(files);
    },
    accept: { 'text/plain': ['.txt', '.md'], 'text/markdown': ['.md'], 'text/csv': ['.csv'] },
    noClick: true,
    noKeyboard: true,
  });

  return (
    <>
      <PageHead
        title="Tell it"
        under="Many makes at once, as they stand in a notebook or as you would tell them. Nothing is entered before you say so."
        aside={
          <Button disabled={ready.length === 0 || writing} onClick={enterAll}>
            {ready.length < 2 ? 'Save it' : `Save all ${ready.length} makes`} <KeyCap>Ctrl Enter</KeyCap>
          </Button>
        }
      />
      <div className="grid grid-cols-[minmax(0,2fr)_minmax(0,3fr)] gap-8 max-lg:grid-cols-1">
        <div {...getRootProps()} className={isDragActive ? 'rounded-md outline-2 outline-dashed outline-ink' : ''}>
          <label htmlFor="telling" className="text-small text-ink2">
            What did you sew?
          </label>
          <textarea
            id="telling"
            ref={field}
            autoFocus
            // What is typed while it is being entered would be lost with what is entered.
            readOnly={writing}
            value={text}
            onChange={(e) => told(e.target.value)}
            placeholder={'Tidewater shirt in C, sleeves a bit long, love it.\n\nThen I made the Gangway trousers in 40 …'}
            className="mt-0.5 block h-[60vh] w-full resize-y rounded-md border border-rule2 bg-page p-3 leading-6 placeholder:italic max-lg:h-[30vh]"
          />
          <input {...getInputProps({ 'aria-label': 'A file of text' })} />
          <p className="mt-1 flex flex-wrap items-center gap-2 text-small text-ink2">
            <Button quiet onClick={open}>
              Take a file of text …
            </Button>
            or drop one here: .txt, .md, or the notes of a .csv. What is here stays through a reload.
          </p>
        </div>
        <section aria-labelledby="as-read">
          <h2 id="as-read" className="text-head">
            As it is read
          </h2>
          <p role="status" className="mb-2 text-ink2">
            {items.length === 0
              ? 'Each make stands here as it is understood: a blank line, another pattern’s name or “then I made” begins the next.'
              : [
                  counted(ready.length, 'make'),
                  questions > 0 ? counted(questions, 'question') : 'nothing is asked',
                  ...(without > 0 ? [`${without} without a pattern’s name`] : []),
                  ...(others > 0 ? [`${others} more to note`] : []),
                ].join(' · ')}
            {questions > 0 && <span className="max-sm:hidden">: Ctrl Enter goes to the first, its digit answers</span>}
          </p>
          {undated > 0 && (
            <p className="mb-2 text-ink2 italic">
              Of {counted(undated, 'make')} no day is said, so {undated === 1 ? 'it stands' : 'they stand'} in no year: “in May” or “last year” is
              enough.
            </p>
          )}
          <ol ref={list} className="border-t border-rule2">
            {items.map((item, i) => (
              <li key={`${item.from} ${i}`} className="border-b border-rule2 py-2">
                {!item.other && item.ofTold ? (
                  <p className="text-ink2">“{item.text}” tells of a garment that is not saved yet: it can be noted once that is.</p>
                ) : item.other?.is === 'which' ? (
                  <>
                    <p>“{item.text}”</p>
                    <WhichGarment asked={item.other} onMeant={(to) => setMeant({ ...meant, [item.text]: to })} />
                  </>
                ) : item.other ? (
                  <OtherLine act={item.other} onWrite={(date) => void note(item, date)} />
                ) : (
                  <TellingItem
                    item={item}
                    onKnown={(one) =>
                      one === 'make'
                        ? setMeant({ ...meant, [item.text]: one })
                        : told(`${text.slice(0, item.from)}${one.inFull}${text.slice(item.to)}`)
                    }
                    onAnswers={(to) => answer(item, to)}
                    onAllAnswered={() => toFirstQuestion(list.current) || field.current?.focus()}
                  >
                    {item.draft && ready.length > 1 && <SaveOne whole={withWhatItNeeds(item, ready)} onSave={(whole) => void enter(whole)} />}
                  </TellingItem>
                )}
              </li>
            ))}
          </ol>
          <p className="mt-2 text-small text-ink2">
            <Link to={routes.line} className="underline">
              How it is read
            </Link>
          </p>
        </section>
      </div>
    </>
  );
}

/** Saves one make of the telling, with those before it that it needs; not while one of them asks something. */
function SaveOne({ whole, onSave }: { whole: readonly Item[]; onSave: (whole: readonly Item[]) => void }) {
  if (whole.some((item) => openIn(item) > 0)) return null;
  return (
    <Button quiet onClick={() => onSave(whole)}>
      {whole.length === 1 ? 'Save this one' : `Save this and ${whole.length - 1} that it needs`}
    </Button>
  );
}

/** Said once for all of them: in a notebook it is true of many. */
const isNoDay = ({ is }: LineRemark) => is === 'no day';

/** One make of the telling: what it is, its chips and questions, and what comes with it. */
function TellingItem({
  item,
  onKnown,
  onAnswers,
  onAllAnswered,
  children,
}: {
  item: Item;
  onKnown: (one: Meant | 'make') => void;
  onAnswers: (answers: Answers) => void;
  onAllAnswered: () => void;
  children: ReactNode;
}) {
  const { draft, person, carriedFrom, chips, context, remarks, known } = item;
  return (
    <>
      <div className="mb-1 flex items-baseline justify-between gap-3">
        <h3>
          <b className="font-serif text-name font-medium">{nameOf(item) ?? 'Of which pattern?'}</b>{' '}
          <span className="text-ink2">
            {draft
              ? `for ${person?.name ?? ''}${carriedFrom === undefined ? ', the first' : `; else as version ${carriedFrom}`}`
              : 'Begin it with the pattern’s name, or with what it is: “Curlew skirt in 40”.'}
            {draft?.make.knownTo && !saysDay(chips) && ` · ${makeDayWords(draft.make, draft.make.cutOn, 'd MMMM yyyy')}`}
            {remarks.some(isNoDay) && ' · no day said'}
          </span>
        </h3>
        {children}
      </div>
      {known.length > 0 && <WhichKnown known={known} onKnown={onKnown} />}
      <LineChips chips={chips} context={context} answers={item.answers} onAnswers={onAnswers} onAllAnswered={onAllAnswered} />
      {draft && <ComesWith draft={draft} />}
      <LineRemarks remarks={remarks.filter((remark) => !isNoDay(remark))} />
    </>
  );
}
