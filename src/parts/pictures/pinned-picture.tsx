import { outcomeWords } from '../../core/make/fit-note-words';
import { useState, type KeyboardEvent, type MouseEvent } from 'react';
import { zoneOf } from '../../core/body/zones';
import type { FitNote } from '../../core/records';
import type { StoredPicture } from '../../data/database';
import { useUnit } from '../../data/queries';
import { Button } from '../../ui/button';
import { SelectField } from '../../ui/field';
import { urlOf } from '../blob-url';
import { FitMarkShape } from '../fit-mark';

/** How far an arrow key moves a pin, as a part of the picture. */
const STEP = 0.02;
const within = (n: number) => Math.min(1, Math.max(0, n));

/** A picture at full size with its pins: a click sets the chosen note's pin, arrow keys move it. */
export function PinnedPicture({
  picture,
  name,
  notes,
  onPin,
}: {
  picture: StoredPicture;
  name: string;
  notes: readonly FitNote[];
  onPin: ((noteId: string, pin: FitNote['pin']) => void) | undefined;
}) {
  const unit = useUnit();
  const [chosen, setChosen] = useState(notes.find((n) => n.pin === undefined)?.id ?? notes[0]?.id ?? '');
  const pinned = notes.filter((n) => n.pin?.pictureId === picture.id);
  const words = (n: FitNote) => `${zoneOf(n.zone).label} ${outcomeWords(n, unit)}`;
  const click = (event: MouseEvent<HTMLElement>) => {
    if (!onPin || chosen === '') return;
    const box = event.currentTarget.getBoundingClientRect();
    onPin(chosen, { pictureId: picture.id, x: within((event.clientX - box.left) / box.width), y: within((event.clientY - box.top) / box.height) });
  };
  const move = (event: KeyboardEvent, note: FitNote) => {
    const by: Record<string, readonly [number, number]> = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] };
    const step = by[event.key];
    if (!onPin || !note.pin) return;
    if (step) {
      event.preventDefault();
      onPin(note.id, { ...note.pin, x: within(note.pin.x + step[0]), y: within(note.pin.y + step[1]) });
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault();
      onPin(note.id, undefined);
    }
  };
  return (
    <div className="mt-3 flex flex-col gap-3">
      <div className="relative mx-auto w-fit max-w-full">
        <img
          src={urlOf(picture.blob)}
          alt={`${name}, ${picture.side}`}
          onClick={click}
          className={`max-h-[68vh] max-w-full ${onPin && chosen ? 'cursor-crosshair' : ''}`}
        />
        {pinned.map((n) => (
          <button
            key={n.id}
            type="button"
            aria-label={`Pin: ${words(n)}. Arrow keys move it, Delete takes it off.`}
            title={words(n)}
            onKeyDown={(e) => move(e, n)}
            onFocus={() => setChosen(n.id)}
            className="absolute size-6 -translate-x-1/2 -translate-y-1/2 rounded-full border border-ink bg-page"
            style={{ left: `${n.pin!.x * 100}%`, top: `${n.pin!.y * 100}%` }}
          >
            <svg viewBox="-10 -10 20 20" aria-hidden>
              <FitMarkShape kind={zoneOf(n.zone).kind} outcome={n.outcome} />
            </svg>
          </button>
        ))}
      </div>
      {onPin && notes.length > 0 && (
        <div className="flex flex-wrap items-end gap-2">
          <SelectField label="Pin which note? Then click its place" value={chosen} onChange={(e) => setChosen(e.target.value)}>
            {notes.map((n) => (
              <option key={n.id} value={n.id}>
                {words(n)}
              </option>
            ))}
          </SelectField>
          <Button onClick={() => chosen !== '' && onPin(chosen, { pictureId: picture.id, x: 0.5, y: 0.5 })}>Pin it in the middle</Button>
        </div>
      )}
      {onPin && notes.length === 0 && <p className="text-ink2">Once a look at the fit is noted, its notes can be pinned here.</p>}
    </div>
  );
}
