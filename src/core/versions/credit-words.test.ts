import { sampleAlteration, sampleCase, sampleFabric, sampleMake, sampleNote } from '../garment/sample-case';
import type { Make } from '../records';
import { creditWords, fateWords, otherwiseWords } from './credit-words';
import { whatItDid } from './what-it-did';

const fabrics = [sampleFabric('c', { weight: 150 }), sampleFabric('heavy', { weight: 400 })];
const cut = (version: number, outcome: -2 | -1 | 0 | 1, rest: Partial<Make> = {}) =>
  sampleMake(version, { fabrics: [{ id: 'u', fabricId: 'c', part: 'main' }], fitNotes: [sampleNote('acrossBack', outcome)], ...rest });
const wordsOf = (earlier: Make, later: Make) => {
  const effects = whatItDid(sampleCase([earlier, later], { fabrics }), earlier, later);
  return {
    cell: fateWords(effects, 'cm'),
    credits: effects.map((e) => creditWords(e, 'cm')),
    otherwise: effects.map((e) => otherwiseWords(e, 'cm')),
  };
};
const by = (amount: number) => ({ alterations: [sampleAlteration('across-back', amount)] });

test('a fix is credited to the change that made it, with its amount, and with what would have been', () => {
  const { cell, otherwise } = wordsOf(cut(1, -2), cut(2, 0, by(2)));
  expect(cell).toMatch(/^fixed by back width \+2\s*cm$/);
  expect(otherwise[0]).toMatch(/^Without back width \+2\s*cm it would have stayed narrow, (nine times in ten|almost certainly)\.$/);
});

test('past right is overshot, and what would have been is said once', () => {
  const { cell, credits, otherwise } = wordsOf(cut(1, -1), cut(2, 1, by(2)));
  expect(cell).toMatch(/^overshot by back width/);
  expect(credits).toHaveLength(2);
  expect(otherwise[0]).toBe('');
  expect(otherwise[1]).toMatch(/it would not have become wide/);
});

test('an amount that was another before would have been that again', () => {
  const { otherwise } = wordsOf(cut(1, 1, by(3)), cut(2, 0, by(1)));
  expect(otherwise[0]).toMatch(/^With back width \+3\s*cm again it would have stayed wide/);
});

test('beside a heavier fabric the cut is still named; alone, the fabric is only the likeliest', () => {
  const heavy = { fabrics: [{ id: 'u', fabricId: 'heavy', part: 'main' as const }] };
  expect(wordsOf(cut(1, -2), cut(2, 0, { ...by(2), ...heavy })).cell).toMatch(/^fixed(, mostly)? by back width/);
  expect(wordsOf(cut(1, -2), cut(2, -1, heavy)).credits[0]).toMatch(/the fabric \(weight\)/);
});

test('several changes share the credit; what nothing explains is said so; what stayed the same says nothing', () => {
  const both = cut(2, 0, { ...by(1), size: { size: 'D' } });
  expect(wordsOf(cut(1, -2), both).cell).toMatch(/^fixed by .*\(\d+\s*%\) and .*\(\d+\s*%\)$/);
  expect(wordsOf(cut(1, -1), cut(2, 0)).cell).toBe('fixed: nothing that touches it changed');
  expect(wordsOf(cut(1, -2), cut(2, 0, by(-1))).credits[0]).toMatch(/^none of the changes explains it, in spite of back width −1/);
  expect(wordsOf(cut(1, -1), cut(2, -1)).cell).toBe('');
});
