import { groundWords, neededWords } from './needed-words';

const plain = (words: string) => words.replace(/\s/g, ' ');

test('a length in whole centimetres, the safe one rounded up; one number where both are the same', () => {
  expect(plain(neededWords({ middle: 184.6, enough: 199.2 }, 'cm'))).toBe('185 cm, 200 cm to be safe');
  expect(plain(neededWords({ middle: 185, enough: 185 }, 'cm'))).toBe('185 cm');
  expect(plain(neededWords({ middle: 152.4, enough: 152.4 }, 'in'))).toMatch(/^(?:60|59)/);
});

test('where it comes from: what was noted first, then the pieces, and what it lacks', () => {
  const found = { middle: 1, enough: 1, width: 140, rough: false };
  expect(plain(groundWords({ ...found, version: { number: 2, length: 190, width: 140 }, from: 'a version', pieces: 'outlines' }, 'cm'))).toBe(
    'version 2 took 190 cm at 140 cm, by a lay of its own pieces',
  );
  expect(plain(groundWords({ ...found, version: { number: 2, length: 190, width: undefined }, from: 'a version' }, 'cm'))).toBe(
    'version 2 took 190 cm of a fabric whose width nobody noted',
  );
  expect(groundWords({ ...found, from: 'the table of the view', pieces: 'rectangles' }, 'cm')).toBe(
    'by the table of the view, by a lay of its measured pieces',
  );
  expect(groundWords({ ...found, pieces: 'an estimate', rough: true, without: true }, 'cm')).toBe(
    'by a lay of pieces drafted from its kind and size, rough, without the parts that are joined to it: nothing says what they take',
  );
  expect(groundWords({ ...found, pieces: 'an estimate', ofUsualBody: true, rough: true }, 'cm')).toBe(
    'by a lay of pieces drafted from its kind for a usual grown body: no size chart and no measure says for whom, rough',
  );
  expect(groundWords({ ...found, from: 'another width', rough: true }, 'cm')).toBe('reckoned from another width, rough');
});
