import { isWithoutFit, kindNamed, patternNamed, structureNamed } from './garment-named';
import { USUAL_ZONES } from './usual-zones';

test.each([
  ['Curlew jeans', 'trousers'],
  ['tees', 'top'],
  ['Dunlin pinafore', 'dress'],
  ['Skerry concert jacket', 'jacket'],
  ['a dress shirt', 'shirt'],
  ['Sandbar shirt dress', 'dress'],
  ['boiler suit', 'one-piece'],
  ['Merrow bralette', 'bra'],
  ['cotton knickers', 'briefs'],
  ['nightshirt', 'nightwear'],
  ['bow tie', 'accessory'],
  ['pencil case', 'bag'],
  ['a cushion', 'home'],
  ['soft toy', 'toy'],
  ['Shrike corset', 'top'],
  ['hemmed tea towels', 'home'],
  ['skirt from an old dress', 'skirt'],
  ['a thing from my old jeans', 'trousers'],
  ['the market dress, cut down to a skirt', 'skirt'],
  ['Kelpie', undefined],
] as const)('%s: %s', (name, kind) => expect(kindNamed(name)).toBe(kind));

test.each([
  ['Kelp tote', true],
  ['zip pouch', true],
  ['pillowcases', true],
  ['bag jeans', false],
  ['Curlew jeans', false],
])('%s is sewn without a fit: %s', (name, fitless) => expect(isWithoutFit(name)).toBe(fitless));

test('the fabric is guessed from the words for it, else from what is usually knitted', () => {
  expect(structureNamed('linen tee')).toBe('woven');
  const structureOf = (name: string) => patternNamed(name, { id: 'p', viewId: 'v' }, '2026-11-27').wants.structure;
  expect([structureOf('Ebb tee'), structureOf('linen tee'), structureOf('Curlew jeans'), structureOf('jersey dress')]).toEqual([
    'knit',
    'woven',
    'woven',
    'knit',
  ]);
});

test('of a pattern named first nothing is stated that was not said: no chart, no stretch, no designer', () => {
  const pattern = patternNamed('Curlew jeans', { id: 'p', viewId: 'v' }, '2026-11-27');
  expect(pattern).toMatchObject({ name: 'Curlew jeans', kind: 'trousers', charts: [], wants: { structure: 'woven' }, added: '2026-11-27' });
  expect(pattern.wants.stretch).toBeUndefined();
  expect(pattern.designer).toBeUndefined();
  expect(pattern.views[0]?.zones).toEqual(USUAL_ZONES.trousers);
});

test('a thing without a fit has no places, and one that its name does not betray is an accessory until another kind is said', () => {
  const things = ['Kelp tote', 'Kelpie'].map((name) => patternNamed(name, { id: 'p', viewId: 'v' }, '2026-11-27', 'accessory'));
  expect(things.map((p) => [p.kind, p.views[0]?.zones])).toEqual([
    ['bag', []],
    ['accessory', []],
  ]);
});
