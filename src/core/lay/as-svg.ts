import { escapeHtml } from '../units/escape-html';
import type { DrawnLay } from './lay';
import type { FilePiece } from './piece-file';
import { boundsOf, moved, type Polygon } from '../units/polygon';

const at = (n: number): string => String(Math.round(n * 1000) / 1000);

/** An outline as the data of a path, cm. */
export const pathData = (polygon: Polygon): string => `M${polygon.map(([x, y]) => `${at(x)} ${at(y)}`).join('L')}Z`;

const page = (width: number, height: number, inside: readonly string[]): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${at(width)}cm" height="${at(height)}cm" viewBox="0 0 ${at(width)} ${at(height)}">\n${inside.join('\n')}\n</svg>\n`;

const LINE = 'fill="none" stroke="#000" stroke-width="0.1"';

/** Pieces side by side as a drawing at full size, with how each is cut in their names and data: read again, they are the same. */
export function piecesAsSvg(pieces: readonly FilePiece[]): string {
  let [x, height] = [1, 0];
  const drawn = pieces.map(({ name, outline, count, pairs, fold, size }) => {
    const { left, top, right, bottom } = boundsOf(outline);
    const laid = moved(outline, x - left, 1 - top);
    x += right - left + 2;
    height = Math.max(height, bottom - top);
    return `  <path data-name="${escapeHtml(name)}" data-count="${count}" data-pairs="${pairs}"${size === undefined ? '' : ` data-size="${escapeHtml(size)}"`}${fold ? ` data-fold="${fold}"` : ''} ${LINE} d="${pathData(laid)}"/>`;
  });
  return page(x, height + 2, drawn);
}

/** A lay as a drawing at full size: the fabric and every copy by name. */
export function layAsSvg({ width, length, placed }: DrawnLay): string {
  const fabric = `  <rect id="fabric" width="${at(width)}" height="${at(length)}" fill="none" stroke="#888" stroke-width="0.1"/>`;
  const drawn = placed.map(({ piece, copy, polygon }) => {
    const { left, top, right, bottom } = boundsOf(polygon);
    return `  <g data-name="${escapeHtml(piece)}" data-copy="${copy}"><path ${LINE} d="${pathData(polygon)}"/><text x="${at((left + right) / 2)}" y="${at((top + bottom) / 2)}" font-size="3" text-anchor="middle">${escapeHtml(piece)}</text></g>`;
  });
  return page(width, length, [fabric, ...drawn]);
}
