import clsx from 'clsx';
import { useId, type InputHTMLAttributes, type ReactNode, type RefObject, type SelectHTMLAttributes } from 'react';
import { useTyping } from './typed';

const box = 'min-h-[30px] rounded-md border border-rule2 bg-page px-2 py-1 text-ink max-sm:min-h-11 aria-invalid:border-garnet';

interface Labelled {
  readonly label: string;
  /** The label is read out and not shown: where a column head says it. */
  readonly labelHidden?: boolean;
  readonly problem?: string | undefined;
  readonly hint?: ReactNode;
}

function Frame({
  id,
  label,
  labelHidden,
  problem,
  hint,
  className,
  children,
}: Labelled & { id: string; className?: string | undefined; children: ReactNode }) {
  return (
    <div className={clsx('flex flex-col gap-0.5', className)}>
      <label htmlFor={id} className={labelHidden ? 'sr-only' : 'text-small text-ink2'}>
        {label}
      </label>
      {children}
      {hint && !problem && <span className="text-small text-ink2">{hint}</span>}
      {problem && (
        <span role="alert" id={`${id}-problem`} className="text-small text-garnet">
          {problem}
        </span>
      )}
    </div>
  );
}

type InputProps = Labelled & Omit<InputHTMLAttributes<HTMLInputElement>, 'id'> & { readonly field?: RefObject<HTMLInputElement | null> };

export function TextField({ label, labelHidden, problem, hint, className, field, ...rest }: InputProps) {
  const id = useId();
  return (
    <Frame {...{ id, label, labelHidden, problem, hint, className }}>
      <input
        id={id}
        ref={field}
        className={box}
        aria-invalid={problem ? true : undefined}
        aria-describedby={problem ? `${id}-problem` : undefined}
        {...rest}
      />
    </Frame>
  );
}

export function SelectField({
  label,
  labelHidden,
  problem,
  hint,
  className,
  ...rest
}: Labelled & Omit<SelectHTMLAttributes<HTMLSelectElement>, 'id'>) {
  const id = useId();
  return (
    <Frame {...{ id, label, labelHidden, problem, hint, className }}>
      <select id={id} className={clsx(box, 'pr-6')} {...rest} />
    </Frame>
  );
}

interface ChoiceProps<T> extends Labelled {
  readonly all: readonly T[];
  readonly words?: (one: T) => string;
  readonly className?: string;
}

/**
 * One of a few known values, chosen from a list: what is handed on is one of `all`, never any other text.
 *
 * @example <ChoiceField label="Timer" all={PHASES} value={phase} onValue={setPhase} />
 */
export function ChoiceField<T extends string | number>({
  all,
  words = String,
  value,
  onValue,
  ...labelled
}: ChoiceProps<T> & { readonly value: T; readonly onValue: (value: T) => void }) {
  const choose = (text: string) => {
    const chosen = all.find((one) => String(one) === text);
    if (chosen !== undefined) onValue(chosen);
  };
  return (
    <SelectField {...labelled} value={value} onChange={(e) => choose(e.target.value)}>
      {all.map((one) => (
        <option key={one} value={one}>
          {words(one)}
        </option>
      ))}
    </SelectField>
  );
}

/**
 * One of a few known values or none of them, which stands first in the list under its own words.
 *
 * @example <ChoiceOrNone label="Season" all={SEASONS} none="any" value={season} onValue={setSeason} />
 */
export function ChoiceOrNone<T extends string>({
  none,
  all,
  words = String,
  value,
  onValue,
  ...labelled
}: ChoiceProps<T> & { readonly none: string; readonly value: T | undefined; readonly onValue: (value: T | undefined) => void }) {
  return (
    <ChoiceField<T | ''>
      {...labelled}
      all={['', ...all]}
      words={(one) => (one === '' ? none : words(one))}
      value={value ?? ''}
      onValue={(one) => onValue(one === '' ? undefined : one)}
    />
  );
}

/** What a field makes of the words typed into it. */
export type Reading<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: string };

/**
 * A text field for a value that is read from words (a length, a number, a date): keeps what is typed as it is typed, hands on the
 * value when the field is left or Enter is pressed, and says what could not be read without losing it. What is being typed outlives a reload,
 * and stands against what another tab writes, until the field is left.
 */
export function ReadField<T>({
  shown,
  read,
  onValue,
  ...rest
}: Omit<InputProps, 'value' | 'onChange' | 'problem'> & {
  /** The value in words, for editing. */
  shown: string;
  read: (text: string) => Reading<T>;
  onValue: (value: T) => void;
}) {
  const { field, text, problem, typing, type, refuse, leave } = useTyping(shown);
  const settle = () => {
    const reading = text === shown ? undefined : read(text);
    if (reading?.ok === false) return refuse(reading.problem);
    leave();
    if (reading) onValue(reading.value);
  };
  return (
    <TextField
      {...rest}
      value={text}
      problem={problem}
      field={field}
      onChange={(e) => type(e.target)}
      // Enter and then leaving the field are one entry, be what was entered still on its way; Enter again tries anew.
      onBlur={() => typing && settle()}
      onKeyDown={(e) => {
        if (e.key === 'Enter') settle();
        rest.onKeyDown?.(e);
      }}
    />
  );
}

/** Words kept when the field is left: one entry in the journal for a sentence, not one for each letter. */
export function WordsField({
  words,
  onWords,
  check,
  ...rest
}: Omit<InputProps, 'value' | 'onChange'> & {
  words: string;
  onWords: (words: string) => void;
  /** A sentence about words that may not be, or undefined. */
  check?: (words: string) => string | undefined;
}) {
  const read = (text: string): Reading<string> => {
    const value = text.trim();
    const problem = check?.(value);
    return problem === undefined ? { ok: true, value } : { ok: false, problem };
  };
  return <ReadField {...rest} shown={words} read={read} onValue={onWords} />;
}
