import { sampleCase, sampleMake, SAMPLE_PATTERN } from '../garment/sample-case';
import type { PatternPiece } from '../records';
import { changesThatSave } from './changes-that-save';

const piece = (name: string, width: number, length: number, rest: Partial<PatternPiece> = {}): PatternPiece => ({
  id: name,
  name,
  part: 'main',
  count: 1,
  pairs: false,
  width,
  length,
  ...rest,
});
const saved = (pieces: PatternPiece[], width: number, fold?: 'lengthwise') => {
  const pattern = { ...SAMPLE_PATTERN, kind: 'bag' as const, views: [{ ...SAMPLE_PATTERN.views[0]!, pieces }] };
  return changesThatSave(sampleCase([], { pattern }), sampleMake(1), { width, fold }, 'cm').map(({ words, saves }) => [
    words.replace(/\s/g, ' '),
    Math.round(saves),
  ]);
};

test('pieces that lie one after the other save what they are shorter by, twice for two of them', () => {
  expect(saved([piece('front', 60, 80), piece('back', 60, 80)], 70)).toEqual([['The whole shorter by 3 cm', 6]]);
});

test('facings from another fabric save their length where nothing lies beside them', () => {
  expect(saved([piece('front', 60, 80), piece('front facing', 60, 20)], 62)).toEqual([
    ['Facings and what else is hidden from another fabric', 20],
    ['The whole shorter by 3 cm', 6],
  ]);
});

test('a seam at the centre back lets the halves lie where the whole could not', () => {
  const found = saved([piece('front', 30, 70, { fold: 'left' }), piece('back', 32, 70, { fold: 'left' }), piece('apron', 60, 70)], 100);
  expect(found[0]).toEqual(['A seam at the centre back', 70]);
});

test('unfolded the fabric takes less, and half a size smaller may do', () => {
  const found = saved([piece('front', 62, 70), piece('back', 62, 70)], 140, 'lengthwise');
  expect(found).toContainEqual(['On a single layer, not folded', 70]);
});

test('nothing is offered that saves nothing worth a change', () => {
  expect(saved([piece('panel', 60, 80)], 70)).toEqual([]);
});
