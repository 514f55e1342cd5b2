import fc from 'fast-check';
import { SAMPLE_PATTERN, sampleMake } from './sample-case';
import { familyOf, ladderOf, sizesAsCut, withSizes } from './ladder';

describe('labels in their order, completed by their family', () => {
  test.each<[readonly string[], string]>([
    [['M'], 'XXS XS S M L XL XXL'],
    [['L', 'M'], 'XXS XS S M L XL XXL 3XL'],
    [['medium'], 'XXS XS S medium L XL XXL'],
    [['2XL'], 'M L XL 2XL 3XL 4XL 5XL'],
    [['S/M', 'L/XL'], 'XXS XS S S/M M L L/XL XL XXL 3XL'],
    [['40'], '34 36 38 40 42 44 46'],
    [['38', '44'], '32 34 36 38 40 42 44 46 48 50'],
    [['9', '11'], '3 5 7 9 11 13 15 17'],
    [['3'], '1 3 5 7 9'],
    [['2', '3'], '0 1 2 3 4 5 6'],
    [['104'], '86 92 98 104 110 116 122'],
    [['98', '110 cm'], '80 86 92 98 104 110 cm 116 122 128'],
    [['4y'], '1y 2y 3y 4y 5y 6y 7y'],
    [['6 months'], '0m 3m 6 months 9m 12m 18m'],
    [['C'], 'A B C D E F'],
    [['regular', 'tall'], 'regular tall'],
  ])('%j', (labels, ladder) => expect(ladderOf(labels).join(' ')).toBe(ladder));

  test('whatever was typed is there once, as it was typed first', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom<string[]>('S', 'M', 'XL', '36', '38', '40', 'A', 'D', '98', 'tall', '4y', '3m'), { minLength: 1, maxLength: 5 }),
        (labels) => {
          const ladder = ladderOf(labels);
          expect(new Set(ladder).size).toBe(ladder.length);
          for (const label of labels) expect(ladder).toContain(label);
          expect(ladderOf([...labels].reverse()).filter((l) => !labels.includes(l))).toEqual(ladder.filter((l) => !labels.includes(l)));
        },
      ),
    );
  });

  test.each([
    [['XS', 'S'], 'letters'],
    [['34'], 'numbers'],
    [['B'], 'numbers'],
    [['92'], 'children'],
    [['6y'], 'children'],
    [['2-3y', '4-5 years'], 'children'],
    [['6-9 months', '12m'], 'children'],
    [['one size'], 'numbers'],
  ] as const)('%j are %s', (labels, family) => expect(familyOf([...labels])).toBe(family));
});

test('ages that a label joins stand between those it joins', () => {
  const own = ladderOf(['12-18 months', '6-9 months', '9m']).filter((label) => ['12-18 months', '6-9 months', '9m'].includes(label));
  expect(own).toEqual(['6-9 months', '9m', '12-18 months']);
});

describe('a chart that lacks a size which was cut', () => {
  const chart = { ...SAMPLE_PATTERN.charts[0]!, sizes: ['36', '38'], body: { bust: [84, 88] }, finished: { bust: [null, 96] } };

  test('the size stands in its place, its measures blank', () => {
    expect(withSizes(chart, ['34', '42'])).toMatchObject({
      sizes: ['34', '36', '38', '42'],
      body: { bust: [null, 84, 88, null] },
      finished: { bust: [null, null, 96, null] },
    });
  });

  test('nothing lacking, or of another family: the very same chart', () => {
    expect(withSizes(chart, ['38'])).toBe(chart);
    expect(withSizes(chart, ['M'])).toBe(chart);
  });
});

test('the sizes of a pattern are the same object for the same labels, so that nothing is worked out twice', () => {
  const pattern = { ...SAMPLE_PATTERN, charts: [] };
  const makes = [sampleMake(1, { size: { size: 'M' } }), sampleMake(2, { size: { size: 'L', to: 'XL', at: 0.5 } })];
  const sizes = sizesAsCut(pattern, makes, {});
  expect(sizes?.sizes).toEqual(['XXS', 'XS', 'S', 'M', 'L', 'XL', 'XXL', '3XL', '4XL']);
  expect(sizesAsCut(pattern, [...makes], {})).toBe(sizes);
  expect(sizesAsCut(pattern, [], {})).toBeUndefined();
  expect(sizesAsCut(SAMPLE_PATTERN, [sampleMake(1)], {})).toBe(SAMPLE_PATTERN.charts[0]);
});
