import clsx from 'clsx';
import type { z } from 'zod';
import { durationForEditing, formatDuration, parseDuration } from '../core/units/duration';
import { moneyForEditing, parseMoney } from '../core/units/money';
import { choicesOf, fieldMeta, fieldProblem, type FieldMeta } from '../core/records/field';
import { isMoney } from '../core/records/fields';
import { fabricWeightForEditing, parseFabricWeight } from '../core/units/fabric-weight';
import { fabricLengthForEditing, parseFabricLength } from '../core/units/length';
import { useFabricUnit, useSettings, useTradeWords } from '../data/queries';
import { ReadField, SelectField, WordsField } from '../ui/field';
import { ColourField } from '../ui/colour-field';
import { DateField } from '../ui/date-field';
import { LengthField } from '../ui/length-field';

type Shapes = Record<string, z.ZodType>;

interface Props<S extends Shapes, K extends keyof S & string> {
  /** The shape of the record, such as `Fabric.shape`: label, unit, limits and messages come from it. */
  readonly of: S;
  readonly name: K;
  readonly value: z.infer<S[K]> | undefined;
  readonly onValue: (value: z.infer<S[K]>) => void;
  /** Says more than the shape's own label, where several of one kind stand side by side. */
  readonly label?: string;
  readonly labelHidden?: boolean;
  readonly className?: string;
  readonly autoFocus?: boolean;
  readonly placeholder?: string;
}

/** A value that its field may not have says so in the words of its shape. */
function checkedBy<T>(shape: z.ZodType, value: T): { ok: true; value: T } | { ok: false; problem: string } {
  const problem = fieldProblem(shape, value);
  return problem === undefined ? { ok: true, value } : { ok: false, problem };
}

function readNumber(shape: z.ZodType, text: string) {
  const said = text.trim().replace(/%$/, '').replace('−', '-').replace(',', '.');
  if (said === '') return checkedBy(shape, undefined);
  const number = Number(said);
  return Number.isFinite(number) ? checkedBy(shape, number) : { ok: false as const, problem: `“${text.trim()}” is not a number.` };
}

const labelOf = ({ label, ask, unit }: FieldMeta) => (unit ? `${label}, ${unit}` : ask === 'percent' ? `${label}, %` : label);

/**
 * One field of a record, asked for as its shape says: the control, its label, its unit, its limits and what it says of a value it
 * may not have. Empty means not noted.
 */
