import { Link } from 'react-router';
import type { Completion } from '../core/shorthand/complete';
import type { ReadMake } from '../core/shorthand/draft-from-line';
import type { OtherAct } from '../core/shorthand/acts/read-other';
import { counted } from '../core/units/counted';
import { ComesWith } from '../parts/comes-with';
import { LineChips, saysDay } from '../parts/line-chips';
import { LineRemarks } from '../parts/line-remarks';
import { OtherLine } from '../parts/other-line';
import { WhichGarment, WhichKnown, WhichMake } from '../parts/which-make';
import { routes } from '../routes';
import { Button } from '../ui/button';
import { KeyCap } from '../ui/key-cap';
import type { LineRead } from './use-line';

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

interface PanelActs {
  readonly line: LineRead;
  readonly onText: (line: string) => void;
  /** Writes what else than a make the line tells. */
  readonly onTell: (act: OtherAct, date?: string) => void;
  readonly onSave: () => void;
  /** Opens the make in its form before it is saved. */
  readonly onForm: () => void;
  /** Takes the line to where several makes are told. */
  readonly onApart: () => void;
  readonly onLeave: () => void;
  /** Puts the focus back into the field. */
  readonly toField: () => void;
}

/** What the line in the field is understood as, what is asked of it, and what can be done with it. */
export function LinePanel(acts: PanelActs) {
  const { line, onTell, toField } = acts;
  const { other, asked, questions } = line;
  const takeAsMake = () => {
    line.takeAsMake();
    toField();
  };
  if (other) return <OtherLine act={other} onWrite={(date) => onTell(other, date)} onMake={takeAsMake} />;
  if (asked)
    return (
      <>
        <WhichGarment
          asked={asked}
          onMeant={(to) => {
            if (to === 'make') return takeAsMake();
            line.takeFor(to);
            toField();
          }}
        />
        <QuestionsFirst count={questions} />
      </>
    );
  return <MakeInLine {...acts} />;
}

/** That neither anything is found by the words nor a pattern named in them, with what is understood all the same. */
export function NamesNothing({ line, onForm }: { line: LineRead; onForm: () => void }) {
  const { make, context, answers, answer, about } = line;
  if (about !== undefined)
    return <p role="status">A question is looked up by the pattern, garment or fabric that it names, and nothing is found by this one.</p>;
  const understood = make.chips.filter(({ says }) => says.some(({ is }) => is !== 'words'));
  return (
    <>
      <p role="status">
        Nothing is found by these words, and they name no pattern. To log a make, say what it is called and what it is, as in{' '}
        <i>Curlew jeans M, waistband tight</i>.
      </p>
      {understood.length > 0 && (
        <div className="mt-2">
          <LineChips chips={understood} context={context} answers={answers} onAnswers={answer} />
        </div>
      )}
      <div className="mt-3">
        <Button onClick={onForm}>Log it in the form</Button>
      </div>
    </>
  );
}

/** The make that is being written, with its questions. */
function MakeInLine({ line, onText, onTell, onSave, onForm, onApart, onLeave, toField }: PanelActs) {
  const { make, context, answers, look, finish, mayFinish, mayLook, mayBeThere, known, isKnown, offered, questions, several } = line;
  const { pattern, person, draft, chips, remarks, planned } = make;
  if (!draft) return null;
  const called = pattern?.name ?? draft.make.name ?? '';
  const looked = mayLook ?? (mayFinish && look?.make.id === mayFinish.make.id ? look : undefined);
  const takeAsMake = () => {
    line.takeAsMake();
    toField();
  };
  return (
    <>
      <p className="mb-2">
        <b className="font-serif text-name font-medium">{pattern && !mayBeThere ? `${called}, version ${draft.make.version}` : called}</b>{' '}
        <span className="text-ink2">
          for {person?.name}
          {!mayBeThere && startWords(make)}
          {!mayBeThere && !saysDay(chips) && draft.make.finishedOn === context.today && ' · finished today'}
        </span>
      </p>
      {isKnown ? (
        <WhichKnown
          known={known}
          onKnown={(one) => {
            if (one === 'make') return takeAsMake();
            onText(one.inFull);
            toField();
          }}
        />
      ) : (
        <InFull head="Or is it" names={known.map(({ called: name, inFull }) => ({ name, line: inFull }))} onLine={onText} />
      )}
      <LineChips chips={chips} context={context} answers={answers} onAnswers={line.answer} onAllAnswered={toField} />
      <InFull head="Go on with" names={offered} onLine={onText} keyed />
      {(mayFinish || looked) && (
        <WhichMake
          ways={[
            ...(mayFinish ? [{ words: `version ${mayFinish.make.version} is finished`, take: () => onTell(mayFinish) }] : []),
            ...(looked
              ? [{ words: `a look at version ${looked.make.version}${mayFinish ? ', which goes on' : ''}`, take: () => onTell(looked) }]
              : []),
            { words: `another make, version ${draft.make.version}`, take: takeAsMake },
          ]}
        />
      )}
      {several > 1 && (
        <p className="mt-2 flex flex-wrap items-center gap-x-3">
          It may tell of {counted(several, 'make')}: saved here, they would be one.
          <Button onClick={onApart}>Tell them apart</Button>
        </p>
      )}
      <LineRemarks remarks={remarks} />
      <QuestionsFirst count={questions} />
      <ComesWith draft={draft} />
      <div className="mt-3 flex flex-wrap items-center gap-2">
        <Button onClick={onSave}>
          Save make <KeyCap>Ctrl Enter</KeyCap>
        </Button>
        <Button quiet onClick={onForm}>
          Look at it first <KeyCap>Enter</KeyCap>
        </Button>
        {finish?.cutSaid && (
          <Button quiet onClick={() => onTell(finish)}>
            Finish version {finish.make.version} with it
          </Button>
        )}
        {planned && !mayBeThere && (
          <Button
            quiet
            onClick={() => {
              line.takeAsPlanned(draft.planId === undefined);
              toField();
            }}
          >
            {draft.planId === undefined ? 'It is the planned one' : 'It is not the planned one'}
          </Button>
        )}
        {look && !mayBeThere && (
          <Button quiet onClick={() => onTell(look)}>
            Note it with version {look.make.version}
          </Button>
        )}
        <Link to={routes.line} className="ml-auto text-small underline" onClick={onLeave}>
          How the line is written
        </Link>
      </div>
    </>
  );
}
