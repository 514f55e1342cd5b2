import { PictureMeasured, type PictureMark } from '../records';

/** For tests: a picture of 1000 by 800 pixels in which ten are a cm, without a lens and without any doubt of its own. */
export function samplePicture(marks: readonly PictureMark[] = []): PictureMeasured {
  const half = Math.hypot(1000, 800) / 2;
  return PictureMeasured.parse({
    frame: { width: 1000, height: 800 },
    reference: { width: 29.7, height: 21 },
    corners: [0, 0, 10, 0, 10, 10, 0, 10],
    found: true,
    refined: true,
    view: [half / 10, 0, 50, 0, half / 10, 40, 0, 0, 0, 0],
    covariance: new Array(100).fill(0),
    rms: 0,
    points: 10,
    marks,
  });
}
