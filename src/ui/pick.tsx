import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions, Label, Field } from '@headlessui/react';
import clsx from 'clsx';
import { useState } from 'react';
import { findsWords, folded } from './typed-words';

export interface PickOption<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  readonly detail?: string;
  /** What it is also found by, and not shown. */
  readonly also?: string;
}

/** One out of many, found by typing. With `onNew`, what is typed can be added. */
export function Pick<Id extends string>({
  label,
  labelHidden = false,
  options,
  value,
  onPick,
  onNew,
  newLabel = (text) => `Add “${text}”`,
  alsoNew,
  placeholder,
  autoFocus,
  className,
}: {
  label: string;
  labelHidden?: boolean;
  options: readonly PickOption<Id>[];
  value: Id | undefined;
  onPick: (id: Id) => void;
  onNew?: (text: string) => void;
  newLabel?: (text: string) => string;
  /** Another thing that what is typed can become. */
  alsoNew?: { readonly label: (text: string) => string; readonly onNew: (text: string) => void };
  placeholder?: string;
  autoFocus?: boolean;
  className?: string;
}) {
  const [query, setQuery] = useState('');
  const finds = findsWords(query);
  const found = options.filter((o) => finds(`${o.label} ${o.detail ?? ''} ${o.also ?? ''}`)).slice(0, 40);
  const isNew = onNew && query.trim() !== '' && !options.some((o) => folded(o.label) === folded(query.trim()));
  const choose = (id: Id | typeof NEW | typeof ALSO | null) => {
    if (id === null) return;
    if (id === NEW) onNew?.(query.trim());
    else if (id === ALSO) alsoNew?.onNew(query.trim());
    else {
      const picked = options.find((o) => o.id === id);
      if (picked) onPick(picked.id);
    }
    setQuery('');
  };
  return (
    <Field className={clsx('flex flex-col gap-0.5', className)}>
      <Label className={labelHidden ? 'sr-only' : 'text-small text-ink2'}>{label}</Label>
      <Combobox immediate value={value ?? null} onChange={choose} onClose={() => setQuery('')}>
        <ComboboxInput
          autoFocus={autoFocus}
          autoComplete="off"
          placeholder={placeholder}
          displayValue={(id: string | null) => options.find((o) => o.id === id)?.label ?? ''}
          onChange={(e) => setQuery(e.target.value)}
          onFocus={(e) => e.target.select()}
          className="min-h-[30px] w-full rounded-md border border-rule2 bg-page px-2 py-1 max-sm:min-h-11"
        />
        <ComboboxOptions
          modal={false}
          anchor={{ to: 'bottom start', gap: 2 }}
          className="z-50 max-h-80 w-(--input-width) min-w-72 overflow-auto rounded-md border border-rule2 bg-page py-1 shadow-lg empty:invisible"
        >
          {found.map((o) => (
            <ComboboxOption key={o.id} value={o.id} className="flex cursor-pointer justify-between gap-4 px-2.5 py-1 data-focus:bg-tint">
              <span>{o.label}</span>
              {o.detail && <span className="text-small text-ink2">{o.detail}</span>}
            </ComboboxOption>
          ))}
          {isNew && (
            <ComboboxOption value={NEW} className="cursor-pointer px-2.5 py-1 italic data-focus:bg-tint">
              {newLabel(query.trim())}
            </ComboboxOption>
          )}
          {alsoNew && query.trim() !== '' && (
            <ComboboxOption value={ALSO} className="cursor-pointer px-2.5 py-1 italic data-focus:bg-tint">
              {alsoNew.label(query.trim())}
            </ComboboxOption>
          )}
        </ComboboxOptions>
      </Combobox>
    </Field>
  );
}

const NEW = '\u0000new';
const ALSO = '\u0000also';
