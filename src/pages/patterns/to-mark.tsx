import { Checkbox, Field, Label } from '@headlessui/react';
import { Check } from 'lucide-react';
import { alterationWhen, alterationWords } from '../../core/alteration/words';
import type { CarryForward } from '../../core/forecast/carry-forward';
import { markedOnPaper } from '../../core/make/one-touch';
import type { Alteration, Make } from '../../core/records';
import { useUnit } from '../../data/queries';
import { today } from '../../data/today';
import { save } from '../../parts/save';

/** Ticks an alteration as marked on the pattern paper today. */
async function markOnPaper(make: Make, alteration: Alteration) {
  await save('marked on the pattern paper', [{ table: 'makes', id: make.id, edit: (now) => markedOnPaper(now, alteration.id, today()) }], {
    done: 'Marked on the paper. Ctrl Z takes it back.',
  });
}

/** What is still to be marked on the pattern paper, to be ticked off. */
export function ToMark({ carried }: { carried: CarryForward }) {
  const unit = useUnit();
  return (
    <section aria-labelledby="to-mark">
      <h2 id="to-mark" className="mb-1 text-head text-amber">
        Mark on the pattern paper
      </h2>
      {carried.toMark.length === 0 ? (
        <p className="text-small text-ink2">Everything that is carried on stands on the paper.</p>
      ) : (
        <ul className="flex flex-col gap-1">
          {carried.toMark.map(({ make, alteration }) => (
            <li key={alteration.id}>
              <Field className="flex cursor-pointer items-start gap-2">
                <Checkbox
                  checked={false}
                  onChange={() => void markOnPaper(make, alteration)}
                  className="group mt-0.5 flex size-[14px] shrink-0 items-center justify-center border border-ink bg-page max-sm:size-6"
                >
                  <Check size={12} aria-hidden className="opacity-0 group-hover:opacity-40" />
                </Checkbox>
                <Label className="cursor-pointer">
                  {alterationWords(alteration, unit)}{' '}
                  <span className="text-small text-ink2">
                    ({alterationWhen(alteration)}, version {make.version})
                  </span>
                </Label>
              </Field>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
