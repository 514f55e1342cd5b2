import { samplePicture } from '../measure/sample-picture';
import { areaOf, boundsOf, polygonOf, rectangle, type Polygon } from '../units/polygon';
import { outlineOnGrain, remnantFrom } from './from-picture';

let id = 0;
const newId = () => `lack-${++id}`;

test('a remnant is the rectangle round it and the bite that it lacks; an uneven edge is none', () => {
  const bitten: Polygon = [
    [0, 0],
    [60, 0],
    [60, 40],
    [45, 40],
    [45, 80],
    [0, 80],
  ];
  const piece = remnantFrom(bitten, newId);
  expect(piece).toMatchObject({ length: 80, width: 60 });
  expect(piece.lacks).toHaveLength(1);
  const lack = polygonOf(piece.lacks?.[0]?.corners ?? []);
  expect(areaOf(lack)).toBeCloseTo(15 * 40, 3);
  expect(boundsOf(lack)).toMatchObject({ left: 45, top: 40 });
  expect(
    remnantFrom(
      [
        [0, 0],
        [60, 0.2],
        [60, 80],
        [0, 79.9],
      ],
      newId,
    ).lacks,
  ).toBeUndefined();
});

test('an outline is turned so that its grain line runs along it', () => {
  const measured = samplePicture();
  const points = rectangle(100, 200, 700, 400).flatMap((p) => [...p]);
  const upright = boundsOf(outlineOnGrain(measured, { kind: 'outline', points }));
  expect([upright.right, upright.bottom]).toEqual([expect.closeTo(60, 6), expect.closeTo(20, 6)]);
  const turned = boundsOf(outlineOnGrain(measured, { kind: 'outline', points }, { points: [600, 300, 200, 300] }));
  expect([turned.right, turned.bottom]).toEqual([expect.closeTo(20, 6), expect.closeTo(60, 6)]);
});
