import type { Make } from '../records';
import { sampleMake } from '../garment/sample-case';
import { estimatesIn, oftenSaid, overSaid } from './how-often';

const TODAY = '2026-11-25';
const over = (said: string, hemisphere: 'north' | 'south' = 'north') => {
  const found = overSaid(said, TODAY, hemisphere);
  return found && [found.over.from, found.over.until];
};

test.each<[string, string, string]>([
  ['all last summer', '2026-06-01', '2026-08-31'],
  ['this autumn', '2026-09-01', TODAY],
  ['all winter', '2025-12-01', '2026-02-28'],
  ['in the summer of 2025', '2025-06-01', '2025-08-31'],
  // A winter is of the year it ends in.
  ['winter 2025', '2024-12-01', '2025-02-28'],
  ['last autumn', '2025-09-01', '2025-11-30'],
  ['since spring', '2026-03-01', TODAY],
  ['since December', '2025-12-01', TODAY],
  ['in October', '2026-10-01', '2026-10-31'],
  ['all of december', '2025-12-01', '2025-12-31'],
  ['in november', '2026-11-01', TODAY],
  ['in may 2024', '2024-05-01', '2024-05-31'],
  ['last month', '2026-10-01', '2026-10-31'],
  ['this year', '2026-01-01', TODAY],
  ['last year', '2025-01-01', '2025-12-31'],
  ['last week', '2026-11-16', '2026-11-22'],
  ['throughout 2025', '2025-01-01', '2025-12-31'],
])('%s: over these days', (said, from, until) => expect(over(said.toLowerCase())).toEqual([from, until]));

test('in the south summer is over the new year; what is still to come, or no span, says nothing', () => {
  expect(over('last summer', 'south')).toEqual(['2025-12-01', '2026-02-28']);
  expect(over('in may 2027')).toBeUndefined();
  expect(over('to the concert')).toBeUndefined();
  expect(over('twice to the summer concert')).toBeUndefined();
  expect(over('in the winter coat weather')).toBeUndefined();
  expect(over('maybe twice')).toBeUndefined();
});

test.each<[string, NonNullable<ReturnType<typeof oftenSaid>>['ways']]>([
  ['twice a week', [{ times: 2, days: 7 }]],
  ['about three times every month', [{ times: 3, days: 30.4 }]],
  ['nearly every day', [{ times: 1, days: 1 }]],
  ['weekly', [{ times: 1, days: 7 }]],
  ['all the time', [{ often: 'constantly' }]],
  ['quite a lot', [{ often: 'often' }]],
  ['a few times', [{ times: 3 }, { times: 5 }, { times: 8 }]],
  ['all summer', [{ often: 'constantly' }, { often: 'often' }]],
])('%s: so often', (said, ways) => expect(oftenSaid(said)?.ways).toEqual(ways));

test('a day, an evening and a number are no such thing', () =>
  expect(['all day', 'all evening', '12 times', 'to work', 'every Monday'.toLowerCase()].map(oftenSaid)).toEqual(Array(5).fill(undefined)));

describe('wears over some days', () => {
  const make = sampleMake(1, { finishedOn: '2026-05-01' });
  const told = (said: string, ...others: readonly Make[]) =>
    estimatesIn(said, [make, ...others], { today: TODAY })?.ways.map((way) => [way.called, way.told.times, way.told.over]);

  test('so many in so many days are counted, from the day it was ready', () => {
    expect(told('every day last week')).toEqual([['about 7 times', 7, { from: '2026-11-16', until: '2026-11-22' }]]);
    expect(told('twice a week since april')).toEqual([['about 60 times', 60, { from: '2026-05-01', until: TODAY }]]);
    expect(told('about 20 times last summer')).toEqual([['about 20 times', 20, { from: '2026-06-01', until: '2026-08-31' }]]);
  });

  test('where no days are said they are all since it was finished; before that nothing was worn', () => {
    expect(told('a lot')).toEqual([['often since it was finished', 1, { from: '2026-05-01', until: TODAY }]]);
    expect(told('often last year')).toBeUndefined();
    expect(told('12 times')).toBeUndefined();
    expect(told('to the concert')).toBeUndefined();
    expect(told('a lot', make)).toBeUndefined();
  });

  test('what another clause says is of something else, unless it begins with how often', () => {
    for (const said of [
      'to work, love it so much',
      'to work and liked it a lot',
      'to the concert, i made it last summer after trying twice',
      'twice, the fabric is from last summer',
    ])
      expect([said, told(said)]).toEqual([said, undefined]);
    expect(told('to work, about twice a week in october')?.[0]?.[1]).toBe(9);
  });

  test('more than an entry may stand for is not offered', () =>
    expect(estimatesIn('every day', [sampleMake(1, { finishedOn: '2020-01-01' })], { today: TODAY })).toBeUndefined());
});
