import { demoLedger } from '../../../../demo/ledger';
import type { FabricFacts } from '../../fabric/told';
import { firstOf } from '../../units/item-at';
import { lineContextOf } from '../line-context';
import { readOther, type OtherAct } from './read-other';

const LEDGER = demoLedger();
const CONTEXT = lineContextOf(LEDGER, { unit: 'cm', currency: 'EUR', today: '2026-11-25' });
let ids = 0;
const read = (text: string, context = CONTEXT) => readOther(text, LEDGER, { context, spoken: LEDGER.people[0], newId: () => `new ${ids++}` });
function told<Is extends OtherAct['is']>(text: string, is: Is): Extract<OtherAct, { readonly is: Is }> {
  const act = read(text);
  if (act?.is !== is) throw new Error(`“${text}” is read as ${act?.is ?? 'nothing'}`);
  return act as Extract<OtherAct, { readonly is: Is }>;
}

/** Between what a line asks. */
function waysIn(text: string) {
  const act = read(text);
  return act?.is === 'which' ? act.ways.map(({ called }) => called) : undefined;
}

describe('fabric washed', () => {
  test.each([
    ['prewashed the sand washed linen yesterday', ['fabric-sand-linen'], ['2026-11-24'], undefined],
    ['I washed the sand washed linen at 40', ['fabric-sand-linen'], ['2026-11-25'], 'at 40'],
    ['Sunday: washed the sand washed linen', ['fabric-sand-linen'], ['2026-11-22'], undefined],
    ['washed the sand washed linen on 03/04/2026', ['fabric-sand-linen'], ['2026-04-03', '2026-03-04'], undefined],
  ])('%s', (text, ids, dates, rest) => {
    const act = told(text, 'washed');
    expect([act.fabrics.map((f) => f.id), act.dates, act.rest]).toEqual([ids, dates, rest]);
  });

  test.each(['washed the Gangway trousers', 'washed the tablecloth'])('no fabric of the stash: %s', (text) =>
    expect(read(text)?.is).not.toBe('washed'),
  );
});

describe('a wash with what it was seen to do', () => {
  test('the way is said', () => {
    const act = told('washed the sand washed linen yesterday at 40, it shrank 4 % lengthwise and 2 % across', 'washed');
    expect([act.dates, act.facts?.fields, act.rest]).toEqual([['2026-11-24'], { shrinkAlong: 4, shrinkAcross: 2 }, 'at 40']);
  });

  test('the way is asked', () =>
    expect(waysIn('washed the sand washed linen, it shrank 5 %')).toEqual(['along the grain', 'across it', 'both ways']));
});

describe('told of a fabric', () => {
  test.each<[string, string, Partial<FabricFacts>]>([
    ['the navy drill is 150 wide', 'navy drill', { fields: { width: 150 } }],
    ['navy drill (148 wide, 240 gsm)', 'navy drill', { fields: { width: 148, weight: 240 } }],
    ['navy drill turned out to be only 145 wide', 'navy drill', { fields: { width: 145 } }],
    ['navy drill is 150 wide and lovely to sew, has a flaw', 'navy drill', { fields: { width: 150 }, behaves: ['lovely to sew', 'has a flaw'] }],
    ['navy drill is 150 wide, good for trousers', 'navy drill', { fields: { width: 150 }, behaves: ['good for trousers'] }],
    ['10 cm of the navy drill stretches to 12 across', 'navy drill', { tests: [{ of: 'stretch across', before: 10, after: 12 }] }],
    // By some of its words.
    ['the drill is 150 wide', 'navy drill', { fields: { width: 150 } }],
    ['the barathea pills', 'black barathea', { behaves: ['pills'] }],
  ])('%s', (text, name, facts) => {
    const act = told(text, 'fabric told');
    expect([act.fabric.name, act.facts]).toEqual([name, { fields: {}, tests: [], behaves: [], ...facts }]);
  });

  test('which of several, and which way', () => {
    expect(waysIn('navy drill shrank 5 %')).toEqual(['along the grain', 'across it', 'both ways']);
    expect(waysIn('the linen is 140 wide')).toEqual(['old bed linen', 'sand washed linen']);
  });

  // A garment, a question, a doubt, and how much there is.
  test.each([
    'navy drill bag, 150 wide',
    'navy drill is 150 wide, took 2 h',
    'navy drill 240 gsm, skirt, size M',
    'Gangway trousers in navy drill, 150 wide',
    'navy drill 150 wide, made a skirt',
    'is the navy drill 150 wide?',
    'the navy drill might shrink 5 %',
    '2 m of navy drill, 150 wide',
    'navy drill, 2 m',
  ])('nothing by “%s”', (text) => expect(read(text)?.is).not.toBe('fabric told'));
});

