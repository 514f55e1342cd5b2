import clsx from 'clsx';

const LOVE_WORDS = ['', 'not at all', 'a little', 'well enough', 'much', 'love it'];

/** How much one likes a garment, 1 to 5. */
export function LoveButtons({ love, onLove, of = '' }: { love: number | undefined; onLove: (love: number) => void; of?: string }) {
  return (
    <div role="group" aria-label={`How much do you like it, 1 to 5${of}`} className="flex flex-wrap items-center">
      {[1, 2, 3, 4, 5].map((n) => (
        <button
          key={n}
          type="button"
          aria-pressed={love === n}
          aria-label={`${n}: ${LOVE_WORDS[n]}`}
          onClick={() => onLove(n)}
          className={clsx(
            '-ml-px min-h-[30px] min-w-11 border border-rule2 px-2 first:ml-0 first:rounded-l-md last:rounded-r-md max-sm:min-h-11',
            love === n ? 'relative border-ink bg-tint font-bold' : 'bg-page text-ink2 hover:bg-tint',
          )}
        >
          {n}
        </button>
      ))}
      <span className="ml-3 text-ink2">{love ? LOVE_WORDS[love] : 'not said'}</span>
    </div>
  );
}