export function RecordField<S extends Shapes, K extends keyof S & string>({ of, name, value: given, onValue, ...rest }: Props<S, K>) {
  const { unit, currency } = useSettings();
  const fabricUnit = useFabricUnit();
  const inWords = useTradeWords();
  const shape = of[name]!;
  const meta = fieldMeta(shape);
  const optional = shape.safeParse(undefined).success && given !== null;
  // What a shape infers to cannot be followed through a switch on its metadata; each branch hands on what it has checked.
  const value: unknown = given;
  const number = typeof value === 'number' ? value : undefined;
  const text = typeof value === 'string' ? value : '';
  const hand = onValue as (value: unknown) => void;
  const common = { label: inWords(labelOf(meta)), hint: meta.hint && inWords(meta.hint), ...rest };
  switch (meta.ask) {
    case 'length':
      return <LengthField {...common} unit={unit} cm={number} check={(cm) => fieldProblem(shape, cm)} onCm={(cm) => hand(cm)} />;
    case 'fabric length':
      return (
        <ReadField<unknown>
          {...common}
          autoComplete="off"
          shown={number === undefined ? '' : fabricLengthForEditing(number, fabricUnit)}
          read={(text) => {
            if (text.trim() === '') return checkedBy(shape, undefined);
            const parsed = parseFabricLength(text, fabricUnit);
            return parsed.ok ? checkedBy(shape, parsed.cm) : parsed;
          }}
          onValue={hand}
        />
      );
    case 'fabric weight':
      return (
        <ReadField<unknown>
          {...common}
          autoComplete="off"
          shown={number === undefined ? '' : fabricWeightForEditing(number, unit)}
          read={(text) => {
            if (text.trim() === '') return checkedBy(shape, undefined);
            const parsed = parseFabricWeight(text, unit);
            return parsed.ok ? checkedBy(shape, parsed.gsm) : parsed;
          }}
          onValue={hand}
        />
      );
    case 'number':
    case 'whole':
    case 'percent':
      return (
        <ReadField<unknown>
          {...common}
          inputMode={meta.ask === 'whole' ? 'numeric' : 'decimal'}
          autoComplete="off"
          shown={number === undefined ? '' : String(number)}
          read={(typed) => readNumber(shape, typed)}
          onValue={hand}
        />
      );
    case 'money': {
      const money = isMoney(value) ? value : undefined;
      return (
        <ReadField<unknown>
          {...common}
          label={rest.labelHidden ? common.label : `${common.label}, ${money?.currency ?? currency}`}
          inputMode="decimal"
          autoComplete="off"
          shown={money ? moneyForEditing(money, currency) : ''}
          read={(text) => {
            if (text.trim() === '') return { ok: true, value: undefined };
            const parsed = parseMoney(text, money?.currency ?? currency);
            return parsed.ok ? checkedBy(shape, parsed.money) : parsed;
          }}
          onValue={hand}
        />
      );
    }
    case 'minutes':
      return (
        <ReadField<unknown>
          {...common}
          hint={number === undefined ? meta.hint : formatDuration(number)}
          autoComplete="off"
          shown={number === undefined ? '' : durationForEditing(number)}
          read={(text) => {
            if (text.trim() === '') return checkedBy(shape, undefined);
            const parsed = parseDuration(text);
            return parsed.ok ? checkedBy(shape, parsed.minutes) : parsed;
          }}
          onValue={hand}
        />
      );
    case 'date':
    case 'month':
      return (
        <DateField
          {...common}
          type={meta.ask}
          value={text === '' ? undefined : text}
          check={(next) =>
            next === undefined && !optional ? 'A date stands here: write one, or leave the one there was.' : fieldProblem(shape, next)
          }
          onValue={hand}
        />
      );
    case 'colour':
      return <ColourField {...common} colour={text === '' ? undefined : text} onColour={hand} />;
    case 'choice':
      return (
        <SelectField {...common} value={text} onChange={(e) => hand(e.target.value === '' ? undefined : e.target.value)}>
          {optional && <option value="">not noted</option>}
          {choicesOf(shape).map((c) => (
            <option key={c} value={c}>
              {inWords(meta.words?.[c] ?? c)}
            </option>
          ))}
        </SelectField>
      );
    case 'yes':
      return (
        <SelectField
          {...common}
          value={value === undefined ? '' : value ? 'yes' : 'no'}
          onChange={(e) => hand(e.target.value === '' ? undefined : e.target.value === 'yes')}
        >
          <option value="">not noted</option>
          <option>yes</option>
          <option>no</option>
        </SelectField>
      );
    case 'choices':
      return <Choices label={inWords(meta.label)} all={choicesOf(shape)} chosen={Array.isArray(value) ? value.map(String) : []} onChosen={hand} />;
    case 'text':
    case 'link':
    case 'words':
      return (
        <WordsField
          {...common}
          // What is said of words is an example: it goes as soon as something stands there.
          hint={undefined}
          placeholder={rest.placeholder ?? common.hint}
          words={text}
          check={(words) => fieldProblem(shape, words === '' && optional ? undefined : words)}
          onWords={(words) => hand(words === '' && optional ? undefined : words)}
        />
      );
  }
}

/** Some of a few, each a switch. */
export function Choices({
  label,
  all,
  chosen,
  onChosen,
}: {
  label: string;
  all: readonly string[];
  chosen: readonly string[];
  onChosen: (chosen: string[]) => void;
}) {
  return (
    <div role="group" aria-label={label} className="flex flex-wrap items-center gap-1">
      <span className="text-small text-ink2">{label}</span>
      {all.map((choice) => {
        const on = chosen.includes(choice);
        return (
          <button
            key={choice}
            type="button"
            aria-pressed={on}
            onClick={() => onChosen(on ? chosen.filter((c) => c !== choice) : all.filter((c) => c === choice || chosen.includes(c)))}
            className={clsx(
              'min-h-6 rounded-md border px-1.5 text-small max-sm:min-h-11 max-sm:px-3',
              on ? 'border-ink bg-tint font-semibold' : 'border-rule2 text-ink2 hover:bg-tint',
            )}
          >
            {choice}
          </button>
        );
      })}
    </div>
  );
}
