import { Recollection } from '../forecast/recollection';
import { beliefAt } from '../forecast/belief';
import { bestCut } from '../inference/posterior';
import { firstOf } from '../units/item-at';
import { sampleCase, sampleMake, sampleNote, SAMPLE_PATTERN } from './sample-case';
import { reportsAt } from './reports';

const long = { id: 'r', words: 'runs long in the sleeve', zone: 'sleeve' as const, direction: 1 as const };
const reported = (...reports: (typeof long | { id: string; words: string })[]) => ({ ...SAMPLE_PATTERN, reports });
const medianAt = (input: ReturnType<typeof sampleCase>) => bestCut(firstOf(beliefAt(input, 'sleeve').believed.posteriors)).median;
const noted = [sampleMake(1, { notes: [], fitNotes: [sampleNote('sleeve', 1)] })];

test('a report names a place and a way; mere words are kept and say nothing', () => {
  expect(reportsAt(sampleCase([], { pattern: reported(long, { id: 'w', words: 'the straps twist' }) }), 'sleeve')).toEqual([
    { x: 0, outcome: 1, edges: [1, 2.5, 5], observer: 1.2, garment: 2.5 },
  ]);
  expect(reportsAt(sampleCase([], { pattern: reported(long) }), 'bust')).toEqual([]);
});

test('it moves the first cut against what was reported, and much less than a note of one’s own would', () => {
  const none = medianAt(sampleCase([sampleMake(1)]));
  const heard = medianAt(sampleCase([sampleMake(1)], { pattern: reported(long) }));
  const own = medianAt(sampleCase(noted));
  expect(none).toBeCloseTo(0, 2);
  expect(heard).toBeLessThan(-0.2);
  expect(own).toBeLessThan(heard - 0.5);
});

test('several reports tell more than one, and the other way takes it back', () => {
  const of = (...directions: (1 | -1)[]) =>
    medianAt(sampleCase([sampleMake(1)], { pattern: reported(...directions.map((direction, i) => ({ ...long, id: String(i), direction }))) }));
  expect(of(1, 1)).toBeLessThan(of(1));
  expect(of(1, -1)).toBeCloseTo(0, 1);
});

test('a pattern that was never cut says what to cut first by its reports alone, and how many there were', () => {
  const input = sampleCase([], { pattern: reported(long) });
  const [cut, ...others] = new Recollection([]).firstCut(input, '2026-01-01');
  expect(cut).toMatchObject({ zone: 'sleeve', reports: 1 });
  expect(cut!.best.median).toBeLessThan(0);
  expect(cut!.asDrafted).toBeLessThan(cut!.atBest);
  expect(others).toEqual([]);
});

test('what others report is said of this pattern alone: another hears nothing of it', () => {
  const one = sampleCase([sampleMake(1)], { pattern: reported(long) });
  const other = sampleCase([], { pattern: { ...SAMPLE_PATTERN, id: 'other' } });
  expect(new Recollection([one]).firstCut(other, '2026-01-01')).toEqual([]);
});
