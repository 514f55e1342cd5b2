import { seeded } from '../units/seeded';
import { numberAt } from '../units/item-at';
import { boundsOf, rectangle, turnedBy, moved, type Point, type Polygon } from '../units/polygon';

/** Red, green and blue, 0 to 255. */
export type Colour = readonly [number, number, number];

/** A flat thing on the practice table, cm. */
export interface PracticeThing {
  readonly outline: Polygon;
  readonly colour: Colour;
}

/** A table to photograph. What comes later lies on what came before. */
export interface PracticeScene {
  readonly ground: 'plain' | 'wood' | 'mat';
  readonly groundColour: Colour;
  readonly things: readonly PracticeThing[];
}

/** How the practice camera is held, and what is wrong with its picture. */
export interface PracticeShot {
  readonly width: number;
  readonly height: number;
  /** Above the table, cm, and over which place of it. */
  readonly above: number;
  readonly over: Point;
  /** Away from straight down, and turned about the line of sight, degrees. */
  readonly tilt: number;
  /** In which direction it leans, degrees from the table's x. */
  readonly towards: number;
  readonly turn: number;
  /** How far the lens bends the corners of the picture inwards, as a share: 0.04 is 4 %; less than 0 bends them outwards. */
  readonly bend: number;
  /** Standard deviations: of the blur, px, and of the noise, in grey values. */
  readonly blur: number;
  readonly noise: number;
  /** How dark the shadow beside things is, 0 to 1. */
  readonly shadow: number;
  readonly seed: number;
}

/** A picture by the practice camera, and where each place of the table is truly seen in it. */
export interface PracticePicture {
  readonly width: number;
  readonly height: number;
  /** Four bytes a pixel. */
  readonly rgba: Uint8ClampedArray;
  readonly at: (place: Point) => Point;
}

/** The usual main camera of a phone: so many times the long side of the picture. */
const FOCAL = 0.72;

interface Pose {
  /** Where places of the table are seen before the lens, from the middle, px. */
  readonly seen: (place: Point) => Point;
  /** The other way round: the place is `stand + (sight + u·right + v·down) · −above / (the same of z)`. */
  readonly stand: Point;
  readonly sight: Axis;
  readonly right: Axis;
  readonly down: Axis;
}
type Axis = readonly [number, number, number];

function poseOf({ width, height, above, over, tilt, towards, turn }: PracticeShot): Pose {
  const focal = FOCAL * Math.max(width, height);
  const radians = (d: number) => (d * Math.PI) / 180;
  const [ct, st, cw, sw] = [Math.cos(radians(tilt)), Math.sin(radians(tilt)), Math.cos(radians(towards)), Math.sin(radians(towards))];
  // Turned so that an upright camera has the table's x to the right and its y down.
  const [cb, sb] = [Math.cos(radians(towards - turn)), Math.sin(radians(towards - turn))];
  const mix = (a: number, b: number): Axis => [a * ct * cw - b * sw, a * ct * sw + b * cw, a * st];
  const [right, down] = [mix(cb, -sb), mix(sb, cb)];
  const sight: Axis = [focal * st * cw, focal * st * sw, -focal * ct];
  // It looks at the place that it is held over: leaning, it stands back from it.
  const stand: Point = [over[0] - (above * st * cw) / ct, over[1] - (above * st * sw) / ct];
  return {
    stand,
    sight,
    right,
    down,
    seen: ([x, y]) => {
      const [dx, dy, dz] = [x - stand[0], y - stand[1], -above];
      const dot = (axis: Axis) => axis[0] * dx + axis[1] * dy + axis[2] * dz;
      const far = dot(sight) / (focal * focal);
      return [dot(right) / far, dot(down) / far];
    },
  };
}

/** An outline that is asked for every pixel. */
interface Shape {
  /** How far a place is from its edge, cm: more than 0 within. */
  readonly depth: (x: number, y: number) => number;
  /** The same by squares of a cm that are asked once, where the edge is further than the room: 0 where it may be near. */
  readonly farIn: (x: number, y: number, room: number) => number;
}

