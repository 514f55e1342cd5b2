import type { ConstructionNote } from '../core/records';
import type { Write } from '../data/journal';

/** Puts a note to the others of a make, as they stand when it is written. */
export function noteAdded(makeId: string, note: ConstructionNote): Write {
  return { table: 'makes', id: makeId, edit: (now) => ({ ...now, notes: [...now.notes, note] }) };
}

/** Changes one note of a make, as it stands when that is written. */
export function noteChanged(makeId: string, noteId: string, part: Partial<ConstructionNote>): Write {
  return { table: 'makes', id: makeId, edit: (now) => ({ ...now, notes: now.notes.map((n) => (n.id === noteId ? { ...n, ...part } : n)) }) };
}
