import { Radio, RadioGroup } from '@headlessui/react';
import clsx from 'clsx';

export interface Choice<T extends string> {
  readonly value: T;
  readonly label: string;
}

/** One of a few, side by side; arrow keys move. */
export function Segmented<T extends string>({
  label,
  value,
  choices,
  onChange,
  className,
}: {
  label: string;
  value: T | undefined;
  choices: readonly Choice<T>[];
  onChange: (value: T) => void;
  className?: string;
}) {
  return (
    <RadioGroup
      aria-label={label}
      value={value ?? null}
      onChange={(v: T | null) => v !== null && onChange(v)}
      className={clsx('inline-flex flex-wrap', className)}
    >
      {choices.map((choice) => (
        <Radio
          key={choice.value}
          value={choice.value}
          className="-ml-px flex min-h-[30px] cursor-pointer items-center border border-rule2 bg-page px-2.5 text-ink2 first:ml-0 first:rounded-l-md last:rounded-r-md hover:bg-tint data-checked:border-ink data-checked:bg-tint data-checked:font-semibold data-checked:text-ink data-checked:relative max-sm:min-h-11"
        >
          {choice.label}
        </Radio>
      ))}
    </RadioGroup>
  );
}
