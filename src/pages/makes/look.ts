import { viewOf } from '../../core/garment/case';
import type { Fabric, FitNote, Make, Pattern, Seen } from '../../core/records';
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

/** The figure of a make: its pattern's view in its main fabric. */
export function drawnOf(pattern: Pattern, make: Make, fabrics: readonly Fabric[]): Drawn {
  const main = make.fabrics.find((u) => u.part === 'main') ?? make.fabrics[0];
  return { kind: pattern.kind, flat: viewOf(pattern, make).flat, swatch: fabrics.find((c) => c.id === main?.fabricId)?.swatch };
}
