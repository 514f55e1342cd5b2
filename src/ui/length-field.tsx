import { lengthForEditing, parseLength, type LengthUnit } from '../core/measure/length';
import { ReadField } from './field';

type Props = Omit<Parameters<typeof ReadField<number | undefined>>[0], 'shown' | 'read' | 'onValue'> & {
  /** cm; undefined where nothing is noted. */
  cm: number | undefined;
  unit: LengthUnit;
  onCm: (cm: number | undefined) => void;
};

/** A length, typed as people write it: `1.5`, `5/8`, `1 1/2"`, `−3 cm`. Empty means not noted. */
export function LengthField({ cm, unit, onCm, ...rest }: Props) {
  return (
    <ReadField<number | undefined>
      inputMode={unit === 'cm' ? 'decimal' : 'text'}
      autoComplete="off"
      {...rest}
      shown={cm === undefined ? '' : lengthForEditing(cm, unit)}
      read={(text) => {
        if (text.trim() === '') return { ok: true, value: undefined };
        const parsed = parseLength(text, unit);
        return parsed.ok ? { ok: true, value: parsed.cm } : parsed;
      }}
      onValue={onCm}
    />
  );
}
