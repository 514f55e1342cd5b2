import type { Make } from '../records';
import { contradictionsIn, type Difference } from './contradiction';
import { evidenceAt } from '../garment/evidence';
import { sampleCase, sampleMake, sampleNote, SAMPLE_BODY } from '../garment/sample-case';

const size = (label: string) => ({ size: { size: label } });
const of = (makes: readonly Make[], rest: Parameters<typeof sampleCase>[1] = {}) =>
  contradictionsIn('bust', evidenceAt(sampleCase(makes, rest), 'bust').used);

describe('notes that cannot both be', () => {
  const right = (version: number, rest: Partial<Make> = {}) =>
    sampleMake(version, { fitNotes: [sampleNote('bust', 0, { seen: { at: 'worn', wears: 12 } })], ...rest });
  const loose = (version: number, rest: Partial<Make> = {}) =>
    sampleMake(version, { fitNotes: [sampleNote('bust', 3, { seen: { at: 'worn', wears: 12 } })], ...rest });

  test('the same cut, twice right and once far too loose: the third is named', () => {
    const found = of([right(1), right(2), loose(3)]);
    expect(found.map((c) => c.evidence.make.version)).toContain(3);
    for (const { tail } of found) expect(tail).toBeLessThan(0.01);
  });

  test('one note alone contradicts nothing, nor do two that agree', () => {
    expect(of([loose(1)])).toEqual([]);
    expect(of([right(1), right(2)])).toEqual([]);
  });

  test('tight in one size and loose in the next is no contradiction: the best cut lies between', () => {
    const tight = sampleMake(1, { ...size('B'), fitNotes: [sampleNote('bust', -2)] });
    const wide = sampleMake(2, { ...size('D'), fitNotes: [sampleNote('bust', 2)] });
    expect(of([tight, wide])).toEqual([]);
  });

  test('tight in a larger size than one that was loose is one', () => {
    const loose = sampleMake(1, { ...size('A'), fitNotes: [sampleNote('bust', 3, { seen: { at: 'worn', wears: 12 } })] });
    const tight = sampleMake(2, { ...size('E'), fitNotes: [sampleNote('bust', -3, { seen: { at: 'worn', wears: 12 } })] });
    expect(of([loose, tight]).length).toBeGreaterThan(0);
  });

  test.each<[Difference, Partial<Make>]>([
    ['fabric', { fabrics: [{ id: 'use', fabricId: 'untested', part: 'main' }] }],
    ['stage', { fitNotes: [sampleNote('bust', 3, { seen: { at: 'firstDay' } })] }],
    ['layer', { fitNotes: [sampleNote('bust', 3, { seen: { at: 'worn', wears: 12 }, over: 'a thick jumper' })] }],
  ])('what differed is named: %s', (difference, rest) => {
    const found = of([right(1), right(2), right(3), loose(4, { ...size('A'), ...rest })]);
    expect(found.find((c) => c.evidence.make.version === 4)?.differed).toContain(difference);
  });

  test('where the body had changed, that is named', () => {
    const bodies = [SAMPLE_BODY, { ...SAMPLE_BODY, id: 'later', date: '2026-01-01', measures: { ...SAMPLE_BODY.measures, bust: 94 } }];
    const late = sampleMake(4, {
      ...size('B'),
      cutOn: '2026-02-01',
      fitNotes: [sampleNote('bust', 3, { date: '2026-03-01', seen: { at: 'worn', wears: 12 } })],
    });
    const found = of([right(1), right(2), right(3), late], { bodies });
    expect(found.find((c) => c.evidence.make.version === 4)?.differed).toContain('body');
  });

  test('where nothing differed, nothing is made up', () => {
    const found = of([right(1), right(2), right(3), loose(4)]);
    expect(found.find((c) => c.evidence.make.version === 4)?.differed).toEqual([]);
  });
});
