import { sampleMake } from '../garment/sample-case';
import type { Make } from '../records';
import { verdictsDue } from './verdict-due';

const TODAY = '2026-03-20';
const due = (makes: Make[], days: number) => {
  const wears = Array.from({ length: days }, (_, i) => ({
    id: `w${i}`,
    date: `2026-01-${String(i + 1).padStart(2, '0')}`,
    makeIds: ['make-1'],
    count: 1,
  }));
  return verdictsDue(makes, wears, [], 'north', TODAY);
};

test('a verdict is due after ten wears, of what hangs', () => {
  const make = sampleMake(1, { finishedOn: '2026-01-01' });
  expect(due([make], 10)).toEqual([{ make, times: 10, due: { why: 'wears', wears: 10 } }]);
  expect(due([make], 2)).toEqual([]);
  expect(due([{ ...make, kind: 'toile' }], 10)).toEqual([]);
});

test('what is worn most is asked about first, and each garment is asked about by its own wears', () => {
  const makes = ['make-2', 'make-1', 'make-3'].map((id) => ({ ...sampleMake(1, { finishedOn: '2026-01-01' }), id }));
  const wears = [
    { id: 'often', date: '2026-01-04', makeIds: ['make-1'], count: 12 },
    { id: 'both', date: '2026-01-05', makeIds: ['make-1', 'make-2'], count: 3 },
  ];
  expect(verdictsDue(makes, wears, [], 'north', TODAY).map(({ make, times }) => [make.id, times])).toEqual([
    ['make-1', 15],
    ['make-2', 3],
  ]);
});
