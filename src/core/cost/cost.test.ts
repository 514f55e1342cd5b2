import { sampleFabric, sampleMake, SAMPLE_PATTERN } from '../garment/sample-case';
import type { Make } from '../records';
import { makeCost, minutesPerWear, perWear } from './cost';

const eur = (minor: number) => ({ minor, currency: 'EUR' });
const fabrics = [
  sampleFabric('wool', { pricePerMetre: eur(4200) }),
  sampleFabric('lining', { pricePerMetre: eur(990) }),
  sampleFabric('gift'),
  sampleFabric('tweed', { pricePerMetre: { minor: 3000, currency: 'GBP' } }),
];
const use = (fabricId: string, length?: number, part: 'main' | 'lining' = 'main') => ({
  id: fabricId,
  fabricId,
  part,
  ...(length === undefined ? {} : { length }),
});
const pattern = { ...SAMPLE_PATTERN, price: eur(1600) };
const cost = (make: Make, makes: readonly Make[] = [make], of = pattern) =>
  makeCost(make, { makes, patterns: [of], fabrics, collections: [] }, 'EUR');

describe('what a make cost', () => {
  test('fabric by the length used, notions, the pattern spread over its versions, mends: to the cent', () => {
    const make = sampleMake(1, {
      fabrics: [use('wool', 195), use('lining', 145, 'lining')],
      notions: [{ id: 'zip', what: 'zip 20 cm', cost: eur(240) }],
      mends: [
        { id: 'm', date: '2026-01-01', what: 'a button', cost: eur(50) },
        { id: 'n', date: '2026-02-01', what: 'a seam' },
      ],
    });
    const others = [2, 3].map((v) => sampleMake(v));
    expect(cost(make, [make, ...others])).toEqual({
      fabric: 8190 + 1436,
      notions: 240,
      pattern: 533,
      mends: 50,
      bought: 0,
      total: 8190 + 1436 + 240 + 533 + 50,
      currency: 'EUR',
      unknown: [],
    });
  });

  test('an unknown price stays unknown and is said, the rest is known', () => {
    const make = sampleMake(1, { fabrics: [use('wool', 100), use('gift', 50, 'lining')], notions: [{ id: 'b', what: '6 buttons' }] });
    expect(cost(make)).toMatchObject({ fabric: 4200, unknown: ['the price of the lining (gift)', 'the price of 6 buttons'] });
    expect(cost(sampleMake(1, { fabrics: [use('wool')] })).unknown).toEqual(['the length used of wool']);
    expect(cost(sampleMake(1, { fabrics: [] })).unknown).toEqual(['the fabric']);
  });

  test('another currency is not turned into ours', () =>
    expect(cost(sampleMake(1, { fabrics: [use('wool', 100), use('tweed', 100)] }))).toMatchObject({
      fabric: 4200,
      unknown: ['tweed, which is in GBP'],
    }));

  test('a pattern of one’s own costs nothing; of any other the price is unknown until said', () => {
    const { price: _, ...unpriced } = pattern;
    const make = sampleMake(1, { fabrics: [use('wool', 100)] });
    expect(cost(make, [make], { ...unpriced, form: 'own draft' } as typeof pattern).unknown).toEqual([]);
    expect(cost(make, [make], unpriced as typeof pattern).unknown).toEqual(['the price of the pattern Sandbar blouse']);
  });

  test('shared among wears; before the first there is nothing to share', () => {
    expect(perWear(8190, 14)).toBe(585);
    expect(perWear(100, 0)).toBeUndefined();
    expect(minutesPerWear(sampleMake(1, { times: [{ id: 't', phase: 'all', minutes: 600 }] }), 20)).toBe(30);
    expect(minutesPerWear(sampleMake(1), 20)).toBeUndefined();
  });
});
