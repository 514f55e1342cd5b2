import type { Fabric, Piece } from '../records';

/** A fabric of which nobody said how wide it lies is taken to be so wide, cm. Source: the commonest, the usual double width. */
export const USUAL_WIDTH = 140;

/**
 * How wide a fabric lies, or a piece of it, cm: as the piece was noted, else as its fabric; undefined where nobody said.
 *
 * @example notedWidth({ width: 150 }, { length: 80 }) // 150
 */
export const notedWidth = (fabric: Pick<Fabric, 'width'> | undefined, piece?: Piece): number | undefined => piece?.width ?? fabric?.width;

/**
 * How wide a fabric is reckoned to lie, or a piece of it, cm: as it was noted, else the usual width.
 *
 * @example reckonedWidth({ width: 150 }) // 150
 * @example reckonedWidth({}, { length: 80, width: 60 }) // 60
 * @example reckonedWidth(undefined) // 140
 */
export const reckonedWidth = (fabric: Pick<Fabric, 'width'> | undefined, piece?: Piece): number => notedWidth(fabric, piece) ?? USUAL_WIDTH;

/**
 * The pieces of a fabric with the widths that they are reckoned with.
 *
 * @example widePieces({ width: 150, pieces: [{ length: 80 }] }) // [{ length: 80, width: 150 }]
 */
export const widePieces = (fabric: Pick<Fabric, 'width' | 'pieces'>): (Piece & { readonly width: number })[] =>
  fabric.pieces.map((piece) => ({ ...piece, width: reckonedWidth(fabric, piece) }));
