import fc from 'fast-check';
import { formatMoney, moneyForEditing, parseMoney } from './money';

test.each<[string, number, string]>([
  ['12,50', 1250, 'EUR'],
  ['12.50', 1250, 'EUR'],
  ['12', 1200, 'EUR'],
  ['12.5', 1250, 'EUR'],
  ['€12.50', 1250, 'EUR'],
  ['12,50 €', 1250, 'EUR'],
  ['£8', 800, 'GBP'],
  ['30 usd', 3000, 'USD'],
  ['1.250,00', 125_000, 'EUR'],
  ['1,250.75', 125_075, 'EUR'],
  ['1 250', 125_000, 'EUR'],
  ['1,250', 125_000, 'EUR'],
  ['1500 JPY', 1500, 'JPY'],
  ['2.345 KWD', 2345, 'KWD'],
  ['0.07', 7, 'EUR'],
])('%s', (text, minor, currency) => {
  expect(parseMoney(text, 'EUR')).toEqual({ ok: true, money: { minor, currency } });
});

test.each(['', 'much', '12.50.', '€12 USD', '12.3456', '-4', '99999999999', '1.5 JPY'])('“%s” is refused with a sentence', (text) => {
  expect(parseMoney(text, 'EUR').ok).toBe(false);
});

test('29 cents are 29 cents: no binary fraction comes between', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 9_999_999 }), fc.constantFrom('EUR', 'JPY', 'KWD'), (minor, currency) => {
      expect(parseMoney(moneyForEditing({ minor, currency }, 'EUR'), 'EUR')).toEqual({ ok: true, money: { minor, currency } });
    }),
  );
});

test('is written with its currency', () => {
  expect(formatMoney({ minor: 1240, currency: 'EUR' })).toBe('12.40\u202fEUR');
  expect(formatMoney({ minor: -5, currency: 'EUR' })).toBe('−0.05\u202fEUR');
  expect(formatMoney({ minor: 1500, currency: 'JPY' })).toBe('1500\u202fJPY');
});
