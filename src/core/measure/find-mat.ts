import { itemAt } from '../units/item-at';
import type { Point } from '../units/polygon';
import { cmPerPixel, inPicture } from './camera';
import { lightAt, smaller, smallerBy, type Grey } from './grey';
import { reckoned, type Corners, type Reckoned } from './reckon';
import type { Reference } from './reference';

/** The longest side of the picture in which lines are looked for, px; patches of it, and how far apart lines may be there. */
const [SIDE, PATCH, FURTHEST, NEAREST] = [420, 100, 40, 9];
/** Lines that repeat less plainly than this are none; of two steps as plain as each other the shorter one is a square. */
const [LEAST, AS_PLAIN] = [0.12, 0.75];

/** Two steps from crossing to crossing in a patch, px, and how plainly they repeat. */
interface Steps {
  readonly a: Point;
  readonly b: Point;
  readonly plain: number;
}

/** What stands out from its surroundings: thin lines do, broad shades do not. */
function standingOut({ width, height, data }: Grey): Float64Array {
  const reach = 4;
  const sums = new Float64Array((width + 1) * (height + 1));
  for (let y = 0; y < height; y++) {
    let row = 0;
    for (let x = 0; x < width; x++) {
      row += data[y * width + x] ?? 0;
      sums[(y + 1) * (width + 1) + x + 1] = (sums[y * (width + 1) + x + 1] ?? 0) + row;
    }
  }
  const out = new Float64Array(width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [left, top, right, bottom] = [
        Math.max(0, x - reach),
        Math.max(0, y - reach),
        Math.min(width, x + reach + 1),
        Math.min(height, y + reach + 1),
      ];
      const at = (px: number, py: number) => sums[py * (width + 1) + px] ?? 0;
      const mean = (at(right, bottom) - at(left, bottom) - at(right, top) + at(left, top)) / ((right - left) * (bottom - top));
      // What is much lighter or darker is something else than a line of a mat.
      out[y * width + x] = Math.max(-40, Math.min(40, (data[y * width + x] ?? 0) - mean));
    }
  return out;
}

/** By which steps a patch repeats itself: peaks of its autocorrelation, two of them across each other. */
function stepsIn(values: Float64Array, width: number, [left, top]: Point): Steps | undefined {
  const patch = new Float64Array(PATCH * PATCH);
  for (let y = 0; y < PATCH; y++) for (let x = 0; x < PATCH; x++) patch[y * PATCH + x] = values[(top + y) * width + left + x] ?? 0;
  let energy = 0;
  for (const v of patch) energy += v * v;
  energy = Math.max(1, energy / patch.length);
  const wide = 2 * FURTHEST + 1;
  const like = new Float64Array(wide * (FURTHEST + 1));
  for (let dy = 0; dy <= FURTHEST; dy++)
    for (let dx = -FURTHEST; dx <= FURTHEST; dx++) {
      if (dx * dx + dy * dy > FURTHEST * FURTHEST) continue;
      const from = Math.max(0, -dx);
      const to = PATCH - Math.max(0, dx);
      let sum = 0;
      for (let y = 0; y + dy < PATCH; y++) {
        const row = y * PATCH;
        const other = (y + dy) * PATCH + dx;
        for (let x = from; x < to; x++) sum += (patch[row + x] ?? 0) * (patch[other + x] ?? 0);
      }
      like[dy * wide + dx + FURTHEST] = sum / ((PATCH - dy) * (to - from)) / energy;
    }
  const likeAt = (dx: number, dy: number) => (dy < 0 ? (like[-dy * wide - dx + FURTHEST] ?? 0) : (like[dy * wide + dx + FURTHEST] ?? 0));
  const peaks: { readonly step: Point; readonly plain: number }[] = [];
  for (let dy = 0; dy < FURTHEST; dy++)
    for (let dx = -FURTHEST + 1; dx < FURTHEST; dx++) {
      const plain = likeAt(dx, dy);
      if (plain < LEAST || Math.hypot(dx, dy) < NEAREST || (dy === 0 && dx < 0)) continue;
      let highest = true;
      for (let v = -2; v <= 2 && highest; v++) for (let u = -2; u <= 2 && highest; u++) if (likeAt(dx + u, dy + v) > plain) highest = false;
      if (highest) peaks.push({ step: [dx, dy], plain });
    }
  if (peaks.length < 2) return undefined;
  const most = Math.max(...peaks.map((p) => p.plain));
  const plainly = peaks.filter((p) => p.plain > AS_PLAIN * most).sort((p, q) => Math.hypot(...p.step) - Math.hypot(...q.step));
  const [first] = plainly;
  if (!first) return undefined;
  const [ax, ay] = first.step;
  const across = peaks
    .filter(({ step: [bx, by] }) => {
      const [la, lb] = [Math.hypot(ax, ay), Math.hypot(bx, by)];
      return Math.abs(ax * bx + ay * by) < 0.4 * la * lb && lb > 0.65 * la && lb < 1.5 * la;
    })
    .sort((p, q) => q.plain - p.plain)[0];
  if (!across) return undefined;
  // Named so that the first runs to the right and the second down.
  const pair = [first.step, across.step].map(([x, y]): Point =>
    Math.abs(x) >= Math.abs(y) ? (x < 0 ? [-x, -y] : [x, y]) : y < 0 ? [-x, -y] : [x, y],
  );
  const [p, q] = [itemAt(pair, 0), itemAt(pair, 1)];
  const [a, b] = Math.abs(p[0]) >= Math.abs(q[0]) ? [p, q] : [q, p];
  return { a, b, plain: Math.min(first.plain, across.plain) };
}

