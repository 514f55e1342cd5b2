import type { z } from 'zod';
import { askedFields, type Shapes } from '../core/records/fields';
import { RecordField } from './record-field';

/**
 * All fields of a record that are asked for in one part of its form, in the order in which they are declared: a field that is added to a
 * record stands here without another word.
 */
export function RecordFields<S extends Shapes, R extends { readonly [K in keyof S]?: z.infer<S[K]> }>({
  of,
  part,
  record,
  onChange,
  widths = {},
  className,
}: {
  of: S;
  /** As the fields name it. */
  part: string;
  record: R;
  onChange: (part: Partial<R>) => void;
  /** Classes of fields that are wider or narrower than the others. */
  widths?: { readonly [K in keyof S]?: string };
  className?: string;
}) {
  return askedFields(of, (meta) => meta.form === part).map(({ name }) => (
    <RecordField
      key={name}
      of={of}
      name={name}
      value={record[name]}
      // The value is of this field: its own shape has checked it.
      onValue={(value) => onChange({ [name]: value } as unknown as Partial<R>)}
      className={widths[name] ?? className ?? ''}
    />
  ));
}
