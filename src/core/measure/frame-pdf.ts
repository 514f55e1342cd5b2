import { PDFDocument, rgb, StandardFonts } from 'pdf-lib';
import { REFERENCES } from './reference';

/** Points of a page in a centimetre. */
const POINTS = 72 / 2.54;
const PAGES = { A4: [29.7, 21], Letter: [27.94, 21.59] } as const;
export type PrintPage = keyof typeof PAGES;

/** The black band round the frame, and the side of the test square, cm. */
const [BAND, SQUARE] = [1, 4];

/**
 * A page with a frame of known size, to lie beside a garment, and a square to hold a ruler to: home printers shrink.
 *
 * @returns the bytes of the file
 */
export async function framePdf(page: PrintPage): Promise<Uint8Array> {
  const pdf = await PDFDocument.create({ updateMetadata: false });
  const font = await pdf.embedFont(StandardFonts.Helvetica);
  const [width, height] = PAGES[page];
  const sheet = pdf.addPage([width * POINTS, height * POINTS]);
  const { frame } = REFERENCES;
  const ink = rgb(0, 0, 0);
  const [left, bottom] = [(width - frame.width) / 2, height - frame.height - 2.2];
  const box = (x: number, y: number, w: number, h: number, filled: boolean) =>
    sheet.drawRectangle({
      x: x * POINTS,
      y: y * POINTS,
      width: w * POINTS,
      height: h * POINTS,
      ...(filled ? { color: ink } : { borderColor: ink, borderWidth: 0.7 }),
    });
  box(left - BAND, bottom - BAND, frame.width + 2 * BAND, frame.height + 2 * BAND, true);
  sheet.drawRectangle({ x: left * POINTS, y: bottom * POINTS, width: frame.width * POINTS, height: frame.height * POINTS, color: rgb(1, 1, 1) });
  box(left, 0.9, SQUARE, SQUARE, false);
  const say = (text: string, x: number, y: number, size = 11) => sheet.drawText(text, { x: x * POINTS, y: y * POINTS, size, font, color: ink });
  say(
    `The white inside is ${frame.width} x ${frame.height} cm. Lay it flat beside what you measure; black must show all round.`,
    left + 0.5,
    bottom + 0.5,
  );
  say(
    `Hold a ruler to the square: its sides are ${SQUARE} cm. If they are not, print again at 100 %, without fitting to the page,`,
    left + SQUARE + 0.7,
    3.2,
  );
  say('or measure the white inside yourself and choose "a rectangle I measured".', left + SQUARE + 0.7, 2.6);
  return pdf.save();
}
