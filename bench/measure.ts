/**
 * Measured from pictures: 200 by the practice camera, each with its sheet or its mat, lengths anywhere in them held against the truth.
 */
import { findMat } from '../src/core/measure/find-mat';
import { findSheet } from '../src/core/measure/find-sheet';
import { greyOf } from '../src/core/measure/grey';
import { alongEdge, edgeMap, wire } from '../src/core/measure/live-wire';
import { markLength, markOnTable } from '../src/core/measure/lengths';
import { photograph, sheetOn, type PracticePicture, type PracticeScene, type PracticeShot } from '../src/core/measure/practice-camera';
import { practiceScenes, usualShot } from '../src/core/measure/practice-scenes';
import { reckoned, type Corners } from '../src/core/measure/reckon';
import { itemAt } from '../src/core/units/item-at';
import type { Point } from '../src/core/units/polygon';
import { seeded } from '../src/core/units/seeded';

const PICTURES = Number(process.argv[2] ?? 200);
const LENGTHS = 12;

interface Tally {
  readonly errors: number[];
  held: number;
  found: number;
  pictures: number;
  /** Something else was taken for it. */
  wrong: number;
  failed: number;
  byHand: number;
  ms: number;
}
const tally = (): Tally => ({ errors: [], held: 0, found: 0, pictures: 0, failed: 0, wrong: 0, byHand: 0, ms: 0 });

