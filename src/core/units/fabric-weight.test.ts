import fc from 'fast-check';
import { fabricWeightForEditing, formatFabricWeight, parseFabricWeight } from './fabric-weight';

test.each([
  ['180', 'cm', 180],
  ['180 g/m²', 'in', 180],
  ['5', 'in', 169.5],
  ['5 oz', 'cm', 169.5],
  ['12,5 oz/yd²', 'cm', 423.8],
  ['150 gsm', 'in', 150],
] as const)('%s with %s is %d g/m²', (text, unit, gsm) => expect(parseFabricWeight(text, unit)).toEqual({ ok: true, gsm }));

test.each(['', 'heavy', '0', '5000', '120 kg', '-3'])('“%s” is no weight, and it is said what one looks like', (text) =>
  expect(parseFabricWeight(text, 'cm')).toEqual({ ok: false, problem: expect.stringMatching(/180 g\/m² or 5 oz/) as string }),
);

test('what is shown for editing reads as the same weight, also after many turns in ounces', () => {
  fc.assert(
    fc.property(fc.integer({ min: 10, max: 900 }), fc.constantFrom('cm' as const, 'in' as const), (tenths, unit) => {
      const first = parseFabricWeight(unit === 'cm' ? String(tenths) : String(tenths / 10), unit);
      if (!first.ok) return;
      let { gsm } = first;
      for (let turn = 0; turn < 5; turn++) {
        const again = parseFabricWeight(fabricWeightForEditing(gsm, unit), unit);
        gsm = again.ok ? again.gsm : NaN;
      }
      expect(gsm).toBe(first.gsm);
    }),
  );
});

test('in words the unit is that of the sewist', () => expect(formatFabricWeight(169.5, 'in')).toBe('5\u202foz/yd²'));
