import { SAMPLE_BODY, SAMPLE_PATTERN, sampleFabric, sampleMake } from '../garment/sample-case';
import { blankFabric, blankPlan, type Plan } from '../records';
import type { Hanging } from '../wear/wardrobe';
import { featuresOf, hasOf } from './features';
import { enoughOf, enoughWords } from './enough';
import { expectedWear } from './expected-wear';
import { whatIsWorn } from './what-is-worn';
import { wornWords } from './worn-words';

const pockets = { ...SAMPLE_PATTERN, id: 'pockets', views: [{ ...SAMPLE_PATTERN.views[0]!, flat: { pockets: 'patch' as const } }] };
const none = { ...SAMPLE_PATTERN, id: 'none', views: [{ ...SAMPLE_PATTERN.views[0]!, flat: { pockets: 'none' as const } }] };
const linen = sampleFabric('linen', { fibre: 'linen', weight: 120, swatch: { print: 'dot', ground: '#f2e6c8', figure: '#333333', repeat: 8 } });

const hangs = (id: string, patternId: string, wears: number, rest: Partial<Hanging['make']> = {}): Hanging => ({
  make: sampleMake(1, { id, sources: [{ patternId, viewId: 'view' }], fabrics: [{ id: 'u', fabricId: 'linen', part: 'main' }], ...rest }),
  kind: 'shirt',
  seasons: ['summer'],
  count: { times: wears, spread: 0, last: undefined, folded: 0 },
  observed: { times: wears, spread: 0, last: undefined, folded: 0 },
  months: 10,
  rate: undefined,
  expected: wears,
  inRotation: true,
  isNoted: true,
  ready: true,
  inSeason: true,
});
/** Ten with pockets that are worn a lot, ten without that are not. */
const wardrobe = Array.from({ length: 20 }, (_, i) => hangs(`m${i}`, i < 10 ? 'pockets' : 'none', i < 10 ? 60 + i : 8 + (i % 3)));
const tables = { patterns: [pockets, none], fabrics: [linen], bodies: [], makes: wardrobe.map((h) => h.make) };

test('features are read from what is recorded; what was never said is missing', () => {
  const features = featuresOf(tables.makes, tables);
  const has = hasOf(tables.makes[0]!, features, tables);
  expect([
    has.get('pockets'),
    has.get('linen'),
    has.get('breathes'),
    has.get('light fabric'),
    has.get('print'),
    has.get('large print'),
    has.get('light colour'),
  ]).toEqual(new Array(7).fill(true));
  expect(has.has('sleeves')).toBe(false);
  expect(has.has('sheer')).toBe(false);
  expect(has.get('kind shirt')).toBe(true);
});

test('words of one’s own count once three makes have them', () => {
  const said = (n: number) =>
    Array.from({ length: 4 }, (_, i) => sampleMake(1, { id: `w${i}`, ...(i < n ? { ownWords: 'Twirls, cap sleeve' } : {}) }));
  expect(featuresOf(said(3), tables).map((f) => f.words)).toEqual(expect.arrayContaining(['“twirls”', '“cap sleeve”']));
  expect(featuresOf(said(2), tables).some((f) => f.id.startsWith('word '))).toBe(false);
});

test('pockets are said with their evidence, and no cause is claimed', () => {
  const { findings, more } = whatIsWorn(wardrobe, tables);
  expect(more).toBe(0);
  expect(findings[0]).toMatchObject({ of: 'worn', clear: true });
  expect(findings[0]?.features.map((f) => f.id)).toEqual(['pockets']);
  expect(findings[0]?.withIt).toHaveLength(10);
  const words = wornWords(findings[0]!);
  expect(words).toMatch(/^With pockets, worn about \d\.\d times as often \(\d\.\d to \d+(\.\d)?\), from 10 with and 10 without$/);
  expect(words).not.toMatch(/because|makes/);
  const loved = (middle: number, low: number, high: number) => wornWords({ ...findings[0]!, of: 'loved', middle, low, high });
  expect(loved(-1.4, -1.8, -1)).toContain('loved 1.4 less of five (1.0 to 1.8)');
  expect(loved(0.6, -0.1, 1.3)).toContain('loved 0.6 more of five (0.1 less to 1.3 more)');
  const [pocket] = findings[0]!.features;
  const second = { id: 'zip', words: 'a zip' };
  expect(wornWords({ ...findings[0]!, features: [pocket!, second], lacking: [second] })).toContain(
    'pockets, or without a zip, which came together here',
  );
});

test('too few garments, or too few on a side: how many more it takes, and nothing else', () => {
  expect(whatIsWorn(wardrobe.slice(0, 5), tables)).toMatchObject({ findings: [], more: 7 });
  const lopsided = [...wardrobe.slice(0, 2), ...wardrobe.slice(10)];
  expect(whatIsWorn(lopsided, tables).findings).toEqual([]);
});

test('where no wear is noted of anything, nothing is said of what is worn, and nothing expected', () => {
  const unnoted = wardrobe.map((h) => ({ ...h, isNoted: false, count: { ...h.count, times: 0 } }));
  const told = whatIsWorn(unnoted, tables);
  expect(told.findings.filter((f) => f.of === 'worn')).toEqual([]);
  expect(expectedWear(blankPlan('plan', 'person', 'pockets', 'view', '2026-11-25'), told, tables)).toBeUndefined();
});

