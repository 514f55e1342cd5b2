import type { PatternPiece } from '../records';
import { widened } from './clip';
import type { FilePiece } from './piece-file';
import { cornersOf } from './pieces-of';
import { areaOf, atOrigin, boundsOf, type Point, type Polygon } from './polygon';

/** How pieces of a file are taken over. */
export interface Taking {
  /** Seam allowance to add, cm: 0 where the outlines have it. */
  readonly allowance: number;
  /** The file's y runs upwards: its outlines are turned over, so that they lie right side up. */
  readonly upwards: boolean;
  readonly newId: () => string;
}

/** An outline as it is cut: right side up, with its allowance, none of it on the fold. */
function asCut(outline: Polygon, fold: FilePiece['fold'], { allowance, upwards }: Taking): Polygon {
  const over = upwards ? outline.map(([x, y]): Point => [x, -y]).reverse() : outline;
  if (allowance <= 0) return atOrigin(over);
  const [grown = over] = [...widened(over, allowance)].sort((a, b) => areaOf(b) - areaOf(a));
  const { left, right } = boundsOf(over);
  return atOrigin(grown.map(([x, y]): Point => [fold === 'left' ? Math.max(left, x) : fold === 'right' ? Math.min(right, x) : x, y]));
}

/**
 * Pieces of a view with those of a file: a piece of the same name gets the file's outlines for the sizes that it has there, a new one is added.
 *
 * @returns pieces as a view keeps them
 */
export function withFilePieces(pieces: readonly PatternPiece[], file: readonly FilePiece[], taking: Taking): PatternPiece[] {
  const taken = new Map(pieces.map((piece) => [piece.name.toLowerCase(), piece]));
  for (const { name, outline, count, pairs, fold, part, size } of file) {
    const known = taken.get(name.toLowerCase());
    const kept = (known?.outlines ?? []).filter((o) => o.size !== size);
    taken.set(name.toLowerCase(), {
      ...(known ?? { id: taking.newId(), name, part: part ?? 'main', count, pairs, ...(fold ? { fold } : {}) }),
      outlines: [...kept, { id: taking.newId(), ...(size === undefined ? {} : { size }), corners: cornersOf(asCut(outline, fold, taking)) }],
    });
  }
  return [...taken.values()];
}