/** Where in a patch a crossing lies: the place from which steps meet most of what stands out. */
function crossingIn(values: Float64Array, width: number, [left, top]: Point, { a, b }: Steps): Point {
  let best: { readonly at: Point; readonly worth: number } = { at: [left, top], worth: -Infinity };
  const fine = 14;
  const begin: Point = [left + PATCH / 2 - (a[0] + b[0]) / 2, top + PATCH / 2 - (a[1] + b[1]) / 2];
  for (let i = 0; i < fine; i++)
    for (let j = 0; j < fine; j++) {
      const at: Point = [begin[0] + (i * a[0] + j * b[0]) / fine, begin[1] + (i * a[1] + j * b[1]) / fine];
      let worth = 0;
      // Along the four sides of the square that begins there, and of its neighbours.
      for (let k = -8; k <= 8; k++)
        for (const step of [a, b]) {
          const [x, y] = [Math.round(at[0] + (step[0] * k) / 8), Math.round(at[1] + (step[1] * k) / 8)];
          worth += values[y * width + x] ?? 0;
        }
      if (Math.abs(worth) > best.worth) best = { at, worth: Math.abs(worth) };
    }
  return best.at;
}

/** The picture of a mat: its corners as far out as it is seen, and the reference that they are. */
export interface MatFound {
  readonly seen: Reckoned;
  readonly reference: Reference;
}

/**
 * Looks for the lines of a cutting mat: a patch of the picture that repeats itself plainly in two directions, from which squares are followed outwards as far
 * as they are seen.
 *
 * @param square the side of its squares, cm: of the stronger lines where it has two kinds
 * @returns undefined where nothing repeats
 */
export function findMat(grey: Grey, square: number): MatFound | undefined {
  const by = smallerBy(grey, SIDE);
  const small = smaller(grey, by);
  const values = standingOut(small);
  const patches = [0.5, 0.2, 0.8].flatMap((v) =>
    [0.5, 0.2, 0.8].map((u): Point => [Math.floor(u * (small.width - PATCH)), Math.floor(v * (small.height - PATCH))]),
  );
  const found = patches
    .flatMap((at) => {
      const steps = small.width > PATCH && small.height > PATCH ? stepsIn(values, small.width, at) : undefined;
      return steps ? [{ at, steps }] : [];
    })
    .sort((p, q) => q.steps.plain - p.steps.plain);
  for (const { at, steps } of found.slice(0, 5)) {
    const [x, y] = crossingIn(values, small.width, at, steps);
    const place = (i: number, j: number): Point => [
      (x + i * steps.a[0] + j * steps.b[0] + 0.5) * by,
      (y + i * steps.a[1] + j * steps.b[1] + 0.5) * by,
    ];
    const grown = outwards(grey, [place(-1, -1), place(1, -1), place(1, 1), place(-1, 1)], square);
    if (grown && looksSquare(grown.seen) && onStrongLines(grey, grown)) return grown;
  }
  return undefined;
}

