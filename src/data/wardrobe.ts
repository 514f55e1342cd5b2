import { useMemo } from 'react';
import { wardrobe, type Hanging } from '../core/wear/wardrobe';
import { useFabrics, useMakes, usePatterns, useSettings, useWears } from './queries';
import { today } from './today';

/** The garments of a person, or of everybody, each held against those of its own wearer. Undefined while they are being read. */
export function useWardrobe(personId?: string): readonly Hanging[] | undefined {
  const makes = useMakes();
  const wears = useWears();
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const { hemisphere } = useSettings();
  const day = today();
  return useMemo(() => {
    if (!makes || !wears || !patterns || !fabrics) return undefined;
    const wearers = personId === undefined ? [...new Set(makes.map((m) => m.personId))] : [personId];
    return wearers.flatMap((id) =>
      wardrobe(
        makes.filter((m) => m.personId === id),
        wears,
        patterns,
        fabrics,
        hemisphere,
        day,
      ),
    );
  }, [makes, wears, patterns, fabrics, hemisphere, day, personId]);
}
