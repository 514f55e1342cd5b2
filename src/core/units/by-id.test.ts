import { byId, withId } from './by-id';

const patterns = [
  { id: 'kelpie', name: 'Kelpie trousers' },
  { id: 'skerry', name: 'Skerry jacket' },
];

test('a record by its id, and nothing where the id or the record is not there', () => {
  expect(withId(patterns, 'skerry')).toBe(patterns[1]);
  expect([withId(patterns, 'whin'), withId(patterns, undefined), withId(patterns, null)]).toEqual([undefined, undefined, undefined]);
});

test('a table as it is later is asked anew, one that stands is not', () => {
  const later = [...patterns, { id: 'whin', name: 'Whin coat' }];
  expect(byId(patterns)).toBe(byId(patterns));
  expect(withId(later, 'whin')?.name).toBe('Whin coat');
});
