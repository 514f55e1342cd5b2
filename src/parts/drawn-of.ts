import { viewOf } from '../core/make/versions';
import { mainFabric } from '../core/make/main-fabric';
import type { Fabric, Make, Pattern } from '../core/records';
import type { Drawn } from './garment-figure';

/** The figure of a make: its pattern's view in its main fabric. */
export function drawnOf(pattern: Pattern, make: Make, fabrics: readonly Fabric[]): Drawn {
  return { kind: pattern.kind, flat: viewOf(pattern, make).flat, swatch: mainFabric(make, fabrics).fabric?.swatch };
}
