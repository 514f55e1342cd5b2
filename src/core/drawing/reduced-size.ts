import { PICTURE_SIDES, type PictureSide } from '../records/picture-sides';

/** The longest side of a kept picture, and of its small copy, px. */
export const PICTURE_SIDE = 1600;
export const SMALL_SIDE = 240;

/**
 * The size of a picture brought down to a longest side; a smaller one stays as it is.
 *
 * @returns whole pixels, each at least 1
 * @example reducedSize(4000, 3000, 1600) // { width: 1600, height: 1200 }
 */
export function reducedSize(width: number, height: number, most: number): { readonly width: number; readonly height: number } {
  const scale = Math.min(1, most / Math.max(width, height));
  return { width: Math.max(1, Math.round(width * scale)), height: Math.max(1, Math.round(height * scale)) };
}

/** The side that a file's name speaks of; else front, back, then details, by its place among those that come together. */
export function sideFromName(name: string, place: number): PictureSide {
  const said = /(front|back|left|right|detail|inside)/i.exec(name)?.[1]?.toLowerCase();
  return PICTURE_SIDES.find((side) => side === said) ?? (place === 0 ? 'front' : place === 1 ? 'back' : 'detail');
}
