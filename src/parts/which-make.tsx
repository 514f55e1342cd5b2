import type { KeyboardEvent } from 'react';
import type { Meant } from '../core/shorthand/by-its-noun';
import type { AskedAct, OtherAct } from '../core/shorthand/acts/read-other';
import { KeyCap } from '../ui/key-cap';

/** One way to take a line that may be said of several garments. */
export interface WayToTake {
  readonly words: string;
  readonly take: () => void;
}

/** Asks of which garment a line is said: answered by touch or, with the focus in it, by its digit, as every question of a line is. */
export function WhichMake({ ways }: { ways: readonly WayToTake[] }) {
  const onKey = (event: KeyboardEvent) => {
    const way = ways[Number(event.key) - 1];
    if (!way || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    event.stopPropagation();
    way.take();
  };
  return (
    <div
      role="group"
      aria-label="Which is meant"
      data-asks
      onKeyDown={onKey}
      className="mt-2 flex w-fit max-w-full flex-wrap items-center gap-1.5 rounded-md border-2 border-ink bg-page px-1.5 py-0.5"
    >
      <span className="text-small text-ink2 italic">which is meant:</span>
      {ways.map(({ words, take }, i) => (
        <button
          key={words}
          type="button"
          onMouseDown={(e) => e.preventDefault()}
          onClick={take}
          className="flex min-h-6 items-center gap-1 rounded-md border border-ink px-1 hover:bg-tint max-sm:min-h-11"
        >
          {words} <KeyCap>{String(i + 1)}</KeyCap>
        </button>
      ))}
    </div>
  );
}

/** Asks which garment a line tells of that says only what it is, or whether it is a new make. */
export function WhichGarment({ asked: { ways }, onMeant }: { asked: AskedAct; onMeant: (act: OtherAct | 'make') => void }) {
  // Fabric is no make, what was worn was made before, and a wish is for a new pattern else.
  const mayBeNew = ways.every(({ act }) => 'make' in act);
  return (
    <WhichMake
      ways={[
        ...ways.map(({ called, act }) => ({ words: called, take: () => onMeant(act) })),
        ...(mayBeNew ? [{ words: 'a new make', take: () => onMeant('make') }] : []),
      ]}
    />
  );
}

/** Asks whether what a line calls new is what there is of that name: "the coat". */
export const WhichKnown = ({ known, onKnown }: { known: readonly Meant[]; onKnown: (one: Meant | 'make') => void }) => (
  <div className="mb-2">
    <WhichMake
      ways={[...known.map((one) => ({ words: one.called, take: () => onKnown(one) })), { words: 'a new pattern', take: () => onKnown('make') }]}
    />
  </div>
);
