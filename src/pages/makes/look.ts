import type { FitNote, Seen } from '../../core/records';
import { newId } from '../../data/new-id';
import type { ZoneSaid } from '../../parts/fit-entry';

/** One look at a garment: when it was, and what was seen at each zone. */
export interface Look {
  readonly seen: Seen;
  readonly said: readonly ZoneSaid[];
}

/** The fit notes that a look amounts to. */
export function notesOf({ seen, said }: Look, date: string): FitNote[] {
  return said.map((s) => ({ id: newId(), seen, date, ...s }));
}
