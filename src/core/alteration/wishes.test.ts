import { sampleAlteration } from '../garment/sample-case';
import { newWishes, openWishes } from './wishes';

const looks = { ...sampleAlteration('skirt-length', 6), purpose: 'style' as const };
const fit = sampleAlteration('skirt-length', 3);

test('a wish is open until it is fulfilled for looks: the same piece altered for fit does not do it', () => {
  expect(openWishes({ wishes: [looks] }, [])).toEqual([looks]);
  expect(openWishes({ wishes: [looks] }, [fit])).toEqual([looks]);
  expect(openWishes({ wishes: [looks] }, [{ ...looks, amount: 4 }])).toEqual([]);
});

test('only what is changed for looks becomes a wish, and none twice', () => {
  expect(newWishes({ wishes: [] }, [fit, looks])).toEqual([looks]);
  expect(newWishes({ wishes: [looks] }, [fit, looks])).toEqual([]);
  const elsewhere = { ...looks, kind: 'side-seams' as const, zones: ['waist' as const] };
  expect(newWishes({ wishes: [{ ...elsewhere, zones: ['hip'] }] }, [elsewhere])).toEqual([elsewhere]);
});
