import 'fake-indexeddb/auto';
import { draftFromPlan } from '../../core/plan/draft-from-plan';
import { sampleAlteration, sampleFabric, sampleMake, SAMPLE_PATTERN } from '../../core/garment/sample-case';
import { freshDraft, type LogDraft } from '../../core/make/log-draft';
import { planOfMake } from '../../core/plan/plan-to-make';
import { Make } from '../../core/records';
import { blankFabric } from '../../core/records/blank';
import type { Write } from '../journal';
import { newId } from '../new-id';
import { today } from '../today';
import { LedgerDatabase } from '../database';
import { writeReckoned } from '../journal';
import { enterFinished, enterMake, enterNumbered } from './enter-make';

const poplin = sampleFabric('poplin', { width: 140, pieces: [{ length: 300, width: 140 }] });
const draft = (rest: Partial<LogDraft> = {}): LogDraft => ({
  ...freshDraft(sampleMake(2, { fabrics: [{ id: 'u', fabricId: 'poplin', part: 'main', length: 190 }] })),
  ...rest,
});
const put = (writes: readonly Write[], table: string) => writes.flatMap((w) => (w.table === table && 'put' in w ? [w.put] : []));
const made = (writes: readonly Write[]) => put(writes, 'makes')[0] as Make;

describe('entering', () => {
  test('is one act: the make, and what it takes from the stash', () => {
    const writes = enterMake(draft(), [poplin]);
    expect(writes.map((w) => w.table)).toEqual(['makes', 'fabrics']);
    expect(made(writes).fabrics[0]).toMatchObject({ length: 190, taken: 190 });
    expect(writes[1]).toMatchObject({ from: poplin, to: { pieces: [{ length: 110, width: 140 }] } });
  });

  test('a look becomes fit notes, all seen at one time', () => {
    const writes = enterMake(
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

  test('wears that are told in a number are spread over the days since it was made, where those are known', () => {
    const look: LogDraft['look'] = { seen: { at: 'worn', wears: 20 }, said: [] };
    const worn = (make: Partial<Make>) => put(enterMake(draft({ make: { ...draft().make, ...make }, look }), []), 'wears')[0];
    expect(worn({ finishedOn: '2026-03-03' })).toMatchObject({ date: '2026-03-03', until: today(), count: 20 });
    expect(worn({ cutOn: today(), finishedOn: today() })).toEqual(expect.not.objectContaining({ until: expect.anything() as unknown }));
    expect(worn({ cutOn: today(), finishedOn: undefined, undated: true })).toMatchObject({ date: today(), undated: true, count: 20 });
  });

  test('what was seen on its first day is of the day on which it was finished, however late it is logged', () => {
    const said = [{ zone: 'bust', outcome: -1 }] as const;
    const seenOn = (finishedOn: string, seen: LogDraft['look']['seen']) =>
      made(enterMake(draft({ make: { ...draft().make, finishedOn }, look: { seen, said: [...said] } }), [])).fitNotes[0]?.date;
    expect(seenOn('2026-03-03', { at: 'firstDay' })).toBe('2026-03-03');
    expect(seenOn('2026-03-03', { at: 'worn', wears: 9 })).toBe(today());
    // A day that is still to come is no day on which it was seen.
    expect(seenOn('9999-01-01', { at: 'firstDay' })).toBe(today());
  });

  test('wears that are only counted are kept as an estimate; on the first day there are none', () => {
    const worn = enterMake(draft({ look: { seen: { at: 'worn', wears: 6 }, said: [] } }), []);
    expect(put(worn, 'wears')).toEqual([expect.objectContaining({ count: 6, makeIds: ['make-2'] })]);
    expect(put(enterMake(draft(), []), 'wears')).toEqual([]);
  });

  test('a verdict knows how often the garment was worn when it was said; without love there is none', () => {
    const said = enterMake(
      draft({
        look: { seen: { at: 'worn', wears: 4 }, said: [] },
        verdict: { love: 3, reasons: ['fabric'], sewAgain: 'other fabric', words: 'it clings' },
      }),
      [],
    );
    expect(made(said).verdicts).toEqual([
      expect.objectContaining({ love: 3, wears: 4, reasons: ['fabric'], sewAgain: 'other fabric', words: 'it clings' }),
    ]);
    expect(made(enterMake(draft({ verdict: { words: 'hm' } }), [])).verdicts).toEqual([]);
  });

  test('a set that the line names first comes with it, unless the garment was put into another since', () => {
    const newSet = { id: 'set', name: 'harbour nights' };
    const said = (setId: string | undefined) => put(enterMake(draft({ newSet, make: { ...draft().make, setId } }), []), 'sets');
    expect([said('set'), said('another'), said(undefined)]).toEqual([[newSet], [], []]);
  });

  test('a fabric of the line that is still used comes with it; one that is not does not', () => {
    const linen = blankFabric('linen', 'storm linen');
    const used = draft({
      newFabrics: [linen, blankFabric('silk', 'silk')],
      make: sampleMake(2, { fabrics: [{ id: 'u', fabricId: 'linen', part: 'main', length: 200 }] }),
    });
    expect(put(enterMake(used, []), 'fabrics')).toEqual([linen]);
  });

  test('what was planned is done with the make, in the same act', () => {
    const plan = planOfMake(sampleMake(1, { alterations: [sampleAlteration('sleeve-length', 2)] }), 'plan', '2026-01-01');
    const begun = draftFromPlan({ ...plan, fabrics: [{ id: 'u', fabricId: 'poplin', part: 'main', length: 120 }] }, 2, '2026-02-01', newId);
    const writes = enterMake(begun, [poplin], { plan });
    expect(writes.map((w) => w.table)).toEqual(['makes', 'plans', 'fabrics']);
    expect(writes[1]).toMatchObject({ from: plan, to: { state: 'made', makeId: begun.make.id } });
  });

  test('what is entered has its shape', () => {
    const full = draft({
      look: { seen: { at: 'firstDay' }, said: [{ zone: 'bust', outcome: 1, side: 'left', symptom: 'bust-folds', over: 'a jumper' }] },
      verdict: { love: 5, parts: { fit: 4 } },
    });
    expect(Make.safeParse(made(enterMake(full, [poplin]))).error).toBeUndefined();
  });
});

describe('two windows', () => {
  let database: LedgerDatabase;
  beforeEach(async () => {
    database = new LedgerDatabase(`entering-${Math.random()}`);
    await database.people.put({ id: 'person', name: 'Maren', child: false });
    await database.patterns.put(SAMPLE_PATTERN);
    await database.fabrics.put(poplin);
  });
  afterEach(() => database.delete());
  const enter = (id: string) => {
    const begun = freshDraft(sampleMake(1, { id }));
    return writeReckoned(database, id, async () => ({ writes: await enterNumbered(database, begun, { pattern: SAMPLE_PATTERN }, () => undefined) }));
  };

  test('each enters a make that it took for the first: one is the second', async () => {
    await Promise.all([enter('here'), enter('there')]);
    expect((await database.makes.toArray()).map((m) => [m.id, m.version])).toEqual([
      ['here', 1],
      ['there', 2],
    ]);
  });

  test('the same draft twice is one make, and the second is told', async () => {
    const twice = await Promise.allSettled([enter('draft'), enter('draft')]);
    expect(twice.map((t) => t.status)).toEqual(['fulfilled', 'rejected']);
    expect(twice[1]).toMatchObject({ reason: { message: expect.stringContaining('in the ledger already') as unknown } });
    expect(await database.makes.count()).toBe(1);
  });

  test('a plan that was cut meanwhile is not made a second time', async () => {
    const plan = { ...planOfMake(sampleMake(1), 'plan', '2026-01-01'), state: 'made' as const };
    await database.plans.put(plan);
    const begun = draftFromPlan({ ...plan, state: 'open' }, 1, '2026-02-01', newId);
    const about = { pattern: SAMPLE_PATTERN, plan };
    await expect(enterNumbered(database, begun, about, () => undefined)).rejects.toThrow('this plan was cut already');
  });

  describe('what lies on the table is finished', () => {
    const { finishedOn: _, ...cut } = sampleMake(1, {
      id: 'begun',
      fabrics: [{ id: 'u', fabricId: 'poplin', part: 'main', length: 190, taken: 190 }],
    });
    const begun: Make = { ...cut, state: 'sewing', fitNotes: [{ id: 'n', zone: 'bust', outcome: 0, seen: { at: 'tryOn' }, date: '2026-01-01' }] };
    const ended: LogDraft = {
      ...freshDraft({ ...begun, state: 'finished', finishedOn: '2026-02-01' }),
      look: { seen: { at: 'firstDay' }, said: [{ zone: 'sleeve', outcome: -1 }] },
      verdict: { love: 5 },
    };
    const finish = () => writeReckoned(database, 'finished', async () => ({ writes: await enterFinished(database, begun, ended) }));
    beforeEach(() => database.makes.put(begun));

    test('what was seen and liked stands behind what was, no fabric is taken twice, and what another window changed stays', async () => {
      await database.makes.update('begun', { remark: 'the collar took three tries' });
      await finish();
      const now = (await database.makes.get('begun'))!;
      expect(now).toMatchObject({ state: 'finished', finishedOn: '2026-02-01', remark: 'the collar took three tries' });
      expect(now.fitNotes.map((n) => [n.zone, n.seen.at])).toEqual([
        ['bust', 'tryOn'],
        ['sleeve', 'firstDay'],
      ]);
      expect(now.verdicts.map((v) => v.love)).toEqual([5]);
      expect((await database.fabrics.get('poplin'))?.pieces).toEqual(poplin.pieces);
      expect(await database.makes.count()).toBe(1);
    });

    test('a second press finishes nothing, and neither does one after it was removed', async () => {
      await finish();
      await expect(finish()).rejects.toThrow('not as it lay on the table');
      await database.makes.delete('begun');
      await expect(finish()).rejects.toThrow('not as it lay on the table');
    });
  });
});
