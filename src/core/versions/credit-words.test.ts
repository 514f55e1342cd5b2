import { sampleAlteration, sampleCase, sampleFabric, sampleMake, sampleNote } from '../garment/sample-case';
import type { Make } from '../records';
import { creditWords, fateWords } from './credit-words';
import { whatItDid } from './what-it-did';

const fabrics = [sampleFabric('c', { weight: 150 }), sampleFabric('heavy', { weight: 400 })];
const cut = (version: number, outcome: -1 | 0 | 1, rest: Partial<Make> = {}) =>
  sampleMake(version, { fabrics: [{ id: 'u', fabricId: 'c', part: 'main' }], fitNotes: [sampleNote('acrossBack', outcome)], ...rest });
const wordsOf = (earlier: Make, later: Make) => {
  const effects = whatItDid(sampleCase([earlier, later], { fabrics }), earlier, later);
  return { cell: fateWords(effects, 'cm'), credits: effects.map((e) => creditWords(e, 'cm')) };
};
const wider = { alterations: [sampleAlteration('across-back', 1)] };

test('a fix is credited to the change that made it, with its amount', () => {
  expect(wordsOf(cut(1, -1), cut(2, 0, wider)).cell).toMatch(/^fixed by back width \+1\s*cm$/);
});

test('past right is overshot, and said once', () => {
  const { cell, credits } = wordsOf(cut(1, -1), cut(2, 1, wider));
  expect(cell).toMatch(/^overshot by back width/);
  expect(credits).toHaveLength(2);
});

test('where fabric and cut both changed, nobody gets the credit', () => {
  const inHeavy = cut(2, 0, { ...wider, fabrics: [{ id: 'u', fabricId: 'heavy', part: 'main' }] });
  expect(wordsOf(cut(1, -1), inHeavy)).toEqual({
    cell: 'fixed: fabric and cut both changed',
    credits: ['by what, is not clear: fabric and cut both changed'],
  });
});

test('several changes share the credit; what stayed the same says nothing', () => {
  const both = cut(2, 0, { alterations: [sampleAlteration('across-back', 1)], size: { size: 'D' } });
  expect(wordsOf(cut(1, -1), both).cell).toMatch(/^fixed by the size line \(\d+\s*%\) and back width \+1\s*cm \(\d+\s*%\)$/);
  expect(wordsOf(cut(1, -1), cut(2, -1)).cell).toBe('');
});