const at = (sorted: readonly number[], share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN;

/** Lengths between two places that the picture shows, 10 to 120 cm. */
function lengthsIn(picture: PracticePicture, shot: PracticeShot, chance: () => number): [Point, Point][] {
  const found: [Point, Point][] = [];
  const shown = (p: Point) => p[0] > 2 && p[1] > 2 && p[0] < picture.width - 2 && p[1] < picture.height - 2;
  for (let tries = 0; found.length < LENGTHS && tries < 4000; tries++) {
    const place = (): Point => [shot.over[0] + (chance() - 0.5) * 3 * shot.above, shot.over[1] + (chance() - 0.5) * 3 * shot.above];
    const a = place();
    const length = 10 + 110 * chance();
    const angle = 2 * Math.PI * chance();
    const b: Point = [a[0] + length * Math.cos(angle), a[1] + length * Math.sin(angle)];
    if (shown(picture.at(a)) && shown(picture.at(b))) found.push([a, b]);
  }
  return found;
}

/** Curves through six clicks and outlines followed along their edges, on pictures of the practice pieces. */
function marksOnPieces(): void {
  const [curves, far] = [[] as number[], [] as number[]];
  for (const scene of practiceScenes())
    for (let seed = 1; seed <= 6; seed++) {
      const chance = seeded(seed);
      const picture = photograph(scene.scene, {
        ...usualShot(scene.over, seed),
        tilt: 20 * chance(),
        towards: 360 * chance(),
        bend: 0.07 * (chance() - 0.5),
      });
      const grey = greyOf(picture.width, picture.height, picture.rgba);
      const corners = findSheet(grey, 29.7 / 21);
      const seen = corners && reckoned(grey, corners, { width: 29.7, height: 21 });
      if (!seen || typeof seen === 'string') continue;
      const map = edgeMap(grey);
      for (const { kind, name, points } of scene.truths) {
        const shown = points.map((p) => picture.at(p));
        // A sleeve cap turns twice, which six clicks do not tell.
        if (kind === 'curve' && name !== 'sleeve cap') {
          const clicks = [0, 0.2, 0.4, 0.6, 0.8, 1].map((t) => itemAt(shown, Math.round(t * (shown.length - 1))));
          const truth = points.reduce(
            (sum, p, i) => sum + Math.hypot(p[0] - itemAt(points, Math.max(0, i - 1))[0], p[1] - itemAt(points, Math.max(0, i - 1))[1]),
            0,
          );
          curves.push(Math.abs(markLength(seen, 'curve', clicks, { click: 0.3 }).value / truth - 1));
        } else if (kind === 'outline') {
          // Clicked where it turns, as one does.
          const corner = shown.filter((p, i) => {
            const [a, b] = [itemAt(shown, (i + shown.length - 1) % shown.length), itemAt(shown, (i + 1) % shown.length)];
            const turn = Math.abs(Math.atan2(p[1] - a[1], p[0] - a[0]) - Math.atan2(b[1] - p[1], b[0] - p[0]));
            return Math.min(turn, 2 * Math.PI - turn) > 0.6;
          });
          const path = corner.flatMap((from, i) => alongEdge(grey, wire(map, from, itemAt(corner, (i + 1) % corner.length)), map.by).slice(1));
          const truly = markOnTable(seen, 'line', shown);
          for (const [x, y] of markOnTable(seen, 'line', path))
            far.push(
              Math.min(
                ...truly.map(([ax, ay], i) => {
                  const [bx, by] = itemAt(truly, (i + 1) % truly.length);
                  const t = Math.min(1, Math.max(0, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / ((bx - ax) ** 2 + (by - ay) ** 2 || 1)));
                  return Math.hypot(x - ax - t * (bx - ax), y - ay - t * (by - ay));
                }),
              ),
            );
        }
      }
    }
  const worst = Math.max(...curves);
  const near = far.filter((d) => d < 0.3).length / far.length;
  console.log(
    `Curves through six clicks: ${curves.length}, off by at most ${(100 * worst).toFixed(2)} % (at most 1). Outlines followed along edges: ${(100 * near).toFixed(1)} % of ${far.length} points within 0.3 cm (at least 95).`,
  );
  if (worst > 0.01 || near < 0.95) process.exitCode = 1;
}
marksOnPieces();

const sheets = tally();
const mats = tally();
for (let k = 0; k < PICTURES; k++) {
  const chance = seeded(1000 + k);
  const mat = k % 2 === 1;
  const of = mat ? mats : sheets;
  const long = Math.round(1630 + 2370 * chance());
  const shot: PracticeShot = {
    width: long,
    height: Math.round(long * 0.75),
    above: 90 + 70 * chance(),
    over: [30, 22],
    tilt: 25 * chance(),
    towards: 360 * chance(),
    turn: 30 * (chance() - 0.5),
    bend: 0.08 * (chance() - 0.5),
    blur: 0.5 + 0.8 * chance(),
    noise: 1 + 4 * chance(),
    shadow: 0.25 * chance(),
    seed: k,
  };
  const side = 0.28 * shot.above * (chance() < 0.5 ? -1 : 1);
  const middle: Point = [shot.over[0] + side, shot.over[1] + 0.15 * shot.above * (chance() - 0.5)];
  const turn = 40 * (chance() - 0.5);
  const sheet = sheetOn(middle, 29.7, 21, turn);
  const dark = 40 + 50 * chance();
  const scene: PracticeScene = {
    ground: mat ? 'mat' : chance() < 0.5 ? 'plain' : 'wood',
    groundColour: mat ? [46, 66, 84] : [dark, dark * 0.9, dark * 0.8],
    things: mat ? [] : [sheet],
  };
  const picture = photograph(scene, shot);
  const grey = greyOf(picture.width, picture.height, picture.rgba);
  of.pictures++;
  const from = performance.now();
  let corners: Corners | undefined;
  if (mat) {
    // Put by hand, three pixels off.
    const off = (p: Point): Point => [p[0] + 6 * (chance() - 0.5), p[1] + 6 * (chance() - 0.5)];
    const byItself = findMat(grey, 5);
    if (byItself) {
      const [a, b]: [Point, Point] = [
        [10, 5],
        [60, 40],
      ];
      const cm = markLength(byItself.seen, 'line', [picture.at(a), picture.at(b)], { click: 0 }).value;
      if (Math.abs(cm / Math.hypot(50, 35) - 1) < 0.01) of.found++;
      else of.wrong++;
    }
    corners = [off(picture.at([5, 0])), off(picture.at([55, 0])), off(picture.at([55, 40])), off(picture.at([5, 40]))];
  } else corners = findSheet(grey, 29.7 / 21);
  const seen = corners && reckoned(grey, corners, mat ? { width: 50, height: 40, square: 5 } : { width: 29.7, height: 21 });
  of.ms += performance.now() - from;
  if (!seen || typeof seen === 'string') {
    of.failed++;
    continue;
  }
  if (!seen.refined) of.byHand++;
  if (!mat) {
    const truth = sheet.outline.map((p) => picture.at(p));
    const off = Math.max(...seen.corners.map((c) => Math.min(...truth.map((t) => Math.hypot(c[0] - t[0], c[1] - t[1])))));
    if (off < 2) of.found++;
    else of.wrong++;
  }
  for (const [a, b] of lengthsIn(picture, shot, chance)) {
    const truth = Math.hypot(a[0] - b[0], a[1] - b[1]);
    const rounded = [a, b].map((p): Point => {
      const [x, y] = picture.at(p);
      return [Math.round(x * 10) / 10, Math.round(y * 10) / 10];
    });
    const { value, doubt } = markLength(seen, 'line', rounded, { click: 0.1 / Math.sqrt(12) });
    of.errors.push(Math.abs(value - truth) / truth);
    if (Math.abs(value - truth) <= doubt) of.held++;
  }
}
for (const [name, t, median, most] of [
  ['a sheet to one side', sheets, 0.4, 1.2],
  ['a mat’s grid', mats, 0.25, 0.8],
] as const) {
  const sorted = [...t.errors].sort((a, b) => a - b);
  console.log(
    `With ${name}: ${sorted.length} lengths in ${t.pictures} pictures, off by ${(100 * at(sorted, 0.5)).toFixed(2)} % in the middle (at most ${median}), 95 % by at most ${(100 * at(sorted, 0.95)).toFixed(2)} % (at most ${most}); the stated range holds ${((100 * t.held) / sorted.length).toFixed(0)} % (85 to 96); found by itself in ${t.found} of ${t.pictures}, something else taken for it in ${t.wrong}; ${t.failed} not measured, ${t.byHand} not refined; ${(t.ms / t.pictures).toFixed(0)} ms a picture.`,
  );
  const held = t.held / sorted.length;
  if (!(100 * at(sorted, 0.5) <= median && 100 * at(sorted, 0.95) <= most && held >= 0.85 && held <= 0.96)) process.exitCode = 1;
}
if (sheets.found < 0.9 * sheets.pictures) process.exitCode = 1;
