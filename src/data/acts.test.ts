import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { actsOf, nextAct } from './acts';
import { LAYOUTS, LedgerDatabase } from './database';
import { removals, undo, write } from './journal';
import { unsavedActs } from './saved-state';

const maren = { id: 'person', name: 'Maren', child: false };
const anselm = { id: 'other', name: 'Anselm', child: false };

/** Three acts: one came, one came and was taken back, one went. */
async function three(database: LedgerDatabase) {
  await write(database, 'Maren', [{ table: 'people', put: maren }], 1000);
  await write(database, 'Anselm', [{ table: 'people', put: anselm }], 2000);
  await write(database, 'Maren removed', [{ table: 'people', remove: 'person' }], 3000);
}

test('acts are named in their order, and none is taken out of the database for it', async () => {
  const database = new LedgerDatabase('acts');
  await three(database);
  await undo(database);
  const taken = [IDBObjectStore, IDBIndex].flatMap((store) =>
    (['get', 'getAll', 'openCursor'] as const).map((way) => jest.spyOn(store.prototype, way)),
  );
  const acts = await actsOf(database);
  expect((await nextAct(database, 'undo'))?.label).toBe('Anselm');
  expect((await nextAct(database, 'redo'))?.label).toBe('Maren removed');
  for (const way of taken) {
    expect(way).not.toHaveBeenCalled();
    way.mockRestore();
  }
  expect(acts).toEqual([
    { seq: 1, undone: 0, at: 1000, label: 'Maren' },
    { seq: 2, undone: 0, at: 2000, label: 'Anselm' },
    { seq: 3, undone: 1, at: 3000, label: 'Maren removed' },
  ]);
  await database.delete();
});

test('of the acts only those that removed something are looked through for what is gone', async () => {
  const database = new LedgerDatabase('gone');
  await three(database);
  expect((await database.journal.toArray()).map(({ removes }) => removes)).toEqual([undefined, undefined, 1]);
  expect(await removals(database)).toEqual([{ seq: 3, label: 'Maren removed', at: 3000, records: 1 }]);
  await undo(database);
  expect(await removals(database)).toEqual([]);
  await database.delete();
});

test('acts of layout 7 are named, counted and looked through after the upgrade', async () => {
  const before = new Dexie('layout 7');
  for (const { version, stores } of LAYOUTS.filter((l) => l.version < 8)) before.version(version).stores(stores);
  await before.table('journal').bulkAdd([
    { label: 'Maren removed', at: 1000, undone: 0, changes: [{ table: 'people', id: 'person', before: maren }] },
    { label: 'Anselm', at: 2000, undone: 0, changes: [{ table: 'people', id: 'other', after: anselm }] },
    { label: 'Anselm removed', at: 3000, undone: 1, changes: [{ table: 'people', id: 'other', before: anselm }] },
  ]);
  await before.table('people').add(anselm);
  before.close();

  const now = new LedgerDatabase('layout 7');
  expect((await actsOf(now)).map(({ label }) => label)).toEqual(['Maren removed', 'Anselm', 'Anselm removed']);
  expect(await unsavedActs(now)).toBe(2);
  expect(await removals(now)).toEqual([{ seq: 1, label: 'Maren removed', at: 1000, records: 1 }]);
  expect(await undo(now)).toBe('Anselm');
  await now.delete();
});
