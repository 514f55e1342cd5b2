import { SAMPLE_PATTERN, sampleFabric, sampleMake } from '../garment/sample-case';
import type { Hanging } from '../wear/wardrobe';
import { featuresOf, hasOf } from './features';
import { enoughOf, expectedWear, whatIsWorn } from './what-is-worn';
import { wornWords } from './worn-words';

const pockets = { ...SAMPLE_PATTERN, id: 'pockets', views: [{ ...SAMPLE_PATTERN.views[0]!, flat: { pockets: 'patch' as const } }] };
const none = { ...SAMPLE_PATTERN, id: 'none', views: [{ ...SAMPLE_PATTERN.views[0]!, flat: { pockets: 'none' as const } }] };
const linen = sampleFabric('linen', { fibre: 'linen', weight: 120, swatch: { print: 'dot', ground: '#f2e6c8', figure: '#333333', repeat: 8 } });

const hangs = (id: string, patternId: string, wears: number, rest: Partial<Hanging['make']> = {}): Hanging => ({
  make: sampleMake(1, { id, sources: [{ patternId, viewId: 'view' }], fabrics: [{ id: 'u', fabricId: 'linen', part: 'main' }], ...rest }),
  kind: 'shirt',
  seasons: ['summer'],
  count: { times: wears, spread: 0, last: undefined, folded: 0 },
  months: 10,
  rate: undefined,
  expected: wears,
  inRotation: true,
  ready: true,
  inSeason: true,
});
/** Ten with pockets that are worn a lot, ten without that are not. */
const wardrobe = Array.from({ length: 20 }, (_, i) => hangs(`m${i}`, i < 10 ? 'pockets' : 'none', i < 10 ? 60 + i : 8 + (i % 3)));
const tables = { patterns: [pockets, none], fabrics: [linen], makes: wardrobe.map((h) => h.make) };

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
});

test('too few garments, or too few on a side: how many more it takes, and nothing else', () => {
  expect(whatIsWorn(wardrobe.slice(0, 5), tables)).toMatchObject({ findings: [], more: 7 });
  const lopsided = [...wardrobe.slice(0, 2), ...wardrobe.slice(10)];
  expect(whatIsWorn(lopsided, tables).findings).toEqual([]);
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
