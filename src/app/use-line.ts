import { useMemo, useState } from 'react';
import { mayBeKnown } from '../core/shorthand/by-its-noun';
import type { Answers } from '../core/shorthand/chip';
import { finishedOf } from '../core/shorthand/acts/finished';
import { hardlyAMake, lookOf, perhapsLookedAt, wordsOf } from '../core/shorthand/acts/looked';
import type { AskedAct, OtherAct } from '../core/shorthand/acts/read-other';
import { completions } from '../core/shorthand/complete';
import { readMake } from '../core/shorthand/draft-from-line';
import { askedAbout } from '../core/shorthand/question';
import { splitTelling } from '../core/shorthand/tell';
import { newId } from '../data/new-id';
import { usePerson } from '../data/queries';
import { openQuestions } from '../parts/line-chips';
import { useLineContext, useLineTables, useReadOther } from '../parts/use-line-context';

/** Letters before which nothing can be told: with the first one, whatever reads a line may still be in the making. */
const LEAST = 2;

/** What the line in the field says as it is typed, with what was answered of it. */
export function useLine(typed: string) {
  const text = typed.trim().length < LEAST ? '' : typed;
  const context = useLineContext();
  const tables = useLineTables();
  const spoken = usePerson();
  const [answers, setAnswers] = useState<Answers>({});
  /** Whether what is planned of the pattern is what was made, once she said so. */
  const [asPlanned, setAsPlanned] = useState<boolean>();
  /** The line of which she said that it is a make of its own, whatever it sounds like. */
  const [asMake, setAsMake] = useState('');
  /** What the line tells of the garment that she said is meant, where it may be several. */
  const [meant, setMeant] = useState<{ readonly text: string; readonly act: OtherAct }>();

  const make = useMemo(
    () => readMake(text, tables, { context, spoken, answers, asPlanned: asPlanned ?? 'likely', newId }),
    [text, context, answers, asPlanned, tables, spoken],
  );
  const { person, draft, chips } = make;
  const readOther = useReadOther(context);
  const told = useMemo(() => readOther(text), [readOther, text]);
  const isMake = asMake !== '' && text.startsWith(asMake);
  /** A question is looked up, and nothing of it is entered. */
  const about = useMemo(() => askedAbout(text, context), [text, context]);
  const read = isMake ? undefined : told;
  /** What a line says of the make that there is, where it says nothing of another. */
  const look = useMemo(
    () => (read ? undefined : (lookOf(make, tables) ?? wordsOf(text, make, tables, { context }))),
    [read, make, text, tables, context],
  );
  /** What lies on the table may be what the line tells of, where it does not say that it is finished. */
  const finish = useMemo(() => (read ? undefined : finishedOf(make, tables, { context, newId })), [read, make, tables, context]);
  /** It may be said of what lies there, and does not say so. */
  const mayFinish = finish && !finish.cutSaid && !isMake ? finish : undefined;
  const remark = isMake || mayFinish ? undefined : hardlyAMake(text, look);
  /** It may be a look at what there is: it says nothing of another make, and not of which version it was seen. */
  const perhapsSeen = useMemo(
    () => (read || isMake || mayFinish ? undefined : perhapsLookedAt(text, make, tables)),
    [read, isMake, mayFinish, text, make, tables],
  );
  /** That is asked once nothing else is. */
  const mayLook = perhapsSeen && look?.is === 'looked' ? look : undefined;
  /** Of which garment it tells, or whether of any that there is, as a question. */
  const question: AskedAct | undefined =
    read?.is === 'which' ? read : remark && { is: 'which', ways: [{ called: `a remark on version ${remark.make.version}`, act: remark }] };
  const isAnswered = meant?.text === text;
  const asked = isAnswered ? undefined : question;
  const answered = question && isAnswered ? meant.act : undefined;
  const other = read && read.is !== 'which' ? read : answered;
  /** What there is of what the line calls new: "the coat". */
  const known = useMemo(
    () => (other || asked || isMake ? [] : mayBeKnown(text, chips, context, tables, person)),
    [other, asked, isMake, text, chips, context, tables, person],
  );
  /** "The coat" is one that is known: whether it is, is asked. */
  const isKnown = known.some(({ definite }) => definite);
  return {
    context,
    make,
    answers,
    /** What else than a make it tells; undefined where it is one, or it is still asked. */
    other,
    /** Of which garment it tells, where that is not answered yet. */
    asked,
    look: isMake ? undefined : look,
    finish,
    mayFinish,
    mayLook,
    /** Whether what it tells of may be there: of another nothing was said. */
    mayBeThere: mayFinish !== undefined || perhapsSeen !== undefined,
    known,
    isKnown,
    /** Names that may be meant by its last letters, with the line as it would go on. */
    offered: useMemo(() => completions(text, context), [text, context]),
    // A pattern's name alone is looked for; with anything beside it, it is a make that is being written.
    isLine: about === undefined && (other !== undefined || asked !== undefined || (draft !== undefined && chips.length > 1)),
    /** How many makes it tells of, where it may be more than one. */
    several: useMemo(
      () => (draft && !isMake && !other && !asked ? splitTelling(text, context).length : 0),
      [draft, isMake, other, asked, text, context],
    ),
    /** What the line asks about, where it is a question. */
    about,
    /** How many questions are open. */
    questions: asked ? 1 : openQuestions(chips).length + (mayFinish || mayLook ? 1 : 0) + (isKnown ? 1 : 0),
    answer: setAnswers,
    takeAsMake: () => setAsMake(text),
    takeFor: (act: OtherAct) => setMeant({ text, act }),
    takeAsPlanned: setAsPlanned,
    /** Another line begins. */
    beginAnew: () => {
      setAnswers({});
      setAsMake('');
      setMeant(undefined);
      setAsPlanned(undefined);
    },
  };
}

export type LineRead = ReturnType<typeof useLine>;