test('a plan like what is worn is expected to be worn, and it is said what speaks for it', () => {
  const told = whatIsWorn(wardrobe, tables);
  const [like, unlike] = ['pockets', 'none'].map((patternId) => expectedWear(hangs('new', patternId, 0).make, told, tables));
  expect(like?.aMonth).toBeGreaterThan(3 * (unlike?.aMonth ?? 9));
  expect(like?.pro.map((f) => f.id)).toContain('pockets');
  expect(expectedWear(hangs('new', 'none', 0).make, whatIsWorn([], tables), tables)).toBeUndefined();
});

test('one more of a kind adds less the more there are, and never more than what one is worn now', () => {
  const adds = [1, 3, 8].map(
    (n) =>
      enoughOf(
        'shirt',
        wardrobe.slice(0, n).map((h) => ({ ...h, expected: 20 })),
      ).oneMore,
  );
  expect([...adds].sort((a, b) => b - a)).toEqual(adds);
  expect(adds[0]).toBeLessThan(20);
  expect(enoughOf('coat', wardrobe)).toEqual({ alike: 0, together: 0, oneMore: 0 });
});

test('enough of a kind counts what does the same job, and says what one more adds', () => {
  const winter = wardrobe.slice(0, 4).map((h, i) => ({ ...h, expected: 20, seasons: i < 3 ? (['summer'] as const) : (['winter'] as const) }));
  expect(enoughOf('shirt', winter, ['summer']).alike).toBe(3);
  expect(enoughWords('shirt', { alike: 5, together: 60, oneMore: 4.2 })).toBe(
    '5 of the kind shirt hang already, worn about 60 times a year together; one more would add about 4 wears.',
  );
  expect(enoughWords('coat', { alike: 1, together: 30, oneMore: 0.2 })).toContain(
    'hangs already, worn about 30 times a year; one more would add hardly a wear',
  );
  expect(enoughWords('coat', { alike: 0, together: 0, oneMore: 0 })).toBe('Nothing of the kind coat hangs in its season.');
});

test('versions of its own pattern draw what is expected towards how they were worn, and count more the more there are', () => {
  const told = whatIsWorn(wardrobe, tables);
  const [alone, among] = ['elsewhere', 'pockets'].map((id) => {
    const pattern = { ...pockets, id };
    return expectedWear(hangs('new', id, 0).make, told, { ...tables, patterns: [...tables.patterns, pattern] });
  });
  expect([alone?.versions, among?.versions]).toEqual([0, 10]);
  // Ten versions were worn more than six times a month: features alone are held back.
  expect(among!.aMonth).toBeGreaterThan(alone!.aMonth);
  expect(among!.aMonth).toBeLessThan(7);
});

test('what the ease really was, the season, the price and the colour by name are read too; a swatch that nobody chose says nothing', () => {
  const dear = sampleFabric('dear', { pricePerMetre: { minor: 4000, currency: 'EUR' }, seasons: ['winter'] });
  const cheap = sampleFabric('cheap', { pricePerMetre: { minor: 900, currency: 'EUR' }, seasons: ['summer'] });
  const navy = { ...blankFabric('navy', 'navy needlecord') };
  const makes = [dear, cheap, navy].map((f) => hangs(`of ${f.id}`, 'none', 3, { fabrics: [{ id: 'u', fabricId: f.id, part: 'main' }] }).make);
  const of = {
    patterns: [none],
    fabrics: [dear, cheap, navy, sampleFabric('usual', { pricePerMetre: { minor: 1000, currency: 'EUR' } })],
    bodies: [SAMPLE_BODY],
    makes,
  };
  const [inDear, inCheap, inNavy] = makes.map((make) => hasOf(make, featuresOf(makes, of), of));
  expect([inDear?.get('dear'), inCheap?.get('dear'), inNavy?.has('dear')]).toEqual([true, false, false]);
  expect([inDear?.get('winter'), inCheap?.get('winter'), inCheap?.get('summer'), inNavy?.has('winter')]).toEqual([true, false, true, false]);
  expect([inNavy?.get('dark colour'), hasOf(makes[0]!, [], { ...of, fabrics: [blankFabric('dear', 'cloth')] }).has('dark colour')]).toEqual([
    true,
    false,
  ]);
  // Cut wide it is loose, whatever its pattern meant.
  const [asMeant, wide] = ['C', 'E'].map((size) => ({ ...makes[0]!, size: { size } }));
  const ease = (make: Hanging['make']) => hasOf(make, [], { ...of, makes: [make] }).get('loose');
  expect([ease(asMeant!), ease(wide!)]).toEqual([false, true]);
  // At the waist only what it really has is told: of a plan nothing.
  const waist = { ...SAMPLE_PATTERN, id: 'none', views: [{ ...SAMPLE_PATTERN.views[0]!, zones: ['bust', 'waist'] as const }] };
  const atWaist = (record: Hanging['make'] | Plan) =>
    hasOf(record, [], { ...of, patterns: [{ ...waist, views: waist.views.map((v) => ({ ...v, zones: [...v.zones] })) }], makes: [asMeant!] }).get(
      'close waist',
    );
  expect([atWaist(asMeant!), atWaist({ ...asMeant!, size: { size: 'A' } }), atWaist(blankPlan('p', 'person', 'none', 'view', '2026-01-01'))]).toEqual(
    [false, true, undefined],
  );
});
