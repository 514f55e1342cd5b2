import { sampleAlteration, sampleFabric, sampleMake, SAMPLE_PATTERN } from '../garment/sample-case';
import type { Plan } from '../records';
import { blankPlan } from '../records/blank';
import { wardrobe } from '../wear/wardrobe';
import { judgedAgain, looseEndDone, markedOnPaper } from '../make/one-touch';
import { waiting } from './waiting';

const TODAY = '2026-03-20';
const plan = (id: string, rest: Partial<Plan>): Plan => ({ ...blankPlan(id, 'person', 'pattern', 'view', '2026-01-01'), ...rest });
const waits = (input: Partial<Parameters<typeof waiting>[0]>, days = 0) => {
  const makes = input.makes ?? [];
  const wears = Array.from({ length: days }, (_, i) => ({
    id: `w${i}`,
    date: `2026-01-${String(i + 1).padStart(2, '0')}`,
    makeIds: ['make-1'],
    count: 1,
  }));
  const hanging = wardrobe(makes, wears, [SAMPLE_PATTERN], [], 'north', TODAY);
  return waiting({ makes: [], fabrics: [], plans: [], ...input }, hanging, [], 'north', TODAY);
};

test('loose ends by age, without those that are done', () => {
  const ends = [
    { id: 'a', words: 'hem', since: '2026-02-01' },
    { id: 'b', words: 'snap', since: '2025-02-01' },
    { id: 'c', words: 'button', since: '2024-02-01', done: '2024-03-01' },
  ];
  expect(waits({ makes: [sampleMake(1, { looseEnds: ends })] }).looseEnds.map((l) => l.end.words)).toEqual(['snap', 'hem']);
});

test('a verdict is due after ten wears', () => {
  const makes = [sampleMake(1, { finishedOn: '2026-01-01' })];
  expect(waits({ makes }, 10).verdicts.map((v) => v.due)).toEqual([{ why: 'wears', wears: 10 }]);
  expect(waits({ makes }, 2).verdicts).toEqual([]);
});

test('fabric to wash, fabric ready to cut, plans due', () => {
  const pieces = [{ length: 200, width: 140 }];
  const fabrics = [
    sampleFabric('new', { bought: '2026-02-01', pieces }),
    sampleFabric('firm', { bought: '2026-02-01', pieces, shrinkAlong: 0 }),
    sampleFabric('old', { bought: '2020-02-01', pieces }),
    sampleFabric('cut up', { bought: '2026-02-01' }),
    sampleFabric('washed', { bought: '2026-02-01', washedOn: '2026-02-02', pieces }),
  ];
  const use = (fabricId: string) => [{ id: fabricId, fabricId, part: 'main' as const }];
  const plans = [
    plan('soon', { due: '2026-05-01', fabrics: use('washed') }),
    plan('past', { due: '2026-03-01', fabrics: use('new') }),
    plan('later', { due: '2026-05-02' }),
    plan('made', { due: '2026-03-01', state: 'made', fabrics: use('washed') }),
  ];
  const found = waits({ fabrics, plans });
  expect(found.toWash.map((c) => c.id)).toEqual(['new']);
  expect(found.readyToCut.map((r) => [r.fabric.id, r.plan.id])).toEqual([['washed', 'soon']]);
  expect(found.plansDue.map((p) => p.id)).toEqual(['past', 'soon']);
});

test('done in one touch, from the make as it stands: what was said meanwhile stays', () => {
  const make = sampleMake(1, {
    looseEnds: [
      { id: 'a', words: 'hem', since: '2026-02-01' },
      { id: 'b', words: 'snap', since: '2026-02-01' },
    ],
    alterations: [sampleAlteration('bodice-above-bust', 1.5), sampleAlteration('sleeve-length', 1)],
    verdicts: [{ id: 'v', date: '2026-01-01', wears: 0, love: 4, reasons: [] }],
  });
  expect(looseEndDone(make, 'b', TODAY).looseEnds.map((l) => l.done)).toEqual([undefined, TODAY]);
  expect(markedOnPaper(make, make.alterations[0]!.id, TODAY).alterations.map((a) => a.marked)).toEqual([TODAY, undefined]);
  expect(judgedAgain(make, { id: 'w', date: TODAY, wears: 3, love: 5, reasons: [] }).verdicts.map((v) => v.love)).toEqual([4, 5]);
});