/** Whether squares are seen as squares: tilted they are shorter one way, by no more than a camera is held. */
function looksSquare({ view, frame }: Reckoned): boolean {
  const [[ax, ay], [bx, by]] = cmPerPixel(view, frame, [frame.width / 2, frame.height / 2]);
  // The two stretches of the map at the middle of the picture, from its trace and its determinant.
  const [sum, product] = [ax * ax + ay * ay + bx * bx + by * by, Math.abs(ax * by - ay * bx)];
  const root = Math.sqrt(Math.max(0, (sum * sum) / 4 - product * product));
  return Math.sqrt((sum / 2 - root) / (sum / 2 + root)) > 0.8;
}

/** Whether nothing between the lines stands out as much as the lines do: else they are too few, or none. */
function onStrongLines(grey: Grey, { seen, reference }: MatFound): boolean {
  const { view, frame } = seen;
  const square = reference.square ?? 1;
  const strength = (off: number): number => {
    let sum = 0;
    let count = 0;
    for (let i = 1; i * square < reference.width; i++)
      for (let t = 0.3; t < reference.height; t += square / 4) {
        const x = (i + off) * square;
        if (x > reference.width) continue;
        const [here, before, after] = [x, x - 0.12 * square, x + 0.12 * square].map((at) => lightAt(grey, ...inPicture(view, frame, [at, t])));
        sum += Math.abs((here ?? 0) - ((before ?? 0) + (after ?? 0)) / 2);
        count++;
      }
    return sum / Math.max(1, count);
  };
  return strength(0) > 1.25 * Math.max(strength(0.5), strength(1 / 3), strength(0.6));
}

/** From a block of two by two squares outwards, a row or column at a time on each side, as long as its corners lie in the picture. */
function outwards(grey: Grey, begin: Corners, square: number): MatFound | undefined {
  let [across, down] = [2, 2];
  let reference: Reference = { width: across * square, height: down * square, square };
  let seen = reckoned(grey, begin, reference);
  for (let round = 0; round < 40; round++) {
    if (typeof seen === 'string' || !seen.refined) return undefined;
    const { view, frame } = seen;
    const [w, h] = [across * square, down * square];
    const within = (px: number, py: number) => {
      const [u, v] = inPicture(view, frame, [px, py]);
      return u > 4 && v > 4 && u < frame.width - 4 && v < frame.height - 4;
    };
    const sides = { left: 0, top: 0, right: 0, bottom: 0 };
    // Twice as far out at the most, or the lens would have bent it too far.
    const most = Math.max(1, Math.floor(Math.min(across, down) / 3));
    for (let n = 1; n <= most; n++) {
      const out = n * square;
      if (sides.left === n - 1 && within(-out, -sides.top * square) && within(-out, h + sides.bottom * square)) sides.left = n;
      if (sides.right === n - 1 && within(w + out, -sides.top * square) && within(w + out, h + sides.bottom * square)) sides.right = n;
      if (sides.top === n - 1 && within(-sides.left * square, -out) && within(w + sides.right * square, -out)) sides.top = n;
      if (sides.bottom === n - 1 && within(-sides.left * square, h + out) && within(w + sides.right * square, h + out)) sides.bottom = n;
    }
    if (sides.left + sides.top + sides.right + sides.bottom === 0) return { seen, reference };
    const at = (px: number, py: number) => inPicture(view, frame, [px, py]);
    const [l, t, r, b] = [-sides.left * square, -sides.top * square, w + sides.right * square, h + sides.bottom * square];
    across += sides.left + sides.right;
    down += sides.top + sides.bottom;
    const next: Reference = { width: across * square, height: down * square, square };
    const further = reckoned(grey, [at(l, t), at(r, t), at(r, b), at(l, b)], next);
    // Beyond the mat there are no lines: what was seen so far stands.
    if (typeof further === 'string' || !further.refined || further.points < seen.points) return { seen, reference };
    seen = further;
    reference = next;
  }
  return typeof seen === 'string' ? undefined : { seen, reference };
}
