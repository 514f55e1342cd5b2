import { outcomeWords, seenWords } from '../../core/make/fit-note-words';
import { zoneOf } from '../../core/body/zones';
import type { Make } from '../../core/records';
import type { LengthUnit } from '../../core/units/length';

/** What was seen of a garment before the look that is being written down: what was put right, what was seen while it was sewn. */
export function NotedBefore({ make, unit, onMake }: { make: Make; unit: LengthUnit; onMake: (make: Make) => void }) {
  if (make.fitNotes.length === 0) return null;
  return (
    <ul aria-label="Noted before" className="mb-2 text-ink2">
      {make.fitNotes.map((note) => (
        <li key={note.id} className="flex items-center gap-1.5">
          <span>
            {seenWords(note.seen)}: {zoneOf(note.zone).label} {outcomeWords(note, unit)}
          </span>
          <button
            type="button"
            aria-label={`Remove the note on ${zoneOf(note.zone).label}`}
            className="min-h-6 min-w-6 rounded-md px-1.5 hover:bg-tint max-sm:min-h-11 max-sm:min-w-11"
            onClick={() => onMake({ ...make, fitNotes: make.fitNotes.filter((other) => other.id !== note.id) })}
          >
            ×
          </button>
        </li>
      ))}
    </ul>
  );
}
