import type { Piece } from '../records';
import { moved, polygonOf } from '../units/polygon';
import { rectangle, type Polygon } from '../units/polygon';

/** A fabric that lies in several pieces, one after the other as one strip, cm. */
export interface PiecedStrip {
  readonly width: number;
  readonly length: number;
  /** Where one piece ends and the next begins; the last end is the fabric's. */
  readonly ends: readonly number[];
  /** Cuts between the pieces, what a narrower one lacks, and what is gone of one: no pattern piece lies on them. */
  readonly taken: readonly Polygon[];
  /** Of those, what is gone of the pieces themselves: flaws and bites. */
  readonly gone: readonly Polygon[];
}

/** A cut is as wide as nothing, but nothing may lie across it. */
const CUT = 0.02;

/**
 * The pieces of a fabric laid end to end, the longest first, so that they are used together: a pattern piece lies on one of them, never across.
 *
 * @example onPieces([{ length: 80, width: 140 }, { length: 120, width: 140 }])?.ends // [120, 200]
 */
export function onPieces(pieces: readonly (Pick<Piece, 'length' | 'lacks'> & { readonly width: number })[]): PiecedStrip | undefined {
  const inOrder = [...pieces].sort((a, b) => b.length - a.length);
  if (inOrder.length === 0) return undefined;
  const width = Math.max(...inOrder.map((p) => p.width));
  const taken: Polygon[] = [];
  const gone: Polygon[] = [];
  const ends: number[] = [];
  let at = 0;
  inOrder.forEach((piece, i) => {
    if (i > 0) taken.push(rectangle(0, at - CUT / 2, width, at + CUT / 2));
    if (piece.width < width - 0.5) taken.push(rectangle(piece.width, at, width, at + piece.length));
    for (const { corners } of piece.lacks ?? []) gone.push(moved(polygonOf(corners), 0, at));
    at += piece.length;
    ends.push(at);
  });
  return { width, length: at, ends, taken: [...taken, ...gone], gone };
}
