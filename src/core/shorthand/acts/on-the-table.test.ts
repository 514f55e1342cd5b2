import { demoLedger } from '../../../../demo/ledger';
import { readMake } from '../draft-from-line';
import { lineContextOf } from '../line-context';
import { finishedOf, type FinishedAct } from './finished';
import type { CutAct } from './on-the-table';
import { readOther } from './read-other';

const LEDGER = demoLedger();
const CONTEXT = lineContextOf(LEDGER, { unit: 'cm', currency: 'EUR', today: '2026-11-25' });
let ids = 0;
const OPTIONS = { context: CONTEXT, spoken: LEDGER.people.find((p) => p.name === 'Maren'), newId: () => `new ${ids++}` };
const read = (text: string) => readOther(text, LEDGER, OPTIONS);
function finished(text: string): FinishedAct {
  const act = read(text);
  if (act?.is !== 'finished') throw new Error(`“${text}” is read as ${act?.is ?? 'a make'}`);
  return act;
}
function cut(text: string): CutAct {
  const act = read(text);
  if (act?.is !== 'cut') throw new Error(`“${text}” is read as ${act?.is ?? 'a make'}`);
  return act;
}

describe('work on what lies on the table', () => {
  const worked = (text: string) => {
    const act = read(text);
    return act?.is === 'worked' ? act : undefined;
  };
  test.each<[string, string, number[]]>([
    ['sewed the pockets of the Puffin pinafore, 40 min', 'make-puffin-4', [40]],
    ['worked on the Fogbell coat for two hours', 'make-fogbell-2', [120]],
    ["finished the Fogbell coat's sleeves", 'make-fogbell-2', []],
    ['unpicked the sleeve of the Fogbell coat, 20 min', 'make-fogbell-2', [20]],
    ['spent an hour on the Fogbell coat tonight', 'make-fogbell-2', [60]],
    ['2h on the Fogbell coat', 'make-fogbell-2', [120]],
    ['2h Fogbell', 'make-fogbell-2', [120]],
    ['Fogbell 2h today', 'make-fogbell-2', [120]],
    ['an hour and a half on the lining of the Fogbell coat', 'make-fogbell-2', [90]],
    ['sewed for 90 minutes on the Fogbell coat', 'make-fogbell-2', [90]],
    ['tonight I sewed for three hours: set the sleeves into the Fogbell coat', 'make-fogbell-2', [180]],
    ['basted the lining of the Fogbell coat', 'make-fogbell-2', []],
    ['coat: sleeves set, 2h', 'make-fogbell-2', [120]],
    ['Fogbell coat: fronts and back done, 3 hours', 'make-fogbell-2', [180]],
    ['the Fogbell coat sleeves are set', 'make-fogbell-2', []],
    ['Sunday: pressed the coat, 20 min', 'make-fogbell-2', [20]],
  ])('%s', (text, make, minutes) => {
    const act = worked(text);
    expect([act?.make.id, act?.times.map((t) => t.minutes), act?.words]).toEqual([make, minutes, `${text} (25 Nov 2026)`]);
    expect(act?.looseEnd).toBeUndefined();
  });

  test('a loose end that was done is ticked off, and one that was only pinned is not', () => {
    expect(worked('did the hem of the Bollard overshirt')?.looseEnd?.words).toBe('hem by hand');
    expect(worked('sewed on the two snaps of the Bollard overshirt')?.looseEnd?.words).toBe('two snaps at the cuffs');
    expect(worked('snaps on the Bollard done')?.looseEnd?.words).toBe('two snaps at the cuffs');
    // What was still to be cut is done when it is cut, and nothing else is.
    expect(worked('lining of the Fogbell cut')?.looseEnd?.words).toBe('lining still to be cut');
    expect(worked('hem of the Bollard cut')?.looseEnd).toBeUndefined();
    expect(worked('pinned the hem of the Bollard overshirt')).toMatchObject({ make: { id: 'make-bollard-2' } });
    expect(worked('pinned the hem of the Bollard overshirt')?.looseEnd).toBeUndefined();
  });

  test.each([
    // It is finished, hangs, or is told of as it was cut.
    'finished the snaps on the Bollard overshirt, all done',
    'sewed the pockets of the Tidewater shirt',
    'sewed the sleeves of the Fogbell coat in size C',
  ])('not: %s', (text) => expect(worked(text)).toBeUndefined());
});

