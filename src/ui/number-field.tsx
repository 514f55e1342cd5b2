import { ReadField } from './field';

type Props = Omit<Parameters<typeof ReadField<number | undefined>>[0], 'shown' | 'read' | 'onValue'> & {
  number: number | undefined;
  whole?: boolean;
  least?: number;
  most?: number;
  onNumber: (value: number | undefined) => void;
};

/** A plain number; a comma is a decimal point. Empty means not noted. */
export function NumberField({ number, whole = false, least = 0, most = 100_000, onNumber, ...rest }: Props) {
  return (
    <ReadField<number | undefined>
      inputMode={whole ? 'numeric' : 'decimal'}
      autoComplete="off"
      {...rest}
      shown={number === undefined ? '' : String(number)}
      read={(text) => {
        if (text.trim() === '') return { ok: true, value: undefined };
        const value = Number(text.trim().replace(',', '.'));
        if (!Number.isFinite(value)) return { ok: false, problem: `“${text.trim()}” is not a number.` };
        if (whole && !Number.isInteger(value)) return { ok: false, problem: 'Write a whole number.' };
        if (value < least || value > most) return { ok: false, problem: `Write a number from ${least} to ${most}.` };
        return { ok: true, value };
      }}
      onValue={onNumber}
    />
  );
}
