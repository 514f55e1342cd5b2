import clsx from 'clsx';
import { useHotkeys } from 'react-hotkeys-hook';
import { REASONS, type Verdict } from '../../core/records';
import { WordsField } from '../../ui/field';

export type VerdictSaid = Partial<Pick<Verdict, 'love' | 'words' | 'reasons'>>;

const LOVE_WORDS = ['', 'not at all', 'a little', 'well enough', 'much', 'love it'];

/** Do you like it? One figure from 1 to 5, reasons for not reaching for it, words. Keys 1 to 5 work in this part. */
export function VerdictEntry({ said, onChange }: { said: VerdictSaid; onChange: (said: VerdictSaid) => void }) {
  const keys = useHotkeys<HTMLDivElement>('1,2,3,4,5', (event, { keys: pressed }) => {
    event.stopPropagation();
    onChange({ ...said, love: Number(pressed?.join('')) });
  });
  const reasons = said.reasons ?? [];
  return (
    <div ref={keys} tabIndex={-1} className="flex flex-col gap-2 outline-none">
      <div role="group" aria-label="How much do you like it, 1 to 5" className="flex flex-wrap items-center">
        {[1, 2, 3, 4, 5].map((love) => (
          <button
            key={love}
            type="button"
            aria-pressed={said.love === love}
            aria-label={`${love}: ${LOVE_WORDS[love]}`}
            onClick={() => onChange({ ...said, love })}
            className={clsx(
              '-ml-px min-h-[30px] min-w-11 border border-rule2 px-2 first:ml-0 first:rounded-l-md last:rounded-r-md max-sm:min-h-11',
              said.love === love ? 'relative border-ink bg-tint font-bold' : 'bg-page text-ink2 hover:bg-tint',
            )}
          >
            {love}
          </button>
        ))}
        <span className="ml-3 text-ink2">{said.love ? LOVE_WORDS[said.love] : 'not said'}</span>
      </div>
      {said.love !== undefined && said.love < 5 && (
        <div role="group" aria-label="What keeps you from reaching for it" className="flex flex-wrap items-center gap-1">
          <span className="text-small text-ink2">because of</span>
          {REASONS.map((reason) => {
            const on = reasons.includes(reason);
            return (
              <button
                key={reason}
                type="button"
                aria-pressed={on}
                onClick={() => onChange({ ...said, reasons: on ? reasons.filter((r) => r !== reason) : [...reasons, reason] })}
                className={clsx(
                  'min-h-6 rounded-md border px-1.5 text-small max-sm:min-h-11',
                  on ? 'border-ink bg-tint font-semibold' : 'border-rule2 text-ink2 hover:bg-tint',
                )}
              >
                {reason}
              </button>
            );
          })}
        </div>
      )}
      <WordsField
        label="In words, if you like"
        words={said.words ?? ''}
        onWords={(words) => onChange({ ...said, words: words === '' ? undefined : words })}
      />
    </div>
  );
}
