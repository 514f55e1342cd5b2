import { Checkbox, Field, Label } from '@headlessui/react';
import { Check } from 'lucide-react';
import type { ReactNode } from 'react';

/** A box to tick with what it stands for; the words are part of what can be touched. */
export function Tick({ children, on, onChange }: { children: ReactNode; on: boolean; onChange: (on: boolean) => void }) {
  return (
    <Field className="flex min-h-[30px] items-center gap-1.5 max-sm:min-h-11">
      <Checkbox
        checked={on}
        onChange={onChange}
        className="flex size-6 shrink-0 items-center justify-center rounded-sm border border-ink bg-page focus-visible:outline-2"
      >
        {on && <Check size={16} aria-hidden />}
      </Checkbox>
      <Label className="cursor-pointer">{children}</Label>
    </Field>
  );
}
