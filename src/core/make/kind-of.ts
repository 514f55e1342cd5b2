import type { GarmentKind, Make, Pattern } from '../records';
import { withId } from '../units/by-id';

/**
 * What a make is: by its main pattern, else as it was said of it; undefined where nothing tells.
 *
 * @example kindOfMake({ sources: [], garment: 'skirt' }, []) // 'skirt'
 */
export const kindOfMake = ({ sources, garment }: Pick<Make, 'sources' | 'garment'>, patterns: readonly Pattern[]): GarmentKind | undefined =>
  withId(patterns, sources[0]?.patternId)?.kind ?? garment;
