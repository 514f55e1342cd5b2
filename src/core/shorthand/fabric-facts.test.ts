import { demoLedger } from '../../../demo/ledger';
import type { FabricTold } from '../fabric/told';
import { directions, factsIn } from './fabric-facts';
import { lineContextOf } from './line-context';

const CONTEXT = lineContextOf(demoLedger(), { unit: 'cm', currency: 'EUR', today: '2026-11-25' });
const INCHES = { ...CONTEXT, unit: 'in' as const };
const read = (text: string, context = CONTEXT) => factsIn(text, text.toLowerCase(), context);

describe('a label', () => {
  test.each<[string, FabricTold]>([
    ['150 wide, 240 gsm', { width: 150, weight: 240 }],
    ['58" wide', { width: 147.3 }],
    ['145 cm wide after washing', { width: 145 }],
    ['weighs 250 g/m²', { weight: 250 }],
    ['12 oz', { weight: 407 }],
    ['heavyweight', { weightClass: 'heavy' }],
    ['98% cotton 2% elastane', { fibre: '98% cotton 2% elastane' }],
    ['60 % viscose / 40 % linen, 18 € a metre', { fibre: '60 % viscose / 40 % linen', pricePerMetre: { minor: 1800, currency: 'EUR' } }],
    ['pure wool', { fibre: 'pure wool' }],
    ['£12 per yard', { pricePerMetre: { minor: 1200, currency: 'GBP' }, pricedBy: 'yard' }],
    ['from Harbour Cloth', { source: 'Harbour Cloth' }],
    ['one-way print, repeat 30 cm along, 20 cm across', { nap: true, repeatAlong: 30, repeatAcross: 20 }],
    ['no nap', { nap: false }],
    ['hand wash only', { care: 'hand wash only' }],
    ['discontinued', { irreplaceable: true }],
    ['90 % recovery', { recovery: 90 }],
  ])('%s', (text, fields) => expect(read(text)).toMatchObject({ facts: { fields, tests: [], behaves: [] }, undirected: undefined }));

  test('a bare width is in the ledger’s unit', () => expect(read('58 wide', INCHES).facts.fields).toEqual({ width: 147.3 }));
});

describe('what it was seen to do', () => {
  test.each<[string, FabricTold]>([
    ['shrank 4 % lengthwise', { shrinkAlong: 4 }],
    ['shrank 4 % in length and 2 % in width', { shrinkAlong: 4, shrinkAcross: 2 }],
    ['5 % shrinkage across', { shrinkAcross: 5 }],
    ['did not shrink', { shrinkAlong: 0, shrinkAcross: 0 }],
    ['20 % crosswise stretch', { stretchAcross: 20 }],
    ['stretches 30 % both ways', { stretchAlong: 30, stretchAcross: 30 }],
    ['no stretch along', { stretchAlong: 0 }],
  ])('%s', (text, fields) => expect(read(text)).toMatchObject({ facts: { fields, tests: [] }, undirected: undefined }));

  test.each([
    ['10 cm stretches to 13 across', { of: 'stretch across', before: 10, after: 13 }],
    ['1 m shrank to 96 cm along the grain', { of: 'shrinkage along', before: 100, after: 96 }],
  ])('measured: %s', (text, test) => expect(read(text).facts.tests).toEqual([test]));

  test('in the sewist’s words', () =>
    expect(read('frays badly, does not crease, 150 wide').facts).toEqual({
      fields: { width: 150 },
      tests: [],
      behaves: ['frays badly', 'does not crease'],
    }));

  test('which way is asked where it was not said, and only once', () => {
    const one = directions(read('240 gsm, shrank 5 %'));
    expect(one.map(({ called, facts }) => [called, facts.fields])).toEqual([
      ['along the grain', { weight: 240, shrinkAlong: 5 }],
      ['across it', { weight: 240, shrinkAcross: 5 }],
      ['both ways', { weight: 240, shrinkAlong: 5, shrinkAcross: 5 }],
    ]);
    const tests = directions(read('10 cm stretches to 13')).map(({ facts }) => facts.tests.map(({ of }) => of));
    expect(tests).toEqual([['stretch along'], ['stretch across'], ['stretch along', 'stretch across']]);
    const { facts, undirected, at } = read('shrank 5 %, 20 % stretch');
    expect([facts.fields, undirected?.of, at]).toEqual([{}, 'shrinkage', []]);
  });
});

// Half of a range, what is not so or only may be, and what no fabric is.
test.each([
  '140-150 wide',
  'between 140 and 150 wide',
  "isn't 150 wide",
  'at least 150 wide',
  'might be 150 wide',
  '900 wide',
  '3 gsm',
  'shrank 95 %',
  '10 cm stretches to 8 across',
  '60 % cotton 60 % linen',
  '20 % off',
])('nothing is taken from “%s”', (text) =>
  expect(read(text)).toEqual({ facts: { fields: {}, tests: [], behaves: [] }, undirected: undefined, at: [] }),
);
