import { weightOf } from '../fabric/weight';
import type { Fabric } from '../records';

/** What to put into the machine for a fabric. */
export interface NeedleAndThread {
  readonly needle: string;
  readonly thread: string;
  /** Stitch length to begin from, mm. */
  readonly stitch: number;
  readonly why: string;
}

/**
 * Needle, thread and stitch to begin from. Usual practice: a scrap of the fabric has the last word.
 *
 * @example needleFor({ structure: 'knit', weight: 180 }) // ballpoint 80
 */
export function needleFor(fabric: Pick<Fabric, 'structure' | 'weight' | 'weightClass' | 'stretchAcross'>): NeedleAndThread {
  const { structure, stretchAcross } = fabric;
  const heft = weightOf(fabric) ?? 'medium';
  const size = { light: structure === 'knit' ? 75 : 70, medium: 80, heavy: structure === 'knit' ? 90 : 100 }[heft];
  const thread = { light: 'fine all-purpose', medium: 'all-purpose', heavy: 'all-purpose, strong for the topstitching' }[heft];
  const stitch = { light: 2, medium: 2.5, heavy: 3 }[heft];
  if (structure === 'knit') {
    const springy = (stretchAcross ?? 0) >= 50;
    return {
      needle: `${springy ? 'stretch' : 'ballpoint'} ${size}`,
      thread,
      stitch,
      why: `a ${heft} knit${springy ? ' that gives much: a needle that does not skip' : ': a rounded point goes between the loops'}; a seam that gives`,
    };
  }
  return { needle: `${heft === 'heavy' ? 'strong' : heft === 'light' ? 'fine sharp' : 'universal'} ${size}`, thread, stitch, why: `a ${heft} woven` };
}
