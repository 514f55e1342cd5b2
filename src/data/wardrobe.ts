import { useMemo } from 'react';
import { wardrobe, type Hanging } from '../core/wear/wardrobe';
import { useCloths, useMakes, usePatterns, useSettings, useWears } from './queries';
import { today } from './today';

/** The garments of a person, or of everybody, each held against those of its own wearer. Undefined while they are being read. */
export function useWardrobe(personId?: string): readonly Hanging[] | undefined {
  const makes = useMakes();
  const wears = useWears();
  const patterns = usePatterns();
  const cloths = useCloths();
  const { hemisphere } = useSettings();
  const day = today();
  return useMemo(() => {
    if (!makes || !wears || !patterns || !cloths) return undefined;
    const wearers = personId === undefined ? [...new Set(makes.map((m) => m.personId))] : [personId];
    return wearers.flatMap((id) =>
      wardrobe(
        makes.filter((m) => m.personId === id),
        wears,
        patterns,
        cloths,
        hemisphere,
        day,
      ),
    );
  }, [makes, wears, patterns, cloths, hemisphere, day, personId]);
}
