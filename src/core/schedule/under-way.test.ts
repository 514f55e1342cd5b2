import { sampleFabric, sampleMake, SAMPLE_PATTERN } from '../garment/sample-case';
import type { Make, Plan, PlanList } from '../records';
import { paceOf } from './pace';
import { sampleBench, samplePlan, sampleTables } from './sample-bench';
import { benchName, dueOf, taskOf, underWay } from './under-way';

const TODAY = '2026-11-30';
const begun = (id: string, state: Make['state'], rest: Partial<Make> = {}) => sampleMake(1, { id, state, cutOn: '2026-11-01', ...rest });
const stagesOf = (plans: readonly Plan[], makes: readonly Make[]) => sampleBench(plans, makes).bench.map((i) => [i.id, i.stage]);

test('what is furthest on stands first; what is finished and whole is not on the bench', () => {
  const makes = [
    begun('cut', 'cut'),
    begun('sewn', 'sewing'),
    begun('whole', 'finished'),
    begun('loose', 'finished', { looseEnds: [{ id: 'l', words: 'a snap', since: '2026-11-05' }] }),
    begun('mended', 'finished', { away: [{ id: 'a', why: 'in the mending', from: '2026-11-10' }] }),
  ];
  expect(stagesOf([samplePlan('ready'), samplePlan('unwashed', { fabrics: [{ id: 'u', fabricId: 'linen', part: 'main' }] })], makes)).toEqual([
    ['sewn', 'half sewn'],
    ['loose', 'loose ends'],
    ['mended', 'mending'],
    ['cut', 'cut'],
    ['ready', 'ready to cut'],
    ['unwashed', 'planned'],
  ]);
});

test('her own order goes before the usual one, and what she gave no place follows as usual', () => {
  const plans = ['a', 'b', 'c'].map((id, i) => samplePlan(id, { place: i, ...(id === 'c' ? { bench: { steps: [], place: 0 } } : {}) }));
  expect(sampleBench(plans, [begun('cut', 'cut')]).bench.map((i) => i.id)).toEqual(['c', 'cut', 'a', 'b']);
});

test('wanted by its own day, else by its list’s; a make keeps the day of its plan', () => {
  const lists: PlanList[] = [{ id: 'spring', name: 'spring', added: '2026-10-01', due: '2027-03-20' }];
  expect(dueOf({ listId: 'spring' }, lists)).toBe('2027-03-20');
  expect(dueOf({ listId: 'spring', due: '2027-02-01' }, lists)).toBe('2027-02-01');
  expect(dueOf({}, lists)).toBeUndefined();
  const tables = { ...sampleTables([begun('cut', 'cut')], [samplePlan('p', { listId: 'spring', makeId: 'cut', state: 'made' })]), lists };
  const [cut] = underWay(tables, paceOf(tables));
  expect([cut?.id, cut?.due]).toEqual(['cut', '2027-03-20']);
});

test('thread is named by the colour of the fabric, by its swatch or its name; where nobody said it is not', () => {
  const fabrics = [sampleFabric('mustard linen'), sampleFabric('plain cloth')];
  const plans = fabrics.map((f) => samplePlan(f.id, { fabrics: [{ id: 'u', fabricId: f.id, part: 'main' }] }));
  const tables = { ...sampleTables([], [...plans, samplePlan('blue')]), fabrics: [...fabrics, ...sampleTables().fabrics] };
  const thread = new Map(underWay(tables, paceOf(tables)).map((i) => [i.id, i.thread]));
  expect([thread.get('blue'), thread.get('plain cloth')]).toEqual(['dark blue', undefined]);
  expect(thread.get('mustard linen')).toMatch(/yellow|brown|orange/);
});

test('a task is cut where it must wait; what waits for nobody knows how long is taken to come in five days', () => {
  const { bench, pace } = sampleBench([samplePlan('unwashed', { fabrics: [{ id: 'u', fabricId: 'linen', part: 'main' }] })]);
  const task = taskOf(bench[0]!, pace, TODAY);
  expect(task.stretches.map((s) => s.wait)).toContain('drying');
  expect(task.stretches.at(-1)?.wait).toBeUndefined();
  expect(task.notBefore).toBeUndefined();
  const waiting = { ...bench[0]!, waits: { words: 'buttons', since: TODAY } };
  expect(taskOf(waiting, pace, TODAY).notBefore).toBe('2026-12-05');
  expect(taskOf({ ...waiting, waits: { ...waiting.waits, until: '2026-12-24' } }, pace, TODAY).notBefore).toBe('2026-12-24');
});

test('its name is the make’s, or the plan’s', () => {
  const { bench } = sampleBench([samplePlan('p')], [begun('cut', 'cut', { version: 3 })]);
  expect(bench.map((i) => benchName(i, [SAMPLE_PATTERN]))).toEqual(['Sandbar blouse, version 3', 'Sandbar blouse']);
});