describe('bought', () => {
  test('with what its label says; what the stash knows of one that it has stays, and the words go with the piece', () => {
    const [canvas] = told('bought 3 m sea green canvas, 150 wide, 320 gsm, 100 % cotton, frays, €14/m from Harbour Cloth', 'bought').purchases;
    expect(canvas).toMatchObject({
      isNew: true,
      piece: { length: 300, width: 150 },
      fabric: { name: 'sea green canvas', weight: 320, fibre: '100 % cotton', behaviour: 'frays', source: 'Harbour Cloth' },
    });
    expect(canvas?.fabric.pricePerMetre).toEqual({ minor: 1400, currency: 'EUR' });
    const [drill] = told('bought 2 m navy drill, shrank 5 % along', 'bought').purchases;
    expect([drill?.fabric.shrinkAlong, drill?.piece?.note]).toEqual([3, 'shrank 5 % along']);
    const [jersey] = told('bought 2 m striped jersey, 10 cm stretches to 13 across', 'bought').purchases;
    expect([jersey?.fabric.stretchAcross, jersey?.fabric.tests.map(({ of }) => of)]).toEqual([30, ['stretch across']]);
    expect(told('bought a fat quarter of lawn', 'bought').purchases[0]?.fabric.behaviour).toBe('a fat quarter');
    expect(told('bought 2 m of pure wool', 'bought').purchases[0]?.fabric.name).toBe('pure wool');
    expect(told('bought 2 m of stiff canvas', 'bought').purchases[0]?.fabric.behaviour).toBeUndefined();
  });

  test.each([
    ['bought 3 m of navy linen at 18 a metre', { length: 300 }, { name: 'navy linen', pricePerMetre: { minor: 1800, currency: 'EUR' } }],
    ['got 2.5 m grey wool from the market, 150 wide', { length: 250, width: 150 }, { name: 'grey wool', source: 'the market', width: 150 }],
    ['bought 2 yards of 60" wide denim yesterday', { length: 182.88, width: 152.4 }, { name: 'denim', bought: '2026-11-24' }],
    ['bought two metres of navy linen for the Slackwater dress', { length: 200, note: 'for the Slackwater dress' }, { name: 'navy linen' }],
    ['3 m of rust corduroy into the stash', { length: 300 }, { name: 'rust corduroy' }],
    ['2 m navy linen 150 wide', { length: 200, width: 150 }, { name: 'navy linen' }],
    ['stash: 2 m navy linen', { length: 200 }, { name: 'navy linen' }],
    // What all of it cost is the price of a metre where that comes out even.
    ['bought 3 m of linen for £36', { length: 300 }, { name: 'linen', pricePerMetre: { minor: 1200, currency: 'GBP' } }],
    ['bought 2 yards of denim for $25', { length: 182.88 }, { name: 'denim', pricePerMetre: { minor: 1250, currency: 'USD' }, pricedBy: 'yard' }],
    [
      'bought 2 m of challis at Harbour Fabrics for 18',
      { length: 200 },
      { name: 'challis', source: 'Harbour Fabrics', pricePerMetre: { minor: 900, currency: 'EUR' } },
    ],
    [
      'ordered 2 m viscose twill in dark green from Harbour Fabrics',
      { length: 200 },
      { name: 'viscose twill', colour: 'dark green', source: 'Harbour Fabrics' },
    ],
    ['bought 2 m of twill in the sale', { length: 200, note: 'in the sale' }, { name: 'twill' }],
    ['20/11 bought 2 m of denim', { length: 200 }, { name: 'denim', bought: '2026-11-20' }],
    ['20 Nov - bought 2 m of denim', { length: 200 }, { name: 'denim', bought: '2026-11-20' }],
    ['Friday: bought 2 m of denim', { length: 200 }, { name: 'denim', bought: '2026-11-20' }],
    ['yesterday I bought 2 m of denim', { length: 200 }, { name: 'denim', bought: '2026-11-24' }],
    ['Lara gave me 2 m of denim', { length: 200 }, { name: 'denim', source: 'Lara' }],
    ['was given 2 m of denim by my aunt', { length: 200 }, { name: 'denim', source: 'my aunt' }],
    ['bought 3 m of linen for £35', { length: 300, note: 'for £35' }, { name: 'linen' }],
    ['bought 3 m linen, 35 euros', { length: 300, note: '35 euros' }, { name: 'linen' }],
    ['bought green seersucker 2 m (30 euros)', { length: 200, note: '(30 euros)' }, { name: 'green seersucker' }],
  ])('%s', (text, piece, of) => {
    const [only, ...more] = told(text, 'bought').purchases;
    expect([only?.piece, more]).toEqual([piece, []]);
    expect(only?.fabric).toMatchObject({ ...of, pieces: [piece] });
    expect(only?.fabric.boughtLength).toBe(/^(?:stash|2 m)/.test(text) ? undefined : piece.length);
  });

  test('more of what is there already is a piece more, and what is known of it stays', () => {
    const known = LEDGER.fabrics.find((f) => f.width !== undefined && f.pieces.length > 0)!;
    const { fabric, piece, isNew } = firstOf(told(`bought 1.5 m of ${known.name}`, 'bought').purchases);
    expect([isNew, piece]).toEqual([false, { length: 150, width: known.width }]);
    expect(fabric).toEqual({ ...known, pieces: [...known.pieces, piece] });
  });

  test.each([
    'Lara gave me a hard time',
    'got the Tidewater shirt finished, size C',
    'bought 2 m of linen and made the Tidewater shirt, size C',
    'bought buttons',
  ])('not: %s', (text) => expect(read(text)).toBeUndefined());
});

