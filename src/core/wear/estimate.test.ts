import { sampleMake } from '../garment/sample-case';
import { SEASONS } from '../records/seasons';
import { estimateOver } from './estimate';

const make = sampleMake(1, { finishedOn: '2026-06-15' });
const SUMMER = { from: '2026-06-01', until: '2026-08-31' };

test('a number is spread over the days on which it was there', () =>
  expect(estimateOver(make, SEASONS, { times: 20 }, SUMMER, 'north')).toEqual({
    date: '2026-06-15',
    until: '2026-08-31',
    makeIds: [make.id],
    count: 20,
  }));

test('a word is taken for so many by the months in which it could be worn', () => {
  expect(estimateOver(make, SEASONS, { often: 'often' }, SUMMER, 'north')).toMatchObject({ often: 'often', count: 8 });
  expect(estimateOver(make, ['winter'], { often: 'constantly' }, SUMMER, 'north')).toMatchObject({ count: 3 });
});

test('before it was finished nothing is', () =>
  expect(estimateOver(make, SEASONS, { times: 20 }, { from: '2026-03-01', until: '2026-05-31' }, 'north')).toBeUndefined());
