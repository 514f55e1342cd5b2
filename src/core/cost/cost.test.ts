import { sampleCloth, sampleMake } from '../fit/sample-case';
import { clothCost, costPerWear } from './cost';

const eur = (minor: number) => ({ minor, currency: 'EUR' });
const wool = sampleCloth('wool', { pricePerMetre: eur(4200) });
const lining = sampleCloth('lining', { pricePerMetre: eur(990) });
const use = (clothId: string, length: number | undefined) => ({
  id: clothId,
  clothId,
  part: 'main' as const,
  ...(length === undefined ? {} : { length }),
});

describe('what the cloth of a make cost', () => {
  test('by the length used, to the cent', () => {
    expect(clothCost(sampleMake(1, { cloths: [use('wool', 195)] }), [wool])).toEqual(eur(8190));
    expect(clothCost(sampleMake(1, { cloths: [use('wool', 195), use('lining', 145)] }), [wool, lining])).toEqual(eur(8190 + 1436));
  });

  test('an unknown price or length stays unknown', () => {
    expect(clothCost(sampleMake(1, { cloths: [use('wool', undefined)] }), [wool])).toBeUndefined();
    expect(clothCost(sampleMake(1, { cloths: [use('gift', 100)] }), [sampleCloth('gift')])).toBeUndefined();
    expect(clothCost(sampleMake(1, { cloths: [] }), [])).toBeUndefined();
  });

  test('two currencies are not added up', () => {
    const pound = sampleCloth('tweed', { pricePerMetre: { minor: 3000, currency: 'GBP' } });
    expect(clothCost(sampleMake(1, { cloths: [use('wool', 100), use('tweed', 100)] }), [wool, pound])).toBeUndefined();
  });

  test('shared among wears', () => {
    expect(costPerWear(eur(8190), 14)).toEqual(eur(585));
    expect(costPerWear(eur(100), 0)).toEqual(eur(100));
  });
});
