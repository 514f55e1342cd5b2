import type { ZoneId } from '../body/zones';
import type { FitNote, Make } from '../records';
import { byDay } from '../units/date';

/** Fit notes from the earliest to the latest look: by what the garment had been through, then by the day. */
export function looksInTime(notes: readonly FitNote[]): readonly FitNote[] {
  if (notes.length < 2) return notes;
  const worn = ({ seen }: FitNote) => (seen.at === 'worn' ? seen.wears : seen.at === 'firstDay' ? 0 : -1);
  return [...notes].sort((a, b) => worn(a) - worn(b) || byDay(a.date, b.date));
}

/** The latest look at a zone of a make, whether it counts as evidence or not; undefined where nobody looked. */
export function latestNote(make: Pick<Make, 'fitNotes'>, zone: ZoneId): FitNote | undefined {
  return looksInTime(make.fitNotes.filter((n) => n.zone === zone)).at(-1);
}
