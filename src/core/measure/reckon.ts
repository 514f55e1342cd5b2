import { cross, type Point } from '../units/polygon';
import { halfDiagonal, inPicture, VIEW_LENGTH, type Frame } from './camera';
import { pointsOnLines, type Across, type TableLine } from './edges';
import { asView, fitView, homography, LENS_SD, type FittedView, type OnLine, type Weights } from './fit-view';
import type { Grey } from './grey';
import type { Reference } from './reference';

/** Four corners in the picture, px: clockwise from the upper left. */
export type Corners = readonly [Point, Point, Point, Point];

/** A picture that can be measured in. */
export interface Reckoned extends FittedView {
  readonly frame: Frame;
  readonly corners: Corners;
  /** The sides of the reference as its corners stand: along the first side, and down the next, cm. */
  readonly sides: Point;
  /** Its edges were found in the picture and its corners are where they meet; else they stand where they were put. */
  readonly refined: boolean;
}

/** How far a corner is off that was put by hand and could not be refined, px. */
const BY_HAND = 1.5;
/** How far points of an edge are off each, and an edge as a whole, px: as found on pictures from the practice camera, with shadows. */
const EDGE: Weights = { noise: 0.25, least: 0.042, lineOff: 0.07 };
const GRID: Weights = { noise: 0.25, least: 0.015, lineOff: 0.005 };
const HAND: Weights = { noise: BY_HAND, least: BY_HAND, lineOff: 0.01 };

/** Why corners cannot be those of a reference. */
export function wrongCorners(corners: Corners): string | undefined {
  const turns = corners.map((corner, i) => cross(corners[(i + 3) % 4] ?? corner, corner, corners[(i + 1) % 4] ?? corner));
  const size = Math.max(...corners.map((c, i) => Math.hypot(c[0] - (corners[(i + 1) % 4]?.[0] ?? 0), c[1] - (corners[(i + 1) % 4]?.[1] ?? 0))));
  if (turns.some((turn) => Math.abs(turn) < 0.01 * size * size))
    return 'Three of the corners lie as good as in a line. Put each on a corner of the sheet.';
  if (!turns.every((turn) => turn > 0) && !turns.every((turn) => turn < 0))
    return 'The sides between the corners cross. Put the corners one after the other, clockwise from the upper left.';
  return undefined;
}

/** The sides of a reference as it lies: its longer side is the one that is longer in the picture. */
export function sidesAsLaid(corners: Corners, { width, height }: Reference): Point {
  const side = (i: number, j: number) => Math.hypot((corners[i]?.[0] ?? 0) - (corners[j]?.[0] ?? 0), (corners[i]?.[1] ?? 0) - (corners[j]?.[1] ?? 0));
  const [across, down] = [side(0, 1) + side(2, 3), side(1, 2) + side(3, 0)];
  return across >= down === width >= height ? [width, height] : [height, width];
}

/** A view through four corners, without a lens. */
function through(frame: Frame, corners: Corners, [width, height]: Point) {
  const unit = halfDiagonal(frame);
  const from = corners.map(([x, y]): Point => [(x - frame.width / 2) / unit, (y - frame.height / 2) / unit]);
  const h = homography(from, [
    [0, 0],
    [width, 0],
    [width, height],
    [0, height],
  ]);
  return h && asView([...h, 0, 0]);
}

/** Corners alone as points on their sides: each lies on two. */
const asPoints = (corners: Corners, [width, height]: Point): OnLine[] =>
  corners.flatMap((at, i): OnLine[] => [
    { at, axis: 0, cm: i === 1 || i === 2 ? width : 0, line: 100 + 2 * i },
    { at, axis: 1, cm: i >= 2 ? height : 0, line: 101 + 2 * i },
  ]);

/** The four sides of a sheet, without their ends, where corners are round or dog-eared. */
function sidesOf([width, height]: Point): TableLine[] {
  const [x, y] = [0.04 * width, 0.04 * height];
  return [
    { axis: 1, cm: 0, from: x, to: width - x, inside: 1, line: 0 },
    { axis: 0, cm: width, from: y, to: height - y, inside: -1, line: 1 },
    { axis: 1, cm: height, from: x, to: width - x, inside: -1, line: 2 },
    { axis: 0, cm: 0, from: y, to: height - y, inside: 1, line: 3 },
  ];
}

/** Every line of a mat between its corners, in stretches between the lines that cross it. */
function gridLines([width, height]: Point, square: number): TableLine[] {
  const [across, down] = [Math.round(width / square), Math.round(height / square)];
  const stretches = (axis: 0 | 1, lines: number, crossing: number, first: number) =>
    Array.from({ length: lines + 1 }, (_, i) =>
      Array.from({ length: crossing }, (__, j): TableLine => ({
        axis,
        cm: i * square,
        from: (j + 0.2) * square,
        to: (j + 0.8) * square,
        inside: 1,
        line: first + i,
      })),
    ).flat();
  return [...stretches(0, across, down, 0), ...stretches(1, down, across, 1000)];
}

/** A mat has so many stretches at the most that are looked at. */
const MOST_STRETCHES = 700;

/** Thinned evenly to so many. */
const thinned = <Item>(items: readonly Item[], most: number): Item[] =>
  items.length <= most ? [...items] : items.filter((_, i) => Math.floor((i * most) / items.length) !== Math.floor(((i - 1) * most) / items.length));

/**
 * Reckons how a table is seen by something of known size that lies on it: its corners to a part of a pixel along its edges, perspective and lens taken out.
 *
 * @param corners where they were found or put; they need not be exact
 * @returns a sentence where the corners cannot be those of a rectangle
 */
