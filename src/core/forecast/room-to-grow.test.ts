import { roomToGrow } from './room-to-grow';
import { SAMPLE_PATTERN, sampleCase, sampleMake, sampleNote } from '../garment/sample-case';

const PLAN = { date: '2026-06-01', unit: 'cm' as const };
const set = (id: string, date: string, bust: number) => ({ id, personId: 'person', date, measures: { bust } });
const CHART = { id: 'chart', name: 'chart', sizes: ['104', '110', '116', '122'], body: { bust: [56, 58, 60, 62] }, finished: {}, finishedOf: [] };
const made = sampleMake(1, { size: { size: '110' }, cutOn: '2026-06-01', fitNotes: [{ ...sampleNote('bust', 0), date: '2026-06-01' }] });
const child = (...bodies: ReturnType<typeof set>[]) => sampleCase([made], { pattern: { ...SAMPLE_PATTERN, charts: [CHART] }, bodies });
const grows = child(set('a', '2025-06-01', 56), set('b', '2026-06-01', 58));

test('one cut on the body of now, of half a year on and of a year on: what fits now is outgrown', () => {
  const found = roomToGrow(grows, made, PLAN)!;
  expect(found.map((g) => g.date)).toEqual(['2026-06-01', '2026-12-01', '2027-06-01']);
  expect(found.map((g) => g.size)).toEqual(['110', '110', '116']);
  const offset = (i: number) => found[i]!.zones.find((z) => z.zone === 'bust')!;
  expect(offset(0).x).toBeCloseTo(0, 9);
  expect(offset(1).x).toBeCloseTo(-1, 9);
  expect(offset(2).x).toBeCloseTo(-2, 9);
  expect(offset(0).chance).toBeGreaterThan(offset(1).chance);
  expect(offset(1).chance).toBeGreaterThan(offset(2).chance);
});

test('a size larger trades the fit of now for that of later', () => {
  const [now, , later] = roomToGrow(grows, { ...made, size: { size: '116' } }, PLAN)!;
  const chance = (g: typeof now) => g!.zones.find((z) => z.zone === 'bust')!.chance;
  expect(chance(later)).toBeGreaterThan(chance(now));
});

test('what is expected is in whole millimetres, and now is the body measured', () => {
  const [now, half] = roomToGrow(child(set('a', '2025-06-01', 56), set('b', '2026-06-01', 57.77)), made, PLAN)!;
  expect(now).not.toHaveProperty('expected');
  expect(half!.expected).toEqual({ bust: 58.7 });
});

test('with one set growth is asked for and not guessed', () => {
  expect(roomToGrow(child(set('a', '2026-06-01', 58)), made, PLAN)).toBeUndefined();
});
