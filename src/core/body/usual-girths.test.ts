import { usualGirth } from './usual-girths';
import type { BodyMeasure } from './zones';

const body = (measures: Partial<Record<BodyMeasure, number>>) => (measure: BodyMeasure) => measures[measure];

test.each<[Parameters<typeof usualGirth>[0], Partial<Record<BodyMeasure, number>>, number]>([
  ['thigh', { hip: 100 }, 58.5],
  ['upperArm', { bust: 90 }, 28.35],
  ['bust', {}, 92],
  ['waistband', {}, 75],
  ['hip', { height: 170 }, 99],
  ['hip', { height: 110 }, 61.6],
  ['waist', { height: 110 }, 55],
  ['upperArm', { height: 110 }, 0.315 * 59.4],
])('%s of %o: %d', (zone, measures, cm) => {
  expect(usualGirth(zone, body(measures))).toBeCloseTo(cm, 9);
});

test('a length goes round nothing', () => expect(usualGirth('sleeve', body({}))).toBeUndefined());
