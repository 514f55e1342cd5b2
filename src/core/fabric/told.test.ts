import { sampleFabric } from '../garment/sample-case';
import { isNothing, withFacts, type FabricFacts } from './told';

const tested = { date: '2026-11-25', newId: () => 'test 1' };
const told = (facts: Partial<FabricFacts>): FabricFacts => ({ fields: {}, tests: [], behaves: [], ...facts });
const linen = sampleFabric('linen', {
  width: 140,
  pieces: [{ length: 300, width: 140 }, { length: 80, width: 90 }, { length: 50 }],
  behaviour: 'creases',
  pricePerMetre: { minor: 1800, currency: 'EUR' },
  pricedBy: 'yard',
});

test('what was told takes the place of what stood there, and words stand behind those that were', () => {
  const now = withFacts(linen, told({ fields: { weight: 190, nap: false }, behaves: ['frays', 'bleeds in the wash'] }), tested);
  expect(now).toEqual({ ...linen, weight: 190, nap: false, behaviour: 'creases; frays; bleeds in the wash' });
});

test('a piece that lay as wide as its fabric lies as wide as that does; one of its own width keeps it', () =>
  expect(withFacts(linen, told({ fields: { width: 148 } }), tested).pieces).toEqual([
    { length: 300, width: 148 },
    { length: 80, width: 90 },
    { length: 50 },
  ]));

test('a price of a metre is not taken for one of a yard', () => {
  const byMetre = withFacts(linen, told({ fields: { pricePerMetre: { minor: 2000, currency: 'EUR' } } }), tested);
  expect([byMetre.pricePerMetre?.minor, 'pricedBy' in byMetre]).toEqual([2000, false]);
  expect(withFacts(linen, told({ fields: { width: 148 } }), tested).pricedBy).toBe('yard');
});

test('what was measured is kept as a test, and what it found stands with the fabric', () => {
  const now = withFacts(linen, told({ tests: [{ of: 'shrinkage along', before: 100, after: 96 }] }), tested);
  expect(now.tests).toEqual([{ id: 'test 1', date: '2026-11-25', of: 'shrinkage along', before: 100, after: 96 }]);
  expect(now.shrinkAlong).toBe(4);
});

test('nothing told changes nothing', () => {
  expect([isNothing(told({})), isNothing(told({ behaves: ['frays'] })), isNothing(told({ fields: { nap: false } }))]).toEqual([true, false, false]);
  expect(withFacts(linen, told({}), tested)).toEqual(linen);
});
