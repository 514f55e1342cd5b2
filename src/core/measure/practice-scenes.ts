import { curve } from '../units/curve';
import { type Point, type Polygon } from '../units/polygon';
import type { MarkKind } from './lengths';
import { sheetOn, type Colour, type PracticeScene, type PracticeShot } from './practice-camera';
import { REFERENCES } from './reference';

/** Something in a practice scene of which the true measure is known: places on the table, cm. */
export interface TrueMeasure {
  readonly name: string;
  readonly kind: MarkKind;
  readonly points: readonly Point[];
}

/** A table that is laid out to practise on. */
export interface NamedScene {
  readonly name: string;
  readonly scene: PracticeScene;
  /** The middle of what lies there, cm. */
  readonly over: Point;
  readonly truths: readonly TrueMeasure[];
}

const MAT: Pick<PracticeScene, 'ground' | 'groundColour'> = { ground: 'mat', groundColour: [52, 70, 86] };
const TABLE: Pick<PracticeScene, 'ground' | 'groundColour'> = { ground: 'wood', groundColour: [92, 66, 46] };
const { width: LONG, height: SHORT } = REFERENCES.a4;
const PAPER: Colour = [214, 196, 160];

/** The other half of an outline that is drawn from the top of its middle down to the bottom of it, x away from the middle. */
const bothSides = (half: readonly Point[], middle: number): Polygon => [
  ...half.map(([x, y]): Point => [middle + x, y]),
  ...[...half].reverse().map(([x, y]): Point => [middle - x, y]),
];

/** A shirt laid flat, sleeves spread: chest 52 across, 70 long. */
function shirt(): NamedScene {
  const half: Point[] = [[8, 2], [21, 6], [58, 24], [52, 37], [26, 29], ...curve([26, 29], [25, 40], [24.5, 44], [25, 52], 6), [26.5, 72]];
  const neck = curve([-8, 2], [-4, 6], [4, 6], [8, 2], 8);
  const outline = bothSides([...half], 70);
  return {
    name: 'a shirt flat on a mat',
    over: [76, 38],
    scene: {
      ...MAT,
      things: [
        sheetOn([20, 60], LONG, SHORT, 8),
        { outline, colour: [148, 84, 70] },
        { outline: [[62, 2], ...neck.map(([x, y]): Point => [x + 70, y])], colour: [96, 52, 44] },
      ],
    },
    truths: [
      {
        name: 'chest, laid flat',
        kind: 'line',
        points: [
          [44, 29],
          [96, 29],
        ],
      },
      {
        name: 'hem, laid flat',
        kind: 'line',
        points: [
          [43.5, 72],
          [96.5, 72],
        ],
      },
      {
        name: 'body length',
        kind: 'line',
        points: [
          [62, 2],
          [62, 72],
        ],
      },
      {
        name: 'sleeve',
        kind: 'line',
        points: [
          [91, 6],
          [128, 24],
        ],
      },
    ],
  };
}

/** The front of trousers as a paper piece, grain down the table. */
function trouserFront(): NamedScene {
  const crotch = [[70, 30] as const, ...curve([70, 30], [70.5, 40], [72, 47], [78, 49], 14)];
  const outline: Polygon = [
    [46, 22],
    [69, 22],
    ...crotch,
    ...curve([78, 49], [75, 62], [73.5, 72], [73, 84], 8),
    [72, 124],
    [49, 124],
    ...curve([49, 124], [45, 90], [42, 60], [43, 44], 8),
    ...curve([43, 44], [43, 36], [44.5, 28], [46, 22], 6).slice(0, -1),
  ];
  return {
    name: 'a trouser front',
    over: [72, 73],
    scene: { ...TABLE, things: [sheetOn([104, 52], LONG, SHORT, -6), { outline, colour: PAPER }] },
    truths: [
      { name: 'crotch curve, front', kind: 'curve', points: [[69, 22], ...crotch] },
      {
        name: 'leg opening, laid flat',
        kind: 'line',
        points: [
          [49, 124],
          [72, 124],
        ],
      },
      { name: 'outline', kind: 'outline', points: outline },
    ],
  };
}

/** A remnant with a bite cut out of a corner. */
function remnant(): NamedScene {
  const outline: Polygon = [[30, 20], [98, 20], [98, 62], ...curve([98, 62], [86, 63], [78, 70], [77, 84], 10), [30, 84]];
  return {
    name: 'a remnant with a bite',
    over: [76, 52],
    scene: { ...TABLE, things: [sheetOn([118, 44], SHORT, LONG, 4), { outline, colour: [70, 104, 96] }] },
    truths: [
      { name: 'outline', kind: 'outline', points: outline },
      {
        name: 'along the top',
        kind: 'line',
        points: [
          [30, 20],
          [98, 20],
        ],
      },
    ],
  };
}

/** A sleeve and the front it goes into: do cap and armhole meet? */
function sleeveAndArmhole(): NamedScene {
  const cap: Point[] = [[30, 34], ...curve([30, 34], [36, 33], [38, 18], [48, 18], 12), ...curve([48, 18], [58, 18], [60, 33], [66, 34], 12)];
  const sleeve: Polygon = [...cap, [60, 78], [36, 78]];
  const armhole: Point[] = [[94, 22], ...curve([94, 22], [92, 34], [93, 42], [104, 44], 14)];
  const front: Polygon = [[84, 18], ...armhole, [103, 84], [76, 84], [76, 28], ...curve([76, 28], [80, 27], [83, 24], [84, 18], 6).slice(0, -1)];
  return {
    name: 'a sleeve and its armhole',
    over: [72, 50],
    scene: {
      ...TABLE,
      things: [sheetOn([124, 40], SHORT, LONG, -3), { outline: sleeve, colour: PAPER }, { outline: front, colour: [204, 186, 150] }],
    },
    truths: [
      { name: 'sleeve cap', kind: 'curve', points: cap },
      { name: 'armhole', kind: 'curve', points: armhole },
    ],
  };
}

/** The tables that are laid out to practise on. */
export const practiceScenes = (): NamedScene[] => [shirt(), trouserFront(), remnant(), sleeveAndArmhole()];

/** How the practice camera is held where nobody says otherwise: as a hand over a table does. */
export const usualShot = (over: Point, seed: number): PracticeShot => ({
  width: 1600,
  height: 1200,
  above: 118,
  over,
  tilt: 9,
  towards: 60,
  turn: 3,
  bend: 0.022,
  blur: 0.7,
  noise: 2,
  shadow: 0.15,
  seed,
});
