import { Pin as PinIcon, Scissors } from 'lucide-react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { leftOver } from '../../core/lay/left-over';
import type { PiecesFrom, PiecesOf } from '../../core/lay/pieces-of';
import { askedOf, fabricEstimate } from '../../core/plan/fabric-estimate';
import { atWidth, groundWords, neededWords } from '../../core/plan/needed-words';
import type { Fabric } from '../../core/records';
import { formatLength } from '../../core/units/length';
import { FlawRows } from '../../parts/flaw-rows';
import { save } from '../../parts/save';
import { routes } from '../../routes';
import { Button } from '../../ui/button';
import type { LayInWork } from '../../workers/use-lay';
import type { PlanInWork } from './use-plan';
import type { Table } from './use-table';

const FROM_WORDS: Record<PiecesFrom, string> = {
  outlines: 'Its own pieces, as they were read from a file.',
  rectangles: 'Its pieces as rectangles, as they were measured: where they curve, more may fit.',
  'an estimate': 'Pieces drafted from its kind, size and details. The pattern’s own are other shapes: take this as a guide, not as the lay.',
};

const USUAL_BODY =
  'Pieces drafted from its kind and details for a usual grown body, since no size chart and no measure says for whom. Take this as a guide, not as the lay.';

/** What a lay takes of its fabric, what it leaves, and what would save some. */
export function WhatItTakes({
  planned: { input, make, request },
  table: { fabric, stash, at, strip, on, pins },
  found,
  work: { lay, problem, searching, changes, rest = [] },
  isAlone,
  notLaid,
  onLetGo,
}: {
  planned: PlanInWork;
  table: Table;
  found: PiecesOf;
  work: LayInWork;
  /** No other plan is laid with it. */
  isAlone: boolean;
  /** Another plan was asked for, and nothing says what its pieces look like. */
  notLaid: boolean;
  onLetGo: () => void;
}) {
  const { unit } = request;
  const { width, nap = false } = on;
  const folded = on.fold !== undefined;
  const length = (cm: number) => formatLength(Math.round(cm), unit, { about: true });
  const estimate = useMemo(() => fabricEstimate(input, make, fabric ? askedOf(fabric, width) : { width }), [input, make, fabric, width]);
  const onHand = strip?.length;
  const over = lay && onHand !== undefined ? onHand - lay.length : undefined;
  // Where the pieces are our own guess, what was noted knows better how much is missing.
  const guessed = found.from === 'an estimate' && estimate && isAlone ? estimate.middle : undefined;
  const left = lay && !problem && onHand !== undefined && !searching && lay.length <= onHand ? leftOver(lay, onHand, on.taken) : [];
  const missing = onHand === undefined ? 0 : Math.max(0, (guessed ?? lay?.length ?? 0) - onHand);
  const noted = fabric?.pieces[at];
  return (
    <aside className="flex flex-col gap-4" aria-label="What it takes">
      <section aria-live="polite">
        <p className="text-figure">{lay && !problem ? <>This lay takes {length(Math.ceil(lay.length - 0.05))}</> : searching ? 'Being laid…' : ''}</p>
        {lay && !problem && (
          <p className="text-small text-ink2">
            {atWidth({ at: lay.width, isWidthNoted: lay.width !== stash?.at || stash.isWidthNoted }, unit)}; none can take less than{' '}
            {length(lay.bound)}
            {searching ? '. Still searching for a shorter one' : ''}.
          </p>
        )}
        {over !== undefined && fabric && onHand !== undefined && (
          <p className={over < 0 ? 'mt-1 text-garnet' : 'mt-1'}>
            <Scissors size={14} aria-hidden className="mr-1 inline" />
            {fabric.name}: {length(onHand)}
            {stash?.shrinks ? ' once washed' : ''},{' '}
            {over < 0 ? `${length(Math.ceil(-over))} too short for this lay` : `${length(Math.floor(over))} left over by this lay`}
          </p>
        )}
        {left.length > 0 && (
          <p className="mt-1 text-small">
            What stays whole:{' '}
            {left
              .map(
                (l) => `${formatLength(Math.floor(l.length), unit, { about: true })} × ${formatLength(Math.floor(l.width), unit, { about: true })}`,
              )
              .join(', ')}
            .
          </p>
        )}
        {rest.length > 0 && left.length > 0 && <p className="mt-1 text-small">Out of that would come: {rest.join('; ')}.</p>}
        {on.border && (
          <p className="mt-1 text-small">
            {folded && on.fold !== 'crosswise' ? (
              'On a border pieces are laid in a single layer or folded across.'
            ) : found.pieces.some((p) => p.onBorder) ? (
              `On the border: ${found.pieces
                .filter((p) => p.onBorder)
                .map((p) => p.name)
                .join(', ')}.`
            ) : (
              <>
                Which hems lie on the border is said{' '}
                <Link className="underline" to={routes.changePattern(input.pattern.id)}>
                  with the pieces of the pattern
                </Link>
                .
              </>
            )}
          </p>
        )}
        {missing > 0 && over !== undefined && over >= 0 && (
          <p className="mt-1 text-garnet">By what was noted it is {length(Math.ceil(missing))} too short, and these pieces are only drafted.</p>
        )}
        {nap && <p className="mt-1 text-small">All pieces lie one way: {fabric?.name} has a nap or a one-way print.</p>}
      </section>
      {notLaid && <p className="text-small text-ink2">Nothing says what the pieces of the other plan look like; it is not laid.</p>}
      {estimate && isAlone && (
        <section>
          <h2 className="text-head">Fabric needed</h2>
          <p>
            <strong>{neededWords(estimate, unit)}</strong>
          </p>
          <p className="text-small text-ink2">{groundWords(estimate, unit)}. It counts how such a cut really falls out, and is the length to buy.</p>
        </section>
      )}
      {changes && changes.length > 0 && isAlone && (
        <section>
          <h2 className="text-head">What would save fabric</h2>
          <ul>
            {changes.map(({ words, saves }) => (
              <li key={words} className="flex justify-between gap-3 border-b border-rule py-1">
                <span>{words}</span>
                <span className="whitespace-nowrap">
                  {length(saves)}
                  {missing > 0 && saves >= missing && <span className="text-moss"> · then it fits</span>}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {pins.length > 0 && (
        <section className="print:hidden">
          <h2 className="text-head">Pinned</h2>
          <ul className="mb-1">
            {pins.map((pin) => (
              <li key={`${pin.piece} ${pin.copy}`}>
                <PinIcon size={13} aria-hidden className="mr-1 inline" />
                {pin.piece} {pin.copy}
              </li>
            ))}
          </ul>
          <Button quiet onClick={onLetGo}>
            Let all go
          </Button>
        </section>
      )}
      <section className="print:hidden">
        <h2 className="text-head">Flaws and holes</h2>
        {noted ? (
          <FlawRows
            lacks={noted.lacks ?? []}
            unit={unit}
            onLacks={(lacks) =>
              void save(`a flaw of ${fabric.name}`, [
                {
                  table: 'fabrics',
                  id: fabric.id,
                  edit: (now: Fabric): Fabric => ({ ...now, pieces: now.pieces.map((p, i) => (i === at ? { ...p, lacks } : p)) }),
                },
              ])
            }
          />
        ) : (
          <p className="text-small text-ink2">They are kept with a piece in the stash, and it is laid on none yet.</p>
        )}
      </section>
      <section>
        <h2 className="text-head">Pieces</h2>
        <p className="text-small text-ink2">
          {found.ofUsualBody ? USUAL_BODY : FROM_WORDS[found.from]}
          {found.graded && ` Graded from size ${found.graded.from}.`}
        </p>
        {found.from === 'an estimate' && (
          <p className="mt-1 text-small print:hidden">
            Better with the pattern’s own: its two largest pieces measured, or{' '}
            <Link className="underline" to={routes.changePattern(input.pattern.id)}>
              all of them read from a file
            </Link>
            .
          </p>
        )}
      </section>
    </aside>
  );
}
