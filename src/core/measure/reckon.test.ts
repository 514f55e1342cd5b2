import fc from 'fast-check';
import { itemAt } from '../units/item-at';
import { rectangle, type Point } from '../units/polygon';
import { halfDiagonal, inPicture, onTable, type View } from './camera';
import { asView, homography } from './fit-view';
import { findMat } from './find-mat';
import { findSheet } from './find-sheet';
import { greyOf } from './grey';
import { cameraHeight, clickOfNumbers, markLength, outlineMeasures } from './lengths';
import { photograph, seenBy, sheetOn, type PracticeScene, type PracticeShot } from './practice-camera';
import { proportion, unlike } from './proportion';
import { reckoned, sidesAsLaid, wrongCorners, type Corners, type Reckoned } from './reckon';
import { referenceNamed } from './reference';

const SHOT: PracticeShot = {
  width: 960,
  height: 720,
  above: 110,
  over: [40, 30],
  tilt: 14,
  towards: 200,
  turn: -6,
  bend: 0.03,
  blur: 0.7,
  noise: 2,
  shadow: 0.1,
  seed: 4,
};
const A4 = { width: 29.7, height: 21 };
const SHEET = sheetOn([16, 30], A4.width, A4.height, 12);
const TABLE: PracticeScene = { ground: 'plain', groundColour: [70, 62, 54], things: [SHEET] };

const off = (a: Point, b: Point) => Math.hypot(a[0] - b[0], a[1] - b[1]);
const seenOf = (seen: Reckoned | string): Reckoned => {
  if (typeof seen === 'string') throw new Error(seen);
  return seen;
};
const four = (points: readonly Point[]): Corners => [itemAt(points, 0), itemAt(points, 1), itemAt(points, 2), itemAt(points, 3)];

describe('a sheet on a darker table', () => {
  const picture = photograph(TABLE, SHOT);
  const grey = greyOf(picture.width, picture.height, picture.rgba);
  const truth = SHEET.outline.map((p) => picture.at(p));
  const found = findSheet(grey, A4.width / A4.height);
  const seen = seenOf(found ? reckoned(grey, found, A4) : 'not found');

  test('is found, and its corners are brought to a part of a pixel', () => {
    for (const corner of truth) expect(Math.min(...(found ?? []).map((c) => off(c, corner)))).toBeLessThan(8);
    for (const corner of truth) expect(Math.min(...seen.corners.map((c) => off(c, corner)))).toBeLessThan(0.5);
    expect(seen).toMatchObject({ refined: true, sides: [29.7, 21] });
  });

  test.each([
    [
      [10, 10],
      [70, 12],
    ],
    [
      [60, 8],
      [62, 55],
    ],
    [
      [5, 50],
      [80, 4],
    ],
  ] as const)('a length far from it is right within its doubt and half a percent: %p to %p', (a, b) => {
    const { value, doubt } = markLength(seen, 'line', [picture.at(a), picture.at(b)], { click: 0 });
    const length = off(a, b);
    expect(Math.abs(value - length)).toBeLessThan(0.005 * length);
    expect(Math.abs(value - length)).toBeLessThan(1.5 * doubt);
    expect(doubt).toBeLessThan(0.02 * length);
  });

  test('clicks that are off and cloth that lies thick are more doubt; what is thick seems larger the nearer the camera is', () => {
    const ends = [picture.at([10, 10]), picture.at([70, 12])];
    const doubts = [{ click: 0 }, { click: 1 }, { click: 1, thick: 0.5 }].map((how) => markLength(seen, 'line', ends, how).doubt);
    expect(doubts[1]).toBeGreaterThan(itemAt(doubts, 0));
    expect(doubts[2]).toBeGreaterThan(itemAt(doubts, 1));
    // 5 mm under a camera at 110 cm: at most 0.45 % of 60 cm, nine times in ten 0.95 of that by even chances.
    const only = markLength(seen, 'line', ends, { click: 0, thick: 0.5 }).doubt;
    expect(Math.sqrt(only ** 2 - itemAt(doubts, 0) ** 2)).toBeCloseTo((1.645 / Math.sqrt(3)) * 60.03 * (0.5 / cameraHeight(seen)), 2);
    expect(cameraHeight(seen)).toBeGreaterThan(85);
    expect(cameraHeight(seen)).toBeLessThan(135);
  });

  test('an outline says its sides along and across its grain, and its area', () => {
    const box = rectangle(40, 15, 70, 45).map((p) => picture.at(p));
    const { round, length, width, area } = outlineMeasures(seen, box, { click: 0.3 }, [picture.at([55, 10]), picture.at([55, 50])]);
    expect(round.value).toBeCloseTo(120, 0);
    expect([length.value, width.value]).toEqual([expect.closeTo(30, 0), expect.closeTo(30, 0)]);
    expect(Math.abs(area.value - 900)).toBeLessThan(2 * area.doubt + 5);
  });

  test('corners put by hand a few pixels off come to the same', () => {
    const [a, b, c, d] = truth.map(([x, y], i): Point => [x + 4 * Math.sin(i * 3), y + 4 * Math.cos(i * 5)]);
    const again = seenOf(reckoned(grey, [a!, b!, c!, d!], A4));
    expect(off(itemAt(again.corners, 0), itemAt(truth, 0))).toBeLessThan(0.5);
  });

  test('where no edges are to be seen, the corners stand as they were put, and lengths are less sure', () => {
    const blank = greyOf(960, 720, new Uint8Array(960 * 720 * 4).fill(90));
    const blind = seenOf(reckoned(blank, four(truth), A4));
    expect(blind).toMatchObject({ refined: false, corners: truth });
    const ends = [picture.at([10, 10]), picture.at([70, 12])];
    const [sure, unsure] = [seen, blind].map((s) => markLength(s, 'line', ends, { click: 0 }).doubt);
    expect(unsure).toBeGreaterThan(3 * (sure ?? 0));
    expect(findSheet(blank)).toBeUndefined();
  });
});

