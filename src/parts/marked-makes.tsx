import { Columns2, X } from 'lucide-react';
import { Link, useLocation } from 'react-router';
import { MOST_COMPARED } from '../core/versions/most-compared';
import { routes } from '../routes';
import { useMarked } from './use-marked';

/** The mark by which a make is chosen for side by side, from wherever it is shown. */
export function MarkMake({ id, name, words }: { id: string; name: string; words?: string }) {
  const [marked, setMarked] = useMarked();
  const on = marked.includes(id);
  return (
    <label className="inline-flex min-h-6 cursor-pointer items-center gap-1.5 text-small text-ink2 max-sm:min-h-11">
      <input
        type="checkbox"
        aria-label={`Mark ${name} to put it side by side`}
        checked={on}
        disabled={!on && marked.length >= MOST_COMPARED}
        onClick={(e) => e.stopPropagation()}
        onChange={(e) => setMarked(e.target.checked ? [...marked, id] : marked.filter((m) => m !== id))}
        className="size-4 accent-[var(--c-ink)] max-sm:size-6"
      />
      {words}
    </label>
  );
}

/** How many makes are marked, and the way to them; nothing where they are looked at. */
export function MarkedMakes() {
  const [marked, setMarked] = useMarked();
  const { pathname } = useLocation();
  if (pathname === routes.compare()) return null;
  return (
    <span className="flex items-center rounded-md border border-rule2 whitespace-nowrap">
      <Link to={routes.compare(marked)} className="flex min-h-[30px] items-center gap-1.5 px-2 hover:bg-tint max-sm:min-h-11">
        <Columns2 size={15} aria-hidden />
        {marked.length === 1 ? (
          <span>
            <span className="max-sm:sr-only">Put it beside </span>others
          </span>
        ) : (
          <span>
            <span className="max-sm:sr-only">Put </span>
            {marked.length}
            <span className="max-sm:sr-only"> side by side</span>
          </span>
        )}
      </Link>
      <button
        type="button"
        aria-label="Let the marks go"
        onClick={() => setMarked([])}
        className="flex min-h-[30px] min-w-6 items-center justify-center text-ink2 hover:bg-tint max-sm:min-h-11 max-sm:min-w-11"
      >
        <X size={13} aria-hidden />
      </button>
    </span>
  );
}
