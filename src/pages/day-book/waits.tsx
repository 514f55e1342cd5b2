import { Check } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { Button } from '../../ui/button';

/** How many of a list are shown until the rest is asked for: the day book does not nag. */
const SHOWN = 5;

/** One thing that waits, with the one act that is done with it. */
export interface Waits {
  readonly key: string;
  readonly words: ReactNode;
  readonly under: ReactNode;
  /** The act: its label, what it is called where the label alone does not say, and what it does. */
  readonly act?: { readonly label: string; readonly name: string; readonly onAct: () => void };
  /** Anything else that can be done with it. */
  readonly aside?: ReactNode;
}

/**
 * A list of things that wait. Arrow keys walk over all of them (use-walk.ts), Enter does the act.
 *
 * @param things all that wait: there may be thousands
 * @param item what is shown of one; asked only of those that are
 */
export function WaitsList<Thing>({
  id,
  head,
  things,
  item,
  amber = false,
}: {
  id: string;
  head: string;
  things: readonly Thing[];
  item: (thing: Thing) => Waits;
  amber?: boolean;
}) {
  const [all, setAll] = useState(false);
  if (things.length === 0) return null;
  return (
    <section aria-labelledby={id}>
      <h2 id={id} className={amber ? 'text-head text-amber' : 'text-head'}>
        {head}
      </h2>
      <ul className="border-t border-rule">
        {(all ? things : things.slice(0, SHOWN)).map(item).map(({ key, words, under, act, aside }) => (
          <li key={key} className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1 border-b border-rule py-1">
            <span className="min-w-40 flex-1">
              {words}
              <span className="block text-small text-ink2">{under}</span>
            </span>
            <span className="flex flex-wrap items-center gap-2">
              {aside}
              {act && (
                <Button data-waits onClick={act.onAct} aria-label={act.name}>
                  <Check size={14} aria-hidden /> {act.label}
                </Button>
              )}
            </span>
          </li>
        ))}
      </ul>
      {things.length > SHOWN && (
        <Button quiet onClick={() => setAll(!all)}>
          {all ? 'Only the first' : `${things.length - SHOWN} more`}
        </Button>
      )}
    </section>
  );
}