function shapeOf(outline: Polygon): Shape {
  const count = outline.length;
  const [xs, ys] = [0, 1].map((axis) => Float64Array.from(outline, (p) => p[axis] ?? 0));
  if (!xs || !ys) throw new RangeError('an outline has two axes');
  const depth = (x: number, y: number): number => {
    let nearest = Infinity;
    let inside = false;
    for (let i = 0, j = count - 1; i < count; j = i++) {
      const ax = numberAt(xs, j);
      const ay = numberAt(ys, j);
      const bx = numberAt(xs, i);
      const by = numberAt(ys, i);
      const ex = bx - ax;
      const ey = by - ay;
      const t = Math.min(1, Math.max(0, ((x - ax) * ex + (y - ay) * ey) / (ex * ex + ey * ey || 1)));
      const dx = x - ax - t * ex;
      const dy = y - ay - t * ey;
      const far = dx * dx + dy * dy;
      if (far < nearest) nearest = far;
      if (ay > y !== by > y && x < ax + ((y - ay) / ey) * ex) inside = !inside;
    }
    return (inside ? 1 : -1) * Math.sqrt(nearest);
  };
  const known = new Map<number, number>();
  return {
    depth,
    farIn: (x, y, room) => {
      const column = Math.floor(x);
      const row = Math.floor(y);
      const key = (row + 500) * 4000 + column + 500;
      let found = known.get(key);
      if (found === undefined) {
        found = depth(column + 0.5, row + 0.5);
        known.set(key, found);
      }
      // Half the diagonal of the square, and the room that a shadow or a blur takes.
      return Math.abs(found) > 0.71 + room ? found : 0;
    },
  };
}

/** A share from 0 to 1 across an edge that is blurred. Source: a logistic curve in place of the normal one, 0.6 times as wide. */
const across = (depth: number, blur: number): number => 1 / (1 + Math.exp(-depth / (0.6 * blur)));

/** Lines of a mat lie a cm apart, every fifth is stronger, cm wide. */
const [FINE, STRONG] = [0.035, 0.09];

/** How much of a mat's lines is seen at a place, 0 to 1, through a blur, cm. */
function matLines(x: number, y: number, blur: number): number {
  const one = (v: number) => {
    const near = Math.abs(v - Math.round(v));
    const wide = Math.round(v) % 5 === 0 ? STRONG : FINE;
    // A line thinner than the blur is as much paler.
    return Math.max(0, across(wide / 2 - near, blur) - across(-wide / 2 - near, blur)) * (wide === STRONG ? 1 : 0.8);
  };
  return Math.max(one(x), one(y));
}

/** How far from the middle a place is seen through the lens, both in half diagonals. */
const bentBy =
  (bend: number) =>
  (r: number): number =>
    r * (1 - bend * r * r * (1 - 0.15 * r * r));

/** Where each place of the table is truly seen in a picture so taken, px. */
export function seenBy(shot: PracticeShot): (place: Point) => Point {
  const { width, height, bend } = shot;
  const { seen } = poseOf(shot);
  const unit = Math.hypot(width, height) / 2;
  const bent = bentBy(bend);
  return (place) => {
    const [u, v] = seen(place);
    const r = Math.hypot(u, v) / unit;
    const k = r === 0 ? 1 : bent(r) / r;
    return [width / 2 + u * k, height / 2 + v * k];
  };
}

/**
 * A picture of a flat table as a phone would take it: tilted, bent by the lens, blurred, noisy, with shadows. The same seed gives the same picture.
 *
 * @example photograph(scene, shot).at([10, 20]) // where that place of the table is seen, px
 */
