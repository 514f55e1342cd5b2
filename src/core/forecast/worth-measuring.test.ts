import { measureDoubt } from '../body/measures';
import { tapeFor, tapeGain } from './worth-measuring';

test('at most three measures, those that help most, and none that hardly helps', () => {
  const gains = [
    { measure: 'hip', gain: 0.06 },
    { measure: 'bust', gain: 0.12 },
    { measure: 'wrist', gain: 0.01 },
    { measure: 'waist', gain: 0.3 },
    { measure: 'thigh', gain: 0.04 },
  ] as const;
  expect(tapeFor(gains).map((g) => g.measure)).toEqual(['waist', 'bust', 'hip']);
});

test('a measure that decides several places is asked for once, by the place that it helps most', () => {
  expect(
    tapeFor([
      { measure: 'waist', gain: 0.05 },
      { measure: 'waist', gain: 0.2 },
    ]),
  ).toEqual([{ measure: 'waist', gain: 0.2 }]);
});

test('a place that is graded from a measure feels the part of its doubt that it is graded by', () => {
  const doubt = measureDoubt('bust', 400);
  const asked: number[] = [];
  const { gain } = tapeGain('bust', { doubt }, 0.2 * doubt, 1 - 0.2 * doubt, (d) => {
    asked.push(d);
    return 1 - d;
  });
  expect(asked[0]).toBeCloseTo(0.2 * 0.5, 9);
  expect(gain).toBeCloseTo(0.2 * (doubt - 0.5), 9);
});
