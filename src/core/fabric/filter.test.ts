import { weightOf } from './weight';
import { sampleFabric } from '../garment/sample-case';
import { inStash } from './filter';

const poplin = sampleFabric('poplin', {
  name: 'blue poplin',
  colour: 'blue',
  fibre: 'cotton',
  weight: 115,
  seasons: ['summer'],
  pieces: [{ length: 190, width: 140 }],
});
const coating = sampleFabric('coating', {
  name: 'storm coating',
  fibre: 'wool',
  weight: 420,
  seasons: ['autumn', 'winter'],
  pieces: [{ length: 80, width: 150 }],
});
const rib = sampleFabric('rib', { name: 'plum rib', structure: 'knit', weightClass: 'medium' });
const ids = (...filter: Parameters<typeof inStash>[1][]) => inStash([poplin, coating, rib], filter[0] ?? {}).map((c) => c.id);

test.each([
  [{}, ['poplin', 'coating', 'rib']],
  [{ words: 'BLUE cotton' }, ['poplin']],
  [{ words: 'wool storm' }, ['coating']],
  [{ words: 'blue wool' }, []],
  [{ structure: 'knit' }, ['rib']],
  [{ weight: 'light' }, ['poplin']],
  [{ weight: 'medium' }, ['rib']],
  [{ weight: 'heavy' }, ['coating']],
  [{ season: 'winter' }, ['coating']],
  [{ season: 'spring' }, []],
  [{ length: 100 }, ['poplin']],
  [{ length: 80 }, ['poplin', 'coating']],
  [{ onHand: true }, ['poplin', 'coating']],
] as const)('%j', (filter, found) => expect(ids(filter)).toEqual(found));

test('grams go before the hand; a knit counts as medium where a woven is heavy', () => {
  expect(weightOf(sampleFabric('a', { weight: 240, weightClass: 'light' }))).toBe('heavy');
  expect(weightOf(sampleFabric('a', { weight: 240, structure: 'knit' }))).toBe('medium');
  expect(weightOf(sampleFabric('a'))).toBeUndefined();
});