export function photograph(scene: PracticeScene, shot: PracticeShot): PracticePicture {
  const { width, height, bend, noise, shadow, seed } = shot;
  const { stand, sight, right, down } = poseOf(shot);
  const unit = Math.hypot(width, height) / 2;
  const bent = bentBy(bend);
  /** The lens the other way round, read from a table. */
  const fine = 4000;
  const most = 1.25;
  const straight = new Float64Array(fine + 1);
  for (let i = 0, r = 0; i <= fine; i++) {
    const wanted = (i * most) / fine;
    for (let n = 0; n < 6; n++) r -= (bent(r) - wanted) / Math.max(0.2, (bent(r + 1e-6) - bent(r)) / 1e-6);
    straight[i] = wanted === 0 ? 1 : r / wanted;
  }
  straight[0] = 1;
  const chance = seeded(seed);
  const things = scene.things.map((thing) => ({ colour: thing.colour, box: boundsOf(thing.outline), shape: shapeOf(thing.outline) }));
  const light = [0.92 + 0.16 * chance(), (chance() - 0.5) * 0.35, (chance() - 0.5) * 0.35];
  const from = chance() * 2 * Math.PI;
  const [sx, sy] = [Math.cos(from), Math.sin(from)];
  const rgba = new Uint8ClampedArray(width * height * 4);
  const spread = shadow > 0 ? 1 : 0;
  const colour = [0, 0, 0];
  for (let row = 0, p = 0; row < height; row++) {
    for (let column = 0; column < width; column++, p += 4) {
      const [dx, dy] = [column + 0.5 - width / 2, row + 0.5 - height / 2];
      const r = Math.hypot(dx, dy) / unit;
      const place = (r * fine) / most;
      const low = Math.floor(place);
      const by = (straight[low] ?? 1) + (place - low) * ((straight[low + 1] ?? 1) - (straight[low] ?? 1));
      const [u, v] = [dx * by, dy * by];
      const far = -shot.above / (sight[2] + u * right[2] + v * down[2]);
      const x = stand[0] + far * (sight[0] + u * right[0] + v * down[0]);
      const y = stand[1] + far * (sight[1] + u * right[1] + v * down[1]);
      const blur = Math.max(0.4, shot.blur) * far;
      colour[0] = scene.groundColour[0];
      colour[1] = scene.groundColour[1];
      colour[2] = scene.groundColour[2];
      if (scene.ground === 'mat') {
        const line = matLines(x, y, blur);
        for (let c = 0; c < 3; c++) colour[c] = (colour[c] ?? 0) * (1 - line) + 205 * line;
      } else if (scene.ground === 'wood') {
        const grain = 1 + 0.07 * Math.sin(x * 1.7 + 2.3 * Math.sin(y * 0.06)) + 0.03 * Math.sin(x * 9 + y * 0.21);
        for (let c = 0; c < 3; c++) colour[c] = (colour[c] ?? 0) * grain;
      }
      for (const { shape, box, colour: own } of things) {
        const room = spread + 4 * blur;
        if (x < box.left - room || x > box.right + room || y < box.top - room || y > box.bottom + room) continue;
        const known = shape.farIn(x, y, room);
        if (known < 0) continue;
        const depth = known > 0 ? known : shape.depth(x, y);
        if (spread > 0 && depth < 0) {
          // A thing shades the table on the side away from the light, softly.
          const away = shape.depth(x + sx * 0.25, y + sy * 0.25);
          const dark = 1 - shadow * across(away, 0.18);
          for (let c = 0; c < 3; c++) colour[c] = (colour[c] ?? 0) * dark;
        }
        const share = across(depth, blur);
        for (let c = 0; c < 3; c++) colour[c] = (colour[c] ?? 0) * (1 - share) + (own[c] ?? 0) * share;
      }
      const lit = (light[0] ?? 1) + ((light[1] ?? 0) * dx) / width + ((light[2] ?? 0) * dy) / height - 0.12 * r * r;
      const grain = noise > 0 ? noise * 2 * (chance() + chance() + chance() - 1.5) : 0;
      rgba[p] = (colour[0] ?? 0) * lit + grain;
      rgba[p + 1] = (colour[1] ?? 0) * lit + grain;
      rgba[p + 2] = (colour[2] ?? 0) * lit + grain;
      rgba[p + 3] = 255;
    }
  }
  return { width, height, rgba, at: seenBy(shot) };
}

/**
 * A sheet of paper on the practice table.
 *
 * @param turn degrees
 */
export const sheetOn = (middle: Point, width: number, height: number, turn: number, colour: Colour = [238, 236, 230]): PracticeThing => ({
  outline: moved(turnedBy(rectangle(-width / 2, -height / 2, width / 2, height / 2), turn), middle[0], middle[1]),
  colour,
});