describe('several that came in', () => {
  const pieces = (text: string) => told(text, 'bought').purchases.map(({ fabric, piece }) => [fabric.name, piece?.length, piece?.width, piece?.note]);
  test.each<[string, unknown[][]]>([
    [
      'fabric haul: 3 m navy linen, 2 m red corduroy',
      [
        ['navy linen', 300, undefined, undefined],
        ['red corduroy', 200, undefined, undefined],
      ],
    ],
    [
      'bought 3 m navy linen, 150 cm wide, and 2 m of denim at 14 a metre',
      [
        ['navy linen', 300, 150, undefined],
        ['denim', 200, undefined, undefined],
      ],
    ],
    [
      'bought 3 m of corduroy for 45 euros, 1 m of lining at 8/m and 50 cm interfacing',
      [
        ['corduroy', 300, undefined, undefined],
        ['lining', 100, undefined, undefined],
        ['interfacing', 50, undefined, undefined],
      ],
    ],
    // By their names first, some of which tell nothing else.
    [
      'stash: navy linen 2 m, red corduroy 1.5 m, lining 3 m',
      [
        ['navy linen', 200, undefined, undefined],
        ['red corduroy', 150, undefined, undefined],
        ['lining', 300, undefined, undefined],
      ],
    ],
    // What has no fabric of its own stays with the one before.
    ['bought 2 m denim and 30 cm zip', [['denim', 200, undefined, 'and 30 cm zip']]],
  ])('%s', (text, expected) => expect(pieces(text)).toEqual(expected));

  test('what a zip beside it cost is no price of the fabric', () => {
    const [only] = told('bought 2 m of denim and a zip for 14 euros', 'bought').purchases;
    expect(only?.fabric.pricePerMetre).toBeUndefined();
    expect(only?.piece?.note).toMatch(/zip for 14/);
  });
});

test.each<[string, string, number | undefined, number | undefined]>([
  ['bought 80 x 140 cm of linen', 'linen', 80, 140],
  ['linen remnant 80 cm x 140', 'linen remnant', 80, 140],
  ['bought 3 m of cotton poplin, 1.5 m wide', 'cotton poplin', 300, 150],
  ['bought 3 m of cotton poplin, 150 cm', 'cotton poplin', 300, 150],
  ['bought 2 m linen, 150 cm lining', 'linen', 200, undefined],
  ['fabric: cotton poplin 2m 150cm 120gsm', 'cotton poplin', 200, 150],
  ['bought cotton poplin at the market', 'cotton poplin', undefined, undefined],
  ['I have 3 m of grey linen', 'grey linen', 300, undefined],
  ['grey linen 3 m', 'grey linen', 300, undefined],
  ['3 m grey linen left', 'grey linen', 300, undefined],
])('as one says it: %s', (text, name, length, width) => {
  const [only] = told(text, 'bought').purchases;
  expect([only?.fabric.name, only?.piece?.length, only?.piece?.width]).toEqual([name, length, width]);
});

