import { useEffect, useRef, type KeyboardEvent } from 'react';
import clsx from 'clsx';
import { chipWords, choicesInWords } from '../core/shorthand/chip-words';
import { askedWords, type Answers, type Chip } from '../core/shorthand/chip';
import type { LineContext } from '../core/shorthand/sentence';
import { KeyCap } from '../ui/key-cap';

/** The questions of a line that nobody answered yet. */
export const openQuestions = (chips: readonly Chip[]): readonly Chip[] => chips.filter((chip) => chip.asks);

/** Whether a line says of a day on which something was cut or finished. */
export const saysDay = (chips: readonly Chip[]): boolean => chips.some(({ says }) => says.some(({ is }) => is === 'date'));

/** The answers with one more. */
export const answered = (answers: Answers, { text }: Chip, choice: number): Answers => ({ ...answers, [askedWords(text)]: choice });

/** The focus goes to the first question that is open; whether there is one. */
export function toFirstQuestion(within: Element | null): boolean {
  const choice = within?.querySelector<HTMLElement>('[data-asks] button');
  choice?.focus();
  return Boolean(choice);
}

/**
 * What a line was understood as, chip by chip. A question is a chip with its choices beside it: nothing of it is entered before one is
 * taken, by touch or, with the focus on the question, by its digit. What was chosen can be chosen anew.
 */
export function LineChips({
  chips,
  context,
  answers,
  onAnswers,
  onAllAnswered,
}: {
  chips: readonly Chip[];
  context: LineContext;
  answers: Answers;
  onAnswers: (answers: Answers) => void;
  /** The last question was answered by its digit: the hand goes on. */
  onAllAnswered?: () => void;
}) {
  const list = useRef<HTMLUListElement>(null);
  const byDigit = useRef(false);
  useEffect(() => {
    if (!byDigit.current) return;
    byDigit.current = false;
    if (!toFirstQuestion(list.current)) onAllAnswered?.();
  });
  const onKey = (event: KeyboardEvent) => {
    const at = [...(list.current?.children ?? [])].findIndex((li) => li.contains(event.target instanceof Node ? event.target : null));
    const chip = chips[at];
    const digit = Number(event.key) - 1;
    if (!chip?.asks || !(digit >= 0 && digit < chip.choices.length) || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    event.stopPropagation();
    byDigit.current = true;
    onAnswers(answered(answers, chip, digit));
  };
  return (
    <ul ref={list} aria-label="What the line was understood as" className="flex flex-wrap gap-1.5" onKeyDown={onKey}>
      {chips.map((chip) => {
        const words = chip.says.length > 0 && chip.says.every((u) => u.is === 'words');
        const chosen = answers[askedWords(chip.text)];
        const inWords = choicesInWords(chip.choices, context, context.unit);
        return (
          <li
            key={`${chip.from} ${chip.text}`}
            data-asks={chip.asks || undefined}
            className={clsx(
              'flex flex-wrap items-center gap-1 rounded-md border px-1.5 py-0.5',
              chip.asks ? 'border-2 border-ink bg-page' : words ? 'border-dashed border-rule2' : 'border-rule2 bg-paper',
            )}
          >
            {chip.asks && (
              <span>
                <span className="text-small text-ink2 italic">which is meant: </span>
                <b>{chip.text}</b>
              </span>
            )}
            {chip.says.map((u, i) => {
              const { kind, says } = chipWords(u, context, context.unit);
              return (
                <span key={i} className="flex items-center gap-1">
                  <span className="text-small text-ink2 italic">{u.is === 'words' ? 'kept as words' : kind}</span>
                  <span className={u.is === 'words' ? 'italic' : 'font-semibold'}>{says}</span>
                </span>
              );
            })}
            {chip.readAs !== undefined && <span className="text-small text-ink2 italic">read as {chip.readAs}</span>}
            {chip.choices.map((choice, i) =>
              !chip.asks && (chosen === i || (chosen === undefined && JSON.stringify(choice) === JSON.stringify(chip.says))) ? null : (
                <button
                  key={i}
                  type="button"
                  // The field keeps the focus: one goes on typing after choosing.
                  onMouseDown={(e) => e.preventDefault()}
                  onClick={() => onAnswers(answered(answers, chip, i))}
                  className={clsx(
                    'flex min-h-6 items-center gap-1 rounded-md border px-1 hover:bg-tint max-sm:min-h-11',
                    chip.asks ? 'border-ink' : 'border-rule2 text-small text-ink2',
                  )}
                >
                  {!chip.asks && 'or '}
                  {inWords[i]}
                  {chip.asks && <KeyCap>{String(i + 1)}</KeyCap>}
                </button>
              ),
            )}
          </li>
        );
      })}
    </ul>
  );
}
