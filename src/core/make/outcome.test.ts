import { outcomeOf } from './outcome';

test('a direction and a degree are an outcome; right has none', () => {
  expect([outcomeOf(-1, 3), outcomeOf(-2, 1), outcomeOf(0, 2), outcomeOf(1, 2)]).toEqual([-3, -1, 0, 2]);
  expect(() => outcomeOf(1, 4)).toThrow(RangeError);
});
