import { doubtsOf, HOW_TO_MEASURE } from './how-to-measure';
import { BODY_MEASURES } from './zones';

const body = { bust: 90, waist: 72, hip: 98, height: 168, upperArm: 29, wrist: 16, thigh: 57, knee: 38, inseam: 78 };

test('every measure says how it is taken', () => {
  expect(Object.keys(HOW_TO_MEASURE)).toEqual(Object.keys(BODY_MEASURES));
  for (const how of Object.values(HOW_TO_MEASURE)) expect(how).toMatch(/^[A-Z].*\.$/);
});

test('an ordinary set raises no question, nor does a body that changed a little', () => {
  expect(doubtsOf(body)).toEqual([]);
  expect(doubtsOf({ ...body, waist: 76, hip: 101 }, body)).toEqual([]);
});

test('a waist 20 cm larger than before is asked about', () => {
  expect(doubtsOf({ waist: 92 }, { waist: 72 })).toEqual([{ measure: 'waist', why: 'changed', cm: 92, before: 72 }]);
});

test('inches typed as centimetres, known by the set before', () => {
  const [doubt] = doubtsOf({ hip: 38.5 }, { hip: 98 });
  expect(doubt).toMatchObject({ measure: 'hip', why: 'inches', before: 98 });
  expect(doubt!.instead).toBeCloseTo(97.79, 6);
});

test('inches typed as centimetres, known by the measure alone', () => {
  const [doubt] = doubtsOf({ waist: 28 });
  expect(doubt).toMatchObject({ why: 'inches' });
  expect(doubt!.instead).toBeCloseTo(71.12, 6);
});

test('centimetres typed as inches', () => {
  const [doubt] = doubtsOf({ bust: 90 * 2.54 });
  expect(doubt).toMatchObject({ why: 'centimetres' });
  expect(doubt!.instead).toBeCloseTo(90, 6);
  expect(doubtsOf({ waist: 72 * 2.54 }, { waist: 72 })[0]).toMatchObject({ why: 'centimetres', before: 72 });
});

test('what no unit explains is only called unusual', () => {
  expect(doubtsOf({ shoulder: 90 })).toEqual([{ measure: 'shoulder', why: 'unusual', cm: 90 }]);
});

test('a wrist larger than the upper arm: two fields were swapped', () => {
  expect(doubtsOf({ ...body, wrist: 30, upperArm: 16 }).map((d) => [d.measure, d.why])).toContainEqual(['wrist', 'order']);
  expect(doubtsOf({ ...body, knee: 57, thigh: 38 })).toEqual([{ measure: 'knee', why: 'order', cm: 57, other: 'thigh' }]);
});

test('a child’s set raises no question', () => {
  expect(doubtsOf({ height: 116, bust: 60, waist: 55, hip: 63, armLength: 38, head: 52, inseam: 51 })).toEqual([]);
});

test('a missing measure is no doubt', () => {
  expect(doubtsOf({}, body)).toEqual([]);
});
