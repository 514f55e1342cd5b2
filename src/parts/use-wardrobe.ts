import { useMemo } from 'react';
import type { Hanging } from '../core/wear/wardrobe';
import { useWearTables } from '../data/engine-tables';
import { useSettings } from '../data/queries';
import { today } from '../data/today';
import { useEngine } from '../workers/use-engine';

/**
 * The garments of a person, or of everybody, each held against those of its own wearer. Undefined while that is worked out.
 *
 * @param tolerant where the page goes on without it
 */
export function useWardrobe(personId?: string, { tolerant = false } = {}): readonly Hanging[] | undefined {
  const tables = useWearTables();
  const { hemisphere } = useSettings();
  const { answer } = useEngine('wardrobe', tables, [personId, hemisphere, today()], { tolerant });
  return useMemo(() => {
    if (!answer) return undefined;
    const makes = new Map(tables.makes.map((m) => [m.id, m]));
    return answer.flatMap(({ makeId, ...facts }): Hanging[] => {
      const make = makes.get(makeId);
      return make ? [{ ...facts, make }] : [];
    });
  }, [answer, tables]);
}
