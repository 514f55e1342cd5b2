import { backwards, type View } from './camera';
import { REFERENCES, type Reference, type ReferenceName } from './reference';
import { keysOf } from '../units/keys';

/**
 * Focal lengths that a camera may have, in half diagonals of its picture: 22 to 52 mm of a 36 × 24 mm frame. Source: the usual lens of phones, and
 * twice as close; their sensors have square pixels, and their lens sits over the middle.
 */
const FOCAL = [1, 2.4] as const;
/** Sides are told apart from so much on, as a share of each other. Source: half the difference of A4 and Letter. */
const SLACK = 0.04;

/**
 * By how much the rectangle behind a view may be higher than it was said to be, for its width: the least and the most, by what cameras there are. A picture
 * taken straight down says it closely; the more the camera leaned, the less is known.
 *
 * Both sides of a rectangle stand at right angles and are told in one unit, which binds the columns of its homography (Z. Zhang, "A flexible new technique
 * for camera calibration", 2000); for a focal length the unit of the second side is left free here and read off.
 *
 * @example proportion(view) // [1.08, 1.1]: a sheet of Letter that was taken for one of A4
 */
export function proportion(view: View): readonly [least: number, most: number] {
  const [a, b, , d, e, , g, h] = backwards(view);
  const long = (x = 0, y = 0, w = 0, focal: number) => Math.hypot(x / focal, y / focal, w);
  const [near, far] = [FOCAL[0], FOCAL[1]].map((focal) => long(b, e, h, focal) / long(a, d, g, focal));
  return [Math.min(near ?? 1, far ?? 1), Math.max(near ?? 1, far ?? 1)];
}

/**
 * Whether a rectangle can be what it was said to be.
 *
 * @returns undefined where it can; else the one other that its sides fit, or nothing where none or several do
 * @example unlike(view, { width: 29.7, height: 21 }) // { rather: 'letter' }
 */
export function unlike(view: View, { width, height, ruler, square }: Reference): { readonly rather: ReferenceName | undefined } | undefined {
  if (ruler || square !== undefined) return undefined;
  const [least, most] = proportion(view);
  const fits = (share: number) => share > least * (1 - SLACK) && share < most * (1 + SLACK);
  if (fits(1)) return undefined;
  const others = keysOf(REFERENCES).filter((name) => fits(REFERENCES[name].height / REFERENCES[name].width / (height / width)));
  return { rather: others.length === 1 ? others[0] : undefined };
}
