/** A band, cuff or waistband as it is cut. Lengths in cm. */
export interface CutPiece {
  /** Length of the piece along the body's girth, as it lies on the fabric. */
  readonly cut: number;
  /** How many such pieces go round. */
  readonly pieces: number;
  /** Cut on the fold: what lies on the fabric is half of it. */
  readonly onFold: boolean;
  /** Seam allowance at each end. */
  readonly allowance: number;
  /** Overlap for buttons, or a fly: goes round and does not close. */
  readonly overlap?: number | undefined;
}

/**
 * Girth of a piece when sewn, cm.
 *
 * @example sewnRound({ cut: 37, pieces: 2, onFold: false, allowance: 1 }) // 70
 */
export function sewnRound({ cut, pieces, onFold, allowance, overlap = 0 }: CutPiece): number {
  return pieces * (cut * (onFold ? 2 : 1) - 2 * allowance) - overlap;
}

export interface PieceCheck {
  /** Girth when sewn, cm. */
  readonly finished: number;
  /** What is needed, and how much more (plus) or less the piece gives, cm. */
  readonly needed: number;
  readonly over: number;
  readonly closes: boolean;
}

/**
 * Whether a piece goes round the body: cut width × pieces × fold − seams, against body + ease (engine.md, section 11).
 *
 * @param body girth it must close on, cm
 * @param ease wanted, cm; minus for a knit band that is stretched on
 * @example pieceCheck({ cut: 36, pieces: 1, onFold: true, allowance: 1.5 }, 72, 2) // finished 69, 5 too short: it cannot close
 */
export function pieceCheck(piece: CutPiece, body: number, ease: number): PieceCheck {
  const finished = sewnRound(piece);
  const needed = body + ease;
  return { finished, needed, over: finished - needed, closes: finished >= needed - 1e-9 };
}
