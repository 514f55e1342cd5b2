import fc from 'fast-check';
import { priceOfCm, priceOfLength } from './price';

const usd = (minor: number, pricedBy?: 'metre' | 'yard') => ({ pricePerMetre: { minor, currency: 'USD' }, ...(pricedBy ? { pricedBy } : {}) });

test('a price by the yard stays as it was quoted: three yards are three times it', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 50_000 }), fc.integer({ min: 1, max: 12 }), (minor, yards) => {
      expect(priceOfLength(usd(minor, 'yard'), yards * 91.44)).toEqual({ minor: minor * yards, currency: 'USD' });
      expect(priceOfLength(usd(minor), yards * 100)).toEqual({ minor: minor * yards, currency: 'USD' });
    }),
  );
});

test('a yard is shorter than a metre, so the same price for it is dearer', () => {
  expect(priceOfCm(usd(1000, 'yard'))!).toBeGreaterThan(priceOfCm(usd(1000, 'metre'))!);
  expect(priceOfLength(usd(1000, 'yard'), 150)?.minor).toBe(1640);
});

test('no price is none, and never nothing to pay', () => {
  expect(priceOfLength({}, 200)).toBeUndefined();
  expect(priceOfCm({ pricedBy: 'yard' })).toBeUndefined();
});
