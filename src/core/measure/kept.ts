import type { PictureMark, PictureMeasured } from '../records';
import { cornersOf, polygonOf, type Point } from '../units/polygon';
import { asView } from './fit-view';
import { markLength, type Doubted } from './lengths';
import type { Corners, Reckoned } from './reckon';
import type { Reference } from './reference';

/** Places as a record keeps them: a hundredth of a pixel is finer than any edge. */
export const keptPoints = (points: readonly Point[]): number[] => cornersOf(points);

/** What was reckoned of a picture, as a record keeps it. */
export function keptView(
  seen: Reckoned,
  reference: Reference & { readonly name?: string },
  found: boolean,
  before?: { readonly thick?: number | undefined; readonly marks?: PictureMeasured['marks'] },
): PictureMeasured {
  return {
    frame: { ...seen.frame },
    reference: { ...reference, width: seen.sides[0], height: seen.sides[1] },
    corners: keptPoints(seen.corners),
    found,
    refined: seen.refined,
    view: [...seen.view],
    covariance: [...seen.covariance],
    rms: seen.rms,
    points: seen.points,
    ...(before?.thick === undefined ? {} : { thick: before.thick }),
    marks: before?.marks ?? [],
  };
}

/** Four corners out of a record's numbers. */
export function keptCorners(numbers: readonly number[]): Corners | undefined {
  const [a, b, c, d] = polygonOf(numbers);
  return a && b && c && d ? [a, b, c, d] : undefined;
}

/** What a record keeps, as it was reckoned. */
export function seenAs({ frame, corners, reference, refined, view, covariance, rms, points }: PictureMeasured): Reckoned {
  const at = keptCorners(corners) ?? [[0, 0] as const, [0, 0] as const, [0, 0] as const, [0, 0] as const];
  return { frame, corners: at, sides: [reference.width, reference.height], refined, view: asView(view), covariance, rms, points };
}

/** Clicks of a hand with the magnifier are off by so much, as a share of the picture's longer side. Source: a third of a pixel of the screen at six times its size. */
const BY_HAND = 1 / 3500;

/** How far clicks are off in a picture, px, one standard deviation. */
export const clickIn = ({ width, height }: PictureMeasured['frame']): number => Math.max(0.5, Math.max(width, height) * BY_HAND);

/** How long a mark is, cm: all round where only one side of it was seen. */
export function lengthOfMark(measured: PictureMeasured, mark: Pick<PictureMark, 'kind' | 'points' | 'doubled'>): Doubted {
  const { value, doubt } = markLength(seenAs(measured), mark.kind, polygonOf(mark.points), {
    click: clickIn(measured.frame),
    ...(measured.thick === undefined ? {} : { thick: measured.thick }),
  });
  const times = mark.doubled ? 2 : 1;
  return { value: value * times, doubt: doubt * times };
}
