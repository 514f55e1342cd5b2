import { readLine } from '../read-line';
import type { Understood } from '../chip';
import type { LineContext } from '../sentence';

const SIZES = ['8', '10', '12', '14', '16'];
const CONTEXT: LineContext = {
  patterns: [{ id: 'p', name: 'Sandbar blouse', kind: 'shirt', sizes: SIZES, views: [{ id: 'v', name: 'A' }] }],
  fabrics: [],
  people: [],
  sets: [],
  unit: 'cm',
  currency: 'EUR',
  today: '2026-11-25',
};
const chipsOf = (said: string) => readLine(`Sandbar blouse ${said}`, CONTEXT);
const sizesIn = (facts: readonly Understood[]) =>
  facts.flatMap((u) => (u.is === 'size' ? [u.line.size] : u.is === 'size at' ? u.zones.map((zone) => `${u.line.size} ${zone}`) : []));
const said = (words: string) => chipsOf(words).flatMap((chip) => sizesIn(chip.says));

test.each([
  ['12, one size up at the hips', ['12', '14 hip']],
  ['12, two sizes down at the waist', ['12', '8 waist']],
  ['in 12, went up a size at the hips', ['12', '14 hip']],
  ['12 with the hips one size up', ['12', '14 hip']],
  ['12, hips a size bigger and shoulders a size smaller', ['12', '14 hip', '10 shoulder']],
  ['12 apart from the hips, which are a 14', ['12', '14 hip']],
  ['12, the hips are 14', ['12', '14 hip']],
  ['12 except 14 at the hips', ['12', '14 hip']],
  ['10/12/14 bust/waist/hip', ['10 bust', '12 waist', '14 hip']],
  ['12/14 waist/hip', ['12 waist', '14 hip']],
])('another size at a place: %s', (words, sizes) => {
  expect(said(words)).toEqual(sizes);
});

test.each(['16, one size up at the hips', '8, two sizes down at the waist', 'one size up at the hips'])(
  'a size that the pattern does not have, or that nobody said, is not stated: %s',
  (words) => {
    expect(said(words).filter((size) => size.includes(' '))).toEqual([]);
  },
);

test('three sizes without a place are asked', () => {
  expect(said('10/12/14')).toEqual([]);
  expect(chipsOf('10/12/14').flatMap((chip) => chip.choices.map(sizesIn))).toContainEqual(['10 bust', '12 waist', '14 hip']);
});

test('where nothing but words could be chosen, nothing is asked', () => {
  const chips = readLine('curlew jeans, went down a size', { ...CONTEXT, patterns: [] });
  expect(chips.filter((chip) => chip.asks)).toEqual([]);
  expect(chips.flatMap((chip) => chip.says)).toContainEqual({ is: 'words', words: 'went down a size' });
});
