import { entriesOf, fromKeys, keysOf, withoutEmpty } from './keys';

const chart: { readonly waist?: number; readonly hip?: number | undefined } = { waist: 70, hip: undefined };

test('keys as they stand, entries only of what holds something', () => {
  expect(keysOf(chart)).toEqual(['waist', 'hip']);
  expect(entriesOf(chart)).toEqual([['waist', 70]]);
});

test('nought and no are kept, nothing is not', () => {
  expect(withoutEmpty({ amount: 0, own: false, side: undefined, words: '' })).toEqual({ amount: 0, own: false, words: '' });
  expect('side' in withoutEmpty({ side: undefined })).toBe(false);
});

test('a value for each key, each made anew', () => {
  const lists = fromKeys(['people', 'makes'], (): string[] => []);
  lists.people.push('Hanna');
  expect(lists).toEqual({ people: ['Hanna'], makes: [] });
});
