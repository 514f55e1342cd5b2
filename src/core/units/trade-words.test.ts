import { dialectOf, inDialect } from './trade-words';

test.each([
  ['Toile first?', 'Muslin first?'],
  ['A toile without the parts for', 'A muslin without the parts for'],
  ['trousers', 'pants'],
  ['Price a metre', 'Price a meter'],
  ['Colour', 'Color'],
  ['a waistcoat and two waistcoats', 'a vest and two vests'],
  ['the metrestick of a zipless skirt', 'the metrestick of a zipless skirt'],
])('%s', (british, american) => {
  expect(inDialect(british, 'american')).toBe(american);
  expect(inDialect(british, 'british')).toBe(british);
});

test('the browser’s language chooses at first', () => {
  expect(['en-US', 'en-CA', 'en-GB', 'en-AU', 'de-DE', 'en'].map(dialectOf)).toEqual([
    'american',
    'american',
    'british',
    'british',
    'british',
    'british',
  ]);
});
