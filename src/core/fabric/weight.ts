import type { Fabric } from '../records';

/** From the lightest. */
export const WEIGHTS = ['light', 'medium', 'heavy'] as const satisfies readonly NonNullable<Fabric['weightClass']>[];
export type WeightClass = NonNullable<Fabric['weightClass']>;

/** Light below, heavy from, g/m². Source: usual trade practice for garment fabric; knits run a little heavier. */
const WEIGHT_EDGES = { woven: [130, 230], knit: [160, 260] } as const;

/**
 * How heavy a fabric is: by its grams, else by feel; undefined where neither is known.
 *
 * @example weightOf({ structure: 'woven', weight: 120 }) // 'light'
 */
export function weightOf({ structure, weight, weightClass }: Pick<Fabric, 'structure' | 'weight' | 'weightClass'>): WeightClass | undefined {
  if (weight === undefined) return weightClass;
  const [light, heavy] = WEIGHT_EDGES[structure];
  return weight < light ? 'light' : weight >= heavy ? 'heavy' : 'medium';
}
