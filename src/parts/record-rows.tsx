import { Plus, X } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { z } from 'zod';
import { Button } from '../ui/button';
import { RecordField } from './record-field';

type Shapes = Record<string, z.ZodType>;

/** A list of small records of one shape (notions, times, notes, mends), each a row of its fields; the shape says how each is asked for. */
export function RecordRows<S extends Shapes, R extends { readonly id: string }>({
  of,
  names,
  rows,
  blank,
  add,
  widths = {},
  under,
  onRows,
}: {
  of: S;
  names: readonly (keyof S & string)[];
  rows: readonly R[];
  /** A new row; undefined values are asked for first. */
  blank: () => R;
  /** What the button says: "a notion". */
  add: string;
  widths?: Partial<Record<keyof S & string, string>>;
  /** What stands below a row that is kept. */
  under?: (row: R, change: (part: Partial<R>) => void) => ReactNode;
  onRows: (rows: R[]) => void;
}) {
  // A row that does not say enough yet stays here: what is kept has its shape.
  const [open, setOpen] = useState<R>();
  const whole = z.object(of);
  const shown = open ? [...rows, open] : rows;
  const change = (row: R, name: string, value: unknown) => {
    const changed = { ...row, [name]: value };
    if (row.id !== open?.id) return onRows(rows.map((r) => (r.id === row.id ? changed : r)));
    if (!whole.safeParse(changed).success) return setOpen(changed);
    setOpen(undefined);
    onRows([...rows, changed]);
  };
  const begin = () => {
    const row = blank();
    if (whole.safeParse(row).success) onRows([...rows, row]);
    else setOpen(row);
  };
  return (
    <div>
      {shown.map((row, index) => (
        <div key={row.id} className="flex flex-wrap items-end gap-2 border-b border-rule py-1.5">
          {names.map((name, place) => (
            <RecordField
              key={name}
              of={of}
              name={name}
              value={row[name as keyof R] as z.infer<S[typeof name]>}
              onValue={(value) => change(row, name, value)}
              autoFocus={place === 0 && row === open}
              className={widths[name] ?? 'w-32'}
            />
          ))}
          <button
            type="button"
            aria-label={`Remove ${add}, no. ${index + 1}`}
            onClick={() => (row.id === open?.id ? setOpen(undefined) : onRows(rows.filter((r) => r.id !== row.id)))}
            className="rounded-md p-1.5 text-ink2 hover:bg-tint max-sm:p-3"
          >
            <X size={15} aria-hidden />
          </button>
          {row !== open && under && (
            <div className="basis-full">{under(row, (part) => onRows(rows.map((r) => (r.id === row.id ? { ...r, ...part } : r))))}</div>
          )}
        </div>
      ))}
      <Button quiet className="mt-1" onClick={begin}>
        <Plus size={14} aria-hidden /> {add}
      </Button>
    </div>
  );
}
