import { listWords } from './list-words';

test.each([
  [1, 0, 0, 'not done'],
  [1, 0, 1, 'perhaps done'],
  [1, 1, 1, 'done'],
  [2, 0, 0, '0 of 2'],
  [3, 1, 2, '1 to 2 of 3'],
  [3, 3, 3, 'all 3'],
])('of %i at least %i and at most %i: %s', (of, least, most, words) =>
  expect(listWords({ id: 'winter', of, least, middle: least, most })).toBe(words),
);
