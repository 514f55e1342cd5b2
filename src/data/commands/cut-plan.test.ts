import 'fake-indexeddb/auto';
import { demoLedger } from '../../../demo/ledger';
import { Garment } from '../../core/garment/offset';
import { caseOf } from '../../core/garment/case';
import { LedgerDatabase } from '../database';
import { write } from '../journal';
import { cutPlan, cutPlans } from './cut-plan';

const ledger = { ...demoLedger(), pictures: [] };
const plan = ledger.plans.find((p) => p.state === 'open')!;

async function opened(changed = plan): Promise<LedgerDatabase> {
  const database = new LedgerDatabase(`cut ${Math.random()}`);
  await database.patterns.bulkPut(ledger.patterns);
  await database.people.bulkPut(ledger.people);
  await database.bodies.bulkPut(ledger.bodies);
  await database.makes.bulkPut(ledger.makes);
  await database.fabrics.bulkPut(ledger.fabrics);
  await database.plans.bulkPut(ledger.plans.map((p) => (p.id === plan.id ? changed : p)));
  return database;
}

test('a plan that is cut is a make in state cut, of which nothing is said that nobody saw', async () => {
  const database = await opened();
  const writes = await cutPlan(database, { planId: plan.id, makeId: 'new' });
  const made = writes.flatMap((w) => (w.table === 'makes' && 'put' in w ? [w.put] : []))[0]!;
  expect(made).toMatchObject({ id: 'new', state: 'cut', personId: plan.personId, fitNotes: [], verdicts: [] });
  expect(made.finishedOn).toBeUndefined();
  expect(writes).toContainEqual({ table: 'plans', from: plan, to: { ...plan, state: 'made', makeId: 'new' } });
});

test('one that was cut already, or is gone, is refused with a sentence', async () => {
  const database = await opened({ ...plan, state: 'made', makeId: 'first' });
  await expect(cutPlan(database, { planId: plan.id, makeId: 'second' })).rejects.toThrow('cut already');
  await expect(cutPlan(database, { planId: 'nothing', makeId: 'second' })).rejects.toThrow('not in the ledger');
});

test('the body that was expected stays with the make, until it is measured again', async () => {
  const database = await opened({ ...plan, expected: { bust: 111 } });
  const writes = await cutPlan(database, { planId: plan.id, makeId: 'new' });
  const made = writes.flatMap((w) => (w.table === 'makes' && 'put' in w ? [w.put] : []))[0]!;
  expect(made.expected).toEqual({ bust: 111 });
  const pattern = ledger.patterns.find((p) => p.id === plan.patternId)!;
  const input = caseOf(pattern, plan.personId, ledger);
  const at = (make: typeof made) => new Garment({ ...input, makes: [...input.makes, make] }, make).offset('bust').chart;
  expect(at(made)).toMatchObject({ from: 'chart', body: 111 });
  const { expected: _, ...measured } = made;
  expect(at(measured)).not.toMatchObject({ body: 111 });
});

test('plans cut as one take one fabric after each other, and two of one pattern are two versions', async () => {
  const { id: fabricId, pieces } = ledger.fabrics.find((f) => (f.pieces[0]?.length ?? 0) > 200)!;
  const uses = (length: number) => [{ id: `u${length}`, fabricId, part: 'main' as const, length }];
  const database = await opened({ ...plan, fabrics: uses(60) });
  await database.plans.put({ ...plan, id: 'its twin', fabrics: uses(40) });
  const cuts = [plan.id, 'its twin'].map((planId) => ({ planId, makeId: `of ${planId}` }));
  await write(database, 'a set', await cutPlans(database, cuts));
  const sum = (list: readonly { length: number }[]) => list.reduce((total, p) => total + p.length, 0);
  expect(sum((await database.fabrics.get(fabricId))!.pieces)).toBeCloseTo(sum(pieces) - 100);
  const [first, second] = await database.makes.bulkGet(cuts.map((c) => c.makeId));
  expect(second!.version).toBe(first!.version + 1);
  expect([first, second].map((m) => m!.fabrics[0]!.taken)).toEqual([60, 40]);
});
