import { sampleAlteration, sampleMake, SAMPLE_PATTERN } from '../garment/sample-case';
import { canBeMarked, toMark } from './to-mark';

const bodice = sampleAlteration('bodice-above-bust', 1.5, { id: 'bodice' });
const others = [
  sampleAlteration('sleeve-length', 1, { id: 'marked', marked: '2026-01-01' }),
  sampleAlteration('sleeve-length', 2, { id: 'looks', purpose: 'style' }),
  sampleAlteration('skirt-length', 2, { id: 'in the fabric', when: 'cutting' }),
];
const versions = [sampleMake(1, { alterations: [bodice, ...others] }), sampleMake(2, { alterations: [{ ...bodice, id: 'again' }, ...others] })];
const idsOf = (next: Parameters<typeof toMark>[2], of = versions, pattern = SAMPLE_PATTERN) => toMark(pattern, of, next).map((m) => m.alteration.id);

test('what was made for fit and lives on, once, by the latest version that has it', () => {
  expect(idsOf({ alterations: [bodice, ...others] })).toEqual(['again']);
  expect(toMark(SAMPLE_PATTERN, versions, { alterations: [{ ...bodice, amount: 2.5 }] })[0]).toMatchObject({
    make: { version: 2 },
    alteration: { amount: 1.5 },
    wanted: { amount: 2.5 },
  });
});

test('nothing that the next cut takes back or turns round, that was marked later, or of a retired pattern', () => {
  expect(idsOf({ alterations: [] })).toEqual([]);
  expect(idsOf({ alterations: [{ ...bodice, amount: -1 }] })).toEqual([]);
  const marked = [...versions, sampleMake(3, { alterations: [{ ...bodice, id: 'third', marked: '2026-02-01' }] })];
  expect(idsOf({ alterations: [bodice] }, marked)).toEqual([]);
  expect(canBeMarked(SAMPLE_PATTERN, marked)).toBe(false);
  expect(idsOf({ alterations: [bodice] }, versions, { ...SAMPLE_PATTERN, state: 'retired' })).toEqual([]);
});
