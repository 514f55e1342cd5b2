import type { FlatDetails } from '../records';

/** How a stroke of a flat is drawn: pieces and the details laid on them are filled with the fabric. */
export type StrokeRole = 'piece' | 'detail' | 'under' | 'seam' | 'stitch' | 'button';
export interface Stroke {
  readonly role: StrokeRole;
  readonly path: string;
}

export type FlatSide = 'front' | 'back';

/** A flat: strokes in the order of painting, on a sheet of 160 by 200 on which 1.6 units are a centimetre of the garment. */
export const SHEET = { width: 160, height: 200, unitsPerCm: 1.6 } as const;
/** The centre line. */
export const MID = SHEET.width / 2;

/** Everything about a flat's cut, with nothing left open. */
export type Details = Required<FlatDetails>;

/** A garment laid flat: its strokes, and how far down the sheet it reaches. */
export interface Flat {
  readonly strokes: readonly Stroke[];
  readonly bottom: number;
}
