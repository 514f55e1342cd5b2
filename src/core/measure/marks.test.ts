import { lengthOf } from '../units/curve';
import { itemAt } from '../units/item-at';
import type { Point } from '../units/polygon';
import { findSheet } from './find-sheet';
import { framePdf } from './frame-pdf';
import { greyOf } from './grey';
import { clickIn, keptCorners, keptView, lengthOfMark, seenAs } from './kept';
import { alongEdge, edgeMap, snapped, wire } from './live-wire';
import { markLength, markOnTable } from './lengths';
import { namedFor } from './named';
import { photograph } from './practice-camera';
import { practiceScenes, usualShot } from './practice-scenes';
import { reckoned } from './reckon';
import { REFERENCES } from './reference';
import { smoothThrough } from './spline';
import { walked } from './walk';
import { PictureMeasured } from '../records';

test('a quarter of an ellipse through six points is as long as it is, within a percent', () => {
  const points = Array.from({ length: 6 }, (_, i): Point => [30 * Math.cos((i * Math.PI) / 10), 12 * Math.sin((i * Math.PI) / 10)]);
  const fine = Array.from({ length: 4001 }, (_, i): Point => [30 * Math.cos((i * Math.PI) / 8000), 12 * Math.sin((i * Math.PI) / 8000)]);
  expect(Math.abs(lengthOf(smoothThrough(points)) / lengthOf(fine) - 1)).toBeLessThan(0.01);
});

test('a curve through two points is a straight line, and a point given twice changes nothing', () => {
  expect(
    smoothThrough([
      [0, 0],
      [10, 0],
    ]),
  ).toEqual([
    [0, 0],
    [10, 0],
  ]);
  const [once, twice] = [
    smoothThrough([
      [0, 0],
      [5, 4],
      [10, 0],
    ]),
    smoothThrough([
      [0, 0],
      [5, 4],
      [5, 4],
      [10, 0],
    ]),
  ];
  expect(lengthOf(twice)).toBeCloseTo(lengthOf(once), 9);
});

describe('a paper piece on a table', () => {
  const scene = itemAt(practiceScenes(), 1);
  const picture = photograph(scene.scene, { ...usualShot(scene.over, 5), width: 1000, height: 750 });
  const grey = greyOf(picture.width, picture.height, picture.rgba);
  const found = findSheet(grey, REFERENCES.a4.width / REFERENCES.a4.height);
  const seen = found ? reckoned(grey, found, REFERENCES.a4) : 'not found';
  if (typeof seen === 'string') throw new Error(seen);
  const truth = (name: string) =>
    itemAt(
      scene.truths.filter((t) => t.name === name),
      0,
    ).points;

  test('its crotch curve through six clicks is within a percent', () => {
    const curve = truth('crotch curve, front');
    const clicks = [0, 0.2, 0.4, 0.6, 0.8, 1].map((t) => picture.at(itemAt(curve, Math.round(t * (curve.length - 1)))));
    const { value, doubt } = markLength(seen, 'curve', clicks, { click: 0.3 });
    expect(Math.abs(value / lengthOf(curve) - 1)).toBeLessThan(0.01);
    expect(doubt).toBeLessThan(1);
  });

  test('followed along its edges, the outline lies within 0.3 cm of the true one nearly everywhere', () => {
    const outline = truth('outline');
    const map = edgeMap(grey);
    const clicks = [0, 1, 16, 25, 33].map((i) => picture.at(itemAt(outline, Math.min(i, outline.length - 1))));
    const path = clicks.flatMap((from, i) => alongEdge(grey, wire(map, from, itemAt(clicks, (i + 1) % clicks.length)), map.by).slice(1));
    const placed = markOnTable(seen, 'line', path);
    // The true outline as the same view has it: tables have no corner of their own.
    const truly = markOnTable(
      seen,
      'line',
      outline.map((p) => picture.at(p)),
    );
    const far = placed.map(([x, y]) =>
      Math.min(
        ...truly.map(([ax, ay], i) => {
          const [bx, by] = itemAt(truly, (i + 1) % truly.length);
          const t = Math.min(1, Math.max(0, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / ((bx - ax) ** 2 + (by - ay) ** 2 || 1)));
          return Math.hypot(x - ax - t * (bx - ax), y - ay - t * (by - ay));
        }),
      ),
    );
    expect(far.filter((d) => d < 0.3).length / far.length).toBeGreaterThan(0.95);
    expect(placed.length).toBeGreaterThan(12);
    expect(placed.length).toBeLessThan(200);
  });

  test('a click beside an edge snaps to it, and far from any it stays', () => {
    const [x, y] = picture.at([58, 22]);
    const [, sy] = snapped(grey, [x, y + 5], 8);
    expect(Math.abs(sy - y)).toBeLessThan(1.6);
    const inside = picture.at([58, 60]);
    expect(snapped(grey, inside, 5)).toEqual(inside);
  });

  test('kept in a record and read again it measures the same; laid flat a line counts twice', () => {
    const kept = PictureMeasured.parse(JSON.parse(JSON.stringify(keptView(seen, { width: 29.7, height: 21, name: 'a4' }, true))));
    const points = truth('leg opening, laid flat').flatMap((p) => [...picture.at(p)]);
    const one = lengthOfMark(kept, { kind: 'line', points });
    expect(one.value).toBeCloseTo(23, 0);
    expect(lengthOfMark(kept, { kind: 'line', points, doubled: true }).value).toBeCloseTo(2 * one.value, 6);
    expect(seenAs(kept).view).toEqual(seen.view);
    expect(keptCorners(kept.corners)?.[0][0]).toBeCloseTo(seen.corners[0][0], 2);
    expect(clickIn({ width: 4000, height: 3000 })).toBeCloseTo(1.14, 2);
  });
});

