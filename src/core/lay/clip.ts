import ClipperLib from 'clipper-lib';
import { areaOf, type Polygon } from '../units/polygon';

/** The clipping library knows whole numbers only; a ten-thousandth of a millimetre is far below any scissors. */
const FINE = 1e5;

const toPath = (polygon: Polygon) => polygon.map(([x, y]) => ({ X: Math.round(x * FINE), Y: Math.round(y * FINE) }));
const fromPath = (path: readonly { readonly X: number; readonly Y: number }[]): Polygon => path.map(({ X, Y }) => [X / FINE, Y / FINE]);

function clipped(how: ClipperLib.ClipType, subjects: readonly Polygon[], clips: readonly Polygon[]): Polygon[] {
  const clipper = new ClipperLib.Clipper();
  clipper.AddPaths(subjects.map(toPath), ClipperLib.PolyType.ptSubject, true);
  clipper.AddPaths(clips.map(toPath), ClipperLib.PolyType.ptClip, true);
  const paths: ClipperLib.Paths = [];
  clipper.Execute(how, paths, ClipperLib.PolyFillType.pftNonZero, ClipperLib.PolyFillType.pftNonZero);
  return paths.map(fromPath);
}

/** Several polygons as one: its outlines, and its holes running the other way round. */
export const united = (polygons: readonly Polygon[]): Polygon[] => clipped(ClipperLib.ClipType.ctUnion, polygons, []);

/**
 * Area that two polygons have in common, cm².
 *
 * @example overlap([[0, 0], [2, 0], [2, 2], [0, 2]], [[1, 1], [3, 1], [3, 3], [1, 3]]) // 1
 */
export const overlap = (a: Polygon, b: Polygon): number =>
  clipped(ClipperLib.ClipType.ctIntersection, [a], [b]).reduce((sum, part) => sum + areaOf(part), 0);

/** What is left of one polygon where another is taken off it, each with its area, cm². */
export const leftOf = (whole: Polygon, off: Polygon): { readonly polygon: Polygon; readonly area: number }[] =>
  clipped(ClipperLib.ClipType.ctDifference, [whole], [off]).map((polygon) => ({ polygon, area: areaOf(polygon) }));

/**
 * A polygon with a margin all round, corners drawn out; with a minus sign it is drawn in.
 *
 * @param by cm
 * @returns what is left of it: nothing, one polygon, or several where drawing in parts it
 */
export function widened(polygon: Polygon, by: number): Polygon[] {
  const offset = new ClipperLib.ClipperOffset(3);
  offset.AddPath(toPath(polygon), ClipperLib.JoinType.jtMiter, ClipperLib.EndType.etClosedPolygon);
  const paths: ClipperLib.Paths = [];
  offset.Execute(paths, by * FINE);
  return paths.map(fromPath);
}
