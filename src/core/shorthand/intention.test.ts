import { sampleAlteration, sampleFabric, sampleMake, SAMPLE_PATTERN } from '../garment/sample-case';
import { isUnderstood, readIntention } from './intention';
import { lineContextOf } from './line-context';

const pattern = { ...SAMPLE_PATTERN, views: [...SAMPLE_PATTERN.views, { ...SAMPLE_PATTERN.views[0]!, id: 'long', name: 'long sleeve' }] };
const make = sampleMake(2, {
  alterations: [sampleAlteration('sleeve-length', 1.5), sampleAlteration('body-at-hem', -3)],
  fabrics: [{ id: 'use', fabricId: 'poplin', part: 'main' }],
});
const another = { ...SAMPLE_PATTERN, id: 'other', name: 'Lengthen dress' };
const context = lineContextOf(
  { patterns: [pattern, another], makes: [make], fabrics: [sampleFabric('grey flannel')], people: [] },
  { unit: 'cm', currency: 'EUR', today: '2026-03-01' },
);
let ids = 0;
const read = (words: string) => readIntention(words, make, pattern, context, () => `new-${(ids += 1)}`);

test.each([
  'lengthen the sleeve by 2',
  'next time lengthen the sleeve by 2',
  'Next time: sleeve 2 longer',
  'I should lengthen the sleeve by 2 cm',
  'needed to lengthen the sleeve by 2 cm',
  'sleeve +2',
])('%s: two longer than it was, with what it was lengthened by already', (words) => {
  const { alterations } = read(words);
  expect(alterations).toMatchObject([{ kind: 'sleeve-length', amount: 3.5, when: 'paper', purpose: 'fit' }]);
  // What was altered elsewhere is not said again.
  expect(alterations).toHaveLength(1);
});

test('what was not altered before is meant as it is said', () => {
  expect(read('shorten the bodice by 1').alterations).toMatchObject([{ amount: -1 }]);
  expect(read('next time shorten the sleeves').alterations).toMatchObject([{ kind: 'sleeve-length', direction: -1 }]);
});

test('a size, a size somewhere, a view, a fabric of the stash', () => {
  expect(read('size D').size).toEqual({ size: 'D' });
  expect(read('size D at the bust').sizeLines).toEqual([{ zone: 'bust', line: { size: 'D' } }]);
  expect(read('in the grey flannel').fabrics.map((f) => f.fabricId)).toEqual(['grey flannel']);
});

test.each(['straighten the hem', 'longer stitch on the topstitching', 'in wool', 'use the nicer buttons'])('%s: stays words', (words) => {
  expect(isUnderstood(read(words))).toBe(false);
});

test('a fabric that nobody has is not invented, and the size that it had is no change', () => {
  expect(read('in grey jersey').fabrics).toEqual([]);
  expect(isUnderstood(read('the size C again'))).toBe(false);
});
