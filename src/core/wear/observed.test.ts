import { sampleMake } from '../garment/sample-case';
import type { Make, Wear } from '../records';
import { SEASONS } from '../records/seasons';
import { estimatesOf, notedSince, observedMonths } from './observed';

const garment: Make = sampleMake(1, { id: 'blouse', state: 'finished', finishedOn: '2025-01-01' });
const wear = (rest: Partial<Wear>): Wear => ({ id: `${rest.date} ${rest.count}`, date: '2026-01-01', makeIds: ['blouse'], count: 1, ...rest });
const months = (wears: readonly Wear[], rest: Parameters<typeof observedMonths>[6] = {}, make = garment) =>
  Math.round(observedMonths(make, estimatesOf(wears).get(make.id), notedSince([make], wears), SEASONS, 'north', '2026-07-01', rest));

test('a wearer notes each wear since the first single day; an estimate, a suitcase and another’s garment begin nothing', () => {
  const wears = [wear({ date: '2026-03-01' }), wear({ date: '2025-06-01', count: 8 }), wear({ date: '2025-07-01', count: 0 })];
  expect(notedSince([garment], wears)).toBe('2026-03-01');
  expect(notedSince([garment], wears.slice(1))).toBeUndefined();
  expect(notedSince([{ id: 'another' }], wears)).toBeUndefined();
});

test('months are known since each wear is noted, and for what an estimate speaks of; the rest is not counted', () => {
  expect(months([])).toBe(0);
  expect(months([wear({ date: '2026-06-01' })])).toBe(1);
  // "Worn 8 times" is of all up to then, "20 times last summer" of that summer.
  expect(months([wear({ date: '2026-03-01', count: 8 })])).toBe(14);
  const summer = wear({ date: '2025-06-01', until: '2025-08-31', count: 20 });
  expect(months([summer])).toBe(3);
  expect(months([summer, wear({ date: '2026-06-01' })])).toBe(4);
  expect(months([wear({ date: '2025-06-01', until: '2025-08-31', count: 0, often: 'never' })])).toBe(3);
  expect(months([wear({ date: '2025-06-01', until: '2025-06-10', count: 0 })])).toBe(0);
});

test('months that two entries speak of count once, and only those from a day on where that is asked', () => {
  const twice = [wear({ date: '2025-06-01', until: '2025-08-31', count: 20 }), wear({ date: '2025-08-01', until: '2025-09-30', count: 4 })];
  expect(months(twice)).toBe(4);
  expect(months(twice, { from: '2025-08-31' })).toBe(1);
  expect(months(twice, {}, { ...garment, state: 'sewing' })).toBe(0);
});

test('of a garment of which nobody said when it was made, what was told of it speaks of no month; from then on it does', () => {
  const { finishedOn: _, ...made } = garment;
  const undated: Make = { ...made, cutOn: '2026-03-01', undated: true };
  const told = wear({ date: '2026-03-01', count: 60, undated: true });
  expect(months([told], {}, undated)).toBe(0);
  expect(months([told, wear({ date: '2026-05-01' })], {}, undated)).toBe(2);
  // Once its day is known, what was told of it is of all days up to then.
  expect(months([told], {}, { ...undated, finishedOn: '2026-01-01' })).toBe(2);
});
