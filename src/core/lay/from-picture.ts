import { markOnTable } from '../measure/lengths';
import { seenAs } from '../measure/kept';
import type { Piece, PictureMark, PictureMeasured } from '../records';
import { asTapeReads } from '../units/length';
import { alongGrain, atOrigin, boundsOf, cornersOf, polygonOf, rectangle, type Point, type Polygon } from '../units/polygon';
import { leftOf } from './clip';

/** Less than this of a remnant's box is the edge's unevenness and no bite, cm². */
const NO_BITE = 12;

/**
 * The outline of a mark on the table with its grain along y, its box's corner at nought, cm.
 *
 * @param grain a line in the picture along which its grain runs; without one it runs down the table as the reference lies
 */
export function outlineOnGrain(measured: PictureMeasured, mark: Pick<PictureMark, 'kind' | 'points'>, grain?: Pick<PictureMark, 'points'>): Polygon {
  const seen = seenAs(measured);
  const outline = markOnTable(seen, mark.kind, polygonOf(mark.points));
  const [from, to] = grain ? markOnTable(seen, 'line', polygonOf(grain.points)) : [];
  return atOrigin(from && to ? alongGrain(outline, [from, to]) : outline);
}

/**
 * A remnant as a piece in the stash: the rectangle round it, and what of that it lacks.
 *
 * @param outline its grain along y
 */
export function remnantFrom(outline: Polygon, newId: () => string): Piece & { readonly width: number } {
  const { left, top, right, bottom } = boundsOf(outline);
  const lacks = leftOf(rectangle(left, top, right, bottom), outline).flatMap(({ polygon, area }) =>
    area < NO_BITE ? [] : [{ id: newId(), corners: cornersOf(polygon.map(([x, y]): Point => [x - left, y - top])) }],
  );
  return { length: asTapeReads(bottom - top), width: asTapeReads(right - left), ...(lacks.length > 0 ? { lacks } : {}) };
}
