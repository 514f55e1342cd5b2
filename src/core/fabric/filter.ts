import type { Fabric } from '../records';
import { weightOf } from './weight';
import { longestPiece } from './stash';

/** What one looks for in the stash; what is left open does not matter. */
export interface StashFilter {
  readonly words?: string;
  readonly structure?: Fabric['structure'];
  readonly weight?: 'light' | 'medium' | 'heavy';
  readonly season?: Fabric['seasons'][number];
  /** A piece at least this long, cm. */
  readonly length?: number;
  /** Only fabrics that this says yes to: enough for a plan. */
  readonly enough?: (fabric: Fabric) => boolean;
  /** Only what lies there. */
  readonly onHand?: boolean;
}

/** Fabrics that answer a filter. A fabric whose weight or season nobody noted is not found by them: it is not known to suit. */
export function inStash(
  fabrics: readonly Fabric[],
  { words = '', structure, weight, season, length, enough, onHand = false }: StashFilter,
): Fabric[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  return fabrics.filter((c) => {
    const text = [c.name, c.colour, c.fibre, c.weave, c.structure, c.source, c.behaviour].join(' ').toLowerCase();
    return (
      wanted.every((w) => text.includes(w)) &&
      (structure === undefined || c.structure === structure) &&
      (weight === undefined || weightOf(c) === weight) &&
      (season === undefined || c.seasons.includes(season)) &&
      (length === undefined || longestPiece(c) >= length) &&
      (enough === undefined || enough(c)) &&
      (!onHand || c.pieces.length > 0)
    );
  });
}
