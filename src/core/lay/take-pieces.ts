import type { PatternPiece } from '../records';
import { widened } from './clip';
import type { FilePiece } from './piece-file';

import { areaOf, atOrigin, boundsOf, cornersOf, polygonOf, rectangle, type Point, type Polygon } from '../units/polygon';

/** How pieces of a file are taken over. */
export interface Taking {
  /** Seam allowance to add, cm: 0 where the outlines have it. */
  readonly allowance: number;
  /** The file's y runs upwards: its outlines are turned over, so that they lie right side up. */
  readonly upwards: boolean;
  readonly newId: () => string;
}

/** An outline as it is cut, where it lies in the file: right side up, with its allowance, none of it on the fold. */
function asCut(outline: Polygon, fold: FilePiece['fold'], { allowance, upwards }: Taking): Polygon {
  const over = upwards ? outline.map(([x, y]): Point => [x, -y]).reverse() : outline;
  if (allowance <= 0) return over;
  const [grown = over] = [...widened(over, allowance)].sort((a, b) => areaOf(b) - areaOf(a));
  const { left, right } = boundsOf(over);
  return grown.map(([x, y]): Point => [fold === 'left' ? Math.max(left, x) : fold === 'right' ? Math.min(right, x) : x, y]);
}

/**
 * Pieces of a view with those of a file: a piece of the same name gets the file's outlines for the sizes that it has there, a new one is added.
 *
 * @returns pieces as a view keeps them
 */
export function withFilePieces(pieces: readonly PatternPiece[], file: readonly FilePiece[], taking: Taking): PatternPiece[] {
  const taken = new Map(pieces.map((piece) => [piece.name.toLowerCase(), piece]));
  for (const { name, outline, count, pairs, fold, part, size, notches = [] } of file) {
    const known = taken.get(name.toLowerCase());
    const kept = (known?.outlines ?? []).filter((o) => o.size !== size);
    const cut = asCut(outline, fold, taking);
    const { left, top } = boundsOf(cut);
    const marks = notches.map(([x, y]): Point => [x - left, (taking.upwards ? -y : y) - top]);
    taken.set(name.toLowerCase(), {
      ...(known ?? { id: taking.newId(), name, part: part ?? 'main', count, pairs, ...(fold ? { fold } : {}) }),
      outlines: [
        ...kept,
        {
          id: taking.newId(),
          ...(size === undefined ? {} : { size }),
          corners: cornersOf(atOrigin(cut)),
          ...(marks.length > 0 ? { notches: cornersOf(marks) } : {}),
        },
      ],
    });
  }
  return [...taken.values()];
}

/**
 * The pieces of a view as a file has them, each in every size that it has; what is a rectangle by the tape is one, what has neither is left out.
 *
 * @param upwards y shall run upwards in the file, as in DXF
 */
export function filePieces(pieces: readonly PatternPiece[], upwards: boolean): FilePiece[] {
  const faced = (polygon: Polygon) => (upwards ? polygon.map(([x, y]): Point => [x, -y]) : polygon);
  return pieces.flatMap(({ name, part, count, pairs, fold, grain, length, width, outlines = [] }): FilePiece[] => {
    const cut = { name, part, count, pairs, ...(fold ? { fold } : {}), ...(grain ? { grain } : {}) };
    if (outlines.length === 0) return length && width ? [{ ...cut, outline: faced(rectangle(0, 0, width, length)) }] : [];
    return outlines.map(({ corners, notches, size }) => ({
      ...cut,
      outline: faced(polygonOf(corners)),
      ...(notches ? { notches: faced(polygonOf(notches)) } : {}),
      ...(size === undefined ? {} : { size }),
    }));
  });
}
