import { useMemo } from 'react';
import type { CaseTables } from '../core/garment/case';
import type { WhatIsWorn } from '../core/wardrobe/what-is-worn';
import type { Hanging } from '../core/wear/wardrobe';
import { useCaseTables } from '../data/engine-tables';
import { useWhatIsWorn } from '../workers/use-what-is-worn';
import { useWardrobe } from './use-wardrobe';

/** All tables with the makes of one person. */
export function useTablesOf(personId: string | undefined): CaseTables {
  const { patterns, makes, bodies, fabrics } = useCaseTables();
  return useMemo(
    () => ({ patterns, bodies, fabrics, makes: makes.filter((m) => m.personId === personId) }),
    [patterns, makes, bodies, fabrics, personId],
  );
}

/** A person's wardrobe with what it says of wear: each part undefined until it is worked out. */
export interface Worn {
  readonly hanging: readonly Hanging[] | undefined;
  readonly told: WhatIsWorn | undefined;
  /** What features are read from: the makes are this person's. */
  readonly tables: CaseTables;
}

/**
 * What a person really wears.
 *
 * @param tolerant where the page goes on without it
 */
export function useWorn(personId: string | undefined, { tolerant = false } = {}): Worn {
  const hanging = useWardrobe(personId, { tolerant });
  const tables = useTablesOf(personId);
  const told = useWhatIsWorn(personId, hanging, tables, tolerant);
  return useMemo(() => ({ hanging, told, tables }), [hanging, told, tables]);
}
