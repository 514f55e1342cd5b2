import { sampleMake } from '../garment/sample-case';
import { latestFirst } from './versions';

const made = (id: string, version: number, finishedOn: string) => sampleMake(version, { id, finishedOn });
const [EARLY, LATE] = ['01JABCDEFG', '01JABCDEFH'].map((time) => (lot: string) => `${time}${lot.repeat(16)}`) as [
  (lot: string) => string,
  (lot: string) => string,
];

test('by the day; of one evening what was entered last, whatever its version and however the lot fell', () => {
  const makes = [
    made(EARLY('Z'), 2, '2026-12-01'),
    made(LATE('0'), 1, '2026-12-01'),
    made(LATE('1'), 2, '2026-12-01'),
    made(EARLY('A'), 9, '2026-11-30'),
  ];
  expect([...makes].sort(latestFirst)).toEqual([makes[2], makes[1], makes[0], makes[3]]);
});

test('where ids tell no time the later version stands first', () => {
  const makes = [made('shirt-1', 1, '2026-12-01'), made('jacket-2', 2, '2026-12-01')];
  expect([...makes].sort(latestFirst).map((m) => m.version)).toEqual([2, 1]);
});
