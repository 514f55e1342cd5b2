import type { FlatDetails, GarmentKind, Swatch } from '../records';
import { garmentFlat } from './flat';
import { SHEET, type FlatSide, type StrokeRole } from './sheet';
import { blend, lightness, printPattern } from './print';

const INK = '#26211c';
const PAPER = '#fffdf8';

/** Fabric without a swatch: unbleached calico. */
export const CALICO: Swatch = { print: 'plain', ground: '#e9dfcb', figure: '#e9dfcb', repeat: 2 };

/** How large the picture of a flat is, in units of its sheet: as high as the garment needs. */
export function sheetOf(kind: GarmentKind, flat: FlatDetails | undefined, side: FlatSide): { readonly width: number; readonly height: number } {
  return { width: SHEET.width, height: Math.min(SHEET.height, garmentFlat(kind, flat, side).bottom + 8) };
}

/**
 * A garment laid flat in its fabric, as a picture of its own: SVG without script or outside reference.
 *
 * Lines keep their weight at any size (look.md); on dark fabric the seams are drawn in a lighter shade of it, so that they show.
 */
export function flatSvg(kind: GarmentKind, flat: FlatDetails | undefined, side: FlatSide, swatch: Swatch = CALICO): string {
  const dark = lightness(swatch.ground) < 0.2;
  const seam = dark ? blend(swatch.ground, PAPER, 0.62) : blend(INK, swatch.ground, 0.12);
  const line = (colour: string, width: number, rest = '') => `stroke="${colour}" stroke-width="${width}" vector-effect="non-scaling-stroke" ${rest}`;
  const style: Record<StrokeRole, string> = {
    piece: `fill="url(#p)" ${line(dark ? blend(INK, swatch.ground, 0.2) : INK, 1.1)}`,
    // On dark fabric lapels and welts take the lighter shade, or they would vanish.
    detail: `fill="url(#p)" ${line(dark ? seam : INK, dark ? 0.8 : 1)}`,
    under: `fill="${dark ? blend(swatch.ground, PAPER, 0.22) : blend(swatch.ground, INK, 0.28)}" ${line(INK, 0.8)}`,
    seam: `fill="none" ${line(seam, 0.8)}`,
    stitch: `fill="none" ${line(seam, 0.6, 'stroke-dasharray="2 1.6"')}`,
    button: `fill="${dark ? blend(swatch.ground, PAPER, 0.75) : INK}"`,
  };
  const { strokes } = garmentFlat(kind, flat, side);
  const marks = strokes.map(({ role, path }) => `<path d="${path}" ${style[role]}/>`).join('');
  const { width, height } = sheetOf(kind, flat, side);
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width * 3}" height="${height * 3}">` +
    `<defs>${printPattern(swatch, 'p', SHEET.unitsPerCm)}</defs><g stroke-linejoin="round" stroke-linecap="round">${marks}</g></svg>`
  );
}
