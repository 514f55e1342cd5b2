import type { Wear } from '../records';
import { withItsMake, wornUpTo } from './worn-up-to';

const UNDATED = { cutOn: '2026-12-01', undated: true } as const;
const OF_2019 = { cutOn: '2019-07-01', finishedOn: '2019-07-01' };
const told: Wear = { id: 'w', makeIds: ['m'], count: 60, ...wornUpTo(UNDATED, '2026-12-01') };

test('wears of no day are spread since the make’s once it is said, follow it when it is another, and go back with it', () => {
  const spread = withItsMake(told, UNDATED, OF_2019);
  expect(spread).toEqual({ id: 'w', makeIds: ['m'], count: 60, date: '2019-07-01', until: '2026-12-01' });
  const later = { cutOn: '2020-07-01', finishedOn: '2021-02-03' };
  expect(withItsMake(spread!, OF_2019, later)).toMatchObject({ date: '2021-02-03', until: '2026-12-01' });
  expect(withItsMake(spread!, OF_2019, UNDATED)).toEqual(told);
});

test('what has days of its own stays, and so does what was told before the make is said to have been made', () => {
  expect(withItsMake({ ...told, undated: undefined, date: '2024-05-01', until: '2024-08-31' }, OF_2019, UNDATED)).toBeUndefined();
  expect(withItsMake({ ...told, undated: undefined, date: '2019-07-01' }, OF_2019, UNDATED)).toBeUndefined();
  expect(withItsMake({ ...told, makeIds: ['m', 'n'] }, UNDATED, OF_2019)).toBeUndefined();
  expect(withItsMake(told, UNDATED, { cutOn: '2026-12-02' })).toBeUndefined();
  expect(withItsMake(told, UNDATED, UNDATED)).toBeUndefined();
});
