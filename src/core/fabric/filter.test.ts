import { sampleCloth } from '../garment/sample-case';
import { onShelf, weightOf } from './filter';

const poplin = sampleCloth('poplin', {
  name: 'blue poplin',
  colour: 'blue',
  fibre: 'cotton',
  weight: 115,
  seasons: ['summer'],
  pieces: [{ length: 190, width: 140 }],
});
const coating = sampleCloth('coating', {
  name: 'storm coating',
  fibre: 'wool',
  weight: 420,
  seasons: ['autumn', 'winter'],
  pieces: [{ length: 80, width: 150 }],
});
const rib = sampleCloth('rib', { name: 'plum rib', structure: 'knit', weightClass: 'medium' });
const ids = (...filter: Parameters<typeof onShelf>[1][]) => onShelf([poplin, coating, rib], filter[0] ?? {}).map((c) => c.id);

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
  expect(weightOf(sampleCloth('a', { weight: 240, weightClass: 'light' }))).toBe('heavy');
  expect(weightOf(sampleCloth('a', { weight: 240, structure: 'knit' }))).toBe('medium');
  expect(weightOf(sampleCloth('a'))).toBeUndefined();
});
