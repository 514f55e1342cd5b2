import { sampleAlteration, sampleMake, sampleNote, SAMPLE_PATTERN } from '../garment/sample-case';
import { Make } from '../records';
import { draftFromLine, draftsFor, freshDraft, logDraftName, startMake } from './log-draft';

let given = 0;
const newId = () => `id-${++given}`;

describe('a new version', () => {
  const previous = sampleMake(3, {
    chartId: 'chart',
    sizeLines: [{ zone: 'hip', line: { size: 'D' } }],
    alterations: [sampleAlteration('sleeve-length', 2, { when: 'body', stage: 'before the hem', date: '2025-03-02', marked: '2025-03-03' })],
    fitNotes: [sampleNote('bust', -1)],
    looseEnds: [{ id: 'l', words: 'a snap', since: '2025-03-01' }],
  });
  const next = startMake({ pattern: SAMPLE_PATTERN, makes: [sampleMake(1), previous] }, 'person', '2026-01-10', previous, newId);

  test('is counted on, and cut as the one before', () => {
    expect(next).toMatchObject({ version: 4, cutOn: '2026-01-10', size: { size: 'C' }, sizeLines: previous.sizeLines, chartId: 'chart' });
  });

  test('what was done on the body is on the paper now, still marked as it was', () => {
    expect(next.alterations).toEqual([expect.objectContaining({ kind: 'sleeve-length', amount: 2, when: 'paper', marked: '2025-03-03' })]);
    expect(next.alterations[0]).not.toHaveProperty('stage');
    expect(next.alterations[0]!.id).not.toBe(previous.alterations[0]!.id);
  });

  test('takes nothing of its fit, its fabric or its loose ends', () => {
    expect(next).toMatchObject({ fitNotes: [], fabrics: [], looseEnds: [], verdicts: [] });
  });

  test('of a pattern never made begins as drafted, without a size that nobody chose', () => {
    const first = startMake({ pattern: SAMPLE_PATTERN, makes: [] }, 'person', '2026-01-10', undefined, newId);
    expect(first).toMatchObject({ version: 1, alterations: [], sources: [{ patternId: 'pattern', viewId: 'view' }] });
    expect(first.size).toBeUndefined();
    expect(Make.safeParse(first).success).toBe(true);
  });
});

describe('a draft', () => {
  test('each half-logged make is kept by itself, and found by its pattern or its name', () => {
    const bag = freshDraft({ ...sampleMake(1), id: 'bag', sources: [], name: 'bow bag' });
    const kept = [freshDraft(sampleMake(2)), bag].map((value) => ({ name: logDraftName(value), value }));
    expect(new Set(kept.map((k) => k.name)).size).toBe(2);
    expect(draftsFor(kept, { patternId: 'pattern' })).toEqual([kept[0]]);
    expect(draftsFor(kept, { name: 'bow bag' })).toEqual([kept[1]]);
    expect(draftsFor(kept, {})).toEqual([]);
  });

  test('of a line says nothing that the line does not say', () => {
    const line = draftFromLine({ make: sampleMake(2), seen: { at: 'firstDay' }, said: [], verdict: {}, newFabrics: [] });
    expect(line).toEqual(freshDraft(sampleMake(2)));
    expect(draftFromLine({ make: sampleMake(2), seen: { at: 'tryOn' }, said: [], verdict: { love: 4 }, newFabrics: [] }).verdict).toEqual({
      love: 4,
    });
  });
});
