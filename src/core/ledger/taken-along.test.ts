import { demoLedger } from '../../../demo/ledger';
import { sampleMake } from '../garment/sample-case';
import { TABLE_NAMES } from '../records/table-names';
import { fromKeys } from '../units/keys';
import { referencesOf } from './references';
import { takenAlong } from './taken-along';

const demo = demoLedger();
const ids = fromKeys(TABLE_NAMES, (table) => new Set(demo[table].map((r) => r.id)));

test('nothing entered: nothing taken along', () => {
  const { ids: taken, own } = takenAlong(demo, ids);
  for (const table of TABLE_NAMES) expect([table, taken[table].size, own[table]]).toEqual([table, 0, 0]);
});

test('what was entered comes with what it cannot be without, and with nothing else of the demo', () => {
  const mine = { ...sampleMake(9), id: 'mine', personId: demo.people[0]!.id, sources: [{ patternId: 'pattern-skerry', viewId: 'v' }], fabrics: [] };
  const worn = { ...demo.wears[0]!, id: 'worn', makeIds: ['mine', demo.makes[0]!.id] };
  const now = { ...demo, makes: [...demo.makes, mine], wears: [...demo.wears, worn] };
  const { ids: taken, own } = takenAlong(now, ids);
  expect(own).toMatchObject({ makes: 1, wears: 1, patterns: 0 });
  expect([...taken.makes].sort()).toEqual([demo.makes[0]!.id, 'mine'].sort());
  expect(taken.patterns).toContain('pattern-skerry');
  expect(taken.plans.size).toBe(0);
  // Nothing of it dangles.
  for (const table of TABLE_NAMES)
    for (const record of now[table].filter((r) => taken[table].has(r.id)))
      for (const [of, id] of referencesOf(table, record)) expect(taken[of]).toContain(id);
});
