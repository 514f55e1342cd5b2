import fc from 'fast-check';
import { firstOf, itemAt, lastOf, numberAt } from './item-at';

test('the item of a place that is there, and an error that says what was asked of what', () => {
  expect(itemAt(['S', 'M', 'L'], 1)).toBe('M');
  expect([firstOf(['S', 'M']), lastOf(['S', 'M'])]).toEqual(['S', 'M']);
  expect(() => itemAt(['S', 'M', 'L'], 3)).toThrow(new RangeError('There is nothing at place 3 of a list of 3.'));
  expect(() => lastOf([])).toThrow(RangeError);
  expect(() => numberAt(Float64Array.of(1, 2), 2)).toThrow(RangeError);
});

test('no place outside a list gives anything, whole or not', () => {
  fc.assert(
    fc.property(fc.array(fc.integer()), fc.double({ noNaN: false }), (list, place) => {
      const within = place >= 0 && place < list.length;
      if (within && Number.isInteger(place)) expect(itemAt(list, place)).toBe(list[place]);
      else if (!within) expect(() => itemAt(list, place)).toThrow(RangeError);
    }),
  );
});

test('a hole that the type of the list allows is handed on as it is', () => {
  expect(itemAt<number | undefined>([undefined], 0)).toBeUndefined();
});