test('by the lines of a mat lengths are right within a quarter percent', () => {
  const picture = photograph({ ground: 'mat', groundColour: [46, 66, 84], things: [] }, SHOT);
  const grey = greyOf(picture.width, picture.height, picture.rgba);
  const put = [[10, 5] as const, [65, 5] as const, [65, 50] as const, [10, 50] as const].map((p, i): Point => {
    const [x, y] = picture.at(p);
    return [x + 2 * Math.sin(i * 4), y + 2 * Math.cos(i * 7)];
  });
  const seen = seenOf(reckoned(grey, four(put), { width: 55, height: 45, square: 5 }));
  expect(seen.refined).toBe(true);
  // Found by themselves its lines say the same, further out.
  const found = findMat(grey, 5);
  expect(found?.reference).toMatchObject({ square: 5 });
  expect(found?.reference.width).toBeGreaterThan(60);
  if (found)
    expect(markLength(found.seen, 'line', [picture.at([15, 10]), picture.at([60, 45])], { click: 0 }).value).toBeCloseTo(Math.hypot(45, 35), 1);
  expect(findMat(greyOf(960, 720, new Uint8Array(960 * 720 * 4).fill(90)), 5)).toBeUndefined();
  for (const [a, b] of [
    [
      [15, 10],
      [60, 45],
    ],
    [
      [5, 40],
      [70, 42],
    ],
  ] as const) {
    const { value, doubt } = markLength(seen, 'line', [picture.at(a), picture.at(b)], { click: 0 });
    expect(Math.abs(value - off(a, b)) / off(a, b)).toBeLessThan(0.0025);
    expect(doubt).toBeLessThan(0.005 * off(a, b));
  }
});

test('corners that cross or lie in a line get a sentence', () => {
  const square = rectangle(100, 100, 300, 260);
  expect(wrongCorners(four(square))).toBeUndefined();
  expect(wrongCorners(four([itemAt(square, 0), itemAt(square, 2), itemAt(square, 1), itemAt(square, 3)]))).toMatch(/sides between the corners cross/);
  expect(
    wrongCorners(
      four([
        [0, 0],
        [100, 0.2],
        [200, 0],
        [100, 200],
      ]),
    ),
  ).toMatch(/in a line/);
  const blank = greyOf(400, 300, new Uint8Array(400 * 300 * 4));
  expect(
    reckoned(
      blank,
      four([
        [0, 0],
        [100, 0],
        [200, 0],
        [100, 200],
      ]),
      A4,
    ),
  ).toMatch(/in a line/);
});

test('the longer side of a sheet is the one that is longer in the picture', () => {
  expect(sidesAsLaid(four(rectangle(0, 0, 300, 200)), A4)).toEqual([29.7, 21]);
  expect(sidesAsLaid(four(rectangle(0, 0, 200, 300)), A4)).toEqual([21, 29.7]);
});

test('what is known by name, or by its sides', () => {
  expect(referenceNamed('Letter')).toEqual({ width: 27.94, height: 21.59 });
  expect(referenceNamed('30 x 20.5')).toEqual({ width: 30, height: 20.5 });
  for (const nothing of ['a5', '0x20', '30', 'axb']) expect(referenceNamed(nothing)).toBeUndefined();
});

