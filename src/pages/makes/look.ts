import { viewOf } from '../../core/garment/case';
import type { Cloth, FitNote, Make, Pattern, Seen } from '../../core/records';
import { newId } from '../../data/new-id';
import type { ZoneSaid } from '../../parts/fit-entry';
import type { Drawn } from '../../parts/garment-figure';

/** One look at a garment: when it was, and what was seen at each zone. */
export interface Look {
  readonly seen: Seen;
  readonly said: readonly ZoneSaid[];
}

/** The fit notes that a look amounts to. */
export function notesOf({ seen, said }: Look, date: string): FitNote[] {
  return said.map((s) => ({ id: newId(), seen, date, ...s }));
}

/** The figure of a make: its pattern's view in its main cloth. */
export function drawnOf(pattern: Pattern, make: Make, cloths: readonly Cloth[]): Drawn {
  const main = make.cloths.find((u) => u.part === 'main') ?? make.cloths[0];
  return { kind: pattern.kind, flat: viewOf(pattern, make).flat, swatch: cloths.find((c) => c.id === main?.clothId)?.swatch };
}
