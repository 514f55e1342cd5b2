import { lengthForEditing, parseLength, type LengthUnit } from '../core/units/length';
import { ReadField } from './field';

type Props = Omit<Parameters<typeof ReadField<number | undefined>>[0], 'shown' | 'read' | 'onValue'> & {
  /** cm; undefined where nothing is noted. */
  cm: number | undefined;
  unit: LengthUnit;
  onCm: (cm: number | undefined) => void;
  /** A sentence about a length that may not be, or undefined. */
  check?: (cm: number | undefined) => string | undefined;
};

/** What is said of a measure of nought or less, which would otherwise be taken for none: only an empty field means not noted. */
export const aboveNought = (cm: number | undefined) =>
  cm !== undefined && cm <= 0 ? 'A measure is more than 0. Leave the field empty where it is not known.' : undefined;

/** A length, typed as people write it: `1.5`, `5/8`, `1 1/2"`, `−3 cm`. Empty means not noted. */
export function LengthField({ cm, unit, onCm, check, ...rest }: Props) {
  return (
    <ReadField<number | undefined>
      inputMode={unit === 'cm' ? 'decimal' : 'text'}
      autoComplete="off"
      {...rest}
      shown={cm === undefined ? '' : lengthForEditing(cm, unit)}
      read={(text) => {
        const parsed = text.trim() === '' ? { ok: true as const, cm: undefined } : parseLength(text, unit);
        if (!parsed.ok) return parsed;
        const problem = check?.(parsed.cm);
        return problem === undefined ? { ok: true, value: parsed.cm } : { ok: false, problem };
      }}
      onValue={onCm}
    />
  );
}