test('numbers are off by their rounding', () => {
  expect(clickOfNumbers([12, 40])).toBeCloseTo(0.289, 3);
  expect(clickOfNumbers([12.5, 40.25])).toBeCloseTo(0.00289, 5);
});

test('from the picture to the table and back is the same place', () => {
  const frame = { width: 1600, height: 1200 };
  fc.assert(
    fc.property(
      fc.record({
        x: fc.double({ min: 0, max: 1600, noNaN: true }),
        y: fc.double({ min: 0, max: 1200, noNaN: true }),
        k: fc.double({ min: -0.04, max: 0.04, noNaN: true }),
      }),
      ({ x, y, k }) => {
        const view: View = [100, -9, 40, 12, 98, 30, 0.12, -0.2, k, k / 10];
        const back = inPicture(view, frame, onTable(view, frame, [x, y]));
        expect(off(back, [x, y])).toBeLessThan(1e-6);
      },
    ),
  );
});

test('by a ruler alone, straight down: the scale is right there, and further out the lean of the camera is doubt', () => {
  const blank = greyOf(1000, 750, new Uint8Array(1000 * 750 * 4));
  const seen = seenOf(
    reckoned(
      blank,
      four([
        [400, 375],
        [600, 375],
        [600, 375],
        [400, 375],
      ]),
      { width: 20, height: 20, ruler: true },
    ),
  );
  expect(seen).toMatchObject({ refined: false, sides: [20, 20] });
  const [near, far] = [
    [
      [450, 375],
      [550, 375],
    ],
    [
      [20, 20],
      [120, 20],
    ],
  ].map((ends) =>
    markLength(
      seen,
      'line',
      ends.map(([x = 0, y = 0]): Point => [x, y]),
      { click: 0 },
    ),
  );
  expect(near?.value).toBeCloseTo(10, 9);
  expect(far?.value).toBeCloseTo(10, 9);
  expect(near?.doubt).toBeLessThan(0.5);
  expect(far?.doubt).toBeGreaterThan(1.5 * (near?.doubt ?? 0));
  expect(
    reckoned(
      blank,
      four([
        [400, 375],
        [402, 375],
        [402, 375],
        [400, 375],
      ]),
      { width: 20, height: 20, ruler: true },
    ),
  ).toMatch(/one place/);
});

interface Sides {
  readonly width: number;
  readonly height: number;
}

describe('what lies there is something else than was said', () => {
  /** The view of a camera without a lens to a sheet that is taken for another. */
  const seenWith = (sheet: Sides, said: Sides, tilt: number): View => {
    const shot = { ...SHOT, tilt, bend: 0 };
    const half = halfDiagonal(shot);
    const corners = sheetOn([22, 20], sheet.width, sheet.height, 8).outline.map(seenBy(shot));
    const free = corners.map(([x, y]): Point => [(x - shot.width / 2) / half, (y - shot.height / 2) / half]);
    const view = homography(free, rectangle(0, 0, said.width, said.height));
    if (!view) throw new Error('its corners lie in a line');
    return asView(view);
  };
  const LETTER = { width: 27.94, height: 21.59 };
  const CARD = { width: 8.56, height: 5.398 };

  test('taken straight down its sides say so, and which of the known it is', () => {
    const view = seenWith(LETTER, A4, 2);
    expect(unlike(view, A4)).toEqual({ rather: 'letter' });
    const [least, most] = proportion(view);
    const truth = LETTER.height / LETTER.width / (A4.height / A4.width);
    expect(least).toBeLessThan(truth + 0.005);
    expect(most).toBeGreaterThan(truth - 0.005);
    expect(most - least).toBeLessThan(0.01);
  });

  test.each([0, 5, 10, 15, 20, 25])('a sheet that is what was said is never doubted, leaning %p°', (tilt) => {
    expect(unlike(seenWith(A4, A4, tilt), A4)).toBeUndefined();
    expect(unlike(seenWith(LETTER, LETTER, tilt), LETTER)).toBeUndefined();
  });

  test('a card for a sheet is seen even where the camera leaned; what fits nothing known is only doubted', () => {
    expect(unlike(seenWith(A4, CARD, 12), CARD)).toBeDefined();
    expect(unlike(seenWith({ width: 26, height: 24 }, A4, 3), A4)).toEqual({ rather: undefined });
  });

  test('of a ruler and a mat nothing is said', () => {
    const view = seenWith(LETTER, A4, 2);
    expect(unlike(view, { ...A4, ruler: true })).toBeUndefined();
    expect(unlike(view, { ...A4, square: 5 })).toBeUndefined();
  });
});