export function reckoned(grey: Grey, corners: Corners, reference: Reference): Reckoned | string {
  const frame: Frame = { width: grey.width, height: grey.height };
  if (reference.ruler) return byRuler(frame, corners, reference.width);
  const wrong = wrongCorners(corners);
  if (wrong !== undefined) return wrong;
  const sides = sidesAsLaid(corners, reference);
  const begin = through(frame, corners, sides);
  const byHand = begin && fitView(frame, asPoints(corners, sides), begin, HAND);
  if (!byHand) return 'Three of the corners lie as good as in a line. Put each on a corner of the sheet.';
  const found = reference.square === undefined ? bySheet(grey, frame, byHand, sides) : byGrid(grey, frame, byHand, sides, reference.square);
  const fitted = found ?? byHand;
  const [w, h] = sides;
  const at = (x: number, y: number) => inPicture(fitted.view, frame, [x, y]);
  return { ...fitted, frame, sides, refined: found !== undefined, corners: found ? [at(0, 0), at(w, 0), at(w, h), at(0, h)] : corners };
}

/** Held straight down by eye a camera leans by so much, one standard deviation, degrees. Source: our own trials. */
const LEAN = 2;
/** The usual main camera of a phone sees so far to the side, in half diagonals of the picture, at its own distance. */
const SIDEWAYS = 0.87;

/**
 * By one length alone, the picture taken straight down: what that was not, and what the lens bends, is doubt.
 *
 * @returns a sentence where its ends are one place
 */
function byRuler(frame: Frame, corners: Corners, length: number): Reckoned | string {
  const unit = halfDiagonal(frame);
  const [from, to] = corners;
  const shown = Math.hypot(to[0] - from[0], to[1] - from[1]);
  if (shown < 10) return 'The two ends of the ruler lie on one place. Put them as far apart as you can.';
  const scale = (length / shown) * unit;
  const covariance = new Array<number>(VIEW_LENGTH * VIEW_LENGTH).fill(0);
  const put = (i: number, j: number, value: number) => {
    covariance[i * VIEW_LENGTH + j] = value;
    covariance[j * VIEW_LENGTH + i] = value;
  };
  // Both axes have one scale: it is off by what the two ends are.
  const off = (scale * BY_HAND * Math.SQRT2) / shown;
  put(0, 0, off ** 2);
  put(4, 4, off ** 2);
  put(0, 4, off ** 2);
  const lean = Math.tan((LEAN * Math.PI) / 180) * SIDEWAYS;
  for (const i of [6, 7]) put(i, i, lean ** 2);
  LENS_SD.forEach((sd, i) => put(8 + i, 8 + i, sd ** 2));
  const view = asView([scale, 0, (scale * frame.width) / 2 / unit, 0, scale, (scale * frame.height) / 2 / unit, 0, 0, 0, 0]);
  return { view, covariance, rms: 0, points: 2, frame, corners, sides: [length, length], refined: false };
}

/** By the edges of a sheet: looked for first widely, then closely along the curve in which the lens shows them. */
function bySheet(grey: Grey, frame: Frame, begin: FittedView, sides: Point): FittedView | undefined {
  const lines = sidesOf(sides);
  const longest = Math.max(...sides);
  const shown = Math.hypot(...([0, 1] as const).map((i) => inPicture(begin.view, frame, [longest, 0])[i] - inPicture(begin.view, frame, [0, 0])[i]));
  let fitted = begin;
  let what: Across = 'lighter inside';
  for (const reach of [Math.min(40, Math.max(6, shown * 0.04)), Math.min(14, Math.max(5, shown * 0.015)), Math.min(9, Math.max(4, shown * 0.01))]) {
    const spacing = longest / Math.min(120, Math.max(24, shown / 5));
    const ask = (how: Across) => pointsOnLines(grey, frame, fitted.view, lines, { what: how, spacing, reach });
    let points = ask(what);
    const enough = (found: readonly OnLine[]) => lines.every(({ line }) => found.filter((p) => p.line === line).length >= 6);
    if (!enough(points) && what === 'lighter inside') {
      what = 'edge';
      points = ask(what);
    }
    if (!enough(points)) return undefined;
    const next = fitView(frame, points, fitted.view, EDGE);
    // Points that lie in no line are those of something else.
    if (!next || next.points < 0.55 * points.length) return undefined;
    fitted = next;
  }
  return fitted.rms < 1.5 + shown / 1500 ? fitted : undefined;
}

/** By the lines of a mat: first those near the corners, where they are known best, then further and further out. */
function byGrid(grey: Grey, frame: Frame, begin: FittedView, sides: Point, square: number): FittedView | undefined {
  const all = gridLines(sides, square);
  const [width, height] = sides;
  const fromCorner = ({ axis, cm, from, to }: TableLine) => {
    const [x, y] = axis === 0 ? [cm, (from + to) / 2] : [(from + to) / 2, cm];
    return Math.hypot(Math.min(x, width - x), Math.min(y, height - y));
  };
  const shown = Math.hypot(...([0, 1] as const).map((i) => inPicture(begin.view, frame, [square, 0])[i] - inPicture(begin.view, frame, [0, 0])[i]));
  let fitted = begin;
  const far = Math.hypot(width, height);
  for (const within of [2.5 * square, 5 * square, 10 * square, far, far]) {
    const lines = thinned(
      all.filter((l) => fromCorner(l) <= within),
      MOST_STRETCHES,
    );
    const reach = Math.max(4, Math.min(0.42 * shown, within === 2.5 * square ? 0.42 * shown : 14));
    const points = pointsOnLines(grey, frame, fitted.view, lines, { what: 'line', spacing: square, reach });
    if (points.length < 16) return undefined;
    const next = fitView(frame, points, fitted.view, GRID);
    if (!next || next.points < 0.5 * points.length) return undefined;
    fitted = next;
  }
  return fitted.rms < 2 ? fitted : undefined;
}
