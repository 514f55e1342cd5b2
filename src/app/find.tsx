import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { useEffect, useEffectEvent, useRef, useState, type Dispatch, type KeyboardEvent, type SetStateAction } from 'react';
import { flushSync } from 'react-dom';
import { useNavigate } from 'react-router';
import { logDraftName, spokenOfWith } from '../core/make/log-draft';
import { whereToLog } from '../core/make/where-to-log';
import type { OtherAct } from '../core/shorthand/acts/read-other';
import type { Completion } from '../core/shorthand/complete';
import { prepareRule } from '../core/shorthand/said';
import { splitTelling } from '../core/shorthand/tell';
import { withId } from '../core/units/by-id';
import { enterNumbered } from '../data/commands/enter-make';
import { db } from '../data/database';
import { saveDraft, useKept } from '../data/drafts';
import { usePlans } from '../data/queries';
import { whenIdle } from '../data/when-idle';
import { toFirstQuestion } from '../parts/line-chips';
import { save } from '../parts/save';
import { useSpeakOf } from '../parts/use-speak-of';
import { useWriteOther } from '../parts/use-write-other';
import { routes } from '../routes';
import { useWrittenKey } from '../ui/use-written-key';
import type { PressedEarly } from './find-field';
import { useFound, type Entry } from './find-index';
import { FIND_LABEL, FIND_LOOK } from './find-words';
import { LinePanel, NamesNothing } from './line-panel';
import { useLine } from './use-line';

/** The rules of the line are made ready one by one once it is entered, as long as nobody waits: together they cost more than a page does. */
function prepare() {
  if (prepareRule()) whenIdle(prepare);
}

/** What can be chosen: a name to go on with, or a place to go to. */
type Choice = { readonly completion: Completion } | { readonly entry: Entry };

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
  const line = useLine(text);
  const { make, other, asked, offered, isLine, about, questions } = line;
  const { pattern, draft } = make;
  const writeOther = useWriteOther();
  const speakOf = useSpeakOf();
  const plans = usePlans();
  const found = useFound(isLine ? '' : (about ?? text), about !== undefined);
  const choices: readonly Choice[] = isLine
    ? []
    : [...offered.slice(0, 3).map((completion) => ({ completion })), ...found.map((entry) => ({ entry }))];
  /** Several words of which nothing comes: said, where a field that keeps silent would seem broken. */
  const isNothing = !isLine && choices.length === 0 && text.trim().includes(' ');
  useWrittenKey('/', () => field.current?.focus());

  const telling = useKept('telling');
  const panel = useRef<HTMLElement>(null);
  /** What is still asked comes first: nothing is entered before it is answered. */
  const asks = () => questions > 0 && toFirstQuestion(panel.current);

  const leave = () => {
    setText('');
    line.beginAnew();
    setOpen(false);
    field.current?.blur();
  };
  /** What was typed on while it was written is another line; drawn at once, so that the next letter finds the field as it is. */
  const goOn = () => {
    // What had the focus in the panel goes with it.
    if (panel.current?.contains(document.activeElement)) field.current?.focus();
    flushSync(() => setText((now) => (now.startsWith(text) ? now.slice(text.length).trimStart() : now)));
    line.beginAnew();
  };
  const tell = async (act: OtherAct, date?: string) => {
    if (await writeOther(act, date)) goOn();
  };
  const toForm = () => {
    if (other) return void tell(other);
    if (asks() || !draft) return;
    saveDraft(logDraftName(draft), draft);
    leave();
    void navigate(routes.newMake(whereToLog(draft)));
  };
  const enter = async () => {
    if (other) return tell(other);
    if (asks() || !draft) return;
    const called = pattern?.name ?? draft.make.name ?? '';
    let number = draft.make.version;
    const done = () => `${pattern ? `Version ${number} of ${called}` : called} is saved. Ctrl Z takes it back.`;
    const plan = withId(plans, draft.planId);
    const entered = () => enterNumbered(db, draft, { pattern, plan }, (given) => (number = given));
    if (!(await save(pattern ? `version ${number} of ${called}` : called, entered, { done }))) return;
    goOn();
    await speakOf(spokenOfWith(draft));
  };
  /** Several makes are told on their own page. */
  const tellApart = (several: string) => {
    telling.keep({ text: [telling.value?.text, several].filter(Boolean).join('\n\n'), answers: telling.value?.answers ?? {} });
    leave();
    void navigate(routes.tell);
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
            // A field of one line would run them together.
            const pasted = e.clipboardData.getData('text');
            if (splitTelling(pasted, line.context).length < 2) return;
            e.preventDefault();
            tellApart(pasted);
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
      {(isLine || isNothing) && open && (
        <section
          ref={panel}
          onKeyDown={(e) => {
            if (e.key === 'Escape') field.current?.focus();
            else if (e.key === 'Enter' && (e.ctrlKey || e.metaKey)) void enter();
          }}
          onBlur={(e) => {
            if (e.relatedTarget !== null && e.relatedTarget !== field.current && !panel.current?.contains(e.relatedTarget)) setOpen(false);
          }}
          aria-label={isLine && !other && !asked ? 'The make in this line' : 'What this line tells'}
          className="absolute inset-x-0 top-10 z-40 max-sm:fixed max-sm:inset-x-2 max-sm:top-2 max-h-[70vh] max-sm:max-h-[55dvh] overflow-y-auto rounded-md border border-rule2 bg-page p-3 shadow-lg"
          onMouseDown={(e) => e.preventDefault()}
        >
          {isNothing ? (
            // What was typed stays in the field: nothing of it is in the form.
            <NamesNothing line={line} onForm={() => void navigate(routes.newMake())} />
          ) : (
            <LinePanel
              line={line}
              onText={setText}
              onTell={(act, date) => void tell(act, date)}
              onSave={() => void enter()}
              onForm={toForm}
              onApart={() => tellApart(text)}
              onLeave={leave}
              toField={() => field.current?.focus()}
            />
          )}
        </section>
      )}
    </div>
  );
}