test('what is there was not bought today, and a shop may stand behind what all of it cost', () => {
  expect(told('grey linen 3 m', 'bought').purchases[0]?.fabric.boughtLength).toBeUndefined();
  const { fabric } = firstOf(told('bought 3 m grey linen for 30 euros from Harbour Fabrics', 'bought').purchases);
  expect([fabric.boughtLength, fabric.pricePerMetre?.minor, fabric.source]).toEqual([300, 1000, 'Harbour Fabrics']);
  expect(told('was given 4 m of green wool by my aunt', 'bought').purchases[0]?.fabric.source).toBe('my aunt');
});

test('so much of what the stash has is more of it or all of it', () => {
  expect(waysIn('3 m navy drill')).toEqual(['more of it', 'all that there is of it']);
  expect(told('I have 2 m of the navy drill', 'left').length).toBe(200);
});

test.each([
  'made in navy linen 2 m',
  'navy linen 2 m, love 4',
  'navy linen 2 m for Tilda',
  'skirt, navy linen 2 m',
  'zip 20 cm',
  'bought a wool coat',
  'bought cotton thread',
])('not into the stash: %s', (text) => expect(read(text)?.is).not.toBe('bought'));

test('a width is told in inches in a ledger of inches', () => {
  const act = read('bought 2 yards of denim, 60 wide', { ...CONTEXT, unit: 'in' });
  expect(act?.is === 'bought' && act.purchases[0]?.piece?.width).toBe(152.4);
});

describe('what is left of a fabric', () => {
  test.each<[string, string, number, string | undefined]>([
    ['used up the last of the blue stripe poplin', 'blue stripe poplin', 0, undefined],
    ['used all of the sand washed linen', 'sand washed linen', 0, undefined],
    ['the sand washed linen is all gone', 'sand washed linen', 0, undefined],
    ['gave the sand washed linen to a friend', 'sand washed linen', 0, 'to a friend'],
    ['60 cm of the sand washed linen left', 'sand washed linen', 60, undefined],
    ['only half a metre left of the sand washed linen', 'sand washed linen', 50, undefined],
    ['sand washed linen: 60 cm left over', 'sand washed linen', 60, undefined],
    ['the last of the sand washed linen is gone', 'sand washed linen', 0, undefined],
    ['measured the sand washed linen: 1.9 m', 'sand washed linen', 190, undefined],
    ['gave 37 cm of the sand washed linen to Tilda', 'sand washed linen', 200, 'to Tilda'],
    ['cut 37 cm off the sand washed linen', 'sand washed linen', 200, undefined],
    // By some of its words.
    ['the barathea is used up', 'black barathea', 0, undefined],
    ['60 cm night sky cotton left', 'night sky cotton', 60, undefined],
    ['2 m herringbone tweed left', 'moss herringbone tweed', 200, undefined],
  ])('%s', (text, name, length, rest) => {
    const act = told(text, 'left');
    expect([act.fabric.name, act.length, act.rest]).toEqual([name, length, rest]);
  });

  test('a part of the one piece that there is; of several nobody knows which', () => {
    const whole = LEDGER.fabrics.find((f) => f.pieces.length === 1)!;
    const { length } = firstOf(whole.pieces);
    expect(told(`half of the ${whole.name} is left`, 'left').length).toBe(Math.round(length / 2));
    expect(told(`used three quarters of the ${whole.name}`, 'left').length).toBe(Math.round(length / 4));
    const cutUp = LEDGER.fabrics.find((f) => f.pieces.length > 1)!;
    expect(read(`half of the ${cutUp.name} is left`)).toBeUndefined();
    expect(read(`gave 10 cm of the ${cutUp.name} away`)).toBeUndefined();
    expect(read(`cut ${length + 1} cm off the ${whole.name}`)).toBeUndefined();
  });

  test('what is not there is not used up, and a garment is made of it', () => {
    const gone = LEDGER.fabrics.find((f) => f.pieces.length === 0)!;
    expect(read(`used up the ${gone.name}`)).toBeUndefined();
    expect(told(`60 cm of the ${gone.name} left`, 'left').length).toBe(60);
    expect(read('made the Tidewater shirt in the last of the sand washed linen')).toBeUndefined();
  });
});

test('of several fabrics that some words may mean it is asked which, and of one that may be new', () => {
  const ways = (text: string) => {
    const act = read(text);
    return act?.is === 'which' ? act.ways.map(({ called }) => called) : act?.is;
  };
  expect(ways('prewashed the linen')).toEqual(['old bed linen', 'sand washed linen']);
  expect(ways('prewashed the washed linen')).toBe('washed');
  expect(ways('bought 2 m grey flannel, 22 a metre')).toEqual(['grey check flannel', 'grey flannel, a new one']);
});
