import type { Make } from '../records';
import { draftOf, easeAt, easeOf } from './draft';
import { SAMPLE_PATTERN, sampleMake } from './sample-case';

const view = SAMPLE_PATTERN.views[0]!;
const chart = { ...SAMPLE_PATTERN.charts[0]!, finished: { bust: [88, 92, 96, 100, 104] } };
const pattern = { ...SAMPLE_PATTERN, charts: [chart] };
const inSize = (size: Make['size'], rest: Partial<Make> = {}) => sampleMake(1, { ...rest, size });

describe('the ease intended', () => {
  test('finished − chart body where both are there, in the size of the zone', () => {
    const finished = { ...chart, finished: { bust: [88, 92, 96, 102, 106] } };
    const between = { size: 'C', to: 'D', at: 0.5 };
    expect(easeOf(pattern, view, inSize({ size: 'C' }), 'bust')).toBe(6);
    expect(easeOf({ ...pattern, charts: [finished] }, view, inSize({ size: 'C' }, { sizeLines: [{ zone: 'bust', line: between }] }), 'bust')).toBe(7);
  });

  test('else by class, none in a band', () => {
    expect(easeOf(pattern, view, inSize({ size: 'C' }), 'hip')).toBe(8);
    expect(easeOf({ ...pattern, fitClass: 'close' }, view, inSize({ size: 'C' }), 'hip')).toBe(0);
    expect(easeOf(pattern, view, inSize({ size: 'no such size' }), 'bust')).toBe(8);
    expect(easeAt(draftOf(pattern, view, undefined).at('waistband'), undefined)).toBe(0);
  });

  test('by the class of the zone where the view gives one', () => {
    expect(easeAt(draftOf(pattern, { ...view, zoneClass: { hip: 'loose' } }, undefined).at('hip'), undefined)).toBe(12);
  });
});

test('a pattern that was changed is another draft, a make more is not', () => {
  const draft = draftOf(pattern, view, chart);
  expect(draftOf(pattern, view, chart)).toBe(draft);
  expect(draftOf({ ...pattern, fitClass: 'loose' }, view, chart).at('bust').fitClass).toBe('loose');
  expect(draft.at('bust').fitClass).toBe(SAMPLE_PATTERN.fitClass);
  expect(draftOf(pattern, view, undefined).at('bust').reading).toBeUndefined();
});
