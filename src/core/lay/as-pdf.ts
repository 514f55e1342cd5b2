import { PDFDocument, rgb, StandardFonts } from 'pdf-lib';
import { pathData } from './as-svg';
import type { DrawnLay } from './lay';
import { boundsOf } from '../units/polygon';

/** Points of a page in a centimetre. */
const POINTS = 72 / 2.54;
/** A page may be no longer, cm. Source: the limit of PDF readers, 14,400 points. */
const LONGEST_PAGE = 500;

/** The fonts that every reader has know Latin letters only. */
const inLatin = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/[‘’]/g, "'")
    .replace(/[^\x20-\x7e\xa1-\xff]/g, '');

/**
 * A lay as a page at full size, for a copy shop or a projector: the fabric and every piece with its name.
 *
 * @returns the bytes of the file
 */
export async function layAsPdf({ width, length, placed }: DrawnLay): Promise<Uint8Array> {
  const pdf = await PDFDocument.create({ updateMetadata: false });
  const font = await pdf.embedFont(StandardFonts.Helvetica);
  const scale = POINTS * Math.min(1, LONGEST_PAGE / Math.max(width, length));
  const page = pdf.addPage([width * scale, length * scale]);
  const [ink, pale] = [rgb(0.15, 0.13, 0.11), rgb(0.6, 0.56, 0.5)];
  const top = page.getHeight();
  page.drawRectangle({ x: 0, y: 0, width: page.getWidth(), height: top, borderColor: pale, borderWidth: 2 });
  for (const { piece, copy, polygon } of placed) {
    page.drawSvgPath(pathData(polygon), { x: 0, y: top, scale, borderColor: ink, borderWidth: 1.5 / scale });
    const { left, top: from, right, bottom } = boundsOf(polygon);
    const name = inLatin(`${piece} ${copy}`);
    const size = Math.min(40, (0.8 * (right - left) * scale) / Math.max(1, font.widthOfTextAtSize(name, 1)));
    page.drawText(name, {
      x: ((left + right) / 2) * scale - font.widthOfTextAtSize(name, size) / 2,
      y: top - ((from + bottom) / 2) * scale,
      size,
      font,
      color: ink,
    });
  }
  return pdf.save();
}
