import { lengthAndWidth } from './piece-said';

test.each([
  ['80 x 140 cm of linen', '80 cm 140 cm wide of linen'],
  ['3 m × 150 linen', '3 m 150 cm wide linen'],
  ['80 by 140 of linen', '80 cm 140 cm wide of linen'],
  ['2 yards by 54" of denim', '2 yards 54 " wide of denim'],
  ['3 m x 1,5 m', '3 m 150 cm wide'],
  ['2 m linen 1.4 m wide', '2 m linen 140 cm wide'],
  ['poplin 2m 150cm 120gsm', 'poplin 2m 150cm wide 120gsm'],
])('“%s” is “%s”', (text, said) => expect(lengthAndWidth(text, 'cm')).toBe(said));

test.each(['2 x 1 m of linen', '2 m linen, 150 cm lining', '3 m of linen, 20 cm', 'linen 150 cm', '10 x 12 cm', '2 m, 150 cm wide', '12x worn'])(
  '“%s” stays as it is',
  (text) => expect(lengthAndWidth(text, 'cm')).toBe(text),
);

test('bare figures are in the ledger’s unit', () => expect(lengthAndWidth('30 x 54 denim', 'in')).toBe('30 in 54 in wide denim'));