describe('what lies on the table is finished', () => {
  test.each<[string, string, string[]]>([
    ['finished the Fogbell coat', 'make-fogbell-2', ['2026-11-25']],
    ['I finally finished my second Fogbell coat yesterday', 'make-fogbell-2', ['2026-11-24']],
    ['Fogbell coat version 2 is done', 'make-fogbell-2', ['2026-11-25']],
    ['Fogbell coat, finished 20 November, love 5', 'make-fogbell-2', ['2026-11-20']],
    ['finished the Puffin pinafore for Tilda', 'make-puffin-4', ['2026-11-25']],
    ['finished the Bollard overshirt for Anselm, last week', 'make-bollard-2', []],
    ['this week: finished the Fogbell coat', 'make-fogbell-2', []],
  ])('%s', (text, make, dates) => {
    const act = finished(text);
    expect([act.make.id, act.dates]).toEqual([make, dates]);
    expect([act.draft.make.id, act.draft.make.version, act.draft.make.cutOn]).toEqual([make, act.make.version, act.make.cutOn]);
  });

  test('what the line says of it goes into it, and nothing of what it was is lost', () => {
    const { make, draft, said } = finished('finished the Fogbell coat today, sleeves 1 cm short, 14 hours, love 5, heavier than I thought');
    expect(draft.make).toMatchObject({ state: 'finished', finishedOn: '2026-11-25', size: make.size, remark: 'heavier than I thought' });
    expect(draft.look.said).toEqual([expect.objectContaining({ zone: 'sleeve', outcome: -2, amount: 1 })]);
    expect(draft.verdict).toEqual({ love: 5 });
    expect(draft.make.times.map((t) => t.minutes)).toEqual([480, 840]);
    for (const kept of ['alterations', 'fabrics', 'fitNotes', 'looseEnds'] as const) expect(draft.make[kept]).toEqual(make[kept]);
    expect(said.map(({ is }) => is)).toEqual(['fit', 'time', 'love', 'words']);
  });

  test('what is still to be done of it stays open', () => {
    const { draft } = finished('the Fogbell coat is finished, except for the buttons');
    expect(draft.make.state).toBe('loose ends');
    expect(draft.make.looseEnds.map((l) => l.words)).toContain('buttons');
  });

  test('fabric that it has is not taken twice, and other words for it are kept as words', () => {
    const grey = LEDGER.fabrics.find((f) => f.id === 'fabric-grey-check')!.name;
    expect(finished(`finished the Fogbell coat in ${grey}`).draft.make.fabrics).toHaveLength(1);
    const { draft } = finished('finished the Fogbell coat in red wool');
    expect([draft.make.fabrics.length, draft.newFabrics, draft.make.remark]).toEqual([1, [], 'in red wool']);
  });

  test.each([
    // Nothing of it lies on the table.
    'finished the Gangway trousers',
    // The one that lies there is a D, and was cut on 7 November.
    'finished the Fogbell coat in C',
    'finished the Fogbell coat on 1 November',
    'finished a toile of the Fogbell coat',
    'made the Fogbell coat, love 5',
    'Fogbell coat, love 5',
  ])('a make of its own: %s', (text) => expect(read(text)).toBeUndefined());

  test('where the line does not say that it is finished, it can be said to be', () => {
    expect(finishedOf(readMake('Fogbell coat, love 5', LEDGER, OPTIONS), LEDGER, OPTIONS)?.make.id).toBe('make-fogbell-2');
    expect(finishedOf(readMake('Gangway trousers, love 5', LEDGER, OPTIONS), LEDGER, OPTIONS)).toBeUndefined();
  });
});

describe('what was planned is cut', () => {
  test.each<[string, string[], string | undefined]>([
    ['cut out the Tidewater shirt', ['2026-11-25'], undefined],
    ['yesterday I cut the Tidewater shirt', ['2026-11-24'], undefined],
    ['just cut out the Tidewater shirt, the checks took for ever', ['2026-11-25'], 'the checks took for ever'],
  ])('%s', (text, dates, remark) => {
    const act = cut(text);
    expect([act.plan.id, act.dates, act.remark]).toEqual(['plan-tidewater-2026-10-18', dates, remark]);
  });

  test('what lies on the table is being sewn; what does not lie there is another', () => {
    const sewing = read('started sewing the Puffin pinafore for Tilda yesterday, the gathers take for ever');
    expect(sewing).toMatchObject({ is: 'sewing', make: { id: 'make-puffin-4' }, remark: 'yesterday … the gathers take for ever' });
    expect(read('working on the Fogbell coat')).toMatchObject({ is: 'sewing', make: { id: 'make-fogbell-2' } });
    expect([read('started the Gangway trousers'), read('working on the Fogbell coat in C')]).toEqual([undefined, undefined]);
  });

  test.each(['cut out the Gangway trousers', 'cut the Tidewater shirt in D', 'cut out the Tidewater shirt, sleeves 2 cm longer'])(
    'not planned, or not so: %s',
    (text) => expect(read(text)).toBeUndefined(),
  );
});

describe('what was planned may be what a line tells of', () => {
  const made = (text: string, asPlanned: boolean) => readMake(text, LEDGER, { ...OPTIONS, asPlanned });
  const plan = LEDGER.plans.find((p) => p.id === 'plan-tidewater-2026-10-18')!;

  test('it is cut as planned, and the plan is done with it', () => {
    const { draft, planned, carriedFrom } = made('Tidewater shirt, love 5', true);
    expect(draft).toMatchObject({ planId: plan.id, start: 'plan', verdict: { love: 5 } });
    expect(draft?.make).toMatchObject({ version: 4, fabrics: plan.fabrics });
    expect([planned, carriedFrom]).toEqual([plan, undefined]);
  });

  test('where it is not the planned one it is as the last, and the plan stays open', () => {
    const { draft, planned, carriedFrom } = made('Tidewater shirt, love 5', false);
    expect([draft?.planId, planned, carriedFrom]).toEqual([undefined, plan, 3]);
  });

  test('what was finished before it was planned is another', () => {
    expect(made('Tidewater shirt, finished 2 October 2026', true).draft?.planId).toBeUndefined();
    expect(made('Tidewater shirt, finished 20 October 2026', true).draft?.planId).toBe(plan.id);
  });

  test('in another fabric it is likely another; said to be the planned one, it is cut from that fabric alone', () => {
    const text = 'Tidewater shirt in blue stripe poplin';
    const blue = LEDGER.fabrics.find((f) => f.name === 'blue stripe poplin')!.id;
    const likely = readMake(text, LEDGER, { ...OPTIONS, asPlanned: 'likely' });
    expect([likely.draft?.planId, likely.planned]).toEqual([undefined, plan]);
    expect(made(text, true).draft).toMatchObject({ planId: plan.id, make: { fabrics: [{ fabricId: blue, part: 'main' }] } });
    expect(readMake('Tidewater shirt, love 5', LEDGER, { ...OPTIONS, asPlanned: 'likely' }).draft?.planId).toBe(plan.id);
  });

  test('nothing is planned of it', () => expect(made('Gangway trousers, love 5', true).planned).toBeUndefined());
});
