import { sampleAlteration, sampleFabric, sampleMake, sampleNote, SAMPLE_PATTERN } from '../garment/sample-case';
import { Make } from '../records';
import { blankFabric } from '../records/blank';
import { planOfMake } from './plan-to-make';
import type { Write } from '../../data/journal';
import { draftFromLine, draftFromPlan, draftsFor, entryOf, freshDraft, logDraftName, startMake, type LogDraft } from './log-draft';

const poplin = sampleFabric('poplin', { width: 140, pieces: [{ length: 300, width: 140 }] });
const draft = (rest: Partial<LogDraft> = {}): LogDraft => ({
  ...freshDraft(sampleMake(2, { fabrics: [{ id: 'u', fabricId: 'poplin', part: 'main', length: 190 }] })),
  ...rest,
});
const put = (writes: readonly Write[], table: string) => writes.flatMap((w) => (w.table === table && 'put' in w ? [w.put] : []));
const made = (writes: readonly Write[]) => put(writes, 'makes')[0] as Make;

describe('a new version', () => {
  const previous = sampleMake(3, {
    chartId: 'chart',
    sizeLines: [{ zone: 'hip', line: { size: 'D' } }],
    alterations: [sampleAlteration('sleeve-length', 2, { when: 'body', stage: 'before the hem', date: '2025-03-02', marked: '2025-03-03' })],
    fitNotes: [sampleNote('bust', -1)],
    looseEnds: [{ id: 'l', words: 'a snap', since: '2025-03-01' }],
  });
  const next = startMake({ pattern: SAMPLE_PATTERN, makes: [sampleMake(1), previous] }, 'person', '2026-01-10', previous);

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
    const first = startMake({ pattern: SAMPLE_PATTERN, makes: [] }, 'person', '2026-01-10', undefined);
    expect(first).toMatchObject({ version: 1, alterations: [], sources: [{ patternId: 'pattern', viewId: 'view' }] });
    expect(first.size).toBeUndefined();
    expect(Make.safeParse(first).success).toBe(true);
  });
});

describe('entering', () => {
  test('is one act: the make, and what it takes from the stash', () => {
    const writes = entryOf(draft(), [poplin]);
    expect(writes.map((w) => w.table)).toEqual(['makes', 'fabrics']);
    expect(made(writes).fabrics[0]).toMatchObject({ length: 190, taken: 190 });
    expect(writes[1]).toMatchObject({ from: poplin, to: { pieces: [{ length: 110, width: 140 }] } });
  });

  test('a look becomes fit notes, all seen at one time', () => {
    const writes = entryOf(
      draft({
        look: {
          seen: { at: 'tryOn' },
          said: [
            { zone: 'bust', outcome: -2, amount: 3 },
            { zone: 'sleeve', outcome: 0 },
          ],
        },
      }),
      [],
    );
    const { fitNotes } = made(writes);
    expect(fitNotes.map(({ zone, outcome, amount, seen }) => ({ zone, outcome, amount, seen }))).toEqual([
      { zone: 'bust', outcome: -2, amount: 3, seen: { at: 'tryOn' } },
      { zone: 'sleeve', outcome: 0, amount: undefined, seen: { at: 'tryOn' } },
    ]);
    expect(new Set(fitNotes.map((n) => n.id)).size).toBe(2);
  });

  test('wears that are only counted are kept as an estimate; on the first day there are none', () => {
    const worn = entryOf(draft({ look: { seen: { at: 'worn', wears: 6 }, said: [] } }), []);
    expect(put(worn, 'wears')).toEqual([expect.objectContaining({ count: 6, makeIds: ['make-2'] })]);
    expect(put(entryOf(draft(), []), 'wears')).toEqual([]);
  });

  test('a verdict knows how often the garment was worn when it was said; without love there is none', () => {
    const said = entryOf(
      draft({
        look: { seen: { at: 'worn', wears: 4 }, said: [] },
        verdict: { love: 3, reasons: ['fabric'], sewAgain: 'other fabric', words: 'it clings' },
      }),
      [],
    );
    expect(made(said).verdicts).toEqual([
      expect.objectContaining({ love: 3, wears: 4, reasons: ['fabric'], sewAgain: 'other fabric', words: 'it clings' }),
    ]);
    expect(made(entryOf(draft({ verdict: { words: 'hm' } }), [])).verdicts).toEqual([]);
  });

  test('a fabric of the line that is still used comes with it; one that is not does not', () => {
    const linen = blankFabric('linen', 'storm linen');
    const used = draft({
      newFabrics: [linen, blankFabric('silk', 'silk')],
      make: sampleMake(2, { fabrics: [{ id: 'u', fabricId: 'linen', part: 'main', length: 200 }] }),
    });
    expect(put(entryOf(used, []), 'fabrics')).toEqual([linen]);
  });

  test('what was planned is done with the make, in the same act', () => {
    const plan = planOfMake(sampleMake(1, { alterations: [sampleAlteration('sleeve-length', 2)] }), 'plan', '2026-01-01');
    const begun = draftFromPlan({ ...plan, fabrics: [{ id: 'u', fabricId: 'poplin', part: 'main', length: 120 }] }, 2, '2026-02-01');
    expect(begun).toMatchObject({ start: 'plan', planId: 'plan', make: { version: 2, size: { size: 'C' }, alterations: [{ amount: 2 }] } });
    const writes = entryOf(begun, [poplin], { plan });
    expect(writes.map((w) => w.table)).toEqual(['makes', 'plans', 'fabrics']);
    expect(writes[1]).toMatchObject({ from: plan, to: { state: 'made', makeId: begun.make.id } });
  });

  test('each half-logged make is kept by itself, and found by its pattern or its name', () => {
    const bag = freshDraft({ ...sampleMake(1), id: 'bag', sources: [], name: 'bow bag' });
    const kept = [draft(), bag].map((value) => ({ name: logDraftName(value), value }));
    expect(new Set(kept.map((k) => k.name)).size).toBe(2);
    expect(draftsFor(kept, { patternId: 'pattern' })).toEqual([kept[0]]);
    expect(draftsFor(kept, { name: 'bow bag' })).toEqual([kept[1]]);
    expect(draftsFor(kept, {})).toEqual([]);
  });

  test('what is entered has its shape', () => {
    const full = draft({
      look: { seen: { at: 'firstDay' }, said: [{ zone: 'bust', outcome: 1, side: 'left', symptom: 'bust-folds', over: 'a jumper' }] },
      verdict: { love: 5, parts: { fit: 4 } },
    });
    expect(Make.safeParse(made(entryOf(full, [poplin]))).error).toBeUndefined();
  });

  test('a line becomes a draft with nothing said that it does not say', () => {
    const line = draftFromLine({ make: sampleMake(2), seen: { at: 'firstDay' }, said: [], love: undefined, newFabrics: [], remarks: [] });
    expect(line).toEqual(freshDraft(sampleMake(2)));
    expect(draftFromLine({ make: sampleMake(2), seen: { at: 'tryOn' }, said: [], love: 4, newFabrics: [], remarks: [] }).verdict).toEqual({
      love: 4,
    });
  });
});