describe('two seams that are sewn together', () => {
  const cm = (value: number, doubt = 0.1) => ({ value, doubt });
  test.each([
    [50, 47, 'set-in sleeve', 'meets'],
    [55, 47, 'set-in sleeve', 'too long'],
    [47, 47, 'set-in sleeve', 'too short'],
    [47.5, 47, 'dropped sleeve', 'meets'],
    [40, 41, 'collar', 'too short'],
  ] as const)('%p against %p as %s: %s', (first, second, pair, answer) => expect(walked(cm(first), cm(second), pair).answer).toBe(answer));
  test('too close to say where the doubt reaches over the limit', () => {
    const { answer, longer } = walked(cm(52.3, 0.4), cm(47, 0.3), 'set-in sleeve');
    expect([answer, longer.doubt]).toEqual(['not sure', 0.5]);
  });
});

test('what is measured by name suits the kind, and what is laid flat speaks of a zone', () => {
  expect(namedFor('trousers').map((n) => n.name)).toContain('crotch curve, back');
  expect(namedFor('shirt').map((n) => n.name)).toContain('sleeve cap');
  expect(namedFor(undefined).map((n) => n.name)).toContain('outline');
  for (const kind of ['shirt', 'skirt', 'trousers'] as const) {
    const names = namedFor(kind);
    expect(new Set(names.map((n) => n.name)).size).toBe(names.length);
    for (const n of names) if (n.doubled) expect(n.zone).toBeDefined();
  }
});

test('every practice scene shows its sheet, and its true measures lie in the picture', () => {
  for (const { scene, over, truths, name } of practiceScenes()) {
    const picture = photograph(scene, { ...usualShot(over, 2), width: 400, height: 300, noise: 0 });
    const found = findSheet(greyOf(picture.width, picture.height, picture.rgba), REFERENCES.a4.width / REFERENCES.a4.height);
    expect([name, found !== undefined]).toEqual([name, true]);
    for (const [x, y] of truths.flatMap((t) => t.points.map((p) => picture.at(p)))) {
      expect(x).toBeGreaterThan(0);
      expect(y).toBeGreaterThan(0);
      expect(x).toBeLessThan(400);
      expect(y).toBeLessThan(300);
    }
  }
});

test('the frame is printed on a page of its size', async () => {
  for (const page of ['A4', 'Letter'] as const) {
    const text = Buffer.from(await framePdf(page)).toString('latin1');
    expect(text.startsWith('%PDF')).toBe(true);
    expect(text.length).toBeGreaterThan(800);
  }
});
