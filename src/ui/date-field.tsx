import { TextField } from './field';
import { useTyping } from './typed';

type Props = Omit<Parameters<typeof TextField>[0], 'type' | 'value' | 'onChange' | 'onBlur' | 'problem'> & {
  readonly type?: 'date' | 'month';
  /** `2026-03-09`, or `2026-03` of a month; undefined where none is noted. */
  readonly value: string | undefined;
  /** Handed on once, when the field is left or Enter is pressed: a date is not whole before. */
  readonly onValue: (value: string | undefined) => void;
  /** Handed on as soon as it is whole, where a date only says what is looked at and nothing is written by it. */
  readonly atOnce?: boolean;
  /** A sentence about a date that may not be, or undefined. */
  readonly check?: (value: string | undefined) => string | undefined;
};

/** A year of fewer figures is one that is still being typed, or was typed short. */
const OLDEST = '1900';

/** A day or a month. What is typed stays as it is typed, and the date before it stands, until the field is left with a whole one. */
export function DateField({ type = 'date', value, onValue, atOnce = false, check, onKeyDown, ...rest }: Props) {
  const { field, text, problem, type: keepTyping, refuse, leave } = useTyping(value ?? '');
  const wrongWith = (given: string | undefined) => (given !== undefined && given < OLDEST ? 'Write the year with its four figures.' : check?.(given));
  const settle = (input: HTMLInputElement) => {
    if (input.validity.badInput)
      return refuse(`This ${type} is not whole: write ${type === 'date' ? 'the day, the month and the year' : 'the month and the year'}.`);
    const given = input.value === '' ? undefined : input.value;
    const wrong = given === value ? undefined : wrongWith(given);
    if (wrong !== undefined) return refuse(wrong);
    leave();
    if (given !== value) onValue(given);
  };
  return (
    <TextField
      {...rest}
      type={type}
      value={text}
      problem={problem}
      field={field}
      onChange={(e) => {
        keepTyping(e.target);
        if (atOnce && e.target.value !== '' && wrongWith(e.target.value) === undefined) onValue(e.target.value);
      }}
      onBlur={(e) => settle(e.currentTarget)}
      onKeyDown={(e) => {
        if (e.key === 'Enter') settle(e.currentTarget);
        onKeyDown?.(e);
      }}
    />
  );
}

/** A day where one must stand; `max` is the last that may. */
export function DayField({
  value,
  onValue,
  max,
  ...rest
}: Omit<Props, 'type' | 'value' | 'onValue' | 'check' | 'max'> & {
  readonly value: string;
  readonly onValue: (day: string) => void;
  readonly max?: string;
}) {
  const check = (day: string | undefined) => {
    if (day === undefined) return 'A day stands here: write one, or leave the one there was.';
    return max !== undefined && day > max ? 'This day is still to come.' : undefined;
  };
  return <DateField {...rest} max={max} value={value} check={check} onValue={(day) => day !== undefined && onValue(day)} />;
}
